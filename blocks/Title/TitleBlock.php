<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Title;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Toggle;
use Vestibra\Core\Templates\WordsRoom;

final readonly class TitleBlock implements BlockKind, SaysOfPage
{
    public function definition(): Definition
    {
        return new Definition(
            'title',
            'Title',
            Shelf::Show,
            [
                Setting::what(
                    'level',
                    'Heading level',
                    new Choice(OwnHeading::LEVELS),
                    'h1',
                ),
                Setting::what('linked', 'Leads to the product', new Toggle, false),
            ],
            starters: [
                new Starter('Title', ['kind' => 'title']),
                new Starter('Title on a card', [
                    'kind' => 'title',
                    'what' => ['level' => 'h3', 'linked' => true],
                    'how' => ['desktop' => ['size' => 16]],
                ]),
            ],
            searchWords: 'name heading product',
            essential: Essential::Title,
            room: new WordsRoom('text', 'title-size', 3),
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::link('link', 'Link', 'a'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $product = $context->product();

        return Composed::shown([
            'text' => $product->title,
            'level' => $settings->text('level'),
            'size' => $settings->text('level'),
            'link' => $settings->bool('linked') ? $context->addresses->product($product->slug) : '',
        ]);
    }

    public function says(Composed $composed, Context $context): array
    {
        return [Said::of($context->subject, StructuredPart::Name, $composed->data['text'])];
    }
}
