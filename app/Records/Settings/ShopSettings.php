<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Settings;

use NumberFormatter;
use ResourceBundle;
use Vestibra\App\Records\Models\Shop\ShopSetting;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Selling\MoneySettings;

/** What the owner has set for the whole shop. */
final class ShopSettings
{
    /** Of an amount in minor units. */
    private const MOST_DIGITS = 3;

    private ?MoneySettings $money = null;

    private ?MoneyFormat $format = null;

    public function __construct(private readonly LiveSettings $settings)
    {
    }

    public function money(): MoneySettings
    {
        if ($this->money === null) {
            $this->money = self::read($this->settings->money());
        }

        return $this->money;
    }

    /** How amounts are written. */
    public function format(): MoneyFormat
    {
        return $this->format ??=
            new MoneyFormat($this->money()->currency, config()->string('vestibra.locale'), $this->money());
    }

    private static function read(?string $stored): MoneySettings
    {
        $read = $stored === null ? null : json_decode($stored, true);

        return MoneySettings::of(is_array($read) ? $read : [], config()->string('vestibra.currency'));
    }

    public function setMoney(MoneySettings $money): void
    {
        ShopSetting::query()->toBase()->upsert(
            ['name' => 'money', 'value' => json_encode($money->toArray(), JSON_THROW_ON_ERROR)],
            ['name'],
            ['value'],
        );
        $this->settings->forget();
        $this->money = $money;
        $this->format = null;
    }

    /** @return list<string> ISO 4217 codes of the currencies that are tender somewhere today, after CLDR */
    public static function currencies(): array
    {
        $regions = ResourceBundle::create('supplementalData', 'ICUDATA-curr', false)?->get('CurrencyMap');
        $codes = [];
        foreach ($regions instanceof ResourceBundle ? $regions : [] as $region) {
            foreach ($region instanceof ResourceBundle ? $region : [] as $one) {
                $code = $one instanceof ResourceBundle ? $one->get('id') : null;
                if (is_string($code)
                    && $one->get('to') === null
                    && $one->get('tender') !== 'false'
                    && self::digits($code) <= self::MOST_DIGITS) {
                    $codes[$code] = $code;
                }
            }
        }
        sort($codes);

        return $codes;
    }

    /** @return int how many digits of an amount are minor units (ISO 4217, through CLDR) */
    public static function digits(string $currency): int
    {
        return (new NumberFormatter("en@currency=$currency", NumberFormatter::CURRENCY))
            ->getAttribute(NumberFormatter::FRACTION_DIGITS);
    }
}
