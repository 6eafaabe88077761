<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use LogicException;
use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Reach\Fields\AddedField;
use Vestibra\Core\Reach\Fields\BrandField;
use Vestibra\Core\Reach\Fields\CategoryField;
use Vestibra\Core\Reach\Fields\CollectionField;
use Vestibra\Core\Reach\Fields\DescriptionField;
use Vestibra\Core\Reach\Fields\FactField;
use Vestibra\Core\Reach\Fields\OptionField;
use Vestibra\Core\Reach\Fields\PageKindField;
use Vestibra\Core\Reach\Fields\PictureField;
use Vestibra\Core\Reach\Fields\PriceField;
use Vestibra\Core\Reach\Fields\ProductField;
use Vestibra\Core\Reach\Fields\ProductsField;
use Vestibra\Core\Reach\Fields\QueryField;
use Vestibra\Core\Reach\Fields\RatingField;
use Vestibra\Core\Reach\Fields\ResultsField;
use Vestibra\Core\Reach\Fields\ReviewsField;
use Vestibra\Core\Reach\Fields\SaleField;
use Vestibra\Core\Reach\Fields\StockField;
use Vestibra\Core\Reach\Fields\TagField;
use Vestibra\Core\Reach\Fields\TitleField;
use Vestibra\Core\Reach\Fields\VariantsField;

/**
 * The one list of what conditions can look at, and what of it rules of each kind of page may use.
 *
 * @api
 */
final readonly class RuleFields
{
    /** @param  array<string, array<string, array<string, Comparison>>>  $comparisons  page kind => field => name */
    private function __construct(private array $comparisons)
    {
    }

    public static function standard(): self
    {
        /** @var self|null $standard */
        static $standard = null;

        return $standard ??= self::of(
            PageKinds::standard(),
            new CategoryField,
            new BrandField,
            new TagField,
            new CollectionField,
            new ProductField,
            new PriceField,
            new SaleField,
            new StockField,
            new OptionField,
            new FactField,
            new RatingField,
            new ReviewsField,
            new AddedField,
            new TitleField,
            new PictureField,
            new VariantsField,
            new ProductsField,
            new DescriptionField,
            new ResultsField,
            new QueryField,
            new PageKindField,
        );
    }

    /** @throws LogicException when two fields have one name, or a kind of page asks for what no field offers */
    public static function of(PageKinds $kinds, RuleField ...$fields): self
    {
        $byName = [];
        foreach ($fields as $field) {
            if (isset($byName[$field->name()])) {
                throw new LogicException("Two fields are called {$field->name()}.");
            }
            foreach ($field->comparisons() as $comparison) {
                $byName[$field->name()][$comparison->name] = $comparison;
            }
        }
        $onKinds = [];
        foreach ($kinds->all() as $kind) {
            $onKinds[$kind->kind()->value] = self::onKind($kind, $byName);
        }

        return new self($onKinds);
    }

    public function comparison(PageKind $kind, string $field, string $comparison): ?Comparison
    {
        return $this->comparisons[$kind->value][$field][$comparison] ?? null;
    }

    /** @return array<string, list<Comparison>> by field, in the order in which the interface offers them */
    public function on(PageKind $kind): array
    {
        return array_map(array_values(...), $this->comparisons[$kind->value] ?? []);
    }

    /**
     * @param  array<string, array<string, Comparison>>  $fields
     * @return array<string, array<string, Comparison>>
     */
    private static function onKind(KindOfPage $kind, array $fields): array
    {
        $chosen = [];
        foreach ($kind->rules() as $field => $names) {
            foreach ($names as $name) {
                $comparison = $fields[$field][$name] ?? throw new LogicException("No rule can ask for $field.$name.");
                $chosen[$field][$name] = in_array("$field.$name", $kind->named(), true)
                    ? $comparison->naming()
                    : $comparison;
            }
        }

        return $chosen;
    }
}
