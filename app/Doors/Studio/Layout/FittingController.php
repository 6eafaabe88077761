<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Http\JsonResponse;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Fitting\Fittings;

/** A draft against every product that it would be shown on. */
final readonly class FittingController
{
    public function __construct(private Fittings $fittings)
    {
    }

    /** Begins one if the draft has changed since the last, and says how it stands. */
    public function store(Template $template): JsonResponse
    {
        $this->fittings->begin($template);

        return new JsonResponse($this->fittings->report($template));
    }

    public function show(Template $template): JsonResponse
    {
        return new JsonResponse($this->fittings->report($template));
    }
}
