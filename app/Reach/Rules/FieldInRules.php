<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\ReachFormats;

/** Whether any live rule of a page kind asks for a field at all. */
final class FieldInRules
{
    public static function isAsked(PageKind $kind, string $field): bool
    {
        foreach (Template::query()->toBase()->where('page_kind', $kind->value)
            ->whereNotNull('live_reach')
            ->pluck('live_reach') as $stored) {
            $reach = ReachFormats::upcast((array) json_decode((string) $stored, true)) ?? [];
            foreach ([...(array) ($reach['show'] ?? []), ...(array) ($reach['keepOff'] ?? [])] as $clause) {
                if (in_array($field, array_column((array) $clause, 'field'), true)) {
                    return true;
                }
            }
        }

        return false;
    }
}
