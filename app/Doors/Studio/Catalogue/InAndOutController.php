<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Validator;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\CatalogueAnswer;
use Vestibra\App\Doors\Studio\Errands\ErrandReply;
use Vestibra\App\Doors\Studio\Errands\RowsErrand;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Finding\Selections;
use Vestibra\App\Work\InAndOut\Columns\RowTerms;
use Vestibra\App\Work\InAndOut\Rows\IncomingFiles;
use Vestibra\App\Work\InAndOut\Rows\RowsBack;
use Vestibra\App\Work\InAndOut\Rows\RowsOut;
use Vestibra\Core\Pages\PageKind;

/**
 * Files of rows, in and out: a file that is brought is shown first with everything it would change, and taken as one.
 *
 * @shape InAndOutData array{variants: int, selected: int, columns: list<string>, usual: list<string>,
 *     fields: list<string>, untold: UntoldErrand|null}
 */
final readonly class InAndOutController
{
    /** In bytes. */
    private const MOST = 60_000_000;

    /** In seconds. */
    private const LONGEST = 600;

    private const MOST_COLUMNS = 200;

    /** Rows that are mended by hand. */
    private const MOST_MENDED = 1_000;

    public function __construct(
        private IncomingFiles $files,
        private ErrandReply $reply,
    ) {
    }

    public function index(Selections $selections, RowsOut $out, FactBook $facts): View
    {
        $selection = $selections->of(SignedIn::user(), PageKind::Product);

        return Screen::show('in-and-out', 'In and out', [
            'variants' => Variant::query()->toBase()->count(),
            'selected' => $selections->state($selection)['count'],
            'columns' => $out->columns(),
            'usual' => RowsOut::ofVariants(),
            'fields' => RowTerms::ofShop($facts)->words(),
            'untold' => $this->reply->untold(),
        ]);
    }

    /** Takes a file, or what was pasted, beside the shop and says what it would change. */
    public function bring(Request $request): JsonResponse
    {
        $file = $request->file('file');
        $text = Asked::untrusted($request, 'text');
        if ($file instanceof UploadedFile && (! $file->isValid() || $file->getSize() > self::MOST)
            || $file === null && (int) $request->header('Content-Length') > self::MOST) {
            return self::said('This file is larger than 60 MB. Nothing was changed; bring it in two halves.', 413);
        }
        $name = $file instanceof UploadedFile
            ? mb_substr(mb_scrub($file->getClientOriginalName()), 0, 150)
            : 'what was pasted';
        $path = $file instanceof UploadedFile ? $file->getPathname() : self::pasted($text);
        if ($path === null) {
            return self::said('There was nothing in it. Choose a file, or paste rows with their header.', 422);
        }
        $kept = $this->files->take(SignedIn::user(), $path);
        $file instanceof UploadedFile || @unlink($path);

        return $this->read($request, $kept, $name, ['isNew' => true]);
    }

    /** What it would change, read as wished. */
    public function look(Request $request, string $brought): JsonResponse
    {
        return $this->read($request, $brought, Asked::text($request, 'name', 150), []);
    }

    public function take(Request $request, string $brought): JsonResponse
    {
        return $this->read($request, $brought, Asked::text($request, 'name', 150), ['take' => true]);
    }

    /** Takes a file back as one: its piece of the history, and the release that pinned pages. */
    public function takeBack(Request $request, RowsBack $back, CatalogueAnswer $answer): JsonResponse
    {
        $given = $request->validate(['entry' => ['required', 'integer'], 'release' => ['required', 'integer']]);
        $entry = (int) $given['entry'];
        $done = $back->take($entry, (int) $given['release'], SignedIn::user(), Asked::key($request));

        return match (true) {
            is_array($done) => new JsonResponse(ProblemWords::answer($done), 409),
            $done === null && $entry > 0 => abort(404),
            $done === null => new JsonResponse(['left' => [], 'leftCount' => 0]),
            default => $answer->of($done),
        };
    }

    /** All variants, or those of the selected products, as a file. */
    public function out(Request $request, RowsOut $out, Selections $selections): BinaryFileResponse
    {
        set_time_limit(self::LONGEST);
        $path = (string) tempnam(sys_get_temp_dir(), 'rows');
        $selection = Asked::flag($request, 'selected') ? $selections->of(SignedIn::user(), PageKind::Product) : null;
        $columns = array_values(array_filter(explode('|', Asked::text($request, 'columns', 8_000))));
        if ($out->write($path, true, $selection, $columns) === null) {
            @unlink($path);

            throw new NoRoom;
        }

        return response()->download($path, 'products.csv', ['Content-Type' => 'text/csv; charset=utf-8'])
            ->deleteFileAfterSend();
    }

    private static function pasted(mixed $text): ?string
    {
        if (! is_string($text) || trim($text) === '' || strlen($text) > self::MOST) {
            return null;
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'pasted');

        return @file_put_contents($path, mb_scrub($text)) === false ? throw new NoRoom : $path;
    }

    /** @param  array<string, bool>  $how */
    private function read(Request $request, string $brought, string $name, array $how): JsonResponse
    {
        $path = $this->files->path(SignedIn::user(), $brought);
        if ($path === null) {
            return self::said(RowsErrand::GONE, 404);
        }
        $given = Validator::make($request->all(), [
            'columns' => ['array', 'max:'.self::MOST_COLUMNS], 'columns.*' => ['nullable', 'string', 'max:80'],
            'numbers' => ['nullable', 'in:comma,point'], 'days' => ['nullable', 'in:day,month'],
            'mended' => ['array', 'max:'.self::MOST_MENDED], 'mended.*' => ['nullable', 'array', 'max:200'],
            'mended.*.*' => ['nullable', 'string', 'max:500'],
        ]);

        return $given->fails()
            ? self::said($given->errors()->first(), 422)
            : $this->reply->reading(RowsErrand::class, $how + [
                'file' => $brought,
                'name' => $name,
                'isNew' => false,
                'take' => false,
                'good' => Asked::flag($request, 'good'),
                'emptied' => Asked::flag($request, 'emptied'),
                'leaps' => Asked::flag($request, 'leaps'),
                'columns' => self::columns($request),
                'numbers' => Asked::text($request, 'numbers'),
                'days' => Asked::text($request, 'days'),
                'mended' => self::mended($request),
            ], $path);
    }

    /** @return array<string, string> as the file calls them => what they are said to be */
    private static function columns(Request $request): array
    {
        $columns = [];
        foreach (Asked::map($request, 'columns', self::MOST_COLUMNS) as $called => $is) {
            $columns[(string) $called] = is_string($is) ? $is : '';
        }

        return $columns;
    }

    /** @return array<int, array<int, string>|null> line => place of a cell => what stands there; null: left out */
    private static function mended(Request $request): array
    {
        $mended = [];
        foreach (Asked::map($request, 'mended', self::MOST_MENDED) as $line => $cells) {
            $mended[(int) $line] = is_array($cells)
                ? array_combine(
                    array_map(intval(...), array_keys($cells)),
                    array_map(static fn (mixed $one): string => is_string($one) ? $one : '', array_values($cells)),
                )
                : null;
        }

        return $mended;
    }

    private static function said(string $message, int $status): JsonResponse
    {
        return new JsonResponse(['message' => $message], $status);
    }
}
