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

final readonly class CartController
{
    public function __construct(private ShopClock $clock)
    {
    }

    public function show(Cart $cart): View
    {
        return view('shop::cart', ['title' => 'Cart'] + $cart->read($this->clock->now()));
    }

    public function add(Request $request, Cart $cart): RedirectResponse|JsonResponse
    {
        $variant = $cart->buyable(Asked::id($request, 'variant'));
        if ($variant === null) {
            return $this->answer($request, $cart, 'This choice is not to be had (any more). Nothing was added; please choose another.', 422);
        }
        $before = $cart->quantities()[$variant->id] ?? 0;
        $wanted = Asked::number($request, 'quantity', 1, 1, Cart::MOST);
        $after = $cart->set($variant, $before + $wanted);
        $words = match (true) {
            $after === 0 => "“{$variant->title}” is sold out in this choice. Nothing was added.",
            $after < $before + $wanted => "More than $after of “{$variant->title}” cannot be had, so your cart holds $after.",
            default => "“{$variant->title}” is in your cart.",
        };

        return $this->answer($request, $cart, $words, $after === 0 ? 422 : 200);
    }

    public function change(Request $request, Cart $cart): RedirectResponse
    {
        $id = Asked::id($request, 'variant');
        $variant = $cart->buyable($id);
        $wanted = Asked::given($request, 'remove') ? 0 : Asked::number($request, 'quantity', 0, 0, Cart::MOST);
        if ($variant === null) {
            $cart->forget($id);

            return redirect('/cart')->with('said', 'This was not to be had any more and is out of your cart.');
        }
        $after = $cart->set($variant, $wanted);

        return redirect('/cart')->with('said', match (true) {
            $after === 0 => "“{$variant->title}” is out of your cart.",
            $after < $wanted => "More than $after of “{$variant->title}” cannot be had.",
            default => 'Your cart is up to date.',
        });
    }

    public function checkout(Cart $cart): View
    {
        return view('shop::checkout', ['title' => 'Checkout'] + $cart->read($this->clock->now()));
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
