<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates;

use Illuminate\Database\Eloquent\Collection;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Templates\TemplateRole;

/**
 * What was deleted of the templates, cards and kept parts: for a month it can be taken back, with all that it had.
 *
 * @shape DeletedRow array{id: int, name: string, what: 'template'|'card'|'part', pageKind: string, deletedAt: string}
 */
final class Deleted
{
    public const KEPT_DAYS = 30;

    private const MOST = 200;

    private const WHAT = ['page' => 'template', 'card' => 'card', 'part' => 'part'];

    /** @return list<array<string, mixed>> what was deleted last first */
    public static function list(): array
    {
        /** @var Collection<int, Template> $deleted */
        $deleted = Template::query()
            ->where('let_go_at', '<>', null)
            ->where('let_go_at', '>=', now()->subDays(self::KEPT_DAYS))
            ->whereIn('role', [TemplateRole::Page, TemplateRole::Card, TemplateRole::Part])->latest('let_go_at')
            ->latest('id')
            ->limit(self::MOST)
            ->get(['id', 'name', 'role', 'page_kind', 'let_go_at']);

        return array_values($deleted->map(static fn (Template $one): array => [
            'id' => $one->id,
            'name' => $one->name,
            'what' => self::WHAT[$one->role->value] ?? 'part',
            'pageKind' => $one->page_kind,
            'deletedAt' => (string) $one->let_go_at?->toIso8601String(),
        ])->all());
    }

    /** For good, once its time is over. */
    public static function end(): void
    {
        Template::query()->where('let_go_at', '<', now()->subDays(self::KEPT_DAYS))->delete();
    }

    /** Where it stood and as it was. */
    public static function takeBack(Template $template): void
    {
        $template->update(['let_go_at' => null]);
    }
}
