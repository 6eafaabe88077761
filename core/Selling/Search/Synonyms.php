<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

use Vestibra\Core\Catalogue\Folding;

/**
 * Words that mean the same in this shop, and forms of words, as its owner keeps them: each finds all of its group.
 *
 * @api
 */
final readonly class Synonyms
{
    private const LONGEST = 4;

    /** @var array<string, list<string>> words in a row => the others that mean the same */
    private array $others;

    /** @param  list<list<string>>  $groups  as the owner wrote them */
    public function __construct(array $groups)
    {
        $others = [];
        foreach ($groups as $group) {
            $folded = array_values(array_unique(array_filter(
                array_map(static fn (string $one): string => implode(' ', Folding::words($one)), $group),
                static fn (string $one): bool => $one !== '',
            )));
            foreach ($folded as $one) {
                $others[$one] = array_values(array_unique([...$others[$one] ?? [], ...array_diff($folded, [$one])]));
            }
        }
        $this->others = $others;
    }

    /**
     * The longest run of words that is known is taken as one.
     *
     * @param  list<string>  $words  of a query
     * @return list<Wanted>
     */
    public function wanted(array $words): array
    {
        $wanted = [];
        for ($at = 0; $at < count($words); $at += $length) {
            for ($length = min(self::LONGEST, count($words) - $at); $length > 1; $length--) {
                if (isset($this->others[implode(' ', array_slice($words, $at, $length))])) {
                    break;
                }
            }
            $run = implode(' ', array_slice($words, $at, $length));
            $wanted[] = new Wanted($run, $this->others[$run] ?? []);
        }

        return $wanted;
    }
}
