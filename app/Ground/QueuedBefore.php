<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

/** Work that was queued under an earlier name of its class is read by the names of its properties alone. */
trait QueuedBefore
{
    /**
     * @param  array<string, mixed>  $kept  by name, private ones with their class before it, between two NUL (PHP
     *     manual, serialize)
     */
    public function __unserialize(array $kept): void
    {
        foreach ($kept as $name => $value) {
            $parts = explode("\0", $name);
            $this->{end($parts)} = $value;
        }
    }
}
