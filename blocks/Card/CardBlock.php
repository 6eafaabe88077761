<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Card;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\HeightOfCard;
use Vestibra\Core\Templates\Types\Toggle;

/** One product in a grid: what a card's tree begins with. */
final readonly class CardBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'card',
            'Card',
            null,
            [
                Setting::what('linked', 'The whole card leads to the product', new Toggle, true),
                Setting::how('gap', 'Between its lines', new Amount(0, 64), '--card-gap'),
                Setting::how('height', 'At least high', new HeightOfCard, 'min-block-size'),
            ],
            Role::Page,
            Role::Block,
            subjects: [SubjectKind::Product],
            whole: [StyleGroup::Text, StyleGroup::Box, StyleGroup::Movement],
        );
    }

    /** Where a block on it leads to the product already, the link over the whole card is for the pointer alone. */
    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $address = $context->addresses->product($context->product()->slug);

        return Composed::shown([
            'cover' => $settings->bool('linked') ? $address : null,
            'title' => $context->product()->title,
            'named' => self::leadsTo($children, $address),
        ]);
    }

    /** @param  list<ComposedNode>  $children */
    private static function leadsTo(array $children, string $address): bool
    {
        foreach ($children as $child) {
            if ($child->absent === null
                && (($child->data['link'] ?? null) === $address || self::leadsTo($child->children, $address))) {
                return true;
            }
        }

        return false;
    }
}
