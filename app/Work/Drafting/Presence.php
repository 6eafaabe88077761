<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Vestibra\App\Records\Models\Presence as PresenceRow;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;

/** Who has a template open on the drawing table, from what their windows last asked. */
final class Presence
{
    private const SECONDS = 20;

    /** @return list<string> the names of the others, and oneself in another window */
    public function seen(Template $template, User $user, string $window): array
    {
        PresenceRow::query()->toBase()->updateOrInsert(
            ['template_id' => $template->id, 'user_id' => $user->id, 'window' => $window],
            ['seen_at' => now()],
        );
        PresenceRow::query()->toBase()->where('seen_at', '<', now()->subSeconds(self::SECONDS))->delete();

        return array_values(PresenceRow::query()->toBase()->join('users', 'users.id', '=', 'user_id')
            ->where('template_id', $template->id)->where(static fn ($other) =>
                $other->where('user_id', '!=', $user->id)->orWhere('window', '!=', $window))
            ->distinct()->get(['users.id', 'name'])->map(static fn (\stdClass $row): string => $row->id === $user->id
                ? 'you, in another window'
                : (string) $row->name)->all());
    }
}
