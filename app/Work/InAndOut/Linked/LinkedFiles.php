<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Linked;

use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Work\InAndOut\Folder\ThingFiles;
use Vestibra\Core\Catalogue\AddressName;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Formats\Linked\LinkedReader;
use Vestibra\Core\Formats\Shop\ShopFolder;

/**
 * Products that somebody else described, as the files that a folder of this shop would have. Known products are found
 * by a stock number or their address name, and keep what the description does not say.
 *
 * @phpstan-import-type Read from LinkedReader
 * @phpstan-import-type Sold from LinkedReader
 */
final class LinkedFiles
{
    /** @var array<string, array<string, string>> by thing: address name by folded name */
    private array $slugs = [];

    /** @var array<string, array<string, mixed>> by path */
    private array $files = [];

    /** @var array<string, array{name: string, values: list<array<string, mixed>>}> by name */
    private array $options = [];

    private bool $offersMore = false;

    public function __construct(private readonly ThingFiles $written)
    {
    }

    /** @param  list<Read>  $products */
    public function write(array $products, string $folder): void
    {
        $this->written->forget();
        $this->slugs = $this->files = [];
        $this->options = array_column($this->written->optionList(), null, 'name');
        $this->offersMore = false;
        foreach ($products as $product) {
            $this->product($product);
        }
        $this->files[ShopFolder::SHOP] = $this->written->shop();
        if ($this->offersMore) {
            $this->files[ShopFolder::OPTIONS] = ShopFolder::headed('options', [
                'options' => array_values($this->options),
            ]);
        }
        foreach ($this->files as $path => $file) {
            is_dir(dirname("$folder/$path")) || mkdir(dirname("$folder/$path"), 0o700);
            file_put_contents("$folder/$path", ShopFolder::text($file));
        }
    }

    /** @param  Read  $read */
    private function product(array $read): void
    {
        $id = $this->known($read);
        $file = $id === null
            ? ['slug' => $this->free('product', $read['slug'] !== '' ? $read['slug'] : $read['name'])]
            : $this->written->of(Thing::Product, [$id])[$id];
        $slug = is_string($file['slug'] ?? null) ? $file['slug'] : '';
        $path = ShopFolder::path(Thing::Product, $slug);
        $file = ['title' => $read['name']] + ($this->files[$path] ?? $file);
        $file['shortDescription'] = self::rich($read['short'], $file['shortDescription'] ?? '');
        $file['description'] = self::rich($read['text'], $file['description'] ?? '');
        if ($read['brand'] !== '') {
            $file['brand'] = $this->named(Thing::Brand, $read['brand']);
        }
        $category = $this->category($read['categories']);
        if ($category !== null) {
            $file['mainCategory'] = $category;
            $file['categories'] = self::with($file['categories'] ?? [], [$category]);
        }
        if ($read['tags'] !== []) {
            $file['tags'] = array_map(fn (string $tag): string => $this->named(Thing::Tag, $tag), $read['tags']);
            sort($file['tags'], SORT_STRING);
        }
        $there = is_array($file['pictures'] ?? null) ? array_filter($file['pictures'], is_string(...)) : [];
        $pictures = array_values(array_filter(
            array_map($this->picture(...), $read['pictures']),
            static fn (?string $name): bool => $name !== null && preg_grep("/^$name(?:-\d+)?$/D", $there) === [],
        ));
        $pictures === [] || $file['pictures'] = self::with($there, $pictures);
        $facts = array_filter(
            $read['facts'],
            fn (string $name): bool => count($read['variants']) !== 0 && $this->written->names->has('fact', $name),
            ARRAY_FILTER_USE_KEY,
        );
        $facts === [] || $file['facts'] = $facts + (is_array($file['facts'] ?? null) ? $file['facts'] : []);
        $file['variants'] = $this->variants(
            $read['variants'],
            is_array($file['variants'] ?? null) ? array_values(array_filter($file['variants'], is_array(...))) : [],
            $slug,
        );
        $this->files[$path] = ShopFolder::headed(
            'product',
            array_filter(
                $file,
                static fn (mixed $value, string $name): bool =>
                    $value !== '' && $value !== [] && ! in_array($name, ['vestibra', 'format'], true),
                ARRAY_FILTER_USE_BOTH,
            )
                + ['variants' => []],
        );
    }

    /** @param  Read  $read */
    private function known(array $read): ?int
    {
        $skus = array_values(array_filter(array_column($read['variants'], 'sku')));
        $id = $skus === [] ? null : Variant::query()->toBase()->whereIn('sku', $skus)->value('product_id');

        return $id === null
            ? ($read['slug'] === '' ? null : $this->written->names->idOf('product', $read['slug']))
            : (int) $id;
    }

    /**
     * @param  list<Sold>  $sold
     * @param  list<array<array-key, mixed>>  $there
     * @return list<array<array-key, mixed>>
     */
    private function variants(array $sold, array $there, string $slug): array
    {
        foreach ($sold as $index => $one) {
            $sku = $one['sku'] !== '' ? $one['sku'] : mb_strtoupper($slug).'-'.($index + 1);
            $at = array_search($sku, array_column($there, 'sku'), true);
            $at = $at === false ? count($there) : (int) $at;
            $variant = ['sku' => $sku] + ($there[$at] ?? []);
            if ($one['price'] !== '') {
                $variant['price'] = $one['was'] !== '' ? $one['was'] : $one['price'];
                if ($one['was'] !== '') {
                    $variant['salePrice'] = $one['price'];
                } elseif (($there[$at]['price'] ?? '') !== $one['price']) {
                    unset($variant['salePrice'], $variant['saleFrom'], $variant['saleUntil']);
                }
            }
            $one['barcode'] === '' || $variant['barcode'] = $one['barcode'];
            $one['stock'] === null || $variant['stock'] = $one['stock'];
            $chosen = count($sold) > 1
                ? array_filter($one['values'], static fn (string $label): bool => $label !== '')
                : [];
            if ($chosen !== []) {
                array_walk($chosen, fn (string $label, string $option) => $this->offer($option, $label));
                ksort($chosen, SORT_STRING);
                $variant['values'] = $chosen;
            }
            $there[$at] = $variant;
        }

        return $there;
    }

    /** Sees to it that an option has a value. */
    private function offer(string $option, string $label): void
    {
        $this->options[$option] ??= ['name' => $option, 'values' => []];
        if (! in_array($label, array_column($this->options[$option]['values'], 'label'), true)) {
            $this->options[$option]['values'][] = ['label' => $label];
            $this->offersMore = true;
        }
    }

    /** @param  list<string>  $names  from the root */
    private function category(array $names): ?string
    {
        $parent = null;
        foreach ($names as $name) {
            $parent = $this->named(Thing::Category, $name, $parent === null ? [] : ['parent' => $parent]);
        }

        return $parent;
    }

    /**
     * @param  array<string, mixed>  $more  of a new one
     * @return string its address name
     */
    private function named(Thing $thing, string $name, array $more = []): string
    {
        $folded = Folding::fold($name);
        $table = ['brand' => 'brands', 'tag' => 'tags', 'category' => 'categories'][$thing->value] ?? '';
        $known = $this->slugs[$thing->value][$folded]
            ?? Rows::in($table)->where('name_folded', $folded)->value('slug');
        if (! is_string($known)) {
            $known = $this->free($thing->value, $name);
            $this->files[ShopFolder::path($thing, $known)] = ShopFolder::headed(
                $thing->value,
                ['name' => $name, 'slug' => $known] + $more + ($thing === Thing::Category ? ['position' => 1_000] : []),
            );
        }

        return $this->slugs[$thing->value][$folded] = $known;
    }

    private function free(string $thing, string $wanted): string
    {
        return AddressName::free(AddressName::from($wanted) ?: $thing, fn (string $name): bool =>
            $this->written->names->has($thing, $name)
            || isset($this->files[ShopFolder::path(Thing::from($thing), $name)]));
    }

    /** The name of a picture that the shop has itself; pictures elsewhere are not fetched. */
    private function picture(string $address): ?string
    {
        $file = preg_match(
            '#/pictures/([a-z0-9-]+)-\d+\.(?:webp|avif)$#D',
            (string) parse_url($address, PHP_URL_PATH),
            $part,
        ) === 1 ? $part[1] : '';

        return $this->written->names->has('picture', $file) ? $file : null;
    }

    private static function rich(string $words, mixed $stands): string
    {
        $html = is_string($stands) ? $stands : '';

        return $words === '' || $words === FactValue::plain($html)
            ? $html
            : implode(
                '',
                array_map(
                    static fn (string $line): string => '<p>'.htmlspecialchars($line).'</p>',
                    array_filter(array_map(trim(...), explode("\n", $words))),
                ),
            );
    }

    /**
     * @param  list<string>  $more
     * @return list<string>
     */
    private static function with(mixed $list, array $more): array
    {
        return array_values(array_unique([...array_filter(is_array($list) ? $list : [], is_string(...)), ...$more]));
    }
}
