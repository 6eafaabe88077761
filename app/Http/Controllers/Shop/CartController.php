<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Shop;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Vestibra\App\Http\Asked;
use Vestibra\App\Shop\Cart;
use Vestibra\App\ShopClock;
use Vestibra\Core\Composing\PriceWords;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Selling\CartLimits;
use Vestibra\Core\Selling\MoneyFormat;

final readonly class CartController
{
    public function __construct(
        private ShopClock $clock,
        private Messages $messages,
        private MoneyFormat $money,
    ) {
    }

    public function show(Cart $cart): View
    {
        return view('shop::cart', ['standsOn' => PageKind::Cart, 'title' => $this->messages->say('cart.title'), 'money' => $this->money, 'tax' => PriceWords::tax($this->money, $this->messages)] + $cart->read($this->clock->now()));
    }

    public function add(Request $request, Cart $cart): RedirectResponse|JsonResponse
    {
        $variant = $cart->buyable(Asked::id($request, 'variant'));
        if ($variant === null) {
            return $this->answer($request, $cart, $this->messages->say('buy.not-to-be-had'), 422);
        }
        $before = $cart->quantities()[$variant->id] ?? 0;
        $wanted = Asked::number($request, 'quantity', 1, 1, CartLimits::MOST);
        $after = $cart->set($variant, $before + $wanted);
        $key = match (true) {
            $after === 0 => 'buy.none-left',
            $after < $before + $wanted => 'buy.fewer',
            default => 'buy.in-cart',
        };

        return $this->answer($request, $cart, $this->messages->say($key, ['title' => $variant->title, 'left' => $after]), $after === 0 ? 422 : 200);
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
        return view('shop::checkout', ['standsOn' => PageKind::Checkout, 'title' => $this->messages->say('checkout.title'), 'money' => $this->money, 'tax' => PriceWords::tax($this->money, $this->messages)] + $cart->read($this->clock->now()));
    }

    private static function next(Request $request): string
    {
        return (Asked::text($request, 'then') ?: Asked::text($request, 'after')) === 'checkout' ? '/checkout' : '/cart';
    }

    private function answer(Request $request, Cart $cart, string $words, int $status): RedirectResponse|JsonResponse
    {
        return $request->expectsJson()
            ? new JsonResponse(['message' => $words, 'count' => $cart->count()], $status)
            : redirect($status === 200 ? self::next($request) : url()->previous('/'))->with('said', $words);
    }
}
