<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Records\Stored\Tables;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactValue;

/** What fields hold, as somebody reads it. */
final class FieldWords
{
    private const LONG = 80;

    /** @var array<string, array<int, string>> what things are called, by thing and number */
    private array $names = [];

    /** @var array<int, Fact>|null */
    private ?array $known = null;

    public function __construct(
        private readonly ShopSettings $settings,
        private readonly ShopClock $clock,
        private readonly FactBook $facts,
    ) {
    }

    /** Learns what the things are called that some entries name: one query for each kind of thing. */
    public function learn(Entry ...$entries): void
    {
        $wanted = [];
        foreach ($entries as $entry) {
            foreach ($entry->changes as $change) {
                $wanted[$change->thing->value][$change->id] = true;
                foreach ([$change->before ?? [], $change->after ?? []] as $fields) {
                    foreach ($fields as $name => $value) {
                        $named = ThingFields::field($change->thing, $name)?->names;
                        if ($named === null) {
                            continue;
                        }
                        foreach (array_filter(is_array($value) ? $value : [$value], is_int(...)) as $id) {
                            $wanted[$named->value][$id] = true;
                        }
                    }
                }
            }
        }
        foreach ($wanted as $thing => $ids) {
            $column = ThingFields::title(Thing::from($thing));
            $names = Rows::in(Tables::of(Thing::from($thing)))
                ->whereIntegerInRaw('id', array_keys(array_diff_key($ids, $this->names[$thing] ?? [])))
                ->pluck($column, 'id')
                ->all();
            $this->names[$thing] = ($this->names[$thing] ?? []) + array_filter($names, is_string(...));
        }
    }

    /** @return array<string, array<int, string>> by thing and number, as far as they were learnt */
    public function known(): array
    {
        return $this->names;
    }

    /** What a thing is called, now or when it was last there. */
    public function name(Change $change): string
    {
        $title = ThingFields::title($change->thing);
        $name = $this->names[$change->thing->value][$change->id]
            ?? $change->after[$title]
            ?? $change->before[$title]
            ?? null;

        return is_string($name) && $name !== '' ? $name : "{$change->thing->one()} $change->id";
    }

    /** What a field is called. */
    public function label(Thing $thing, ThingField $field): string
    {
        $fact = ThingFields::factOf($thing, $field->name);

        return $fact === null
            ? $field->words
            : ($this->known ??= $this->facts->all())[$fact]->name ?? 'a fact that is gone';
    }

    public function value(ThingField $field, mixed $value): string
    {
        if ($field->isEmpty($value)) {
            return $field->type === FieldType::Count ? 'not counted' : 'empty';
        }

        return match ($field->type) {
            FieldType::Money => is_int($value) ? $this->settings->format()->format($value) : '',
            FieldType::Flag => $value === true ? 'yes' : 'no',
            FieldType::From,
            FieldType::Until => is_string($value)
                ? str_replace(
                    'T',
                    ' ',
                    $this->clock->zone->wall($this->clock->zone->instant($value) ?? $this->clock->now()),
                )
                : '',
            FieldType::One, FieldType::Several, FieldType::Ordered => self::short(implode(', ', array_map(
                fn (mixed $id): string => is_int($id) && $field->names !== null
                    ? $this->names[$field->names->value][$id] ?? "a {$field->names->one()} that is gone"
                    : '',
                is_array($value) ? $value : [$value],
            ))),
            FieldType::Rich => self::short(FactValue::plain(is_string($value) ? $value : '')),
            FieldType::Rule => 'a rule',
            FieldType::Merged => 'another one',
            FieldType::Written => self::short(
                FactValue::plain(implode('; ', array_filter(is_array($value) ? $value : [], is_string(...)))),
            ),
            default => self::short(is_scalar($value) ? (string) $value : ''),
        };
    }

    private static function short(string $words): string
    {
        return mb_strlen($words) > self::LONG ? mb_substr($words, 0, self::LONG - 1).'…' : $words;
    }
}
