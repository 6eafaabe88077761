<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Records\Stored\OldAddresses;
use Vestibra\App\Records\Stored\Tables;
use Vestibra\App\Work\Saving\Sql\HoldingRows;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Problem;

/**
 * What only one thing of its kind may have: an address name, a stock number, the name of a brand, tag, option or value.
 * Asked for all at once.
 */
final readonly class Uniqueness
{
    private const AT_ONCE = 500;

    public function __construct(private OldAddresses $addresses)
    {
    }

    /**
     * @param  array<string, array<int, array<string, mixed>>>  $stands  all fields of what the entry changes
     * @param  bool  $knowingly  an address name that led elsewhere before is taken all the same
     * @return list<Problem>
     */
    public function of(Entry $entry, array $stands, bool $knowingly): array
    {
        $problems = [];
        foreach (Thing::cases() as $thing) {
            $changes = array_values(array_filter(
                $entry->changes,
                static fn (Change $change): bool => $change->thing === $thing && $change->after !== null,
            ));
            if ($changes !== []) {
                $problems = [
                    ...$problems,
                    ...$this->slugs($thing, $changes, $knowingly),
                    ...$this->skus($thing, $changes),
                    ...$this->names($thing, $changes, $stands[$thing->value] ?? []),
                ];
            }
        }

        return $problems;
    }

    /**
     * @param  list<Change>  $changes
     * @return list<Problem>
     */
    private function slugs(Thing $thing, array $changes, bool $knowingly): array
    {
        $wanted = self::wanted($changes, 'slug');
        $title = Tables::columns($thing)[ThingFields::title($thing)];
        $others = $wanted === []
            ? []
            : self::holders(Tables::of($thing), 'slug', array_column($wanted, 1), "$title as called");
        $problems = $taken = [];
        foreach ($wanted as [$change, $slug]) {
            $other = self::other($others[$slug] ?? [], $change->id) ?? $taken[$slug] ?? null;
            $led = $other === null && ! $knowingly ? $this->addresses->thing($thing, $slug) : null;
            if ($other !== null) {
                $problems[] = CatalogueProblem::AddressNameTaken
                    ->at("{$change->key()}/slug", ['slug' => $slug, 'other' => $other]);
            } elseif ($led !== null && $led['id'] !== $change->id) {
                $problems[] = CatalogueProblem::AddressNameLeads
                    ->at("{$change->key()}/slug", ['slug' => $slug, 'other' => $led['name'], 'until' => $led['until']]);
            }
            $called = $change->after[ThingFields::title($thing)] ?? null;
            $taken[$slug] = is_string($called) ? $called : $slug;
        }

        return $problems;
    }

    /**
     * @param  list<Change>  $changes
     * @return list<Problem>
     */
    private function skus(Thing $thing, array $changes): array
    {
        $wanted = $thing === Thing::Variant ? self::wanted($changes, 'sku') : [];
        $others = $wanted === [] ? [] : self::holders(
            'variants',
            'sku',
            array_column($wanted, 1),
            HoldingRows::TITLE,
        );
        $problems = $taken = [];
        foreach ($wanted as [$change, $sku]) {
            $other = self::other($others[$sku] ?? [], $change->id);
            if ($other !== null || isset($taken[$sku])) {
                $problems[] = CatalogueProblem::SkuTaken->at(
                    "{$change->key()}/sku",
                    ['sku' => $sku, 'where' => $other === null ? 'another variant' : "“{$other}”"],
                );
            }
            $taken[$sku] = true;
        }

        return $problems;
    }

    /**
     * Brands, tags, options and their values are told apart by their names.
     *
     * @param  list<Change>  $changes
     * @param  array<int, array<string, mixed>>  $stands
     * @return list<Problem>
     */
    private function names(Thing $thing, array $changes, array $stands): array
    {
        $title = ThingFields::title($thing);
        $wanted = in_array($thing, [Thing::Brand, Thing::Tag, Thing::Option, Thing::OptionValue], true)
            ? self::wanted($changes, $title)
            : [];
        $folded = array_map(static fn (array $one): string => Folding::fold($one[1]), $wanted);
        $others = $wanted === [] ? [] : self::holders(
            Tables::of($thing),
            Tables::folded($thing)[$title],
            $folded,
            $thing === Thing::OptionValue ? 'option_id as called' : "'' as called",
        );
        $problems = $taken = [];
        foreach ($wanted as $index => [$change, $name]) {
            $option = $thing === Thing::OptionValue
                ? $change->after['option'] ?? $stands[$change->id]['option'] ?? 0
                : '';
            $among = $thing === Thing::OptionValue
                ? array_filter($others[$folded[$index]] ?? [], static fn (string $of): bool =>
                    $of === self::text($option))
                : $others[$folded[$index]] ?? [];
            $key = self::text($option)."/$folded[$index]";
            if (self::other($among, $change->id) !== null || isset($taken[$key])) {
                $problems[] = CatalogueProblem::NameTaken
                    ->at("{$change->key()}/$title", ['name' => $name, 'thing' => $thing->one()]);
            }
            $taken[$key] = true;
        }

        return $problems;
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }

    /**
     * @param  list<Change>  $changes
     * @return list<array{Change, string}> those that get another value of a field
     */
    private static function wanted(array $changes, string $field): array
    {
        $wanted = [];
        foreach ($changes as $change) {
            $value = $change->after[$field] ?? null;
            if (is_string($value) && $value !== '' && $value !== ($change->before[$field] ?? null)) {
                $wanted[] = [$change, $value];
            }
        }

        return $wanted;
    }

    /**
     * @param  list<string>  $values
     * @return array<string, array<int, string>> by value: the numbers of those that have it, and what they are called
     */
    private static function holders(string $table, string $column, array $values, string $called): array
    {
        $holders = [];
        foreach (array_chunk(array_values(array_unique($values)), self::AT_ONCE) as $some) {
            foreach (HoldingRows::of($table, $column, $some, $called) as $row) {
                $holders[(string) $row->value][(int) $row->id] = (string) $row->called;
            }
        }

        return $holders;
    }

    /** @param  array<int, string>  $holders */
    private static function other(array $holders, int $own): ?string
    {
        unset($holders[$own]);

        return $holders === [] ? null : reset($holders);
    }
}
