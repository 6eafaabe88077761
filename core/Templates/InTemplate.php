<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Problem;

/** What may stand in a template, a kept part and a product's own blocks, besides what may stand in each block. */
final readonly class InTemplate
{
    public static function problem(TemplateRole $role, Draft $draft, Schema $schema): ?Problem
    {
        return match (true) {
            $role === TemplateRole::Page => $draft->tree->kind === 'page' ? null : TreeProblem::NotAPage->at('', ['kind' => $draft->tree->kind]),
            PlacedParts::parts($draft->tree, $schema) !== [] => TreeProblem::PartInPart->at(),
            $role === TemplateRole::OwnBlocks && PlacedParts::facts($draft->tree, $schema) !== [] => TreeProblem::OwnBlocksInOwn->at(),
            $draft->reach->show !== [] => TreeProblem::PartWithReach->at(),
            default => null,
        };
    }
}
