<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Rules;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Features;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** Covers and shown on have one definition, which every screen and command gives. */
final class CountsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-25T12:00:00Z');
        $this->actingAs($this->owner);
    }

    public function test_a_template_without_rules_is_shown_on_what_is_pinned_to_it(): void
    {
        $template = $this->template('Pinned only');
        $this->publish($template);
        DB::table('pins')->insert(['page_kind' => 'product', 'subject_id' => 1, 'template_id' => $template->id]);

        self::assertSame([0, 1], $this->everywhere($template));
        self::assertSame([0, 108], $this->everywhere(Template::query()->findOrFail(1)));
    }

    public function test_the_fallback_is_shown_on_what_no_rule_takes(): void
    {
        $inks = $this->template('Inks');
        $this->edit($inks, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->publish($inks);
        $fallback = Template::query()->findOrFail(1);
        DB::table('templates')
            ->where('id', 1)
            ->update(['live_reach' => json_encode(['format' => 2, 'show' => [], 'keepOff' => []])]);

        self::assertSame([0, 86], $this->everywhere($fallback->refresh()));
        self::assertSame([23, 23], $this->everywhere($inks));
    }

    public function test_a_season_that_lies_ahead_is_counted_at_its_start_and_one_that_is_over_now(): void
    {
        $ahead = $this->season('Winter sale', '2026-12-01T00:00:00Z', '2026-12-05T00:00:00Z');
        $over = $this->season('Autumn', '2026-09-01T00:00:00Z', '2026-10-01T00:00:00Z');
        $live = $this->app->make(ReachCounts::class)->live(PageKind::Product);

        self::assertSame([23, 23], $this->everywhere($ahead));
        self::assertSame(['ahead', 0], [$live[$ahead->id]['when'], $live[$ahead->id]['shownNow']]);
        self::assertSame(
            ['over', 0, 0],
            [$live[$over->id]['when'], $live[$over->id]['covers'], $live[$over->id]['shownOn']],
        );
        $this->travelTo('2026-12-02T00:00:00Z');
        $this->anew();
        self::assertSame('now', $this->app->make(ReachCounts::class)->live(PageKind::Product)[$ahead->id]['when']);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_every_answer_agrees_with_counting_page_by_page(int $seed): void
    {
        $chance = new Chance($seed);
        $made = [Template::query()->findOrFail(1)];
        for ($number = 1; $number <= 6; $number++) {
            $made[] = $template = $this->template("T$number");
            $this->edit($template, ['edit' => 'reach', 'reach' => AnyReach::drawn($chance)]);
            $chance->oneIn(4) || $this->publish($template);
        }
        for ($pin = 0; $pin < 6; $pin++) {
            DB::table('pins')->upsert(
                [
                    'page_kind' => 'product',
                    'subject_id' => $chance->number(1, 110),
                    'template_id' => $chance->pick($made)->id,
                ],
                ['page_kind', 'subject_id'],
                ['template_id'],
            );
        }
        $live = array_values(array_filter($made, static fn (Template $template): bool => $template->isLive()));
        DB::table('fallbacks')->where('page_kind', 'product')->update(['template_id' => $chance->pick($live)->id]);
        foreach ($live as $template) {
            self::assertSame($this->byHand($template), $this->everywhere($template), "seed $seed, $template->name");
        }
    }

    /** @return array{int, int} what it covers and is shown on, the same in every answer */
    private function everywhere(Template $template): array
    {
        $counts = $this->app->make(ReachCounts::class);
        $live = $counts->live(PageKind::Product)[$template->id];
        $kernel = $this->app->make(Kernel::class);
        $kernel->call('vestibra:reach', ['template' => (string) $template->id, '--json' => true]);
        $said = json_decode($kernel->output(), true);
        preg_match(
            '#id="screen">(.*?)</script>#s',
            (string) $this->get('/studio/templates')->assertOk()->getContent(),
            $found,
        );
        $listed = array_column(json_decode($found[1] ?? '', true)['data']['templates'], 'counts', 'id')[$template->id];
        $previewed = $this->postJson("/studio/templates/$template->id/reach", ['reach' => $template->live_reach])
            ->assertOk();
        $news = $this->getJson("/studio/templates/$template->id/news?revision=0")->json('state.liveCounts');
        $answers = array_map(
            static fn (array $answer): array => [$answer['covers'], $answer['shownOn'], $answer['elsewhere']],
            [$live, $said, $listed, (array) $previewed->json(), $news],
        );
        self::assertCount(1, array_unique($answers, SORT_REGULAR), json_encode($answers) ?: '');
        self::assertSame($live['elsewhere'], array_sum(array_column($said['others'], 'count')));

        return [$live['covers'], $live['shownOn']];
    }

    /** @return array{int, int} by the core's evaluator, one page after another */
    private function byHand(Template $template): array
    {
        $contests = $this->app->make(KindRulesReader::class);
        $contest = $contests->live(PageKind::Product);
        $candidate = $contest->candidate($template->id);
        self::assertNotNull($candidate);
        $from = $candidate->reach->season->from;
        $contest = new KindRules(
            $contest->pages,
            $contest->candidates,
            $contest->fallbackId,
            $contest->collections,
            max($contest->at, $from ?? 0),
        );
        $evaluator = $contest->evaluator();
        $covers = $shown = 0;
        foreach (DB::table('products')->where('published', true)->pluck('id') as $id) {
            $product = $this->app->make(ProductReader::class)->byId((int) $id);
            self::assertNotNull($product);
            $features = $contest->collections->judge(Features::product(
                $product,
                $this->app->make(Categories::class)->tree(),
                new \DateTimeImmutable("@$contest->at"),
            ));
            $pin = DB::table('pins')->where('subject_id', $id)->value('template_id');
            $covers += $candidate->reach->match($features) === null ? 0 : 1;
            $shown += $evaluator->decide($features, $pin === null ? null : (int) $pin)->templateId === $template->id
                ? 1
                : 0;
        }

        return [$covers, $shown];
    }

    private function season(string $name, string $from, string $until): Template
    {
        $template = $this->template($name);
        $reach = $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]);
        $reach['reach'] += ['season' => ['from' => $from, 'until' => $until], 'goesFirst' => true];
        $this->edit($template, $reach);
        $this->publish($template);

        return $template;
    }
}
