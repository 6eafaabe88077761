<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core;

use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Styling\HouseToken;
use Vestibra\Core\Styling\HouseTokens;
use Vestibra\Core\Templates\Definition;

/** What belongs to something new and is easily forgotten: each test says what is missing, and where. */
final class ForgottenTest extends TestCase
{
    /** A card is no page. */
    private const BARE = [PageKind::Card];

    public function test_every_folder_of_a_block_has_its_line_among_the_kinds(): void
    {
        $folders = array_map(
            static fn (string $file): string => basename(dirname($file)),
            self::files('blocks/*/*Block.php'),
        );
        $known = array_map(
            static fn (Definition $one): string => str_replace(' ', '', ucwords(strtr($one->kind, '-', ' '))),
            array_values(Kinds::composer()->schema->all()),
        );

        self::assertEqualsCanonicalizing($folders, $known, 'blocks/Kinds.php');
    }

    public function test_every_field_has_its_line_and_some_kind_of_page_that_asks_for_it(): void
    {
        $asked = array_merge(...array_map(
            static fn (PageKind $kind): array => array_keys(RuleFields::standard()->on($kind)),
            [...PageKind::pages(), PageKind::Header],
        ));
        foreach (self::files('core/Reach/Fields/*.php') as $file) {
            $class = 'Vestibra\Core\Reach\Fields\\'.basename($file, '.php');
            $field = new $class;
            self::assertInstanceOf(RuleField::class, $field);
            $missing = "No kind of page in core/Pages/Kinds asks for {$field->name()}.";
            self::assertContains($field->name(), $asked, $missing);
        }
    }

    public function test_every_kind_of_page_has_its_line(): void
    {
        $classes = array_map(
            static fn (string $file): string => basename($file, '.php'),
            self::files('core/Pages/Kinds/*.php'),
        );
        $used = array_map(
            static fn (object $kind): string => basename(strtr($kind::class, '\\', '/')),
            PageKinds::standard()->all(),
        );

        self::assertSame([], array_diff($classes, $used), 'core/Pages/PageKinds.php');
        $known = array_map(static fn (KindOfPage $kind): PageKind => $kind->kind(), PageKinds::standard()->all());
        self::assertSame([], array_values(array_filter(
            PageKind::cases(),
            static fn (PageKind $kind): bool => ! in_array($kind, $known, true) && ! in_array($kind, self::BARE, true),
        )), 'core/Pages/PageKinds.php');
    }

    /** A decision that no style sheet takes is made in the Studio and does nothing. */
    public function test_every_decision_of_the_house_style_is_taken_by_a_style_sheet(): void
    {
        $styles = implode("\n", array_map(
            static fn (string $file): string => (string) file_get_contents($file),
            [
                ...self::files('blocks/*/style.css'), ...self::files('shop/*.css'),
                ...self::files('core/Templates/Styles/StyleProperties.php'),
            ],
        ));
        // Steps, sizes and shadows are for the values of blocks; the scale makes the sizes.
        $values = array_filter(
            HouseTokens::all(),
            static fn (HouseToken $one): bool => preg_match('/^(step|size|shadow)-|^scale-ratio$/', $one->name) !== 1,
        );
        self::assertGreaterThan(60, count($values));
        self::assertSame([], array_values(array_filter(
            array_keys($values),
            static fn (string $name): bool => preg_match("/var\(--$name\b(?!-)/", $styles) !== 1,
        )));
    }

    /** @return list<string> */
    private static function files(string $pattern): array
    {
        $found = glob(dirname(__DIR__, 2)."/$pattern") ?: [];
        self::assertNotSame([], $found, $pattern);

        return $found;
    }
}
