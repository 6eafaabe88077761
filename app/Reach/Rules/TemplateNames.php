<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Illuminate\Support\Facades\DB;
use Vestibra\Core\Reach\Evaluator;

/** What templates are called, by their numbers; and what is said where a page has none. */
final class TemplateNames
{
    private const NONE = 'none, as the page’s template says';

    /** @return array<int, string> */
    public static function all(): array
    {
        $names = [Evaluator::NONE => self::NONE];
        foreach (DB::table('templates')->get(['id', 'name']) as $row) {
            $names[(int) $row->id] = (string) $row->name;
        }

        return $names;
    }

    public static function of(int $template): string
    {
        return $template === Evaluator::NONE
            ? self::NONE
            : (string) DB::table('templates')->where('id', $template)->value('name');
    }
}
