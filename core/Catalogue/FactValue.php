<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use DateTimeZone;
use Vestibra\Core\Messages\Messages;

/**
 * A fact as a product has it. Values as they are compared: folded text, `yes` and `no`, scaled numbers, dates as
 * 20261231, the numbers of things.
 *
 * @api
 */
final readonly class FactValue
{
    /**
     * @param  list<string>  $shown  the values as the owner wrote them
     * @param  non-empty-list<int|string>  $values
     */
    private function __construct(
        public Fact $fact,
        public array $shown,
        public array $values,
    ) {
    }

    /**
     * @param  list<string>  $written  rich text as HTML, numbers as `0.4`, dates as `2026-12-31`, yes-no as `yes` or
     *     `no`,
     *     things by their number
     * @return self|null null when nothing is filled in, or the value is not of the fact's kind
     */
    public static function of(Fact $fact, array $written): ?self
    {
        $shown = $values = [];
        foreach ($written as $one) {
            $value = self::compared($fact, $one);
            if ($value !== null && ! in_array($value, $values, true)) {
                $shown[] = $one;
                $values[] = $value;
            }
        }

        return $values === [] ? null : new self($fact, $shown, $values);
    }

    /**
     * The values as customers read them: `0.4 mm`, `31 December 2026`, `lilac, rose`; rich text without its marks.
     * Things have no words here.
     */
    public function words(Messages $messages): string
    {
        if ($this->fact->kind->namesThings()) {
            return '';
        }

        return implode(', ', array_map(fn (string $one): string => match ($this->fact->kind) {
            FactKind::Number => trim($messages->written($one).' '.$this->fact->unit),
            FactKind::Date => $messages->day(new DateTimeImmutable($one, new DateTimeZone('UTC'))),
            FactKind::YesNo => $messages->say('fact.'.Folding::fold($one)),
            FactKind::RichText => self::plain($one),
            default => $one,
        }, $this->shown));
    }

    /** @return list<int> the numbers of the things that it names */
    public function numbers(): array
    {
        return $this->fact->kind->namesThings() ? array_values(array_filter($this->values, is_int(...))) : [];
    }

    /** Rich text as plain words, a paragraph a line. */
    public static function plain(string $html): string
    {
        $lines = preg_replace('~<(br|/p|/li|/h[1-6]|/tr)\b[^>]*>~i', "\n", $html) ?? '';

        return trim(html_entity_decode(strip_tags($lines), ENT_QUOTES | ENT_HTML5));
    }

    /** @return int|string|null what a value is compared by */
    public static function compared(Fact $fact, string $written): int|string|null
    {
        $folded = Folding::fold($written);

        return match ($fact->kind) {
            FactKind::Number => self::scaled($fact, trim($written)),
            FactKind::Date => self::date($written),
            FactKind::YesNo => in_array($folded, ['yes', 'no'], true) ? $folded : null,
            FactKind::RichText => self::holdsSomething($written) ? 'filled' : null,
            FactKind::Link => WebAddress::isGood(trim($written)) ? $folded : null,
            FactKind::Picture, FactKind::Files, FactKind::Products,
            FactKind::Blocks => preg_match('/^[1-9]\d{0,8}$/D', $written) === 1 ? (int) $written : null,
            default => $folded === '' ? null : $folded,
        };
    }

    /** @return int|null 20261231 for `2026-12-31` */
    public static function date(string $written): ?int
    {
        return preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $written, $part) === 1
            && checkdate((int) $part[2], (int) $part[3], (int) $part[1])
            ? (int) ($part[1].$part[2].$part[3])
            : null;
    }

    private static function scaled(Fact $fact, string $written): ?int
    {
        if (preg_match('/^-?\d{1,12}(\.\d{1,9})?$/D', $written) !== 1) {
            return null;
        }
        $scaled = BigDecimal::of($written)->withPointMovedRight($fact->decimals);

        return $scaled->hasNonZeroFractionalPart() ? null : $scaled->toInt();
    }

    /** Rich text is empty when it holds neither words nor a picture. */
    /** Whether rich text has words or a picture. */
    public static function holdsSomething(string $html): bool
    {
        return stripos($html, '<img') !== false
            || preg_match('/[^\p{Z}\p{C}]/u', html_entity_decode(strip_tags($html), ENT_QUOTES | ENT_HTML5)) === 1;
    }
}
