<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

use Vestibra\Core\Catalogue\Folding;

/**
 * What somebody typed to search for. Nothing in it is an operator: marks are passed over, words are folded.
 *
 * @api
 */
final readonly class Query
{
    public const MOST_LETTERS = 200;

    public const MOST_WORDS = 12;

    /** @param  list<string>  $words */
    private function __construct(
        public string $text,
        public array $words,
    ) {
    }

    /** @param  string  $typed  untrusted; without what cannot be seen, and at most so long */
    public static function of(string $typed): self
    {
        $text = trim(mb_substr(
            (string) preg_replace(
                '/[\p{Z}\s]+/u',
                ' ',
                (string) preg_replace('/[\p{Cc}\p{Cf}\p{Co}\p{Cn}]+/u', ' ', mb_scrub($typed)),
            ),
            0,
            self::MOST_LETTERS,
        ));

        return new self($text, array_slice(Folding::words($text), 0, self::MOST_WORDS));
    }

    /** By which the same search is known again: `  Blue INK ` is `blue ink`. */
    public function folded(): string
    {
        return Folding::fold($this->text);
    }

    public function isEmpty(): bool
    {
        return $this->words === [];
    }
}
