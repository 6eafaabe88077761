<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

/**
 * How the bytes of a file of rows stand for letters. Found by its mark (Unicode Standard, table 2-4), by where its zero
 * bytes stand, and last by whether it can be UTF-8 at all: what cannot is taken for Windows-1252, as spreadsheets write
 * it.
 *
 * @internal
 */
enum TextEncoding: string
{
    case Utf8 = 'UTF-8';
    case Utf16Little = 'UTF-16LE';
    case Utf16Big = 'UTF-16BE';
    case Windows1252 = 'Windows-1252';

    private const MARKS = ["\xEF\xBB\xBF" => self::Utf8, "\xFF\xFE" => self::Utf16Little, "\xFE\xFF" => self::Utf16Big];

    /** So much of the beginning tells where zero bytes stand. */
    private const LOOKED_AT = 4_000;

    /** @param  iterable<string>  $chunks  the whole file */
    public static function of(iterable $chunks): self
    {
        $beginning = $rest = '';
        $isUtf8 = true;
        foreach ($chunks as $chunk) {
            if (strlen($beginning) < self::LOOKED_AT) {
                $beginning .= $chunk;
            } elseif (! $isUtf8) {
                break;
            }
            [$whole, $rest] = self::wholeLetters($rest.$chunk);
            $isUtf8 = $isUtf8 && mb_check_encoding($whole, 'UTF-8');
        }

        return self::marked($beginning)
            ?? self::wide($beginning)
            ?? ($isUtf8 && $rest === '' ? self::Utf8 : self::Windows1252);
    }

    /**
     * @param  iterable<string>  $chunks
     * @return iterable<string> UTF-8 without a mark; what is no letter is U+FFFD
     */
    public function decoded(iterable $chunks): iterable
    {
        $rest = '';
        $isFirst = true;
        foreach ($chunks as $chunk) {
            [$whole, $rest] = $this->whole($rest.$chunk);
            $text = $this->text($whole);
            if ($isFirst && $text !== '') {
                $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
                $isFirst = false;
            }
            yield $text;
        }
        if ($rest !== '') {
            yield $this->text($rest);
        }
    }

    private function text(string $bytes): string
    {
        return match (true) {
            $this === self::Utf8 && mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => self::replaced(fn (): string => mb_convert_encoding($bytes, 'UTF-8', $this->value)),
        };
    }

    /** @param  callable(): string  $convert */
    private static function replaced(callable $convert): string
    {
        $before = mb_substitute_character();
        mb_substitute_character(0xFFFD);
        try {
            return $convert();
        } finally {
            mb_substitute_character($before);
        }
    }

    /** @return array{string, string} as far as letters are whole; the beginning of one that goes on */
    private function whole(string $bytes): array
    {
        return match ($this) {
            self::Utf8 => self::wholeLetters($bytes),
            self::Windows1252 => [$bytes, ''],
            default => $this->wholePairs($bytes),
        };
    }

    /** @return array{string, string} */
    private function wholePairs(string $bytes): array
    {
        $length = strlen($bytes) - strlen($bytes) % 2;
        if ($length >= 2) {
            $high = ord($bytes[$length - ($this === self::Utf16Little ? 1 : 2)]);
            $length -= $high >= 0xD8 && $high <= 0xDB ? 2 : 0;
        }

        return [substr($bytes, 0, $length), substr($bytes, $length)];
    }

    /** @return array{string, string} */
    private static function wholeLetters(string $bytes): array
    {
        $length = strlen($bytes);
        for ($back = 1; $back <= min(3, $length); $back++) {
            $byte = ord($bytes[$length - $back]);
            $needs = $byte >= 0xF0 ? 4 : ($byte >= 0xE0 ? 3 : ($byte >= 0xC0 ? 2 : 1));
            if ($byte < 0x80 || $byte >= 0xC0) {
                return $needs > $back
                    ? [substr($bytes, 0, $length - $back), substr($bytes, $length - $back)]
                    : [$bytes, ''];
            }
        }

        return [$bytes, ''];
    }

    private static function marked(string $beginning): ?self
    {
        foreach (self::MARKS as $mark => $encoding) {
            if (str_starts_with($beginning, $mark)) {
                return $encoding;
            }
        }

        return null;
    }

    /** Without a mark: western letters of two bytes have a zero in every other place. */
    private static function wide(string $beginning): ?self
    {
        $looked = substr($beginning, 0, self::LOOKED_AT);
        $zeros = [0, 0];
        for ($at = strpos($looked, "\0"); $at !== false; $at = strpos($looked, "\0", $at + 1)) {
            $zeros[$at % 2]++;
        }
        $many = intdiv(strlen($looked), 5);

        return match (true) {
            $zeros[1] > $many && $zeros[0] === 0 => self::Utf16Little,
            $zeros[0] > $many && $zeros[1] === 0 => self::Utf16Big,
            default => null,
        };
    }
}
