<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * One step of somebody's work: edits that were made together, and what takes them back.
 *
 * @api
 */
final readonly class Step
{
    /**
     * @param  list<Edit>  $edits
     * @param  list<Edit>  $inverses  in the order in which they take the step back: the last edit's first
     */
    public function __construct(
        public array $edits,
        public array $inverses,
    ) {
    }

    /** @return list<array{Edit, Edit|null}> each edit with what takes it back, where that is known */
    public function pairs(): array
    {
        $inverses = count($this->inverses) === count($this->edits) ? array_reverse($this->inverses) : [];

        return array_map(
            static fn (Edit $edit, ?Edit $inverse): array => [$edit, $inverse],
            $this->edits,
            $inverses,
        );
    }
}
