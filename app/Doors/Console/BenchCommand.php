<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Process\Process;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\Bench\BulkBench;
use Vestibra\Bench\CardsBench;
use Vestibra\Bench\CatalogueBench;
use Vestibra\Bench\FiltersBench;
use Vestibra\Bench\FolderBench;
use Vestibra\Bench\ImpactBench;
use Vestibra\Bench\KeptBench;
use Vestibra\Bench\ListBench;
use Vestibra\Bench\PageBench;
use Vestibra\Bench\ReachBench;
use Vestibra\Bench\ScreensBench;
use Vestibra\Bench\SearchBench;
use Vestibra\Bench\StylesBench;
use Vestibra\Bench\TemplatesBench;
use Vestibra\Bench\VerdictBench;

final class BenchCommand extends Command
{
    use SaysProblems;

    private const NAMES = [
        'verdict', 'reach', 'impact', 'page', 'list', 'filters', 'search', 'cards', 'styles', 'catalogue', 'folder',
        'kept', 'templates', 'bulk', 'screens', 'edit', 'weight',
    ];

    private const SIZES = [1_000, 10_000, 100_000];

    protected $signature = 'vestibra:bench {name? : verdict, reach, impact, page, list, filters, search, cards, '
        .'styles, catalogue, folder, kept, templates, bulk, screens, edit or weight; all but the last seven without} '
        .'{--blocks=200} {--edits=300} {--seed=1} {--json}';

    protected $description =
        'Runs benchmarks against what could be written by hand; the raw samples are kept in storage/app/bench';

    public function handle(): int
    {
        $name = $this->text('name');
        if ($name === 'edit') {
            return $this->edit();
        }
        if ($name === 'weight') {
            return $this->node('weight', []);
        }
        if ($name === 'screens') {
            return $this->screens();
        }
        if ($name !== '' && ! in_array($name, self::NAMES, true)) {
            return $this->refuse('There is no benchmark of that name; there are: '.implode(', ', self::NAMES).'.');
        }
        $rows = [];
        foreach ($name === ''
            ? ['verdict', 'reach', 'impact', 'page', 'list', 'filters', 'search', 'cards', 'styles', 'catalogue']
            : [$name] as $one) {
            array_push($rows, ...$this->rows($one));
        }
        is_dir(storage_path('app/bench')) || mkdir(storage_path('app/bench'), 0o755, true);
        file_put_contents(
            storage_path('app/bench/'.($name ?: 'all').'.json'),
            json_encode(['seed' => $this->seed(), 'rows' => $rows], JSON_PRETTY_PRINT),
        );
        $rows = array_map(static fn (array $row): array => array_diff_key($row, ['samples' => true]), $rows);
        if ($this->option('json')) {
            return $this->json($rows);
        }
        foreach ($rows as $row) {
            $this->line(sprintf(
                '%-52s %9s  ratio %6s  (%s)  ours %s, theirs %s',
                $row['what'],
                isset($row['products']) ? number_format($row['products']) : '',
                $row['ratio'],
                $row['goal'],
                $row['ours'],
                $row['theirs'] ?? '–',
            ));
        }
        foreach ($this->growth($rows) as $line) {
            $this->line($line);
        }

        return self::SUCCESS;
    }

    /** @return list<array<string, mixed>> */
    private function rows(string $name): array
    {
        if ($name === 'verdict') {
            return (new VerdictBench)->run($this->seed());
        }
        if ($name === 'styles') {
            return app(StylesBench::class)->run();
        }
        if ($name === 'folder') {
            return (new FolderBench)->run();
        }
        $rows = [];
        foreach (self::SIZES as $size) {
            $this->shopOf($size);
            array_push($rows, ...match ($name) {
                'reach' => (new ReachBench)->run($this->seed(), $size),
                'impact' => (new ImpactBench)->run($this->seed(), $size),
                'catalogue' => (new CatalogueBench)->run($size),
                'list' => (new ListBench)->run($size),
                'filters' => (new FiltersBench)->run($size, $this->seed()),
                'search' => (new SearchBench)->run($size, $this->seed()),
                'cards' => (new CardsBench)->run($size),
                'kept' => (new KeptBench)->run($size),
                'templates' => (new TemplatesBench)->run($size, $this->seed()),
                'bulk' => (new BulkBench)->run($size),
                default => (new PageBench)->run($this->seed(), $size),
            });
        }

        return $rows;
    }

    /** Slowest first. */
    private function screens(): int
    {
        $rows = [];
        foreach (ScreensBench::SIZES as $size) {
            $folder = storage_path("app/bench/screens-$size");
            $this->shop("$folder/shop.sqlite", ['--products' => (string) $size, '--busy' => true]);
            array_push($rows, ...(new ScreensBench)->run($size, $folder));
        }
        usort($rows, static fn (array $one, array $other): int => $other['ms'] <=> $one['ms']);
        file_put_contents(storage_path('app/bench/screens.json'), json_encode(['rows' => $rows], JSON_PRETTY_PRINT));
        if ($this->option('json')) {
            return $this->json($rows);
        }
        foreach ($rows as $row) {
            $this->line(sprintf(
                '%9s  %8.0f ms  %4d queries  %s · %s',
                number_format($row['products']),
                $row['ms'],
                $row['queries'],
                $row['screen'],
                $row['request'],
            ));
        }

        return self::SUCCESS;
    }

    /** A shop of its own for each size, made once. */
    private function shopOf(int $size): void
    {
        $this->shop(storage_path("app/bench/shop-$size.sqlite"), ['--products' => (string) $size]);
    }

    /** @param  array<string, mixed>  $demo  how it is filled where it is new */
    private function shop(string $file, array $demo): void
    {
        is_dir(dirname($file)) || mkdir(dirname($file), 0o755, true);
        $new = ! is_file($file);
        touch($file);
        config(['database.connections.sqlite.database' => $file, 'session.driver' => 'array']);
        Database::reopen();
        Artisan::call('migrate', ['--force' => true]);
        if ($new) {
            Artisan::call('vestibra:demo', $demo);
            Database::measure();
        }
    }

    /**
     * How the cost grows, from the smallest shop to the largest.
     *
     * @param  list<array<string, mixed>>  $rows
     * @return list<string>
     */
    private function growth(array $rows): array
    {
        $by = [];
        foreach ($rows as $row) {
            if (isset($row['products'])) {
                $by[preg_replace('/, [\d,]+ pages move/', '', $row['what'])][$row['products']] = $row['ours'];
            }
        }
        $lines = [];
        foreach ($by as $what => $costs) {
            ksort($costs);
            $lines[] = "growth, $what: ".implode(
                ' → ',
                array_map(
                    static fn (int $size, float $cost): string => 'at '.number_format($size).': '.round($cost, 2).' ms',
                    array_keys($costs),
                    $costs,
                ),
            );
        }

        return $lines;
    }

    private function edit(): int
    {
        $options = [];
        foreach (['blocks', 'edits', 'seed'] as $option) {
            $value = $this->option($option);
            $options[] = "--$option=".(is_string($value) ? (int) $value : 1);
        }

        return $this->node('edit', $options);
    }

    /** @param  list<string>  $options */
    private function node(string $name, array $options): int
    {
        $process = new Process(['node', "bench/$name.mjs", ...$options], base_path(), timeout: 1800);

        return $process->run(fn (string $type, string $output) => $this->output->write($output));
    }

    private function seed(): int
    {
        $seed = $this->option('seed');

        return is_string($seed) ? (int) $seed : 1;
    }
}
