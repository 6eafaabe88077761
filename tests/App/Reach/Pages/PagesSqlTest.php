<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Pages;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Reach\RandomRules;

/**
 * For every kind of page: memory and the database agree on what rules cover and which template wins. Those of products
 * have a test of their own.
 */
final class PagesSqlTest extends TestCase
{
    private const NAMES = [
        'Teal ink', 'STRASSE', 'Straße 14', 'Æther pens', 'Inkwell', 'é', '100% ink', 'a_b', '٣ things', '—',
    ];

    /** @return iterable<string, array{PageKind, int}> */
    public static function cases(): iterable
    {
        foreach (PageAddresses::kinds() as $kind) {
            $seeds = PageKinds::standard()->get($kind)->rules() === [] ? 4 : 25;
            for ($seed = 1; $kind !== PageKind::Product && $seed <= $seeds; $seed++) {
                yield "$kind->value, seed $seed" => [$kind, $seed];
            }
        }
    }

    #[DataProvider('cases')]
    public function test_memory_and_the_database_agree(PageKind $kind, int $seed): void
    {
        $chance = new Chance($seed);
        $pages = $this->app->make(PagesOfTheShop::class)->get($kind);
        $this->shuffle($pages, $chance);
        $this->randomTemplates($kind, $chance);
        $this->app->make(ShopClock::class)->moveTo(new DateTimeImmutable($chance->pick(RandomRules::INSTANTS)));

        $contest = $this->app->make(KindRulesReader::class)->all($kind);
        $winners = WinnersSql::of($contest);
        $bySql = array_column(DB::select($winners->text, $winners->bindings), 'template_id', 'page_id');
        $subjects = $this->subjects($pages);
        self::assertSame(count($subjects), count($bySql));
        $evaluator = $contest->evaluator();
        $pins = DB::table('pins')->where('page_kind', $kind->value)->pluck('template_id', 'subject_id');
        foreach ($subjects as $id => $subject) {
            self::assertSame(
                $evaluator->decide($pages->features($subject), $pins[$id] ?? null)->templateId,
                $bySql[$id],
                "seed $seed, page $id",
            );
        }
        foreach ($contest->candidates as $candidate) {
            $covers = $contest->sql()->covers($candidate->reach);
            $covered = array_column(
                DB::select("select p.id from {$contest->shown()} and ($covers->text) order by p.id", $covers->bindings),
                'id',
            );
            $inMemory = array_keys(array_filter(
                $subjects,
                static fn (Subject $subject): bool => $candidate->reach->match($pages->features($subject)) !== null,
            ));
            self::assertSame($inMemory, $covered, "seed $seed, template $candidate->templateId");
        }
    }

    private function shuffle(PagesOfKind $pages, Chance $chance): void
    {
        foreach (str_starts_with($pages->table(), '(') ? [] : DB::table($pages->table())->pluck('id') as $id) {
            $isSearch = $pages->kind() === PageKind::Search;
            // The same words are the same search.
            $name = $chance->pick(self::NAMES).($isSearch ? str_repeat(' .', (int) $id) : '');
            DB::table($pages->table())
                ->where('id', $id)
                ->update(['name' => $name, 'name_folded' => Folding::fold($name)]
                    + ($isSearch ? [] : ['picture_id' => $chance->oneIn(2) ? null : 1]));
        }
        foreach (DB::table('products')->pluck('id') as $id) {
            DB::table('products')->where('id', $id)->update(['published' => ! $chance->oneIn(4)]);
            $chance->oneIn(3) && DB::table('category_product')->where('product_id', $id)->delete();
        }
        foreach (DB::table('searches')->pluck('name', 'id') as $id => $name) {
            DB::table('searches')
                ->where('id', $id)
                ->update(['results' => (new SearchIndex)->find(Query::of((string) $name))->withAll()]);
        }
    }

    private function randomTemplates(PageKind $kind, Chance $chance): void
    {
        $tree = json_encode(['format' => 1, 'page' => ['id' => 'p', 'kind' => 'page']]);
        $things = [];
        foreach ([
            'category' => 'categories', 'brand' => 'brands', 'tag' => 'tags', 'collection' => 'collections',
        ] as $name => $table) {
            $things[$name] = [...DB::table($table)->pluck('id')->all(), 9999];
        }
        $rules = new RandomRules($chance, $things, array_values((new FactBook)->all()), $kind);
        for ($order = 2; $order <= 8; $order++) {
            $reach = json_encode($rules->reach());
            $live = ! $chance->oneIn(5);
            $id = DB::table('templates')->insertGetId([
                'page_kind' => $kind->value, 'name' => "T$order", 'hand_order' => $order, 'draft_tree' => $tree,
                'draft_reach' => $reach,
                'live_tree' => $live ? $tree : null, 'live_reach' => $live ? $reach : null,
                'live_revision' => $live ? 1 : null, 'changed_at' => now(),
            ]);
            $chance->oneIn(2) && DB::table('pins')->insertOrIgnore(
                ['page_kind' => $kind->value, 'subject_id' => $chance->number(1, 20), 'template_id' => $id],
            );
        }
    }

    /** @return array<int, Subject> */
    private function subjects(PagesOfKind $pages): array
    {
        $subjects = [];
        foreach (array_column(
            DB::select("select p.id from {$pages->table()} p where {$pages->shown()} order by p.id"),
            'id',
        ) as $id) {
            $subject = $pages->read($id);
            self::assertNotNull($subject);
            $subjects[$id] = $subject;
        }

        return $subjects;
    }
}
