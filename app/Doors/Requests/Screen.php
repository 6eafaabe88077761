<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Requests;

use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Gate;

/**
 * A screen of the Studio: a shell that mounts one Svelte screen with its first data.
 *
 * @shape ScreenFrame array{name: string, user: array{id: int, name: string, role: string}, may: array{edit: bool,
 *     publish: bool}, shop: string, data: mixed}
 */
final class Screen
{
    /** @param  array<string, mixed>  $data */
    public static function show(string $name, string $title, array $data): View
    {
        $user = SignedIn::user();

        return view('studio::shell', ['title' => $title, 'screen' => [
            'name' => $name,
            'user' => ['id' => $user->id, 'name' => $user->name, 'role' => $user->role],
            'may' => ['edit' => Gate::allows('edit-templates'), 'publish' => Gate::allows('publish')],
            'shop' => config()->string('vestibra.shop'),
            'data' => $data,
        ]]);
    }
}
