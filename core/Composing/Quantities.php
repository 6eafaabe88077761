<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * How many are bought is asked once for each product of a page: where a block asks it by itself, the fields of what
 * buys that product are off, and each of the two says so to the owner.
 *
 * @api
 */
final class Quantities
{
    /** Data of what asks by itself: the product that it asks for. */
    public const ASKS = 'asksFor';

    /** Data of what buys: the product, and whether it has a field of its own. */
    public const BUYS = 'product';

    public const FIELD = 'quantity';

    /** @var array<int, true> products that are asked for by themselves */
    private array $asked = [];

    /** @var array<int, int> product => how many ways to buy it */
    private array $bought = [];

    private function __construct(ComposedNode $page)
    {
        foreach ($page->shown() as $node) {
            $asks = $node->data[self::ASKS] ?? null;
            if (is_int($asks)) {
                $this->asked[$asks] = true;
            }
            $buys = self::buys($node);
            if ($buys !== null) {
                $this->bought[$buys] = ($this->bought[$buys] ?? 0) + 1;
            }
        }
    }

    public static function settle(ComposedNode $page): ComposedNode
    {
        $all = new self($page);

        return $all->asked === [] ? $page : $all->settled($page);
    }

    private function settled(ComposedNode $node): ComposedNode
    {
        if ($node->absent !== null) {
            return $node;
        }
        $asks = $node->data[self::ASKS] ?? null;
        $buys = self::buys($node);
        $fitted = $node->with(array_map($this->settled(...), $node->children), $node->cards);
        if (is_int($asks)) {
            $ways = $this->bought[$asks] ?? 0;

            return match ($ways) {
                0 => $fitted->withAbsent('nothing on this page buys what it asks for'),
                1 => $fitted,
                default => $fitted->withNote("It goes with each of the $ways ways to buy on this page"),
            };
        }

        return $buys !== null && isset($this->asked[$buys]) && $node->data[self::FIELD] === true
            ? $fitted->withData([self::FIELD => false] + $node->data)
                ->withNote($node->note ?? 'Its own quantity field is off: a block of its own asks how many')
            : $fitted;
    }

    private static function buys(ComposedNode $node): ?int
    {
        $product = $node->data[self::BUYS] ?? null;

        return is_int($product) && is_bool($node->data[self::FIELD] ?? null) ? $product : null;
    }
}
