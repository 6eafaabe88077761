<?php

declare(strict_types=1);

namespace Vestibra\Blocks;

use Vestibra\Core\Composing\Composer;

/** The one list of kinds. A new kind is its folder and one line here. */
final class Kinds
{
    public static function composer(): Composer
    {
        return new Composer(
            new Page\PageBlock,
            new Band\BandBlock,
            new Column\ColumnBlock,
            new Tab\TabBlock,
            new Title\TitleBlock,
            new Price\PriceBlock,
            new Gallery\GalleryBlock,
            new ShortDescription\ShortDescriptionBlock,
            new Description\DescriptionBlock,
            new VariantPicker\VariantPickerBlock,
            new Buy\BuyBlock,
            new Rating\RatingBlock,
            new Breadcrumbs\BreadcrumbsBlock,
            new Heading\HeadingBlock,
            new Text\TextBlock,
            new Picture\PictureBlock,
            new Holder\HolderBlock,
            new Tabs\TabsBlock,
            new Spacer\SpacerBlock,
        );
    }
}
