<?php

declare(strict_types=1);

namespace Vestibra\Blocks\VariantPicker;

use Vestibra\Core\Catalogue\Option;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Selling\VariantMatrix;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Choice;

final readonly class VariantPickerBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'variant-picker',
            'Variant picker',
            Shelf::Choose,
            [
                Setting::what('colours', 'Colours as', new Choice([
                    'swatches' => 'swatches',
                    'buttons' => 'buttons',
                    'list' => 'drop-down',
                ]), 'swatches'),
                Setting::what('others', 'Others as', new Choice(['buttons' => 'buttons', 'list' => 'drop-down']), 'buttons'),
            ],
            searchWords: 'options colour size choose swatches',
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        if ($context->product->options === [] || $context->chosen->variant === null) {
            return Composed::absent('nothing to choose: this product has one variant');
        }

        return Composed::shown(['options' => array_map(
            fn (Option $option): array => $this->option($option, $settings, $context),
            $context->product->options,
        )]);
    }

    /** @return array<string, mixed> */
    private function option(Option $option, Settings $settings, Context $context): array
    {
        $matrix = new VariantMatrix($context->product);
        $variant = $context->chosen->variant;
        $chosenId = $variant->values[$option->id] ?? null;
        $values = [];
        foreach ($option->values as $value) {
            $values[] = [
                'id' => $value->id,
                'label' => $value->label,
                'swatch' => $value->swatch,
                'chosen' => $value->id === $chosenId,
                'availability' => $matrix->availability($variant, $option->id, $value->id)->value,
            ];
        }

        return [
            'id' => $option->id,
            'name' => $option->name,
            'look' => $settings->text($option->isColour() ? 'colours' : 'others'),
            'chosen' => $chosenId === null ? '' : $option->value($chosenId)->label ?? '',
            'values' => $values,
        ];
    }
}
