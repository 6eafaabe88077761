<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut\Whole;

use Illuminate\Support\Facades\Gate;
use LogicException;
use stdClass;
use Vestibra\App\PagesOut\KeptAround;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\PagesOut\Walking\PrivateLinks;
use Vestibra\App\PagesOut\Walking\ShopTag;
use Vestibra\App\PagesOut\Walking\Walk;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\AroundPages;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Evaluator;

/** The header and footer of a page: what its own template chooses, else what their rules give. */
final readonly class Surroundings
{
    private const KINDS = ['header' => PageKind::Header, 'footer' => PageKind::Footer];

    public function __construct(
        private LiveRules $rules,
        private Verdicts $verdicts,
        private PagesOfTheShop $pages,
        private PageMaker $maker,
        private StoredDrafts $stored,
        private Walk $walk,
        private PrivateLinks $links,
        private ShopTag $tag,
        private KeptAround $kept,
    ) {
    }

    /**
     * With the styles of both, but for what is being drawn: that has its own.
     *
     * @param  array<string, mixed>  $choices  `header` and `footer` as a page's tree says them: true for what the rules
     *     give, false for none, or the number of one
     * @param  ComposedPage|null  $drawn  of a header or footer that is being drawn, which stands there instead
     * @param  bool  $marks  whether what is drawn has the marks of the canvas
     */
    public function of(
        PageKind $page,
        Subject $subject,
        Visit $visit = new Visit,
        array $choices = [],
        ?ComposedPage $drawn = null,
        bool $marks = false,
    ): Around {
        $winners = [];
        $rules = $this->isWalking() ? [] : $this->rules->aroundPages();
        foreach (self::KINDS as $name => $kind) {
            $choice = $choices[$name] ?? true;
            $winners[$name] = $drawn?->page->kind === $name ? Evaluator::NONE : $this->winner(
                new AroundPage($kind, $page, $subject),
                is_int($choice) ? $choice : ($choice === false ? Evaluator::NONE : null),
                $rules[$name] ?? null,
            );
        }
        $link = $drawn === null ? $this->links->current() : null;
        $printed = $names = [];
        foreach (self::KINDS as $name => $kind) {
            $at = new AroundPage($kind, $page, $subject);
            $names[$name] = $drawn !== null
                || $link !== null
                || $this->isWalking()
                || $winners[$name] === Evaluator::NONE
                ? null
                : $this->kept->name($winners[$name], $at, $visit, $this->rules->shown());
            $printed[$name] = $names[$name] === null ? null : $this->kept->get($names[$name]);
        }
        $trees = $this->trees(array_values(array_filter(
            $winners,
            static fn (int $one, string $name): bool => $one !== Evaluator::NONE && $printed[$name] === null,
            ARRAY_FILTER_USE_BOTH,
        )));
        foreach (self::KINDS as $name => $kind) {
            $draft = $link?->page_kind === $name ? (string) $link->draft_tree : null;
            $tree = $draft ?? $trees[$winners[$name]] ?? null;
            if ($drawn?->page->kind === $name) {
                $printed[$name] = ['html' => $this->maker->print($drawn->page, $marks), 'css' => ''];
            } elseif ($printed[$name] === null && $tree !== null) {
                $printed[$name] = $this->printed(
                    $tree,
                    new AroundPage($kind, $page, $subject),
                    $visit,
                    $draft === null ? $winners[$name] : (int) $link->template_id,
                    $draft !== null || $this->isWalkedWith($winners[$name]),
                    $names[$name],
                );
            }
        }

        return new Around(
            $printed['header']['html'] ?? '',
            $printed['footer']['html'] ?? '',
            ($printed['header']['css'] ?? '').($printed['footer']['css'] ?? ''),
        );
    }

    /**
     * @param  string|null  $name  under which it is kept; null where it is not
     * @return array{html: string, css: string}
     */
    private function printed(
        string $stored,
        AroundPage $at,
        Visit $visit,
        int $template,
        bool $isDraft,
        ?string $name,
    ): array {
        $tree = $this->stored->tree(json_decode($stored, true));
        $composed = $this->maker->compose($tree, $at, $visit, $template, isDraft: $isDraft);
        $html = $this->maker->print($composed->page);
        if ($name !== null && $composed->failures === []) {
            $this->kept->keep($name, $tree, $composed, $html);
        }

        return ['html' => $html, 'css' => $composed->css];
    }

    /**
     * The page that a header or footer is looked at with, as it is live: its main part and styles, and what its
     * template says of both.
     */
    public function page(AroundPage $at, Visit $visit): ?ComposedPage
    {
        if (isset(AroundPages::WITHOUT_TEMPLATES[$at->page->value])) {
            return null;
        }
        $verdict = $this->verdicts->of($at->page, $at->subject);
        $tree = Template::query()->toBase()->where('id', $verdict->templateId)->value('live_tree');

        return $this->maker->compose(
            $this->stored->tree(json_decode((string) $tree, true)),
            $at->subject,
            $visit,
            $verdict->templateId,
        );
    }

    /** @return int the number of the template; 0 for none */
    private function winner(AroundPage $page, ?int $choice, ?Evaluator $rules): int
    {
        $verdict = match (true) {
            $choice === Evaluator::NONE => null,
            $rules === null => $this->verdicts->around($page, $choice, $this->walk->supposed()),
            default => $rules->decide($this->at($page->around)->judged($page, $rules->collections), $choice),
        };
        if ($verdict !== null) {
            $this->tag->around($page, $verdict);
        }

        return $verdict->templateId ?? Evaluator::NONE;
    }

    private function at(PageKind $around): AroundPages
    {
        $pages = $this->pages->get($around);

        return $pages instanceof AroundPages
            ? $pages
            : throw new LogicException("A {$around->value} stands on no page.");
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, string> by template
     */
    private function trees(array $ids): array
    {
        $trees = [];
        /** @var stdClass $row */
        foreach ($ids === [] ? [] : Template::query()->toBase()->whereIntegerInRaw('id', $ids)->get(
            ['id', 'draft_tree', 'live_tree'],
        ) as $row) {
            $tree = $this->isWalkedWith($row->id) ? $row->draft_tree : $row->live_tree;
            if (is_string($tree)) {
                $trees[$row->id] = $tree;
            }
        }

        return $trees;
    }

    private function isWalking(): bool
    {
        return $this->walk->isOn() && Gate::allows('see-studio');
    }

    private function isWalkedWith(int $template): bool
    {
        return $this->isWalking() && in_array($template, $this->walk->drafts(), true);
    }
}
