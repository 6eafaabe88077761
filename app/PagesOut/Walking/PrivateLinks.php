<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut\Walking;

use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Str;
use stdClass;
use Vestibra\App\Records\Models\PrivateLink;

/**
 * Private links: they show a template's draft in the shop to somebody without an account, until they expire or are
 * withdrawn. Only a hash of a link is kept, so it can be read once, when it is made.
 *
 * @phpstan-type Row array{id: int, madeAt: string, expiresAt: string, by: string, opened: int,
 *     state: 'open'|'expired'|'withdrawn'}
 *
 * @shape PrivateLink Row
 */
final readonly class PrivateLinks
{
    public const MOST_DAYS = 60;

    private const KEY = 'private-link';

    private const LIMIT = 50;

    public function __construct(private Session $session)
    {
    }

    /** @return string the link's secret part */
    public function make(int $templateId, int $userId, int $days): string
    {
        $token = Str::random(40);
        PrivateLink::query()->toBase()->insert([
            'template_id' => $templateId,
            'user_id' => $userId,
            'token_hash' => hash('sha256', $token),
            'made_at' => now('UTC')->toDateTimeString(),
            'expires_at' => now('UTC')->addDays($days)->toDateTimeString(),
        ]);

        return $token;
    }

    /** @return bool whether the template has such a link; it shows nothing any more */
    public function withdraw(int $templateId, int $id): bool
    {
        $link = PrivateLink::query()->toBase()->where('id', $id)->where('template_id', $templateId);
        (clone $link)->whereNull('withdrawn_at')->update(['withdrawn_at' => now('UTC')->toDateTimeString()]);

        return $link->exists();
    }

    /** @return list<Row> the newest first */
    public function of(int $templateId): array
    {
        $rows = PrivateLink::query()->toBase()
            ->join('users', 'users.id', '=', 'private_links.user_id')
            ->where('template_id', $templateId)
            ->orderByDesc('private_links.id')
            ->limit(self::LIMIT)
            ->get(['private_links.*', 'users.name as by_name'])
            ->all();

        return array_values(array_map(static fn (stdClass $row): array => [
            'id' => $row->id,
            'madeAt' => str_replace(' ', 'T', $row->made_at).'Z',
            'expiresAt' => str_replace(' ', 'T', $row->expires_at).'Z',
            'by' => $row->by_name,
            'opened' => $row->opened,
            'state' => match (true) {
                $row->withdrawn_at !== null => 'withdrawn',
                $row->expires_at <= now('UTC')->toDateTimeString() => 'expired',
                default => 'open',
            },
        ], $rows));
    }

    /**
     * Somebody comes by a link. @return int|null the template whose draft it shows; null when it shows none any more
     */
    public function open(string $token): ?int
    {
        $link = PrivateLink::query()->toBase()->where('token_hash', hash('sha256', $token))->first();
        if (! $link instanceof stdClass || ! self::holds($link)) {
            return null;
        }
        PrivateLink::query()->toBase()->where('id', $link->id)->increment('opened');
        $this->session->put(self::KEY, $link->id);

        return $link->template_id;
    }

    public function close(): void
    {
        $this->session->forget(self::KEY);
    }

    /**
     * @return stdClass|null the link that this visitor came by, with template_id, page_kind, draft_tree and expires_at,
     *     while it holds
     */
    public function current(): ?stdClass
    {
        $id = $this->session->get(self::KEY);
        $link = is_int($id)
            ? PrivateLink::query()->toBase()
                ->join('templates', 'templates.id', '=', 'private_links.template_id')
                ->whereNull('templates.let_go_at')
                ->where('private_links.id', $id)
                ->first(['private_links.*', 'templates.page_kind', 'templates.draft_tree'])
            : null;
        if ($id !== null && (! $link instanceof stdClass || ! self::holds($link))) {
            $this->close();

            return null;
        }

        return $link instanceof stdClass ? $link : null;
    }

    private static function holds(stdClass $link): bool
    {
        return $link->withdrawn_at === null && $link->expires_at > now('UTC')->toDateTimeString();
    }
}
