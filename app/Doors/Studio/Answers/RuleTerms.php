<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Answers;

use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Fields\FactField;
use Vestibra\Core\Selling\MoneyFormat;

/**
 * What rules for a kind of page can be made of, in words.
 *
 * @phpstan-type TableFact array{id: int, name: string, kind: value-of<FactKind>, unit: string, decimals: int,
 *     comparisons: list<string>}
 *
 * @shape TableFact array{id: int, name: string, kind: FactKind, unit: string, decimals: int, comparisons: list<string>}
 * @shape RuleTerms array{fields: list<Field>, facts: list<TableFact>, currency: array{code: string, digits: int}}
 */
final readonly class RuleTerms
{
    public function __construct(
        private FactBook $facts,
        private MoneyFormat $money,
    ) {
    }

    /**
     * @return array{fields: list<array<string, mixed>>, facts: list<TableFact>, currency: array{code: string,
     *     digits: int}}
     */
    public function of(PageKind $kind): array
    {
        return [
            'fields' => ReachWords::fields($kind),
            'facts' => array_map(static fn (Fact $fact): array => [
                'id' => $fact->id,
                'name' => $fact->name,
                'kind' => $fact->kind->value,
                'unit' => $fact->unit,
                'decimals' => $fact->decimals,
                'comparisons' => FactField::fitting($fact->kind),
            ], array_values($this->facts->all())),
            'currency' => ['code' => $this->money->currency, 'digits' => $this->money->digits()],
        ];
    }
}
