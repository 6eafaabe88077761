<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A fallback takes what no rule takes, and needs no rule for that. Those that came with a shop held one that takes
 * every page, so that another fallback, and templates with as wide a rule, got nothing. Where it is the one that came
 * with the shop, it goes; where a live template behind it in hand order would get pages by that, it stays, so that
 * nothing is shown differently.
 */
return new class extends Migration
{
    /**
     * Comparisons that count nowhere in how close a rule is, so that a rule of these alone is as wide as one that takes
     * everything.
     */
    private const WIDE = ['isNoneOf', 'hasNoneOf'];

    public function up(): void
    {
        foreach (DB::select(
            "select t.* from fallbacks f join templates t on t.id = f.template_id where t.role = 'page'",
        ) as $row) {
            $reach = json_decode((string) $row->live_reach, true);
            if ($row->live_reach === $row->draft_reach && self::isAsItCame($reach) && ! self::hidesOthers($row)) {
                $without = json_encode(['show' => []] + $reach, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
                DB::table('templates')
                    ->where('id', $row->id)
                    ->update(['live_reach' => $without, 'draft_reach' => $without]);
            }
        }
    }

    private static function isAsItCame(mixed $reach): bool
    {
        return is_array($reach)
            && ($reach['show'] ?? null) === [[]]
            && ($reach['keepOff'] ?? []) === []
            && array_filter((array) ($reach['season'] ?? [])) === []
            && ($reach['goesFirst'] ?? false) === false;
    }

    private static function hidesOthers(object $fallback): bool
    {
        $behind = DB::select(
            'select live_reach from templates where page_kind = ? and live_reach is not null and hand_order > ?',
            [$fallback->page_kind ?? '', $fallback->hand_order ?? 0],
        );
        foreach ($behind as $row) {
            $reach = json_decode((string) $row->live_reach, true);
            foreach (is_array($reach['show'] ?? null) ? $reach['show'] : [] as $clause) {
                $counting = array_filter((array) $clause, static fn (mixed $condition): bool =>
                    ! in_array(is_array($condition) ? $condition['comparison'] ?? '' : '', self::WIDE, true));
                if ($counting === [] && ($reach['goesFirst'] ?? false) === false) {
                    return true;
                }
            }
        }

        return false;
    }
};
