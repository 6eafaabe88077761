<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Files;

use finfo;
use getID3;
use Vestibra\App\Ground\Problems\FileProblem;
use Vestibra\Core\Problem;

/** Judges files by what they hold, never by their name. */
final readonly class Judge
{
    private const DOWNLOADS = [
        'application/pdf' => 'pdf',
        'application/zip' => 'zip',
        'application/epub+zip' => 'epub',
        'application/vnd.openxmlformats-officedocument.wordprocessingml.document' => 'docx',
        'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet' => 'xlsx',
        'application/vnd.oasis.opendocument.text' => 'odt',
        'application/vnd.oasis.opendocument.spreadsheet' => 'ods',
        'image/jpeg' => 'jpg',
        'image/png' => 'png',
        'image/webp' => 'webp',
        'text/plain' => 'txt',
        'text/csv' => 'csv',
    ];

    private const FILMS = ['video/mp4' => 'mp4', 'video/webm' => 'webm'];

    public function of(FileUse $use, string $path, string $name): Judged|Problem
    {
        return match ($use) {
            FileUse::Download => self::download($path, $name),
            FileUse::Film => self::film($path, $name),
            FileUse::Captions => self::captions($path, $name),
        };
    }

    private static function download(string $path, string $name): Judged|Problem
    {
        $type = (new finfo(FILEINFO_MIME_TYPE))->file($path);
        $ending = self::DOWNLOADS[(string) $type] ?? null;

        return $ending === null ? FileProblem::Kind->at('', ['name' => $name]) : new Judged((string) $type, $ending);
    }

    /** A film that browsers play: MP4 or WebM with pictures in it. */
    private static function film(string $path, string $name): Judged|Problem
    {
        $info = (new getID3)->analyze($path);
        $type = match ($info['fileformat'] ?? '') {
            'mp4', 'quicktime' => 'video/mp4',
            'webm', 'matroska' => 'video/webm',
            default => null,
        };
        if ($type === null) {
            return FileProblem::FilmKind->at('', ['name' => $name]);
        }
        [$width, $height] = [(int) ($info['video']['resolution_x'] ?? 0), (int) ($info['video']['resolution_y'] ?? 0)];

        return $width < 1 || $height < 1
            ? FileProblem::FilmNoPictures->at('', ['name' => $name])
            : new Judged(
                $type,
                self::FILMS[$type],
                $width,
                $height,
                (int) round((float) ($info['playtime_seconds'] ?? 0)),
            );
    }

    /** WebVTT as W3C WebVTT begins it: the word, then a space, a tab or the end of the line; and at least one time. */
    private static function captions(string $path, string $name): Judged|Problem
    {
        $text = (string) file_get_contents($path, length: Files::MOST_CAPTIONS);
        $good = mb_check_encoding($text, 'UTF-8')
            && preg_match('/^(\x{FEFF})?WEBVTT([ \t][^\n]*)?(\r?\n|$)/u', $text) === 1
            && preg_match('/^(\d{2,}:)?\d\d:\d\d\.\d{3}[ \t]+-->[ \t]+(\d{2,}:)?\d\d:\d\d\.\d{3}/m', $text) === 1;

        return $good ? new Judged('text/vtt', 'vtt') : FileProblem::CaptionsKind->at('', ['name' => $name]);
    }
}
