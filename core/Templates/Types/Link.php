<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Catalogue\WebAddress;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * Where a click leads: a page of the shop from `/` on, or an https, http, mailto or tel address. Empty for nowhere.
 *
 * @api
 */
final readonly class Link implements SettingType
{
    public function problem(mixed $value): ?SettingProblem
    {
        return $value === '' || (is_string($value) && WebAddress::isGood($value)) ? null : SettingProblem::NotALink;
    }

    public function describe(): array
    {
        return ['type' => 'link', 'max' => WebAddress::MAX];
    }
}
