<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Kinds\Sql\EveryProduct;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SinglePage;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/** The page of everything that the shop has. Its name and words are the shop's own. */
final readonly class AllProductsPages extends SinglePages
{
    public function __construct(
        ShopClock $clock,
        private ShopMessages $messages,
    ) {
        parent::__construct($clock);
    }

    public function kind(): PageKind
    {
        return PageKind::AllProducts;
    }

    public function holding(Subject $subject): string
    {
        return EveryProduct::IDS;
    }

    protected function subject(): Subject
    {
        $say = $this->messages->live();

        return new Assortment(
            SubjectKind::AllProducts,
            SinglePage::ID,
            PageAddresses::ALL,
            $say->say('list.all'),
            $say->say('list.everything'),
            products: (int) Product::query()->published()->count(),
        );
    }
}
