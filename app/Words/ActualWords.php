<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use LogicException;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Condition;

/** What a page's subject is like, where a condition on it does not hold: "Its brand is Ostrelve." */
final readonly class ActualWords
{
    public function __construct(
        private ProductWords $products,
        private Categories $categories,
    ) {
    }

    public function of(Subject $subject, Condition $condition): string
    {
        return match (true) {
            $subject instanceof Product => $this->products->actual($subject, $condition),
            $subject instanceof AroundPage => $this->around($subject, $condition),
            $subject instanceof Assortment => $this->assortment($subject, $condition),
            default => throw new LogicException('No words for a '.$subject->kind()->value),
        };
    }

    /** A page that has nothing of the sort, such as the cart, is what it is. */
    private function around(AroundPage $page, Condition $condition): string
    {
        $kind = PageKinds::standard()->get($page->page)->subject();
        $has = match ($kind) {
            SubjectKind::Product => $condition->field !== 'page-kind',
            SubjectKind::Category, SubjectKind::Collection, SubjectKind::Brand,
            SubjectKind::Tag => $condition->field === $kind->value,
            default => false,
        };

        return $has
            ? $this->of($page->subject, $condition)
            : ($kind->isSingle() ? "It is the {$kind->page()}." : "It is a {$kind->page()}.");
    }

    private function assortment(Assortment $one, Condition $condition): string
    {
        return match ($condition->field) {
            'category' => 'It stands at '.implode(
                ' › ',
                array_map(
                    static fn (Category $category): string => $category->name,
                    $this->categories->tree()->path($one->id),
                ),
            ).'.',
            'products' => 'It has '.Counted::of($one->products, 'product').'.',
            'picture' => $one->picture === null ? 'It has no picture.' : 'It has a picture.',
            'description' => $one->description === '' ? 'It has no description.' : 'It has a description.',
            'results' => 'It finds '.Counted::of($one->products, 'product').'.',
            'brand', 'collection', 'tag', 'title', 'query' => "It is “{$one->name}”.",
            default => throw new LogicException("app/Words/ActualWords.php has no words for $condition->field."),
        };
    }
}
