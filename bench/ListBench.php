<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Lists\Orders\KeptOrders;
use Vestibra\App\Reach\Numbers\KeepingCounts;

/**
 * What a customer waits for in lists: the first page and one far down, over HTTP. Ratios are to the limit that was set.
 */
final class ListBench
{
    private const LIMIT = 150;

    private const PER_PAGE = 12;

    private const FAR = 2_000;

    /** @return list<array<string, mixed>> */
    public function run(int $size): array
    {
        $category = DB::selectOne(
            'select t.slug from categories t join categories d on d.lower between t.lower and t.upper join '
                .'category_product h on h.category_id = d.id group by t.id order by count(*) desc limit 1',
        );
        $slug = static fn (string $table): string => (string) DB::table($table)->orderBy('id')->value('slug');
        $lists = [
            'all products' => '/all', 'all products by title' => '/all?sort=title',
            'the largest category' => '/c/'.($category->slug ?? ''),
            'a brand' => '/brand/'.$slug('brands'), 'a tag' => '/tag/'.$slug('tags'),
            'a collection by rule' => '/collection/on-offer-now',
        ];
        // As the worker does behind whatever has changed.
        app(KeepingCounts::class)->bringUp();
        app(KeptOrders::class)->bringUp();
        $rows = [];
        foreach ($lists as $what => $address) {
            $rows[] = Timing::limited("$what, page 1", $size, self::LIMIT, fn () => $this->get($address));
            $far = min(self::FAR, max(2, intdiv($size, 2 * self::PER_PAGE)));
            $there = $this->there($address.(str_contains($address, '?') ? '&' : '?')."page=$far");
            $rows[] = Timing::limited(
                "$what, page ".number_format($far).' or the last',
                $size,
                self::LIMIT,
                fn () => $this->get($there),
            );
        }

        return $rows;
    }

    /** A page beyond the last leads to the last. */
    private function there(string $address): string
    {
        return (string) ($this->asked($address)->headers->get('Location') ?? $address);
    }

    private function get(string $address): void
    {
        $answer = $this->asked($address);
        $answer->getStatusCode() === 200 || throw new RuntimeException("$address answers {$answer->getStatusCode()}.");
    }

    private function asked(string $address): Response
    {
        app()->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }

        return app(Kernel::class)->handle(Request::create($address));
    }
}
