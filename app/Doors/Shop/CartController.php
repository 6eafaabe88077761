<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use LogicException;
use stdClass;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Visits;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Shop\Cart;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\PriceWords;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Selling\CartLimits;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Selling\PickedVariant;

final readonly class CartController
{
    private const MOST_PICKERS = 20;

    public function __construct(
        private ShopClock $clock,
        private Messages $messages,
        private MoneyFormat $money,
        private PagesOfTheShop $pages,
    ) {
    }

    public function show(Cart $cart): View
    {
        return view(
            'shop::cart',
            [
                'standsOn' => PageKind::Cart,
                'title' => $this->messages->say('cart.title'),
                'money' => $this->money,
                'tax' => PriceWords::tax($this->money, $this->messages),
            ]
                + $cart->read($this->clock->now()),
        );
    }

    public function add(Request $request, Cart $cart): RedirectResponse|JsonResponse
    {
        $shown = $cart->buyable(Asked::id($request, 'variant'));
        if ($shown === null) {
            return $this->answer($request, $cart, $this->messages->say('buy.not-to-be-had'), 422);
        }
        [$product, $picked] = $this->picked($request, $shown);
        if (Asked::given($request, 'choose')) {
            // Where there is none such, that page shows the nearest and says so.
            return redirect(PageAddresses::address(PageKind::Product, $product->slug).'?'.http_build_query(
                ['o' => $picked->values],
            ));
        }
        $variant = $picked->variant === null ? null : $cart->buyable($picked->variant->id);
        if ($variant === null) {
            return $this->answer($request, $cart, $this->messages->say('buy.no-such', ['title' => $shown->title]), 422);
        }
        $before = $cart->quantities()[$variant->id] ?? 0;
        // Of the button's own block, or of one that asks for itself.
        $many = Asked::number($request, 'many', 1, 1, CartLimits::MOST);
        $wanted = Asked::number($request, self::of($request, 'quantity'), $many, 1, CartLimits::MOST);
        $after = $cart->set($variant, $before + $wanted);
        $key = match (true) {
            $after === 0 => isset($product->variants[1]) ? 'buy.none-left' : 'buy.none-left-one',
            $after < $before + $wanted => 'buy.fewer',
            default => 'buy.in-cart',
        };

        return $this->answer(
            $request,
            $cart,
            $this->messages->say($key, ['title' => $variant->title, 'left' => $after]),
            $after === 0 ? 422 : 200,
        );
    }

    public function change(Request $request, Cart $cart): RedirectResponse
    {
        $id = Asked::id($request, 'variant');
        $variant = $cart->buyable($id);
        $wanted = Asked::given($request, 'remove') ? 0 : Asked::number($request, 'quantity', 0, 0, CartLimits::MOST);
        if ($variant === null) {
            $cart->forget($id);

            return redirect('/cart')->with('said', $this->messages->say('cart.gone'));
        }
        $after = $cart->set($variant, $wanted);

        return redirect('/cart')->with('said', $this->messages->say(match (true) {
            $after === 0 => 'cart.out',
            $after < $wanted => 'cart.fewer',
            default => 'cart.changed',
        }, ['title' => $variant->title, 'left' => $after]));
    }

    public function checkout(Cart $cart): View
    {
        return view(
            'shop::checkout',
            [
                'standsOn' => PageKind::Checkout,
                'title' => $this->messages->say('checkout.title'),
                'money' => $this->money,
                'tax' => PriceWords::tax($this->money, $this->messages),
            ]
                + $cart->read($this->clock->now()),
        );
    }

    private static function next(Request $request): string
    {
        return Asked::given($request, 'now') || Asked::text($request, self::of($request, 'after')) === 'checkout'
            ? '/checkout'
            : '/cart';
    }

    /** @return string the name of a field of the block whose button was pressed: several may stand on a page */
    private static function of(Request $request, string $field): string
    {
        $block = Asked::text($request, Asked::given($request, 'now') ? 'now' : 'buy');

        return preg_match('/^[\w-]+$/D', $block) === 1 ? "$field.$block" : $field;
    }

    /** @return array{Product, PickedVariant} what was chosen, seen from the variant that the page was printed with */
    private function picked(Request $request, stdClass $shown): array
    {
        $product = $this->pages->get(PageKind::Product)->read((int) $shown->product_id);
        $variant = $product instanceof Product ? $product->variant((int) $shown->id) : null;
        if (! $product instanceof Product || $variant === null) {
            throw new LogicException('What can be bought is a variant of a product that customers see.');
        }
        $pickers = array_values(array_filter(Asked::map($request, 'choice', self::MOST_PICKERS), is_array(...)));

        return [$product, PickedVariant::of($product, $variant, array_map(Visits::wishes(...), $pickers))];
    }

    private function answer(Request $request, Cart $cart, string $words, int $status): RedirectResponse|JsonResponse
    {
        return $request->expectsJson()
            ? new JsonResponse(['message' => $words, 'count' => $cart->count()], $status)
            : redirect($status === 200 ? self::next($request) : url()->previous('/'))->with('said', $words);
    }
}
