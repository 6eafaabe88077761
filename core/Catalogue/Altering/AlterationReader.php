<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Altering;

use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Problem;

/**
 * Reads what is to be done to many products from untrusted JSON (already decoded), a list with one of these for each:
 * `{what: 'brand', set: 3}` · `{what: 'published', set: true}` ·
 * `{what: 'categories'|'tags'|'collections', in: [1], out: [2]}` ·
 * `{what: 'fact', of: 5, set: ['yes']}` · `{what: 'price', how: 'to'|'by'|'percent', amount: '-10', ending: '90'}` ·
 * `{what: 'sale', how: …, amount: …, from: '2026-12-01', until: '2026-12-31'}`, with `how: 'none'` to end it ·
 * `{what: 'stock', how: 'to'|'by'|'uncounted', amount: '5'}`.
 *
 * @api
 */
final readonly class AlterationReader
{
    private const MOST = 20;

    private const MOST_PERCENT = 1000;

    /** Facts that many products can have the same value of. */
    private const ALIKE = [
        FactKind::Text, FactKind::Choice, FactKind::Several, FactKind::Number, FactKind::Date, FactKind::YesNo,
    ];

    /**
     * @param  int  $digits  how many digits of an amount are minor units
     * @param  array<int, Fact>  $facts  by number
     */
    public function __construct(
        private FieldReader $fields,
        private int $digits,
        private array $facts,
    ) {
    }

    /** @return non-empty-list<Alteration>|non-empty-list<Problem> paths are places of the list */
    public function read(mixed $input): array
    {
        if (! is_array($input) || $input === [] || count($input) > self::MOST) {
            return [CatalogueProblem::NotAnEntry->at()];
        }
        $read = $problems = [];
        foreach (array_values($input) as $at => $one) {
            $what = is_array($one) ? $this->one($one) : CatalogueProblem::NotAnEntry->at();
            $what instanceof Problem ? $problems[] = $what->code->at((string) $at, $what->values) : $read[] = $what;
        }

        return $problems !== [] ? $problems : ($read !== [] ? $read : [CatalogueProblem::NotAnEntry->at()]);
    }

    /** @param  array<array-key, mixed>  $input */
    private function one(array $input): Alteration|Problem
    {
        $what = $input['what'] ?? null;

        return match ($what) {
            'brand', 'published' => $this->set($what, $input['set'] ?? null),
            'categories', 'tags', 'collections' => self::takes($what, $input),
            'fact' => $this->fact($input),
            'price' => $this->price($input),
            'sale' => $this->sale($input),
            'stock' => self::stock($input),
            default => CatalogueProblem::UnknownField->at('', ['field' => is_string($what) ? mb_substr($what, 0, 40)
                : '']),
        };
    }

    private function set(string $field, mixed $written): Alteration|Problem
    {
        $value = $this->fields->read(ThingFields::of(Thing::Product)[$field], $written);

        return $value instanceof Problem ? $value : new SetField(Thing::Product, $field, $value);
    }

    /**
     * @param  'categories'|'tags'|'collections'  $field
     * @param  array<array-key, mixed>  $input
     */
    private static function takes(string $field, array $input): Alteration|Problem
    {
        [$in, $out] = [self::ids($input['in'] ?? []), self::ids($input['out'] ?? [])];

        if ($in === null || $out === null || [...$in, ...$out] === []) {
            return CatalogueProblem::NotThings->at('', ['field' => $field]);
        }
        $out = array_values(array_diff($out, $in));

        return $field === 'collections' ? new PutIntoCollections($in, $out) : new TakeInAndOut($field, $in, $out);
    }

    /** @return list<int>|null */
    private static function ids(mixed $written): ?array
    {
        $ids = is_array($written) ? array_filter($written, static fn (mixed $one): bool => is_int($one) && $one > 0)
            : [];

        return is_array($written) && count($ids) === count($written) && count($ids) <= 100
            ? array_values(array_unique($ids))
            : null;
    }

    /** @param  array<array-key, mixed>  $input */
    private function fact(array $input): Alteration|Problem
    {
        $fact = is_int($input['of'] ?? null) ? $this->facts[$input['of']] ?? null : null;
        $set = $input['set'] ?? null;
        $written = is_array($set)
            ? array_values(array_filter(array_map(static fn (mixed $one): string => is_string($one)
                ? trim($one)
                : '', $set), static fn (string $one): bool => $one !== ''))
            : [];
        if ($fact === null || ! in_array($fact->kind, self::ALIKE, true)) {
            return CatalogueProblem::UnknownField->at('', ['field' => 'fact']);
        }
        $value = FactValue::of($fact, $written);

        return $written !== [] && ($value === null || count($value->shown) !== count($written))
            ? CatalogueProblem::NotOfTheFact->at('', ['fact' => $fact->name, 'written' => mb_substr($written[0], 0,
                40)])
            : new SetField(Thing::Product, ThingFields::fact($fact->id), $value->shown ?? []);
    }

    /** @param  array<array-key, mixed>  $input */
    private function price(array $input): Alteration|Problem
    {
        $amount = $this->amount($input);

        return $amount instanceof Problem ? $amount : new PriceAlteration($amount);
    }

    /** @param  array<array-key, mixed>  $input */
    private function sale(array $input): Alteration|Problem
    {
        if (($input['how'] ?? null) === 'none') {
            return new SaleAlteration(null);
        }
        $amount = $this->amount($input);
        $fields = ThingFields::of(Thing::Variant);
        $from = $this->fields->read($fields['saleFrom'], $input['from'] ?? null);
        $until = $this->fields->read($fields['saleUntil'], $input['until'] ?? null);
        foreach ([$amount, $from, $until] as $read) {
            if ($read instanceof Problem) {
                return $read;
            }
        }

        return $amount instanceof PriceStep
            ? new SaleAlteration($amount, is_string($from) ? $from : null, is_string($until) ? $until : null)
            : $amount;
    }

    /** @param  array<array-key, mixed>  $input */
    private static function stock(array $input): Alteration|Problem
    {
        $how = $input['how'] ?? null;
        $written = is_string($input['amount'] ?? null) ? str_replace('−', '-', trim($input['amount'])) : '';
        $isNumber = preg_match($how === 'by' ? '/^[+-]?\d{1,8}$/D' : '/^\d{1,8}$/D', $written) === 1;

        return match (true) {
            $how === 'uncounted' => new StockAlteration(null),
            in_array($how, ['to', 'by'], true) && $isNumber => new StockAlteration((int) $written, $how === 'by'),
            default => CatalogueProblem::NotACount->at('', [
                'most' => ThingFields::of(Thing::Variant)['stock']->most, 'written' => mb_substr($written, 0, 40),
            ]),
        };
    }

    /** @param  array<array-key, mixed>  $input */
    private function amount(array $input): PriceStep|Problem
    {
        $how = $input['how'] ?? null;
        $written = is_string($input['amount'] ?? null) ? str_replace('−', '-', trim($input['amount'])) : '';
        $ending = is_string($input['ending'] ?? null) && trim($input['ending']) !== '' ? trim($input['ending']) : null;
        if ($ending !== null && preg_match('/^[.,]?(\d{'.max(1, $this->digits).'})$/D', $ending, $part) !== 1) {
            return CatalogueProblem::NotAnEnding->at('', ['written' => mb_substr($ending, 0, 40)]);
        }
        $ending = $ending === null ? null : (int) ($part[1] ?? 0);
        if ($how === 'percent') {
            $number = str_replace(',', '.', rtrim($written, "% \u{a0}"));

            return preg_match('/^[+-]?\d{1,4}(?:\.\d{1,2})?$/D', $number) !== 1
                || abs((float) $number) > self::MOST_PERCENT
                ? CatalogueProblem::NotAPercentage->at('', ['written' => mb_substr($written, 0, 40)])
                : new PriceStep('percent', ltrim($number, '+'), $ending, 10 ** $this->digits);
        }
        $isLess = $how === 'by' && str_starts_with($written, '-');
        $amount = in_array($how, ['to', 'by'], true)
            ? $this->fields->read(ThingFields::of(Thing::Variant)['price'], ltrim($written, $how === 'by' ? '+-' : ''))
            : CatalogueProblem::NotAnAmount->at('', ['written' => mb_substr($written, 0, 40)]);

        return match (true) {
            $amount instanceof Problem => $amount,
            ! is_int($amount) => CatalogueProblem::NotAnAmount->at('', ['written' => mb_substr($written, 0, 40)]),
            default => new PriceStep($how === 'by' ? 'by' : 'to', ($isLess ? '-' : '').$amount, $ending,
                10 ** $this->digits),
        };
    }
}
