<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/**
 * The number under a bar code, thirteen digits long, and the bars above it: GS1 General Specifications, check digit
 * (section 7.9) and EAN-13 symbol (section 5.2).
 *
 * @api
 */
final readonly class Gtin
{
    /** Seven modules for each digit on the left, odd parity; bars are 1. The other sets follow from it. */
    private const ODD = [
        '0001101', '0011001', '0010011', '0111101', '0100011', '0110001', '0101111', '0111011', '0110111', '0001011',
    ];

    /** Which of the six left digits have even parity: that is how the first digit is said. */
    private const PARITY = [
        '000000', '001011', '001101', '001110', '010011', '011001', '011100', '010101', '010110', '011010',
    ];

    private function __construct(public string $digits)
    {
    }

    /** @return self|null null when it is not thirteen digits with the right check digit */
    public static function of(string $digits): ?self
    {
        return preg_match('/^\d{13}$/D', $digits) === 1
            && self::checkDigit(substr($digits, 0, 12)) === (int) $digits[12]
            ? new self($digits)
            : null;
    }

    /** @param  string  $digits the first twelve */
    public static function checkDigit(string $digits): int
    {
        $sum = 0;
        foreach (array_map(intval(...), str_split($digits)) as $place => $digit) {
            $sum += $digit * ($place % 2 === 0 ? 1 : 3);
        }

        return (10 - $sum % 10) % 10;
    }

    /** @return string the 95 modules from left to right; a bar is 1, a space 0 */
    public function modules(): string
    {
        $parity = self::PARITY[(int) $this->digits[0]];
        $left = $right = '';
        for ($place = 0; $place < 6; $place++) {
            $odd = self::ODD[(int) $this->digits[$place + 1]];
            $left .= $parity[$place] === '0' ? $odd : strrev(self::turned($odd));
            $right .= self::turned(self::ODD[(int) $this->digits[$place + 7]]);
        }

        return "101{$left}01010{$right}101";
    }

    private static function turned(string $modules): string
    {
        return strtr($modules, '01', '10');
    }
}
