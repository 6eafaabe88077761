<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\SameEverywhere;
use Vestibra\App\Reach\Rules\Sql\ReachRows;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** Where no rule asks anything of a page, counting a few is counting all. */
final class SameEverywhereTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 6; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_the_numbers_are_those_of_counting_every_page(Chance $chance): void
    {
        $this->travelTo('2026-11-25T12:00:00Z');
        $this->actingAs($this->owner);
        $header = Template::query()->where('page_kind', 'header')->firstOrFail();
        $headers = [$header->id];
        for ($number = 1; $number <= 3; $number++) {
            $copy = $this->app->make(Templates::class)->copy("Header $number", $header, $this->owner);
            $headers[] = $copy->id;
            $this->edit($copy, ['edit' => 'reach', 'reach' => [
                'format' => 2,
                'show' => $chance->oneIn(3) ? [] : [[]],
                'keepOff' => [],
                'season' => $chance->pick([
                    [], ['from' => '2026-12-01T00:00:00Z'], ['from' => '2026-11-01T00:00:00Z'],
                ]),
                'goesFirst' => $chance->oneIn(3),
            ]]);
            $chance->oneIn(4) || $this->publish($copy);
        }
        foreach (Template::query()->whereIn('page_kind', ['product', 'category', 'home'])->get() as $page) {
            if ($chance->oneIn(2)) {
                $this->edit($page, [
                    'edit' => 'set', 'id' => $page->draft_tree['page']['id'], 'question' => 'what',
                    'setting' => 'header',
                    'value' => $chance->pick([false, ...$headers]), 'width' => 'desktop',
                ]);
                $page->isChanged() && $this->publish($page);
            }
        }
        $this->anew();
        $contest = $this->app->make(KindRulesReader::class)->live(PageKind::Header);
        $covers = $counted = [];
        foreach ($contest->candidates as $candidate) {
            $covers[$candidate->templateId] = $contest->sql()->covers($candidate->reach);
        }
        foreach (ReachRows::several($contest, $covers) as $row) {
            $counted[$row->id] = [$row->covers, $row->shown_on, $row->won];
        }

        self::assertSame($counted, SameEverywhere::numbers($contest), "seed $chance->seed");
    }

    public function test_one_rule_that_asks_has_every_page_counted(): void
    {
        $this->actingAs($this->owner);
        $header = Template::query()->where('page_kind', 'header')->firstOrFail();
        $copy = $this->app->make(Templates::class)->copy('Of inks', $header, $this->owner);
        $reader = fn (): KindRulesReader => $this->app->make(KindRulesReader::class);
        self::assertNotNull(SameEverywhere::numbers($reader()->live(PageKind::Header)));
        $this->edit($copy, $this->reach([], [['category', 'isIn', [$this->id('categories', 'Inks')]]]));
        $this->publish($copy);
        $this->anew();

        self::assertNull(SameEverywhere::numbers($reader()->live(PageKind::Header)));
    }
}
