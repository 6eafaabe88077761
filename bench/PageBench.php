<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use RuntimeException;
use Vestibra\App\Doors\Middleware\InTheShop;
use Vestibra\App\Reach\Pages\ProductPages;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\Bench\Opponents\ProductPage;
use Vestibra\Core\Pages\PageKind;

/**
 * A product page through its template against the same HTML to the byte, written by hand with one query.
 * Cold: everything that is kept between requests is thrown away before each. Warm: once asked before.
 */
final class PageBench
{
    private const ROUNDS = 120;

    /**
     * So many of those that are tried both sides have to make alike before one is measured; others have other layouts.
     */
    private const ALIKE = 30;

    private const TRIED = 240;

    /** @return list<array<string, mixed>> */
    public function run(int $seed, int $size): array
    {
        // A server finds the rules that are kept compiled: here all happens in one request, in which what was just
        // written would be compiled each time.
        ini_set('opcache.file_update_protection', '0');
        $slug = $this->alike(new Chance($seed));
        $rows = [];
        foreach (['cold' => true, 'warm' => false] as $name => $cold) {
            $samples = Timing::both(
                fn (): string => $this->get("/p/$slug", $cold),
                fn (): string => $this->get("/bench-opponent/$slug", $cold),
                self::ROUNDS,
            );
            [$ours, $theirs] = [Timing::median($samples['ours']), Timing::median($samples['theirs'])];
            $rows[] = [
                'what' => "page, $name",
                'products' => $size,
                'ratio' => round($ours / $theirs, 2),
                'goal' => $cold ? 'at most 1.3' : 'at most 1.15',
                'ours' => round($ours, 3),
                'theirs' => round($theirs, 3),
                'samples' => $samples,
            ];
        }

        return [...$rows, $this->amongMany($slug, $size, $seed)];
    }

    /**
     * The same page among 500 live templates with four clauses each, beside it among those that the shop has.
     *
     * @return array<string, mixed>
     */
    private function amongMany(string $slug, int $size, int $seed): array
    {
        $alone = $many = [];
        for ($turn = 0; $turn < 3; $turn++) {
            array_push($alone, ...$this->warm($slug));
            DB::beginTransaction();
            ManyTemplates::lay(500, new Chance($seed));
            array_push($many, ...$this->warm($slug));
            DB::rollBack();
        }
        [$ours, $few] = [Timing::median($many), Timing::median($alone)];

        return [
            'what' => 'page, among 500 live templates against few',
            'products' => $size,
            'ratio' => round($ours / $few, 2),
            'goal' => 'at most 2 ms more',
            'ours' => round($ours, 3),
            'theirs' => round($few, 3),
            'samples' => ['ours' => $many, 'theirs' => $alone],
        ];
    }

    /** @return list<float> */
    private function warm(string $slug): array
    {
        $this->get("/p/$slug", false);

        return array_map(fn (): float => Timing::once(fn () => $this->get("/p/$slug", false)), range(1, 60));
    }

    private function get(string $address, bool $cold): string
    {
        app()->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
        if ($cold) {
            app('cache.store')->flush();
            array_map(unlink(...), [
                ...glob(storage_path('framework/rules/*.php')) ?: [],
                ...glob(storage_path('framework/around/*.json')) ?: [],
            ]);
        }
        $kernel = app(Kernel::class);
        $request = Request::create($address);
        $response = $kernel->handle($request);
        $kernel->terminate($request, $response);
        if ($response->getStatusCode() !== 200) {
            throw new RuntimeException("$address answered {$response->getStatusCode()}.");
        }

        return (string) $response->getContent();
    }

    /**
     * @param  list<string>  $slugs
     * @return string a product whose page has the layout that a shop begins with
     */
    private function plain(array $slugs): string
    {
        $fallback = DB::table('fallbacks')->where('page_kind', PageKind::Product->value)->value('template_id');
        foreach ($slugs as $slug) {
            $product = app(ProductPages::class)->bySlug($slug);
            if ($product !== null
                && app(Verdicts::class)->of(PageKind::Product, $product)->templateId === $fallback) {
                return $slug;
            }
        }

        throw new RuntimeException('No page has the layout that a shop begins with.');
    }

    /** @return string the address name of a product whose page both sides make alike, to the byte but for the nonce */
    private function alike(Chance $chance): string
    {
        $slugs = array_values(DB::table('products')->where('published', true)->where('variant_count', '>', 1)->orderBy(
            'id',
        )->limit(self::TRIED)->pluck('slug')->map(strval(...))->all());
        $byHand = ProductPage::cutOut($this->get('/p/'.$this->plain($slugs), false));
        Route::middleware(['web', InTheShop::class])
            ->get('/bench-opponent/{slug}', static fn (string $slug) => $byHand($slug));
        $page = fn (string $address): string =>
            (string) preg_replace('/nonce="\w+"/', '', $this->get($address, false));
        $alike = array_values(array_filter(
            $slugs,
            static fn (string $slug): bool => $page("/p/$slug") === $page("/bench-opponent/$slug"),
        ));
        if (count($alike) < self::ALIKE) {
            throw new RuntimeException('The two sides agree on '.count($alike).' of '.count($slugs).' pages alone.');
        }

        return $alike[$chance->number(0, count($alike) - 1)];
    }
}
