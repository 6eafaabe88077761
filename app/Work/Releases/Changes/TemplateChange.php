<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Changes;

use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Core\Templates\TemplateRole;

/**
 * A template goes live, changes, or is taken off; or a card, a kept part or the blocks that one product has as a fact.
 *
 * @phpstan-type Live array{tree: array<string, mixed>, reach: array<string, mixed>, revision: int}
 */
final readonly class TemplateChange implements ReleaseChange
{
    /**
     * @param  Live|null  $before  null: was not live
     * @param  Live|null  $after  null: taken off
     */
    public function __construct(
        public int $template,
        public string $called,
        public ?array $before,
        public ?array $after,
        public string $pageKind,
        public TemplateRole $role = TemplateRole::Page,
    ) {
    }

    public static function name(): string
    {
        return 'template';
    }

    /**
     * Releases of format 1 wrote what stands on pages down as kinds of pages, and the very first no kind: there were
     * pages of products alone.
     *
     * @param  array<string, mixed>  $stored
     */
    public static function stored(array $stored): self
    {
        $old = ['part' => TemplateRole::Part, 'content' => TemplateRole::OwnBlocks][$stored['pageKind'] ?? ''] ?? null;
        $role = $old ?? TemplateRole::from($stored['role'] ?? TemplateRole::Page->value);

        return new self($stored['template'], $stored['name'], $stored['before'], $stored['after'], match ($role) {
            TemplateRole::Page => $stored['pageKind'] ?? PageKind::Product->value,
            TemplateRole::Card => PageKind::Card->value,
            default => '',
        }, $role);
    }

    public static function publish(Template $template): self
    {
        return new self($template->id, $template->name, $template->live(), [
            'tree' => $template->draft_tree,
            'reach' => $template->draft_reach,
            'revision' => $template->draft_revision,
        ], $template->page_kind, $template->role);
    }

    public static function takeOff(Template $template): self
    {
        return new self($template->id, $template->name, $template->live(), null, $template->page_kind, $template->role);
    }

    /** Its live rules without the one that takes every page; nothing else of it changes. */
    public static function withoutEvery(Template $template): self
    {
        $live = $template->live();

        return new self(
            $template->id,
            $template->name,
            $live,
            $live === null ? null : ['reach' => self::lessEvery($live['reach'])] + $live,
            $template->page_kind,
            $template->role,
        );
    }

    /**
     * @param  array<string, mixed>  $reach  as it is stored
     * @return array<string, mixed> without the rule that takes every page
     */
    public static function lessEvery(array $reach): array
    {
        $show = is_array($reach['show'] ?? null) ? $reach['show'] : [];

        return array_replace($reach, [
            'show' => array_values(array_filter($show, static fn (mixed $clause): bool => $clause !== [])),
        ]);
    }

    public function problem(): ?Problem
    {
        $template = Template::query()->find($this->template);

        return match (true) {
            $template === null => ReleaseProblem::TemplateGone->at('', ['name' => $this->called]),
            $this->after === null && Fallback::query()->toBase()->where('template_id', $this->template)->exists() =>
                ReleaseProblem::Fallback->at('', ['name' => $template->name]),
            default => null,
        };
    }

    public function now(): self
    {
        $template = Template::query()->findOrFail($this->template);

        return new self(
            $this->template,
            $template->name,
            $template->live(),
            $this->after,
            $template->page_kind,
            $template->role,
        );
    }

    public function apply(): void
    {
        $template = Template::query()->findOrFail($this->template);
        $template->update([
            // What is live is not deleted.
            'let_go_at' => $this->after === null ? $template->let_go_at : null,
            'live_tree' => $this->after['tree'] ?? null,
            'live_reach' => $this->after['reach'] ?? null,
            'live_revision' => $this->after['revision'] ?? null,
        ]);
        if ($template->role === TemplateRole::OwnBlocks) {
            OwnContent::note($template);
        }
    }

    /** Whether it lays out pages, rather than something that stands on them. */
    public function isPage(): bool
    {
        return $this->role === TemplateRole::Page;
    }

    /** Of a template that lays out pages. */
    public function kind(): PageKind
    {
        return PageKind::from($this->pageKind);
    }

    /** Whether this version knows pages of its kind. */
    public function isKnown(): bool
    {
        return PageAddresses::knows($this->pageKind);
    }

    public function kinds(AskedByChanges $shop): array
    {
        return match ($this->role) {
            TemplateRole::Page => $this->isKnown() ? [$this->kind()] : [],
            TemplateRole::Card => CardPlaces::kinds($shop->cards->liveTemplates($this->template)),
            TemplateRole::Part => $shop->parts->kinds($this->template),
            TemplateRole::OwnBlocks => [PageKind::Product],
        };
    }

    public function inverse(): self
    {
        return new self($this->template, $this->called, $this->after, $this->before, $this->pageKind, $this->role);
    }

    public function suppose(WhatIf $supposed, AskedByChanges $shop): WhatIf
    {
        if (! $this->isPage() || ! $this->isKnown()) {
            return $supposed;
        }

        return $this->after === null
            ? $supposed->without($this->template)
            : $supposed
                ->withReach($this->template, $shop->rules->stored($this->after['reach'], $this->kind()));
    }

    /** Whether pages that keep the template look different. */
    public function isNewLook(): bool
    {
        return $this->before !== null && $this->after !== null && $this->before['tree'] !== $this->after['tree'];
    }

    public function touches(): array
    {
        return ["template $this->template"];
    }

    public function words(): string
    {
        return match (true) {
            $this->after === null => "“{$this->called}” taken off",
            $this->before === null => "“{$this->called}” live for the first time",
            default => "“{$this->called}” changed",
        };
    }

    public function toArray(): array
    {
        return [
            'change' => self::name(),
            'template' => $this->template,
            'name' => $this->called,
            'before' => $this->before,
            'after' => $this->after,
        ]
            + ($this->isPage() ? ['pageKind' => $this->pageKind] : ['role' => $this->role->value]);
    }
}
