<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Errands;

use Vestibra\App\Ground\Progress;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Errands\Errand;
use Vestibra\App\Work\Errands\ErrandAnswer;
use Vestibra\App\Work\InAndOut\Rows\IncomingFiles;
use Vestibra\App\Work\InAndOut\Rows\RowPreview;
use Vestibra\App\Work\InAndOut\Rows\RowsIn;
use Vestibra\App\Work\InAndOut\Rows\RowsOutcome;
use Vestibra\App\Work\InAndOut\Rows\RowWishes;
use Vestibra\Core\Formats\Tables\DayForm;
use Vestibra\Core\Formats\Tables\NumberForm;

/**
 * Reads a file of rows that was brought: says what it would change, or takes it.
 *
 * @shape RowsGiven array{file: string, name: string, isNew: bool, take: bool, good: bool, emptied: bool, leaps: bool,
 *     columns: array<string, string>, numbers: string, days: string, mended: array<int, array<int, string>|null>}
 * @shape BroughtFile array{file: string, name: string, preview: RowsPreview}
 *
 * @phpstan-type Given array{file: string, name: string, isNew: bool, take: bool, good: bool, emptied: bool,
 *     leaps: bool, columns: array<string, string>, numbers: string, days: string,
 *     mended: array<int, array<int, string>|null>}
 */
final readonly class RowsErrand implements Errand
{
    public const GONE = 'This file is not here any more: files are kept for a day. Bring it once more.';

    public function __construct(
        private IncomingFiles $files,
        private RowsIn $in,
        private RowPreview $preview,
    ) {
    }

    public function do(User $user, array $given, Progress $progress): ErrandAnswer
    {
        /** @var Given $given */
        $path = $this->files->path($user, $given['file']);
        if ($path === null) {
            return ErrandAnswer::said(404, self::GONE);
        }
        $remembered = IncomingFiles::remembered($path);
        $columns = $given['isNew'] ? $remembered : $given['columns'];
        $done = $this->in->read($path, $user, self::wishes($given, $columns, $progress));
        if (! $done->isDone() && $progress->isStopped()) {
            return ErrandAnswer::said(409, 'Stopped. Nothing was changed.');
        }
        if ($done->isDone()) {
            IncomingFiles::remember($path, array_filter($done->columns + $columns, is_string(...)));
        }

        return $this->answer($done, $path, $given, $columns, $remembered);
    }

    /**
     * What was given, as a window reads it: what has names is an object, though it be empty.
     *
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    public static function asGiven(array $given): array
    {
        $mended = is_array($given['mended'] ?? null) ? $given['mended'] : [];

        return [
            'columns' => (object) ($given['columns'] ?? []),
            'mended' => (object) array_map(
                static fn (mixed $cells): ?object => is_array($cells) ? (object) $cells : null,
                $mended,
            ),
        ] + $given;
    }

    /** The same file read twice changes nothing the second time, but it would not be said what the first time did. */
    public function isRepeatable(array $given): bool
    {
        return ($given['take'] ?? false) !== true;
    }

    /**
     * @param  Given  $given
     * @param  array<string, string>  $columns
     */
    private static function wishes(array $given, array $columns, Progress $progress): RowWishes
    {
        return new RowWishes(
            ! $given['take'],
            // All that could be taken is shown, whatever is to be done with the rest.
            ! $given['take'] || $given['good'],
            $given['emptied'],
            $given['leaps'],
            $columns,
            NumberForm::tryFrom($given['numbers']),
            DayForm::tryFrom($given['days']),
            $given['mended'],
            $given['name'] === '' ? null : $given['name'],
            $progress->note(...),
        );
    }

    /**
     * @param  Given  $given
     * @param  array<string, string>  $columns
     * @param  array<string, string>  $remembered
     */
    private function answer(
        RowsOutcome $done,
        string $path,
        array $given,
        array $columns,
        array $remembered,
    ): ErrandAnswer {
        $isAsBefore = ! $given['take'] && ($given['isNew'] || $columns === $remembered);
        $body = ['file' => $given['file'], 'name' => $given['name'], 'preview' => $this->preview->of(
            $done,
            $path,
            $columns,
            array_keys($isAsBefore ? $remembered : []),
        )];
        $problem = $given['take'] && ! $done->isDone() ? $done->refusal($given['good']) : null;

        return $problem === null
            ? new ErrandAnswer(200, $body)
            : new ErrandAnswer(409, ['message' => ProblemWords::of($problem)] + $body);
    }
}
