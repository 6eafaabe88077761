<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Releases;

use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Work\Releases\BeforeAndAfter;
use Vestibra\App\Work\Releases\KnownGroups;
use Vestibra\App\Work\Releases\Sql\ImpactRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Releases\NewLooks;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** Pages whose templates are known are put into groups as the database does. */
final class KnownGroupsTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 30; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_they_are_those_of_the_database(Chance $chance): void
    {
        $pages = [];
        foreach ($chance->shuffled(range(1, 60)) as $page) {
            $pages[$page] = [$chance->number(1, 4), $chance->number(1, 4)];
        }
        $looks = new NewLooks(
            $chance->oneIn(2) ? [$chance->number(1, 4)] : [0],
            $chance->oneIn(2) ? [] : [$chance->number(1, 60) => [$chance->number(1, 4)], 7 => [1, 2]],
        );
        $both = BeforeAndAfter::known($this->app->make(KindRulesReader::class)->live(PageKind::Product), $pages);
        $asked = ImpactRows::groups($both, 'before_id <> after_id or '.ImpactRows::looks($looks));
        $known = KnownGroups::of($pages, PageKind::Product, $looks);

        self::assertNotEmpty($known);
        self::assertEquals(self::inOrder($asked), self::inOrder($known), "seed $chance->seed");
        self::assertSame(
            array_column($asked, 'count'),
            array_column($known, 'count'),
            'The largest come first.',
        );
    }

    /**
     * @param  list<object>  $rows
     * @return array<string, list<array<string, mixed>>> what comes from and goes to the same, in its order
     */
    private static function inOrder(array $rows): array
    {
        $groups = [];
        foreach ($rows as $row) {
            $groups["$row->before_id to $row->after_id"][] = array_diff_key((array) $row, ['place' => true]);
        }
        ksort($groups);

        return $groups;
    }
}
