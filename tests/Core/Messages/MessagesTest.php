<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Messages;

use DateTimeImmutable;
use DateTimeZone;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Messages\Messages;

/**
 * Against the patterns of ICU MessageFormat (unicode-org.github.io/icu/userguide/format_parse/messages) and the plural
 * and number rules of CLDR (cldr.unicode.org, plural rules and number formats for `en` and `de`).
 */
final class MessagesTest extends TestCase
{
    public function test_numbers_in_words_take_their_plural_form_and_the_marks_of_the_locale(): void
    {
        $count = '{count, plural, one {# review} other {# reviews}}';

        self::assertSame(
            ['0 reviews', '1 review', '2 reviews', '1,234 reviews'],
            self::each('en_GB', $count, [0, 1, 2, 1234]),
        );
        self::assertSame(
            '1.234 Bewertungen',
            self::each('de_DE', '{count, plural, one {# Bewertung} other {# Bewertungen}}', [1234])[0],
        );
        self::assertSame(
            ['1,234 left', '1.234 übrig'],
            [self::each('en_GB', '{count} left', [1234])[0], self::each('de_DE', '{count} übrig', [1234])[0]],
        );
        // CLDR: Polish has forms for one, few and many.
        self::assertSame(
            ['1 a', '3 b', '5 c', '22 b'],
            self::each('pl_PL', '{count, plural, one {# a} few {# b} many {# c} other {# d}}', [1, 3, 5, 22]),
        );
    }

    public function test_numbers_and_days_of_the_locale(): void
    {
        $english = new Messages('en_GB', []);
        $german = new Messages('de_DE', []);
        $day = new DateTimeImmutable('2026-12-03 23:59', new DateTimeZone('Europe/London'));

        self::assertSame(['4.5', '4,5'], [$english->number(4.5, 1), $german->number(4.5, 1)]);
        self::assertSame(['12,000', '12.000'], [$english->number(12000), $german->number(12000)]);
        self::assertSame(['3 December 2026', '3. Dezember 2026'], [$english->day($day), $german->day($day)]);
        self::assertSame(
            ['0.40', '0,40', '1200'],
            [$english->written('0.40'), $german->written('0.40'), $german->written('1200')],
        );
        self::assertSame('123456789012,123456789', $german->written('123456789012.123456789'));
        self::assertSame(['en', 'de'], [$english->language(), $german->language()]);
    }

    public function test_a_number_that_stands_by_itself_has_its_marks_and_one_place_where_it_is_no_whole_one(): void
    {
        $messages = new Messages('de_DE', ['m' => '{number} Sterne']);

        self::assertSame(
            ['4 Sterne', '4,4 Sterne', '2,0 Sterne', '1.234,5 Sterne'],
            array_map(
                static fn (int|float $one): string => $messages->say('m', ['number' => $one]),
                [4, 4.37, 2.0, 1234.5],
            ),
        );
    }

    /** The names of days and hours as CLDR has them; quoted from memory. */
    public function test_days_of_the_week_and_hours_of_the_locale(): void
    {
        $english = new Messages('en_GB', []);

        self::assertSame(
            ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'],
            array_map($english->weekday(...), range(0, 6)),
        );
        self::assertSame('Montag', (new Messages('de_DE', []))->weekday(0));
        self::assertSame(
            ['00:00', '09:30', '23:59', '00:00', '00:01'],
            array_map($english->clock(...), [0, 570, 1439, 1440, 1441]),
        );
    }

    public function test_own_words_come_first_and_broken_ones_are_passed_over(): void
    {
        $messages = new Messages('en_GB', ['a' => 'Add to cart', 'b' => 'Only {left} left'], [
            'a' => 'Put in the basket',
            'b' => 'Just {left',
        ]);

        self::assertSame('Put in the basket', $messages->say('a'));
        self::assertSame('Only 3 left', $messages->say('b', ['left' => 3]));
        self::assertSame('Just {left', $messages->pattern('b'));
    }

    public function test_a_message_that_there_is_not_cannot_be_said(): void
    {
        $this->expectException(LogicException::class);
        $this->expectExceptionMessage('There is no message b.');
        (new Messages('en_GB', ['a' => 'A']))->say('b');
    }

    /** @return iterable<string, array{string, bool}> */
    public static function written(): iterable
    {
        yield 'plain words' => ['Put in the basket', true];
        yield 'with an apostrophe' => ["It's yours, {title}", true];
        yield 'without the value' => ['Gone', true];
        yield 'a value that it is not given' => ['“{name}” is gone', false];
        yield 'a bracket too many' => ['{title', false];
        yield 'a plural without its last form' => ['{left, plural, one {# thing}}', false];
        yield 'a plural' => ['{left, plural, one {# thing} other {# things}} of {title}', true];
        yield 'something that ICU does not know' => ['{left, colour}', false];
    }

    #[DataProvider('written')]
    public function test_what_an_owner_writes_is_judged(string $pattern, bool $good): void
    {
        self::assertSame($good, Messages::isGood('en_GB', $pattern, '“{title}”: {left} left'));
    }

    public function test_an_apostrophe_stands_where_it_was_written(): void
    {
        self::assertSame(
            "It's yours, Ink",
            (new Messages('en_GB', ['a' => "It's yours, {title}"]))->say('a', ['title' => 'Ink']),
        );
        self::assertSame('<b>', (new Messages('en_GB', ['a' => '{title}']))->say('a', ['title' => '<b>']));
    }

    public function test_a_pattern_says_which_values_it_takes(): void
    {
        self::assertSame(['left', 'title'], Messages::takes('{left, plural, one {# of {title}} other {# of {title}}}'));
        self::assertSame([], Messages::takes('None.'));
    }

    /**
     * @param  list<int>  $counts
     * @return list<string>
     */
    private static function each(string $locale, string $pattern, array $counts): array
    {
        return array_map(
            static fn (int $count): string => (new Messages($locale, ['m' => $pattern]))->say('m', ['count' => $count]),
            $counts,
        );
    }
}
