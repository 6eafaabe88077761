<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Rules;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** Rules that are kept compiled decide as if they were compiled anew, whatever became of the shop since. */
final class LiveRulesTest extends TestCase
{
    private const STEPS = 25;

    protected function setUp(): void
    {
        parent::setUp();
        array_map(unlink(...), glob(self::files('*')) ?: []);
    }

    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_they_decide_as_if_all_were_compiled_anew(Chance $chance): void
    {
        $this->travelTo('2026-11-25T12:00:00Z');
        $this->templates($chance, 12);
        $this->agree("seed $chance->seed, at first");
        for ($step = 0; $step < self::STEPS; $step++) {
            $what = $this->happens($chance);
            $this->agree("seed $chance->seed, step $step: $what");
        }
    }

    public function test_of_one_template_that_changed_only_that_is_compiled(): void
    {
        $chance = new Chance(1);
        $this->templates($chance, 30);
        $this->agree('all');
        for ($step = 1; $step <= 3; $step++) {
            DB::table('templates')->where('name', "Drawn $step")->update([
                'live_reach' => self::written([['brand', $step]]),
            ]);
            $this->agree("changed $step");
        }
        DB::table('templates')->where('name', 'Drawn 4')->update(['live_revision' => null]);
        $this->agree('taken off');

        self::assertCount(5, glob(self::files('product-*.php')) ?: []);
        self::assertSame(1, self::compiledWhole());
    }

    public function test_another_hand_order_counts_at_once(): void
    {
        $this->templates(new Chance(1), 2);
        DB::table('templates')->where('name', 'like', 'Drawn%')->update([
            'live_revision' => 1, 'live_reach' => self::written([['brand', 1]]),
        ]);
        $this->agree('before');
        DB::table('templates')->where('name', 'Drawn 1')->update(['hand_order' => 900]);
        $this->agree('the other one first');
    }

    public function test_files_that_nobody_will_ask_for_again_are_let_go(): void
    {
        $this->templates(new Chance(1), 2);
        for ($step = 0; $step < 45; $step++) {
            DB::table('templates')->where('name', 'Drawn 1')->update([
                'live_revision' => 1,
                'live_reach' => self::written([['brand', $step % 5 + 1]]),
            ]);
            $this->agree("step $step");
        }
        self::assertLessThan(45, count(glob(self::files('*.php')) ?: []));
        self::assertGreaterThan(10, count(glob(self::files('*.php')) ?: []));
    }

    public function test_what_rules_name_has_all_compiled_again(): void
    {
        $this->templates(new Chance(2), 3);
        DB::table('templates')->where('name', 'Drawn 1')->update(['live_reach' => self::written([['tag', 1]])]);
        $this->agree('before');
        DB::table('tags')->where('id', 1)->delete();
        $this->agree('a tag was deleted');

        self::assertSame(2, self::compiledWhole());
    }

    private function templates(Chance $chance, int $many): void
    {
        for ($number = 1; $number <= $many; $number++) {
            DB::table('templates')->insert([
                'page_kind' => 'product', 'name' => "Drawn $number", 'hand_order' => 100 + $number,
                'draft_tree' => '{}', 'draft_reach' => '{}', 'live_tree' => '{}', 'live_reach' => self::drawn($chance),
                'live_revision' => $chance->oneIn(4) ? null : 1, 'changed_at' => now(),
            ]);
        }
    }

    /** @return string what happened */
    private function happens(Chance $chance): string
    {
        $one = DB::table('templates')->where('name', 'Drawn '.$chance->number(1, 12));
        $one->update(match ($what = $chance->pick([
            'other rules', 'other rules', 'published', 'taken off', 'later', 'the fallback', 'a tag', 'a category',
            'a collection', 'files gone', 'a few others',
        ])) {
            'other rules' => ['live_reach' => self::drawn($chance)],
            'published' => ['live_revision' => 2],
            'taken off' => ['live_revision' => null],
            'later' => ['hand_order' => DB::table('templates')->max('hand_order') + 1],
            default => ['note' => $what],
        });
        match ($what) {
            'the fallback' => DB::table('fallbacks')->where('page_kind', 'product')->update([
                'template_id' => $chance->pick(array_values(DB::table('templates')
                    ->where('page_kind', 'product')
                    ->whereNotNull('live_revision')
                    ->orderBy('id')
                    ->pluck('id')
                    ->all())),
            ]),
            'a tag' => DB::table('tags')->where('id', $chance->number(1, 8))->delete(),
            'a category' => DB::table('categories')->where('id', $chance->number(2, 9))->update(['parent_id' => null]),
            'a collection' => DB::table('collections')->where('id', $chance->number(1, 10))->update([
                'rule' => self::written([['brand', $chance->number(1, 5)]]),
            ]),
            'files gone' => array_map(unlink(...), array_values(array_filter(
                glob(self::files('*')) ?: [],
                static fn (): bool => $chance->oneIn(2),
            ))),
            'a few others' => DB::table('templates')
                ->where('name', 'like', 'Drawn%')
                ->where('id', '>', $chance->number(1, 20))
                ->update(['live_reach' => self::drawn($chance)]),
            default => null,
        };

        return $what;
    }

    private function agree(string $case): void
    {
        $this->anew();
        $kept = $this->app->make(LiveRules::class)->of(PageKind::Product);
        $anew = $this->app->make(KindRulesReader::class)->live(PageKind::Product)->evaluator();
        $pages = $this->app->make(PagesOfTheShop::class)->get(PageKind::Product);
        foreach ($this->app->make(ProductReader::class)->several(range(1, 110, 3)) as $product) {
            $features = $pages->features($product);
            self::assertEquals($anew->decide($features), $kept->decide($features), "$case, product $product->id");
        }
    }

    private static function drawn(Chance $chance): string
    {
        return (string) json_encode(AnyReach::drawn($chance));
    }

    /** @param  list<array{'brand'|'tag', int}>  $conditions */
    private static function written(array $conditions): string
    {
        return (string) json_encode(['format' => 2, 'show' => [array_map(static fn (array $one): array => [
            'field' => $one[0],
            'comparison' => $one[0] === 'brand' ? 'isOneOf' : 'hasAnyOf',
            'values' => [$one[1]],
        ], $conditions)]]);
    }

    /** @return int how often all templates were compiled */
    private static function compiledWhole(): int
    {
        return count(array_filter(
            glob(self::files('product-*.php')) ?: [],
            static fn (string $file): bool => isset((include $file)['whole']),
        ));
    }

    private static function files(string $pattern): string
    {
        return config()->string('vestibra.rules')."/$pattern";
    }
}
