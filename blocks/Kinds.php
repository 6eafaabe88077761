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
            new RichText\RichTextBlock,
            new Button\ButtonBlock,
            new Divider\DividerBlock,
            new Quote\QuoteBlock,
            new Note\NoteBlock,
            new Marks\MarksBlock,
            new Badges\BadgesBlock,
            new Brand\BrandBlock,
            new Codes\CodesBlock,
            new FactsTable\FactsTableBlock,
            new Stock\StockBlock,
            new Neighbours\NeighboursBlock,
            new Share\ShareBlock,
            new Accordion\AccordionBlock,
            new Fold\FoldBlock,
            new Questions\QuestionsBlock,
            new Carousel\CarouselBlock,
            new PopUp\PopUpBlock,
            new Html\HtmlBlock,
            new Countdown\CountdownBlock,
            new AddedNotice\AddedNoticeBlock,
            new Reviews\ReviewsBlock,
            new Film\FilmBlock,
            new Downloads\DownloadsBlock,
            new PageTitle\PageTitleBlock,
            new PageDescription\PageDescriptionBlock,
            new PageBanner\PageBannerBlock,
            new Beneath\BeneathBlock,
            new ProductGrid\ProductGridBlock,
            new ResultCount\ResultCountBlock,
            new ListOrder\ListOrderBlock,
            new PerPage\PerPageBlock,
            new Paging\PagingBlock,
            new Filters\FiltersBlock,
            new Filter\FilterBlock,
            new ChosenFilters\ChosenFiltersBlock,
            new SearchField\SearchFieldBlock,
            new SearchNote\SearchNoteBlock,
            new NearestPages\NearestPagesBlock,
            new Card\CardBlock,
            new ProductPicture\ProductPictureBlock,
            new Swatches\SwatchesBlock,
            new Fact\FactBlock,
            new InCategories\InCategoriesBlock,
            new QuickBuy\QuickBuyBlock,
            new Stage\StageBlock,
            new Shared\SharedBlock,
            new SharedBand\SharedBandBlock,
            new OwnBlocks\OwnBlocksBlock,
        );
    }
}
