<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * The room that the words of a kind of block have.
 *
 * @api
 */
final readonly class WordsRoom
{
    /**
     * @param  string  $data  what holds the words in what the block comes to
     * @param  string  $token  of the house style: the size of its letters, unless it has its own
     * @param  int  $lines  so many are fine
     */
    public function __construct(
        public string $data,
        public string $token,
        public int $lines,
    ) {
    }
}
