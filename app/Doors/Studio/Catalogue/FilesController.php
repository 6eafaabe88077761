<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SameTime;
use Vestibra\App\Ground\Files\Files;
use Vestibra\App\Ground\Files\FileUse;
use Vestibra\App\Ground\Models\ShopFile;
use Vestibra\App\Ground\Problems\FileProblem;
use Vestibra\App\Reach\Trees\FilePlaces;
use Vestibra\App\Words\ProblemWords;
use Vestibra\Core\Problem;

/** Downloads, films and captions: taken in, found, put together, let go. */
final readonly class FilesController
{
    public function __construct(
        private Files $files,
        private FilePlaces $places,
    ) {
    }

    public function index(Request $request): JsonResponse
    {
        $ids = Asked::ids($request, 'ids', 100);

        return $ids === []
            ? new JsonResponse($this->files->page(
                FileUse::tryFrom(Asked::text($request, 'use')),
                Asked::text($request, 'q'),
                Asked::page($request),
            ))
            : new JsonResponse(['files' => $this->files->some($ids), 'more' => false]);
    }

    public function store(Request $request): JsonResponse
    {
        $use = FileUse::tryFrom(Asked::text($request, 'use'));
        $file = $request->file('file');
        if ($use === null) {
            return $this->refused(FileProblem::NoUse->at());
        }
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            $heavy = $file instanceof UploadedFile || (int) $request->header('Content-Length') > Files::MOST_BYTES;

            return $this->refused(($heavy ? FileProblem::TooHeavy : FileProblem::Empty)
                ->at('', ['name' => 'This file', 'most' => '60 MB']));
        }
        $taken = $this->files
            ->take($use, $file->getPathname(), mb_substr(mb_scrub($file->getClientOriginalName()), 0, 150));

        return $taken instanceof Problem
            ? $this->refused($taken)
            : new JsonResponse(['file' => $this->files->some([$taken])[0] ?? null], 201);
    }

    public function describe(Request $request, int $file): JsonResponse
    {
        $given = $request->validate([
            'captions' => ['present', 'nullable', 'integer'],
            'poster' => ['present', 'nullable', 'integer', 'exists:pictures,id'],
        ]);
        $captions = isset($given['captions'])
            ? ShopFile::query()->toBase()
                ->where('id', $given['captions'])
                ->where('use', FileUse::Captions->value)
                ->value('id')
            : null;
        if ($this->files->some([$file]) === [] || (isset($given['captions']) && $captions === null)) {
            return $this->refused(FileProblem::Gone->at(), 404);
        }

        return DB::transaction(function () use ($request, $file, $captions, $given): JsonResponse {
            $values = SameTime::of($request, $this->files->some([$file])[0] ?? [], [
                'captions' => is_int($captions) ? $captions : null,
                'poster' => isset($given['poster']) ? (int) $given['poster'] : null,
            ]);
            if ($values instanceof JsonResponse) {
                return $values;
            }
            $this->files->describe(
                $file,
                is_int($values['captions']) ? $values['captions'] : null,
                is_int($values['poster']) ? $values['poster'] : null,
            );

            return new JsonResponse(['file' => $this->files->some([$file])[0] ?? null]);
        });
    }

    public function uses(int $file): JsonResponse
    {
        return new JsonResponse(['places' => $this->places->of($file)]);
    }

    public function delete(int $file): JsonResponse
    {
        $problem = $this->places->letGo($file);

        return $problem === null ? new JsonResponse(['gone' => true]) : $this->refused($problem, 409);
    }

    public function takeBack(int $file): JsonResponse
    {
        $this->places->takeBack($file);

        return new JsonResponse(['file' => $this->files->some([$file])[0] ?? null]);
    }

    private function refused(Problem $problem, ?int $status = null): JsonResponse
    {
        return new JsonResponse(ProblemWords::answer([$problem]), $status ?? match ($problem->code) {
            FileProblem::TooHeavy => 413,
            FileProblem::NoRoom => 507,
            default => 422,
        });
    }
}
