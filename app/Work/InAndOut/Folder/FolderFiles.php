<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Vestibra\Core\Catalogue\AddressName;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\FolderProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Problem;

/**
 * The files of a folder, those that are to be read among them: where this shop wrote it, only what somebody changed
 * since.
 */
final class FolderFiles
{
    /** @var array<string, bool> */
    private array $changed = [];

    private function __construct(
        public readonly string $folder,
        public readonly ?FolderManifest $contents,
        public readonly bool $ours,
    ) {
    }

    /** @param  bool  $whole  files that nobody changed are to be read too */
    public static function in(string $folder, bool $whole = false): self|Problem
    {
        if (! self::lies($folder, ShopFolder::SHOP)) {
            return FileFormatProblem::Unreadable->at('', ['folder' => $folder]);
        }
        $contents = FolderManifest::of($folder);

        return new self(
            $folder,
            $contents,
            ! $whole && $contents !== null && $contents->shop === FolderManifest::mark(),
        );
    }

    public function isChanged(string $path): bool
    {
        return $this->changed[$path] ??= self::lies($this->folder, $path)
            && (! $this->ours || ($this->contents?->files[$path] ?? '') !== hash_file('sha256', "$this->folder/$path"));
    }

    /** @return list<string> what only leads to another place, or is no file at all: nothing of it is read */
    public function leadingElsewhere(): array
    {
        $paths = [ShopFolder::SHOP, ShopFolder::CONTENTS, ShopFolder::OPTIONS, ShopFolder::FACTS];
        foreach ([...ShopFolder::FOLDERS, ShopFolder::PICTURES, ShopFolder::FILES] as $inside) {
            $paths[] = $inside;
            foreach (is_dir("$this->folder/$inside")
                ? array_diff(scandir("$this->folder/$inside") ?: [], ['.', '..'])
                : [] as $name) {
                $paths[] = "$inside/$name";
            }
        }

        return array_values(array_filter($paths, fn (string $path): bool => match (true) {
            is_link("$this->folder/$path") => true,
            ! file_exists("$this->folder/$path"), is_dir("$this->folder/$path") => false,
            default => ! self::lies($this->folder, $path),
        }));
    }

    /** Whether a regular file lies in the folder itself: no part of its path leads anywhere else. */
    private static function lies(string $folder, string $path): bool
    {
        return is_file("$folder/$path") && realpath("$folder/$path") === realpath($folder)."/$path";
    }

    /** Whether it was there when this shop wrote the folder. */
    public function wasWritten(string $path): bool
    {
        return $this->ours && isset($this->contents->files[$path]);
    }

    /** Whether it holds this very text still, as far as it is known. */
    public function wrote(string $path, ?string $text): bool
    {
        return ! $this->ours
            || ($this->contents?->files[$path] ?? null) === ($text === null ? null : hash('sha256', $text));
    }

    /**
     * @param  list<FolderProblem>  $problems  is added to
     * @return list<string> what the files of a folder are called, without their ending
     */
    public function names(string $folder, array &$problems): array
    {
        $names = [];
        foreach (is_dir("$this->folder/$folder") ? scandir("$this->folder/$folder") ?: [] : [] as $file) {
            if (! str_ends_with($file, '.json')) {
                continue;
            }
            $name = substr($file, 0, -5);
            if (! mb_check_encoding($name, 'UTF-8') || ! AddressName::isGood($name)) {
                $problems[] = new FolderProblem(
                    "$folder/".mb_scrub($file),
                    FileFormatProblem::NotAName
                        ->at('', ['better' => AddressName::from(mb_scrub($name)) ?: 'an-example']),
                );

                continue;
            }
            $names[] = $name;
        }

        return $names;
    }

    /** @return array<string, mixed>|Problem */
    public function read(string $path, string $what): array|Problem
    {
        $bytes = (int) @filesize("$this->folder/$path");
        if ($bytes > ShopFolder::MOST_BYTES) {
            return FileFormatProblem::TooLarge->at('', ['most' => intdiv(ShopFolder::MOST_BYTES, 1_000_000)]);
        }
        $text = @file_get_contents("$this->folder/$path");
        $read = $text === false || ! mb_check_encoding($text, 'UTF-8')
            ? null
            : json_decode($text, true, ShopFolder::DEEPEST);
        if (! is_array($read) || (array_is_list($read) && $read !== [])) {
            return FileFormatProblem::NotJson
                ->at('', ['why' => $text === false ? 'it cannot be read' : json_last_error_msg()]);
        }
        if (($read['vestibra'] ?? null) !== $what) {
            return FileFormatProblem::NotThis->at('vestibra', ['what' => $what]);
        }
        $format = $read['format'] ?? null;
        if ($format !== ShopFolder::FORMAT) {
            return FileFormatProblem::Newer->at('format', [
                'format' => is_scalar($format) ? mb_substr((string) $format, 0, 20) : '',
                'known' => ShopFolder::FORMAT,
            ]);
        }
        $values = [];
        foreach ($read as $name => $value) {
            $values[(string) $name] = $value;
        }

        return $values;
    }
}
