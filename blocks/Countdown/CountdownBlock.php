<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Countdown;

use DateTimeImmutable;
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
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Day;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\TimeOfDay;

final readonly class CountdownBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'countdown',
            'Countdown',
            Shelf::Choose,
            [
                Setting::what(
                    'to',
                    'Counts to',
                    new Choice([
                        'sale' => 'the end of the product’s sale', 'day' => 'a day', 'daily' => 'an hour of every day',
                    ]),
                    'sale',
                ),
                Setting::sourced('day', 'The day', new Day, '')->while('to', 'day'),
                Setting::what('hour', 'The hour', new TimeOfDay, '')->while('to', 'day', 'daily'),
                Setting::words('words', 'Words before', new Text(80), 'countdown.words', true),
            ],
            searchWords: 'timer sale ends clock',
            messages: ['countdown'],
            wordsMayStay: true,
            pieces: [
                Piece::letters('words', 'Words', '[data-words=words]'),
                Piece::letters('time', 'Time left', 'time'),
            ],
            alike: new Alike(['to' => 'day']),
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $to = $settings->text('to');
        $end = match ($to) {
            'sale' => $this->endOfSale($context),
            'daily' => $this->nextAt($settings->text('hour'), $context),
            default => $this->endOn($settings->text('day'), $settings->text('hour'), $context),
        };
        if ($end === null) {
            return Composed::absent(match ($to) {
                'sale' => 'no sale of this product has an end',
                'daily' => 'no hour is set',
                default => $settings->nothing('day', 'no day is set'),
            });
        }
        if ($end <= $context->now) {
            return Composed::absent('the day is over');
        }

        return Composed::shown([
            'words' => $settings->text('words'),
            'patterns' => array_map($context->messages->pattern(...), [
                'days' => 'countdown.days', 'hours' => 'countdown.hours', 'minutes' => 'countdown.minutes',
                'soon' => 'countdown.soon', 'over' => 'countdown.over',
            ]),
            'until' => $end->format('Y-m-d\\TH:i:s\\Z'),
            'left' => self::left($end->getTimestamp() - $context->now->getTimestamp(), $context->messages),
        ])->until($end->getTimestamp());
    }

    /** An hour of a day; without one the end of it. */
    private function endOn(string $day, string $hour, Context $context): ?DateTimeImmutable
    {
        $zone = $context->shop->zone();

        return $hour === '' ? $zone->endOf($day) : $zone->instant("$day $hour");
    }

    /** The hour on the shop's clock that comes next, today or tomorrow. */
    private function nextAt(string $hour, Context $context): ?DateTimeImmutable
    {
        $zone = $context->shop->zone();
        $today = substr($zone->wall($context->now), 0, 10);
        $end = $hour === '' ? null : $zone->instant("$today $hour");
        if ($end === null || $end > $context->now) {
            return $end;
        }
        $tomorrow = (new DateTimeImmutable($today))->modify('+1 day')->format('Y-m-d');

        return $zone->instant("$tomorrow $hour");
    }

    private function endOfSale(Context $context): ?DateTimeImmutable
    {
        $variant = $context->variant();

        return $variant !== null && $variant->isOnSale($context->now) ? $variant->saleUntil : null;
    }

    /** In words, as the script says it too: the two largest units. */
    private static function left(int $seconds, Messages $messages): string
    {
        $parts = [];
        foreach (['countdown.days' => 86_400, 'countdown.hours' => 3_600, 'countdown.minutes' => 60] as $unit =>
            $size) {
            $count = intdiv($seconds, $size);
            $seconds %= $size;
            if ($count > 0 && count($parts) < 2) {
                $parts[] = $messages->say($unit, ['count' => $count]);
            }
        }

        return $parts === [] ? $messages->say('countdown.soon') : implode(' ', $parts);
    }
}
