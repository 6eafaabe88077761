<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Core\Templates\TemplateRole;

/**
 * A template goes live, changes, or is taken off; or a card, a kept part or the blocks that one product has as a fact.
 *
 * @phpstan-type Live array{tree: array<string, mixed>, reach: array<string, mixed>, revision: int}
 *
 * @api
 */
final readonly class TemplateChange implements ReleaseChange
{
    /** The fixed name in stored releases. */
    public const NAME = 'template';

    /**
     * @param  Live|null  $before  null: was not live
     * @param  Live|null  $after  null: taken off
     * @param  string  $pageKind  perhaps one that only a later version knows; empty where it lays out no page
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

    /**
     * Releases of format 1 wrote what stands on pages down as kinds of pages, and the very first no kind: there were
     * pages of products alone.
     */
    public static function stored(StoredChange $stored): self
    {
        $kind = $stored->text('pageKind', PageKind::Product->value);
        $old = ['part' => TemplateRole::Part, 'content' => TemplateRole::OwnBlocks][$kind] ?? null;
        $role = $old ?? TemplateRole::from($stored->text('role', TemplateRole::Page->value));

        return new self(
            $stored->number('template'),
            $stored->text('name'),
            $stored->live('before'),
            $stored->live('after'),
            match ($role) {
                TemplateRole::Page => $kind,
                TemplateRole::Card => PageKind::Card->value,
                default => '',
            },
            $role,
        );
    }

    /** It loses the rule that takes every page; nothing else of what is live changes. */
    public function withoutEvery(): self
    {
        return new self(
            $this->template,
            $this->called,
            $this->before,
            $this->before === null ? null : ['reach' => self::lessEvery($this->before['reach'])] + $this->before,
            $this->pageKind,
            $this->role,
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

    /** Whether it lays out pages, rather than something that stands on them. */
    public function isPage(): bool
    {
        return $this->role === TemplateRole::Page;
    }

    /** Of a template that lays out pages; null where this version does not know such pages. */
    public function kind(): ?PageKind
    {
        return $this->isPage() ? PageKind::tryFrom($this->pageKind) : null;
    }

    public function inverse(): self
    {
        return new self($this->template, $this->called, $this->after, $this->before, $this->pageKind, $this->role);
    }

    public function suppose(WhatIf $supposed, StoredReaches $reaches): WhatIf
    {
        $kind = $this->kind();

        return match (true) {
            $kind === null => $supposed,
            $this->after === null => $supposed->without($this->template),
            default => $supposed->withReach($this->template, $reaches->reach($this->after['reach'], $kind)),
        };
    }

    /** Whether what keeps it looks different; a new one or one that is taken off moves what it had. */
    public function isNewLook(): bool
    {
        return $this->before !== null && $this->after !== null && $this->isOtherTree();
    }

    /** Whether another tree stands there than before, or none where one was. */
    public function isOtherTree(): bool
    {
        return ($this->before['tree'] ?? null) !== ($this->after['tree'] ?? null);
    }

    public function touches(): array
    {
        return ["template $this->template"];
    }

    public function isNothing(): bool
    {
        return $this->before == $this->after;
    }

    public function toArray(): array
    {
        return [
            'change' => self::NAME,
            'template' => $this->template,
            'name' => $this->called,
            'before' => $this->before,
            'after' => $this->after,
        ]
            + ($this->isPage() ? ['pageKind' => $this->pageKind] : ['role' => $this->role->value]);
    }
}
