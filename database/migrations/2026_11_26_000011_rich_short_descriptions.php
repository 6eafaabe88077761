<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Short descriptions were plain words, and are rich text from now on, in the history too. */
return new class extends Migration
{
    public function up(): void
    {
        $escaped = "replace(replace(replace(trim(short_description), '&', '&amp;'), '<', '&lt;'), '>', '&gt;')";
        DB::statement(
            "update products set short_description = '<p>' || replace(replace($escaped, char(10) || char(10), "
                ."'</p><p>'), char(10), '<br />') || '</p>' where short_description <> ''",
        );
        foreach (DB::table('catalogue_entries')->where('changes', 'like', '%"shortDescription"%')->orderBy('id')->pluck(
            'changes',
            'id',
        )->all() as $id => $changes) {
            $rich = array_map(
                static fn (array $change): array => array_replace($change, array_map(
                    static fn (?array $side): ?array => is_string($side['shortDescription'] ?? null)
                        ? array_replace($side, ['shortDescription' => self::rich($side['shortDescription'])])
                        : $side,
                    array_intersect_key($change, ['before' => true, 'after' => true]),
                )),
                json_decode($changes, true, flags: JSON_THROW_ON_ERROR),
            );
            DB::table('catalogue_entries')->where('id', $id)->update([
                'changes' => json_encode($rich, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            ]);
        }
    }

    private static function rich(string $words): string
    {
        return trim($words) === '' ? '' : '<p>'.str_replace(
            ["\n\n", "\n"],
            ['</p><p>', '<br />'],
            htmlspecialchars(trim($words), ENT_NOQUOTES),
        ).'</p>';
    }
};
