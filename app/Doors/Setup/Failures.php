<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Setup;

use Illuminate\Foundation\Exceptions\Handler;
use Symfony\Component\Console\Output\OutputInterface;
use Throwable;
use Vestibra\App\Ground\NoRoom;

/**
 * What goes wrong in a command that its keeper can mend is said in a sentence, without what the machine says to itself.
 */
final class Failures extends Handler
{
    /** @param  OutputInterface  $output */
    public function renderForConsole($output, Throwable $e): void
    {
        NoRoom::isBehind($e)
            ? $output->writeln('<error>'.NoRoom::WORDS.'</error>')
            : parent::renderForConsole($output, $e);
    }
}
