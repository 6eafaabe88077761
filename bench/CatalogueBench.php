<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * What an owner waits for in the catalogue: lists over HTTP, saving with its statement of moves. Ratios are to the
 * limit that was set.
 */
final class CatalogueBench
{
    /** @return list<array<string, mixed>> */
    public function run(int $size): array
    {
        $rows = [];
        $brand = (int) DB::table('brands')->min('id');
        $category = (int) DB::table('categories')->min('id');
        $tag = (int) DB::table('tags')->min('id');
        $queries = [
            'all' => '', 'by words' => 'q=ink+amber', 'in a category' => self::where(['category', 'isIn', [$category]]),
            'by brand and tag' => self::where(['brand', 'isOneOf', [$brand]], ['tag', 'hasAnyOf', [$tag]]),
            'on sale' => self::where(['sale', 'isOn', []]), 'sold out' => self::where(['stock', 'isOut', []]),
            'hidden' => 'state=hidden', 'the newest' => 'sort=new', 'the dearest' => 'sort=dear',
            'from the middle' => 'from='.intdiv($size, 2), 'from the end' => 'from='.($size - 50),
            'a category, from far down' => self::where(['category', 'isIn', [$category]]).'&from='.intdiv($size, 8),
        ];
        foreach ($queries as $name => $query) {
            $rows[] = Timing::limited("products, $name", $size, 200, fn () => $this->get(
                "/studio/who/rows?list=products&$query",
            ));
        }
        $rows[] = Timing::limited(
            'a product saved: its brand',
            $size,
            150,
            $this->saving(Thing::Product, intdiv($size, 2), 'brand', [$brand, $brand + 1]),
        );
        $rows[] = Timing::limited(
            'a product saved: its title',
            $size,
            150,
            $this->saving(Thing::Product, intdiv($size, 2), 'title', ['Sheet of one kind', 'Sheet of another kind']),
        );
        [$moved, $beneath] = self::large();
        $roots = array_values(array_map(
            intval(...),
            DB::table('categories')->whereNull('parent_id')->where('id', '<>', $moved)->limit(2)->pluck('id')->all(),
        ));
        $back = $this->saving(Thing::Category, $moved, 'parent', [null, null]);
        $rows[] = Timing::limited(
            'a category moved, '.number_format($beneath).' products beneath',
            $size,
            2000,
            $this->saving(Thing::Category, $moved, 'parent', $roots),
            3,
        );
        $back();

        return $rows;
    }

    /** @param  array{string, string, list<int>}  ...$conditions */
    private static function where(array ...$conditions): string
    {
        return 'where='.rawurlencode((string) json_encode(array_map(static fn (array $one): array => array_combine(
            ['field', 'comparison', 'values'],
            $one,
        ), $conditions)));
    }

    /**
     * @return array{int, int} the root with the most products beneath it that are fewest above 20,000, or the largest
     */
    private static function large(): array
    {
        $row = DB::selectOne(
            'select t.id, count(distinct h.product_id) as n from categories t join categories d on d.lower between '
                .'t.lower and t.upper join category_product h on h.category_id = d.id where t.parent_id is null '
                .'group by t.id order by n desc limit 1',
        );

        return [(int) $row->id, (int) $row->n];
    }

    /**
     * @param  list<mixed>  $values
     * @return callable(): mixed
     */
    private function saving(Thing $thing, int $id, string $field, array $values): callable
    {
        $user = User::query()->firstOrFail();
        $turn = 0;

        return static function () use ($thing, $id, $field, $values, $user, &$turn): void {
            app()->forgetScopedInstances();
            $stands = app(StoredThings::class)->read($thing, [$id])[$id]
                ?? throw new RuntimeException('There is nothing to save.');
            $next = $values[$turn++ % 2] === $stands[$field] ? $values[$turn % 2] : $values[($turn + 1) % 2];
            $done = app(Saving::class)
                ->save(new Entry([new Change($thing, $id, [$field => $stands[$field]], [$field => $next])]), $user);
            $done instanceof Saved || throw new RuntimeException('It was not saved.');
        };
    }

    private function get(string $address): void
    {
        app()->forgetScopedInstances();
        Auth::login(User::query()->firstOrFail());
        $answer = app(Kernel::class)->handle(Request::create($address, server: ['HTTP_ACCEPT' => 'application/json']));
        $answer->getStatusCode() === 200 || throw new RuntimeException("$address answers {$answer->getStatusCode()}.");
    }
}
