<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Errands;

use Illuminate\Http\JsonResponse;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Ground\Progress;
use Vestibra\App\Work\Errands\Errand;
use Vestibra\App\Work\Errands\ErrandAnswer;
use Vestibra\App\Work\Errands\Errands;

/**
 * What came of an errand; where it is not done yet, 202 with how far it is.
 *
 * @shape ErrandState array{errand: string, progress: ProgressState}
 * @shape UntoldErrand array{errand: string, rows: RowsGiven|null, whole: WholeGiven|null}
 */
final readonly class ErrandReply
{
    /** In seconds. */
    private const LONGEST = 600;

    /** In bytes: smaller files are read at once. */
    private const SHORT = 500_000;

    public function __construct(private Errands $errands)
    {
    }

    /**
     * @param  class-string<Errand>  $errand
     * @param  array<string, mixed>  $given
     * @param  string  $path  of the file that it reads
     */
    public function reading(string $errand, array $given, string $path): JsonResponse
    {
        set_time_limit(self::LONGEST);

        return $this->of($this->errands->ask(
            SignedIn::user(),
            $errand,
            $given,
            @filesize($path) <= self::SHORT,
        ));
    }

    public function of(string $name): JsonResponse
    {
        set_time_limit(self::LONGEST);
        $state = $this->errands->of(SignedIn::user(), $name);

        return match (true) {
            $state instanceof ErrandAnswer => new JsonResponse($state->body, $state->status),
            $state instanceof Progress => new JsonResponse(['errand' => $name, 'progress' => $state->read()], 202),
            default => abort(404),
        };
    }

    /** @return array<string, mixed>|null the last of theirs, where they do not know yet what came of it */
    public function untold(): ?array
    {
        $untold = $this->errands->untold(SignedIn::user());

        return $untold === null ? null : [
            'errand' => $untold['name'],
            'rows' => $untold['errand'] === RowsErrand::class ? RowsErrand::asGiven($untold['given']) : null,
            'whole' => $untold['errand'] === WholeErrand::class ? $untold['given'] : null,
        ];
    }
}
