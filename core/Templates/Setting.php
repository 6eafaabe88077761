<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Day;
use Vestibra\Core\Templates\Types\Link;
use Vestibra\Core\Templates\Types\PictureChoice;
use Vestibra\Core\Templates\Types\RichText;

/**
 * One setting of a block, declared once: validation, the settings panel and the schema all come from it.
 *
 * @shape Setting array{name: string, label: string, question: Question, default: Value, property: string|null,
 *     houseToken: string|null, sourced: bool, takes: list<string>, while: array{name: string,
 *     values: list<string|bool>}|null, unless: array{name: string, values: list<string|bool|int>, words: string}|null,
 *     eased: array{tablet?: int, phone?: int}, type: SettingTypeName, max?: int, min?: int, unit?: string,
 *     lines?: bool, things?: string, none?: string, cut?: int, whole?: bool, options?: list<array{value: string,
 *     words: string}>, roles?: list<string>, steps?: list<int>, units?: array<string, list<float>>,
 *     scale?: 'step'|'size'|null, words?: list<array{value: string, words: string}>}
 *
 * @api
 */
final readonly class Setting
{
    /**
     * @param  array{name: string, values: list<string|bool>}|null  $while  what another setting has to be for it to
     *     count
     * @param  array<string, int>  $eased  by width: the most that a wider one may say for it
     * @param  array{name: string, values: list<string|bool|int>, words: string}|null  $unless  what another setting has
     *     to be for it to have no effect; without values, anything but its default
     * @param  bool  $stays  of words: whether those that it comes with stand for themselves
     */
    private function __construct(
        public string $name,
        public string $label,
        public Question $question,
        public SettingType $type,
        public mixed $default,
        public ?string $property,
        public ?string $houseToken,
        public bool $sourced,
        public ?string $says = null,
        public ?array $while = null,
        public array $eased = [],
        public bool $stays = false,
        public ?array $unless = null,
    ) {
    }

    /** A number that a wider width says counts on a narrower one as so many at most, unless that says one itself. */
    public function eased(int $tablet, int $phone): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->question,
            $this->type,
            $this->default,
            $this->property,
            $this->houseToken,
            $this->sourced,
            $this->says,
            $this->while,
            ['tablet' => $tablet, 'phone' => $phone],
            $this->stays,
            $this->unless,
        );
    }

    /** It counts only while another setting of the block has one of these values: the panel shows it then. */
    public function while(string $name, string|bool ...$values): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->question,
            $this->type,
            $this->default,
            $this->property,
            $this->houseToken,
            $this->sourced,
            $this->says,
            ['name' => $name, 'values' => array_values($values)],
            $this->eased,
            $this->stays,
            $this->unless,
        );
    }

    /**
     * It is overruled, and the panel says so, while another setting of the block has one of these values; without any,
     * while that is anything but its default.
     *
     * @param  string  $words  what decides instead, as “a number of rows is set”
     */
    public function unless(string $name, string $words, string|bool|int ...$values): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->question,
            $this->type,
            $this->default,
            $this->property,
            $this->houseToken,
            $this->sourced,
            $this->says,
            $this->while,
            $this->eased,
            $this->stays,
            ['name' => $name, 'values' => array_values($values), 'words' => $words],
        );
    }

    /** The words that it comes with say nothing about the shop or its goods, so that nobody has to replace them. */
    public function staying(): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->question,
            $this->type,
            $this->default,
            $this->property,
            $this->houseToken,
            $this->sourced,
            $this->says,
            $this->while,
            $this->eased,
            true,
            $this->unless,
        );
    }

    public static function what(string $name, string $label, SettingType $type, mixed $default): self
    {
        return new self($name, $label, Question::What, $type, $default, null, null, false);
    }

    /** The value may be typed in or come from the product. */
    public static function sourced(string $name, string $label, SettingType $type, mixed $default): self
    {
        return new self($name, $label, Question::What, $type, $default, null, null, true);
    }

    /**
     * Words that customers read, with those of the shop's language where nobody typed others.
     *
     * @param  string  $says  the key of the message that stands there while it is unset
     */
    public static function words(
        string $name,
        string $label,
        SettingType $type,
        string $says,
        bool $sourced = false,
    ): self {
        return new self($name, $label, Question::What, $type, '', null, null, $sourced, $says);
    }

    /**
     * A style, per width. Unset means the house style decides.
     *
     * @param  string  $property  the CSS property it sets on the block's outermost element, often a custom one
     * @param  string|null  $houseToken  the token that decides while it is unset
     */
    public static function how(
        string $name,
        string $label,
        SettingType&StyleValue $type,
        string $property,
        ?string $houseToken = null,
    ): self {
        return new self($name, $label, Question::How, $type, null, $property, $houseToken, false);
    }

    /**
     * A style of one of a block's pieces. Unset means that the house style decides, or the kind of block.
     *
     * @param  string  $name  as StyleKey writes it
     */
    public static function style(string $name, string $label, SettingType&StyleValue $type): self
    {
        return new self($name, $label, Question::How, $type, null, null, null, false);
    }

    /** How what stands in the block is arranged, per width: no style of the block itself. */
    public static function arranged(string $name, string $label, SettingType $type): self
    {
        return new self($name, $label, Question::How, $type, null, null, null, false);
    }

    public static function when(string $name, string $label, SettingType $type, mixed $default): self
    {
        return new self($name, $label, Question::When, $type, $default, null, null, false);
    }

    /** @return list<SourceValue> what a source has to give to fill it; empty when it cannot have one */
    public function takes(): array
    {
        return match (true) {
            ! $this->sourced => [],
            $this->type instanceof PictureChoice => [SourceValue::Picture],
            $this->type instanceof Link => [SourceValue::Link],
            $this->type instanceof Day => [SourceValue::Day],
            $this->type instanceof Amount => [SourceValue::Number],
            $this->type instanceof RichText => [SourceValue::RichText, SourceValue::Words],
            default => [SourceValue::Words, SourceValue::RichText],
        };
    }

    /** @return array<string, mixed> */
    public function describe(Messages $messages): array
    {
        return [
            'name' => $this->name,
            'label' => $this->label,
            'question' => $this->question->value,
            'default' => $this->says === null ? $this->default : $messages->say($this->says),
            'property' => $this->property,
            'houseToken' => $this->houseToken,
            'sourced' => $this->sourced,
            'takes' => array_column($this->takes(), 'value'),
            'while' => $this->while,
            'unless' => $this->unless,
            'eased' => (object) $this->eased,
            ...$this->type->describe(),
        ];
    }
}
