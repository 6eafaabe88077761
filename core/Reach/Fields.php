<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use LogicException;
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

/** The one list of what conditions can look at. */
final readonly class Fields
{
    /** @param  array<string, Field>  $fields */
    private function __construct(private array $fields)
    {
    }

    public static function standard(): self
    {
        return self::of(
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
            new ProductsField,
            new DescriptionField,
            new ResultsField,
            new QueryField,
            new PageKindField,
        );
    }

    /** @throws LogicException when two fields have one name */
    public static function of(Field ...$fields): self
    {
        $byName = [];
        foreach ($fields as $field) {
            if (isset($byName[$field->name()])) {
                throw new LogicException("Two fields are called {$field->name()}.");
            }
            $byName[$field->name()] = $field;
        }

        return new self($byName);
    }

    public function comparison(PageKind $kind, string $field, string $comparison): ?Comparison
    {
        foreach (($this->fields[$field] ?? null)?->comparisons($kind) ?? [] as $candidate) {
            if ($candidate->name === $comparison) {
                return $candidate;
            }
        }

        return null;
    }

    /** @return list<Field> those that pages of a kind have */
    public function on(PageKind $kind): array
    {
        return array_values(array_filter($this->fields, static fn (Field $field): bool => $field->comparisons($kind) !== []));
    }
}
