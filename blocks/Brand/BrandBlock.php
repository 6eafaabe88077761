<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Brand;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;
use Vestibra\Core\Templates\WordsRoom;

final readonly class BrandBlock implements BlockKind, SaysOfPage
{
    public function definition(): Definition
    {
        return new Definition(
            'brand',
            'Brand',
            Shelf::Show,
            [
                Setting::what('before', 'Words before', new Text(40), ''),
                Setting::what('linked', 'Leads to its page', new Toggle, false),
            ],
            searchWords: 'maker label',
            room: new WordsRoom('name', 'text-size', 1),
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::letters('before', 'Words before', '[data-words=before]'),
                Piece::link('link', 'Link', 'a'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $brand = $context->product()->brand;

        return $brand === null
            ? Composed::absent('this product has no brand')
            : Composed::shown([
                'before' => $settings->text('before'),
                'name' => $brand->name,
                'link' => $settings->bool('linked') ? $context->addresses->brand($brand->slug) : '',
            ]);
    }

    public function says(Composed $composed, Context $context): array
    {
        return [
            Said::of($context->subject, StructuredPart::Brand, ['@type' => 'Brand', 'name' => $composed->data['name']]),
        ];
    }
}
