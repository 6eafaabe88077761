<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\InAndOut\Linked\LinkedOut;
use Vestibra\App\Work\InAndOut\Rows\IncomingFiles;
use Vestibra\App\Work\InAndOut\Whole\WholeIn;
use Vestibra\App\Work\InAndOut\Whole\WholeOutcome;
use Vestibra\App\Work\InAndOut\Whole\WholeWishes;
use Vestibra\App\Work\InAndOut\Whole\ZippedShop;
use Vestibra\Core\Formats\Shop\FolderProblem;
use Vestibra\Core\Problem;

/**
 * Files that hold more than rows, in and out: the shop's folder as a zip, products as JSON-LD, a template, a house
 * style. What comes in is shown first with what it would change.
 *
 * @shape WholeFile array{file: string, name: string, kind: string, called: string, made: int, entry: int,
 *     counts: array<string, int>, files: list<array{file: string, did: string, what: list<string>}>, fileCount: int,
 *     staying: int, moves: CatalogueMoves|null, problems: list<array{file: string, path: string, message: string}>,
 *     problemCount: int}
 */
final readonly class WholeController
{
    /** In bytes. */
    private const MOST = 60_000_000;

    /** In seconds. */
    private const LONGEST = 600;

    private const SHOWN = 100;

    public function __construct(
        private IncomingFiles $files,
        private WholeIn $in,
    ) {
    }

    public function bring(Request $request): JsonResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::MOST) {
            $isLarge = $file instanceof UploadedFile || (int) $request->header('Content-Length') > self::MOST;

            return new JsonResponse(['message' => $isLarge
                ? 'This file is larger than 60 MB. Nothing was changed; bring it by the console '
                    .'(vestibra:catalogue import).'
                : 'There was no file in it. Choose one.'], $isLarge ? 413 : 422);
        }
        $kept = $this->files->take(SignedIn::user(), $file->getPathname());

        return $this->read($kept, mb_substr(mb_scrub($file->getClientOriginalName()), 0, 150), new WholeWishes);
    }

    /** What it would change, read as wished; or with `take` what it changed. */
    public function look(Request $request, string $brought): JsonResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:150']]);

        return $this->read($brought, Asked::text($request, 'name', 150), new WholeWishes(
            ! Asked::flag($request, 'take'),
            Asked::flag($request, 'over'),
            Asked::flag($request, 'delete'),
            Asked::flag($request, 'leaps'),
            Asked::flag($request, 'reach'),
        ));
    }

    public function shop(ZippedShop $zipped): BinaryFileResponse
    {
        set_time_limit(self::LONGEST);

        return response()->download($zipped->write(), 'shop.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    public function linked(LinkedOut $out): BinaryFileResponse
    {
        set_time_limit(self::LONGEST);
        $path = (string) tempnam(sys_get_temp_dir(), 'linked');
        if ($out->write($path) instanceof Problem) {
            @unlink($path);

            throw new NoRoom;
        }

        return response()->download($path, 'products.jsonld', ['Content-Type' => 'application/ld+json'])
            ->deleteFileAfterSend();
    }

    private function read(string $brought, string $name, WholeWishes $wishes): JsonResponse
    {
        $path = $this->files->path(SignedIn::user(), $brought);
        if ($path === null) {
            return new JsonResponse(
                ['message' => 'This file is not here any more: files are kept for a day. Bring it once more.'],
                404,
            );
        }
        set_time_limit(self::LONGEST);
        $done = $this->in->read($path, $name, SignedIn::user(), $wishes);

        return new JsonResponse(
            ['file' => $brought, 'name' => $name] + self::said($done, $wishes->dry),
            $done->problems !== [] && ! $wishes->dry ? 409 : 200,
        );
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
