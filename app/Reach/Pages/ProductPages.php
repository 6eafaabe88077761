<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\App\Reach\Pages\Sql\OwnPages;
use Vestibra\App\Reach\Pages\Sql\PagePieces;
use Vestibra\App\Reach\Pages\Sql\ProductPageRows;
use Vestibra\App\Reach\Pages\Sql\ProductSql;
use Vestibra\App\Reach\Rules\FieldInRules;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Catalogue\Sql\AwkwardSql;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Templates\Source;

final readonly class ProductPages implements PagesOfKind
{
    use OwnPages;

    public function __construct(
        private ProductReader $products,
        private Categories $categories,
        private ShopClock $clock,
    ) {
    }

    public function kind(): PageKind
    {
        return PageKind::Product;
    }

    public function table(): string
    {
        return 'products';
    }

    public function shown(): string
    {
        return 'p.published = 1';
    }

    public function title(): string
    {
        return 'p.title_folded';
    }

    public function sql(int $at, array $ruleCollections, bool $each = false): PageSql
    {
        return new ProductSql($at, $ruleCollections, $each);
    }

    public function read(int $id): ?Product
    {
        return $this->products->byId($id);
    }

    public function bySlug(string $slug): ?Product
    {
        return $this->products->bySlug($slug);
    }

    public function features(Subject $subject): Features
    {
        assert($subject instanceof Product);

        return Features::product($subject, $this->categories->tree(), $this->clock->now());
    }

    public function rows(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $rows = [];
        foreach (ProductPageRows::rows($ids) as $row) {
            $rows[$row->id] = [
                'id' => $row->id,
                'title' => $row->title,
                'slug' => $row->slug,
                'picture' => $row->file === null ? null : "/pictures/$row->file-160.webp",
                'address' => PageAddresses::address(PageKind::Product, $row->slug),
            ];
        }

        return array_values(array_filter(array_map(static fn (int $id): ?array => $rows[$id] ?? null, $ids)));
    }

    public function touched(Touched $touched): ?Sql
    {
        $list = static fn (array $ids): string => implode(',', $ids);
        $parts = array_filter([
            $touched->things(Thing::Product) === [] ? '' : "p.id in ({$list($touched->things(Thing::Product))})",
            $touched->whole(Thing::Category) === []
                ? ''
                : 'p.id in (select h.product_id from categories t join categories d on d.lower between t.lower and '
                    .'t.upper'
                .' join category_product h on h.category_id = d.id where t.id in '
                ."({$list($touched->whole(Thing::Category))}))",
            $touched->whole(Thing::Brand) === [] ? '' : "p.brand_id in ({$list($touched->whole(Thing::Brand))})",
            $touched->whole(Thing::Tag) === []
                ? ''
                : "p.id in (select product_id from product_tag where tag_id in ({$list($touched->whole(Thing::Tag))}))",
            $touched->whole(Thing::Option) === []
                ? ''
                : 'p.id in (select v.product_id from variant_values x join variants v on v.id = x.variant_id where '
                    ."x.option_id in ({$list($touched->whole(Thing::Option))}))",
            $touched->whole(Thing::OptionValue) === []
                ? ''
                : 'p.id in (select v.product_id from variant_values x join variants v on v.id = x.variant_id where '
                    ."x.option_value_id in ({$list($touched->whole(Thing::OptionValue))}))",
            $touched->whole(Thing::Collection) === [] || ! FieldInRules::isAsked(PageKind::Product, 'collection')
                ? ''
                : '1',
        ]);

        return $parts === [] ? null : new Sql('('.implode(' or ', $parts).')');
    }

    public function holding(Subject $subject): string
    {
        return (string) $subject->id();
    }

    public function ownOrder(Subject $subject): ?string
    {
        return null;
    }

    public function awkward(): array
    {
        return AwkwardSql::tests(SellingSql::moment($this->clock->now()));
    }

    public function ordinary(): string
    {
        return AwkwardSql::ORDINARY;
    }

    public function filed(): string
    {
        return PagePieces::FILED;
    }

    public function richness(): string
    {
        return 'p.picture_count';
    }

    public function lacking(Source $source, int $number): ?Sql
    {
        return match ($source) {
            Source::ShortDescription => new Sql("p.short_description = ''"),
            Source::Description => new Sql("p.description = ''"),
            Source::Brand, Source::BrandLink => new Sql('p.brand_id is null'),
            Source::Category, Source::CategoryLink => new Sql('p.main_category_id is null'),
            Source::Collection => new Sql(PagePieces::IN_NO_COLLECTION),
            Source::Tags => new Sql(PagePieces::WITHOUT_TAGS),
            Source::Picture => new Sql('p.picture_count = 0'),
            Source::OtherPicture => new Sql('p.picture_count < 2'),
            Source::Sku, Source::Price => new Sql('p.variant_count = 0'),
            Source::Fact, Source::FactPicture, Source::FactLink, Source::FactDay,
            Source::FactNumber => PagePieces::withoutFact($number),
            Source::Option => PagePieces::withoutOption($number),
            Source::Rating, Source::ReviewCount => new Sql('p.review_count = 0'),
            Source::Stock => new Sql(PagePieces::STOCK_IS_NOT_COUNTED),
            default => null,
        };
    }

    public function near(array $ids): array
    {
        $list = implode(',', $ids);

        return array_column(ProductPageRows::near($list), 'product_id');
    }
}
