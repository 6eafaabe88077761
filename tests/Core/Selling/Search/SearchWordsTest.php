<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling\Search;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Selling\Search\Nearest;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Core\Selling\Search\Reasons;
use Vestibra\Core\Selling\Search\SearchField;
use Vestibra\Core\Selling\Search\Synonyms;
use Vestibra\Core\Selling\Search\Wanted;

/** How words of a search are taken. */
final class SearchWordsTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<string>}> */
    public static function typed(): iterable
    {
        yield 'as it is' => ['Teal ink', 'Teal ink', ['teal', 'ink']];
        yield 'white space of all kinds' => ["  Teal \u{00A0}\n ink\t", 'Teal ink', ['teal', 'ink']];
        yield 'marks and operators are no words' => ['"teal" AND (ink* OR -pen)', '"teal" AND (ink* OR -pen)', [
            'teal', 'and', 'ink', 'or', 'pen',
        ]];
        yield 'only marks' => ['"*():^ -', '"*():^ -', []];
        yield 'NUL, and marks of direction' => ["te\u{202E}al\0ink", 'te al ink', ['te', 'al', 'ink']];
        yield 'pictures' => ['🖋️ 💌', '🖋️ 💌', []];
        yield 'bytes that are no text' => ["ink\xff", 'ink?', ['ink']];
        yield 'nothing' => ['', '', []];
    }

    /** @param  list<string>  $words */
    #[DataProvider('typed')]
    public function test_a_query_is_words_and_nothing_in_it_is_an_operator(
        string $typed,
        string $text,
        array $words,
    ): void {
        $query = Query::of($typed);

        self::assertSame([$text, $words, $words === []], [$query->text, $query->words, $query->isEmpty()]);
    }

    public function test_a_query_has_an_end(): void
    {
        $query = Query::of(str_repeat('ab ', 5_000));

        self::assertSame([Query::MOST_LETTERS, Query::MOST_WORDS], [mb_strlen($query->text), count($query->words)]);
        self::assertSame(Query::of('  BLUE  ink')->folded(), Query::of('blue INK')->folded());
    }

    public function test_each_word_of_a_group_finds_all_of_it_and_the_longest_run_is_taken(): void
    {
        $synonyms = new Synonyms([['Jotter', 'notebook', 'exercise book'], ['book', 'volume'], ['  ', 'lonely']]);
        $wanted = static fn (string $query): array => array_map(
            static fn (Wanted $one): array => [$one->words, $one->same],
            $synonyms->wanted(Query::of($query)->words),
        );

        self::assertSame([['jotter', ['notebook', 'exercise book']]], $wanted('JOTTER'));
        self::assertSame([['dotted', []], ['exercise book', ['jotter', 'notebook']]], $wanted('dotted exercise book'));
        self::assertSame([['book', ['volume']], ['exercise', []]], $wanted('book exercise'));
        self::assertSame([['lonely', []]], $wanted('lonely'));
    }

    public function test_a_word_in_two_groups_means_the_same_as_both(): void
    {
        self::assertSame(['b', 'c'], (new Synonyms([['a', 'b'], ['c', 'a']]))->wanted(['a'])[0]->same);
    }

    public function test_the_nearest_words_are_a_slip_or_two_away_by_their_length(): void
    {
        $words = [
            'fountain' => 40, 'mountain' => 2, 'fountains' => 1, 'ink' => 90, 'pink' => 3, 'notebook' => 20,
            'crème' => 4, 100 => 7,
        ];

        self::assertSame(['fountain'], Nearest::to('fountian', $words), 'Letters that are swapped are one slip.');
        self::assertSame(['notebook'], Nearest::to('notebok', $words));
        self::assertSame(['paper'], Nearest::to('papre', ['paper' => 1]), 'In a word that may have one.');
        self::assertSame([], Nearest::to('imk', $words), 'In a short word a slip makes another word.');
        self::assertSame(['pink'], Nearest::to('pimk', $words));
        self::assertSame(['crème'], Nearest::to('créme', $words));
        self::assertSame([], Nearest::to('elephant', $words));
        self::assertSame([], Nearest::to('fountain', ['fountain' => 1]), 'The word itself is not near.');
    }

    public function test_of_as_near_the_same_first_letter_comes_first_and_then_what_is_in_more(): void
    {
        self::assertSame(
            ['paper', 'pager', 'baler'],
            Nearest::to('paler', ['baler' => 99, 'pager' => 1, 'paper' => 5]),
        );
    }

    public function test_a_reason_names_what_was_found_and_the_field_that_counts_most(): void
    {
        $fields = [
            'title' => 'fieldmouse notebook', 'options' => 'teal oat', 'categories' => 'paper notebooks',
            'short' => 'teal covers',
        ];
        $reasons = Reasons::of($fields, [
            new Wanted('jotter', ['notebook']), new Wanted('tea'), new Wanted('gold'), new Wanted('book'),
            new Wanted('oat', ['teal']),
        ]);

        self::assertSame(
            [
                ['wanted' => 'jotter', 'found' => 'notebook', 'field' => SearchField::Title],
                ['wanted' => 'tea', 'found' => 'tea', 'field' => SearchField::Options],
                ['wanted' => 'oat', 'found' => 'oat', 'field' => SearchField::Options],
            ],
            $reasons,
            'Words are found by their beginnings, and as they were typed before anything else.',
        );
    }
}
