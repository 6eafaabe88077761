<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Fitting;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Vestibra\App\Ground\QueuedBefore;
use Vestibra\App\Records\Models\FittingRun;

/** Fits a draft to many products while the owner goes on. Running it once more does no harm. */
final class FitTemplate implements ShouldQueue
{
    use Queueable;
    use QueuedBefore;

    public int $tries = 2;

    public int $timeout = 600;

    public function __construct(
        private readonly int $templateId,
        private readonly int $revision,
    ) {
    }

    public function handle(Fittings $fittings): void
    {
        $fittings->run($this->templateId, $this->revision);
    }

    public function failed(): void
    {
        FittingRun::query()->toBase()->where('template_id', $this->templateId)
            ->where('revision', $this->revision)
            ->update(['state' => 'failed']);
    }
}
