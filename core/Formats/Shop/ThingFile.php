<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Shop;

use Brick\Math\BigDecimal;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Problem;

/**
 * The fields of one thing as they stand in a file: amounts as `9.50`, other things by name, and what is empty left out.
 * Only what differs from what stands in the shop is read at all, so that a file that nobody touched changes nothing.
 *
 * @api
 */
final readonly class ThingFile
{
    /** What a file says by where it stands, or in a form of its own. */
    private const ELSEWHERE = [
        'category' => ['mergedFrom'],
        'collection' => ['mergedFrom'],
        'brand' => ['mergedFrom'],
        'tag' => ['mergedFrom'],
        'variant' => ['product', 'values', 'position'],
        'option' => ['position', 'mergedFrom'],
        'option-value' => ['option', 'position', 'mergedFrom'],
    ];

    public function __construct(
        private FolderNames $names,
        private FieldReader $reader,
        private int $digits,
    ) {
    }

    /** @return array<string, ThingField> by name: those that stand in a file as they are */
    public static function fields(Thing $thing): array
    {
        return array_diff_key(ThingFields::of($thing), array_flip(self::ELSEWHERE[$thing->value] ?? []));
    }

    /**
     * @param  array<string, mixed>  $values  as they stand in the shop
     * @return array<string, mixed>
     */
    public function written(Thing $thing, array $values): array
    {
        $written = [];
        foreach (self::fields($thing) as $name => $field) {
            $value = $values[$name] ?? null;
            if ($field->required || ! self::isLeftOut($field, $value)) {
                $written[$name] = $this->one($field, $value);
            }
        }

        return $written;
    }

    /**
     * @param  array<string, mixed>|null  $stands  as it stands in the shop; null where it is not there
     * @param  array<string, mixed>  $given  of the file; other keys than those of fields are the caller's
     * @param  list<Problem>  $problems  is added to
     * @return array<string, mixed> fields that differ from what stands; all of them for a new thing
     */
    public function changed(Thing $thing, ?array $stands, array $given, array &$problems): array
    {
        $as = $stands === null ? [] : $this->written($thing, $stands);
        $changed = [];
        foreach (self::fields($thing) as $name => $field) {
            $here = array_key_exists($name, $given);
            if ($stands !== null && $here === array_key_exists($name, $as) && (! $here
                || self::same($given[$name], $as[$name]))) {
                continue;
            }
            if (! $here && self::mayBeLeftOut($field)) {
                // A place that nobody wrote down stays as it is; whoever makes something new gives it one.
                continue;
            }
            $value = $here || $field->required ? $this->value($field, $given[$name] ?? null) : $field->empty();
            if ($value instanceof Problem) {
                $problems[] = $value;
            } elseif ($stands === null || $value !== ($stands[$name] ?? null)) {
                $changed[$name] = $value;
            }
        }

        return $changed;
    }

    /** Whether a file may leave it out although things always have it. */
    public static function mayBeLeftOut(ThingField $field): bool
    {
        return $field->required && $field->type === FieldType::Count;
    }

    /** @return bool whether two pieces of JSON say the same, whatever the order of keys */
    public static function same(mixed $one, mixed $other): bool
    {
        return self::sorted($one) === self::sorted($other);
    }

    private static function sorted(mixed $value): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        array_is_list($value) || ksort($value);

        return array_map(self::sorted(...), $value);
    }

    private static function isLeftOut(ThingField $field, mixed $value): bool
    {
        return $field->type === FieldType::Flag ? $value === true : $field->isEmpty($value);
    }

    private function one(ThingField $field, mixed $value): mixed
    {
        return match ($field->type) {
            FieldType::Money => is_int($value) ? (string) BigDecimal::ofUnscaledValue($value, $this->digits) : null,
            FieldType::One => is_int($value) ? $this->name($field, $value) : null,
            FieldType::Ordered => $this->all($field, $value),
            FieldType::Several => self::byName($this->all($field, $value)),
            FieldType::Rule => is_array($value) ? (new RuleNames($this->names))->written($value) : null,
            default => $value,
        };
    }

    /** @return list<string|null> */
    private function all(ThingField $field, mixed $value): array
    {
        return array_map(
            fn (int $id): ?string => $this->name($field, $id),
            array_values(array_filter(is_array($value) ? $value : [], is_int(...))),
        );
    }

    private function name(ThingField $field, int $id): ?string
    {
        return $this->names->nameOf($field->names->value ?? '', $id);
    }

    /**
     * @param  list<string|null>  $names
     * @return list<string|null>
     */
    private static function byName(array $names): array
    {
        sort($names, SORT_STRING);

        return $names;
    }

    /** @return mixed in the form of the shop, or a Problem */
    private function value(ThingField $field, mixed $given): mixed
    {
        if ($given !== null && ! self::isOfType($field->type, $given)) {
            return FileFormatProblem::WrongType
                ->at($field->name, ['field' => $field->words, 'wants' => self::wants($field->type)]);
        }
        $plain = match ($field->type) {
            FieldType::Money => $this->minor($given),
            FieldType::One => $given === null ? null : $this->id($field, $given),
            FieldType::Several, FieldType::Ordered => $this->ids($field, $given),
            FieldType::Rule => is_array($given) ? (new RuleNames($this->names))->read($given) : $given,
            default => $given,
        };

        return $plain instanceof Problem
            ? $plain->code->at($field->name, $plain->values)
            : $this->reader->read($field, $plain);
    }

    /** As the schema of the files has it. */
    private static function isOfType(FieldType $type, mixed $given): bool
    {
        return match ($type) {
            FieldType::Flag => is_bool($given),
            FieldType::Count => is_int($given),
            FieldType::Several, FieldType::Ordered, FieldType::Written,
            FieldType::Merged => is_array($given) && array_is_list($given),
            FieldType::Rule => is_array($given) && is_array($given['show'] ?? null),
            default => is_string($given),
        };
    }

    private static function wants(FieldType $type): string
    {
        return match ($type) {
            FieldType::Flag => 'true or false',
            FieldType::Count => 'a whole number without quotes',
            FieldType::Several, FieldType::Ordered, FieldType::Written, FieldType::Merged => 'a list',
            FieldType::Rule => 'a rule',
            FieldType::Money => 'an amount in quotes, as "9.50"',
            default => 'words in quotes',
        };
    }

    /** What is written just as we write it means that and nothing else; everything else is read as people write it. */
    private function minor(mixed $given): mixed
    {
        $exact = $this->digits === 0 ? '/^\d{1,12}$/D' : "/^\d{1,12}\.\d{{$this->digits}}$/D";

        return is_string($given) && preg_match($exact, $given) === 1
            ? BigDecimal::of($given)->getUnscaledValue()->toInt()
            : $given;
    }

    private function id(ThingField $field, mixed $given): int|Problem
    {
        $id = is_string($given) ? $this->names->idOf($field->names->value ?? '', $given) : null;

        return $id ?? FileFormatProblem::UnknownName->at('', [
            'name' => is_scalar($given) ? mb_substr((string) $given, 0, 80) : '',
            'thing' => $field->names?->one() ?? '',
        ]);
    }

    private function ids(ThingField $field, mixed $given): mixed
    {
        if (! is_array($given)) {
            return $given === null ? [] : $given;
        }
        $ids = [];
        foreach ($given as $one) {
            $id = $this->id($field, $one);
            if ($id instanceof Problem) {
                return $id;
            }
            $ids[] = $id;
        }

        return $ids;
    }
}
