<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Studio;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Catalogue\ProductReader;
use Vestibra\App\Http\SameTime;
use Vestibra\App\Http\Screen;
use Vestibra\App\Http\SignedIn;
use Vestibra\App\Models\Template;
use Vestibra\App\Reach\Contests;
use Vestibra\App\Reach\ReachCounts;
use Vestibra\App\Rendering\ProductPage;
use Vestibra\App\Templates\Changes;
use Vestibra\App\Templates\KeptParts;
use Vestibra\App\Templates\Starts;
use Vestibra\App\Templates\Templates;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Problem;
use Vestibra\Core\Pages\PageKind;

final readonly class TemplatesController
{
    public function index(ReachCounts $counts, Starts $starts, KeptParts $parts, Changes $changes, ReachWords $words, Contests $contests): View
    {
        $live = $counts->live();
        $fallbacks = DB::table('fallbacks')->pluck('template_id', 'page_kind');
        $templates = Template::query()->with('changer')->where('page_kind', PageKind::Product->value)->oldest('hand_order')->get();

        return Screen::show('templates', 'Templates', [
            'starts' => $starts->list(),
            'parts' => $parts->overview(),
            'templates' => $templates->map(static fn (Template $template): array => [
                'id' => $template->id,
                'pageKind' => $template->page_kind,
                'name' => $template->name,
                'note' => $template->note,
                'live' => $template->isLive(),
                'fallback' => ($fallbacks[$template->page_kind] ?? null) === $template->id,
                'unpublished' => $changes->unpublished($template),
                'goesFirst' => (bool) ($template->live_reach['goesFirst'] ?? $template->draft_reach['goesFirst'] ?? false),
                'season' => $words->season($contests->stored($template->live_reach ?? $template->draft_reach)->season),
                'counts' => $live[$template->id] ?? null,
                'changedBy' => $template->changer?->name,
                'changedAt' => $template->changed_at->toIso8601String(),
            ])->all(),
        ]);
    }

    public function store(Request $request, Templates $templates): JsonResponse
    {
        $given = $request->validate(self::NAME + [
            'start' => ['required_without:copyOf', 'string', 'max:60'],
            'copyOf' => ['integer'],
        ], self::WORDS);
        $template = isset($given['copyOf'])
            ? $templates->copy($given['name'], Template::query()->where('page_kind', PageKind::Product->value)->findOrFail((int) $given['copyOf']), SignedIn::user())
            : $templates->fromStart($given['name'], $given['start'], SignedIn::user());

        return $template === null
            ? new JsonResponse(ProblemWords::answer([new Problem('template.unknown-start')]), 422)
            : new JsonResponse(['id' => $template->id], 201);
    }

    /** A start as it looks with one of the shop's own products: the one with the most pictures. */
    public function start(string $start, Starts $starts, Composer $composer, ProductReader $products, ProductPage $page): View
    {
        $tree = $starts->tree($start, $composer->schema) ?? abort(404);
        $id = DB::table('products')->where('published', true)->orderByDesc('picture_count')->orderBy('id')->value('id');
        $product = is_int($id) ? $products->byId($id) : null;
        if ($product === null) {
            abort(404);
        }
        $composed = $page->compose($tree, $product);

        return view('shop::product', [
            'title' => $product->title,
            'description' => '',
            'html' => $page->print($composed->page),
            'css' => $composed->css,
            'notAsWished' => false,
            'canvas' => true,
        ]);
    }

    public function rename(Request $request, Template $template): JsonResponse
    {
        $given = $request->validate(['name' => ['sometimes', ...self::NAME['name']], 'note' => ['sometimes', 'nullable', 'string', 'max:300']], self::WORDS);

        return DB::transaction(static function () use ($request, $template, $given): JsonResponse {
            $template->refresh();
            $values = SameTime::of($request, ['name' => $template->name, 'note' => $template->note], array_map(strval(...), $given));
            if ($values instanceof JsonResponse) {
                return $values;
            }
            $template->update($values);

            return new JsonResponse(['name' => $template->name, 'note' => $template->note]);
        });
    }

    private const NAME = ['name' => ['required', 'string', 'max:80']];

    private const WORDS = [
        'name.required' => 'Give the template a name, so that you find it again.',
        'note.max' => 'A note can have 300 characters at most. Shorten it a little; the one before was kept.',
        'name.max' => 'A name can have 80 characters at most. Shorten it a little.',
        'start.required_without' => 'Choose what to begin with.',
    ];
}
