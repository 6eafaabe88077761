<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use ResourceBundle;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SameTime;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\CatalogueAnswer;
use Vestibra\App\Ground\Problems\MoneyProblem;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Sheets\MoneyChange;
use Vestibra\Core\Selling\MoneySettings;

/**
 * Money and measures of the whole shop.
 *
 * @shape MoneyPage array{settings: MoneySettings, currencies: list<array{code: string, name: string, digits: int}>,
 *     prices: int, rules: list<string>, locale: string}
 */
final readonly class MoneyController
{
    public function __construct(
        private ShopSettings $settings,
        private MoneyChange $change,
    ) {
    }

    public function index(): View
    {
        return Screen::show('money', 'Money and measures', [
            'settings' => $this->settings->money()->toArray(),
            'currencies' => self::currencies(),
            'prices' => Variant::query()->toBase()->count(),
            'rules' => MoneyChange::rules(),
            'locale' => str_replace('_', '-', config()->string('vestibra.locale')),
        ]);
    }

    public function set(Request $request, CatalogueAnswer $answer): JsonResponse
    {
        $stands = $this->settings->money();
        $wanted = SameTime::of($request, $stands->toArray(), [
            'currency' => Asked::text($request, 'currency', 10),
            'tax' => Asked::text($request, 'tax', 20),
            'rate' => str_replace(',', '.', trim(Asked::text($request, 'rate', 10), " %\u{a0}")),
            'volume' => Asked::text($request, 'volume', 5),
            'weight' => Asked::text($request, 'weight', 5),
        ]);
        if ($wanted instanceof JsonResponse) {
            return $wanted;
        }
        $problem = match (true) {
            ! in_array(
                $wanted['currency'],
                array_column(self::currencies(), 'code'),
                true,
            ) && $wanted['currency'] !== $stands->currency => MoneyProblem::UnknownCurrency->at('currency'),
            ! is_string($wanted['rate']) || ! MoneySettings::isRate($wanted['rate']) => MoneyProblem::NotARate->at(
                'rate',
            ),
            array_diff_key(MoneySettings::of($wanted, $stands->currency)->toArray(), [
                'currency' => 1,
                'rate' => 1,
            ]) !== array_diff_key($wanted, ['currency' => 1, 'rate' => 1]) => MoneyProblem::NotAChoice->at(),
            default => null,
        };
        if ($problem !== null) {
            return new JsonResponse(ProblemWords::answer([$problem]), 422);
        }
        set_time_limit(0);
        $settings = MoneySettings::of($wanted, $stands->currency);
        $done = $this->change->make($settings, SignedIn::user(), Asked::id($request, 'takeBack'));

        return $done instanceof Refusal
            ? $answer->of($done)
            : new JsonResponse(['settings' => $settings->toArray(), 'entry' => $done, 'rules' => MoneyChange::rules()]);
    }

    /** @return list<array{code: string, name: string, digits: int}> */
    private static function currencies(): array
    {
        return array_map(
            static fn (string $code): array =>
                ['code' => $code, 'name' => self::name($code), 'digits' => ShopSettings::digits($code)],
            ShopSettings::currencies(),
        );
    }

    private static function name(string $code): string
    {
        $names = ResourceBundle::create('en', 'ICUDATA-curr')?->get('Currencies');
        $one = $names instanceof ResourceBundle ? $names->get($code) : null;
        $name = $one instanceof ResourceBundle ? $one->get(1) : null;

        return is_string($name) ? $name : $code;
    }
}
