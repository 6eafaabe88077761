<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Style\HouseBook;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Composing\About;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Selling\Chosen;
use Vestibra\Core\Selling\VariantMatrix;

/** What every block may know, whatever it stands on: the shop's words, money and moment beside a subject. */
final readonly class Contexts
{
    public function __construct(
        private Categories $categories,
        private ShopSettings $settings,
        private ShopClock $clock,
        private ShopMessages $messages,
        private HouseBook $house,
    ) {
    }

    /**
     * @param  array{pictures: array<int, Picture>, files: array<int, ShopFile>}  $things  that its tree names
     * @param  array<string, About>  $others  by the id of the holder that is about another product
     */
    public function of(
        Subject $subject,
        Visit $visit,
        PageShop $shop,
        array $things,
        bool $isCard = false,
        array $others = [],
        ?Listed $list = null,
    ): Context {
        return new Context(
            $subject,
            self::choose($subject, $visit),
            $this->categories->tree(),
            new ShopAddresses,
            $this->settings->format(),
            $this->clock->now(),
            $shop,
            $this->messages->live(),
            $things['pictures'],
            $things['files'],
            $isCard,
            $others,
            $list,
            $this->house->now(),
        );
    }

    /** @return Chosen|null the variant that a product is shown with; null for any other subject */
    public static function choose(Subject $subject, Visit $visit): ?Chosen
    {
        return $subject instanceof Product ? (new VariantMatrix($subject))->choose($visit->wishes) : null;
    }
}
