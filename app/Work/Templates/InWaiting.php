<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates;

use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Release;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Named;

/**
 * What releases that wait hold: a kept part or a card that one of them changes, or that a template in it shows, stays.
 */
final readonly class InWaiting
{
    public function __construct(
        private StoredDrafts $stored,
        private Composer $composer,
    ) {
    }

    /** @param  string  $thing  as trees name it: `part` or `card` */
    public function holds(string $thing, int $number): bool
    {
        foreach (Release::query()->where('state', Release::WAITING)->get() as $release) {
            if (in_array("template $number", $release->change_set->touches(), true)
                || $this->shows($release, $thing, $number)) {
                return true;
            }
        }

        return false;
    }

    private function shows(Release $release, string $thing, int $number): bool
    {
        foreach ($release->change_set->templates() as $change) {
            if ($change->after !== null && isset(
                Named::in($this->stored->tree($change->after['tree']), $this->composer->schema)[$thing][$number],
            )) {
                return true;
            }
        }

        return false;
    }
}
