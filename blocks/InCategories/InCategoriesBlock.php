<?php

declare(strict_types=1);

namespace Vestibra\Blocks\InCategories;

use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Toggle;

/** The categories that a product is in, as links. */
final readonly class InCategoriesBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'in-categories',
            'Its categories',
            Shelf::More,
            [
                Setting::what('which', 'Which', new Choice(['main' => 'the main one', 'all' => 'all of them']), 'main'),
                Setting::what('linked', 'Lead to their pages', new Toggle, true),
            ],
            searchWords: 'category collection belongs',
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::link('link', 'Categories', 'a'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $product = $context->product();
        $main = $product->mainCategoryId;
        $ids = $settings->text('which') === 'all'
            ? array_values(array_unique(array_filter([$main, ...$product->categoryIds])))
            : array_filter([$main]);
        $categories = array_values(array_filter(array_map($context->categories->category(...), $ids)));

        return $categories === [] ? Composed::absent('this product is in no category') : Composed::shown([
            'categories' => array_map(
                static fn (Category $one): array => [
                    'name' => $one->name,
                    'address' => $settings->bool('linked') ? $context->addresses->category($one->slug) : null,
                ],
                $categories,
            ),
        ]);
    }
}
