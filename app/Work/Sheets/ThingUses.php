<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Trees\WhereNamed;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Models\Catalogue\Collection;
use Vestibra\App\Records\Models\Catalogue\Link;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Models\Template as TemplateRow;
use Vestibra\App\Work\Sheets\Sql\ProductListRows;
use Vestibra\App\Work\Sheets\Sql\ThingListRows;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\ReachFormats;

/**
 * What uses a thing of the catalogue: said before it is deleted.
 *
 * @phpstan-type Template array{id: int, name: string, live: bool}
 *
 * @shape ThingUses array{products: int, beneath: int|null, rules: list<array{id: int, name: string, live: bool}>,
 *     pages: list<array{id: int, name: string, live: bool}>, collections: list<string>}
 * @shape ThingData array{form: ThingForm, terms: RuleTerms|null}
 */
final readonly class ThingUses
{
    private const FIELDS = [
        'category' => 'category', 'collection' => 'collection', 'brand' => 'brand', 'tag' => 'tag',
        'product' => 'product', 'option' => 'option',
    ];

    public function __construct(
        private WhereNamed $named,
        private KindRulesReader $rules,
    ) {
    }

    /**
     * @return array{products: int, beneath: int|null, rules: list<Template>, pages: list<Template>,
     *     collections: list<string>}
     */
    public function of(Thing $thing, int $id): array
    {
        $rules = $collections = [];
        $merged = LivingNames::MERGED[$thing->value] ?? null;
        $ids = [
            $id,
            ...$merged === null ? [] : array_values(
                array_map(intval(...), Rows::in($merged[0])->where($merged[1], $id)->pluck('merged_id')->all()),
            ),
        ];
        foreach (
            TemplateRow::query()->toBase()->where('page_kind', '<>', '')->whereNull('let_go_at')->orderBy('name')->get(
                ['id', 'name', 'live_revision', 'live_reach', 'draft_reach'],
            ) as $row
        ) {
            if (self::asks($row->live_reach, $thing, $ids) || self::asks($row->draft_reach, $thing, $ids)) {
                $rules[] =
                    ['id' => (int) $row->id, 'name' => (string) $row->name, 'live' => $row->live_revision !== null];
            }
        }
        foreach (Collection::query()->toBase()->whereNotNull('rule')->orderBy('name')->get(['name', 'rule']) as $row) {
            self::asks($row->rule, $thing, $ids) && $collections[] = (string) $row->name;
        }
        $pages = in_array($thing, [Thing::Product, Thing::Collection, Thing::Category, Thing::Brand], true)
            ? $this->named->places($id, $thing->value)
            : [];

        return [
            'products' => $this->products($thing, $id),
            'beneath' => $thing === Thing::Category
                ? (int) ThingListRows::productsBeneath($id)
                : null,
            'rules' => $rules,
            'pages' => array_map(
                static fn (array $place): array =>
                    ['id' => $place['id'], 'name' => $place['name'], 'live' => $place['live']],
                $pages,
            ),
            'collections' => $collections,
        ];
    }

    private function products(Thing $thing, int $id): int
    {
        return match ($thing) {
            Thing::Category => Link::in('category_product')->toBase()->where('category_id', $id)->count(),
            Thing::Collection => $this->inCollection($id),
            Thing::Brand => Product::query()->toBase()->where('brand_id', $id)->count(),
            Thing::Tag => Link::in('product_tag')->toBase()->where('tag_id', $id)->count(),
            Thing::Option => (int) Link::in('variant_values')->toBase()
                ->join('variants', 'variants.id', '=', 'variant_values.variant_id')
                ->where('variant_values.option_id', $id)
                ->distinct()
                ->count('variants.product_id'),
            default => 0,
        };
    }

    private function inCollection(int $id): int
    {
        $holds = $this->rules->live(PageKind::Product)->sql()->inCollection($id);

        return (int) ProductListRows::held($holds);
    }

    /** @param  list<int>  $ids  its own, and those of what was merged into it */
    private static function asks(?string $stored, Thing $thing, array $ids): bool
    {
        $reach = $stored === null ? [] : ReachFormats::upcast((array) json_decode($stored, true)) ?? [];
        foreach ([...(array) ($reach['show'] ?? []), ...(array) ($reach['keepOff'] ?? [])] as $clause) {
            foreach (array_filter((array) $clause, is_array(...)) as $condition) {
                if (($condition['field'] ?? null) === (self::FIELDS[$thing->value] ?? '')
                    && (array_intersect($ids, array_filter((array) ($condition['values'] ?? []), is_int(...))) !== []
                        || in_array($condition['of'] ?? null, $ids, true))) {
                    return true;
                }
            }
        }

        return false;
    }
}
