<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * What values a comparison takes, and how they are written in a stored condition.
 *
 * @api
 */
enum ConditionValues: string
{
    case Nothing = 'nothing';
    /** Ids of living or deleted things, at least one. */
    case Names = 'names';
    /** One amount of money in minor units. */
    case Money = 'money';
    /** Two amounts of money, the lower first. */
    case MoneyRange = 'money-range';
    /** One whole number from 0. */
    case Count = 'count';
    /** One number of days from 1. */
    case Days = 'days';
    /** One number of stars, in tenths, from 10 to 50. */
    case Stars = 'stars';
    /** One instant as `2026-12-31T00:00:00Z`; a bare date is taken as 00:00 in the shop's zone when it is read. */
    case Instant = 'instant';
    /** One text with at least one word in it. */
    case Words = 'words';
    /** Several texts, compared folded. */
    case Texts = 'texts';
    /** One number of a fact (scaled), or a date as 20261231. */
    case FactNumber = 'fact-number';
    case FactRange = 'fact-range';
    /** Kinds of pages by name. */
    case PageKinds = 'page-kinds';
}
