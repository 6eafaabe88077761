<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Doctor;

use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;
use Vestibra\App\Work\Doctor\Sql\DatabaseChecks;

/**
 * SQLite's own look at the whole database, by a process of its own while everything else is looked at: it takes as long
 * as all the rest together. Where there can be no such process it is done in turn.
 */
final readonly class DatabaseLook
{
    private function __construct(private ?Process $process)
    {
    }

    public static function begin(): self
    {
        $process = new Process(
            [PHP_BINARY, '-r', DatabaseChecks::ALONE, config()->string('database.connections.sqlite.database')],
            timeout: null,
        );
        try {
            $process->start();
        } catch (ExceptionInterface) {
            $process = null;
        }

        return new self($process);
    }

    public function isSound(): bool
    {
        $this->process?->wait();

        return ($this->process?->isSuccessful() === true ? $this->process->getOutput() : DatabaseChecks::integrity())
            === 'ok';
    }
}
