<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Finding;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\DecidedBy;
use Vestibra\Core\Releases\Changes;
use Vestibra\Tests\App\TestCase;

/** The list that "Who gets what" and "Products" are: which rows it has, in which order, and what they say. */
final class ListTest extends TestCase
{
    private Template $inks;

    private Template $first;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01T12:00:00Z');
        $this->actingAs($this->owner);
        $this->inks = $this->live('Inks', [['category', 'isIn', [$this->id('categories', 'Inks')]]]);
        $this->first = $this->live('Sale', [['sale', 'isOn', []]], true);
        DB::table('pins')->insert([
            ['page_kind' => 'product', 'subject_id' => $this->id('products', 'Gift card'),
                'template_id' => $this->inks->id],
            ['page_kind' => 'product', 'subject_id' => $this->id('products', 'Ash pen tray'), 'template_id' => 1],
        ]);
    }

    public function test_each_row_says_the_template_and_the_step_that_the_verdict_says(): void
    {
        $words = [
            DecidedBy::Pin->value => 'pinned', DecidedBy::GoesFirst->value => 'goes first',
            DecidedBy::Closest->value => 'closest rule', DecidedBy::Fallback->value => 'fallback',
        ];
        $verdicts = $this->app->make(Verdicts::class);
        $products = $this->app->make(ProductReader::class);
        $rows = $this->all('');
        self::assertCount(DB::table('products')->where('published', 1)->count(), $rows);
        $steps = [];
        foreach ($rows as $row) {
            $product = $products->byId($row['id']);
            self::assertNotNull($product);
            $verdict = $verdicts->of(PageKind::Product, $product);
            self::assertSame(
                [$verdict->templateId, $verdict->unruled ? 'fallback' : $words[$verdict->step->value]],
                [$row['template'], $row['by']],
                $row['title'],
            );
            $steps[$row['by']][] = $row['id'];
        }
        self::assertCount(4, $steps);
        foreach (['pinned' => 'pinned', 'first' => 'goes first', 'rule' => 'closest rule',
            'fallback' => 'fallback'] as $step => $by) {
            self::assertSame($steps[$by], array_column($this->all("step=$step"), 'id'), $step);
        }
        $won = array_filter($rows, fn (array $row): bool => $row['template'] === $this->inks->id);
        self::assertSame(
            array_column($won, 'id'),
            array_column($this->all("template={$this->inks->id}"), 'id'),
        );
    }

    public function test_the_fallback_that_takes_a_page_by_a_rule_of_its_own_says_so(): void
    {
        $fallback = Template::query()->findOrFail(1);
        $this->edit($fallback, $this->reach([['brand', 'isOneOf', [$this->id('brands', 'Ostrelve')]]]));
        $this->publish($fallback);
        $rows = $this->all('template=1');
        $byRule = array_filter($rows, static fn (array $row): bool => $row['by'] === 'closest rule');
        self::assertNotSame([], $byRule);
        self::assertNotCount(count($rows), $byRule);
        foreach ($byRule as $row) {
            self::assertSame('Ostrelve', $row['cells']['brand'], $row['title']);
        }
        self::assertSame(
            array_values(array_column($byRule, 'id')),
            array_column($this->all('template=1&step=rule'), 'id'),
        );
    }

    public function test_by_template_is_by_its_name_and_then_by_title(): void
    {
        $rows = array_map(
            static fn (array $row): string => "{$row['templateName']}|{$row['title']}",
            $this->all('sort=template'),
        );
        $names = array_values(array_unique(array_map(static fn (string $row): string => explode('|', $row)[0], $rows)));
        $sorted = $names;
        sort($sorted);
        self::assertSame($sorted, $names);
        self::assertGreaterThan(2, count($names));
    }

    public function test_products_that_are_hidden_stand_among_products_and_on_no_page(): void
    {
        $hidden = DB::table('products')->where('published', 0)->pluck('id')->all();
        self::assertNotSame([], $hidden);
        $rows = $this->all('list=products&state=hidden');
        self::assertEqualsCanonicalizing($hidden, array_column($rows, 'id'));
        self::assertSame([null, 'hidden'], [$rows[0]['template'], $rows[0]['by']]);
        self::assertSame([], array_intersect($hidden, array_column($this->all(''), 'id')));
        self::assertSame([], array_intersect($hidden, array_column($this->all('list=products&state=shown'), 'id')));
    }

    public function test_what_a_release_that_waits_and_what_drafts_will_make_of_pages(): void
    {
        $ink = $this->id('products', 'Teal Tide bottled ink');
        $pen = $this->id('products', 'Almanac fountain pen');
        $soon = $this->template('Teal');
        $this->edit($soon, $this->reach([['product', 'isOneOf', [$ink]]]));
        $releases = $this->app->make(Releases::class);
        $releases->wait(
            Changes::of(TemplateDeed::publish($soon)),
            $this->owner,
            '',
            $this->app->make(\Vestibra\App\Ground\ShopClock::class)->now()->modify('+3 days'),
        );
        $later = $this->template('Both');
        $this->edit($later, [
            'edit' => 'reach',
            'reach' => [
                'format' => 2,
                'show' => [[['field' => 'product', 'comparison' => 'isOneOf', 'values' => [$ink, $pen]]]],
                'keepOff' => [],
            ],
        ]);
        $next = array_column($this->all('next=1'), 'next', 'id');
        self::assertSame(
            ['template' => $soon->id, 'at' => '2026-12-04T12:00:00Z', 'templateName' => 'Teal'],
            $next[$ink],
        );
        self::assertSame(['template' => $later->id, 'at' => null, 'templateName' => 'Both'], $next[$pen]);
        self::assertCount(2, array_filter($next));
        self::assertSame([], array_filter(array_column($this->all(''), 'next')), 'Asked for only where it is shown.');
    }

    public function test_a_sentence_is_kept_under_a_name_for_everybody_and_taken_away(): void
    {
        $where = rawurlencode('[{"field":"sale","comparison":"isOn","values":[]}]');
        $kept = $this->postJson("/studio/who/filters?where=$where&sort=cheap&selected=1", ['name' => 'In the sale'])
            ->assertOk()
            ->json('kept');
        self::assertSame('In the sale', $kept[0]['name']);
        self::assertSame(
            ['cheap', rawurldecode($where), false],
            [$kept[0]['filter']['sort'], $kept[0]['filter']['where'], $kept[0]['filter']['selected']],
        );
        $this->postJson('/studio/who/filters?q=ink', ['name' => 'In the sale'])->assertJsonCount(1, 'kept')
            ->assertJsonPath('kept.0.filter.q', 'ink');
        $this->postJson('/studio/who/filters?kind=category', ['name' => 'In the sale'])->assertJsonCount(1, 'kept');
        $this->postJson('/studio/who/filters', ['name' => ' '])->assertStatus(422);
        $this->postJson("/studio/who/filters/{$kept[0]['id']}/forget")->assertExactJson(['kept' => []]);
        for ($more = 0; $more < 39; $more++) {
            $this->postJson('/studio/who/filters', ['name' => "Number $more"])->assertOk();
        }
        $this->postJson('/studio/who/filters', ['name' => 'One more'])->assertStatus(422);
        $this->postJson('/studio/who/filters', ['name' => 'Number 3'])->assertOk();
    }

    /**
     * @return list<array{id: int, title: string, template: int|null, templateName: string, by: string,
     *     cells: array{brand: string}, next: mixed}>
     */
    private function all(string $query): array
    {
        $rows = [];
        for ($from = 0; ; $from += 50) {
            $page = $this->getJson("/studio/who/rows?from=$from&$query")->assertOk()->json();
            $rows = [...$rows, ...$page['rows']];
            if (count($rows) >= $page['total']) {
                return $rows;
            }
        }
    }

    /** @param  list<array{string, string, list<int>}>  $show */
    private function live(string $name, array $show, bool $goesFirst = false): Template
    {
        $template = $this->template($name);
        $edit = $this->reach($show);
        $this->edit($template, ['reach' => ['goesFirst' => $goesFirst] + (array) $edit['reach']] + $edit);
        $this->publish($template);

        return $template;
    }
}
