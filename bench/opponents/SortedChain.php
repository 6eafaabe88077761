<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use Closure;
use Vestibra\Bench\VerdictWorld;

/** One function for all templates: an `if` for each case, the closest first, which stops at the first that matches. */
final class SortedChain
{
    /** @var Closure(array<string, mixed>): int */
    private Closure $chain;

    public function __construct(VerdictWorld $world)
    {
        $code = '';
        foreach (RankedCases::of($world) as [$conditions, $template]) {
            $test = $conditions === [] ? 'true' : implode(' && ', array_map(RankedCases::test(...), $conditions));
            $code .= "if ($test) { return $template; } ";
        }
        $this->chain = eval("return static function (array \$p): int { $code return 1; };");
    }

    /**
     * @param  array<string, mixed>  $product
     * @return int the template that wins, from 1
     */
    public function decide(array $product): int
    {
        return ($this->chain)($product);
    }
}
