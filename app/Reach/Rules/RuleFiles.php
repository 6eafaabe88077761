<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

/**
 * Files in which compiled rules are kept between requests. They can be thrown away at any time: whoever finds one
 * missing compiles anew.
 */
final readonly class RuleFiles
{
    private const MOST = 40;

    public function __construct(private string $folder)
    {
    }

    /** @return array<mixed>|null plain data, which PHP keeps ready */
    public function read(string $name): ?array
    {
        $file = "$this->folder/$name.php";
        $read = is_file($file) ? @include $file : null;

        return is_array($read) ? $read : null;
    }

    /** @param  array<mixed>  $data */
    public function keep(string $name, array $data): void
    {
        $this->write("$name.php", '<?php return '.var_export($data, true).';');
    }

    /** @return array<mixed>|null what is needed to change what is kept, the latest of it */
    public function latest(string $name): ?array
    {
        $read = @file_get_contents("$this->folder/$name.latest");
        $read = $read === false ? null : @unserialize($read, ['allowed_classes' => false]);

        return is_array($read) ? $read : null;
    }

    /** @param  array<mixed>  $data */
    public function keepLatest(string $name, array $data): void
    {
        $this->write("$name.latest", serialize($data));
    }

    private function write(string $file, string $content): void
    {
        is_dir($this->folder) || @mkdir($this->folder, 0o755, true);
        $this->letGo();
        $beside = "$this->folder/$file.".getmypid();
        if (@file_put_contents($beside, $content) !== false) {
            @rename($beside, "$this->folder/$file");
        }
    }

    /** Of what nobody will ask for again, the oldest. */
    private function letGo(): void
    {
        $files = glob("$this->folder/*.php") ?: [];
        if (count($files) < self::MOST) {
            return;
        }
        usort($files, static fn (string $one, string $other): int => (int) @filemtime($one) <=> (int) @filemtime(
            $other,
        ));
        foreach (array_slice($files, 0, intdiv(self::MOST, 2)) as $old) {
            function_exists('opcache_invalidate') && @opcache_invalidate($old, true);
            @unlink($old);
        }
    }
}
