<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Requests;

use Illuminate\Auth\AuthenticationException;
use Illuminate\Support\Facades\Auth;
use Vestibra\App\Records\Models\User;

final class SignedIn
{
    /** @throws AuthenticationException when nobody is signed in */
    public static function user(): User
    {
        $user = Auth::user();

        return $user instanceof User ? $user : throw new AuthenticationException;
    }
}
