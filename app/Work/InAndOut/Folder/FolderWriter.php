<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Generator;
use Illuminate\Support\Facades\DB;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Problem;

/**
 * Writes the whole shop into a folder. What was written there before is brought up to date; what is somebody else's is
 * left alone.
 */
final class FolderWriter
{
    public function __construct(
        private readonly ThingFiles $written,
        private readonly BesidesWords $besides,
    ) {
    }

    /**
     * @param  bool  $over  what somebody changed in the folder, and was not read, may be written over
     * @return array{files: int, written: int, removed: int}|Problem
     */
    public function write(string $folder, bool $over): array|Problem
    {
        $before = FolderManifest::of($folder);
        $problem = $this->problem($folder, $before, $over);
        if ($problem !== null) {
            return $problem;
        }
        foreach ([...ShopFolder::FOLDERS, ShopFolder::PICTURES, ShopFolder::FILES] as $name) {
            is_dir("$folder/$name") || mkdir("$folder/$name", 0o755, true);
        }
        $sums = [];
        $count = 0;
        DB::transaction(function () use ($folder, &$sums, &$count): void {
            $this->written->forget();
            foreach ($this->texts() as $path => $text) {
                $sums[$path] = hash('sha256', $text);
                $count += self::put("$folder/$path", $text);
            }
            foreach ($this->besides->bytes() as $path => $from) {
                $sums[$path] = (string) hash_file('sha256', $from);
                $count += self::copy($from, "$folder/$path");
            }
        });
        $gone = array_filter(
            array_keys(array_diff_key($before->files ?? [], $sums)),
            static fn (string $path): bool => is_file("$folder/$path") && unlink("$folder/$path"),
        );
        $contents = new FolderManifest(FolderManifest::mark(), $sums);
        self::put("$folder/".ShopFolder::CONTENTS, $contents->text());

        return ['files' => count($sums), 'written' => $count, 'removed' => count($gone)];
    }

    /** @return Generator<string, string> the bytes of each file of words, by path */
    public function texts(): Generator
    {
        yield ShopFolder::SHOP => ShopFolder::text($this->written->shop());
        yield ShopFolder::OPTIONS => ShopFolder::text($this->written->options());
        yield ShopFolder::FACTS => ShopFolder::text($this->written->facts());
        foreach (array_keys(ShopFolder::FOLDERS) as $thing) {
            foreach ($this->written->all(Thing::from($thing)) as $path => $written) {
                yield $path => ShopFolder::text($written);
            }
        }
        foreach ($this->besides->words() as $path => $words) {
            yield $path => ShopFolder::text($words);
        }
    }

    private function problem(string $folder, ?FolderManifest $before, bool $over): ?Problem
    {
        if (! is_dir($folder)) {
            return @mkdir($folder, 0o755, true) ? null : FileFormatProblem::NotAFolder->at('', ['folder' => $folder]);
        }
        if ($before === null) {
            return count(scandir($folder) ?: []) > 2
                ? FileFormatProblem::Occupied->at('', ['folder' => $folder])
                : null;
        }
        foreach ($over ? [] : $before->files as $path => $sum) {
            if (is_file("$folder/$path") && hash_file('sha256', "$folder/$path") !== $sum) {
                return FileFormatProblem::TouchedByHand->at($path, ['file' => $path]);
            }
        }

        return null;
    }

    /** @return int how many files were written: 0 or 1 */
    private static function put(string $path, string $text): int
    {
        if (is_file($path) && filesize($path) === strlen($text) && file_get_contents($path) === $text) {
            return 0;
        }
        file_put_contents("$path.part", $text);
        rename("$path.part", $path);

        return 1;
    }

    private static function copy(string $from, string $to): int
    {
        if (is_file($to)
            && filesize($to) === filesize($from)
            && hash_file('sha256', $to) === hash_file('sha256', $from)) {
            return 0;
        }
        copy($from, "$to.part");
        rename("$to.part", $to);

        return 1;
    }
}
