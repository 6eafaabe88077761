<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue\Sql;

use Illuminate\Support\Facades\Event;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Records\Catalogue\ManyChanged;
use Vestibra\App\Records\Models\Catalogue\Link;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\Core\Catalogue\Folding;

/** What is kept beside a product so that sets of products can be asked for quickly; written anew after each change. */
final class ProductIndex
{
    private const AT_ONCE = 500;

    private const MANY = 50;

    /** The words of each field of a product `p` as SQL, in the order of the index. Codes have indexes of their own. */
    private const WORDS = [
        'p.title',
        "(select group_concat(label, ' ') from (select distinct o.label from variants v join variant_values x on "
            .'x.variant_id = v.id join option_values o on o.id = x.option_value_id where v.product_id = p.id and '
            .'v.published = 1))',
        '(select name from brands where id = p.brand_id)',
        "(select group_concat(name, ' ') from (select distinct c.name from category_product h cross join categories "
            .'d on d.id = h.category_id join categories c on d.lower between c.lower and c.upper where h.product_id '
            .'= p.id))',
        "(select group_concat(t.name, ' ') from product_tag x join tags t on t.id = x.tag_id where x.product_id = "
            .'p.id)',
        "(select group_concat(case k.kind when 'yes-no' then case f.folded when 'yes' then k.name else '' end else "
            ."f.written end, ' ') from fact_values f join facts k on k.id = f.fact_id where f.product_id = p.id and "
            ."k.kind in ('text', 'choice', 'list', 'number', 'yes-no'))",
        "replace(p.short_description, '<', ' <')",
        "replace(p.description, '<', ' <')",
    ];

    /**
     * A change of many is said to those who keep something about all: filters are made anew in the background, before a
     * customer has to wait.
     */
    public static function refresh(int ...$products): void
    {
        foreach (array_chunk($products, self::AT_ONCE) as $some) {
            self::some($some);
        }
        if (count($products) > self::MANY) {
            Event::dispatch(new ManyChanged);
        }
    }

    /** Of products of which nothing but prices has changed. */
    public static function prices(int ...$products): void
    {
        foreach (array_chunk($products, self::AT_ONCE) as $some) {
            Database::run(
                'update products set price_low = (select min(price) from variants v where v.product_id = products.id) '
                    .'where id in ('.implode(',', $some).')',
            );
        }
        if (count($products) > self::MANY) {
            Event::dispatch(new ManyChanged);
        }
    }

    /** @param  list<int>  $products */
    private static function some(array $products): void
    {
        $ids = implode(',', $products);
        $words = [];
        foreach (Product::query()->toBase()->whereIntegerInRaw('id', $products)->pluck(
            'title',
            'id',
        )->all() as $product => $title) {
            foreach (array_unique(Folding::words(is_string($title) ? $title : '')) as $word) {
                $words[] = ['word' => $word, 'product_id' => $product];
            }
        }
        Link::in('title_words')->toBase()->whereIntegerInRaw('product_id', $products)->delete();
        foreach (array_chunk($words, self::AT_ONCE) as $some) {
            Link::in('title_words')->toBase()->insert($some);
        }
        Database::run(
            'update products set title_folded = folded_line(title), title_order = name_order(title), described = '
                .'holds_something(description), variant_count = '
                .'(select count(*) from variants v where v.product_id = products.id and v.published = 1),'
            .' price_low = (select min(price) from variants v where v.product_id = products.id),'
            .' picture_count = (select count(*) from (select picture_id from product_pictures where product_id = '
            .'products.id union'
            .' select picture_id from variants v where v.product_id = products.id and v.published = 1 and picture_id '
            .'is not null)),'
            .' review_count = (select count(*) from reviews where product_id = products.id and published = 1),'
            .' star_sum = (select coalesce(sum(stars), 0) from reviews where product_id = products.id and published '
            ."= 1) where id in ($ids)",
        );
        self::words("p.id in ($ids)");
    }

    /** What is searched for: the words of some products called `p`, and of where they stand. */
    public static function words(string $where, int ...$values): void
    {
        Database::run("delete from product_words where rowid in (select p.id from products p where $where)", $values);
        Database::run(
            'insert into product_words (rowid, title, options, brand, categories, tags, facts, short, description) '
                .'select p.id, '
            .implode(', ', array_map(static fn (string $words): string => "folded($words)", self::WORDS))
            ." from products p where $where",
            $values,
        );
        self::changed();
    }

    /** What searches found is looked for anew. */
    private static function changed(): void
    {
        Database::run('update searched set changes = changes + 1');
    }

    public static function forget(int $productId): void
    {
        Database::run('delete from product_words where rowid = ?', [$productId]);
        self::changed();
    }
}
