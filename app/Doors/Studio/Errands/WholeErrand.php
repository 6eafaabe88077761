<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Errands;

use Vestibra\App\Ground\Progress;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Errands\Errand;
use Vestibra\App\Work\Errands\ErrandAnswer;
use Vestibra\App\Work\InAndOut\Rows\IncomingFiles;
use Vestibra\App\Work\InAndOut\Whole\WholeIn;
use Vestibra\App\Work\InAndOut\Whole\WholeOutcome;
use Vestibra\App\Work\InAndOut\Whole\WholeWishes;
use Vestibra\Core\Formats\Shop\FolderProblem;

/**
 * Reads a file that holds more than rows: says what it would change, or takes it.
 *
 * @shape WholeGiven array{file: string, name: string, take: bool, over: bool, delete: bool, leaps: bool, reach: bool}
 * @shape WholeFile array{file: string, name: string, kind: string, called: string, made: int, entry: int,
 *     counts: array<string, int>, files: list<array{file: string, did: string, what: list<string>}>, fileCount: int,
 *     staying: int, moves: CatalogueMoves|null, problems: list<array{file: string, path: string, message: string}>,
 *     problemCount: int}
 *
 * @phpstan-type Given array{file: string, name: string, take: bool, over: bool, delete: bool, leaps: bool, reach: bool}
 */
final readonly class WholeErrand implements Errand
{
    private const SHOWN = 100;

    public function __construct(
        private IncomingFiles $files,
        private WholeIn $in,
    ) {
    }

    public function do(User $user, array $given, Progress $progress): ErrandAnswer
    {
        /** @var Given $given */
        $path = $this->files->path($user, $given['file']);
        if ($path === null) {
            return ErrandAnswer::said(404, RowsErrand::GONE);
        }
        $wishes = new WholeWishes(
            ! $given['take'],
            $given['over'],
            $given['delete'],
            $given['leaps'],
            $given['reach'],
        );
        $done = $this->in->read($path, $given['name'], $user, $wishes);

        return new ErrandAnswer(
            $done->problems !== [] && $given['take'] ? 409 : 200,
            ['file' => $given['file'], 'name' => $given['name']] + self::said($done, $wishes->dry),
        );
    }

    public function isRepeatable(array $given): bool
    {
        return ($given['take'] ?? false) !== true;
    }

    /** @return array<string, mixed> */
    private static function said(WholeOutcome $done, bool $dry): array
    {
        $catalogue = $done->catalogue;

        return [
            'kind' => $done->kind,
            'called' => $done->called,
            'made' => $done->made,
            'entry' => $dry ? 0 : $catalogue->entry ?? 0,
            'counts' => (object) ($catalogue->counts ?? []),
            'files' => array_slice($catalogue->files ?? [], 0, self::SHOWN),
            'fileCount' => count($catalogue->files ?? []),
            'staying' => $catalogue->staying ?? 0,
            'moves' => $catalogue?->moves,
            'problems' => array_map(static fn (FolderProblem $one): array => [
                'file' => $one->file,
                'path' => $one->problem->path,
                'message' => ProblemWords::of($one->problem),
            ], array_slice($done->problems, 0, self::SHOWN)),
            'problemCount' => count($done->problems),
        ];
    }
}
