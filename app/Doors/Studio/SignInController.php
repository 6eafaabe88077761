<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Accounts\Accounts;
use Vestibra\App\Records\Accounts\Tries;
use Vestibra\App\Records\Models\User;

final readonly class SignInController
{
    private const WRONG =
        'This address and password do not go together. Check both; capital letters matter in the password.';

    public function __construct(
        private Tries $tries,
        private Accounts $accounts,
    ) {
    }

    public function show(): View
    {
        return view('studio::sign-in', ['email' => '', 'wrong' => null]);
    }

    public function store(Request $request): RedirectResponse|Response
    {
        $email = User::address(Asked::text($request, 'email', 200));
        $password = Asked::untrusted($request, 'password');
        if ($email === '' || ! is_string($password) || $password === '' || strlen($password) > 400) {
            return $this->again($email, 'Please fill in both fields.', 422);
        }
        $address = (string) $request->ip();
        $wait = $this->tries->wait($address, $email);
        if ($wait > 0) {
            return $this->again(
                $email,
                "Too many wrong tries from here. Wait {$this->words($wait)}, then try again; from elsewhere you can "
                    .'sign in at once.',
                429,
            )->header('Retry-After', (string) $wait);
        }
        $user = $this->accounts->find($email);
        // Whether an account is there takes as long to say as whether the password is right.
        $right = $user === null || $user->closed_at !== null
            ? Hash::make($password) === ''
            : Hash::check($password, $user->password);
        if (! $right || $user === null) {
            $this->tries->wrong($address, $email);

            return $this->again($email, self::WRONG, 422);
        }
        $this->tries->right($address, $email);
        Auth::login($user);
        $request->session()->regenerate();
        $to = Asked::text($request, 'to', 1000);

        return redirect(preg_match('~^/studio/[^/\\\\\p{Cc}][^\p{Cc}]*$~Du', $to) === 1 ? $to : '/studio/today');
    }

    private function again(string $email, string $wrong, int $status): Response
    {
        return response()->view('studio::sign-in', ['email' => $email, 'wrong' => $wrong], $status);
    }

    private function words(int $seconds): string
    {
        return $seconds < 100
            ? Counted::of($seconds, 'second')
            : 'some '.Counted::of((int) ceil($seconds / 60), 'minute');
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
