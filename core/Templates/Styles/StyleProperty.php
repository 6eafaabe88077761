<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Styles;

use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\SettingType;

/**
 * One thing that can be set about how a piece looks, declared once for all pieces.
 *
 * @shape StyleProperty array{name: string, label: string, group: StyleGroupName, common: bool, needs: list<string>,
 *     instead: string, type: SettingTypeName, max?: int, min?: int, unit?: string, options?: list<array{value: string,
 *     words: string}>, roles?: list<string>, units?: array<string, list<float>>, scale?: 'step'|'size'|null,
 *     words?: list<array{value: string, words: string}>}
 * @shape StyleGroupName 'text'|'box'|'size'|'picture'|'movement'|'place'
 *
 * @api
 */
final readonly class StyleProperty
{
    /**
     * @param  string  $css  the CSS property; empty where it is a part of one that several make up together
     * @param  bool  $common  whether it is among those that are set often
     * @param  list<string>  $needs  it has no effect while none of these is set …
     * @param  string  $instead  … and what decides then, in the shopkeeper's words
     */
    public function __construct(
        public string $name,
        public string $label,
        public StyleGroup $group,
        public SettingType&StyleValue $type,
        public string $css = '',
        public bool $common = false,
        public array $needs = [],
        public string $instead = '',
    ) {
    }

    /** @return array<string, mixed> */
    public function describe(): array
    {
        return [
            'name' => $this->name,
            'label' => $this->label,
            'group' => $this->group->value,
            'common' => $this->common,
            'needs' => $this->needs,
            'instead' => $this->instead,
            ...$this->type->describe(),
        ];
    }
}
