<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Shop\Listing;
use Vestibra\App\Shop\PageList;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\About;
use Vestibra\Core\Composing\AskedBefore;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Templates\Node;

/** What the blocks of a page may know, read before the first of them is composed. */
final readonly class PageContexts
{
    public function __construct(
        private Composer $composer,
        private Listing $listing,
        private PageShops $shops,
        private CardContexts $cards,
        private LiveParts $filler,
        private ProductReader $products,
        private NamedThings $things,
        private Contexts $contexts,
    ) {
    }

    /** @param  Node  $tree  filled */
    public function of(Node $tree, Subject $subject, Looking $looking): Context
    {
        $inside = $subject instanceof AroundPage ? $subject->subject : $subject;
        $asked = AskedBefore::of($tree, $this->composer->schema, $subject->kind());

        return $this->contexts->of(
            $inside,
            $looking->visit,
            $this->shops->for($subject, $tree, $looking, $this->cards),
            $this->things->of($tree, $inside),
            others: $this->others($asked, $looking),
            list: $asked->list ? $this->listed($tree, $inside, $looking) : null,
        );
    }

    /** The products of a page as somebody asked for them. */
    public function listed(Node $tree, Subject $subject, Looking $looking): Listed
    {
        return $this->listing->of($subject, PageList::of($tree, $this->composer->schema), $looking->visit);
    }

    /** @return array<string, About> other products that customers can see, by the holder that is about them */
    private function others(AskedBefore $asked, Looking $looking): array
    {
        $products = array_column(
            array_filter(
                $this->products->several(array_values(array_unique(array_column($asked->others, 'product')))),
                static fn (Product $one): bool => $one->isShown(),
            ),
            null,
            'id',
        );
        $others = [];
        foreach ($asked->others as $id => ['product' => $number, 'holder' => $holder]) {
            if (isset($products[$number])) {
                $inside = $this->filler->fillInside($holder, $products[$number]);
                $others[$id] = new About(
                    $this->of($inside, $products[$number], $looking->besides($number)),
                    $inside,
                );
            }
        }

        return $others;
    }
}
