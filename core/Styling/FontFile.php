<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * Whether a file is letters of the WOFF 2.0 format (W3C, "WOFF File Format 2.0", sections 4 and 5): judged by its
 * header and its directory of tables, whatever it is called. What it holds beside letters (a private block) is refused.
 *
 * @api
 */
final class FontFile
{
    public const MOST_BYTES = 400_000;

    private const HEADER = 48;

    /** The tags of the format by the number that stands for them; 63: the tag itself follows. */
    private const TAGS = [
        'cmap', 'head', 'hhea', 'hmtx', 'maxp', 'name', 'OS/2', 'post', 'cvt ', 'fpgm', 'glyf', 'loca', 'prep', 'CFF ',
        'VORG', 'EBDT', 'EBLC', 'gasp', 'hdmx', 'kern', 'LTSH', 'PCLT', 'VDMX', 'vhea', 'vmtx', 'BASE', 'GDEF', 'GPOS',
        'GSUB', 'EBSC', 'JSTF', 'MATH', 'CBDT', 'CBLC', 'COLR', 'CPAL', 'SVG ', 'sbix', 'acnt', 'avar', 'bdat', 'bloc',
        'bsln', 'cvar', 'fdsc', 'feat', 'fmtx', 'fvar', 'gvar', 'hsty', 'just', 'lcar', 'mort', 'morx', 'opbd', 'prop',
        'trak', 'Zapf', 'Silf', 'Glat', 'Gloc', 'Feat', 'Sill',
    ];

    /** Without these a browser shows nothing. */
    private const NEEDED = ['cmap', 'head', 'hhea', 'hmtx', 'maxp'];

    public static function problem(string $bytes): ?HouseProblem
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            return HouseProblem::FontTooLarge;
        }
        /** @var array<string, int|string>|false $header */
        $header = strlen($bytes) < self::HEADER ? false : unpack(
            'a4signature/Nflavor/Nlength/ntables/nreserved/Ntotal/Ncompressed/nmajor/nminor/'
                .'NmetaOffset/NmetaLength/NmetaOriginal/NprivateOffset/NprivateLength',
            $bytes,
        );
        $isFont = $header !== false
            && $header['signature'] === 'wOF2'
            && $header['length'] === strlen($bytes)
            && $header['reserved'] === 0
            && in_array($header['flavor'], [0x00010000, 0x4F54544F, 0x74727565], true)
            && $header['compressed'] > 0
            && $header['compressed'] < strlen($bytes)
            && $header['privateLength'] === 0;

        return $isFont && array_diff(self::NEEDED, self::tags($bytes, (int) $header['tables'])) === []
            ? null
            : HouseProblem::NotAFont;
    }

    /** @return list<string> the tables that the directory names; none where it cannot be read */
    private static function tags(string $bytes, int $count): array
    {
        $tags = [];
        $at = self::HEADER;
        for ($table = 0; $table < min($count, 64); $table++) {
            $flags = ord($bytes[$at] ?? "\0");
            $at++;
            $tag = ($flags & 63) === 63 ? substr($bytes, $at, 4) : self::TAGS[$flags & 63];
            $at += ($flags & 63) === 63 ? 4 : 0;
            $transformed = in_array($tag, ['glyf', 'loca'], true) ? $flags >> 6 === 0 : $flags >> 6 !== 0;
            foreach ($transformed ? [1, 2] : [1] as $number) {
                $end = self::afterNumber($bytes, $at);
                if ($end === null) {
                    return [];
                }
                $at = $end;
            }
            $tags[] = $tag;
        }

        return $tags;
    }

    /** A number of the type UIntBase128 takes five bytes at most; the last has no leading bit. */
    private static function afterNumber(string $bytes, int $at): ?int
    {
        for ($byte = 0; $byte < 5; $byte++) {
            if (! isset($bytes[$at + $byte])) {
                return null;
            }
            if ((ord($bytes[$at + $byte]) & 128) === 0) {
                return $at + $byte + 1;
            }
        }

        return null;
    }
}
