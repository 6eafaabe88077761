<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Ground\Counted;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Merge;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;

/** What an entry did, in one sentence, and line by line. */
final readonly class EntryWords
{
    private const MOST = 250;

    public function __construct(private FieldWords $fields)
    {
    }

    /** @param  array<string, array<int, array<string, mixed>>>  $stands */
    public function of(Entry $entry, array $stands): string
    {
        $this->fields->learn($entry);
        $products = $entry->ids(Thing::Product);
        foreach ($entry->changes as $change) {
            $product = $change->thing === Thing::Variant
                ? $stands['variant'][$change->id]['product'] ?? $change->after['product'] ?? null
                : null;
            is_int($product) && $products[] = $product;
        }
        $products = array_values(array_unique($products));
        $leading = $entry->changes[0] ?? null;
        $whole = $leading !== null && ($leading->isMade() || $leading->isDeleted());

        return mb_substr(match (true) {
            $leading === null => '',
            ($merged = $this->merged($entry)) !== null => $merged,
            $whole && (count($entry->changes) === 1 || count($products) === 1) =>
                ($leading->isMade() ? 'Made' : 'Deleted')." “{$this->fields->name($leading)}”",
            count($entry->changes) === 1 => "{$this->fields->name($leading)}: {$this->altered($leading)}",
            count($products) === 1 => $this->product($entry, $products[0]),
            default => Counted::of(count($entry->changes), 'change', 'changes')
                .': '
                .implode(', ', array_slice(array_unique(array_map($this->fields->name(...), $entry->changes)), 0, 3)),
        }, 0, self::MOST);
    }

    /**
     * @return list<array{name: string, field: string, from: string, to: string}> at most so many lines
     */
    public function lines(Entry $entry, int $most): array
    {
        $this->fields->learn($entry);
        $lines = [];
        foreach ($entry->changes as $change) {
            if ($change->isMade() || $change->isDeleted()) {
                $lines[] = [
                    'name' => $this->fields->name($change),
                    'field' => '',
                    'from' => $change->isMade() ? '' : 'there',
                    'to' => $change->isMade() ? 'there' : '',
                ];
            }
            foreach ($change->fields() as $name) {
                $field = ThingFields::field($change->thing, $name);
                if ($field !== null) {
                    $lines[] = [
                        'name' => $this->fields->name($change),
                        'field' => $this->fields->label($change->thing, $field),
                        'from' => $this->fields->value($field, $change->before[$name] ?? null),
                        'to' => $this->fields->value($field, $change->after[$name] ?? null),
                    ];
                }
            }
            if (count($lines) >= $most) {
                break;
            }
        }

        return array_slice($lines, 0, $most);
    }

    private function merged(Entry $entry): ?string
    {
        $said = [];
        foreach ($entry->changes as $change) {
            $after = Merge::ids($change->after['mergedFrom'] ?? []);
            $before = Merge::ids($change->before['mergedFrom'] ?? []);
            foreach ($entry->changes as $other) {
                if ($other->thing === $change->thing
                    && ! $change->isMade()
                    && ! $change->isDeleted()
                    && in_array($other->id, [...array_diff($after, $before), ...array_diff($before, $after)], true)) {
                    $said[$change->thing->value] = $other->isDeleted()
                        ? "“{$this->fields->name($other)}” merged into “{$this->fields->name($change)}”"
                        : "“{$this->fields->name($other)}” and “{$this->fields->name($change)}” are two again";
                }
            }
        }
        ksort($said);

        return array_values($said)[0] ?? null;
    }

    private function altered(Change $change): string
    {
        $names = $change->fields();
        $field = count($names) === 1 ? ThingFields::field($change->thing, $names[0]) : null;
        if ($field !== null) {
            return "{$this->fields->label($change->thing, $field)} from "
                ."{$this->fields->value($field, $change->before[$field->name] ?? null)} to "
                ."{$this->fields->value($field, $change->after[$field->name] ?? null)}";
        }

        return implode(', ', $this->called($change));
    }

    private function product(Entry $entry, int $product): string
    {
        $own = $entry->of(Thing::Product, $product) ?? new Change(Thing::Product, $product, [], []);
        $this->fields->learn(new Entry([$own]));
        $variants = count($entry->ids(Thing::Variant));

        return $this->fields->name($own).': '.implode(
            ', ',
            [...$this->called($own), ...$variants === 0 ? [] : [Counted::of($variants, 'variant', 'variants')]],
        );
    }

    /** @return list<string> */
    private function called(Change $change): array
    {
        $called = [];
        foreach ($change->fields() as $name) {
            $field = ThingFields::field($change->thing, $name);
            $called[] = $field === null ? $name : $this->fields->label($change->thing, $field);
        }

        return $called;
    }
}
