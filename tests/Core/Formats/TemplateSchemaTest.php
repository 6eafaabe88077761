<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ReflectionMethod;
use Vestibra\Core\Formats\TemplateSchema;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Styles\StyleProperties;
use Vestibra\Core\Templates\TreeReader;
use Vestibra\Tests\Core\Outside;
use Vestibra\Tests\Core\Templates\Trees;
use Vestibra\Tests\Core\Templates\TypesTest;

/** Files of templates as JSON Schema 2020-12, held by opis/json-schema and by npm ajv. */
final class TemplateSchemaTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, bool}> */
    private static function blocks(): iterable
    {
        $how = static fn (string $kind, array $values, string $width = 'desktop'): array =>
            ['kind' => $kind, 'how' => [$width => $values]];

        yield 'styles of pieces, in states and widths' => [
            $how(
                'price',
                ['now.size' => 20, 'now.weight' => '700', 'was.colour' => 'quiet/60', 'padding' => '1.5rem'],
                'phone',
            ),
            true,
        ];
        yield 'a state' => [$how('button', ['button.ground:hovered' => '#1f7a7a80', 'button.rise:hovered' => 4]), true];
        yield 'a step and a size of the house style' =>
            [$how('title', ['marginAbove' => 'step-4', 'size' => 'size-6']), true];
        yield 'a shadow of its own and a picture' => [
            $how('note', [
                'shadow' => '0 8 24 0 ink/12', 'groundPicture' => 7, 'proportion' => '4/3', 'width' => '40%',
            ]),
            true,
        ];
        yield 'a name that means something of its own' =>
            [$how('band', ['align' => 'flex-start', 'minScreen' => 70]), true];
        yield 'and what it means elsewhere' => [$how('band', ['align' => 'justify']), false];
        yield 'elsewhere it does' => [$how('title', ['align' => 'justify']), true];
        yield 'a colour in words' => [$how('price', ['now.colour' => 'red']), false];
        yield 'five digits' => [$how('price', ['now.colour' => '#12345']), false];
        yield 'a size of 10⁹' => [$how('price', ['now.size' => 1_000_000_000]), false];
        yield 'a size in words' => [$how('price', ['now.size' => '1e999']), false];
        yield 'a strange unit' => [$how('price', ['now.size' => '2parsec']), false];
        yield 'a piece that it has not' => [$how('price', ['button.size' => 20]), false];
        yield 'a state that it has not' => [$how('price', ['now.size:chosen' => 20]), false];
        yield 'a group that a piece has not' => [$how('gallery', ['main.size' => 20]), false];
        yield 'a width that is none' => [$how('price', ['now.size' => 20], 'watch'), false];
        yield 'a setting' => [['kind' => 'heading', 'what' => ['text' => 'Words', 'level' => 'h2']], true];
        yield 'a value that comes from the page' =>
            [['kind' => 'text', 'what' => ['text' => ['source' => 'product.title']]], true];
        yield 'a setting that it has not' => [['kind' => 'heading', 'what' => ['txt' => 'Words']], false];
        yield 'a kind that there is not' => [['kind' => 'carrousel'], false];
        yield 'blocks in blocks' => [
            ['kind' => 'holder', 'children' => [['kind' => 'price', 'how' => ['desktop' => ['now.size' => 'big']]]]],
            false,
        ];
    }

    public function test_both_readers_say_the_same(): void
    {
        $cases = iterator_to_array(self::blocks());
        $files = array_map(static fn (array $case): object => self::file([$case[0]]), $cases);
        $expected = array_map(static fn (array $case): bool => $case[1], $cases);
        $schema = self::object(self::schema());
        $validator = new Validator;

        self::assertSame(
            $expected,
            array_map(static fn (object $file): bool => $validator->validate($file, $schema)->isValid(), $files),
        );
        $asked = array_map(static fn (object $file): array => ['template', $file], array_values($files));
        self::assertSame(
            $expected,
            array_combine(
                array_keys($cases),
                (array) Outside::ask('ajv.mjs', [['schemas' => ['template' => self::schema()], 'cases' => $asked]])[0],
            ),
        );
    }

    /** @return iterable<string, array{string, Setting}> one of each type, however it is described */
    public static function settings(): iterable
    {
        $seen = [];
        foreach (Trees::schema()->all() as $definition) {
            foreach ($definition->settings() as $setting) {
                $type = json_encode([$setting->type->describe(), $setting->sourced]);
                if ($setting->question !== Question::How && ! isset($seen[$type])) {
                    $seen[$type] = true;
                    yield "$definition->kind: $setting->name" => [$definition->kind, $setting];
                }
            }
        }
    }

    /** A type of setting that the schema does not know would be taken whatever it is. */
    #[DataProvider('settings')]
    public function test_every_setting_takes_its_default_and_no_nonsense(string $kind, Setting $setting): void
    {
        /** @var Validator|null $validator */
        static $validator = null;
        /** @var object|null $schema */
        static $schema = null;
        $validator ??= new Validator;
        $schema ??= self::object(self::schema());
        $takes = static fn (mixed $value): bool => $validator->validate(
            self::file([['kind' => $kind, $setting->question->value => [$setting->name => $value]]]),
            $schema,
        )->isValid();

        self::assertTrue($takes($setting->default), 'its default');
        self::assertFalse($takes([['no', 'such', ['value']]]), 'nonsense');
        self::assertFalse($takes(1.5), 'half a number');
    }

    /** What is taken when it is read may stand in a file. */
    public function test_whatever_a_type_takes_the_schema_takes(): void
    {
        $schema = new ReflectionMethod(TemplateSchema::class, 'value');
        $validator = new Validator;
        $taken = 0;
        foreach (TypesTest::values() as $case => [$type, $value, $fits]) {
            if ($fits) {
                $taken++;
                self::assertTrue($validator->validate(
                    json_decode((string) json_encode($value)),
                    self::object((array) $schema->invoke(null, $type->describe())),
                )->isValid(), $case);
            }
        }
        self::assertGreaterThan(20, $taken);
    }

    public function test_whatever_the_reader_takes_of_a_style_the_schema_takes(): void
    {
        $reader = static fn (array $block): bool => Trees::reader()->parseTree([
            'format' => TreeReader::FORMAT,
            'page' => [
                'kind' => 'page',
                'children' => [['kind' => 'band', 'children' => [['kind' => 'column', 'children' => [$block]]]]],
            ],
        ]) instanceof Node;
        $files = [];
        mt_srand($seed = random_int(1, 1_000_000));
        $values = [
            0, 4, -4, 40, 700, '700', '1.5rem', '12%', 'step-3', 'size-2', 'ink', 'sale/40', 'none', 'center', 'solid',
            'italic', 'own', '4/3', 'fill', '50%', 'shadow-soft', 'cover', true,
        ];
        $definitions = array_values(array_filter(Trees::schema()->all(), static fn ($one): bool =>
            $one->role->value === 'block' && $one->accepts === null && $one->filledWith === null));
        while (count($files) < 120) {
            $definition = $definitions[mt_rand(0, count($definitions) - 1)];
            $piece = $definition->pieces[mt_rand(0, count($definition->pieces) - 1)];
            $styles = array_keys(StyleProperties::all());
            $name = ($piece->name === '' ? '' : "$piece->name.").$styles[mt_rand(0, count($styles) - 1)];
            $block = [
                'kind' => $definition->kind,
                'how' => ['desktop' => [$name => $values[mt_rand(0, count($values) - 1)]]],
            ];
            if ($reader($block)) {
                $files[] = ['template', self::file([$block])];
            }
        }

        self::assertSame(
            [array_fill(0, 120, true)],
            Outside::ask('ajv.mjs', [['schemas' => ['template' => self::schema()], 'cases' => $files]]),
            "seed $seed",
        );
    }

    /** @param  list<array<string, mixed>>  $blocks */
    private static function file(array $blocks): object
    {
        return self::object([
            'vestibra' => 'template',
            'format' => 1,
            'name' => 'A page',
            'pageKind' => 'product',
            'tree' => [
                'format' => TreeReader::FORMAT,
                'page' => [
                    'kind' => 'page',
                    'children' => [['kind' => 'band', 'children' => [['kind' => 'column', 'children' => $blocks]]]],
                ],
            ],
        ]);
    }

    /** @param  array<string, mixed>  $of */
    private static function object(array $of): object
    {
        $object = json_decode(json_encode($of, JSON_THROW_ON_ERROR));
        self::assertIsObject($object);

        return $object;
    }

    /** @return array<string, mixed> */
    private static function schema(): array
    {
        return (new TemplateSchema(Trees::schema()))->toArray();
    }
}
