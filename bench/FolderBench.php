<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use RuntimeException;
use Symfony\Component\Process\Process;
use Vestibra\App\Ground\DataFolder;

/**
 * The whole shop into a folder, and into an empty shop again, each in a process of its own that may not take more than
 * 96 MB. Ratios are to the limit of 30 seconds that was set.
 */
final class FolderBench
{
    private const MEMORY = '96M';

    private const SECONDS = 30;

    private const PRODUCTS = 10_000;

    /** @return list<array<string, mixed>> */
    public function run(): array
    {
        $room = sys_get_temp_dir().'/vestibra-bench-'.bin2hex(random_bytes(6));
        mkdir($room, 0o700);
        file_put_contents("$room/password", 'paper-and-ink');
        try {
            $this->shop("$room/one", ['PICTURES_FOLDER' => config()->string('vestibra.pictures')]);
            $this->artisan("$room/one", ['vestibra:demo', '--products='.self::PRODUCTS], ['PICTURES_FOLDER' => config()
                ->string('vestibra.pictures')]);
            $export = $this->artisan("$room/one", ['vestibra:catalogue', 'export', "$room/folder"], [
                'PICTURES_FOLDER' => config()->string('vestibra.pictures'),
            ]);
            $again = $this->artisan("$room/one", ['vestibra:catalogue', 'import', "$room/folder"], [
                'PICTURES_FOLDER' => config()->string('vestibra.pictures'),
            ]);
            $this->shop("$room/two");
            $this->artisan("$room/two", [
                'vestibra:user', 'add', 'bench@larkfold.example', 'Bench', "--password-from=$room/password",
            ]);
            $import = $this->artisan("$room/two", ['vestibra:catalogue', 'import', "$room/folder"]);

            return [
                $this->row('the shop into a folder', $export),
                $this->row('a folder that nobody changed read', $again),
                $this->row('a folder into an empty shop', $import),
            ];
        } finally {
            DataFolder::remove($room);
        }
    }

    /** @param  array<string, string>  $more */
    private function shop(string $place, array $more = []): void
    {
        mkdir("$place/pictures", 0o700, true);
        mkdir("$place/files", 0o700, true);
        touch("$place/shop.sqlite");
        $this->artisan($place, ['migrate', '--force'], $more);
    }

    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $more
     * @return float seconds
     */
    private function artisan(string $place, array $words, array $more = []): float
    {
        $process = new Process(
            [PHP_BINARY, '-d', 'memory_limit='.self::MEMORY, base_path('artisan'), ...$words],
            null,
            $more + [
                'DB_DATABASE' => "$place/shop.sqlite", 'PICTURES_FOLDER' => "$place/pictures",
                'FILES_FOLDER' => "$place/files", 'APP_CONFIG_CACHE' => "$place/no-config.php",
            ],
        );
        $process->setTimeout(600);
        $begun = microtime(true);
        $process->run();
        $process->isSuccessful()
            || throw new RuntimeException(implode(' ', $words).': '.$process->getOutput().$process->getErrorOutput());

        return microtime(true) - $begun;
    }

    /** @return array<string, mixed> */
    private function row(string $what, float $seconds): array
    {
        return [
            'what' => $what,
            'products' => self::PRODUCTS,
            'ratio' => round($seconds / self::SECONDS, 2),
            'goal' => 'at most '.self::SECONDS.' s within '.self::MEMORY,
            'ours' => round($seconds * 1000),
            'samples' => [$seconds * 1000],
        ];
    }
}
