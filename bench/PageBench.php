<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use RuntimeException;
use Vestibra\App\Http\Middleware\InTheShop;
use Vestibra\Bench\Opponents\ProductPage;

/**
 * A product page through its template against the same HTML from a plain hand-written Blade view with the same queries.
 * Cold: everything that is kept between requests is thrown away before each. Warm: once asked before.
 */
final class PageBench
{
    private const ROUNDS = 120;

    /** @return list<array<string, mixed>> */
    public function run(int $seed, int $size): array
    {
        $slugs = DB::table('products')->where('published', true)->where('variant_count', '>', 1)->orderBy('id')->limit(60)->pluck('slug')->all();
        $slug = $slugs[(new Chance($seed))->number(0, count($slugs) - 1)];
        $queries = $this->queries($slug);
        Route::middleware(['web', InTheShop::class])->get('/bench-opponent/{slug}', static fn (string $slug) => (new ProductPage)($slug, $queries));
        $rows = [];
        foreach (['cold' => true, 'warm' => false] as $name => $cold) {
            $samples = Timing::both(fn () => $this->get("/p/$slug", $cold), fn () => $this->get("/bench-opponent/$slug", $cold), self::ROUNDS);
            [$ours, $theirs] = [Timing::median($samples['ours']), Timing::median($samples['theirs'])];
            $rows[] = ['what' => "page, $name", 'products' => $size, 'ratio' => round($ours / $theirs, 2), 'goal' => $cold ? 'at most 1.5' : 'at most 1.15', 'ours' => round($ours, 3), 'theirs' => round($theirs, 3), 'samples' => $samples];
        }

        return $rows;
    }

    private function get(string $address, bool $cold): void
    {
        app()->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
        if ($cold) {
            app('cache.store')->flush();
        }
        $kernel = app(Kernel::class);
        $request = Request::create($address);
        $response = $kernel->handle($request);
        $kernel->terminate($request, $response);
        if ($response->getStatusCode() !== 200) {
            throw new RuntimeException("$address answered {$response->getStatusCode()}.");
        }
    }

    /** @return list<array{string, list<mixed>}> what the real page asks besides the product's own five queries, so that both ask the same */
    private function queries(string $slug): array
    {
        $asked = [];
        DB::listen(static function ($query) use (&$asked): void {
            $asked[] = [$query->sql, $query->bindings];
        });
        $this->get("/p/$slug", true);
        DB::getEventDispatcher()?->forget(\Illuminate\Database\Events\QueryExecuted::class);

        return array_values(array_filter($asked, static fn (array $query): bool => preg_match('/from (templates|pins|categories)|select \'(category|brand)\' as field|live_tree/', $query[0]) === 1
            && ! str_contains($query[0], 'products.slug') && ! str_contains($query[0], 'as what')));
    }
}
