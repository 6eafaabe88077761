<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Swatches;

use Vestibra\Core\Catalogue\Option;
use Vestibra\Core\Catalogue\OptionValue;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Numbered;

/** What a product can be had in, to be seen and not yet chosen: colours as patches, else the words. */
final readonly class SwatchesBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'swatches',
            'Options to see',
            Shelf::Show,
            [
                Setting::what('option', 'Option', new Numbered('option', 'its colours, else its first'), null),
                Setting::what('most', 'At most', new Amount(1, 24, ''), 6),
                Setting::how(
                    'align',
                    'Stand',
                    new Choice(['flex-start' => 'left', 'center' => 'centred', 'flex-end' => 'right']),
                    'justify-content',
                ),
            ],
            searchWords: 'colours sizes variants patches card',
            subjects: [SubjectKind::Product],
            messages: ['option'],
            pieces: [
                Piece::drawing('swatch', 'Swatches', 'svg'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $option = self::option($context->product()->options, $settings->number('option'));
        if ($option === null) {
            return Composed::absent($settings->number('option') === null
                ? 'this product has nothing to choose'
                : 'this product has no '
                .($context->shop->nameOf('option', $settings->number('option')) ?? 'such option'));
        }
        $most = $settings->amount('most');

        return Composed::shown([
            'name' => $option->name,
            'values' => array_map(
                static fn (OptionValue $value): array => ['label' => $value->label, 'swatch' => $value->swatch],
                array_slice($option->values, 0, $most),
            ),
            'more' => max(0, count($option->values) - $most),
        ]);
    }

    /** @param  list<Option>  $options */
    private static function option(array $options, ?int $wanted): ?Option
    {
        if ($wanted === null) {
            return array_values(array_filter($options, static fn (Option $one): bool => $one->isColour()))[0]
                ?? $options[0]
                ?? null;
        }

        return array_values(array_filter($options, static fn (Option $one): bool => $one->id === $wanted))[0] ?? null;
    }
}
