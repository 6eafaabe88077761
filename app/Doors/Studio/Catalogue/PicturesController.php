<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SameTime;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\CatalogueAnswer;
use Vestibra\App\Ground\Pictures\Uploads;
use Vestibra\App\Ground\Pictures\WaitingPictures;
use Vestibra\App\Ground\Problems\PictureProblem;
use Vestibra\App\Reach\Trees\PictureList;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;

/** The shop's pictures: found, taken in, described, and put on products. */
final readonly class PicturesController
{
    public function __construct(private PictureList $list)
    {
    }

    public function screen(): View
    {
        return Screen::show('pictures', 'Pictures', $this->list->page('', 1));
    }

    /** A page at a time. */
    public function index(Request $request): JsonResponse
    {
        $ids = Asked::ids($request, 'ids', 100);
        if ($ids !== []) {
            return new JsonResponse(['pictures' => $this->list->some($ids)]);
        }

        return new JsonResponse($this->list
            ->page(Asked::text($request, 'q'), Asked::page($request), Asked::flag($request, 'bare')));
    }

    public function store(Request $request, Uploads $uploads): JsonResponse
    {
        $file = $request->file('picture');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            $heavy = $file instanceof UploadedFile || $request->header('Content-Length') > Uploads::MOST_BYTES;

            return $this
                ->refused(($heavy ? PictureProblem::TooHeavy : PictureProblem::None)->at('', ['name' => 'This file']));
        }
        $taken = $uploads
            ->take((string) $file->getContent(), mb_substr(mb_scrub($file->getClientOriginalName()), 0, 100));

        return $taken instanceof Problem
            ? $this->refused($taken)
            : new JsonResponse(['picture' => $this->list->one($taken)], 201);
    }

    /** Has finer sizes made of pictures that an earlier version took in. */
    public function sizes(): JsonResponse
    {
        WaitingPictures::queue();

        return new JsonResponse(['waiting' => WaitingPictures::count(), 'inHand' => WaitingPictures::areInHand()]);
    }

    public function describe(Request $request, int $picture, Saving $saving): JsonResponse
    {
        return DB::transaction(function () use ($request, $picture, $saving): JsonResponse {
            $now = $this->list->one($picture);
            if ($now === null) {
                return new JsonResponse(['message' => 'This picture is gone. Nothing was changed.'], 404);
            }
            $values = SameTime::of($request, $now, [
                'alt' => Asked::text($request, 'alt', 300),
                'focusX' => Asked::number($request, 'focusX', 2, 0, 4),
                'focusY' => Asked::number($request, 'focusY', 2, 0, 4),
            ]);
            if ($values instanceof JsonResponse) {
                return $values;
            }
            $changed = array_diff_assoc($values, array_intersect_key($now, $values));
            $changed === [] || $saving->save(
                new Entry([new Change(Thing::Picture, $picture, array_intersect_key($now, $changed), $changed)]),
                SignedIn::user(),
            );

            return new JsonResponse(['picture' => $this->list->one($picture)]);
        });
    }

    public function uses(int $picture): JsonResponse
    {
        return new JsonResponse($this->list->uses($picture));
    }

    public function put(Request $request, int $picture, Saving $saving, CatalogueAnswer $answer): JsonResponse
    {
        $given = $request
            ->validate(['product' => ['required', 'integer', 'exists:products,id'], 'on' => ['required', 'boolean']]);
        if ($this->list->one($picture) === null) {
            return new JsonResponse(['message' => 'This picture is gone. Nothing was changed.'], 404);
        }
        $product = (int) $given['product'];
        $before = $this->list->ofProduct($product);
        $after = array_values(array_diff($before, [$picture]));
        $entry = new Entry([new Change(Thing::Product, $product, ['pictures' => $before], [
            'pictures' => (bool) $given['on'] ? [...$after, $picture] : $after,
        ])]);
        $done = $before === ($entry->changes[0]->after['pictures'] ?? [])
            ? null
            : $saving->save($entry, SignedIn::user());
        if ($done instanceof Refusal) {
            return $answer->of($done);
        }

        return new JsonResponse($this->list->uses($picture) + ['picture' => $this->list->one($picture)]);
    }

    private function refused(Problem $problem): JsonResponse
    {
        $status = match ($problem->code) {
            PictureProblem::TooHeavy => 413,
            PictureProblem::NoRoom => 507,
            default => 422,
        };

        return new JsonResponse(ProblemWords::answer([$problem]), $status);
    }
}
