<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making;

use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\FallbackChange;
use Vestibra\Core\Releases\NewLooks;

/** Another template, or another card, is the fallback. */
final readonly class FallbackDeed implements ReleaseDeed
{
    public function __construct(private FallbackChange $change)
    {
    }

    public static function to(Template $template): FallbackChange
    {
        return new FallbackChange($template->page_kind, self::current($template->page_kind), $template->id);
    }

    public function problem(): ?Problem
    {
        $template = Template::query()->where('page_kind', $this->change->pageKind)->find($this->change->after);

        return $template?->isLive() === true && $template->let_go_at === null
            ? null
            : ReleaseProblem::FallbackNotLive->at('', ['name' => $template->name ?? '']);
    }

    public function now(): FallbackChange
    {
        return new FallbackChange(
            $this->change->pageKind,
            self::current($this->change->pageKind),
            $this->change->after,
        );
    }

    public function apply(): void
    {
        Fallback::query()->where('page_kind', $this->change->pageKind)->update([
            'template_id' => $this->change->after,
        ]);
    }

    public function kinds(AskedByChanges $shop): array
    {
        return $this->change->isOfCards()
            ? CardPlaces::kinds($this->looks($shop)->templates)
            : array_filter([PageKind::tryFrom($this->change->pageKind)]);
    }

    /** Grids that chose no card keep their pages, which look different. */
    public function looks(AskedByChanges $shop): NewLooks
    {
        return new NewLooks($this->change->isOfCards() && ! $this->change->isNothing()
            ? $shop->cards->withoutChoice()
            : []);
    }

    public function words(): string
    {
        return '“'.Template::query()->toBase()->where('id', $this->change->after)->value('name').'” made '
            .($this->change->isOfCards() ? 'the fallback card' : 'the fallback');
    }

    private static function current(string $pageKind): int
    {
        return (int) Fallback::query()->toBase()->where('page_kind', $pageKind)->value('template_id');
    }
}
