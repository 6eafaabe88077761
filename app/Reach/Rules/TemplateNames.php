<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Reach\Evaluator;

/** What templates are called, by their numbers; and what is said where a page has none. */
final class TemplateNames
{
    private const NONE = 'none, as the page’s template says';

    /** @return array<int, string> */
    public static function all(): array
    {
        $names = [Evaluator::NONE => self::NONE];
        foreach (Template::query()->toBase()->get(['id', 'name']) as $row) {
            $names[(int) $row->id] = (string) $row->name;
        }

        return $names;
    }

    public static function of(int $template): string
    {
        return $template === Evaluator::NONE
            ? self::NONE
            : (string) Template::query()->toBase()->where('id', $template)->value('name');
    }
}
