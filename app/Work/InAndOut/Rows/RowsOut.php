<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Records\Models\Selection;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\Finding\FoundRows;
use Vestibra\App\Work\InAndOut\Columns\ProductColumn;
use Vestibra\App\Work\InAndOut\Columns\RowNames;
use Vestibra\App\Work\InAndOut\Columns\RowTerms;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Formats\Tables\TableWriter;

/** Writes all variants as a file of rows that reads back as it is: amounts with a point, moments in UTC. */
final readonly class RowsOut
{
    private const AT_ONCE = 1_000;

    private const FIELDS = [
        'sku', 'price', 'salePrice', 'saleFrom', 'saleUntil', 'stock', 'contents', 'barcode', 'published',
    ];

    /** What a variant is, in words, for reading: it is not taken back in. */
    private const OPTIONS = 'options';

    private const BESIDES = [ProductsOut::STEP, ProductsOut::OLD_ADDRESSES];

    public function __construct(
        private StoredThings $things,
        private ShopSettings $settings,
        private FoundRows $found,
        private FactBook $facts,
        private Categories $categories,
    ) {
    }

    /** @return list<string> the columns of variants that a file can have besides its key, in words */
    public static function ofVariants(): array
    {
        $all = ThingFields::of(Thing::Variant);

        return array_map(static fn (string $name): string => $all[$name]->words, array_slice(self::FIELDS, 1));
    }

    /** @return list<string> all columns that a file can have besides its key and title, in words */
    public function columns(): array
    {
        return [
            ...self::ofVariants(),
            self::OPTIONS,
            ...array_values(array_filter(
                array_map(
                    static fn (ProductColumn $one): string => $one->words,
                    RowTerms::ofShop($this->facts)->columns(),
                ),
                static fn (string $words): bool => $words !== 'title',
            )),
            ...self::BESIDES,
        ];
    }

    /**
     * @param  Selection|null  $selection  of products; null: all there are
     * @param  list<string>  $columns  in words; empty: all fields of variants
     * @return int|null how many variants were written; null: the file is there already, or cannot be written
     */
    public function write(string $path, bool $over, ?Selection $selection = null, array $columns = []): ?int
    {
        $beside = "$path.new";
        $file = is_file($path) && ! $over ? false : @fopen($beside, 'wb');
        if ($file === false) {
            return null;
        }
        $all = ThingFields::of(Thing::Variant);
        $fields = array_values(array_filter(
            array_map(static fn (string $name): ThingField => $all[$name], self::FIELDS),
            static fn (ThingField $field): bool => $columns === []
                || $field->name === 'sku'
                || in_array($field->words, $columns, true),
        ));
        $names = new RowNames($this->categories);
        $products = new ProductsOut(
            $this->things,
            $this->found,
            $names,
            array_values(array_filter(
                RowTerms::ofShop($this->facts)->columns(),
                static fn (ProductColumn $one): bool => $one->words !== 'title'
                    && in_array($one->words, $columns, true),
            )),
            array_values(array_intersect(self::BESIDES, $columns)),
        );
        $written = $this->rows(
            $file,
            $fields,
            $selection,
            $products,
            in_array(self::OPTIONS, $columns, true) ? $names : null,
        );
        $isWhole = fclose($file) && $written !== null && rename($beside, $path);
        $isWhole || @unlink($beside);

        return $isWhole ? $written : null;
    }

    /**
     * @param  resource  $file
     * @param  list<ThingField>  $fields
     * @param  RowNames|null  $names  of option values; null: they are not asked for
     * @return int|null how many; null: there is no room for all of them
     */
    private function rows(
        $file,
        array $fields,
        ?Selection $selection,
        ProductsOut $ofProducts,
        ?RowNames $names,
    ): ?int {
        $words = array_map(static fn (ThingField $field): string => $field->words, $fields);
        $isWritten = self::put($file, TableWriter::MARK.TableWriter::row([
            'address name', 'title', ...$words, ...$names === null ? [] : [self::OPTIONS], ...$ofProducts->header(),
        ]));
        $written = 0;
        $after = 0;
        while ($isWritten && ($variants = $this->after($after, $selection)) !== []) {
            $after = (int) array_key_last($variants);
            $stands = $this->things->read(Thing::Variant, array_keys($variants));
            $products = array_values(array_unique($variants));
            [$slugs, $titles] = [self::of($products, 'slug'), self::of($products, 'title')];
            $own = $ofProducts->header() === [] ? [] : $ofProducts->cells($products);
            $rows = '';
            foreach ($variants as $id => $product) {
                $rows .= TableWriter::row([
                    $slugs[$product] ?? '',
                    $titles[$product] ?? '',
                    ...array_map(fn (ThingField $field): string => $this->cell(
                        $field,
                        $stands[$id][$field->name] ?? null,
                    ), $fields),
                    ...$names === null ? [] : [self::options($names, $stands[$id]['values'] ?? null)],
                    ...$own[$product] ?? [],
                ]);
                $written++;
            }
            $isWritten = self::put($file, $rows);
        }

        return $isWritten ? $written : null;
    }

    /** @param  resource  $file */
    private static function put($file, string $text): bool
    {
        return @fwrite($file, $text) === strlen($text);
    }

    /**
     * @param  list<int>  $products
     * @return array<int, string>
     */
    private static function of(array $products, string $field): array
    {
        return array_map(
            strval(...),
            Product::query()->toBase()->whereIntegerInRaw('id', $products)->pluck($field, 'id')->all(),
        );
    }

    /** @return array<int, int> variant => product, the next */
    private function after(int $variant, ?Selection $selection): array
    {
        $next = Variant::query()->toBase()->where('id', '>', $variant)->orderBy('id')->limit(self::AT_ONCE);
        $selection === null || $next->whereIn('product_id', static fn ($query) => $query->select('page_id')
            ->from('selected_pages')
            ->where('selection_id', $selection->id)
            ->where('side', $selection->side));

        return array_map(intval(...), $next->pluck('product_id', 'id')->all());
    }

    private static function options(RowNames $names, mixed $values): string
    {
        return implode(ProductsOut::BETWEEN, array_map(
            static fn (mixed $id): string => is_int($id) ? $names->name('option-value', $id) : '',
            is_array($values) ? $values : [],
        ));
    }

    private function cell(ThingField $field, mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_int($value) && $field->type === FieldType::Money => $this->settings->format()->decimal($value),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
