<?php

declare(strict_types=1);

namespace Vestibra\Blocks\SearchField;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

/** Where customers type what they look for; it suggests products, categories and searches meanwhile. */
final readonly class SearchFieldBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'search-field',
            'Search field',
            Shelf::More,
            [
                Setting::words('hint', 'Words in the field', new Text(60), 'search.field'),
                Setting::words('label', 'Words on the button', new Text(30), 'search.find'),
                Setting::what(
                    'look',
                    'Shows',
                    new Choice(['button' => 'a field and a button', 'glass' => 'a field with a glass']),
                    'button',
                ),
                Setting::what('suggests', 'Suggest while they type', new Toggle, true),
            ],
            searchWords: 'find query box suggestions',
            onCards: false,
            messages: ['search'],
            wordsMayStay: true,
            pieces: [
                Piece::box('field', 'Field', 'input')->withLines(),
                Piece::pressed('button', 'Button', '.button')->withLines()->asChief(),
                Piece::box('list', 'Suggestions', '.search-suggestions')->withLines(),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown([
            'hint' => $settings->named('hint'),
            'label' => $settings->named('label'),
            // Beside the one in the header, another on the page has another name.
            'name' => $context->subject instanceof AroundPage ? 'search.shop' : 'search.here',
            'glass' => $settings->text('look') === 'glass',
            'suggests' => $settings->bool('suggests'),
            'query' => $context->subject->kind() === SubjectKind::Query ? $context->subject->slug() : '',
        ]);
    }
}
