<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use DateTimeImmutable;
use LogicException;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Selling\Chosen;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Styling\HouseStyle;

/**
 * Everything a block may know while a page is composed.
 *
 * @api
 */
final readonly class Context
{
    public HouseStyle $house;

    /**
     * @param  Subject  $subject  what the page, or the holder that a block stands in, is about
     * @param  Chosen|null  $chosen  the variant that a product is shown with
     * @param  array<int, Picture>  $pictures  the pictures that the template or a fact names, by id
     * @param  array<int, ShopFile>  $files  the files that they name, by id
     * @param  bool  $isCard  whether this is the inside of a card in a list
     * @param  array<string, About>  $others  what the blocks in a holder are about, by its id, where that is another
     *     product; without those that customers cannot see
     * @param  Listed|null  $list  the products of the page, as somebody asked for them, where a block reads them
     * @param  HouseStyle|null  $house  what the shop looks like; null for the standard
     */
    public function __construct(
        public Subject $subject,
        private ?Chosen $chosen,
        public CategoryTree $categories,
        public Addresses $addresses,
        public MoneyFormat $money,
        public DateTimeImmutable $now,
        public Shop $shop,
        public Messages $messages,
        public array $pictures = [],
        public array $files = [],
        public bool $isCard = false,
        public array $others = [],
        public ?Listed $list = null,
        ?HouseStyle $house = null,
    ) {
        $this->house = $house ?? HouseStyle::standard();
    }

    /** @throws LogicException when the page is about something else: a block that asks says so in its definition */
    public function product(): Product
    {
        return $this->subject instanceof Product
            ? $this->subject
            : throw new LogicException('This page is about no product.');
    }

    /** @throws LogicException when no block on the page says in its definition that it reads the products */
    public function listed(): Listed
    {
        return $this->list ?? throw new LogicException('No block on this page says that it reads its products.');
    }

    /** What a product has as a fact; null for any other subject, and where it is not filled in. */
    public function fact(?int $id): ?FactValue
    {
        return $this->subject instanceof Product ? $this->subject->fact($id ?? 0) : null;
    }

    /** @throws LogicException when the page is about something else */
    public function chosen(): Chosen
    {
        return $this->chosen ?? throw new LogicException('This page is about no product.');
    }

    /** The variant that is shown of a product; null for any other subject, and where it has none. */
    public function variant(): ?Variant
    {
        return $this->chosen?->variant;
    }

    /** @throws LogicException when the page is about something else */
    public function assortment(): Assortment
    {
        return $this->subject instanceof Assortment
            ? $this->subject
            : throw new LogicException('This page is about no set of products.');
    }
}
