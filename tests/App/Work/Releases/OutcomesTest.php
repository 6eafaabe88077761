<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Releases;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\AskedByChanges;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Releases\Making\FallbackDeed;
use Vestibra\App\Work\Releases\Making\HandOrderDeed;
use Vestibra\App\Work\Releases\Making\HouseStyleDeed;
use Vestibra\App\Work\Releases\Making\PinsDeed;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Releases\PageOutcome;
use Vestibra\Core\Releases\ReleaseChange;
use Vestibra\Tests\App\Reach\Rules\AnyReach;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** What the database says a release moves is what the core says, page by page, on generated shops and changes. */
final class OutcomesTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 5; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_every_page_moves_looks_new_or_stays_as_the_core_says(Chance $chance): void
    {
        $this->travelTo('2026-11-25T12:00:00Z');
        $templates = $this->shop($chance);
        $shop = $this->app->make(AskedByChanges::class);
        $met = [];
        for ($round = 1; $round <= 8; $round++) {
            $this->something($chance);
            $changes = Deeds::now(Changes::of(...$this->drawn($chance, $templates)));
            $impact = $this->app->make(Impact::class)->of($changes);
            $of = array_column($impact['kinds'], null, 'pageKind')['product'];
            $said = array_filter(
                ['stays' => $of['stays']] + $this->counted($impact['moves']) + $this->counted($impact['newLook']),
            );
            $byHand = $this->byHand($changes, $shop);
            ksort($said);
            ksort($byHand);

            self::assertSame($byHand, $said, "seed $chance->seed, round $round: ".Deeds::words($changes));
            self::assertSame($of['moved'], array_sum(array_column($this->ofProducts($impact['moves']), 'count')));
            $met += array_map(static fn (): bool => true, $byHand);
        }
        self::assertGreaterThan(2, count($met), 'Pages move, look new and stay.');
    }

    /** Products change between, and nobody has kept yet what page they have. */
    private function something(Chance $chance): void
    {
        DB::table('products')->where('id', $chance->number(1, 110))->update(['published' => $chance->oneIn(2)]);
        DB::table('products')->where('id', $chance->number(1, 110))->update([
            'brand_id' => $chance->pick([null, 1, 2]),
        ]);
        DB::table('variants')->where('product_id', $chance->number(1, 110))->update(['stock' => $chance->number(0, 9)]);
    }

    /**
     * @param  list<array{pageKind: string, from: int, to: int, count: int}>  $moves
     * @return array<string, int>
     */
    private function counted(array $moves): array
    {
        $groups = [];
        foreach ($this->ofProducts($moves) as $move) {
            $groups["{$move['from']} to {$move['to']}"] = $move['count'];
        }

        return $groups;
    }

    /**
     * @template T of array{pageKind: string, ...}
     *
     * @param  list<T>  $moves
     * @return list<T>
     */
    private function ofProducts(array $moves): array
    {
        return array_values(array_filter($moves, static fn (array $move): bool => $move['pageKind'] === 'product'));
    }

    /** @return list<Template> */
    private function shop(Chance $chance): array
    {
        $this->actingAs($this->owner);
        $made = [];
        for ($number = 1; $number <= 5; $number++) {
            $made[] = $template = $this->template("T$number");
            $this->edit($template, ['edit' => 'reach', 'reach' => AnyReach::drawn($chance)]);
            $number <= 3 && $this->publish($template);
            $this->edit($template, ['edit' => 'reach', 'reach' => AnyReach::drawn($chance)]);
            $chance->oneIn(2) && $this->edit($template, [
                'edit' => 'set', 'id' => $this->block($template, 'title'), 'question' => 'what', 'setting' => 'called',
                'value' => 'Drawn',
            ]);
        }
        for ($pin = 0; $pin < 5; $pin++) {
            DB::table('pins')->upsert([
                'page_kind' => 'product', 'subject_id' => $chance->number(1, 110),
                'template_id' => $chance->pick($made)->id,
            ], ['page_kind', 'subject_id'], ['template_id']);
        }

        return $made;
    }

    /**
     * @param  list<Template>  $templates
     * @return list<ReleaseChange>
     */
    private function drawn(Chance $chance, array $templates): array
    {
        $changes = [];
        foreach ($chance->some(['publish', 'off', 'fallback', 'order', 'pins', 'style'], 3) as $what) {
            $one = Template::query()->findOrFail($chance->pick($templates)->id);
            $order = HandOrderDeed::current('product');
            $changes[] = match ($what) {
                'publish' => TemplateDeed::publish($one),
                'off' => TemplateDeed::takeOff(Template::query()->findOrFail($templates[0]->id)),
                'fallback' => FallbackDeed::to(Template::query()->findOrFail($templates[1]->id)),
                'order' => HandOrderDeed::to('product', array_reverse($order)),
                'pins' => PinsDeed::to([
                    'product/'.$chance->number(1, 110) => $one->id, 'product/'.$chance->number(1, 110) => null,
                ]),
                default => HouseStyleDeed::to(DB::table('house_styles')->where('in_use', false)->first()
                    ?? DB::table('house_styles')->sole()),
            };
        }

        return $changes;
    }

    /** @return array<string, int> how many pages of products stay, and how many have which template before and after */
    private function byHand(Changes $changes, AskedByChanges $shop): array
    {
        $now = $this->app->make(ShopClock::class)->now();
        $supposed = $changes->supposed($shop);
        $looks = Deeds::looks($changes, $shop);
        $pins = DB::table('pins')->where('page_kind', 'product')->pluck('template_id', 'subject_id')->all();
        $before = $this->winners(new WhatIf, $pins, $now);
        $then = $pins;
        foreach ($supposed->pins as $page => $template) {
            $then[(int) explode('/', $page)[1]] = $template;
        }
        $after = $this->winners($supposed, $then, $now);
        $outcomes = [];
        foreach ($before as $id => $template) {
            $outcome =
                PageOutcome::of($template, $after[$id], $looks->holds(PageKind::Product, $id, $template));
            $key = $outcome === PageOutcome::Stays ? 'stays' : "$template to {$after[$id]}";
            $outcomes[$key] = ($outcomes[$key] ?? 0) + 1;
        }

        return $outcomes;
    }

    /**
     * @param  array<int, int|null>  $pins
     * @return array<int, int>
     */
    private function winners(WhatIf $supposed, array $pins, DateTimeImmutable $now): array
    {
        $contest = $this->app->make(KindRulesReader::class)->all(PageKind::Product, $supposed, $now);
        $evaluator = $contest->evaluator();
        $winners = [];
        foreach (DB::table('products')->where('published', true)->orderBy('id')->pluck('id') as $id) {
            $product = $this->app->make(ProductReader::class)->byId((int) $id);
            self::assertNotNull($product);
            $features = Features::product($product, $this->app->make(Categories::class)->tree(), $now);
            $winners[(int) $id] = $evaluator->decide($features, $pins[(int) $id] ?? null)->templateId;
        }

        return $winners;
    }
}
