<?php

declare(strict_types=1);

namespace Vestibra\Demo;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\SafeHtml;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\Core\Catalogue\Contents;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Catalogue\Gtin;
use Vestibra\Core\Styling\ShippedStyles;
use Vestibra\Demo\Goods\DeskThings;
use Vestibra\Demo\Goods\Facts;
use Vestibra\Demo\Goods\Inks;
use Vestibra\Demo\Goods\Papers;
use Vestibra\Demo\Goods\Pens;

/** Fills an empty catalogue with the invented stationer Larkfold. Every run gives the same shop. */
final class Larkfold
{
    private const CATEGORIES = [
        'Pens' => ['What you hold: from a first pen to one for life.', [
            'Fountain pens' => ['Nibs of steel, tuned before they leave us.', [
                'Piston pens' => 'A full barrel, straight from the bottle.',
                'Cartridge pens' => 'Change the ink on a train.',
            ]],
            'Rollerballs' => ['Liquid ink, no nib to mind.', []],
            'Pencils' => ['For drafts, margins and second thoughts.', []],
        ]],
        'Inks' => ['Colours with names worth saying, in bottles and cartridges.', [
            'Bottled inks' => ['Glass bottles with a wide neck, in three sizes.', [
                'Shimmer inks' => 'A fine glint; turn the bottle over twice.',
                'Permanent inks' => 'For what has to last.',
            ]],
            'Ink cartridges' => ['The same inks for the road.', []],
        ]],
        'Paper' => ['Paper that takes wet ink.', [
            'Notebooks' => [
                'Sewn, bound, and made to lie flat.',
                ['Pocket notebooks' => 'Always with you.', 'Desk notebooks' => 'Room for a whole year.'],
            ],
            'Writing paper' => ['By the sheet and by the pad.', []],
            'Cards and envelopes' => ['For post that is opened first.', []],
        ]],
        'Desk' => ['What stands about while you write.', [
            'Trays and rests' => ['A place for every pen.', []],
            'Blotting' => ['For the impatient.', []],
            'Seals and wax' => ['Closed by hand.', []],
            'Mending, cleaning and spare parts' => ['', []],
        ]],
    ];

    private const COLLECTIONS = [
        'Winter letters' => ['For long evenings and slow post.', 'letters'],
        'Presents under £30' => ['Small things that are unwrapped with a smile.', 'gift'],
        'The everyday drawer' => ['What we use ourselves, every day.', 'everyday'],
        'Back to school' => ['Sturdy, cheerful, refillable.', 'school'],
        'On the train' => ['Small enough for a coat pocket.', 'travel'],
        'Everything teal' => ['One colour, all over the desk.', null],
        'Staff favourites' => ['Ask us why.', null],
        'The first fountain pen' => ['Pen, ink and paper that forgive.', null],
        'For left-handers' => ['Quick inks and patient nibs.', null],
        'Last pieces' => ['When they are gone, they are gone.', [
            ['field' => 'stock', 'comparison' => 'atMost', 'values' => [3]],
        ]],
        'On offer now' => ['For a little less, for a little while.', [
            ['field' => 'sale', 'comparison' => 'isOn', 'values' => []],
        ]],
        'New on the shelf' => ['What came in last.', [
            ['field' => 'added', 'comparison' => 'withinDays', 'values' => [60]],
        ]],
    ];

    private const TEAL = "title like '%Teal%' or id in (select v.product_id from variants v join variant_values x on "
        ."x.variant_id = v.id join option_values o on o.id = x.option_value_id where o.label = 'Teal')";

    private const REVIEWS = [
        5 => [
            'Exactly as in the picture.',
            'The best I have had so far, and I have had many.',
            'Bought a second one for my sister.',
        ],
        4 => ['Very good; the box was a little dented.', 'Does what it says.', 'I had hoped for one more size.'],
        3 => ['Fine, but I expected a little more.', 'Took a while to get used to.'],
        2 => ['Not for my hand.', 'The colour is darker than on my screen.'],
    ];

    private const NAMES = ['Ada', 'Bram', 'Cleo', 'Dov', 'Edda', 'Finn', 'Greta', 'Hal', 'Ines', 'Jory'];

    /** @var array<string, int> */
    private array $categories = [];

    /** @var array<string, int> name => id */
    private array $brands = [];

    /** @var array<string, int> name => id */
    private array $tags = [];

    /** @var array<string, int> file => id */
    private array $pictures = [];

    /** @var array<string, int> name => id */
    private array $options = [];

    /** @var array<string, int> option and label => id */
    private array $values = [];

    /** @var array<string, Fact> */
    private array $facts = [];

    private int $bound = 0;

    /** @return list<Good> */
    public static function goods(): array
    {
        return [...Inks::all(), ...Pens::all(), ...Papers::all(), ...DeskThings::all()];
    }

    /** @return int how many products there are now */
    public function fill(): int
    {
        DB::transaction(function (): void {
            $this->category(null, self::CATEGORIES);
            $this->facts = Facts::define();
            foreach (self::goods() as $number => $good) {
                $this->product($good, $number);
            }
            $this->collections();
            $this->categoryPictures();
            DB::table('house_styles')->insert([
                'name' => 'Larkfold plain', 'live' => '{}', 'draft' => '{}', 'in_use' => true,
            ]);
            foreach (array_slice(ShippedStyles::ALL, 1) as $name => [, $tokens]) {
                DB::table('house_styles')->insert([
                    'name' => $name,
                    'live' => json_encode($tokens),
                    'draft' => json_encode($tokens),
                    'in_use' => false,
                ]);
            }
        });

        return DB::table('products')->count();
    }

    /** @param  array<string, array{string, array<string, mixed>}|string>  $categories */
    private function category(?int $parent, array $categories): void
    {
        $position = 0;
        foreach ($categories as $name => $category) {
            [$words, $children] = is_string($category) ? [$category, []] : $category;
            $lower = ++$this->bound;
            $id = DB::table('categories')->insertGetId([
                'parent_id' => $parent,
                'name' => $name,
                'name_folded' => Folding::fold($name),
                'slug' => Str::slug($name),
                'description' => $words,
                'position' => $position++,
                'lower' => $lower,
                'upper' => $lower,
            ]);
            $this->categories[$name] = $id;
            /** @var array<string, string> $children */
            $this->category($id, $children);
            DB::table('categories')->where('id', $id)->update(['upper' => $this->bound]);
        }
    }

    private function product(Good $good, int $number): void
    {
        $category = $this->categories[$good->category] ?? null;
        $id = DB::table('products')->insertGetId([
            'slug' => Str::slug($good->title),
            'title' => $good->title,
            'title_folded' => Folding::fold($good->title),
            'title_order' => DB::raw('name_order('.DB::escape($good->title).')'),
            'short_description' => $good->short === '' ? '' : '<p>'.e($good->short).'</p>',
            'description' => SafeHtml::clean($good->description),
            'published' => $good->published,
            'brand_id' => $good->brand === null ? null : $this->named($this->brands, 'brands', $good->brand),
            'main_category_id' => $category,
            'added_at' => now()->subDays(400 - $number * 3)->toDateTimeString(),
        ]);
        foreach (array_unique(array_filter([$good->category, ...$good->alsoIn])) as $name) {
            DB::table('category_product')->insert(['product_id' => $id, 'category_id' => $this->categories[$name]]);
        }
        foreach ($good->tags as $tag) {
            DB::table('product_tag')
                ->insert(['product_id' => $id, 'tag_id' => $this->named($this->tags, 'tags', $tag)]);
        }
        $perColour = $this->picturesOf($good, $id);
        $this->variants($good, $id, $number, $perColour);
        $this->reviews($good, $id, $number);
        foreach (Facts::of($good, $number) as $name => $written) {
            (new FactBook)->fill($id, $this->facts[$name], $written);
        }
        ProductIndex::refresh($id);
    }

    /** Each category is shown by the last picture of its first product that has several; what holds none has none. */
    private function categoryPictures(): void
    {
        DB::update(
            'update categories set picture_id = (select pp.picture_id from categories d join products p on '
                .'p.main_category_id = d.id'
            .' join product_pictures pp on pp.product_id = p.id where p.published = 1 and d.lower between '
            .'categories.lower and categories.upper'
            .' order by p.id, pp.position desc limit 1)',
        );
    }

    /** @return array<string, int> colour's name => picture id */
    private function picturesOf(Good $good, int $productId): array
    {
        $perColour = [];
        $ids = [];
        if ($good->drawnPerColour !== null) {
            foreach ($good->colours() as [$name, $swatch]) {
                $ids[] = $perColour[$name] = $this
                    ->picture([$good->drawnPerColour, (string) $swatch, '#c79a4b'], "$good->title in $name");
            }
        }
        foreach ($good->views as $view) {
            $ids[] = $this->picture($view, match ($view[0]) {
                'swatch' => "$good->title, tried out on paper",
                'desk-ink' => "$good->title on a written page",
                'nib' => "The nib of the $good->title",
                'pen-case' => "$good->title in its case",
                'open' => "$good->title, open",
                'stack' => "$good->title, three in a pile",
                default => $good->title,
            });
        }
        foreach (array_values(array_unique($ids)) as $position => $id) {
            DB::table('product_pictures')
                ->insert(['product_id' => $productId, 'picture_id' => $id, 'position' => $position]);
        }

        return $perColour;
    }

    /** @param  array{string, string, string}  $view */
    private function picture(array $view, string $alt): int
    {
        $file = PictureFiles::name($view).'-'.substr(md5($alt), 0, 4);

        $wide = PictureFiles::widest(PictureFiles::name($view));

        return $this->pictures[$file] ??= DB::table('pictures')->insertGetId([
            'file' => PictureFiles::name($view), 'width' => $wide, 'height' => $wide, 'alt' => $alt, 'made' => $wide,
        ]);
    }

    /**
     * @param  array<string, int>  $perColour
     */
    private function variants(Good $good, int $productId, int $number, array $perColour): void
    {
        $options = [];
        foreach (array_keys($good->options) as $name) {
            $optionId = $this->options[$name] ??= DB::table('options')->insertGetId([
                'name' => $name, 'name_folded' => Folding::fold($name), 'position' => count($this->options),
            ]);
            foreach ($good->options[$name] as $at => [$label, $swatch]) {
                $options[$optionId][] = [$this->values["$name $label"] ??= DB::table('option_values')->insertGetId([
                    'option_id' => $optionId, 'label' => $label, 'label_folded' => Folding::fold($label),
                    'swatch' => $swatch, 'position' => count($this->values),
                ]), $label, $at];
            }
        }
        $combinations = [[]];
        foreach ($options as $optionId => $values) {
            $next = [];
            foreach ($combinations as $combination) {
                foreach ($values as $value) {
                    $next[] = $combination + [$optionId => $value];
                }
            }
            $combinations = $next;
        }
        foreach ($combinations as $position => $combination) {
            $this->variant($good, $productId, $number, $position, $combination, $perColour);
        }
    }

    /** Numbers from 20 to 29 are for use inside a shop (GS1 General Specifications, restricted circulation numbers). */
    private static function barcode(int $number): string
    {
        $digits = sprintf('20%010d', $number);

        return $digits.Gtin::checkDigit($digits);
    }

    /**
     * @param  array<int, array{int, string, int}>  $combination  option id => value id, label, place
     * @param  array<string, int>  $perColour
     */
    private function variant(
        Good $good,
        int $productId,
        int $number,
        int $position,
        array $combination,
        array $perColour,
    ): void {
        $values = array_values($combination);
        $price = $good->price + (($values[count($values) - 1][2] ?? 0) * $good->step);
        $sale = $good->sale;
        $variantId = DB::table('variants')->insertGetId([
            'product_id' => $productId,
            'sku' => sprintf('LF-%04d-%02d', $number + 1, $position + 1),
            'barcode' => self::barcode($number * 100 + $position),
            'price' => $price,
            'sale_price' => $sale === null ? null : intdiv($price * (100 - $sale[0]), 1000) * 10,
            'sale_from' => isset($sale[1]) ? now()->modify($sale[1])->toDateTimeString() : null,
            'sale_until' => isset($sale[2]) ? now()->modify($sale[2])->toDateTimeString() : null,
            'stock' => in_array($position, $good->soldOut, true) ? 0 : $good->stock,
            'picture_id' => $perColour[$values[0][1] ?? ''] ?? null,
            'contents' => self::contents(array_column($values, 1)),
            'position' => $position,
        ]);
        foreach ($combination as $optionId => [$valueId]) {
            DB::table('variant_values')
                ->insert(['variant_id' => $variantId, 'option_id' => $optionId, 'option_value_id' => $valueId]);
        }
    }

    /**
     * What a bottle or a packet holds, where one of its values says so.
     *
     * @param  list<string>  $labels
     */
    private static function contents(array $labels): ?string
    {
        foreach ($labels as $label) {
            $contents = Contents::read($label);
            if ($contents instanceof Contents) {
                return $contents->text();
            }
        }

        return null;
    }

    private function reviews(Good $good, int $productId, int $number): void
    {
        $rows = [];
        for ($at = 0; $at < $good->reviews; $at++) {
            $stars = max(2, min(5, (int) floor($good->stars + (($at * 7 + $number) % 10) / 10)));
            $rows[] = [
                'product_id' => $productId,
                'stars' => $stars,
                'author' => self::NAMES[($at * 3 + $number) % 10],
                'words' => self::REVIEWS[$stars][$at % count(self::REVIEWS[$stars])],
                'written_at' => now()->subDays($at * 2 + 1)->toDateTimeString(),
            ];
        }
        foreach (array_chunk($rows, 100) as $chunk) {
            DB::table('reviews')->insert($chunk);
        }
    }

    private function collections(): void
    {
        foreach (self::COLLECTIONS as $name => [$words, $tag]) {
            $id = DB::table('collections')->insertGetId([
                'name' => $name, 'name_folded' => Folding::fold($name), 'slug' => Str::slug($name),
                'description' => $words,
            ]);
            if (is_array($tag)) {
                DB::table('collections')
                    ->where('id', $id)
                    ->update(['rule' => json_encode(['format' => 2, 'show' => [$tag], 'keepOff' => []])]);

                continue;
            }
            $products = $tag !== null
                ? DB::table('product_tag')->where('tag_id', $this->tags[$tag])->orderBy('product_id')->limit(18)->pluck(
                    'product_id',
                )
                : DB::table('products')->whereRaw(
                    $name === 'Everything teal' ? self::TEAL : 'id % 11 = ?',
                    $name === 'Everything teal' ? [] : [$id % 11],
                )->orderBy('id')->limit(12)->pluck('id');
            foreach ($products as $position => $productId) {
                DB::table('collection_product')
                    ->insert(['collection_id' => $id, 'product_id' => $productId, 'position' => $position]);
            }
            if ($name !== 'Staff favourites') {
                $shown = $products[$id % 3 * 2] ?? $products[0] ?? 0;
                DB::table('collections')->where('id', $id)->update(['picture_id' => DB::table('product_pictures')
                    ->where('product_id', $shown)
                    ->orderByDesc('position')
                    ->value('picture_id')]);
            }
        }
    }

    /** @param  array<string, int>  $known */
    private function named(array &$known, string $table, string $name): int
    {
        return $known[$name] ??= DB::table($table)->insertGetId([
            'name' => $name, 'name_folded' => Folding::fold($name), 'slug' => Str::slug($name),
        ]);
    }
}
