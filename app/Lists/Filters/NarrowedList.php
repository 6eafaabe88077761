<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters;

use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Composing\ListFilter;
use Vestibra\Core\Composing\ListFilterValue;
use Vestibra\Core\Composing\ListNarrowing;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Selling\Filters\AddressedFilter;
use Vestibra\Core\Selling\Filters\Choices;
use Vestibra\Core\Selling\Filters\FilterAddress;
use Vestibra\Core\Selling\Filters\Packed\NarrowedPacks;
use Vestibra\Core\Selling\MoneyFormat;

/** A list that was narrowed, and how blocks and addresses speak of it. */
final readonly class NarrowedList
{
    /**
     * @param  array<string, array<int, FilterName>>  $names  filter => value => what it is called
     * @param  array<string, string>  $sought  filter => what is looked for among its values
     */
    public function __construct(
        private Assortment $subject,
        private WishedFilters $wished,
        private Choices $choices,
        private string $words,
        public NarrowedPacks $outcome,
        private array $names,
        private CategoryTree $categories,
        private array $sought = [],
    ) {
    }

    /** @return array<string, string> what is on, as it stands in an address: the same choices always alike */
    public function asked(): array
    {
        return $this->written($this->choices);
    }

    /** @return array<string, string> what is looked for among values, as it stands in an address: it narrows nothing */
    public function finding(): array
    {
        $finding = [];
        foreach ($this->sought as $key => $words) {
            $finding["find[{$this->wished->addressed[$key]->parameter()}]"] = $words;
        }

        return $finding;
    }

    /** @param  array<string, string|int>  $others  whatever else the address says, and keeps */
    public function narrowed(array $others, Messages $messages, MoneyFormat $money): ListNarrowing
    {
        $filters = [];
        foreach ($this->wished->addressed as $key => $one) {
            $filters[$key] = $this->filter($key, $one);
        }
        $chips = (new FilterChips($messages, $money))->of($filters);
        $give = $this->outcome->giveUp;

        return new ListNarrowing(
            $filters,
            array_map(
                fn (array $chip): array => [
                    'filter' => $chip['filter'],
                    'words' => $chip['words'],
                    'address' => Listed::query(
                        $this->written($chip['value'] === null
                            ? $this->choices->without($chip['filter'])
                            : $this->choices->toggled($chip['filter'], $chip['value']))
                            + $others,
                    ),
                ],
                $chips,
            ),
            Listed::query($others),
            $give === null ? null : [
                'names' => array_values(array_map(
                    static fn (array $chip): string => $chip['words'],
                    array_filter(
                        $chips,
                        static fn (array $chip): bool => in_array($chip['filter'], $give['filters'], true),
                    ),
                )),
                'products' => $give['products'],
                'address' => Listed::query($this->written($this->choices->without(...$give['filters'])) + $others),
            ],
        );
    }

    /** @return array<string, string> */
    private function written(Choices $choices): array
    {
        $addressed = array_map(
            fn (AddressedFilter $one): AddressedFilter => new AddressedFilter(
                $one->filter,
                $one->name,
                $one->mark,
                $this->slugs($one->filter->key),
                $one->decimals,
            ),
            $this->wished->addressed,
        );
        $written = (new FilterAddress(array_values(array_diff_key($addressed, ['words' => true]))))->write($choices);

        return ($choices->has('words') ? ['words' => $this->words] : []) + $written;
    }

    /** @return array<int, string> */
    private function slugs(string $filter): array
    {
        return array_map(static fn (FilterName $name): string => $name->slug, $this->names[$filter] ?? []);
    }

    private function filter(string $key, AddressedFilter $one): ListFilter
    {
        $values = [];
        $chosen = array_flip($this->choices->values[$key] ?? []);
        // What is chosen stands there even where the list has none of it: it has to be possible to take it off.
        foreach (($this->outcome->counts[$key] ?? []) + array_fill_keys(array_keys($chosen), 0) as $value => $count) {
            $name = $this->names[$key][$value] ?? null;
            $depth = $key === 'category' ? $this->depth($value) : 0;
            if ($name !== null && ($depth !== null || isset($chosen[$value]))) {
                $values[] = new ListFilterValue(
                    $value,
                    $name->label,
                    $name->slug === '' ? (string) $value : "$name->slug-$value",
                    $count,
                    isset($chosen[$value]),
                    $name->place,
                    $name->swatch,
                    $depth ?? 0,
                    $name->picture === null ? null : "/pictures/$name->picture-160.webp",
                );
            }
        }
        usort($values, static fn (ListFilterValue $a, ListFilterValue $b): int => $a->place <=> $b->place
            ?: $a->id <=> $b->id);

        return new ListFilter(
            $key,
            $this->wished->names[$key],
            $one->parameter(),
            $key === 'words' ? [] : $values,
            $this->outcome->bounds[$key] ?? null,
            $this->choices->ranges[$key] ?? [null, null],
            $one->decimals,
            $this->wished->units[$key] ?? '',
            isset($this->wished->dates[$key]),
            $key === 'words' ? $this->words : '',
            $this->sought[$key] ?? '',
        );
    }

    /**
     * @return int|null how far beneath the page's own category, or from the top; null of those that are not beneath it
     */
    private function depth(int $category): ?int
    {
        $above = array_map(static fn (object $one): int => $one->id, $this->categories->path($category));
        if ($this->subject->kind() !== SubjectKind::Category) {
            return count($above) - 1;
        }
        $at = array_search($this->subject->id(), $above, true);

        return $at === false || $at === count($above) - 1 ? null : count($above) - $at - 2;
    }
}
