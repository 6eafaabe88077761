<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats;

use LogicException;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\SettingType;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Styles\StyleProperties;
use Vestibra\Core\Templates\Styles\StyleProperty;
use Vestibra\Core\Templates\TreeReader;

/**
 * The file of a template as JSON Schema 2020-12, made from what blocks say of themselves: which settings and pieces
 * there are, and what each style takes. What blocks belong where, and whether what is named is there, is judged when
 * the file is read.
 *
 * @api
 */
final readonly class TemplateSchema
{
    private const NUMBER = ['type' => 'integer', 'minimum' => 1];

    private const DAY = '[0-9]{4}-[0-9]{2}-[0-9]{2}';

    private const LINE = [
        'type' => 'object',
        'required' => ['words', 'link', 'under'],
        'properties' => [
            'words' => ['type' => 'string'], 'link' => ['type' => 'string'], 'under' => ['type' => 'boolean'],
        ],
        'additionalProperties' => false,
    ];

    private const CONDITION = [
        'type' => 'object',
        'required' => ['field', 'comparison', 'values'],
        'properties' => [
            'field' => ['type' => 'string'],
            'comparison' => ['type' => 'string'],
            'values' => ['type' => 'array', 'items' => ['type' => ['string', 'integer']]],
        ],
    ];

    public function __construct(private Schema $schema)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $definitions = $this->schema->all();
        $styles = array_keys(StyleProperties::all());
        $kinds = array_map(static fn (Definition $one): string => $one->kind, $definitions);

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://vestibra.example/formats/template.schema.json',
            'title' => 'A template of Vestibra',
            'type' => 'object',
            'required' => ['vestibra', 'format', 'name', 'pageKind', 'tree'],
            'properties' => [
                'vestibra' => ['const' => 'template'],
                'format' => ['const' => TemplateFile::FORMAT],
                'name' => ['type' => 'string', 'minLength' => 1],
                'pageKind' => ['enum' => array_column(PageKind::cases(), 'value')],
                'tree' => [
                    'type' => 'object',
                    'required' => ['format', 'page'],
                    'properties' => ['format' => ['const' => TreeReader::FORMAT], 'page' => ['$ref' => '#/$defs/node']],
                ],
                'reach' => ['type' => 'object'],
                'pictures' => [
                    'type' => 'array',
                    'items' => [
                        'type' => 'object',
                        'required' => ['id', 'file'],
                        'properties' => ['id' => ['type' => 'integer'], 'file' => ['type' => 'string']],
                    ],
                ],
            ],
            '$defs' => [
                'node' => [
                    'type' => 'object',
                    'required' => ['kind'],
                    'properties' => [
                        'id' => ['type' => 'string', 'pattern' => '^[a-z0-9]{1,24}$'],
                        'kind' => ['enum' => $kinds],
                        'what' => ['type' => 'object'],
                        'how' => ['type' => 'object'],
                        'when' => ['type' => 'object'],
                        'children' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/node']],
                    ],
                    'additionalProperties' => false,
                    'allOf' => array_map(
                        fn (Definition $one): array => [
                            'if' => ['type' => 'object', 'properties' => ['kind' => ['const' => $one->kind]]],
                            'then' => $this->kind($one),
                        ],
                        $definitions,
                    ),
                ],
                'styles' => array_map(
                    static fn (StyleProperty $property): array => self::value($property->type->describe()),
                    StyleProperties::all(),
                ),
                // Of the block itself, but for names that mean something else in some block.
                'plain' => [
                    'type' => 'object',
                    'properties' => array_map(
                        self::style(...),
                        array_diff_key(array_combine($styles, $styles), $this->taken()),
                    ),
                ],
                // Of pieces, and of the block itself in another state.
                'pieces' => ['type' => 'object', 'patternProperties' => array_combine(
                    array_map(
                        static fn (string $name): string => "^(?:[a-z][A-Za-z]*\\.$name(?::[a-z]+)?|$name:[a-z]+)$",
                        $styles,
                    ),
                    array_map(self::style(...), $styles),
                )],
            ],
        ];
    }

    /** @return array<string, mixed> what one kind of block may say */
    private function kind(Definition $definition): array
    {
        $own = array_map(
            static fn (Setting $setting): array => self::value($setting->type->describe()),
            self::asked($definition, Question::How),
        );
        $layer = [
            'type' => 'object',
            'allOf' => [['$ref' => '#/$defs/pieces'], ['$ref' => '#/$defs/plain']],
            'properties' => (object) ($own + array_map(self::style(...), $this->taken())),
            'propertyNames' => ['pattern' => self::names($definition)],
        ];
        $all = static fn (Question $question): array => [
            'type' => 'object',
            'properties' => (object) array_map(self::setting(...), self::asked($definition, $question)),
            'additionalProperties' => false,
        ];

        return ['type' => 'object', 'properties' => [
            'what' => $all(Question::What),
            'how' => [
                'type' => 'object',
                'patternProperties' => ['^(?:'.implode('|', array_column(Width::cases(), 'value')).')$' => $layer],
                'additionalProperties' => false,
            ],
            'when' => $all(Question::When),
        ]];
    }

    /** @return array<string, string> names of styles that are a setting of its own in some kind of block */
    private function taken(): array
    {
        $taken = [];
        foreach ($this->schema->all() as $definition) {
            foreach (array_keys(
                array_intersect_key(self::asked($definition, Question::How), StyleProperties::all()),
            ) as $name) {
                $taken[$name] = $name;
            }
        }

        return $taken;
    }

    /** @return array<string, string> */
    private static function style(string $name): array
    {
        return ['$ref' => "#/\$defs/styles/$name"];
    }

    /** A pattern of all names that a style of such a block may have. */
    private static function names(Definition $definition): string
    {
        $names = array_keys(self::asked($definition, Question::How));
        foreach ($definition->pieces as $piece) {
            $takes = array_keys(array_filter(
                StyleProperties::all(),
                static fn (StyleProperty $one): bool => $piece->takes($one, PieceState::Usual),
            ));
            $states = implode(
                '|',
                array_map(static fn (PieceState $state): string => $state->value, array_slice($piece->inStates(), 1)),
            );
            $names[] = ($piece->name === Piece::WHOLE ? '' : "$piece->name\\.").'(?:'.implode('|', $takes).')'.(
                $states === '' ? '' : "(?::(?:$states))?"
            );
        }

        return '^(?:'.implode('|', $names).')$';
    }

    /** @return array<string, Setting> */
    private static function asked(Definition $definition, Question $question): array
    {
        return array_column(
            array_filter($definition->settings(), static fn (Setting $one): bool => $one->question === $question),
            null,
            'name',
        );
    }

    /** @return array<string, mixed> of a value that may come from the page, that too */
    private static function setting(Setting $setting): array
    {
        $value = self::value($setting->type->describe());

        return $setting->sourced
            ? ['anyOf' => [
                $value,
                ['type' => 'object', 'required' => ['source'], 'properties' => ['source' => ['type' => 'string']]],
            ]]
            : $value;
    }

    /**
     * @param  array<string, mixed>  $type  as a type of setting describes itself
     * @return array<string, mixed>
     *
     * @throws LogicException for a type that is not known here
     *
     * @see SettingType
     */
    private static function value(array $type): array
    {
        $roles = implode('|', HouseStyle::roles());
        $options = array_column(is_array($type['options'] ?? null) ? $type['options'] : [], 'value');

        return match ($type['type']) {
            'amount' => ['type' => 'integer', 'minimum' => $type['min'], 'maximum' => $type['max']],
            'choice' => ['enum' => $options],
            'several' => ['type' => 'array', 'items' => ['enum' => $options]],
            'step' => ['anyOf' => [
                ['type' => 'integer', 'minimum' => 0, 'maximum' => count(HouseStyle::STEPS) - 1],
                ['type' => 'string', 'pattern' => '^(0|[1-9][0-9]{0,2})px$'],
            ]],
            'toggle' => ['type' => 'boolean'],
            'text' => ['type' => 'string', 'maxLength' => $type['max']],
            'colour' => [
                'type' => 'string',
                'pattern' => "^(?:none|(?:$roles)(?:/(?:[1-9][0-9]?|0))?|#[0-9a-f]{6}(?:[0-9a-f]{2})?)$",
            ],
            'extent' => ['type' => 'string', 'pattern' => '^(?:fill|content|[1-9][0-9]{0,3}(?:%|px))$'],
            'proportion' => ['type' => 'string', 'pattern' => '^(?:own|[1-9][0-9]{0,2}/[1-9][0-9]{0,2})$'],
            'shadow' => [
                'type' => 'string',
                'pattern' => '^(?:'
                    .implode('|', array_filter($options, is_string(...)))
                    .'|-?[0-9]{1,3} -?[0-9]{1,3} [0-9]{1,3} -?[0-9]{1,3} \\S+)$',
            ],
            'picture' => ['anyOf' => [['type' => 'integer', 'minimum' => 1], ['enum' => ['none', null]]]],
            'measure' => self::measure($type),
            'html', 'link', 'rich-text' => ['type' => 'string', 'maxLength' => $type['max']],
            'day' => ['type' => 'string', 'pattern' => '^(?:|'.self::DAY.')$'],
            'time' => ['type' => 'string', 'pattern' => '^(?:|(?:[01][0-9]|2[0-3]):[0-5][0-9])$'],
            'days' => ['anyOf' => [self::days(), ['type' => 'array', 'maxItems' => 0]]],
            'widths' => self::listed(['enum' => array_column(Width::cases(), 'value')]) + ['minItems' => 1],
            'around' => ['anyOf' => [['type' => 'boolean'], self::NUMBER]],
            'card', 'numbered' => ['anyOf' => [['type' => 'null'], self::NUMBER]],
            'numbers', 'products' => self::listed(self::NUMBER, $type['max']) + ['uniqueItems' => true],
            'order' => self::listed(['type' => 'string', 'pattern' => '^[a-z0-9]{1,24}$'], $type['max'])
                + ['uniqueItems' => true],
            'links' => self::listed(self::LINE, $type['max']),
            'conditions' => self::listed(self::CONDITION, $type['max']),
            'rule' => ['type' => ['object', 'null']],
            default => throw new LogicException('No schema says what a setting of the type '
                .(is_string($type['type']) ? $type['type'] : '').' takes.'),
        };
    }

    /** @return array<string, mixed> */
    private static function days(): array
    {
        $day = ['type' => ['string', 'null'], 'pattern' => '^'.self::DAY.'$'];

        return ['type' => 'object', 'properties' => ['from' => $day, 'to' => $day], 'additionalProperties' => false];
    }

    /**
     * @param  array<string, mixed>  $item
     * @return array<string, mixed>
     */
    private static function listed(array $item, mixed $most = null): array
    {
        return ['type' => 'array', 'items' => $item] + (is_int($most) ? ['maxItems' => $most] : []);
    }

    /**
     * @param  array<string, mixed>  $type
     * @return array<string, mixed>
     */
    private static function measure(array $type): array
    {
        $units = is_array($type['units'] ?? null) ? $type['units'] : [];
        $pixels = is_array($units['px'] ?? null) ? $units['px'] : null;
        $words = array_column(is_array($type['words'] ?? null) ? $type['words'] : [], 'value');

        return ['anyOf' => array_values(array_filter([
            $pixels === null ? null : ['type' => 'integer', 'minimum' => $pixels[0] ?? 0, 'maximum' => $pixels[1] ?? 0],
            [
                'type' => 'string',
                'pattern' =>
                    '^-?[0-9]{1,4}(?:\\.[0-9]{1,3})?(?:'.implode('|', array_map(strval(...), array_keys($units))).')$',
            ],
            $words === [] ? null : ['enum' => $words],
            match ($type['scale'] ?? null) {
                'step' => ['type' => 'string', 'pattern' => '^step-[0-'.(count(HouseStyle::STEPS) - 1).']$'],
                'size' => ['type' => 'string', 'pattern' => '^size-[0-'.(HouseStyle::SIZES - 1).']$'],
                default => null,
            },
        ]))];
    }
}
