<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates;

use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\Template;

/** What lies between a draft and what is live. */
final readonly class Unpublished
{
    /** How many steps of work are not published; at least 1 where draft and live differ. */
    public function unpublished(Template $template): int
    {
        if (! $template->isChanged()) {
            return 0;
        }

        return max(1, DraftStep::query()
            ->where('template_id', $template->id)
            ->where('revision', '>', $template->live_revision ?? 0)
            ->whereIn('origin', [DraftStep::DONE, DraftStep::REDONE])
            ->where('spent', false)
            ->count());
    }
}
