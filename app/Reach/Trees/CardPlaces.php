<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees;

use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TemplateRole;
use Vestibra\Core\Templates\Types\CardChoice;

/**
 * Where cards stand. The fallback card also stands in every grid that chose none.
 *
 * @phpstan-import-type Place from WhereNamed
 */
final readonly class CardPlaces
{
    /** Templates whose grids are counted; of more, only the templates are. */
    private const COUNTED = 40;

    public function __construct(
        private WhereNamed $named,
        private PartPlaces $parts,
        private StoredDrafts $stored,
        private Composer $composer,
    ) {
    }

    /** @return int the number of the fallback card; 0 where there is none */
    public static function fallback(): int
    {
        return (int) Fallback::query()->toBase()->where('page_kind', PageKind::Card->value)->value('template_id');
    }

    /** @return list<Place> by name; templates, kept parts and products' own blocks */
    public function of(int $card): array
    {
        return $this->named->anyOf('card', $this->numbers($card));
    }

    /** @return array<int, list<Place>> of every card that stands somewhere */
    public function all(): array
    {
        $fallback = self::fallback();
        $places = [];
        foreach ($this->named->each('card') as $number => $some) {
            $card = $number === CardChoice::FALLBACK ? $fallback : $number;
            $places[$card] = array_values(array_column([...$places[$card] ?? [], ...$some], null, 'id'));
        }

        return $places;
    }

    /** How many grids it stands in, as the drafts are; null where it stands on too many templates to count them. */
    public function grids(int $card): ?int
    {
        $places = array_column($this->of($card), 'id');
        if (count($places) > self::COUNTED) {
            return null;
        }
        $grids = 0;
        foreach (Template::query()->whereIntegerInRaw('id', $places)->get() as $template) {
            foreach ($this->stored->tree($template->draft_tree)->walk() as $node) {
                $grids += $this->standsIn($node, $card) ? 1 : 0;
            }
        }

        return $grids;
    }

    /** @return list<int> templates of pages that show it live, by themselves or in a shared part */
    public function liveTemplates(int $card): array
    {
        return $this->live($this->of($card));
    }

    /** @return list<int> templates of pages that show the fallback card live because a grid on them chose none */
    public function withoutChoice(): array
    {
        return $this->live($this->named->anyOf('card', [CardChoice::FALLBACK]));
    }

    /**
     * @param  list<int>  $templates
     * @return list<PageKind> the kinds of their pages
     */
    public static function kinds(array $templates): array
    {
        return array_values(array_filter(array_map(
            static fn (mixed $kind): ?PageKind => PageKind::tryFrom((string) $kind),
            Template::query()->toBase()->whereIntegerInRaw('id', $templates)->distinct()->pluck('page_kind')->all(),
        )));
    }

    /** @return array<int, list<int>> by product, whose own blocks show it: the templates on which they are seen */
    public function products(int $card): array
    {
        $products = [];
        foreach ($this->of($card) as $place) {
            $own = $place['live'] && $place['role'] === TemplateRole::OwnBlocks->value
                ? Template::query()->find($place['id'])
                : null;
            if ($own !== null) {
                $products[(int) $own->product_id] = [
                    ...$products[(int) $own->product_id] ?? [],
                    ...$this->parts->showing((int) $own->fact_id),
                ];
            }
        }

        return $products;
    }

    /**
     * @param  list<Place>  $places
     * @return list<int>
     */
    private function live(array $places): array
    {
        $templates = [];
        foreach ($places as $place) {
            array_push($templates, ...match (true) {
                ! $place['live'] => [],
                $place['role'] === TemplateRole::Page->value => [$place['id']],
                $place['role'] === TemplateRole::Part->value => $this->parts->liveTemplates($place['id']),
                default => [],
            });
        }

        return array_values(array_unique($templates));
    }

    /** @return list<int> the numbers by which grids name it */
    private function numbers(int $card): array
    {
        return $card === self::fallback() ? [$card, CardChoice::FALLBACK] : [$card];
    }

    private function standsIn(Node $node, int $card): bool
    {
        foreach ($this->composer->schema->definition($node->kind)->naming ?? [] as $setting) {
            if ($setting->type instanceof CardChoice) {
                return in_array(
                    $setting->type->names($node->what[$setting->name] ?? null)[0][1],
                    $this->numbers($card),
                    true,
                );
            }
        }

        return false;
    }
}
