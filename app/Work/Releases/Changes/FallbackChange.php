<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Changes;

use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\WhatIf;

/** Another live template takes what no rule takes; or another card is that of every grid that chose none. */
final readonly class FallbackChange implements ReleaseChange
{
    public function __construct(
        public string $pageKind,
        public int $before,
        public int $after,
    ) {
    }

    public static function name(): string
    {
        return 'fallback';
    }

    public static function to(Template $template): self
    {
        return new self(
            $template->page_kind,
            (int) Fallback::query()->toBase()->where('page_kind', $template->page_kind)->value('template_id'),
            $template->id,
        );
    }

    public function problem(): ?Problem
    {
        $template = Template::query()->where('page_kind', $this->pageKind)->find($this->after);

        return $template?->isLive() === true && $template->let_go_at === null
            ? null
            : ReleaseProblem::FallbackNotLive->at('', ['name' => $template->name ?? '']);
    }

    public function now(): self
    {
        return new self(
            $this->pageKind,
            (int) Fallback::query()->toBase()->where('page_kind', $this->pageKind)->value('template_id'),
            $this->after,
        );
    }

    public function apply(): void
    {
        Fallback::query()->toBase()->where('page_kind', $this->pageKind)->update(['template_id' => $this->after]);
    }

    public function inverse(): self
    {
        return new self($this->pageKind, $this->after, $this->before);
    }

    public function suppose(WhatIf $supposed, AskedByChanges $shop): WhatIf
    {
        return $this->pageKind === PageKind::Card->value
            ? $supposed
            : $supposed->withFallback($this->pageKind, $this->after);
    }

    public function kinds(AskedByChanges $shop): array
    {
        $kind = PageKind::tryFrom($this->pageKind);

        return $kind === PageKind::Card ? CardPlaces::kinds($this->newLooks($shop)) : array_filter([$kind]);
    }

    /** @return list<int> templates that keep their pages, which look different */
    public function newLooks(AskedByChanges $shop): array
    {
        return $this->pageKind === PageKind::Card->value && $this->before !== $this->after
            ? $shop->cards->withoutChoice()
            : [];
    }

    public function touches(): array
    {
        return ["fallback $this->pageKind"];
    }

    public function words(): string
    {
        return '“'.Template::query()->toBase()->where('id', $this->after)->value('name').'” made '.(
            $this->pageKind === PageKind::Card->value ? 'the fallback card' : 'the fallback'
        );
    }

    public function toArray(): array
    {
        return [
            'change' => self::name(),
            'pageKind' => $this->pageKind,
            'before' => $this->before,
            'after' => $this->after,
        ];
    }
}
