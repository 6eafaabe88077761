<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use NumberFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\MoneyText;
use Vestibra\Core\Problem;
use Vestibra\Tests\Core\Chance;

/** Amounts as CLDR writes them in many countries (through ext-intl) are read back to the same minor units. */
final class MoneyTextTest extends TestCase
{
    #[DataProvider('currencies')]
    public function test_what_the_world_writes_is_read(string $currency, int $digits): void
    {
        $chance = new Chance(11 + $digits);
        foreach ([
            'en_GB', 'en_US', 'de_DE', 'de_CH', 'fr_FR', 'it_IT', 'pl_PL', 'sv_SE', 'nl_NL', 'es_ES', 'pt_BR', 'cs_CZ',
            'ja_JP', 'tr_TR',
        ] as $locale) {
            $formatter = new NumberFormatter($locale, NumberFormatter::CURRENCY);
            for ($try = 0; $try < 40; $try++) {
                $minor = $chance->number(0, 10 ** $chance->number(1, 10));
                $written = (string) $formatter->formatCurrency($minor / 10 ** $digits, $currency);
                $read = MoneyText::read($written, $digits, $currency);

                $doubtful = $read instanceof Problem && $read->code === CatalogueProblem::InDoubt;
                self::assertTrue($read === $minor || $doubtful, "$written in $locale is $minor");
                self::assertSame(
                    $doubtful,
                    preg_match('/^[1-9]\d{0,2}[.,]\d{3}$/D', (string) preg_replace('/[^\d.,]/', '', $written)) === 1,
                    $written,
                );
            }
        }
    }

    /** @return iterable<string, array{string, int}> minor units after ISO 4217 */
    public static function currencies(): iterable
    {
        yield 'none' => ['JPY', 0];
        yield 'two' => ['EUR', 2];
        yield 'three' => ['KWD', 3];
    }

    #[DataProvider('amounts')]
    public function test_one_amount(
        string $written,
        int $digits,
        int|CatalogueProblem $expected,
        string $currency = 'GBP',
    ): void {
        $read = MoneyText::read($written, $digits, $currency);

        self::assertSame($expected, $read instanceof Problem ? $read->code : $read);
    }

    /** @return iterable<array{0: string, 1: int, 2: int|CatalogueProblem, 3?: string}> */
    public static function amounts(): iterable
    {
        yield ['1.234,56 €', 2, 123_456, 'EUR'];
        yield ['£1,234.56', 2, 123_456];
        yield ["1'234.56", 2, 123_456];
        yield ["1\u{202F}234,5", 2, 123_450];
        yield ['CHF 12.50', 2, 1_250, 'CHF'];
        yield ['12 kr', 2, 1_200, 'SEK'];
        yield ['12 kr.', 2, 1_200, 'DKK'];
        yield ['gbp 12', 2, 1_200];
        yield ['GBP12.50', 2, 1_250];
        yield ['12.50GBP', 2, 1_250];
        yield ['1.234.567', 2, 123_456_700];
        yield ['0', 2, 0];
        yield ['12.500', 3, CatalogueProblem::InDoubt];
        yield ['1,234', 2, CatalogueProblem::InDoubt];
        yield ['1.234', 0, CatalogueProblem::InDoubt];
        yield ['0.123', 2, CatalogueProblem::TooFine];
        yield ['12.345,678', 2, CatalogueProblem::TooFine];
        yield ['0.120', 2, 12];
        yield ['1234.567', 2, CatalogueProblem::TooFine];
        yield ['12.5', 0, CatalogueProblem::TooFine];
        yield ['-3', 2, CatalogueProblem::Negative];
        yield ['−3.00 €', 2, CatalogueProblem::Negative, 'EUR'];
        yield ['£-3', 2, CatalogueProblem::Negative];
        yield ['-£3', 2, CatalogueProblem::Negative];
        yield ['3-', 2, CatalogueProblem::Negative];
        yield ['12,50 EUR', 2, CatalogueProblem::OtherCurrency];
        yield ['$12', 2, CatalogueProblem::OtherCurrency];
        yield ['12 €', 2, CatalogueProblem::OtherCurrency];
        yield ['1.234,5x', 2, CatalogueProblem::NotAnAmount];
        yield ['12x', 2, CatalogueProblem::NotAnAmount];
        yield ['abcd12', 2, CatalogueProblem::NotAnAmount];
        yield ['12.50 kg', 2, CatalogueProblem::NotAnAmount];
        yield ['£12.50 £', 2, CatalogueProblem::NotAnAmount];
        yield ['£', 2, CatalogueProblem::NotAnAmount];
        yield ['12.50.', 2, CatalogueProblem::NotAnAmount];
        yield ['(3.00)', 2, CatalogueProblem::Negative];
        yield ['999999999.99', 2, 99_999_999_999];
        yield ['1000000000.00', 2, CatalogueProblem::TooMuch];
        yield ['12,34,56', 2, CatalogueProblem::NotAnAmount];
        yield ['1,234.567.8', 2, CatalogueProblem::NotAnAmount];
        yield ['free', 2, CatalogueProblem::NotAnAmount];
        yield ['1e5', 2, CatalogueProblem::NotAnAmount];
        yield ['', 2, CatalogueProblem::NotAnAmount];
        yield ["12\n13", 2, CatalogueProblem::NotAnAmount];
    }

    public function test_whatever_else_stands_beside_an_amount_it_is_none(): void
    {
        $chance = new Chance(7);
        $marks = ['x', 'kg', 'each', '%', 'a', '€', 'US$', 'EUR', 'abc', '/m', '#', '½', 'o', 'l'];
        for ($try = 0; $try < 200; $try++) {
            $mark = $marks[$chance->number(0, count($marks) - 1)];
            $amount = $chance->number(0, 99_999).'.'.$chance->number(10, 99);
            foreach (["$mark$amount", "$amount$mark", "$mark $amount", "$amount $mark", "£$amount$mark"] as $written) {
                self::assertInstanceOf(Problem::class, MoneyText::read($written, 2, 'GBP'), $written);
            }
        }
    }

    public function test_of_three_decimals_the_readings_of_a_doubt_have_three(): void
    {
        $doubt = MoneyText::read('2.345', 3, 'KWD');

        self::assertInstanceOf(Problem::class, $doubt);
        self::assertSame(['2345.000', '2.345'], [$doubt->values['large'], $doubt->values['small']]);
        self::assertSame('2.345', $doubt->values['written']);
    }

    public function test_a_doubt_offers_both_readings_which_are_read_then(): void
    {
        $doubt = MoneyText::read('2.345', 2, 'GBP');

        self::assertInstanceOf(Problem::class, $doubt);
        self::assertSame(234_500, MoneyText::read((string) $doubt->values['large'], 2, 'GBP'));
        self::assertSame(234, MoneyText::read((string) $doubt->values['small'], 2, 'GBP'));
    }
}
