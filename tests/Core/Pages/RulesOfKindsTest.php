<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Pages;

use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\Kinds\SingleKind;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Pages\SinglePage;
use Vestibra\Core\Pages\SubjectKind;

/**
 * What rules can ask of each kind of page, what names a page itself, and what a page must have: as docs/rules.md says.
 */
final class RulesOfKindsTest extends TestCase
{
    private const RULES = [
        'product' =>
            'category isIn isExactly hasNone, brand isOneOf isNoneOf hasNone, tag hasAnyOf hasAllOf hasNoneOf, '
            .'collection isIn, product isOneOf, price atLeast atMost between, sale isOn isOff, stock isIn isOut '
            .'atMost, '
            .'option offers offersValue, fact isFilled isEmpty isOneOf hasAnyOf atLeast atMost between, '
            .'rating atLeast hasReviews hasNone, reviews atLeast atMost, added withinDays before since, title '
            .'contains, '
            .'picture atLeast atMost, variants atLeast atMost, description isFilled isEmpty',
        'category' => 'category isIn isExactly, title contains, picture hasOne hasNone, products atLeast atMost, '
            .'description hasOne hasNone',
        'collection' => 'collection isOneOf, title contains, picture hasOne hasNone, products atLeast atMost, '
            .'description hasOne hasNone',
        'brand' => 'brand isOneOf, title contains, picture hasOne hasNone, products atLeast atMost',
        'tag' => 'tag isOneOf, title contains, products atLeast atMost',
        'search' => 'results atLeast atMost, query contains',
        'header' =>
            'page-kind isOneOf, category isIn isExactly hasNone, collection isIn, brand isOneOf isNoneOf hasNone, '
            .'tag hasAnyOf hasAllOf hasNoneOf',
        'footer' =>
            'page-kind isOneOf, category isIn isExactly hasNone, collection isIn, brand isOneOf isNoneOf hasNone, '
            .'tag hasAnyOf hasAllOf hasNoneOf',
    ];

    private const NAMED = [
        'product' => ['product.isOneOf'], 'category' => ['category.isExactly'], 'collection' => ['collection.isOneOf'],
        'brand' => ['brand.isOneOf'], 'tag' => ['tag.isOneOf'],
    ];

    private const ESSENTIALS = [
        'product' => [Essential::Title, Essential::Price, Essential::Buy],
        'category' => [Essential::Title, Essential::Products], 'collection' => [Essential::Title, Essential::Products],
        'brand' => [Essential::Title, Essential::Products], 'tag' => [Essential::Title, Essential::Products],
        'search' => [Essential::Products], 'all-products' => [Essential::Title, Essential::Products],
    ];

    /** @return iterable<string, array{PageKind}> */
    public static function kinds(): iterable
    {
        foreach (PageKind::cases() as $kind) {
            // A card is no page.
            if ($kind !== PageKind::Card) {
                yield $kind->value => [$kind];
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_what_rules_ask_of_it(PageKind $kind): void
    {
        $known = PageKinds::standard()->get($kind);
        $said = [];
        foreach ($known->rules() as $field => $comparisons) {
            $said[] = "$field ".implode(' ', $comparisons);
        }
        $wanted = isset(self::RULES[$kind->value]) ? explode(', ', self::RULES[$kind->value]) : [];
        sort($said);
        sort($wanted);

        self::assertSame($wanted, $said);
        self::assertSame(self::NAMED[$kind->value] ?? [], $known->named());
        self::assertSame($kind, $known->kind());
    }

    #[DataProvider('kinds')]
    public function test_what_such_a_page_must_have(PageKind $kind): void
    {
        self::assertEqualsCanonicalizing(
            array_map(static fn (Essential $one): string => $one->name, self::ESSENTIALS[$kind->value] ?? []),
            array_map(
                static fn (Essential $one): string => $one->name,
                PageKinds::standard()->get($kind)->essentials(),
            ),
        );
    }

    public function test_the_numbers_of_kinds_are_kept_with_samples_and_never_change(): void
    {
        self::assertSame([
            'product' => 1, 'collection' => 2, 'category' => 3, 'all-products' => 4, 'search' => 5, 'card' => 6,
            'header' => 7, 'footer' => 8, 'cart' => 9, 'checkout' => 10, 'brand' => 11, 'tag' => 12, 'home' => 13,
            'thanks' => 14, 'not-found' => 15,
        ], array_combine(
            array_map(static fn (PageKind $kind): string => $kind->value, PageKind::cases()),
            array_map(static fn (PageKind $kind): int => $kind->number(), PageKind::cases()),
        ));
    }

    public function test_what_headers_and_footers_stand_on_is_everything_that_is_a_page_by_itself(): void
    {
        self::assertEqualsCanonicalizing(
            array_diff(array_column(PageKind::cases(), 'value'), ['card', 'header', 'footer']),
            array_column(PageKind::pages(), 'value'),
        );
    }

    public function test_no_page_has_the_number_of_another_and_its_address_says_what_it_is(): void
    {
        $numbers = [];
        foreach (PageKind::cases() as $kind) {
            foreach ([1, 2, AroundPage::MOST - 1] as $id) {
                $numbers[] = AroundPage::number($kind, $id);
            }
        }
        self::assertCount(count($numbers), array_unique($numbers));
        self::assertSame(AroundPage::MOST + 7, AroundPage::number(PageKind::Product, 7));

        $home = new SinglePage(SubjectKind::Home, 'Larkfold', 'larkfold');
        self::assertSame('home/larkfold', (new AroundPage(PageKind::Header, PageKind::Home, $home))->slug());
    }

    public function test_leaving_out_anything_but_the_title_wants_a_decision(): void
    {
        foreach (Essential::cases() as $essential) {
            self::assertSame($essential !== Essential::Title, $essential->wantsDecision(), $essential->name);
        }
    }

    public function test_a_kind_that_two_say_or_nobody_does_not_load(): void
    {
        $said = [];
        foreach ([
            static fn () => PageKinds::of(new SingleKind(PageKind::Home), new SingleKind(PageKind::Home)),
            static fn () => PageKinds::of()->get(PageKind::Home),
        ] as $mistake) {
            try {
                $mistake();
            } catch (LogicException $error) {
                $said[] = $error->getMessage();
            }
        }
        self::assertSame(['Two classes say what home is.', 'Nothing says what home is.'], $said);
    }
}
