<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Film;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\FilmData;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Numbered;
use Vestibra\Core\Templates\Types\Text;

final readonly class FilmBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'film',
            'Film',
            Shelf::Say,
            [
                Setting::what('film', 'Film', new Numbered('film'), null),
                Setting::what('said', 'What it shows', new Text(120), ''),
            ],
            searchWords: 'video movie clip',
            onCards: false,
            messages: ['film'],
            wordsMayStay: true,
            whole: [StyleGroup::Box, StyleGroup::Size, StyleGroup::Place],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $film = $context->files[$settings->number('film') ?? 0] ?? null;
        if ($film === null) {
            return Composed::absent($settings->number('film') === null ? 'choose a film' : 'this film is gone');
        }
        $data = FilmData::of($film, $context, $settings->room());

        return Composed::shown(['said' => $settings->text('said')] + $data, match (true) {
            $data['captions'] === null => 'This film has no captions for those who cannot hear it',
            $data['poster'] === null => 'This film has no picture to stand there until it plays',
            default => null,
        });
    }
}
