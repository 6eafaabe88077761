<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Problem;

/**
 * What may stand in a template, a card, a kept part and a product's own blocks, besides what may stand in each block.
 *
 * @api
 */
final readonly class InTemplate
{
    /** What the tree of a card begins with. */
    public const CARD = 'card';

    /** What the tree of a template of such pages begins with. */
    public static function root(PageKind $kind): string
    {
        return $kind === PageKind::Card || $kind->standsOnPages() ? $kind->value : 'page';
    }

    /** @param  PageKind  $kind  of the pages that it lays out, or of what it is */
    public static function problem(TemplateRole $role, PageKind $kind, Draft $draft, Schema $schema): ?Problem
    {
        return match (true) {
            $role === TemplateRole::Card => self::onCard($draft, $schema),
            $role === TemplateRole::Page && $draft->tree->kind !== self::root($kind) => TreeProblem::NotAPage->at('', [
                'kind' => $draft->tree->kind,
            ]),
            $role === TemplateRole::Page => $kind->standsOnPages() ? self::aroundPages($draft, $schema) : null,
            PlacedParts::parts($draft->tree, $schema) !== [] => TreeProblem::PartInPart->at(),
            $role === TemplateRole::OwnBlocks && PlacedParts::facts($draft->tree, $schema) !== [] =>
                TreeProblem::OwnBlocksInOwn->at(),
            $draft->reach->show !== [] => TreeProblem::PartWithReach->at(),
            default => null,
        };
    }

    /** A header or footer stands on every kind of page: nothing in it is what a page itself is for. */
    private static function aroundPages(Draft $draft, Schema $schema): ?Problem
    {
        foreach ($draft->tree->walk() as $node) {
            $definition = $schema->definition($node->kind);
            if ($definition?->fits(SubjectKind::AnyPage) === false) {
                return TreeProblem::NotAround->at($node->id, ['name' => $definition->name]);
            }
        }

        return null;
    }

    /** A card is of one product: nothing on it lists others, is about another one, or is kept elsewhere. */
    private static function onCard(Draft $draft, Schema $schema): ?Problem
    {
        if ($draft->tree->kind !== self::CARD) {
            return TreeProblem::NotACard->at('', ['kind' => $draft->tree->kind]);
        }
        foreach ($draft->tree->walk() as $node) {
            $definition = $schema->definition($node->kind);
            $another = $definition?->another();
            if ($definition?->onCards === false) {
                return TreeProblem::NotOnCards->at($node->id, ['name' => $definition->name]);
            }
            if ($another !== null && is_int($node->what[$another->name] ?? null)) {
                return TreeProblem::OtherOnCard->at($node->id);
            }
        }

        return $draft->reach->show === [] ? null : TreeProblem::PartWithReach->at();
    }
}
