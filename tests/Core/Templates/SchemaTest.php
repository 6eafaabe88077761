<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Reach\Fields\BrandField;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Types\Order;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Tests\Core\Blocks\Pages;

final class SchemaTest extends TestCase
{
    public function test_an_authors_mistakes_throw(): void
    {
        $setting = Setting::what('words', 'Words', new Text, '');
        $mistakes = [
            static fn () => new Definition('a', 'A', null, [$setting, $setting]),
            static fn () => Schema::of(new Definition('a', 'A', null), new Definition('a', 'B', null)),
            static fn () => RuleFields::of(PageKinds::of(), new BrandField, new BrandField),
        ];
        foreach ($mistakes as $mistake) {
            try {
                $mistake();
                self::fail('It should have thrown.');
            } catch (LogicException $thrown) {
                self::assertNotSame('', $thrown->getMessage());
            }
        }
    }

    /** @return iterable<string, array{Definition}> */
    public static function kinds(): iterable
    {
        foreach (Trees::schema()->all() as $definition) {
            yield $definition->kind => [$definition];
        }
    }

    #[DataProvider('kinds')]
    public function test_every_default_is_a_value_that_the_setting_takes(Definition $definition): void
    {
        $wrong = [];
        foreach ($definition->settings() as $setting) {
            $sourced = is_array($setting->default) && isset($setting->default['source']);
            $good = $setting->question === Question::How
                ? $setting->default === null
                    && ($setting->property !== null || $setting->type instanceof Order)
                : $sourced || $setting->type->problem($setting->default) === null;
            $wrong = $good ? $wrong : [...$wrong, $setting->name];
        }
        self::assertSame([], $wrong);
    }

    #[DataProvider('kinds')]
    public function test_what_the_shelf_inserts_is_readable(Definition $definition): void
    {
        self::assertTrue($definition->shelf !== null || in_array(
            $definition->kind,
            ['page', 'header', 'footer', 'stage', 'card', 'shared', 'shared-band'],
            true,
        ));
        foreach ($definition->describe(Pages::messages())['starters'] as $starter) {
            self::assertInstanceOf(Node::class, Trees::reader()->parseBlock($starter['node']));
        }
    }

    #[DataProvider('kinds')]
    public function test_each_kind_has_its_folder(Definition $definition): void
    {
        $folder = dirname(__DIR__, 3)
            .'/blocks/'
            .str_replace(' ', '', ucwords(str_replace('-', ' ', $definition->kind)));

        self::assertFileExists("$folder/view.blade.php");
        self::assertFileExists("$folder/style.css");
        self::assertStringContainsString('currentColor', (string) file_get_contents("$folder/drawing.svg"));
    }

    public function test_a_blocks_common_settings_come_by_themselves(): void
    {
        $definition = new Definition('a', 'A', null);

        self::assertNotNull($definition->setting(Question::When, 'widths'));
        self::assertNotNull($definition->setting(Question::When, 'off'));
        self::assertNotNull($definition->setting(Question::How, 'marginAbove'));
        self::assertNull($definition->setting(Question::What, 'widths'));
    }
}
