<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters;

use stdClass;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Lists\Filters\Sql\FilterNames;
use Vestibra\App\Lists\Filters\Sql\StoredPacks;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Selling\Filters\AddressedFilter;
use Vestibra\Core\Selling\Filters\Choices;
use Vestibra\Core\Selling\Filters\Filter;
use Vestibra\Core\Selling\Filters\FilterAddress;
use Vestibra\Core\Selling\Filters\Packed\Bits;
use Vestibra\Core\Selling\Filters\Packed\Pack;
use Vestibra\Core\Selling\Filters\Packed\PackedNarrowing;

/**
 * Narrows the list of a page by what somebody has chosen. The number of queries depends on neither products, values nor
 * choices.
 */
final readonly class ListFilters
{
    private const MOST_WORDS = 100;

    /** Of the list itself, where that is the products of one value of a filter. */
    private const HOLDS = [SubjectKind::Category, SubjectKind::Brand, SubjectKind::Tag];

    public function __construct(
        private FilterPacks $packs,
        private Categories $categories,
        private ShopMessages $messages,
        private ShopSettings $settings,
    ) {
    }

    /**
     * @param  string  $holding  SQL, the ids of the products of the list
     * @param  list<FilterWish>  $wishes
     * @param  array<array-key, mixed>  $asked  untrusted
     * @param  callable(string): Sql  $search  the products called `p` that words find
     */
    public function of(
        Assortment $subject,
        string $holding,
        array $wishes,
        array $asked,
        callable $search,
    ): NarrowedList {
        $wished = WishedFilters::of($wishes, $this->messages->live(), $this->settings->format());
        $names = new FilterNames($this->messages->live());
        [$choices, $chosen] = $this->read($wished, $names, $asked);
        $words = isset($wished->addressed['words']) ? self::words($asked['words'] ?? null) : '';
        // Without a letter or a digit there is nothing to look for.
        $words = preg_match('/[\p{L}\p{N}]/u', $words) === 1 ? $words : '';
        if ($words !== '') {
            $choices = $choices->with('words', [1]);
        }
        $filters = array_values(
            array_map(static fn (AddressedFilter $one): Filter => $one->filter, $wished->addressed),
        );
        $outcome = (new PackedNarrowing($filters, $choices))
            ->of($this->packs($subject, $holding, $filters, $words === '' ? null : $search($words)));
        $values = [];
        foreach ($outcome->counts as $filter => $counts) {
            $values[$filter] = array_values(array_diff(array_keys($counts), array_keys($chosen[$filter] ?? [])));
        }
        foreach ($names->of($values, $wished->pictured) as $filter => $some) {
            $chosen[$filter] = ($chosen[$filter] ?? []) + $some;
        }

        return new NarrowedList(
            $subject,
            $wished,
            $choices,
            $words,
            $outcome,
            $chosen,
            $this->categories->tree(),
            self::sought($wished, $asked['find'] ?? null),
        );
    }

    /**
     * @param  array<array-key, mixed>  $asked
     * @return array{Choices, array<string, array<int, FilterName>>} with what is chosen and is there, and what that is
     *     called
     */
    private function read(WishedFilters $wished, FilterNames $names, array $asked): array
    {
        $given = (new FilterAddress(array_values(array_diff_key($wished->addressed, ['words' => true]))))->read($asked);
        $known = $names->of($given->values, $wished->pictured);
        $choices = $given;
        $called = [];
        foreach ($given->values as $filter => $values) {
            $living = [];
            foreach ($values as $value) {
                $name = $known[$filter][$value] ?? null;
                if ($name !== null) {
                    $living[] = $name->id;
                    $called[$filter][$name->id] = $name;
                }
            }
            $choices = $choices->with($filter, $living);
        }

        return [$choices, $called];
    }

    /** @return array<string, string> filter => what is looked for among its values */
    private static function sought(WishedFilters $wished, mixed $asked): array
    {
        $sought = array_map(
            static fn (AddressedFilter $one): string =>
                self::words(is_array($asked) ? $asked[$one->parameter()] ?? null : null),
            $wished->addressed,
        );

        return array_filter($sought, static fn (string $words): bool => $words !== '');
    }

    private static function words(mixed $asked): string
    {
        return is_string($asked)
            ? trim(mb_substr(preg_replace('/[\p{C}\s]+/u', ' ', mb_scrub($asked)) ?? '', 0, self::MOST_WORDS))
            : '';
    }

    /**
     * @param  list<Filter>  $filters
     * @return iterable<int, array{Pack, string|null}>
     */
    private function packs(Assortment $subject, string $holding, array $filters, ?Sql $found): iterable
    {
        $by = in_array($subject->kind(), self::HOLDS, true) ? $subject->kind()->value : null;
        $keys = array_map(static fn (Filter $filter): string => $filter->key, $filters);
        $needed = [
            ...$keys,
            ...$by === null ? [] : [$by],
            ...array_filter($filters, static fn (Filter $filter): bool => $filter->onlyInStock) === [] ? [] : ['stock'],
        ];
        $ids = $by === null && $subject->kind() !== SubjectKind::AllProducts
            ? self::ids(StoredPacks::held("p.id in ($holding)", []))
            : null;
        $words = $found === null
            ? null
            : self::ids(StoredPacks::held($found->text, $found->bindings));
        foreach ($this->packs->read(array_values(array_unique($needed))) as $number => [$pack, $list]) {
            $pack = in_array('category', $needed, true) ? $this->lifted($pack) : $pack;
            $pack = $words === null ? $pack : $pack->with(['words' => [1 => self::among($pack, $words)]]);
            $held = match (true) {
                $by !== null => $pack->values[$by][$subject->id()] ?? str_repeat("\0", $pack->length),
                $ids !== null => self::among($pack, $ids),
                default => null,
            };
            yield $number => [$pack, $held === null || $list === null ? $held ?? $list : $held & $list];
        }
    }

    /** With the categories above those that products are filed in. */
    private function lifted(Pack $pack): Pack
    {
        $lifted = [];
        foreach ($pack->values['category'] ?? [] as $category => $bits) {
            foreach ($this->categories->tree()->upwards([$category]) as $above) {
                $lifted[$above] = ($lifted[$above] ?? '') | $bits;
            }
        }

        return $pack->with(['category' => $lifted]);
    }

    /**
     * @param  list<stdClass>  $rows
     * @return array<int, int> product => product
     */
    private static function ids(array $rows): array
    {
        $ids = array_column($rows, 'id');

        return array_combine($ids, $ids);
    }

    /** @param  array<int, int>  $ids */
    private static function among(Pack $pack, array $ids): string
    {
        return Bits::of(array_values(array_intersect_key($pack->places(), $ids)), $pack->length);
    }
}
