<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RuntimeException;
use SplFileInfo;

/**
 * Where a shop's data lies: the database, the pictures and the files as one generation. `current` is a link to the one
 * in use; another is laid beside it whole and comes into use by one switch of that link, so that whatever happens the
 * shop has all of one or all of the other. The generation before stays until the next switch.
 *
 *     current -> generations/20261126-101500-3f9a
 *     generations/20261126-101500-3f9a/{shop.sqlite, pictures/, files/}
 */
final readonly class DataFolder
{
    public const DATABASE = 'shop.sqlite';

    public const FOLDERS = ['pictures', 'files'];

    private const UNFINISHED = '.laid-beside-';

    public function __construct(private string $root)
    {
    }

    public static function configured(): self
    {
        return new self(config()->string('vestibra.data'));
    }

    public function current(): string
    {
        return "$this->root/current";
    }

    /** @return string the name of the generation in use; empty before there is one */
    public function name(): string
    {
        clearstatcache(true, $this->current());

        return basename((string) @readlink($this->current()));
    }

    public function previous(): string
    {
        return trim((string) @file_get_contents("$this->root/previous"));
    }

    /** Makes the first generation where there is none. */
    public function prepare(): void
    {
        if ($this->name() === '') {
            $this->adopt($this->beside());
        }
    }

    /** @return string an empty generation beside the one in use, known to nobody yet */
    public function beside(): string
    {
        $this->clear();
        $folder = "$this->root/generations/".self::UNFINISHED.bin2hex(random_bytes(6));
        foreach (self::FOLDERS as $one) {
            if (! mkdir("$folder/$one", 0o755, true)) {
                throw new RuntimeException("The folder $this->root cannot be written.");
            }
        }

        return $folder;
    }

    /**
     * Takes a generation that was laid beside into use, and lets go of all but the one before.
     *
     * @param  (callable(callable(): void): void)|null  $guard  runs the switch, holding back whoever writes
     */
    public function adopt(string $beside, ?callable $guard = null): void
    {
        $name = gmdate('Ymd-His').'-'.bin2hex(random_bytes(2));
        $this->move($beside, "$this->root/generations/$name");
        ($guard ?? static fn (callable $switch) => $switch())(fn () => $this->switchTo($name));
        $this->clear();
    }

    /** What was there before comes into use again. */
    public function back(): bool
    {
        $previous = $this->previous();
        if ($previous === '' || ! is_dir("$this->root/generations/$previous")) {
            return false;
        }
        $this->switchTo($previous);

        return true;
    }

    public function isIn(string $path): bool
    {
        return str_starts_with($path, $this->current().'/');
    }

    private function switchTo(string $name): void
    {
        $before = $this->name();
        $link = "$this->root/.current-".bin2hex(random_bytes(4));
        if ($before !== '') {
            file_put_contents("$this->root/.previous", $before);
            $this->move("$this->root/.previous", "$this->root/previous");
        }
        if (! symlink("generations/$name", $link)) {
            throw new RuntimeException("The folder $this->root cannot be written.");
        }
        $this->move($link, $this->current());
    }

    /** Removes what was never finished, and generations that are neither in use nor the one before. */
    private function clear(): void
    {
        $kept = [$this->name(), $this->previous()];
        foreach (glob("$this->root/generations/{,.}*", GLOB_BRACE | GLOB_ONLYDIR) ?: [] as $folder) {
            $name = basename($folder);
            $unfinished = str_starts_with($name, self::UNFINISHED);
            if (! in_array($name, ['.', '..', ...$kept], true)
                && (! $unfinished || filemtime($folder) < time() - 3600 || ! $this->isBeingLaid($folder))) {
                self::remove($folder);
            }
        }
    }

    /** A folder that is being laid holds the number of whoever does. */
    private function isBeingLaid(string $folder): bool
    {
        $process = (int) @file_get_contents("$folder/process");

        return $process > 0 && $process !== getmypid() && is_dir("/proc/$process");
    }

    private function move(string $from, string $to): void
    {
        if (! rename($from, $to)) {
            throw new RuntimeException("The folder $this->root cannot be written.");
        }
    }

    public static function remove(string $folder): void
    {
        /** @var iterable<SplFileInfo> $inside */
        $inside = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS),
            RecursiveIteratorIterator::CHILD_FIRST,
        );
        foreach ($inside as $one) {
            $one->isDir() && ! $one->isLink() ? @rmdir($one->getPathname()) : @unlink($one->getPathname());
        }
        @rmdir($folder);
    }
}
