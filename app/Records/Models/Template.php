<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\TemplateRole;

/**
 * A template with its draft and, once published, what is live. Trees and reaches are in their stored form. Cards, kept
 * parts and the blocks that one product has as a fact are laid out and released the same way; they have no reach.
 *
 * @property int $id
 * @property string $page_kind empty unless it lays out pages
 * @property TemplateRole $role
 * @property Carbon|null $let_go_at it can be taken back for a while
 * @property string $name
 * @property int $hand_order
 * @property array<string, mixed> $draft_tree
 * @property array<string, mixed> $draft_reach
 * @property int $draft_revision
 * @property array<string, mixed>|null $live_tree
 * @property array<string, mixed>|null $live_reach
 * @property int|null $live_revision
 * @property int|null $changed_by
 * @property Carbon $changed_at
 * @property string $note what the owner wrote down about it
 * @property int|null $fact_id of the blocks of a product: the fact that they fill
 * @property int|null $product_id and the product
 * @property User|null $changer
 */
final class Template extends Model
{
    protected $table = 'templates';

    public $timestamps = false;

    protected $guarded = ['id'];

    /** @return BelongsTo<User, $this> */
    public function changer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'changed_by');
    }

    /** @return HasMany<DraftStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(DraftStep::class, 'template_id');
    }

    /**
     * In an address, what was deleted is not there, though it can be taken back.
     *
     * @param  mixed  $value
     * @param  string|null  $field
     */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        return self::query()->where('let_go_at', null)->find($value);
    }

    /** Whether it lays out pages, rather than something that stands on them. */
    public function isPage(): bool
    {
        return $this->role === TemplateRole::Page;
    }

    /** @return PageKind|null null for what stands on pages, and for a kind of page that this version does not know */
    public function pageKind(): ?PageKind
    {
        return $this->isPage() && PageAddresses::knows($this->page_kind) ? PageKind::from($this->page_kind) : null;
    }

    /** @return PageKind|null by which starts and files know it: of a card its own, else that of its pages */
    public function exchangeKind(): ?PageKind
    {
        return $this->role === TemplateRole::Card ? PageKind::Card : $this->pageKind();
    }

    /** Of a page, in a place where its kind is known. */
    public function knownKind(): PageKind
    {
        return $this->pageKind() ?? abort(404);
    }

    /**
     * With which pages it is looked at: with those it lays out; what stands on pages of any kind with products, of
     * which every shop has some.
     */
    public function seenOn(): PageKind
    {
        return $this->pageKind() ?? PageKind::Product;
    }

    public function isLive(): bool
    {
        return $this->live_revision !== null;
    }

    /**
     * @return array{tree: array<string, mixed>, reach: array<string, mixed>, revision: int}|null what is live, as
     *     releases keep it
     */
    public function live(): ?array
    {
        return $this->live_tree === null || $this->live_reach === null || $this->live_revision === null ? null : [
            'tree' => $this->live_tree,
            'reach' => $this->live_reach,
            'revision' => $this->live_revision,
        ];
    }

    public function isChanged(): bool
    {
        if (! $this->isLive()) {
            return true;
        }
        foreach (['tree', 'reach'] as $part) {
            if ($this->getRawOriginal("draft_$part") !== $this->getRawOriginal("live_$part")
                && $this->getAttribute("draft_$part") !== $this->getAttribute("live_$part")) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'draft_tree' => 'array',
            'draft_reach' => 'array',
            'live_tree' => 'array',
            'live_reach' => 'array',
            'changed_at' => 'datetime',
            'let_go_at' => 'datetime',
            'role' => TemplateRole::class,
        ];
    }
}
