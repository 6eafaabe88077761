<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Pages;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\Sql\ReachSql;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Words\ActualWords;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Tests\App\TestCase;

/** Whatever rules may ask of a kind of page has words, an answer in the database, and a word on what a page is like. */
final class EveryConditionTest extends TestCase
{
    private const PAGES = [
        'product' => 'teal-tide-bottled-ink', 'category' => 'inks', 'collection' => 'everything-teal',
        'brand' => 'pellinray', 'tag' => 'gift', 'home' => 'home', 'all-products' => 'all', 'search' => 'fountain',
        'not-found' => 'not-found', 'header' => 'product/teal-tide-bottled-ink', 'footer' => 'category/inks',
    ];

    /** @return iterable<string, array{PageKind, string, Comparison}> */
    public static function conditions(): iterable
    {
        foreach (PageAddresses::kinds() as $kind) {
            foreach (RuleFields::standard()->on($kind) as $field => $comparisons) {
                foreach ($comparisons as $comparison) {
                    yield "$kind->value: $field.$comparison->name" => [$kind, $field, $comparison];
                }
            }
        }
    }

    #[DataProvider('conditions')]
    public function test_it_has_words_and_an_answer(PageKind $kind, string $field, Comparison $comparison): void
    {
        $this->travelTo('2026-11-24 12:00:00');
        $condition = new Condition(
            $field,
            $comparison->name,
            self::values($comparison),
            $field === 'fact' ? (int) DB::table('facts')->where('kind', 'number')->value('id') : null,
        );
        $reach = new Reach([Clause::of($condition)]);
        $pages = $this->app->make(PagesOfTheShop::class)->get($kind);
        $subject = $pages->bySlug(self::PAGES[$kind->value]);
        self::assertNotNull($subject);

        $phrase = $this->app->make(ReachWords::class)->phrase($condition, [], $kind);
        self::assertNotSame('', trim($phrase['what']));
        self::assertSame($condition->values === [], $phrase['values'] === '');
        self::assertMatchesRegularExpression('/^\p{Lu}.+\.$/u', $this->app->make(ActualWords::class)->of(
            $subject,
            $condition,
        ));
        $compiled = (new ReachCompiler(
            RuleFields::standard(),
            $this->app->make(Categories::class)->tree(),
            LivingNames::of([$reach]),
            $kind,
        ))->compile($reach);
        $sql = (new ReachSql($pages, now()->getTimestamp(), RuleCollections::none()))->covers($compiled);
        $covers = DB::selectOne(
            "select $sql->text as covers from {$pages->table()} p where p.id = ?",
            [...$sql->bindings, $subject->id()],
        );
        // A search is kept once somebody has made it.
        if ($kind !== PageKind::Search) {
            self::assertSame($compiled->match($pages->features($subject)) !== null, (bool) ($covers->covers ?? null));
        }
    }

    /** @return list<int|string> */
    private static function values(Comparison $comparison): array
    {
        return match ($comparison->takes) {
            ConditionValues::Nothing => [],
            ConditionValues::Names => [1, 2],
            ConditionValues::Money => [500],
            ConditionValues::MoneyRange => [500, 2000],
            ConditionValues::Count, ConditionValues::FactNumber => [3],
            ConditionValues::FactRange => [1, 40],
            ConditionValues::Days => [30],
            ConditionValues::Stars => [40],
            ConditionValues::Instant => ['2026-11-20T00:00:00Z'],
            ConditionValues::Words => ['ink'],
            ConditionValues::Texts => ['teal', 'brass'],
            ConditionValues::PageKinds => ['product', 'cart'],
        };
    }
}
