<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\Core\Pages\PageKind;

/**
 * Pages as the lists show them: one row each, with the template that it has and by which step.
 *
 * @phpstan-import-type Cells from ProductCells
 *
 * @phpstan-type Row array{pageKind: string, id: int, title: string, slug: string, picture: string|null,
 *     address: string, filed: string, template: int|null, templateName: string, by: string, cells: Cells|null}
 *
 * @shape FoundRow PageRow&array{pageKind: PageKind, filed: string, template: int|null, templateName: string,
 *     by: string, cells: ProductCells|null}
 */
final readonly class FoundRows
{
    public function __construct(
        private PagesOfTheShop $pages,
        private FoundPages $found,
        private ProductCells $cells,
    ) {
    }

    /**
     * The number of queries does not depend on how many they are.
     *
     * @param  list<int>  $ids
     * @return list<Row> in the order asked for
     */
    public function of(PageKind $kind, array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        [$templates, $ruled, $contest] = $this->found->templates($kind, $ids);
        $names = TemplateNames::all();
        $cells = $kind === PageKind::Product ? $this->cells->of($ids) : [];
        $rows = [];
        foreach ($this->pages->get($kind)->rows($ids) as $page) {
            $won = $templates[$page['id']] ?? null;
            $rows[] = ['pageKind' => $kind->value] + $page + [
                'filed' => $won->filed ?? '',
                'template' => $won?->template_id,
                'templateName' => $won === null ? '' : $names[$won->template_id],
                'by' => $won === null
                    ? 'hidden'
                    : self::by($contest, $won->template_id, $won->pin, in_array($page['id'], $ruled, true)),
                'cells' => $cells[$page['id']] ?? null,
            ];
        }

        return $rows;
    }

    private static function by(KindRules $contest, int $template, ?int $pin, bool $isRuled): string
    {
        return match (true) {
            $pin === $template => $contest->pages->kind()->standsOnPages() ? 'chosen by the page’s template' : 'pinned',
            $template === $contest->fallbackId && ! $isRuled => 'fallback',
            $contest->candidate($template)?->reach->goesFirst === true => 'goes first',
            default => 'closest rule',
        };
    }
}
