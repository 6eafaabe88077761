<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Problems\TemplateProblem;
use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Reach\Trees\WhereNamed;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TemplateRole;
use Vestibra\Core\Templates\TreeReader;

/**
 * The cards of the shop. Each has a draft and, unless it came from a file, is live from the beginning, which changes
 * nothing in the shop: it stands nowhere yet.
 *
 * @phpstan-import-type Place from WhereNamed
 *
 * @phpstan-type Card array{id: int, name: string, live: bool, changed: bool, fallback: bool}
 *
 * @shape CardOption Card
 * @shape CardRow CardOption&array{unpublished: int, changedBy: string|null, changedAt: string,
 *     places: list<array{id: int,
 *     name: string, role: string, pageKind: string, live: bool, draft: bool}>}
 */
final readonly class CardBook
{
    public const MOST = 100;

    public function __construct(
        private StoredDrafts $stored,
        private InWaiting $waiting,
        private Templates $make,
        private CardPlaces $places,
        private Unpublished $changes,
        private Ids $ids,
    ) {
    }

    /** @return list<Card> by name, the fallback first */
    public function all(): array
    {
        $fallback = CardPlaces::fallback();

        return array_map(static fn (Template $card): array => self::option($card, $fallback), $this->rows());
    }

    /** @return list<int> the numbers of all cards, whose drafts the drawing table shows */
    public static function ids(): array
    {
        return array_map(
            intval(...),
            array_values(Template::query()->toBase()->where('role', TemplateRole::Card)
                ->whereNull('let_go_at')
                ->limit(self::MOST)
                ->pluck('id')
                ->all()),
        );
    }

    /** @return list<array<string, mixed>> with where each stands */
    public function overview(): array
    {
        $fallback = CardPlaces::fallback();
        $places = $this->places->all();

        return array_map(fn (Template $card): array => self::option($card, $fallback) + [
            'unpublished' => $this->changes->unpublished($card),
            'changedBy' => $card->changer?->name,
            'changedAt' => $card->changed_at->toIso8601String(),
            'places' => $places[$card->id] ?? [],
        ], $this->rows());
    }

    /** @return int|Problem its number */
    public function begin(string $name, string $start, User $author): int|Problem
    {
        $full = $this->full();
        if ($full !== null) {
            return $full;
        }
        $card = $this->make->fromStart($name, $start, $author, PageKind::Card);

        return $card === null ? TemplateProblem::UnknownStart->at() : $this->make->live($card)->id;
    }

    /** A copy as the original is live, with what its draft has changed as its own draft. */
    public function copy(string $name, int $original, User $author): int|Problem
    {
        $full = $this->full();
        if ($full !== null) {
            return $full;
        }
        $card = $this->cards()->findOrFail($original);

        return DB::transaction(function () use ($name, $card, $author): int {
            $ids = [];
            $draft = $this->renamed($this->stored->tree($card->draft_tree), $ids);
            $live = $this->renamed($this->stored->tree($card->live_tree ?? $card->draft_tree), $ids);
            $copy = $this->make->live($this->make->card($name, $live, $author));
            $copy->update([
                'draft_tree' => TreeReader::write($draft),
                'draft_revision' => $copy->draft_revision + ($draft == $live ? 0 : 1),
            ]);

            return $copy->id;
        });
    }

    /** @param  array<string, string>  $ids  of the original => of the copy, the same in its draft and what is live */
    private function renamed(Node $node, array &$ids): Node
    {
        $children = [];
        foreach ($node->children as $child) {
            $children[] = $this->renamed($child, $ids);
        }

        return new Node(
            $ids[$node->id] ??= $this->ids->next(),
            $node->kind,
            $node->what,
            $node->how,
            $node->when,
            $children,
        );
    }

    /**
     * It can be taken back for a month.
     *
     * @return Problem|null why it stays: it stands somewhere, is the fallback, or a release that waits holds it
     */
    public function letGo(int $id): ?Problem
    {
        return DB::transaction(function () use ($id): ?Problem {
            $card = $this->cards()->findOrFail($id);
            $places = $this->places->of($id);
            $problem = match (true) {
                $id === CardPlaces::fallback() => TemplateProblem::CardIsFallback->at('', ['name' => $card->name]),
                $places !== [] => TemplateProblem::CardStands->at('', [
                    'name' => $card->name,
                    'where' => implode(
                        ', ',
                        array_map(static fn (array $place): string => "“{$place['name']}”", $places),
                    ),
                ]),
                $this->waiting->holds('card', $id) => TemplateProblem::Waits->at('', ['name' => $card->name]),
                default => null,
            };
            if ($problem === null) {
                $card->update(['let_go_at' => now()]);
            }

            return $problem;
        });
    }

    public function takeBack(int $id): void
    {
        Template::query()->where('role', TemplateRole::Card)->where('id', $id)->update(['let_go_at' => null]);
    }

    private function full(): ?Problem
    {
        Deleted::end();

        return $this->cards()->count() < self::MOST
            ? null
            : TemplateProblem::CardTooMany->at('', ['most' => self::MOST]);
    }

    /** @return list<Template> */
    private function rows(): array
    {
        $fallback = CardPlaces::fallback();
        $all = $this->cards()->with('changer')->oldest('name')->oldest('id')->limit(self::MOST)->get()
            ->sortByDesc(static fn (Template $card): bool => $card->id === $fallback);

        /** @var list<Template> $rows */
        $rows = array_values($all->all());

        return $rows;
    }

    /** @return Builder<Template> */
    private function cards(): Builder
    {
        $cards = Template::query()->where('role', TemplateRole::Card);
        $cards->whereNull('let_go_at');

        return $cards;
    }

    /** @return Card */
    private static function option(Template $card, int $fallback): array
    {
        return [
            'id' => $card->id,
            'name' => $card->name,
            'live' => $card->isLive(),
            'changed' => $card->isChanged(),
            'fallback' => $card->id === $fallback,
        ];
    }
}
