<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Support\Facades\Gate;
use stdClass;
use Vestibra\App\PagesOut\Walking\PrivateLinks;
use Vestibra\App\PagesOut\Walking\ShopTag;
use Vestibra\App\PagesOut\Walking\Walk;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Templates\CardBook;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Core\Templates\Node;

/**
 * Which tree a visitor sees on a page: that of the template which the verdict gives it, as it is live; a draft for who
 * walks the shop with it, or came by a private link.
 */
final readonly class VisitorsTrees
{
    public function __construct(
        private Verdicts $verdicts,
        private StoredDrafts $stored,
        private Walk $walk,
        private ShopTag $tag,
        private PrivateLinks $links,
    ) {
    }

    public function on(PageKind $kind, Subject $subject): VisitorsTree
    {
        $walking = $this->walk->isOn() && Gate::allows('see-studio');
        $verdict = $walking
            ? $this->verdicts->explained($kind, $subject, $this->walk->supposed())
            : $this->verdicts->of($kind, $subject);
        $this->tag->on($kind, $subject, $verdict);
        $link = $this->links->current();
        if ($link !== null && $link->page_kind === $kind->value) {
            return new VisitorsTree(
                $this->stored->tree(json_decode((string) $link->draft_tree, true)),
                (int) $link->template_id,
                true,
                // As on the drawing table: with the cards that stand on it as they are drawn.
                $walking ? $this->walk->drafts() : CardBook::ids(),
                $this->looking($link, $kind, $subject),
            );
        }
        $around = $link === null ? null : PageKind::tryFrom($link->page_kind);
        $isDraft = $walking && in_array($verdict->templateId, $this->walk->drafts(), true);

        return new VisitorsTree(
            $this->tree($verdict->templateId, $isDraft),
            $verdict->templateId,
            $isDraft,
            $walking ? $this->walk->drafts() : [],
            $link !== null && $around?->standsOnPages() === true
                ? $this->looking($link, $around, new AroundPage($around, $kind, $subject))
                : null,
        );
    }

    private function tree(int $templateId, bool $isDraft): Node
    {
        $column = $isDraft ? 'draft_tree' : 'live_tree';

        return $this->stored->tree(json_decode(
            (string) Template::query()->toBase()->where('id', $templateId)->value($column),
            true,
        ));
    }

    /** @return array{name: string, until: string, one: string, would: bool} */
    private function looking(stdClass $link, PageKind $kind, Subject $subject): array
    {
        $template = Template::query()->findOrFail((int) $link->template_id);
        $supposed = (new WhatIf)->withReach($template->id, $this->stored->draft($template)->reach);

        return [
            'name' => $template->name,
            'until' => $link->expires_at,
            'one' => $subject->kind()->one(),
            'would' => $this->verdicts->explained($kind, $subject, $supposed)->templateId === $template->id,
        ];
    }
}
