<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/**
 * In what the contents of a package are measured.
 *
 * @api
 */
enum Measure: string
{
    case Millilitre = 'ml';
    case Litre = 'l';
    case Gram = 'g';
    case Kilogram = 'kg';
    case Centimetre = 'cm';
    case Metre = 'm';
    case SquareMetre = 'm²';
    case Sheet = 'sheets';
    case Piece = 'pieces';

    /** As people write it. */
    public static function of(string $written): ?self
    {
        return match (mb_strtolower(rtrim(trim($written), '.'))) {
            'ml', 'millilitre', 'millilitres', 'milliliter' => self::Millilitre,
            'l', 'litre', 'litres', 'liter', 'ltr' => self::Litre,
            'g', 'gr', 'gram', 'grams', 'gramm' => self::Gram,
            'kg', 'kilo', 'kilogram', 'kilograms', 'kilogramm' => self::Kilogram,
            'cm', 'centimetre', 'centimetres', 'zentimeter' => self::Centimetre,
            'm', 'metre', 'metres', 'meter' => self::Metre,
            'm²', 'm2', 'qm', 'sqm' => self::SquareMetre,
            'sheet', 'sheets', 'blatt' => self::Sheet,
            'piece', 'pieces', 'pc', 'pcs', 'stück', 'stk' => self::Piece,
            default => null,
        };
    }

    /** @return int how many millilitres, grams, centimetres, square metres, sheets or pieces one is */
    public function size(): int
    {
        return match ($this) {
            self::Litre, self::Kilogram => 1000,
            self::Metre => 100,
            default => 1,
        };
    }
}
