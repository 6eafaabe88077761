<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use RuntimeException;
use Vestibra\App\Doors\Middleware\InTheShop;
use Vestibra\Bench\Opponents\CategoryPage;

/**
 * A category page of 48 products, each as a card of eight blocks, against the same HTML written by hand with the same
 * queries. The two are compared before they are timed: what is not the same is no benchmark.
 */
final class CardsBench
{
    private const ROUNDS = 60;

    private const CARDS = 48;

    /** @return list<array<string, mixed>> */
    public function run(int $size): array
    {
        DB::beginTransaction();
        try {
            $slug = $this->prepare(self::CARDS);
            $address = "/c/$slug";
            $asked = $this->queries($address);
            preg_match_all('~class="card-cover" href="/p/([^"]+)"~', $this->get($address), $slugs);
            $known = DB::table('products')->whereIn('slug', array_map(rawurldecode(...), $slugs[1]))
                ->pluck('id', 'slug')
                ->all();
            $ids = array_map(static fn (string $one): int => (int) $known[rawurldecode($one)], $slugs[1]);
            $total = (int) (
                preg_match('~product-grid-bar">\s*<p>([\d,]+)~', $this->get($address), $part) === 1
                    ? str_replace(',', '', $part[1])
                    : 0
            );
            $besides = array_values(array_filter($asked, static fn (array $query): bool => preg_match(
                '/as brand_name|as what|variant_values|from variants where|from product_pictures/',
                $query[0],
            ) !== 1));
            Route::middleware(['web', InTheShop::class])->get(
                '/bench-category/{slug}',
                static fn (string $slug) => (new CategoryPage)($slug, $ids, $total, $besides),
            );
            $this->same($this->get($address), $this->get("/bench-category/$slug"));
            $samples =
                Timing::both(fn () => $this->get($address), fn () => $this->get("/bench-category/$slug"), self::ROUNDS);
            [$ours, $theirs] = [Timing::median($samples['ours']), Timing::median($samples['theirs'])];
            $this->prepare(1);

            return [
                [
                    'what' => 'a category page of 48 cards of 8 blocks',
                    'products' => $size,
                    'ratio' => round($ours / $theirs, 2),
                    'goal' => 'at most 1.5',
                    'ours' => round($ours, 3),
                    'theirs' => round($theirs, 3),
                    'samples' => $samples,
                ],
                [
                    'what' => 'queries for 48 cards against those for one',
                    'products' => $size,
                    'ratio' => round(count($asked) / count($this->queries($address)), 2),
                    'goal' => 'exactly 1',
                    'ours' => count($asked),
                    'theirs' => count($this->queries($address)),
                ],
            ];
        } finally {
            DB::rollBack();
        }
    }

    /**
     * The fallback of category pages with so many cards on a page, and a card of eight blocks. Answers the largest
     * category that is shown by it.
     */
    private function prepare(int $cards): string
    {
        $block = static fn (string $id, string $kind, array $what = [], array $children = []): array =>
            ['id' => $id, 'kind' => $kind] + array_filter(['what' => $what, 'children' => $children]);
        $card = (int) DB::table('fallbacks')->where('page_kind', 'card')->value('template_id');
        $this->tree($card, $block('benchcard', 'card', children: [
            $block('bc1', 'product-picture'),
            $block('bc2', 'badges', ['badges' => ['sale', 'out']]),
            $block('bc3', 'swatches'),
            $block('bc4', 'brand'),
            $block('bc5', 'title', ['level' => 'h3', 'linked' => true]),
            $block('bc6', 'rating'),
            $block('bc7', 'price', ['ranges' => 'from', 'saving' => 'none']),
            $block('bc8', 'quick-buy'),
        ]));
        $page = (int) DB::table('fallbacks')->where('page_kind', 'category')->value('template_id');
        $this->tree(
            $page,
            $block(
                'bp',
                'page',
                children: [$block(
                    'bb',
                    'band',
                    children: [$block(
                        'bo',
                        'column',
                        children: [
                            $block('bt', 'page-title'),
                            $block('bg', 'product-grid', ['perPage' => $cards, 'order' => false]),
                        ],
                    )],
                )],
            ),
        );
        // Every category by the fallback: what is measured is the card.
        DB::table('templates')->where('page_kind', 'category')
            ->where('id', '!=', $page)
            ->update(['live_tree' => null, 'live_reach' => null, 'live_revision' => null]);
        $largest = DB::selectOne(
            'select t.slug from categories t join categories d on d.lower between t.lower and t.upper join '
                .'category_product h on h.category_id = d.id group by t.id order by count(*) desc limit 1',
        );

        return (string) ($largest->slug ?? throw new RuntimeException('The shop has no category.'));
    }

    /** @param  array<string, mixed>  $root */
    private function tree(int $template, array $root): void
    {
        DB::table('templates')->where('id', $template)->update([
            'live_tree' => json_encode(['format' => 3, 'page' => $root]),
            'live_revision' => DB::raw('live_revision + 1'),
        ]);
    }

    /** @throws RuntimeException when the cards are not the same, apart from where blocks begin and from spaces */
    private function same(string $ours, string $theirs): void
    {
        [$one, $other] = array_map(static function (string $html): string {
            $list = preg_match('~<ul class="product-grid-cards".*?</ul>\s*</section>~s', $html, $part) === 1
                ? $part[0]
                : '';

            return trim((string) preg_replace(
                ['~ data-(b|line|lines)="[^"]*"~', '~\s+~', '~> <~', '~ >~'],
                ['', ' ', '><', '>'],
                $list,
            ));
        }, [$ours, $theirs]);
        if ($one === '' || $one !== $other) {
            $at = strspn($one ^ $other, "\0");
            throw new RuntimeException('The two pages are not the same: '
                .substr($one, max(0, $at - 80), 200)
                .' … against … '
                .substr($other, max(0, $at - 80), 200));
        }
    }

    private function get(string $address): string
    {
        app()->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
        $answer = app(Kernel::class)->handle(Request::create($address));
        $answer->getStatusCode() === 200 || throw new RuntimeException("$address answers {$answer->getStatusCode()}.");

        return (string) $answer->getContent();
    }

    /** @return list<array{string, list<mixed>}> */
    private function queries(string $address): array
    {
        $this->get($address);
        $asked = [];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            $asked[] = [$query->sql, array_values($query->bindings)];
        });
        $this->get($address);
        DB::getEventDispatcher()?->forget(QueryExecuted::class);

        return $asked;
    }
}
