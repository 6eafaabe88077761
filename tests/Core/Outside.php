<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core;

use RuntimeException;

/** Asks a program outside the project, through Node.js, about many cases at once. */
final class Outside
{
    /**
     * @param  list<mixed>  $cases
     * @return list<mixed> one answer a case
     */
    public static function ask(string $script, array $cases): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        file_put_contents($file, json_encode($cases, JSON_THROW_ON_ERROR));
        $process = proc_open(
            ['node', dirname(__DIR__)."/outside/$script", $file],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
        );
        if (! is_resource($process)) {
            throw new RuntimeException('Node.js could not be started.');
        }
        $output = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);
        $status = proc_close($process);
        unlink($file);
        $answers = json_decode($output, true);
        if ($status !== 0 || ! is_array($answers) || count($answers) !== count($cases)) {
            throw new RuntimeException("$script failed: $errors");
        }

        return array_values($answers);
    }
}
