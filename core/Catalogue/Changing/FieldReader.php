<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

use Closure;
use DateTimeImmutable;
use Normalizer;
use Vestibra\Core\Catalogue\AddressName;
use Vestibra\Core\Catalogue\Contents;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Gtin;
use Vestibra\Core\Catalogue\MoneyText;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Problem;

/**
 * Reads what somebody wrote into a field. What cannot be read is said, never guessed.
 *
 * @api
 */
final readonly class FieldReader
{
    private const MOST_THING = 10 ** 15;

    /**
     * @param  int  $digits  how many digits of an amount are minor units
     * @param  string  $currency  ISO 4217
     * @param  Closure(string): string  $safe  makes HTML safe
     */
    public function __construct(
        private ShopZone $zone,
        private int $digits,
        private string $currency,
        private Closure $safe,
    ) {
    }

    /** @return mixed the value in its form (`FieldType`), or a Problem */
    public function read(ThingField $field, mixed $written): mixed
    {
        $value = match ($field->type) {
            FieldType::Line => self::line($field, $written),
            FieldType::Text => self::lines($field, $written),
            FieldType::Rich => $this->rich($field, $written),
            FieldType::AddressName => self::addressName($written),
            FieldType::Flag => is_bool($written) ? $written : CatalogueProblem::NotYesOrNo->at(),
            FieldType::Money => $this->money($written),
            FieldType::Count => self::count($field, $written),
            FieldType::From, FieldType::Until => $this->instant($field->type, $written),
            FieldType::Barcode => self::barcode($written),
            FieldType::Contents => self::contents($written),
            FieldType::Colour => self::colour($written),
            FieldType::One => $written === null || $written === '' ? null : self::thing($written),
            FieldType::Several, FieldType::Ordered => self::things($field, $written),
            FieldType::Written => CatalogueProblem::UnknownField->at(),
            FieldType::Merged => $written === [] ? [] : CatalogueProblem::UnknownField->at(),
            FieldType::Rule => $written === null || is_array($written) ? $written : CatalogueProblem::NotAnEntry->at(),
        };

        return match (true) {
            $value instanceof Problem => $value->code->at($field->name, $value->values + ['field' => $field->words]),
            $field->required && $field->isEmpty($value) => CatalogueProblem::Missing->at($field->name, [
                'field' => $field->words,
            ]),
            default => $value,
        };
    }

    private static function line(ThingField $field, mixed $written): string|Problem
    {
        $text = self::text($written);
        if ($text instanceof Problem) {
            return $text;
        }
        $line = trim((string) preg_replace('/[\p{Z}\p{Cc}]+/u', ' ', $text));

        return mb_strlen($line) > $field->most ? self::tooLong($field) : $line;
    }

    private static function lines(ThingField $field, mixed $written): string|Problem
    {
        $text = self::text($written);
        if ($text instanceof Problem) {
            return $text;
        }
        $lines = trim((string) preg_replace(['/\r\n?/', '/[^\P{Cc}\n]+/u', '/\n{3,}/'], ["\n", ' ', "\n\n"], $text));

        return mb_strlen($lines) > $field->most ? self::tooLong($field) : $lines;
    }

    private function rich(ThingField $field, mixed $written): string|Problem
    {
        $text = self::text($written);
        if ($text instanceof Problem) {
            return $text;
        }

        if (strlen($text) > $field->most) {
            return self::tooLong($field);
        }
        $safe = ($this->safe)($text);

        return preg_match('/^[\p{Z}\s]*$/uD', FactValue::plain($safe)) === 1 && ! str_contains($safe, '<hr')
            ? ''
            : $safe;
    }

    private static function text(mixed $written): string|Problem
    {
        $text = $written === null ? '' : $written;
        if (! is_string($text) || ! mb_check_encoding($text, 'UTF-8')) {
            return CatalogueProblem::NotWords->at();
        }
        if (str_contains($text, "\0")) {
            return CatalogueProblem::Unprintable->at();
        }
        $composed = Normalizer::normalize($text, Normalizer::FORM_C);

        return is_string($composed) ? $composed : '';
    }

    private static function tooLong(ThingField $field): Problem
    {
        return CatalogueProblem::TooLong->at('', ['most' => $field->most]);
    }

    private static function addressName(mixed $written): string|Problem
    {
        $text = self::text($written);
        if ($text instanceof Problem) {
            return $text;
        }
        $name = trim($text);
        if (mb_strlen($name) > AddressName::MOST) {
            return CatalogueProblem::TooLong->at('', ['most' => AddressName::MOST]);
        }

        return $name === '' || AddressName::isGood($name)
            ? $name
            : CatalogueProblem::NotAnAddressName->at('', ['better' => AddressName::from($name) ?: 'an-example']);
    }

    private function money(mixed $written): int|Problem|null
    {
        if (is_string($written)) {
            return trim($written) === '' ? null : MoneyText::read($written, $this->digits, $this->currency);
        }

        return match (true) {
            $written === null => null,
            ! is_int($written) => CatalogueProblem::NotAnAmount->at('', ['written' => '']),
            $written < 0 => CatalogueProblem::Negative->at('', ['written' => $written]),
            $written > MoneyText::MOST => CatalogueProblem::TooMuch->at('', ['written' => $written]),
            default => $written,
        };
    }

    private static function count(ThingField $field, mixed $written): int|Problem|null
    {
        if ($written === null || $written === '') {
            return null;
        }
        $number = is_string($written) && preg_match('/^\d{1,9}$/D', trim($written)) === 1
            ? (int) trim($written)
            : $written;

        return is_int($number) && $number >= 0 && $number <= $field->most
            ? $number
            : CatalogueProblem::NotACount->at(
                '',
                ['most' => $field->most, 'written' => is_scalar($written) ? mb_substr((string) $written, 0, 40) : ''],
            );
    }

    private function instant(FieldType $type, mixed $written): string|Problem|null
    {
        if ($written === null || $written === '') {
            return null;
        }
        $instant = is_string($written)
            ? ($type === FieldType::Until ? $this->zone->endOf($written) : null) ?? $this->zone->instant($written)
            : null;

        return $instant instanceof DateTimeImmutable
            ? $instant->format('Y-m-d\TH:i:s\Z')
            : CatalogueProblem::NotAnInstant->at();
    }

    private static function barcode(mixed $written): string|Problem
    {
        $text = is_int($written) ? (string) $written : $written;
        $digits = is_string($text) ? (string) preg_replace('/[\s-]+/', '', $text) : 'none';
        if ($digits === '') {
            return '';
        }
        if (preg_match('/^\d{8,13}$/D', $digits) !== 1) {
            return CatalogueProblem::NotABarcode->at();
        }
        $whole = Gtin::of(str_pad($digits, 13, '0', STR_PAD_LEFT));

        return match (true) {
            $whole === null => strlen($digits) === 13
                ? CatalogueProblem::BarcodeCheck
                    ->at('', ['digit' => Gtin::checkDigit(substr($digits, 0, 12)), 'last' => $digits[12]])
                : CatalogueProblem::NotABarcode->at(),
            strlen($digits) < 13 => CatalogueProblem::BarcodeZeros->at('', ['whole' => $whole->digits]),
            default => $whole->digits,
        };
    }

    private static function contents(mixed $written): string|Problem|null
    {
        if ($written === null || (is_string($written) && trim($written) === '')) {
            return null;
        }
        $read = is_string($written) ? Contents::read($written) : CatalogueProblem::NotContents->at();

        return $read instanceof Problem ? $read : $read->text();
    }

    private static function colour(mixed $written): string|Problem|null
    {
        return match (true) {
            $written === null, $written === '' => null,
            is_string($written) && preg_match('/^#[0-9a-f]{6}$/Di', $written) === 1 => strtolower($written),
            default => CatalogueProblem::NotAColour->at(),
        };
    }

    private static function thing(mixed $written): int|Problem
    {
        return is_int($written) && $written !== 0 && abs($written) < self::MOST_THING
            ? $written
            : CatalogueProblem::NotThings->at();
    }

    /** @return list<int>|Problem */
    private static function things(ThingField $field, mixed $written): array|Problem
    {
        if (! is_array($written)) {
            return CatalogueProblem::NotThings->at();
        }
        $things = [];
        foreach ($written as $one) {
            $thing = self::thing($one);
            if ($thing instanceof Problem) {
                return $thing;
            }
            $things[$thing] = $thing;
        }
        if (count($things) > $field->most) {
            return CatalogueProblem::TooMany->at('', ['most' => $field->most]);
        }
        if ($field->type === FieldType::Several) {
            ksort($things);
        }

        return array_values($things);
    }
}
