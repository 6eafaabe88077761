<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Vestibra\App\Work\Doctor\Doctor;

final class DoctorCommand extends Command
{
    use SaysProblems;

    protected $signature = 'vestibra:doctor {--mend : put right what can be} {--json}';

    protected $description = 'Looks whether everything that is kept is sound';

    public function handle(Doctor $doctor): int
    {
        $findings = $doctor->examine((bool) $this->option('mend'));
        if ($this->option('json')) {
            $this->json(['findings' => $findings]);
        } elseif ($findings === []) {
            $this->info('Everything is sound.');
        } else {
            foreach ($findings as $finding) {
                $this->line(($finding['mended'] ? 'Mended: ' : '').$finding['words']);
            }
        }
        $open = array_filter($findings, static fn (array $finding): bool => ! $finding['mended']
            && ! in_array($finding['what'], ['unused', 'fresh'], true));

        return $open === [] ? self::SUCCESS : self::FAILURE;
    }
}
