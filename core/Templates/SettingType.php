<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * What values a setting takes.
 *
 * @shape Value string|int|bool|list<string>|list<int>|list<Condition>|list<LinkLine>|Days|Source|Reach|null
 * @shape SettingTypeName
 *     'amount'|'around'|'card'|'choice'|'colour'|'conditions'|'day'|'days'|'extent'|'html'|'link'|'links'|'measure'|
 *     'numbered'|'numbers'|'order'|'picture'|'products'|'proportion'|'rich-text'|'rule'|'several'|'shadow'|'step'|
 *     'text'|'time'|'toggle'|'widths'
 *
 * @api
 */
interface SettingType
{
    /** @return SettingProblem|null what is wrong with a value; null when it is accepted */
    public function problem(mixed $value): ?SettingProblem;

    /** @return array<string, mixed> what the settings panel and the schema need; `type` is always there */
    public function describe(): array;
}
