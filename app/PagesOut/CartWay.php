<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\PlacedParts;
use Vestibra\Core\Templates\Types\CardChoice;

/**
 * Whether a page on which customers can buy also leads to the cart: by itself, or by what stands above and below it.
 */
final class CartWay
{
    private const AROUND = [PageKind::Header, PageKind::Footer];

    /** @var array<int, bool> by template, as it is live */
    private array $leads = [];

    public function __construct(
        private readonly Composer $composer,
        private readonly StoredDrafts $stored,
        private readonly LiveCards $cards,
        private readonly Verdicts $verdicts,
    ) {
    }

    /** Whether a tree lacks it on whatever page it may be shown; what the rules of headers give is their own matter. */
    public function lacks(Node $tree, PageKind $kind): bool
    {
        if ($kind->standsOnPages()) {
            return $kind === PageKind::Header && ! $this->isIn($tree);
        }
        if (! $this->sells($tree) || $this->isIn($tree)) {
            return false;
        }
        foreach (self::AROUND as $around) {
            $choice = $tree->what[$around->value] ?? true;
            if ($choice === true
                ? $around === PageKind::Header || $this->someLead($around)
                : is_int($choice) && $this->leads($choice)) {
                return false;
            }
        }

        return true;
    }

    /** Whether one page lacks it, with the header and footer that it has. */
    public function lacksOn(ComposedPage $page, PageKind $kind, Subject $subject): bool
    {
        $shown = [...$page->page->shown()];
        $is = fn (ComposedNode $node): bool =>
            ($this->composer->schema->definition($node->kind)->essential ?? null) === Essential::Cart;
        if (array_filter($shown, $is) !== []) {
            return false;
        }
        if ($kind->standsOnPages()) {
            return $kind === PageKind::Header;
        }
        $sells = fn (ComposedNode $node): bool => ($this->composer->schema->definition($node->kind)->sells ?? false)
            || array_filter($node->cards, fn (ComposedNode $card): bool => array_filter(
                [...$card->shown()],
                fn (ComposedNode $one): bool => $this->composer->schema->definition($one->kind)->sells ?? false,
            ) !== []) !== [];
        if (array_filter($shown, $sells) === []) {
            return false;
        }
        foreach (self::AROUND as $around) {
            $choice = $page->page->data[$around->value] ?? true;
            $given = $choice === false ? null : $this->verdicts->around(
                new AroundPage($around, $kind, $subject),
                is_int($choice) ? $choice : null,
                new WhatIf,
            )->templateId;
            if ($given !== null && $this->leads($given)) {
                return false;
            }
        }

        return true;
    }

    private function leads(int $template): bool
    {
        return $this->leads[$template] ??=
            ($tree = Template::query()->toBase()->where('id', $template)->value('live_tree')) !== null
            && $this->isIn($this->stored->tree(json_decode((string) $tree, true)));
    }

    private function someLead(PageKind $around): bool
    {
        $live = Template::query()->toBase()->where('page_kind', $around->value)
            ->whereNotNull('live_tree')
            ->pluck('id')
            ->all();

        return array_filter($live, fn (mixed $id): bool => is_numeric($id) && $this->leads((int) $id)) !== [];
    }

    private function isIn(Node $tree): bool
    {
        return $this->holds($tree, fn (Node $node): bool =>
            ($this->composer->schema->definition($node->kind)->essential ?? null) === Essential::Cart);
    }

    private function sells(Node $tree): bool
    {
        $schema = $this->composer->schema;

        return $this->holds($tree, fn (Node $node): bool => ($schema->definition($node->kind)->sells ?? false)
            || $this->sellsOnCards($node));
    }

    private function sellsOnCards(Node $node): bool
    {
        foreach ($this->composer->schema->definition($node->kind)?->settings() ?? [] as $setting) {
            if ($setting->type instanceof CardChoice) {
                $card = $node->what[$setting->name] ?? null;

                return array_filter(
                    [...$this->cards->tree(is_int($card) ? $card : null)->walk()],
                    fn (Node $one): bool => self::isOn($one)
                        && ($this->composer->schema->definition($one->kind)->sells ?? false),
                ) !== [];
            }
        }

        return false;
    }

    /** @param  callable(Node): bool  $is */
    private function holds(Node $tree, callable $is): bool
    {
        $shared = Template::query()
            ->toBase()
            ->whereIntegerInRaw('id', PlacedParts::parts($tree, $this->composer->schema))
            ->whereNotNull('live_tree')
            ->pluck('live_tree')
            ->all();
        foreach ([
            $tree,
            ...array_map(fn (mixed $stored): Node => $this->stored->tree(json_decode((string) $stored, true)), $shared),
        ] as $part) {
            foreach ($part->walk() as $node) {
                if (self::isOn($node) && $is($node)) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function isOn(Node $node): bool
    {
        return ($node->when['off'] ?? false) !== true;
    }
}
