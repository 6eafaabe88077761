<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats\Tokens;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Formats\Tokens\ReadTokens;
use Vestibra\Core\Formats\Tokens\TokensReader;
use Vestibra\Core\Formats\Tokens\TokensWriter;
use Vestibra\Core\Styling\HouseProblem;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\ShippedStyles;

/** House styles as files of the Design Tokens Format Module (DTCG). */
final class TokensTest extends TestCase
{
    public function test_what_is_written_is_read_as_the_same(): void
    {
        foreach (ShippedStyles::ALL as $name => [, $tokens]) {
            $style = HouseStyle::fromStored(
                ['card-shadow' => '0 4 16 -2 ink/14', 'tab-words' => 'ink/60', 'size-4' => '31'] + $tokens,
            );
            $read = TokensReader::parse((string) json_encode(TokensWriter::write($style)));
            self::assertInstanceOf(ReadTokens::class, $read, $name);
            self::assertSame($style->tokens(), $read->style->tokens(), $name);
            self::assertSame([], $read->passedOver);
        }
    }

    public function test_roles_are_references(): void
    {
        $written = TokensWriter::write(HouseStyle::fromStored(['link-words' => 'accent']));

        self::assertSame(
            ['$type' => 'color', '$value' => '{colours.colour-accent}', '$description' => 'links'],
            $written['links']['link-words'],
        );
        self::assertSame(
            ['colorSpace' => 'srgb', 'components' => [0.12157, 0.16471, 0.18824], 'alpha' => 1, 'hex' => '#1f2a30'],
            $written['colours']['colour-ink']['$value'],
        );
    }

    public function test_files_of_others(): void
    {
        $read = TokensReader::parse((string) json_encode([
            'brand' => [
                '$type' => 'color',
                'sea' => ['$value' => '#1F5B50'],
                'colour-accent' => ['$value' => '{brand.sea}'],
                'colour-ink' => ['$value' => ['colorSpace' => 'srgb', 'components' => [0, 0, 0]]],
            ],
            'text-size' => ['$type' => 'dimension', '$value' => ['value' => 1.125, 'unit' => 'rem']],
            'corner' => ['$type' => 'dimension', '$value' => '12px'],
            'main-weight' => ['$type' => 'fontWeight', '$value' => 700],
            'font-names' => ['$type' => 'fontFamily', '$value' => ['Unknown', 'Lora', 'serif']],
        ]));

        self::assertInstanceOf(ReadTokens::class, $read);
        $own = $read->style->own();
        ksort($own);
        self::assertSame(
            [
                'colour-accent' => '#1f5b50', 'colour-ink' => '#000000', 'corner' => '12', 'font-names' => 'lora',
                'main-weight' => '700', 'text-size' => '18',
            ],
            $own,
        );
        self::assertSame(['brand.sea'], array_map(static fn ($problem): string => $problem->path, $read->passedOver));
    }

    public function test_colours_and_shadows_of_others_are_roles_where_they_are_one_of_the_shops(): void
    {
        $ink = ['colorSpace' => 'srgb', 'components' => [0.12157, 0.16471, 0.18824]];
        $shadow = static fn (mixed $colour, int $down = 4): array => [
            'offsetX' => ['value' => 0, 'unit' => 'px'],
            'offsetY' => ['value' => $down, 'unit' => 'px'],
            'blur' => '1rem',
            'spread' => ['value' => -2, 'unit' => 'px'],
            'color' => $colour,
        ];
        $read = TokensReader::parse((string) json_encode([
            'colours' =>
                ['$type' => 'color', 'colour-ink' => ['$value' => $ink], 'colour-line' => ['$value' => '#cccccc']],
            'some' => [
                '$type' => 'color',
                'link-words' => ['$value' => '#CCCCCC'],
                'tab-words' => ['$value' => ['alpha' => 0.6] + $ink],
                'tab-chosen' => ['$value' => ['alpha' => 1] + $ink],
                'badge-ground' => ['$value' => ['alpha' => 0] + $ink],
            ],
            'shadows' => [
                '$type' => 'shadow',
                'shadow-soft' => ['$value' => [$shadow(['alpha' => 0.14] + $ink), $shadow('#cccccc', 40)]],
                'shadow-lifted' => ['$value' => $shadow($ink, 14)],
                'card-shadow' => ['$value' => $shadow(['alpha' => 0] + $ink)],
            ],
        ]));

        self::assertInstanceOf(ReadTokens::class, $read);
        $own = $read->style->own();
        ksort($own);
        self::assertSame([
            'badge-ground' => 'none',
            'colour-line' => '#cccccc',
            'link-words' => 'line',
            'shadow-lifted' => '0 14 16 -2 ink/99',
            'shadow-soft' => '0 4 16 -2 ink/14',
            'tab-words' => 'ink/60',
        ], $own, 'Of several shadows the first is taken; the others are as usual.');
    }

    public function test_what_the_shop_noted_beside_a_value_decides_of_that_token_alone(): void
    {
        $read = TokensReader::parse((string) json_encode([
            'corner' => ['$type' => 'dimension', '$value' => '12px', '$extensions' => ['vestibra' => '9']],
            'round' => ['$type' => 'dimension', '$value' => '20px', '$extensions' => ['vestibra' => '3']],
            'field-corner' => ['$type' => 'dimension', '$value' => '{round}'],
            'card-padding' => ['$type' => 'dimension', '$value' => '14px', '$extensions' => ['vestibra' => 'url(x)']],
        ]));

        self::assertInstanceOf(ReadTokens::class, $read);
        self::assertSame(['corner' => '9', 'field-corner' => '20', 'card-padding' => '14'], $read->style->own());
    }

    public function test_roles_with_an_opacity_and_none_are_written_as_colours_and_noted_beside(): void
    {
        $written = TokensWriter::write(HouseStyle::fromStored(['tab-words' => 'ink/60', 'badge-ground' => 'none']));
        $find = static function (string $name) use ($written): mixed {
            foreach ($written as $group) {
                if (is_array($group) && isset($group[$name])) {
                    return $group[$name];
                }
            }

            return null;
        };

        self::assertSame(
            ['#1f2a30', 0.6],
            [$find('tab-words')['$value']['hex'], $find('tab-words')['$value']['alpha']],
        );
        self::assertEquals((object) ['vestibra' => 'ink/60'], $find('tab-words')['$extensions']);
        self::assertEquals(
            ['#000000', 0],
            [$find('badge-ground')['$value']['hex'], $find('badge-ground')['$value']['alpha']],
        );
        self::assertEquals((object) ['vestibra' => 'none'], $find('badge-ground')['$extensions']);
    }

    public function test_a_file_that_is_too_large_says_how_large_one_may_be(): void
    {
        $read = TokensReader::parse(str_repeat(' ', 2_000_000));

        self::assertIsArray($read);
        self::assertSame(['most' => 1_000], $read[0]->values);
    }

    public function test_no_shadow_is_written_as_one_that_cannot_be_seen(): void
    {
        $written = TokensWriter::write(HouseStyle::standard())['cards']['card-shadow'];
        $nothing = ['value' => 0.0, 'unit' => 'px'];

        self::assertEquals([$nothing, $nothing, $nothing, $nothing, 0], [
            ...array_map(static fn (string $part): mixed => $written['$value'][$part], [
                'offsetX', 'offsetY', 'blur', 'spread',
            ]),
            $written['$value']['color']['alpha'],
        ]);
        self::assertEquals((object) ['vestibra' => 'none'], $written['$extensions']);
    }

    public function test_groups_are_looked_into_as_deep_as_anybody_writes_them(): void
    {
        $deep = static function (int $groups): string {
            $tokens = ['corner' => ['$type' => 'dimension', '$value' => '12px']];
            for (; $groups > 0; $groups--) {
                $tokens = ["g$groups" => $tokens];
            }

            return (string) json_encode($tokens);
        };

        self::assertInstanceOf(ReadTokens::class, TokensReader::parse($deep(11)));
        self::assertIsArray(TokensReader::parse($deep(12)));
    }

    /** @return iterable<string, array{string, HouseProblem}> */
    public static function bad(): iterable
    {
        $file = static fn (array $tokens): string => (string) json_encode($tokens);
        $colour = static fn (mixed $value): array => ['colour-ink' => ['$type' => 'color', '$value' => $value]];

        yield 'no JSON' => ['{"a":', HouseProblem::FileNotJson];
        yield 'words' => ['"a"', HouseProblem::FileNotJson];
        yield 'nested without end' => [str_repeat('[', 5000), HouseProblem::FileNotJson];
        yield 'nothing of ours' =>
            [$file(['a' => ['$type' => 'color', '$value' => '#ffffff']]), HouseProblem::FileNoTokens];
        yield 'empty' => ['{}', HouseProblem::FileNoTokens];
        yield 'in a circle' => [
            $file([
                'colour-ink' => ['$type' => 'color', '$value' => '{a}'],
                'a' => ['$type' => 'color', '$value' => '{b}'],
                'b' => ['$value' => '{a}'],
            ]),
            HouseProblem::FileCycle,
        ];
        yield 'itself' => [$file($colour('{colour-ink}')), HouseProblem::FileCycle];
        yield 'to nothing' => [$file($colour('{gone}')), HouseProblem::FileReference];
        yield 'an unknown type' =>
            [$file(['colour-ink' => ['$type' => 'smell', '$value' => 'rose']]), HouseProblem::FileType];
        yield 'another type' =>
            [$file(['colour-ink' => ['$type' => 'dimension', '$value' => '12px']]), HouseProblem::FileType];
        yield 'no type' => [$file(['colour-ink' => ['$value' => '#ffffff']]), HouseProblem::FileType];
        yield 'a strange unit' => [
            $file(['corner' => ['$type' => 'dimension', '$value' => ['value' => 2, 'unit' => 'parsec']]]),
            HouseProblem::FileUnit,
        ];
        yield 'a colour in words' => [$file($colour('red')), HouseProblem::FileValue];
        yield 'five digits' => [$file($colour('#12345')), HouseProblem::FileValue];
        yield 'an address' => [$file($colour('url(https://evil.example)')), HouseProblem::FileValue];
        yield 'a colour without channels' =>
            [$file($colour(['colorSpace' => 'srgb', 'components' => [1, 2, 3]])), HouseProblem::FileValue];
        yield 'a colour of four channels' =>
            [$file($colour(['colorSpace' => 'srgb', 'components' => [0, 0, 0, 0]])), HouseProblem::FileValue];
        yield 'three channels and a word' =>
            [$file($colour(['colorSpace' => 'srgb', 'components' => [0, 0, 0, 'red']])), HouseProblem::FileValue];
        yield 'a number past all numbers' =>
            ['{"main-weight":{"$type":"number","$value":1e999}}', HouseProblem::FileValue];
        yield 'a channel in words' =>
            [$file($colour(['colorSpace' => 'srgb', 'components' => [0, 0, 'red']])), HouseProblem::FileValue];
        yield 'channels of another space' =>
            [$file($colour(['colorSpace' => 'oklch', 'components' => [0, 0, 0]])), HouseProblem::FileValue];
        yield 'a role that is none of the colours' => [
            $file([
                'colours' => ['colour-ink' => ['$type' => 'color', '$value' => '#000000']],
                'link-words' => ['$type' => 'color', '$value' => '#123456'],
            ]),
            HouseProblem::FileValue,
        ];
        yield 'nothing to be seen of no colour' => [
            $file(['link-words' => [
                '$type' => 'color',
                '$value' => ['colorSpace' => 'srgb', 'components' => 'none', 'alpha' => 0],
            ]]),
            HouseProblem::FileValue,
        ];
        yield 'a shadow of words' =>
            [$file(['card-shadow' => ['$type' => 'shadow', '$value' => 'soft']]), HouseProblem::FileValue];
        yield 'too large' => [
            $file(['corner' => ['$type' => 'dimension', '$value' => ['value' => 1_000_000_000, 'unit' => 'px']]]),
            HouseProblem::FileValue,
        ];
        yield 'past all numbers' =>
            ['{"corner":{"$type":"dimension","$value":{"value":1e999,"unit":"px"}}}', HouseProblem::FileValue];
        yield 'a family that does not ship' =>
            [$file(['font-names' => ['$type' => 'fontFamily', '$value' => 'Comic']]), HouseProblem::FileValue];
        yield '50,000 tokens' => [
            $file(array_fill_keys(array_map(static fn (int $n): string => "t$n", range(1, 50_000)), ['$value' => 1])),
            HouseProblem::FileTooLarge,
        ];
        yield 'more than are read' => [
            $file(array_fill_keys(array_map(static fn (int $n): string => "t$n", range(1, TokensReader::MOST + 1)), [
                '$value' => 1,
            ])),
            HouseProblem::FileTooMany,
        ];
    }

    #[DataProvider('bad')]
    public function test_a_bad_file_is_refused_whole(string $file, HouseProblem $why): void
    {
        $read = TokensReader::parse($file);

        self::assertIsArray($read);
        self::assertSame($why, $read[0]->code);
    }
}
