<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;
use Vestibra\Core\Templates\TreeReader;
use Vestibra\Core\Templates\Types\AroundChoice;
use Vestibra\Core\Templates\Types\Conditions;
use Vestibra\Core\Templates\Types\Dates;
use Vestibra\Core\Templates\Types\Day;
use Vestibra\Core\Templates\Types\Days;
use Vestibra\Core\Templates\Types\Extent;
use Vestibra\Core\Templates\Types\GroundPicture;
use Vestibra\Core\Templates\Types\Hours;
use Vestibra\Core\Templates\Types\Link;
use Vestibra\Core\Templates\Types\Links;
use Vestibra\Core\Templates\Types\Products;
use Vestibra\Core\Templates\Types\Proportion;
use Vestibra\Core\Templates\Types\RichText;
use Vestibra\Core\Templates\Types\Rule;
use Vestibra\Core\Templates\Types\Several;
use Vestibra\Core\Templates\Types\ShareOfBand;
use Vestibra\Core\Templates\Types\TimeOfDay;
use Vestibra\Tests\Core\Blocks\Pages;

/** Which values settings take, and which they refuse. */
final class TypesTest extends TestCase
{
    /** @return iterable<string, array{SettingType, mixed, bool}> */
    public static function values(): iterable
    {
        foreach ([
            '' => true, '/' => true, '/c/inks?x=1#y' => true, 'https://larkfold.example/a' => true,
            'mailto:a@b.example' => true, 'tel:+44 20 7946' => true, 'javascript:alert(1)' => false,
            ' javascript:alert(1)' => false, '//evil.example' => false, '/\\evil.example' => false,
            'data:text/html,x' => false, 'inks' => false, "/c/inks\n" => false, 'https://' => false,
            'JaVaScRiPt:x' => false,
        ] as $link => $fits) {
            yield "link $link" => [new Link, $link, $fits];
        }
        yield 'link, number' => [new Link, 3, false];
        yield 'link, too long' => [new Link, '/'.str_repeat('a', 500), false];
        yield 'rich' => [new RichText(5), '<p>a', true];
        yield 'rich, too long' => [new RichText(3), '<p>a', false];
        yield 'rich, broken letters' => [new RichText, "\xff", false];
        yield 'several' => [new Several(['a' => 'A', 'b' => 'B']), ['b', 'a'], true];
        yield 'several, none' => [new Several(['a' => 'A']), [], true];
        yield 'several, twice' => [new Several(['a' => 'A']), ['a', 'a'], false];
        yield 'several, unknown' => [new Several(['a' => 'A']), ['c'], false];
        yield 'several, named' => [new Several(['a' => 'A']), ['x' => 'a'], false];
        $line = static fn (mixed $words, mixed $link, mixed $under = false): array =>
            ['words' => $words, 'link' => $link, 'under' => $under];
        yield 'links' =>
            [new Links, [$line('Help', '/help'), $line('', ''), $line('Post', 'mailto:a@b.example', true)], true];
        yield 'links, most' => [new Links, array_fill(0, 60, $line('Help', '/help')), true];
        yield 'links, two thousand' => [new Links, array_fill(0, 2000, $line('Help', '/help')), false];
        yield 'links, a script' => [new Links, [$line('Help', 'javascript:alert(1)')], false];
        yield 'links, long words' => [new Links, [$line(str_repeat('ä', 60), '/')], true];
        yield 'links, too long words' => [new Links, [$line(str_repeat('ä', 61), '/')], false];
        yield 'links, broken letters' => [new Links, [$line("\xff", '/')], false];
        yield 'links, more than is known' => [new Links, [$line('Help', '/') + ['class' => 'x']], false];
        yield 'links, less than is needed' => [new Links, [['words' => 'Help', 'link' => '/']], false];
        yield 'links, no yes or no' => [new Links, [$line('Help', '/', 1)], false];
        yield 'links, named' => [new Links, ['first' => $line('Help', '/')], false];
        yield 'links, words' => [new Links, 'Help', false];
        foreach ([
            'by rules' => [true, true], 'none' => [false, true], 'one' => [7, true], 'number nought' => [0, false],
            'words' => ['7', false], 'nothing' => [null, false],
        ] as $name => [$value, $fits]) {
            yield "header, $name" => [new AroundChoice(PageKind::Header), $value, $fits];
        }
        yield 'hours' => [new Hours, '9–12:30, 14–18', true];
        yield 'hours, words' => [new Hours, 'in the morning', false];
        yield 'hours, too long' => [new Hours, str_repeat('9–10, ', 20), false];
        yield 'hours, number' => [new Hours, 9, false];
        yield 'dates' => [new Dates, "2026-12-25\n2026-12-26", true];
        yield 'dates, words' => [new Dates, 'Christmas', false];
        yield 'dates, a list' => [new Dates, ['2026-12-25'], false];
        yield 'products' => [new Products, [3, 1], true];
        yield 'products, twice' => [new Products, [3, 3], false];
        yield 'products, words' => [new Products, ['3'], false];
        yield 'products, most' => [new Products, range(1, 24), true];
        yield 'products, too many' => [new Products, range(1, 25), false];
        yield 'day' => [new Day, '2028-02-29', true];
        yield 'no day' => [new Day, '', true];
        foreach (['' => true, '00:00' => true, '09:30' => true, '23:59' => true, '24:00' => false, '9:30' => false,
            '12:60' => false, '12:30:00' => false, "12:30\n" => false] as $hour => $fits) {
            yield "hour $hour" => [new TimeOfDay, $hour, $fits];
        }
        yield 'hour, number' => [new TimeOfDay, 930, false];
        yield 'day that is none' => [new Day, '2027-02-29', false];
        yield 'days' => [new Days, ['from' => '2026-12-01', 'to' => '2026-12-01'], true];
        yield 'days, open' => [new Days, ['from' => null], true];
        yield 'days, end first' => [new Days, ['from' => '2026-12-02', 'to' => '2026-12-01'], false];
        yield 'days, something else' => [new Days, ['since' => '2026-12-01'], false];
        yield 'days, no day' => [new Days, ['to' => 'tomorrow'], false];
        $sale = ['field' => 'sale', 'comparison' => 'isOn', 'values' => []];
        yield 'conditions' => [new Conditions, [$sale], true];
        yield 'conditions, none' => [new Conditions, [], true];
        yield 'conditions, too many' => [new Conditions, array_fill(0, 11, $sale), false];
        yield 'conditions, malformed' => [new Conditions, [['field' => 'sale']], false];
        yield 'conditions, a field of rules alone' =>
            [new Conditions, [['field' => 'added', 'comparison' => 'withinDays', 'values' => [3]]], false];
    }

    #[DataProvider('values')]
    public function test_values(SettingType $type, mixed $value, bool $fits): void
    {
        self::assertSame($fits, $type->problem($value) === null);
    }

    public function test_widths_and_columns_as_css(): void
    {
        self::assertSame(
            ['100%', 'fit-content', '40%', 'min(320px, 100%)'],
            array_map((new Extent)->css(...), ['fill', 'content', '40%', '320px']),
        );
        self::assertSame('0 1 40%', (new ShareOfBand)->css(40));
        foreach (['0%', '101%', '2001px', '1.5px', 'auto', 12] as $value) {
            self::assertSame(SettingProblem::NotAWidth, (new Extent)->problem($value), (string) $value);
        }
        self::assertSame([null, null], [(new Extent)->problem('100%'), (new Extent)->problem('2000px')]);
        self::assertSame(
            [SettingProblem::NumberOutside, null, null, SettingProblem::NumberOutside],
            array_map((new ShareOfBand)->problem(...), [4, 5, 95, 96]),
        );
    }

    public function test_a_rule_says_which_products_are_meant_and_what_it_names(): void
    {
        $rule = new Rule;
        $good = [
            'format' => 2,
            'show' => [[['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [3]]]],
            'keepOff' => [[
                ['field' => 'category', 'comparison' => 'isIn', 'values' => [4, 5]],
                ['field' => 'sale', 'comparison' => 'isOn', 'values' => []],
            ]],
        ];
        self::assertSame([null, null], array_map($rule->problem(...), [null, $good]));
        foreach (['every', 7, true, ['show' => 'x'], ['format' => 99], [
            'format' => 2,
            'show' => [[['field' => 'products', 'comparison' => 'atLeast', 'values' => [1]]]],
        ]] as $bad) {
            self::assertSame(SettingProblem::NotARule, $rule->problem($bad), (string) json_encode($bad));
        }
        self::assertSame([['brand', 3], ['category', 4], ['category', 5]], $rule->names($good));
        self::assertSame([[], []], [$rule->names(null), $rule->names('x')]);
        self::assertCount(1, Rule::read($good)->show ?? []);
    }

    public function test_a_setting_counts_while_another_has_one_of_its_values(): void
    {
        $grid = Kinds::composer()->schema->definition('product-grid');
        $described = array_column($grid?->describe(Pages::messages())['settings'] ?? [], 'while', 'name');
        self::assertSame(['name' => 'feed', 'values' => ['rule']], $described['rule']);
        self::assertSame(['name' => 'titled', 'values' => [true]], $described['title']);
        self::assertNull($described['feed']);
    }

    /** @return iterable<string, array{string, string, mixed, bool}> */
    public static function sources(): iterable
    {
        yield 'words from words' => ['text', 'text', ['source' => 'product.title'], true];
        yield 'words from a description' => ['text', 'text', ['source' => 'product.description'], true];
        yield 'words from a fact' =>
            ['text', 'text', ['source' => 'product.fact', 'of' => 3, 'otherwise' => 'x'], true];
        yield 'a fact without its number' => ['text', 'text', ['source' => 'product.fact'], false];
        yield 'a number without a fact' => ['text', 'text', ['source' => 'product.title', 'of' => 3], false];
        yield 'words from a picture' => ['text', 'text', ['source' => 'product.picture'], false];
        yield 'a picture from words' => ['picture', 'picture', ['source' => 'product.title'], false];
        yield 'a picture from the second' => ['picture', 'picture', ['source' => 'product.other-picture'], true];
        yield 'a link from words' => ['button', 'link', ['source' => 'product.title'], false];
        yield 'a link from the category' =>
            ['button', 'link', ['source' => 'product.category-link', 'otherwise' => '/all'], true];
        yield 'an otherwise that does not fit' =>
            ['button', 'link', ['source' => 'product.category-link', 'otherwise' => 'javascript:x'], false];
        yield 'something unknown beside it' => ['text', 'text', ['source' => 'product.title', 'and' => 1], false];
        yield 'where no source is taken' => ['pop-up', 'label', ['source' => 'product.title'], false];
    }

    #[DataProvider('sources')]
    public function test_sources(string $kind, string $setting, mixed $value, bool $fits): void
    {
        $definition = Kinds::composer()->schema->definition((new Node('b', $kind))->kind);
        self::assertNotNull($definition);

        self::assertSame($fits, TreeReader::problemWith($definition, Question::What, $setting, $value) === null);
    }

    public function test_a_proportion_and_a_ground_s_picture(): void
    {
        self::assertSame(['4 / 3', '1', 'auto', 'auto'], array_map((new Proportion)->css(...), ['4/3', '1', 'own', 7]));
        self::assertSame(
            ['var(--picture-7)', 'none', 'none'],
            array_map((new GroundPicture)->css(...), [7, 'none', null]),
        );
        self::assertSame([null, null], array_map((new GroundPicture)->problem(...), [1, 'none']));
        foreach ([0, -1, '7', 'url(x)', null, true, 1.5] as $bad) {
            self::assertSame(SettingProblem::NotAPicture, (new GroundPicture)->problem($bad));
        }
        self::assertSame([['picture', 7]], (new GroundPicture)->names(7));
        self::assertSame([], (new GroundPicture)->names('none'));
    }
}
