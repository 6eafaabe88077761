<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

/**
 * What a field holds. In brackets: the value in JSON.
 *
 * @api
 */
enum FieldType: string
{
    /** A line of words (string). */
    case Line = 'line';
    /** Words with line breaks, without marks (string). */
    case Text = 'text';
    /** Rich text, to be made safe on the way in (string of HTML). */
    case Rich = 'rich';
    /** The readable key in addresses (string). */
    case AddressName = 'address-name';
    /** Yes or no (boolean). */
    case Flag = 'flag';
    /** An amount of the shop's currency (whole number of minor units, or null). */
    case Money = 'money';
    /** A number of pieces, or a place in an order (whole number, or null where it is not counted). */
    case Count = 'count';
    /** An instant from which something holds (RFC 3339 in UTC, or null). */
    case From = 'from';
    /** An instant until which something holds; a day means its end (RFC 3339 in UTC, or null). */
    case Until = 'until';
    /** The number under a bar code (thirteen digits, or empty). */
    case Barcode = 'barcode';
    /** What a package holds (a quantity with its measure, as `30 ml`, or null). */
    case Contents = 'contents';
    /** A colour (`#rrggbb`, or null). */
    case Colour = 'colour';
    /** One thing (its number, or null). */
    case One = 'one';
    /** Several things, in no order (numbers, the smallest first). */
    case Several = 'several';
    /** Several things in the owner's order (numbers). */
    case Ordered = 'ordered';
    /** The values of a fact as they were written (list of strings, or null for none). */
    case Written = 'written';
    /**
     * Things that were merged into this one, and are not there any more (numbers, the smallest first): rules and
     * addresses that name them mean it. Only merging writes it.
     */
    case Merged = 'merged';
    /** What a collection holds by rule (a reach, or null for one by hand). */
    case Rule = 'rule';
}
