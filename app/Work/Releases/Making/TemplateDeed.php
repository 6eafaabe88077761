<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making;

use LogicException;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\NewLooks;
use Vestibra\Core\Releases\TemplateChange;
use Vestibra\Core\Templates\TemplateRole;

/** A template, a card, a kept part or a product's own blocks go live, change, or are taken off. */
final readonly class TemplateDeed implements ReleaseDeed
{
    public function __construct(private TemplateChange $change)
    {
    }

    public static function publish(Template $template): TemplateChange
    {
        return self::from($template, [
            'tree' => $template->draft_tree,
            'reach' => $template->draft_reach,
            'revision' => $template->draft_revision,
        ]);
    }

    public static function takeOff(Template $template): TemplateChange
    {
        return self::from($template, null);
    }

    /** Its live rules without the one that takes every page; nothing else of it changes. */
    public static function withoutEvery(Template $template): TemplateChange
    {
        return self::from($template, $template->live())->withoutEvery();
    }

    /**
     * Other rules for what is live; nothing else of it changes.
     *
     * @param  array<string, mixed>  $reach  as it is stored
     */
    public static function withReach(Template $template, array $reach): TemplateChange
    {
        $live = $template->live() ?? throw new LogicException('What is not live has no rules in the shop.');

        return self::from($template, ['reach' => $reach] + $live);
    }

    /** @param  array{tree: array<string, mixed>, reach: array<string, mixed>, revision: int}|null  $after */
    private static function from(Template $template, ?array $after): TemplateChange
    {
        return new TemplateChange(
            $template->id,
            $template->name,
            $template->live(),
            $after,
            $template->page_kind,
            $template->role,
        );
    }

    public function problem(): ?Problem
    {
        $template = Template::query()->find($this->change->template);

        return match (true) {
            $template === null => ReleaseProblem::TemplateGone->at('', ['name' => $this->change->called]),
            $this->change->after === null && Fallback::query()->where('template_id', $template->id)->exists() =>
                ReleaseProblem::Fallback->at('', ['name' => $template->name]),
            default => null,
        };
    }

    public function now(): TemplateChange
    {
        return self::from(Template::query()->findOrFail($this->change->template), $this->change->after);
    }

    public function apply(): void
    {
        $after = $this->change->after;
        $template = Template::query()->findOrFail($this->change->template);
        $template->update([
            // What is live is not deleted.
            'let_go_at' => $after === null ? $template->let_go_at : null,
            'live_tree' => $after['tree'] ?? null,
            'live_reach' => $after['reach'] ?? null,
            'live_revision' => $after['revision'] ?? null,
        ]);
        if ($template->role === TemplateRole::OwnBlocks) {
            OwnContent::note($template);
        }
    }

    public function kinds(AskedByChanges $shop): array
    {
        $kind = $this->change->kind();

        return match ($this->change->role) {
            TemplateRole::Page => $kind !== null && PageAddresses::knows($kind->value) ? [$kind] : [],
            TemplateRole::Card => CardPlaces::kinds($shop->cards->liveTemplates($this->change->template)),
            TemplateRole::Part => $shop->parts->kinds($this->change->template),
            TemplateRole::OwnBlocks => [PageKind::Product],
        };
    }

    public function looks(AskedByChanges $shop): NewLooks
    {
        $id = $this->change->template;

        return match (true) {
            $this->change->role === TemplateRole::OwnBlocks =>
                $this->change->isOtherTree() ? self::ofOwnBlocks($shop, Template::query()->find($id)) : new NewLooks,
            ! $this->change->isNewLook() => new NewLooks,
            $this->change->role === TemplateRole::Part => new NewLooks($shop->parts->liveTemplates($id)),
            $this->change->role === TemplateRole::Card =>
                new NewLooks($shop->cards->liveTemplates($id), $shop->cards->products($id)),
            default => $this->change->kind() === null ? new NewLooks : new NewLooks([$id]),
        };
    }

    private static function ofOwnBlocks(AskedByChanges $shop, ?Template $own): NewLooks
    {
        return $own === null
            ? new NewLooks
            : new NewLooks([], [(int) $own->product_id => $shop->parts->showing((int) $own->fact_id)]);
    }

    public function words(): string
    {
        return match (true) {
            $this->change->after === null => "“{$this->change->called}” taken off",
            $this->change->before === null => "“{$this->change->called}” live for the first time",
            default => "“{$this->change->called}” changed",
        };
    }
}
