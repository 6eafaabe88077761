<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Studio;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Vestibra\App\Http\SignedIn;

final readonly class SignInController
{
    /** Wrong tries a minute, from one address and for one account. */
    private const PER_ADDRESS = 20;

    private const PER_ACCOUNT = 5;

    public function show(): View
    {
        return view('studio::sign-in');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'email' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'max:200'],
        ], ['required' => 'Please fill in both fields.']);
        $limits = ['address '.$request->ip() => self::PER_ADDRESS, 'account '.mb_strtolower($given['email']) => self::PER_ACCOUNT];
        foreach ($limits as $key => $most) {
            abort_if(RateLimiter::tooManyAttempts("sign-in $key", $most), 429);
        }
        if (! Auth::attempt($given)) {
            foreach (array_keys($limits) as $key) {
                RateLimiter::hit("sign-in $key");
            }

            return back()->withInput(['email' => $given['email']])->withErrors([
                'email' => 'This address and password do not go together. Check both; capital letters matter in the password.',
            ]);
        }
        $request->session()->regenerate();

        return redirect()->intended('/studio/today');
    }

    /** For a drawing table whose sign-in ran out and was made anew in another window. */
    public function token(): JsonResponse
    {
        return new JsonResponse(['token' => csrf_token(), 'user' => SignedIn::user()->id]);
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/studio/sign-in');
    }
}
