<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * A kind of block that shows the same on every page and to everybody, as long as it is set so.
 *
 * @api
 */
final readonly class Alike
{
    /**
     * @param  array<string, string>  $while  only while these settings have these values
     * @param  list<string>  $unless  not where one of these settings has a value
     */
    public function __construct(
        private array $while = [],
        private array $unless = [],
    ) {
    }

    public function holds(Node $node): bool
    {
        foreach ($this->while as $setting => $value) {
            if (($node->what[$setting] ?? null) !== $value) {
                return false;
            }
        }

        return array_intersect_key($node->what, array_flip($this->unless)) === [];
    }
}
