<?php

declare(strict_types=1);

namespace Vestibra\App\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\Reach\Contests;
use Vestibra\App\Reach\LivingNames;
use Vestibra\App\Reach\ProductRows;
use Vestibra\App\Reach\QuantitySql;
use Vestibra\App\Reach\Sql;
use Vestibra\App\ShopClock;
use Vestibra\App\Words\Counted;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Fields;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;

/**
 * The products to look at a template with: first an ordinary one, then the awkward ones of its reach, then the rest.
 *
 * @phpstan-type Sample array{id: int, title: string, slug: string, picture: string|null, flags: list<string>}
 */
final readonly class Samples
{
    private const IN_STOCK = 'exists (select 1 from variants v where v.product_id = p.id and v.published = 1 and (v.stock is null or v.stock > 0))';

    public function __construct(
        private Contests $contests,
        private ShopClock $clock,
        private Categories $categories,
    ) {
    }

    public function compiled(Reach $reach): CompiledReach
    {
        return (new ReachCompiler(Fields::standard(), $this->categories->tree(), LivingNames::of([$reach])))->compile($reach);
    }

    /**
     * @param  Sql|null  $only  besides what the reach covers
     * @return array{samples: list<Sample>, more: bool, total: int}
     */
    public function page(CompiledReach $reach, string $query, int $page, ?Sql $only = null): array
    {
        $where = $this->where($reach, $query, $only);
        $size = ProductRows::PAGE;
        $awkward = implode(' + ', array_map(static fn (string $test): string => "($test)", $this->tests()));
        $rows = DB::select(
            "select p.id, $awkward as awkward from products p where p.published = 1 and $where->text"
            .' order by awkward = 0 and p.picture_count > 1 desc, p.title_folded, p.id limit 1',
            $where->bindings,
        );
        $first = $rows[0]->id ?? null;
        $rest = DB::select(
            "select p.id from products p where p.published = 1 and $where->text"
            ." order by p.id = ? desc, $awkward desc, p.title_folded, p.id limit ? offset ?",
            [...$where->bindings, $first, $size, ($page - 1) * $size],
        );
        $total = (int) DB::scalar("select count(*) from products p where p.published = 1 and $where->text", $where->bindings);

        return [
            'samples' => $this->withFlags(array_column($rest, 'id')),
            'more' => $total > $page * $size,
            'total' => $total,
        ];
    }

    /** How many of the products that a reach covers lack something. */
    public function count(CompiledReach $reach, ?Sql $only = null): int
    {
        $where = $this->where($reach, '', $only);

        return (int) DB::scalar("select count(*) from products p where p.published = 1 and $where->text", $where->bindings);
    }

    /**
     * @param  list<int>  $ids
     * @return list<Sample>
     */
    public function withFlags(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $tests = [];
        foreach ($this->tests() as $flag => $test) {
            $tests[] = "$test as \"$flag\"";
        }
        $flags = [];
        foreach (DB::select('select p.id, p.variant_count, '.implode(', ', $tests).' from products p where p.id in ('.implode(',', $ids).')') as $row) {
            $words = array_keys(array_filter(array_intersect_key((array) $row, $this->tests())));
            $flags[$row->id] = array_map(
                static fn (string $flag): string => $flag === 'many variants' ? Counted::of($row->variant_count, 'variant') : $flag,
                $words,
            );
        }

        return array_map(
            static fn (array $product): array => $product + ['flags' => $flags[$product['id']] ?? []],
            ProductRows::of($ids),
        );
    }

    /** @return array<string, string> what makes a product awkward, in words => as SQL */
    private function tests(): array
    {
        $onSale = (new QuantitySql($this->clock->now()->getTimestamp()))->onSale();

        return [
            'no picture' => 'p.picture_count = 0',
            'on sale' => "exists (select 1 from variants v where v.product_id = p.id and v.published = 1 and $onSale)",
            'sold out' => 'not '.self::IN_STOCK,
            'many variants' => 'p.variant_count > 11',
            'long title' => 'length(p.title) > 60',
            'no short description' => "p.short_description = ''",
            'no reviews' => 'p.review_count = 0',
        ];
    }

    private function where(CompiledReach $reach, string $query, ?Sql $only): Sql
    {
        $parts = [$reach->show === [] ? new Sql('1') : $this->contests->live(PageKind::Product)->sql()->covers($reach->atAnyTime()), ...($only === null ? [] : [$only])];
        foreach (array_filter(explode(' ', Folding::fold($query))) as $word) {
            $parts[] = new Sql('instr(p.title_folded, ?) > 0', [$word]);
        }

        return Sql::join(' and ', array_map(static fn (Sql $part): Sql => $part->wrap('(', ')'), $parts));
    }
}
