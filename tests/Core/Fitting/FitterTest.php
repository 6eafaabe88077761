<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Fitting;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Fitting\Finding;
use Vestibra\Core\Fitting\Fitter;
use Vestibra\Core\Pages\Kinds\ProductKind;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Selling\VariantMatrix;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Blocks\Pages;
use Vestibra\Tests\Core\Blocks\PlainShop;
use Vestibra\Tests\Core\Reach\World;

/** What a fitting finds on a product's page, and what it leaves alone. */
final class FitterTest extends TestCase
{
    public function test_a_sound_page_has_nothing_the_matter(): void
    {
        self::assertSame([], self::found(Pages::ink(), ...self::sound()));
    }

    public function test_essentials_are_missed_and_counted(): void
    {
        self::assertSame([
            'doubled t2 The page has more than one title',
            'missing - The page has no price',
            'heading-order t2 There is a second heading of level 1',
        ], self::found(Pages::ink(), new Node('t1', 'title'), new Node('t2', 'title'), new Node('b', 'buy')));
    }

    public function test_an_essential_that_is_switched_off_is_missing(): void
    {
        [$title, $price, $buy] = self::sound();

        self::assertSame(
            ['missing - The page has no way to buy'],
            self::found(Pages::ink(), $title, $price, new Node('b', 'buy', when: ['off' => true])),
        );
        self::assertSame(
            [],
            self::found(Pages::ink(), $title, $price, $buy, new Node('x', 'buy', when: ['off' => true])),
        );
    }

    public function test_what_comes_out_empty_is_said_once_and_only_where_nobody_wanted_it(): void
    {
        $care = ['text' => ['source' => 'product.fact', 'of' => 1]];
        $folds = new Node(
            'a',
            'accordion',
            children: [new Node('f', 'fold', children: [new Node('r', 'rich-text', $care)])],
        );
        $kept = new Node(
            'k',
            'rich-text',
            $care,
            when: ['where' => [['field' => 'fact', 'of' => 1, 'comparison' => 'isFilled', 'values' => []]]],
        );

        self::assertSame(
            ['empty a Accordion has nothing to show'],
            self::found(Pages::ink(), ...self::sound(), ...[$folds, $kept]),
        );
    }

    public function test_the_otherwise_is_said_where_it_is_used(): void
    {
        $words = static fn (array $source): Node => new Node('w', 'text', ['text' => $source]);
        $care = ['source' => 'product.fact', 'of' => 1, 'otherwise' => 'Keep it dry.'];

        self::assertSame(
            ['otherwise w Text shows its otherwise, for want of the “Care”'],
            self::found(Pages::ink(), ...self::sound(), ...[$words($care)]),
        );
        self::assertSame(
            [],
            self::found(
                Pages::ink(),
                ...self::sound(),
                ...[$words(['source' => 'product.brand', 'otherwise' => 'us'])],
            ),
        );
        $picture = new Node('p', 'picture', ['picture' => ['source' => 'product.picture', 'otherwise' => 50]]);
        self::assertContains(
            'otherwise p Picture shows its otherwise, for want of the first picture',
            self::found(Pages::bare(), $picture),
        );
        self::assertSame([], self::found(Pages::ink(), ...self::sound(), ...[$picture]));
    }

    public function test_a_link_of_a_fact_is_asked_for_by_the_number_of_the_fact(): void
    {
        $link = ['source' => 'product.fact-link', 'of' => 2, 'otherwise' => '/all'];
        $button = new Node('k', 'button', ['text' => 'More', 'link' => $link]);

        self::assertSame([], self::found(
            self::factual(FactKind::Link, 'https://example.com/more'),
            ...self::sound(),
            ...[$button],
        ));
        self::assertSame(
            ['otherwise k Button shows its otherwise, for want of the fact'],
            self::found(Pages::ink(), ...self::sound(), ...[$button]),
        );
    }

    public function test_a_gallery_with_its_stand_in_is_said(): void
    {
        self::assertContains(
            'no-picture g Gallery has no picture and shows its stand-in',
            self::found(Pages::bare(), new Node('g', 'gallery')),
        );
        self::assertSame([], self::found(Pages::ink(), ...self::sound(), ...[new Node('g', 'gallery')]));
    }

    public function test_headings_go_down_one_by_one(): void
    {
        $heading = static fn (string $id, string $level): Node =>
            new Node($id, 'heading', ['text' => 'Words', 'level' => $level]);

        self::assertSame(
            [],
            self::found(
                Pages::ink(),
                ...self::sound(),
                ...[$heading('a', 'h2'), $heading('b', 'h3'), $heading('c', 'h2')],
            ),
        );
        self::assertSame(
            ['heading-order a A heading of level 4 comes after one of level 1'],
            self::found(Pages::ink(), ...self::sound(), ...[$heading('a', 'h4'), $heading('b', 'h3')]),
        );
        self::assertSame(
            ['heading-order - The page has no heading of level 1'],
            self::found(
                Pages::ink(),
                new Node('t', 'title', ['level' => 'h2']),
                new Node('p', 'price'),
                new Node('b', 'buy'),
                $heading('a', 'h3'),
            ),
        );
        $table = new Node('r', 'facts-table', ['title' => 'In detail']);
        self::assertSame([], self::found(self::factual(), ...self::sound(), ...[$table, $heading('a', 'h3')]));
        self::assertSame(
            ['heading-order a A heading of level 4 comes after one of level 2'],
            self::found(self::factual(), ...self::sound(), ...[$table, $heading('a', 'h4')]),
        );
    }

    public function test_words_longer_than_their_place_or_wider_than_a_phone(): void
    {
        $titled = static fn (string $title): Product => new Product(
            9, 'p', $title, '', '', true, variants: Pages::ink()->variants, pictures: Pages::ink()->pictures,
        );
        $large =
            [new Node('t', 'title', how: ['desktop' => ['size' => 60]]), new Node('p', 'price'), new Node('b', 'buy')];
        $fits = str_repeat('word ', 24);

        self::assertSame([], self::found($titled($fits), ...$large));
        self::assertSame(
            ['too-long t Title is much longer than its place'],
            self::found($titled($fits.$fits.$fits), ...$large),
        );
        self::assertSame(
            ['too-wide t Title has a word wider than a phone'],
            self::found($titled('Donaudampfschiff'), ...$large),
        );
        $small = [
            new Node('t', 'title', how: ['desktop' => ['size' => 60], 'phone' => ['size' => 40]]),
            $large[1],
            $large[2],
        ];
        self::assertSame([], self::found($titled('Donaudampfschiff'), ...$small));
    }

    public function test_a_narrow_column_has_less_room(): void
    {
        $title = 'A title of a few words more than one line would hold, and then some more of them to be sure';
        $product = new Product(9, 'p', $title, '', '', true, variants: Pages::ink()->variants);
        $blocks = [new Node('t', 'title'), new Node('p', 'price'), new Node('b', 'buy')];
        $narrow = new Node('page', 'page', children: [new Node('band', 'band', children: [
            new Node('one', 'column', how: ['desktop' => ['share' => 5]]),
            new Node('two', 'column', how: ['desktop' => ['share' => 1]], children: $blocks),
        ])]);

        self::assertSame([], self::found($product, ...$blocks));
        self::assertSame(['too-long t Title is much longer than its place'], self::check($narrow, $product));
    }

    /** @return iterable<string, array{list<int|string|null>, string|int, int}> shares; size; so many letters fit */
    public static function rooms(): iterable
    {
        yield 'the whole width, 1200' => [[null], 20, 360];
        yield 'half of it without the gap, 576' => [[null, null], 20, 172];
        yield 'two of four shares without two gaps, 552' => [[2, null, 1], 20, 165];
        yield 'a size in px' => [[null], '30px', 240];
        yield 'a size in parts of a px' => [[null], '30.5px', 240];
        yield 'a size in rem' => [[null], '1.5rem', 300];
        yield 'a share that is none' => [[null, 'x'], 20, 172];
    }

    /**
     * Three lines of letters, each half as wide as it is high.
     *
     * @param  list<int|string|null>  $shares
     */
    #[DataProvider('rooms')]
    public function test_words_fit_to_the_letter(array $shares, string|int $size, int $letters): void
    {
        $said = static function (int $letters) use ($shares, $size): array {
            $words = substr(str_repeat('abcd ', 200), 0, $letters - 1).'e';
            $heading = new Node(
                'x',
                'heading',
                ['text' => $words, 'level' => 'h2'],
                ['desktop' => ['size' => $size]],
            );
            $columns = [];
            foreach ($shares as $place => $share) {
                $how = $share === null ? [] : ['desktop' => ['share' => $share]];
                $columns[] = new Node("c$place", 'column', how: $how, children: $place === 0
                    ? [...self::sound(), $heading]
                    : []);
            }

            return self::check(
                new Node('page', 'page', children: [new Node('band', 'band', children: $columns)]),
                Pages::ink(),
            );
        };

        self::assertSame([], $said($letters));
        self::assertSame(['too-long x Heading is much longer than its place'], $said($letters + 1));
    }

    public function test_a_word_is_wider_than_a_phone_to_the_letter(): void
    {
        $said = static fn (int $letters): array => self::found(Pages::ink(), ...self::sound(), ...[new Node(
            'x',
            'heading',
            ['text' => str_repeat('w', $letters), 'level' => 'h2'],
            ['desktop' => ['size' => 4]],
        )]);

        self::assertSame([], $said(179));
        self::assertSame(['too-wide x Heading has a word wider than a phone'], $said(180));
    }

    public function test_what_has_a_title_is_a_heading_only_while_it_has_one(): void
    {
        $heading = new Node('a', 'heading', ['text' => 'Words', 'level' => 'h3']);
        $bare = new Node('r', 'facts-table', ['title' => '']);

        self::assertSame(
            ['heading-order a A heading of level 3 comes after one of level 1'],
            self::found(self::factual(), ...self::sound(), ...[$bare, $heading]),
        );
    }

    public function test_words_that_a_block_came_with_are_said_until_they_are_replaced(): void
    {
        self::assertSame(
            [
                'unreplaced h Heading still has the words it came with',
                'unreplaced q Quote still has the words it came with',
            ],
            self::found(
                Pages::ink(),
                ...self::sound(),
                ...[new Node('h', 'heading', ['level' => 'h2']), new Node('q', 'quote'), new Node('k', 'button')],
            ),
        );
        self::assertSame(
            [],
            self::found(
                Pages::ink(),
                ...self::sound(),
                ...[
                    new Node('q', 'quote', ['text' => 'Mine.']),
                    new Node('n', 'text', ['text' => ['source' => 'product.title']]),
                ],
            ),
        );
    }

    /** @return iterable<string, array{Node, Product, string}> a block, a product it is wrong for, and what is found */
    public static function findings(): iterable
    {
        $care = ['text' => ['source' => 'product.fact', 'of' => 1, 'otherwise' => 'Keep it dry.']];
        yield 'its otherwise' => [new Node('x', 'text', $care), Pages::ink(), 'otherwise x'];
        yield 'a picture of its own' => [
            new Node('x', 'picture', ['picture' => ['source' => 'product.picture', 'otherwise' => 50]]),
            Pages::bare(),
            'otherwise x',
        ];
        yield 'no picture' => [new Node('x', 'gallery'), Pages::bare(), 'no-picture x'];
        yield 'words it came with' => [new Node('x', 'quote'), Pages::ink(), 'unreplaced x'];
        yield 'headings' =>
            [new Node('x', 'heading', ['text' => 'Words', 'level' => 'h5']), Pages::ink(), 'heading-order x'];
        yield 'much too long' => [
            new Node('x', 'heading', ['text' => str_repeat('word ', 200), 'level' => 'h2']),
            Pages::ink(),
            'too-long x',
        ];
        yield 'too wide' =>
            [new Node('x', 'heading', ['text' => str_repeat('word', 30), 'level' => 'h2']), Pages::ink(), 'too-wide x'];
        yield 'more than one title' => [new Node('x', 'title'), Pages::ink(), 'doubled x'];
    }

    /**
     * What is not on the page has nothing the matter: switched off itself, in something switched off, or not for this
     * product.
     */
    #[DataProvider('findings')]
    public function test_what_is_not_on_the_page_is_not_found_fault_with(
        Node $block,
        Product $product,
        string $found,
    ): void {
        $in = static fn (Node $node, array $when = []): Node => new Node('holder', 'holder', [], [], $when, [$node]);
        $said = static fn (Node $node): bool =>
            str_contains(implode('|', self::found($product, ...self::sound(), ...[$node])).'|', "$found ");
        $never = ['where' => [['field' => 'fact', 'of' => 1, 'comparison' => 'isFilled', 'values' => []]]];

        self::assertTrue($said($block));
        self::assertTrue($said($in($block)));
        self::assertFalse($said(new Node('x', $block->kind, $block->what, [], ['off' => true])));
        self::assertFalse($said(new Node('x', $block->kind, $block->what, [], $never)));
        self::assertFalse($said($in($block, ['off' => true])));
        self::assertFalse($said($in($in($block), ['off' => true])));
    }

    public function test_the_phone_takes_the_size_that_the_tablet_has(): void
    {
        $sized = static fn (array $how): Node =>
            new Node('x', 'heading', ['text' => 'Donaudampfschiff', 'level' => 'h2'], $how);
        $wide = static fn (array $how): bool => in_array(
            'too-wide x Heading has a word wider than a phone',
            self::found(Pages::ink(), ...self::sound(), ...[$sized($how)]),
            true,
        );

        self::assertTrue($wide(['desktop' => ['size' => 60]]));
        self::assertFalse($wide(['desktop' => ['size' => 60], 'tablet' => ['size' => 40]]));
        self::assertTrue($wide(['desktop' => ['size' => 20], 'tablet' => ['size' => 60]]));
        self::assertFalse($wide(['desktop' => ['size' => 20], 'tablet' => ['size' => 60], 'phone' => ['size' => 40]]));
    }

    /** @return array{Node, Node, Node} */
    private static function sound(): array
    {
        return [new Node('t', 'title'), new Node('p', 'price'), new Node('b', 'buy')];
    }

    private static function factual(FactKind $kind = FactKind::Text, string $value = 'Desk'): Product
    {
        $ink = Pages::ink();
        $fact = FactValue::of(new Fact(2, 'Use', $kind), [$value]);

        return new Product(
            7,
            'x',
            'X',
            '',
            '',
            true,
            variants: $ink->variants,
            pictures: $ink->pictures,
            facts: $fact === null ? [] : [$fact],
        );
    }

    /** @return list<string> */
    private static function found(Product $product, Node ...$blocks): array
    {
        return self::check(
            new Node(
                'page',
                'page',
                children: [
                    new Node('band', 'band', children: [new Node('column', 'column', children: array_values($blocks))]),
                ],
            ),
            $product,
        );
    }

    /** @return list<string> */
    private static function check(Node $tree, Product $product): array
    {
        $composer = Kinds::composer();
        $context = new Context(
            $product,
            (new VariantMatrix($product))->choose([]),
            World::tree(),
            new Pages,
            new MoneyFormat('GBP', 'en_GB'),
            new DateTimeImmutable('2026-11-24 12:00:00'),
            new PlainShop,
            Pages::messages(),
            [50 => Pages::pictureNumber(50)],
        );

        return array_map(
            static fn (Finding $finding): string =>
                $finding->matter->value.' '.($finding->blockId ?? '-')." $finding->about",
            (new Fitter($composer->schema))
                ->check($tree, $composer->compose($tree, $context), $context, new ProductKind),
        );
    }
}
