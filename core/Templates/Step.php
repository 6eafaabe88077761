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
     * @param  bool  $takesBack  whether it took back, or did again, an earlier step
     */
    public function __construct(
        public array $edits,
        public array $inverses,
        public bool $takesBack = false,
    ) {
    }
}
