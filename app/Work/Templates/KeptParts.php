<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Problems\TemplateProblem;
use Vestibra\App\Reach\Trees\PartPlaces;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Templates\Sql\PartRows;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Copying;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\PlacedParts;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\TemplateRole;
use Vestibra\Core\Templates\TreeProblem;
use Vestibra\Core\Templates\TreeReader;

/**
 * Bands and blocks kept with their style, to be placed elsewhere: as shared, or as copies. Each has a draft and is live
 * from the beginning, which changes nothing in the shop: it stands nowhere yet.
 *
 * @phpstan-import-type Place from PartPlaces
 *
 * @phpstan-type Part array{id: int, name: string, bands: bool, kind: string, changed: bool}
 *
 * @shape KeptPart Part
 * @shape PartRow array{id: int, name: string, unpublished: bool, changedAt: string, places: list<array{id: int,
 *     name: string,
 *     live: bool, draft: bool}>}
 */
final readonly class KeptParts
{
    public const MOST = 100;

    public function __construct(
        private Composer $composer,
        private Ids $ids,
        private StoredDrafts $stored,
        private Templates $make,
        private InWaiting $waiting,
        private PartPlaces $places,
    ) {
    }

    /** @return list<Part> by name, with the kind of what they begin with, which is how they are drawn */
    public function all(): array
    {
        $rows = PartRows::all(self::MOST);

        $parts = [];
        foreach ($rows as $row) {
            $kind = $row->kind ?? ($row->root === 'page' ? 'band' : 'holder');
            // One of a kind that this version does not know is left out.
            if (in_array($row->root, ['page', 'stage'], true) && $this->composer->schema->definition($kind) !== null) {
                $parts[] = [
                    'id' => $row->id,
                    'name' => $row->name,
                    'bands' => $row->root === 'page',
                    'kind' => $kind,
                    'changed' => (bool) $row->changed,
                ];
            }
        }

        return $parts;
    }

    /** @return list<array<string, mixed>> what a copy brings, without ids; as it is live */
    public function nodes(int $id): array
    {
        $template = self::kept()->findOrFail($id);

        return array_map(self::bare(...), $this->stored->tree($template->live_tree ?? $template->draft_tree)->children);
    }

    /**
     * @return list<array{id: int, name: string, unpublished: bool, changedAt: string, places: list<Place>}> with where
     *     each is shared
     */
    public function overview(): array
    {
        $rows = [];
        foreach ($this->templates() as $template) {
            $rows[] = [
                'id' => $template->id,
                'name' => $template->name,
                'unpublished' => $template->isChanged(),
                'changedAt' => $template->changed_at->toIso8601String(),
                'places' => $this->places->ofPart($template->id),
            ];
        }

        return $rows;
    }

    /**
     * @param  mixed  $node  untrusted
     * @return int|non-empty-list<Problem> its number
     */
    public function keep(string $name, mixed $node, User $author): int|array
    {
        Deleted::end();
        if (self::kept()->count() >= self::MOST) {
            return [TemplateProblem::PartTooMany->at('', ['most' => self::MOST])];
        }
        $read = (new TreeReader($this->composer->schema, $this->ids))->parseBlock($node);
        if (! $read instanceof Node) {
            return $read;
        }
        if (PlacedParts::parts($read, $this->composer->schema) !== []) {
            return [TreeProblem::PartInPart->at()];
        }
        $role = $this->composer->schema->definition($read->kind)?->role;
        $root = match ($role) {
            Role::Band => 'page',
            Role::Block => 'stage',
            default => null,
        };
        if ($root === null) {
            return [TemplateProblem::PartNotAlone->at()];
        }
        $tree = new Node($this->ids->next(), $root, [], [], [], [(new Copying($this->ids))->copy($read)]);

        return $this->make->part($name, $tree, $author)->id;
    }

    /**
     * It can be taken back for a month.
     *
     * @return Problem|null why it stays: it is shared somewhere, or a release that waits holds it
     */
    public function letGo(int $id): ?Problem
    {
        return DB::transaction(function () use ($id): ?Problem {
            $part = self::kept()->find($id);
            $places = $part === null ? [] : $this->places->ofPart($id);
            if ($places !== []) {
                return TemplateProblem::PartStands->at('', ['where' => implode(
                    ', ',
                    array_map(static fn (array $place): string => "“{$place['name']}”", $places),
                )]);
            }
            if ($this->waiting->holds('part', $id)) {
                return TemplateProblem::Waits->at('', ['name' => $part->name ?? '']);
            }
            $part?->update(['let_go_at' => now()]);

            return null;
        });
    }

    /** What was let go of stands on the shelf again. */
    public function takeBack(int $id): void
    {
        Template::query()->where('role', TemplateRole::Part)->where('id', $id)->update(['let_go_at' => null]);
    }

    /** @return Collection<int, Template> */
    private function templates(): Collection
    {
        /** @var Collection<int, Template> */
        return self::kept()->oldest('name')->oldest('id')->limit(self::MOST)->get();
    }

    /** @return Builder<Template> */
    private static function kept(): Builder
    {
        $kept = Template::query()->where('role', TemplateRole::Part);
        $kept->whereNull('let_go_at');

        return $kept;
    }

    /** @return array<string, mixed> without ids: every copy gets its own */
    private static function bare(Node $node): array
    {
        return array_diff_key($node->toArray(), ['id' => 1, 'children' => 1])
            + ($node->children === [] ? [] : ['children' => array_map(self::bare(...), $node->children)]);
    }
}
