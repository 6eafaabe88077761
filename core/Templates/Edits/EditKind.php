<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use LogicException;
use Vestibra\Core\Templates\ConflictProblem;

/**
 * What is the same of every edit of one kind. The Studio has it too, generated from here.
 *
 * Texts have holes that are filled from an edit's fields: `{id}` with what stands in the field; in words `{block:id}`
 * with the name of the block whose id stands there, `{kind:node}` with the name of the kind of a block that stands
 * there, and `{setting}` with the label of the setting.
 *
 * @internal
 */
final readonly class EditKind
{
    /**
     * @param  string  $name  the fixed name in stored edits
     * @param  string  $words  what it did, as "{block:id} moved"
     * @param  string|null  $about  the field with the id of the block that it is about; null: the page
     * @param  list<string>  $decides  what it decides, as "place of {id}"; two edits that decide one thing differently
     *     cannot both hold. The first hole is the block that it is about.
     * @param  ConflictProblem|null  $crossing  what it is when two do
     *
     * @throws LogicException when something is left unsaid
     */
    public function __construct(
        public string $name,
        public string $words,
        public ?string $about,
        public array $decides,
        public ?ConflictProblem $crossing,
    ) {
        if (preg_match('/^[a-z-]+$/D', $name) !== 1 || trim($words) === '') {
            throw new LogicException("A kind of edit without a name or words: “{$name}”.");
        }
        if (($decides === []) !== ($crossing === null)) {
            throw new LogicException("The kind of edit “{$name}” does not say what it is when two decide differently.");
        }
    }

    /**
     * @param  array<string, mixed>  $edit  as it is written
     * @return array<string, string> what it decides, with the id of the block that it is about; '' for the page
     */
    public function decided(array $edit): array
    {
        $decided = [];
        foreach ($this->decides as $pattern) {
            $fields = self::fields($pattern);
            $decided[self::filled($pattern, $edit)] = $fields === [] ? '' : self::text($edit[$fields[0]] ?? null);
        }

        return $decided;
    }

    /** @return list<string> the names in the holes of a text */
    public static function fields(string $pattern): array
    {
        return preg_match_all('/\{([a-zA-Z]+)\}/', $pattern, $found) === false ? [] : $found[1];
    }

    /** @param  array<string, mixed>  $edit */
    private static function filled(string $pattern, array $edit): string
    {
        return (string) preg_replace_callback(
            '/\{([a-zA-Z]+)\}/',
            static fn (array $hole): string => self::text($edit[$hole[1]] ?? null),
            $pattern,
        );
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
