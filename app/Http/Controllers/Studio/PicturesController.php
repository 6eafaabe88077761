<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Studio;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use stdClass;
use Vestibra\App\Reach\ProductRows;

final readonly class PicturesController
{
    /** The shop's pictures, a page at a time. */
    public function index(Request $request): JsonResponse
    {
        $page = max(1, $request->integer('page', 1));
        $query = mb_substr(mb_scrub($request->string('q')->value()), 0, 100);
        $rows = DB::table('pictures')
            ->when($query !== '', static fn ($found) => $found->whereRaw('instr(lower(alt), lower(?)) > 0', [$query]))
            ->orderBy('id')->offset(($page - 1) * ProductRows::PAGE)->limit(ProductRows::PAGE + 1)->get();

        return new JsonResponse([
            'pictures' => $rows->take(ProductRows::PAGE)->map(static fn (stdClass $row): array => [
                'id' => $row->id,
                'alt' => $row->alt,
                'small' => "/pictures/$row->file-400.webp",
            ])->values(),
            'more' => $rows->count() > ProductRows::PAGE,
        ]);
    }
}
