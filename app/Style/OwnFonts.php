<?php

declare(strict_types=1);

namespace Vestibra\App\Style;

use Illuminate\Support\Facades\DB;
use stdClass;
use Vestibra\Core\Problem;
use Vestibra\Core\Styling\FontFile;
use Vestibra\Core\Styling\Fonts;
use Vestibra\Core\Styling\HouseProblem;

/** The owner's own letters, kept with the shop's data and sent as they came. */
final readonly class OwnFonts
{
    private const MOST = 20;

    /** @return list<array{key: string, name: string, kind: 'serif'|'sans', file: string, kilobytes: int}> */
    public function all(): array
    {
        /** @var list<stdClass> $rows */
        $rows = DB::table('own_fonts')->whereNull('let_go_at')
            ->orderBy('name')
            ->selectRaw('id, name, kind, hash, length(bytes) as size')
            ->get()
            ->all();

        return array_map(static fn (stdClass $row): array => [
            'key' => "own-$row->id",
            'name' => (string) $row->name,
            'kind' => $row->kind === 'serif' ? 'serif' : 'sans',
            'file' => self::address((int) $row->id, (string) $row->hash),
            'kilobytes' => (int) ceil($row->size / 1000),
        ], $rows);
    }

    public function keep(string $name, string $kind, string $bytes): ?Problem
    {
        $problem = match (true) {
            preg_match('/\S/u', $name) !== 1 || mb_strlen($name) > 60 => HouseProblem::FontNoName,
            DB::table('own_fonts')->whereNull('let_go_at')->count() >= self::MOST => HouseProblem::FontTooMany,
            DB::table('own_fonts')->whereNull('let_go_at')->where('name', $name)->exists() =>
                HouseProblem::FontNameTaken,
            default => FontFile::problem($bytes),
        };
        if ($problem !== null) {
            return $problem->at('', [
                'name' => $name,
                'most' => $problem === HouseProblem::FontTooMany ? self::MOST : intdiv(FontFile::MOST_BYTES, 1000),
            ]);
        }
        DB::table('own_fonts')->insert([
            'name' => $name,
            'kind' => $kind === 'serif' ? 'serif' : 'sans',
            'hash' => sha1($bytes),
            'bytes' => $bytes,
        ]);

        return null;
    }

    /** @return Problem|null why it cannot be let go of */
    public function letGo(int $id): ?Problem
    {
        $used = DB::table('house_styles')
            ->whereRaw('instr(live, ?) or instr(draft, ?)', ["\"own-$id\"", "\"own-$id\""])
            ->value('name');
        if (is_string($used)) {
            return HouseProblem::FontInUse->at('', ['style' => $used]);
        }
        $inRelease = DB::table('releases')->whereRaw('instr(change_set, ?)', ["\"own-$id\""])->exists();
        $font = DB::table('own_fonts')->where('id', $id);
        $inRelease ? $font->update(['let_go_at' => now()]) : $font->delete();

        return null;
    }

    /**
     * Those that a style names are in the list again: a release that is brought back needs them.
     *
     * @param  array<string, string>  $tokens
     */
    public static function take(array $tokens): void
    {
        $ids = array_map(
            static fn (string $key): int => (int) substr($key, 4),
            array_filter($tokens, Fonts::isOwn(...)),
        );
        DB::table('own_fonts')->whereIntegerInRaw('id', array_values($ids))
            ->whereNotNull('let_go_at')
            ->update(['let_go_at' => null]);
    }

    /** @return string|null the address of a family's file; null where it is gone */
    public function file(string $key): ?string
    {
        $hash = DB::table('own_fonts')->where('id', (int) substr($key, 4))->value('hash');

        return is_string($hash) ? self::address((int) substr($key, 4), $hash) : null;
    }

    public function bytes(int $id): ?string
    {
        $bytes = DB::table('own_fonts')->where('id', $id)->value('bytes');

        return is_string($bytes) ? $bytes : null;
    }

    private static function address(int $id, string $hash): string
    {
        return "/letters/$id-".substr($hash, 0, 12).'.woff2';
    }
}
