<?php

declare(strict_types=1);

namespace Vestibra\Blocks\VariantPicker;

use Vestibra\Core\Catalogue\Option;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Address;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Selling\Price;
use Vestibra\Core\Selling\VariantMatrix;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;

final readonly class VariantPickerBlock implements BlockKind, SaysOfPage
{
    /** Variants that search engines are told of. */
    private const MOST_SAID = 100;

    public function definition(): Definition
    {
        return new Definition(
            'variant-picker',
            'Variant picker',
            Shelf::Choose,
            [
                Setting::what('colours', 'Colours as', new Choice([
                    'swatches' => 'swatches',
                    'pictures' => 'pictures',
                    'buttons' => 'buttons',
                    'list' => 'drop-down',
                ]), 'swatches'),
                Setting::what(
                    'others',
                    'Others as',
                    new Choice(['buttons' => 'buttons', 'pictures' => 'pictures', 'list' => 'drop-down']),
                    'buttons',
                ),
            ],
            searchWords: 'options colour size choose swatches',
            onCards: false,
            messages: ['choice'],
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::letters('label', 'Labels', ':is(legend, .picker-option > label)'),
                Piece::letters('current', 'Chosen word', '.picker-chosen'),
                Piece::pressed('value', 'Values', '.picker-buttons > span:not(.unseen)')->withLines()
                    ->when(PieceState::Hovered, '.picker-buttons:hover > span:not(.unseen)')
                    ->when(PieceState::Focused, '.picker-buttons:has(:focus-visible) > span:not(.unseen)')
                    ->when(PieceState::Pressed, '.picker-buttons:active > span:not(.unseen)')
                    ->when(PieceState::Chosen, '.picker-buttons:has(:checked) > span:not(.unseen)')
                    ->when(
                        PieceState::Unavailable,
                        '.picker-buttons:is(.is-sold-out, .is-not-made) > span:not(.unseen)',
                    )
                    ->asChief(),
                Piece::drawing('swatch', 'Swatches', '.picker-swatches svg')
                    ->when(PieceState::Chosen, '.picker-swatches:has(:checked) svg')
                    ->withLines(),
                Piece::picture('picture', 'Pictures', '.picker-pictures img')
                    ->when(PieceState::Chosen, '.picker-pictures input:checked + img'),
                Piece::box('list', 'Drop-down', 'select')->withLines(),
                Piece::pressed('go', 'Button without scripts', '.picker-go'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        if ($context->product()->options === [] || $context->chosen()->variant === null) {
            return Composed::absent('nothing to choose: this product has one variant');
        }

        $options = array_map(
            fn (Option $option): array => $this->option($option, $settings, $context),
            $context->product()->options,
        );
        $fellBack = array_column(
            array_filter($options, static fn (array $option): bool => $option['fellBack']),
            'name',
        );

        return Composed::shown(
            ['options' => $options, 'variant' => $context->chosen()->variant->id, 'product' => $context->product()->id],
            $fellBack === [] ? null : implode(' and ', $fellBack).': not every value has a picture, so it falls back',
        );
    }

    public function says(Composed $composed, Context $context): array
    {
        $address = $context->addresses->subject($context->subject);

        return [Said::of($context->subject, StructuredPart::Variants, array_map(static fn (Variant $variant): array => [
            '@type' => 'Offer',
            'sku' => $variant->sku,
            'price' => $context->money->decimal(Price::of($variant, $context->now)->now),
            'priceCurrency' => $context->money->currency,
            'availability' => $variant->isInStock() ? StructuredPart::IN_STOCK : StructuredPart::OUT_OF_STOCK,
            'url' => new Address($address.'?'.http_build_query(['o' => $variant->values])),
        ], array_slice($context->product()->variants, 0, self::MOST_SAID)))];
    }

    /** @return array{name: string, fellBack: bool, ...} */
    private function option(Option $option, Settings $settings, Context $context): array
    {
        $matrix = new VariantMatrix($context->product());
        $variant = $context->chosen()->variant;
        $chosenId = $variant->values[$option->id] ?? null;
        $wanted = $settings->text($option->isColour() ? 'colours' : 'others');
        $pictures = $wanted === 'pictures' ? $this->pictures($option, $context) : [];
        $fellBack = $wanted === 'pictures' && count($pictures) < count($option->values);
        $values = [];
        foreach ($option->values as $value) {
            $values[] = [
                'id' => $value->id,
                'label' => $value->label,
                'swatch' => $value->swatch,
                'picture' => $pictures[$value->id] ?? null,
                'chosen' => $value->id === $chosenId,
                'availability' => $matrix->availability($variant, $option->id, $value->id)->value,
            ];
        }

        return [
            'id' => $option->id,
            'name' => $option->name,
            'look' => match (true) {
                ! $fellBack => $wanted,
                $option->isColour() => 'swatches',
                default => 'buttons',
            },
            'fellBack' => $fellBack,
            'chosen' => $chosenId === null ? '' : $option->value($chosenId)->label ?? '',
            'values' => $values,
        ];
    }

    /** @return array<int, array<string, mixed>> value id => the picture of the first variant that has it */
    private function pictures(Option $option, Context $context): array
    {
        $pictures = [];
        foreach ($context->product()->variants as $variant) {
            $value = $variant->values[$option->id] ?? null;
            $picture = $variant->pictureId === null ? null : $context->product()->picture($variant->pictureId);
            if ($value !== null && $picture !== null) {
                $pictures[$value] ??= PictureData::of($picture, $context->addresses);
            }
        }

        return $pictures;
    }
}
