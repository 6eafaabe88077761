<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Reach\Trees\PartPlaces;
use Vestibra\App\Reach\Trees\Speaking;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Changes\Changes;
use Vestibra\App\Work\Releases\Changes\FallbackChange;
use Vestibra\App\Work\Releases\Changes\HouseStyleChange;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\TemplateRole;

/** Which pages look different with a set of changes where they keep their template. */
final readonly class NewLooks
{
    /**
     * @param  list<int>  $templates  all pages of these
     * @param  array<int, list<int>>  $products  by product, where it has one of these templates
     */
    private function __construct(
        public array $templates,
        public array $products,
    ) {
    }

    public static function of(Changes $changes): self
    {
        $templates = $products = [];
        foreach ($changes->templates() as $change) {
            if ($change->isNewLook()) {
                $templates[] = $change->template;
            }
        }
        foreach ($changes->parts() as $change) {
            if ($change->role === TemplateRole::Part && $change->isNewLook()) {
                array_push($templates, ...PartPlaces::liveTemplates($change->template));
            }
            if ($change->role === TemplateRole::Card && $change->isNewLook()) {
                $cards = app(CardPlaces::class);
                array_push($templates, ...$cards->liveTemplates($change->template));
                $products = self::more($products, $cards->products($change->template));
            }
            $content = $change->role === TemplateRole::OwnBlocks ? Template::query()->find($change->template) : null;
            if ($content !== null && ($change->before['tree'] ?? null) !== ($change->after['tree'] ?? null)) {
                $products[(int) $content->product_id] = [
                    ...$products[(int) $content->product_id] ?? [],
                    ...PartPlaces::showing((int) $content->fact_id),
                ];
            }
        }

        foreach ($changes->list as $change) {
            array_push($templates, ...match (true) {
                $change instanceof FallbackChange => $change->newLooks(),
                // Every page stands in the house style.
                $change instanceof HouseStyleChange => Template::query()->where('role', TemplateRole::Page->value)
                    ->whereNotNull('live_revision')
                    ->pluck('id')
                    ->map(intval(...))
                    ->all(),
                default => [],
            });
        }
        foreach ($changes->messages() === [] ? [] : app(Speaking::class)->of($changes->messages()) as $speaking) {
            if ($speaking->role === TemplateRole::OwnBlocks->value) {
                $products[(int) $speaking->product_id] = [
                    ...$products[(int) $speaking->product_id] ?? [],
                    ...PartPlaces::showing((int) $speaking->fact_id),
                ];
            } else {
                array_push($templates, ...match ($speaking->role) {
                    TemplateRole::Part->value => PartPlaces::liveTemplates((int) $speaking->id),
                    TemplateRole::Card->value => app(CardPlaces::class)->liveTemplates((int) $speaking->id),
                    default => [(int) $speaking->id],
                });
            }
        }

        return new self(array_values(array_unique($templates)), $products);
    }

    /**
     * @param  array<int, list<int>>  $products
     * @param  array<int, list<int>>  $more
     * @return array<int, list<int>>
     */
    private static function more(array $products, array $more): array
    {
        foreach ($more as $product => $templates) {
            $products[$product] = [...$products[$product] ?? [], ...$templates];
        }

        return $products;
    }

    /**
     * As SQL on `before_id` and `page_id`. Templates have numbers of their own, so that no page of another kind has one
     * of these.
     */
    public function sql(): string
    {
        $parts = ['before_id in ('.implode(',', $this->templates).')'];
        foreach ($this->products as $product => $templates) {
            $parts[] = "(page_id = $product and before_id in (".implode(',', $templates).'))';
        }

        return '('.implode(' or ', $parts).')';
    }

    public function holds(PageKind $kind, int $page, ?int $template): bool
    {
        return in_array($template, $this->templates, true)
            || ($kind === PageKind::Product && in_array($template, $this->products[$page] ?? [], true));
    }
}
