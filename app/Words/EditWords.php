<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use LogicException;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;

/** Says what a step did, as the undo button names it. */
final readonly class EditWords
{
    public function __construct(private Composer $composer)
    {
    }

    /** @param  list<Edit>  $edits */
    public function of(array $edits, Node $before): string
    {
        $first = $edits[0] ?? null;
        $words = $first === null ? '' : $this->one($first, $before);

        return count($edits) > 1 ? $words.' and '.(count($edits) - 1).' more' : $words;
    }

    private function one(Edit $edit, Node $before): string
    {
        $written = $edit->toArray();

        return (string) preg_replace_callback(
            '/\{(\w+)(?::(\w+))?\}/',
            fn (array $hole): string => match ($hole[1]) {
                'block' => $this->nameOf(self::text($written[$hole[2] ?? ''] ?? null), $before),
                'kind' => $this->kindOf($written[$hole[2] ?? ''] ?? null),
                'setting' => $this->setting($written, $before),
                default => throw new LogicException("Nobody fills {$hole[0]} in the words of an edit."),
            },
            $edit::kind()->words,
        );
    }

    private function nameOf(string $id, Node $tree): string
    {
        return $this->name($tree->find($id)->kind ?? '');
    }

    private function kindOf(mixed $block): string
    {
        return $this->name(is_array($block) ? self::text($block['kind'] ?? null) : '');
    }

    private function name(string $kind): string
    {
        return $this->composer->schema->definition($kind)->name ?? 'Block';
    }

    /** @param  array<string, mixed>  $edit */
    private function setting(array $edit, Node $tree): string
    {
        $kind = $tree->find(self::text($edit['id'] ?? null))->kind ?? '';
        $question = Question::tryFrom(self::text($edit['question'] ?? null));
        $setting = self::text($edit['setting'] ?? null);
        $label = $question === null
            ? $setting
            : $this->composer->schema->definition($kind)?->setting($question, $setting)->label ?? $setting;

        return mb_strtolower(mb_substr($label, 0, 1)).mb_substr($label, 1);
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
