<?php

declare(strict_types=1);

namespace Vestibra\Blocks\OpeningHours;

use Vestibra\Core\Catalogue\OpeningHours;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Dates;
use Vestibra\Core\Templates\Types\Hours;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

/**
 * When the shop's door is open, by the shop's own clock, and whether it is open now.
 *
 * @phpstan-import-type Span from OpeningHours
 */
final readonly class OpeningHoursBlock implements BlockKind
{
    private const WEEK = [
        'monday' => 'Monday', 'tuesday' => 'Tuesday', 'wednesday' => 'Wednesday', 'thursday' => 'Thursday',
        'friday' => 'Friday', 'saturday' => 'Saturday', 'sunday' => 'Sunday',
    ];

    public function definition(): Definition
    {
        $days = [];
        foreach (self::WEEK as $name => $label) {
            $days[] = Setting::what($name, $label, new Hours, '');
        }

        return new Definition(
            'opening-hours',
            'Opening hours',
            Shelf::Reassure,
            [
                Setting::words('title', 'Heading', new Text(60), 'hours.title'),
                ...$days,
                Setting::what('closed', 'Closed on these days', new Dates, ''),
                Setting::what('now', 'Say whether it is open now', new Toggle, true),
                Setting::what('table', 'List the hours', new Toggle, true),
            ],
            searchWords: 'open closed door visit times week',
            onCards: false,
            messages: ['hours'],
            wordsMayStay: true,
            pieces: [
                Piece::letters('title', 'Heading', '.opening-hours-title'),
                Piece::letters('now', 'Open or closed', '.opening-hours-now'),
                Piece::letters('days', 'Days', 'dt'),
                Piece::letters('hours', 'Hours', 'dd'),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $hours = new OpeningHours(
            array_map(
                static fn (string $day): array => OpeningHours::spans($settings->text($day)) ?? [],
                array_keys(self::WEEK),
            ),
            OpeningHours::days($settings->text('closed')) ?? [],
        );
        $state = $hours->at($context->now, $context->shop->zone());
        if (array_filter($hours->week) === []) {
            return Composed::absent('no hours are written down');
        }
        $messages = $context->messages;

        return Composed::shown([
            'title' => $settings->text('title'),
            'open' => $settings->bool('now') ? $state['open'] : null,
            'rows' => $settings->bool('table') ? array_map(static fn (array $group): array => [
                'days' => $group[0] === $group[1] ? $messages->weekday($group[0]) : $messages->say(
                    'hours.from-to',
                    ['from' => $messages->weekday($group[0]), 'to' => $messages->weekday($group[1])],
                ),
                'hours' => self::written($group[2], $messages),
            ], $hours->groups()) : [],
        ])->until($settings->bool('now') ? $state['until']?->getTimestamp() : null);
    }

    /** @param  list<Span>  $spans */
    private static function written(array $spans, Messages $messages): string
    {
        return $spans === []
            ? $messages->say('hours.closed-that-day')
            : implode(
                ', ',
                array_map(
                    static fn (array $span): string => $messages->clock($span[0]).'–'.$messages->clock($span[1]),
                    $spans,
                ),
            );
    }
}
