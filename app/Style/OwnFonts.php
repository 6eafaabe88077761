<?php

declare(strict_types=1);

namespace Vestibra\App\Style;

use stdClass;
use Vestibra\App\Records\Models\OwnFont;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Style\Sql\FontUses;
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
        return array_map(static fn (stdClass $row): array => [
            'key' => "own-$row->id",
            'name' => (string) $row->name,
            'kind' => $row->kind === 'serif' ? 'serif' : 'sans',
            'file' => self::address((int) $row->id, (string) $row->hash),
            'kilobytes' => (int) ceil($row->size / 1000),
        ], FontUses::all());
    }

    public function keep(string $name, string $kind, string $bytes): ?Problem
    {
        $problem = match (true) {
            preg_match('/\S/u', $name) !== 1 || mb_strlen($name) > 60 => HouseProblem::FontNoName,
            OwnFont::query()->toBase()->whereNull('let_go_at')->count() >= self::MOST => HouseProblem::FontTooMany,
            OwnFont::query()->toBase()->whereNull('let_go_at')->where('name', $name)->exists() =>
                HouseProblem::FontNameTaken,
            default => FontFile::problem($bytes),
        };
        if ($problem !== null) {
            return $problem->at('', [
                'name' => $name,
                'most' => $problem === HouseProblem::FontTooMany ? self::MOST : intdiv(FontFile::MOST_BYTES, 1000),
            ]);
        }
        OwnFont::query()->toBase()->insert([
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
        $used = FontUses::style($id);
        if ($used !== null) {
            return HouseProblem::FontInUse->at('', ['style' => $used]);
        }
        $font = OwnFont::query()->toBase()->where('id', $id);
        FontUses::isInRelease($id) ? $font->update(['let_go_at' => now()]) : $font->delete();

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
        OwnFont::query()->toBase()->whereIntegerInRaw('id', array_values($ids))
            ->whereNotNull('let_go_at')
            ->update(['let_go_at' => null]);
    }

    /** @return string|null the address of a family's file; null where it is gone */
    public function file(string $key): ?string
    {
        $hash = OwnFont::query()->toBase()->where('id', (int) substr($key, 4))->value('hash');

        return is_string($hash) ? self::address((int) substr($key, 4), $hash) : null;
    }

    public function bytes(int $id): ?string
    {
        $bytes = OwnFont::query()->toBase()->where('id', $id)->value('bytes');

        return is_string($bytes) ? $bytes : null;
    }

    private static function address(int $id, string $hash): string
    {
        return "/letters/$id-".substr($hash, 0, 12).'.woff2';
    }
}
