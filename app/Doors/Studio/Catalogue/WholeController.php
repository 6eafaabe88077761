<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Errands\ErrandReply;
use Vestibra\App\Doors\Studio\Errands\RowsErrand;
use Vestibra\App\Doors\Studio\Errands\WholeErrand;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Work\InAndOut\Linked\LinkedOut;
use Vestibra\App\Work\InAndOut\Rows\IncomingFiles;
use Vestibra\App\Work\InAndOut\Whole\ZippedShop;
use Vestibra\Core\Problem;

/**
 * Files that hold more than rows, in and out: the shop's folder as a zip, products as JSON-LD, a template, a house
 * style. What comes in is shown first with what it would change.
 */
final readonly class WholeController
{
    /** In bytes. */
    private const MOST = 60_000_000;

    /** In seconds. */
    private const LONGEST = 600;

    public function __construct(
        private IncomingFiles $files,
        private ErrandReply $reply,
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

        return $this->reply->reading(WholeErrand::class, [
            'file' => $kept,
            'name' => mb_substr(mb_scrub($file->getClientOriginalName()), 0, 150),
            'take' => false, 'over' => false, 'delete' => false, 'leaps' => false, 'reach' => false,
        ], $file->getPathname());
    }

    /** What it would change, read as wished; or with `take` what it changed. */
    public function look(Request $request, string $brought): JsonResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:150']]);

        $path = $this->files->path(SignedIn::user(), $brought);

        return $path === null
            ? new JsonResponse(['message' => RowsErrand::GONE], 404)
            : $this->reply->reading(WholeErrand::class, [
                'file' => $brought,
                'name' => Asked::text($request, 'name', 150),
                'take' => Asked::flag($request, 'take'),
                'over' => Asked::flag($request, 'over'),
                'delete' => Asked::flag($request, 'delete'),
                'leaps' => Asked::flag($request, 'leaps'),
                'reach' => Asked::flag($request, 'reach'),
            ], $path);
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
}
