<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Words;

use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Words\DifferenceWords;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Difference;
use Vestibra\Core\Templates\Question;
use Vestibra\Tests\App\TestCase;

/** What a draft changes, in the shopkeeper's words. */
final class DifferenceWordsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string, mixed, mixed, string}> */
    public static function changes(): iterable
    {
        yield 'a number' => ['note', 'how', 'size', 'phone', null, 20, 'on phone, from the house style to 20 px'];
        yield 'a choice' =>
            ['holder', 'how', 'direction', 'desktop', 'row', 'column', 'from side by side to one below'];
        yield 'words' => ['note', 'what', 'text', '', 'Old', 'New', 'from “Old” to “New”'];
        // Blocks have names, and nobody reads their ids.
        yield 'an order' =>
            ['band', 'how', 'sequence', 'phone', null, ['n1', 'n2'], 'another order of its blocks on phone'];
        yield 'and back' =>
            ['band', 'how', 'sequence', 'tablet', ['n1'], null, 'another order of its blocks on tablet'];
    }

    #[DataProvider('changes')]
    public function test_a_setting_says_from_what_to_what(
        string $kind,
        string $question,
        string $setting,
        string $width,
        mixed $before,
        mixed $after,
        string $words,
    ): void {
        $found = app(Composer::class)->schema->definition($kind)?->setting(Question::from($question), $setting);
        $difference = new Difference(Difference::SET, 'n', $kind, $found, $width, $before, $after);
        $said = app(DifferenceWords::class)->of($difference);

        self::assertStringContainsString($words, $said);
        self::assertStringNotContainsString('n1', $said);
    }
}
