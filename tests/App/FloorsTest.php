<?php

declare(strict_types=1);

namespace Vestibra\Tests\App;

use FilesystemIterator;
use PHPUnit\Framework\TestCase as Plain;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * The application is a house: floors from the ground up, rooms on each, and no room uses one that is not named here.
 */
final class FloorsTest extends Plain
{
    /** From the ground up: which rooms each may use. A room uses none that stands above it, so there is no circle. */
    private const MAY_USE = [
        'Ground/Problems' => [],
        'Ground/Models' => [],
        'Ground' => ['Ground/Models'],
        'Ground/Database' => ['Ground'],
        'Ground/Files' => ['Ground/Problems', 'Ground/Models', 'Ground'],
        'Ground/Pictures' => ['Ground/Problems', 'Ground/Models', 'Ground', 'Ground/Files'],
        'Ground/Backups' => ['Ground', 'Ground/Files'],
        'Records/Models/Shop' => [],
        'Records/Settings' => ['Ground/Problems', 'Ground', 'Records/Models/Shop'],
        'Records/Models' => ['Records/Settings'],
        'Records/Models/Catalogue' => ['Ground/Models', 'Records/Models/Shop', 'Records/Models'],
        'Records/Accounts' => ['Ground/Problems', 'Records/Models'],
        'Records/Catalogue' => ['Ground', 'Records/Settings', 'Records/Models/Catalogue'],
        'Records/Stored' => ['Ground', 'Records/Models/Shop', 'Records/Models/Catalogue', 'Records/Catalogue'],
        'Lists/Filters' => [
            'Ground', 'Records/Models/Shop', 'Records/Settings', 'Records/Models/Catalogue', 'Records/Catalogue',
        ],
        'Lists/Orders' => ['Ground', 'Records/Catalogue'],
        'Lists/Search' => ['Ground', 'Records/Models/Shop', 'Records/Catalogue'],
        'Reach/Kinds' => ['Ground', 'Records/Settings', 'Records/Stored'],
        'Reach/Rules' => [
            'Ground', 'Records/Settings', 'Records/Models', 'Records/Models/Catalogue', 'Records/Catalogue',
            'Reach/Kinds',
        ],
        'Reach/Trees' => [
            'Ground/Problems', 'Ground/Models', 'Ground', 'Ground/Pictures', 'Records/Models',
            'Records/Models/Catalogue', 'Reach/Rules',
        ],
        'Reach/Pages' => [
            'Ground', 'Records/Models/Shop', 'Records/Settings', 'Records/Models', 'Records/Models/Catalogue',
            'Records/Catalogue', 'Records/Stored', 'Lists/Orders', 'Lists/Search', 'Reach/Kinds', 'Reach/Rules',
            'Reach/Trees',
        ],
        'Reach/Numbers' => ['Records/Catalogue', 'Reach/Kinds', 'Reach/Pages'],
        'Words' => [
            'Ground/Problems', 'Ground', 'Records/Settings', 'Records/Models', 'Records/Catalogue', 'Reach/Rules',
        ],
        'Style' => ['Ground', 'Records/Settings', 'Records/Models'],
        'Shop' => [
            'Ground', 'Records/Settings', 'Records/Models/Catalogue', 'Records/Catalogue', 'Lists/Filters',
            'Lists/Orders', 'Lists/Search', 'Reach/Kinds', 'Reach/Rules', 'Reach/Pages',
        ],
        'Shop/Found' => ['Ground', 'Records/Settings', 'Records/Models/Catalogue', 'Reach/Kinds', 'Reach/Pages'],
        'Shop/News' => ['Ground', 'Records/Models/Shop', 'Records/Settings'],
        'PagesOut' => [
            'Ground/Models', 'Ground', 'Ground/Files', 'Records/Settings', 'Records/Models',
            'Records/Models/Catalogue', 'Records/Catalogue', 'Reach/Kinds', 'Reach/Rules', 'Reach/Trees',
            'Reach/Pages', 'Words', 'Style', 'Shop',
        ],
        'PagesOut/Walking' => ['Ground', 'Records/Models', 'Reach/Rules', 'Words'],
        'PagesOut/Whole' => [
            'Records/Models', 'Reach/Kinds', 'Reach/Rules', 'Reach/Trees', 'Reach/Pages', 'PagesOut',
            'PagesOut/Walking',
        ],
        'Work/Saving' => [
            'Ground', 'Records/Settings', 'Records/Models', 'Records/Models/Catalogue', 'Records/Catalogue',
            'Records/Stored', 'Reach/Kinds', 'Reach/Rules',
        ],
        'Work/Finding' => [
            'Ground/Problems', 'Ground', 'Records/Models', 'Records/Models/Catalogue', 'Records/Catalogue',
            'Reach/Kinds', 'Reach/Rules', 'Words',
        ],
        'Work/Why' => ['Ground', 'Records/Settings', 'Records/Models', 'Reach/Kinds', 'Reach/Rules', 'Words'],
        'Work/Sheets' => [
            'Ground/Problems', 'Ground', 'Records/Settings', 'Records/Models', 'Records/Models/Catalogue',
            'Records/Catalogue', 'Records/Stored', 'Lists/Search', 'Reach/Kinds', 'Reach/Rules', 'Reach/Trees',
            'Words', 'Work/Saving', 'Work/Finding',
        ],
        'Work/Starts' => ['Records/Settings'],
        'Work/Drafting' => [
            'Ground', 'Records/Models', 'Records/Models/Catalogue', 'Records/Catalogue', 'Reach/Trees', 'Words',
            'PagesOut',
        ],
        'Work/Releases/Making' => [
            'Ground/Problems', 'Ground', 'Records/Models/Shop', 'Records/Settings', 'Records/Models',
            'Records/Models/Catalogue', 'Reach/Rules', 'Reach/Trees', 'Style',
        ],
        'Work/Releases' => [
            'Ground/Problems', 'Ground', 'Records/Settings', 'Records/Models', 'Reach/Kinds', 'Reach/Rules',
            'Reach/Trees', 'PagesOut', 'Work/Saving', 'Work/Releases/Making',
        ],
        'Work/Bulk' => [
            'Ground/Problems', 'Ground', 'Records/Settings', 'Records/Models', 'Records/Models/Catalogue',
            'Records/Catalogue', 'Records/Stored', 'Reach/Kinds', 'Reach/Rules', 'Words', 'Work/Saving',
            'Work/Finding', 'Work/Drafting', 'Work/Releases/Making', 'Work/Releases',
        ],
        'Work/Templates' => [
            'Ground/Problems', 'Ground/Models', 'Ground', 'Records/Settings', 'Records/Models', 'Lists/Search',
            'Reach/Trees', 'Reach/Pages', 'Reach/Rules', 'Work/Starts',
        ],
        'Work/InAndOut/Folder' => [
            'Ground/Models', 'Ground', 'Ground/Files', 'Ground/Pictures', 'Records/Models/Shop', 'Records/Models',
            'Records/Models/Catalogue', 'Records/Catalogue', 'Records/Stored', 'Work/Saving', 'Work/Sheets',
            'Work/Templates',
        ],
        'Work/InAndOut/Linked' => [
            'Ground', 'Records/Settings', 'Records/Models', 'Records/Models/Catalogue', 'Records/Catalogue',
            'Work/InAndOut/Folder',
        ],
        'Work/InAndOut/Columns' => ['Records/Models', 'Records/Models/Catalogue', 'Records/Catalogue'],
        'Work/InAndOut/Rows' => [
            'Ground', 'Records/Models/Shop', 'Records/Settings', 'Records/Models', 'Records/Models/Catalogue',
            'Records/Catalogue', 'Records/Stored', 'Words', 'Work/Saving', 'Work/Finding', 'Work/Releases/Making',
            'Work/Releases', 'Work/InAndOut/Columns',
        ],
        'Work/InAndOut/Whole' => [
            'Ground', 'Records/Models', 'Style', 'Work/Saving', 'Work/Templates', 'Work/InAndOut/Folder',
            'Work/InAndOut/Linked',
        ],
        'Work/Errands' => ['Ground', 'Records/Models'],
        'Work/Fitting' => ['Ground', 'Records/Models', 'Reach/Kinds', 'Reach/Rules', 'Reach/Trees', 'PagesOut'],
        'Work/Tending' => [
            'Ground/Problems', 'Ground', 'Records/Models', 'Records/Catalogue', 'Reach/Rules', 'Words',
            'Work/Finding', 'Work/Drafting', 'Work/Releases/Making', 'Work/Releases',
        ],
        'Work/Today' => [
            'Ground/Models', 'Ground', 'Records/Settings', 'Records/Models', 'Records/Models/Catalogue',
            'Lists/Search', 'Reach/Kinds', 'Reach/Rules', 'Reach/Pages', 'Words', 'Shop', 'Work/Releases/Making',
            'Work/Tending',
        ],
        'Work/Doctor' => [
            'Ground/Models', 'Ground', 'Ground/Files', 'Ground/Pictures', 'Records/Settings', 'Records/Models',
            'Records/Models/Catalogue', 'Records/Catalogue', 'Lists/Orders', 'Reach/Rules', 'Reach/Trees',
            'Reach/Numbers', 'Work/Fitting',
        ],
        'Doors/Requests' => ['Records/Models'],
        'Doors/Shop' => [
            'Ground/Models', 'Ground', 'Ground/Files', 'Records/Settings', 'Records/Models',
            'Records/Models/Catalogue', 'Records/Stored', 'Lists/Search', 'Reach/Kinds', 'Reach/Rules', 'Reach/Trees',
            'Reach/Pages', 'Style', 'Shop', 'Shop/Found', 'Shop/News', 'PagesOut', 'PagesOut/Walking',
            'PagesOut/Whole', 'Work/Templates', 'Doors/Requests',
        ],
        'Doors/Studio/Answers' => [
            'Ground', 'Records/Settings', 'Records/Models', 'Records/Catalogue', 'Records/Stored', 'Reach/Kinds',
            'Reach/Rules',
            'Reach/Trees', 'Words', 'PagesOut', 'Work/Saving', 'Work/Finding', 'Work/Drafting',
            'Work/Releases/Making', 'Work/Releases', 'Work/Templates', 'Doors/Requests',
        ],
        'Doors/Studio/Errands' => [
            'Ground', 'Records/Models', 'Words', 'Work/Errands', 'Work/InAndOut/Rows', 'Work/InAndOut/Whole',
            'Doors/Requests',
        ],
        'Doors/Studio/Catalogue' => [
            'Ground/Problems', 'Ground/Models', 'Ground', 'Ground/Files', 'Ground/Pictures', 'Records/Settings',
            'Records/Models', 'Records/Models/Catalogue', 'Records/Catalogue', 'Records/Stored', 'Reach/Rules',
            'Reach/Trees', 'Words', 'Work/Saving', 'Work/Finding', 'Work/Sheets', 'Work/Bulk', 'Work/Templates',
            'Work/InAndOut/Linked', 'Work/InAndOut/Columns', 'Work/InAndOut/Rows', 'Work/InAndOut/Whole',
            'Doors/Requests', 'Doors/Studio/Answers', 'Doors/Studio/Errands',
        ],
        'Doors/Studio/Customers' => [
            'Ground', 'Records/Models/Shop', 'Records/Models/Catalogue', 'Lists/Search', 'Shop', 'Shop/News',
            'Work/Sheets', 'Doors/Requests',
        ],
        'Doors/Studio/Layout' => [
            'Ground/Problems', 'Ground', 'Records/Settings', 'Records/Models', 'Records/Models/Catalogue',
            'Records/Catalogue', 'Reach/Kinds', 'Reach/Rules', 'Reach/Trees', 'Reach/Pages', 'Words', 'Style',
            'PagesOut', 'PagesOut/Walking', 'PagesOut/Whole', 'Work/Finding', 'Work/Why', 'Work/Starts',
            'Work/Drafting',
            'Work/Releases/Making', 'Work/Releases', 'Work/Bulk', 'Work/Tending', 'Work/Templates', 'Work/Fitting',
            'Doors/Requests', 'Doors/Studio/Answers',
        ],
        'Doors/Studio/Releases' => [
            'Ground/Problems', 'Ground', 'Records/Settings', 'Records/Models', 'Words', 'Style',
            'Work/Releases/Making', 'Work/Releases', 'Doors/Requests', 'Doors/Studio/Answers',
        ],
        'Doors/Studio' => [
            'Ground/Problems', 'Ground', 'Records/Models', 'Records/Accounts', 'Words', 'PagesOut/Walking',
            'Work/Today', 'Doors/Requests', 'Doors/Studio/Answers',
        ],
        'Doors/Middleware' => [
            'Ground', 'Ground/Database', 'Records/Settings', 'Records/Models', 'Words', 'PagesOut/Walking',
            'Work/Releases', 'Doors/Requests',
        ],
        'Doors/Shapes' => [],
        'Doors/Console' => [
            'Ground/Problems', 'Ground/Models', 'Ground', 'Ground/Files', 'Ground/Backups', 'Records/Settings',
            'Records/Models', 'Records/Models/Catalogue', 'Records/Accounts', 'Lists/Filters', 'Lists/Orders',
            'Reach/Kinds', 'Reach/Rules', 'Reach/Trees', 'Reach/Numbers', 'Words', 'PagesOut', 'Work/Why',
            'Work/Releases/Making', 'Work/Releases', 'Work/Templates', 'Work/InAndOut/Folder', 'Work/InAndOut/Linked',
            'Work/InAndOut/Rows', 'Work/Finding', 'Work/Bulk', 'Work/Doctor',
            'Doors/Studio/Answers', 'Doors/Shapes',
        ],
        'Doors/Setup' => [
            'Ground', 'Ground/Database', 'Ground/Files', 'Ground/Pictures', 'Records/Settings', 'Records/Models',
            'Records/Models/Catalogue', 'Records/Catalogue', 'Lists/Filters', 'Lists/Orders', 'Lists/Search',
            'Reach/Kinds', 'Reach/Rules', 'Reach/Trees', 'Reach/Pages', 'Reach/Numbers', 'Words', 'Style', 'Shop',
            'PagesOut', 'PagesOut/Walking', 'Work/Saving', 'Work/Releases', 'Work/Templates', 'Work/InAndOut/Folder',
            'Work/InAndOut/Rows', 'Work/Errands', 'Work/Fitting', 'Doors/Requests', 'Doors/Shop',
        ],
    ];

    private const MOST_FILES = 18;

    public function test_every_folder_is_a_room_with_a_reason_and_not_too_much_in_it(): void
    {
        $rooms = [];
        foreach (self::files() as $file) {
            $rooms[dirname($file)][] = basename($file);
        }
        $known = array_keys(self::MAY_USE);
        $found = array_values(array_unique(array_map(self::room(...), array_keys($rooms))));
        sort($known);
        sort($found);
        self::assertSame($known, $found);
        foreach ($rooms as $folder => $files) {
            self::assertLessThanOrEqual(self::MOST_FILES, count($files), $folder);
            $words = (string) @file_get_contents(self::root()."/$folder/README.md");
            self::assertGreaterThan(80, strlen($words), "$folder says what it is for and what may be asked of it");
            self::assertLessThan(16, substr_count($words, "\n"), $folder);
        }
    }

    public function test_a_room_uses_only_rooms_that_it_may(): void
    {
        $used = array_fill_keys(array_keys(self::MAY_USE), []);
        foreach (self::files() as $file) {
            $own = self::room(dirname($file));
            foreach (self::usedBy($file) as $class) {
                $room = self::room('app/'.strtr(substr($class, 0, (int) strrpos($class, '\\')), '\\', '/'));
                if ($room !== $own) {
                    self::assertContains($room, self::MAY_USE[$own], "$file may not use $class");
                    $used[$own][$room] = $room;
                }
            }
        }
        foreach (self::MAY_USE as $room => $may) {
            self::assertSame([], array_values(array_diff($may, $used[$room])), "$room does not use what it may");
        }
    }

    public function test_what_a_room_may_use_stands_below_it(): void
    {
        $below = [];
        foreach (self::MAY_USE as $room => $may) {
            self::assertSame([], array_values(array_diff($may, $below)), $room);
            $below[] = $room;
        }
        $floors = array_values(
            array_unique(array_map(static fn (string $room): string => explode('/', $room)[0], $below)),
        );
        self::assertSame(
            ['Ground', 'Records', 'Lists', 'Reach', 'Words', 'Style', 'Shop', 'PagesOut', 'Work', 'Doors'],
            $floors,
        );
    }

    public function test_requests_are_for_the_doors_and_services_are_given(): void
    {
        $fetch = [];
        foreach (self::files() as $file) {
            if (! str_starts_with($file, 'app/Doors/')) {
                $code = self::code($file);
                self::assertDoesNotMatchRegularExpression(
                    '/(?<![\w>:$])request\(\)|Illuminate\\\\Http\\\\(Request|JsonResponse|RedirectResponse)/',
                    $code,
                    $file,
                );
                preg_match('/(?<![\w>:$])(app|resolve)\(/', $code) === 1 && $fetch[] = $file;
            }
        }
        self::assertSame([], $fetch);
    }

    /** A folder of SQL belongs to its room. */
    private static function room(string $folder): string
    {
        return (string) preg_replace('~/Sql$~D', '', substr($folder, strlen('app/')));
    }

    /** @return list<string> classes of the application, from their rooms, by import or by full name */
    private static function usedBy(string $file): array
    {
        preg_match_all(
            '/Vestibra\\\\App\\\\((?:[A-Z]\w*\\\\)*[A-Z]\w*)/',
            (string) preg_replace('/^namespace .*$/m', '', self::code($file)),
            $found,
        );

        return array_values(array_filter(array_unique($found[1]), static fn (string $class): bool => is_file(
            self::root().'/app/'.strtr($class, '\\', '/').'.php',
        )));
    }

    private static function code(string $file): string
    {
        return (string) file_get_contents(self::root()."/$file");
    }

    /** @return list<string> */
    private static function files(): array
    {
        $files = [];
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(self::root().'/app', FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                $files[] = substr($file->getPathname(), strlen(self::root()) + 1);
            }
        }
        self::assertGreaterThan(300, count($files));

        return $files;
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
