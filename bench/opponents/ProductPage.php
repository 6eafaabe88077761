<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use DateTimeImmutable;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Vite;
use stdClass;

/**
 * The page that product pages of a new shop get, as somebody would write it by hand who wants it fast: one query, one
 * string, and whatever is the same on all of them cut out of one page beforehand. It can do this one layout and no
 * other: what stands on the page are the pictures, price, options and words of a product, and what search engines read.
 */
final readonly class ProductPage
{
    private const QUERY = <<<'SQL'
        select p.id, p.title, p.slug, p.short_description as short, p.description, b.name as brand,
            (select json_group_array(json_array(x.id, x.file, x.width, x.height, x.alt)) from (
                select i.* from product_pictures pp join pictures i on i.id = pp.picture_id
                where pp.product_id = p.id order by pp.position) x) as pictures,
            (select json_group_array(json_array(v.id, v.sku, v.price, v.sale_price, v.sale_from, v.sale_until, v.stock,
                v.contents, (select json_group_object(option_id, option_value_id) from variant_values
                    where variant_id = v.id))) from (
                select * from variants where product_id = p.id and published = 1 order by position, id) v) as variants,
            (select json_group_array(json_array(o.option, o.name, o.value, o.label, o.swatch)) from (
                select distinct n.id as option, n.name, l.id as value, l.label, l.swatch from variants v
                join variant_values x on x.variant_id = v.id join option_values l on l.id = x.option_value_id
                join options n on n.id = x.option_id where v.product_id = p.id and v.published = 1
                order by n.position, n.id, l.position, l.id) o) as options,
            (select json_group_array(json_array(a.name, a.slug)) from (
                select a.name, a.slug from categories c join categories a on c.lower between a.lower and a.upper
                where c.id = p.main_category_id order by a.lower) a) as ways
        from products p left join brands b on b.id = p.brand_id where p.slug = ? and p.published = 1
        SQL;

    private const SAYS = '{&quot;picture&quot;:&quot;Picture&quot;,&quot;previous&quot;:&quot;Previous&quot;,'
        .'&quot;next&quot;:&quot;Next&quot;,&quot;close&quot;:&quot;Close&quot;}';

    /**
     * @param  string  $before  up to the title
     * @param  string  $head  from the icon to what is about the product
     * @param  string  $after  from the end of it
     * @param  list<string>  $ids  of the blocks, in their order
     * @param  string  $nonce  that stands in all this
     */
    private function __construct(
        private string $before,
        private string $head,
        private string $after,
        private array $ids,
        private string $nonce,
        private string $base,
    ) {
    }

    /** @param  string  $page  any page of the layout, as the shop gives it */
    public static function cutOut(string $page): self
    {
        $main = (int) strpos($page, '<main id="main">') + strlen('<main id="main">');
        $icon = (int) strpos($page, '<link rel="icon"');
        $end = (int) strpos($page, "\n\n\n\n</main>");
        preg_match_all('/data-b="(\w+)"/', substr($page, $main, $end - $main), $ids);
        preg_match('/nonce="(\w+)"/', $page, $nonce);
        preg_match('#rel="canonical" href="(.*?)/p/#', $page, $base);

        return new self(
            substr($page, 0, (int) strpos($page, '<title>')),
            substr($page, $icon, $main - $icon),
            substr($page, $end),
            $ids[1],
            $nonce[1] ?? '',
            $base[1] ?? '',
        );
    }

    public function __invoke(string $slug): Response
    {
        $row = DB::selectOne(self::QUERY, [$slug]);
        if (! $row instanceof stdClass) {
            abort(404);
        }
        /** @var list<array{int, string, int, int, string}> $pictures */
        $pictures = json_decode($row->pictures, true);
        /** @var list<array<int, mixed>> $variants */
        $variants = json_decode($row->variants, true);
        /** @var list<array{int, string, int, string, string|null}> $options */
        $options = json_decode($row->options, true);
        /** @var list<array{string, string}> $ways */
        $ways = json_decode($row->ways, true);
        $now = (new DateTimeImmutable)->format('Y-m-d H:i:s');
        $prices = array_map(static fn (array $one): int => $one[3] !== null && $one[3] < $one[2]
            && ($one[4] === null || $one[4] <= $now) && ($one[5] === null || $one[5] > $now)
                ? $one[3]
                : $one[2], $variants);
        $nonce = (string) Vite::cspNonce();

        return new Response(str_replace($this->nonce, $nonce, $this->before)
            .$this->about($row, $pictures, $variants, $prices, $ways, $nonce)
            .str_replace($this->nonce, $nonce, $this->head)
            .$this->main($row, $pictures, $variants, $prices, $options, $ways)
            .$this->after);
    }

    /**
     * @param  list<array{int, string, int, int, string}>  $pictures
     * @param  list<array<int, mixed>>  $variants
     * @param  list<int>  $prices
     * @param  list<array{string, string}>  $ways
     */
    private function about(
        stdClass $row,
        array $pictures,
        array $variants,
        array $prices,
        array $ways,
        string $nonce,
    ): string {
        $words = trim((string) preg_replace('/\s+/u', ' ', html_entity_decode(
            strip_tags(str_replace(['</p>', '</li>'], [' ', ' '], $row->short)),
            ENT_QUOTES | ENT_HTML5,
        )));
        $address = "$this->base/p/".rawurlencode($row->slug);
        [$title, $said] = [e($row->title), e($words)];
        $image = $pictures === [] ? null : "$this->base/pictures/{$pictures[0][1]}-800.webp";
        $items = [['Home', $this->base]];
        foreach ($ways as [$name, $slug]) {
            $items[] = [$name, "$this->base/c/".rawurlencode($slug)];
        }
        $items[] = [$row->title, $address];
        $list = [];
        foreach ($items as $at => [$name, $item]) {
            $list[] = ['@type' => 'ListItem', 'position' => $at + 1, 'name' => $name, 'item' => $item];
        }
        $context = ['@context' => 'https://schema.org'];

        return "<title>$title · Larkfold</title>\n<meta name=\"description\" content=\"$said\">\n"
            ."<link rel=\"canonical\" href=\"$address\"><meta property=\"og:title\" content=\"$title\">"
            ."<meta property=\"og:type\" content=\"product\"><meta property=\"og:url\" content=\"$address\">"
            .'<meta property="og:site_name" content="Larkfold">'
            ."<meta property=\"og:description\" content=\"$said\"> "
            .($image === null ? '' : "<meta property=\"og:image\" content=\"$image\">")
            .self::json($context + ['@type' => 'BreadcrumbList', 'itemListElement' => $list], $nonce)
            .self::json($context + [
                '@type' => 'Product', 'name' => $row->title, 'url' => $address, 'description' => $words,
            ] + ($pictures === [] ? [] : ['image' => array_map(
                fn (array $one): string => "$this->base/pictures/$one[1]-800.webp",
                $pictures,
            )]) + ['offers' => self::offers($variants, $prices, $address)], $nonce);
    }

    /**
     * @param  list<array<int, mixed>>  $variants
     * @param  list<int>  $prices
     * @return list<array<string, string>>
     */
    private static function offers(array $variants, array $prices, string $address): array
    {
        $offers = [];
        foreach ($variants as $at => $one) {
            $inStock = $one[6] === null || $one[6] > 0;
            $offers[] = [
                '@type' => 'Offer',
                'sku' => $one[1],
                'price' => number_format($prices[$at] / 100, 2, '.', ''),
                'priceCurrency' => 'GBP',
                'availability' => 'https://schema.org/'.($inStock ? 'InStock' : 'OutOfStock'),
                'url' => "$address?".http_build_query(['o' => $one[8]]),
            ];
        }

        return $offers;
    }

    /** @param  array<string, mixed>  $data */
    private static function json(array $data, string $nonce): string
    {
        $flags = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_HEX_TAG | JSON_HEX_AMP;

        return "<script type=\"application/ld+json\" nonce=\"$nonce\">".json_encode($data, $flags).'</script>';
    }

    /**
     * @param  list<array{int, string, int, int, string}>  $pictures
     * @param  list<array<int, mixed>>  $variants
     * @param  list<int>  $prices
     * @param  list<array{int, string, int, string, string|null}>  $options
     * @param  list<array{string, string}>  $ways
     */
    private function main(
        stdClass $row,
        array $pictures,
        array $variants,
        array $prices,
        array $options,
        array $ways,
    ): string {
        $id = $this->ids;
        $at = 0;
        foreach ($variants as $key => $one) {
            if ($one[6] === null || $one[6] > 0) {
                $at = $key;
                break;
            }
        }
        $form = "form=\"buying-$row->id\"";
        $title = e($row->title);
        $links = '<li><a href="/">Home</a></li>';
        foreach ($ways as [$name, $slug]) {
            $links .= '<li><a href="/c/'.rawurlencode($slug).'">'.e($name).'</a></li>';
        }

        return "<form id=\"buying-$row->id\" method=\"post\" action=\"/cart\" data-buying=\"o\">"
            .'<button type="submit" name="choose" value="1" hidden>Show this choice</button></form>'
            ."<div data-b=\"$id[0]\" class=\"page\">"
            ."<section data-b=\"$id[1]\" class=\"band\">\n<div class=\"band-inner\"><div data-b=\"$id[2]\" "
            ."class=\"column\"><div class=\"column-inner\"><nav data-b=\"$id[3]\" class=\"breadcrumbs\" "
            ."aria-label=\"Breadcrumbs\"><ol>\n$links<li aria-current=\"page\">$title</li></ol></nav>\n</div></div>\n"
            ."</div></section>\n<section data-b=\"$id[4]\" class=\"band\">\n<div class=\"band-inner\">"
            ."<div data-b=\"$id[5]\" data-s1 class=\"column\"><div class=\"column-inner\">"
            .self::gallery($pictures, $title, $id[6])
            ."</div></div>\n<div data-b=\"$id[7]\" data-s3 class=\"column\"><div class=\"column-inner\">"
            ."<h1 data-b=\"$id[8]\" class=\"title title-h1\">$title</h1>\n<p data-b=\"$id[9]\" class=\"price\" "
            ."data-follows>\n".self::price($variants[$at], $prices[$at])."</p>\n"
            ."<div data-b=\"$id[10]\" data-s4 class=\"short-description\">$row->short</div>\n"
            .self::picker($variants, $options, $at, $id[11], $form)
            ."<div data-b=\"$id[12]\" class=\"buy\" data-follows data-buy data-then=\"stay\" data-adding=\"Adding…\" "
            ."data-added-says=\"Added\" data-to-cart=\"See the cart\">\n<div class=\"buy-row\">\n"
            ."<input type=\"hidden\" name=\"after[$id[12]]\" value=\"stay\" $form>\n<input type=\"hidden\" "
            ."name=\"variant\" value=\"{$variants[$at][0]}\" $form>\n<label class=\"buy-quantity\">"
            ."<span>Quantity</span><input type=\"number\" name=\"quantity[$id[12]]\" value=\"1\" min=\"1\" "
            ."max=\"99\" inputmode=\"numeric\" $form></label><button type=\"submit\" name=\"buy\" "
            ."value=\"$id[12]\" class=\"buy-button\" $form>Add to cart</button>\n</div>\n"
            .'<p class="buy-said" role="status" data-said></p>'."\n</div>\n</div></div>\n"
            ."</div></section>\n<section data-b=\"$id[13]\" class=\"band\">\n<div class=\"band-inner\">"
            ."<div data-b=\"$id[14]\" class=\"column\"><div class=\"column-inner\"><div data-b=\"$id[15]\" "
            ."class=\"tabs\" data-tabs>\n<ul class=\"tabs-list\"><li><a href=\"#tab-$id[16]\" data-tab=\"$id[16]\" "
            ."data-words=\"title\" data-words-of=\"$id[16]\">Description</a></li></ul>\n<section data-b=\"$id[16]\" "
            ."class=\"tab\" id=\"tab-$id[16]\"><h2 class=\"tab-title\">Description</h2><div data-b=\"$id[17]\" "
            ."class=\"description\">$row->description</div>\n</section>\n\n</div>\n"
            ."</div></div>\n</div></section>\n</div>";
    }

    /** @param  list<array{int, string, int, int, string}>  $pictures */
    private static function gallery(array $pictures, string $title, string $id): string
    {
        $large = $small = '';
        foreach ($pictures as $at => [$number, $file, $width, $height, $alt]) {
            $alt = e($alt);
            $large .= "<img id=\"$id-$number\" src=\"/pictures/$file-800.webp\" srcset=\"/pictures/$file-400.webp "
                .'400w, '
                ."/pictures/$file-800.webp 800w\" sizes=\"(max-width: 639px) 92vw, 50vw\" width=\"$width\" "
                ."height=\"$height\" alt=\"$alt\"  ".($at === 0 ? 'fetchpriority="high"' : 'loading="lazy"')." >\n";
            $small .= "<li><a href=\"#$id-$number\" ".($at === 0 ? ' aria-current="true" ' : '')
                ."><img src=\"/pictures/$file-160.webp\" width=\"66\" height=\"66\" alt=\"Show: $alt\" "
                ."loading=\"lazy\"></a></li>\n";
        }

        return "<div data-b=\"$id\" data-s2 class=\"gallery gallery-below\" data-gallery data-follows>\n<div "
            ."class=\"gallery-stage\" tabindex=\"0\" role=\"group\" aria-label=\"Pictures of $title\">\n$large</div>\n"
            .'<button type="button" class="gallery-enlarge" data-enlarge hidden data-says="'.self::SAYS
            .'">Enlarge</button>'.(count($pictures) > 1 ? "<ul class=\"gallery-thumbs\">\n$small</ul>\n" : '')
            ."</div>\n";
    }

    /** @param  array<int, mixed>  $variant */
    private static function price(array $variant, int $price): string
    {
        $money = static fn (int $pence): string => '£'.number_format($pence / 100, 2);
        $unit = preg_match('/^(\d+) ml$/D', (string) $variant[7], $part) === 1
            ? '<small class="price-unit">'.$money((int) round($price * 100 / (int) $part[1])).' for 100 ml</small>'
            : '';

        return "<span class=\"price-now\">{$money($price)}</span>\n".($price < $variant[2]
            ? "<s class=\"price-was\"><span class=\"unseen\">Before </span>{$money($variant[2])}</s>"
                .'<span class="price-saving">save '.(int) floor(100 - $price * 100 / $variant[2]).' %</span>'
            : '').$unit;
    }

    /**
     * @param  list<array<int, mixed>>  $variants
     * @param  list<array{int, string, int, string, string|null}>  $options
     */
    private static function picker(array $variants, array $options, int $at, string $id, string $form): string
    {
        $made = array_map(static fn (array $one): array => $one[8], $variants);
        $html = "<div data-b=\"$id\" class=\"picker\" data-picker data-follows>\n<input type=\"hidden\" "
            ."name=\"variant\" value=\"{$variants[$at][0]}\" $form>\n";
        $open = null;
        $drawn = false;
        foreach ($options as [$option, $name, $value, $label, $swatch]) {
            $label = e($label);
            if ($open !== $option) {
                $chosen = array_column(array_filter($options, static fn (array $one): bool => $one[0] === $option
                    && $one[2] === $made[$at][$option]), 3)[0];
                $html .= ($open === null ? '' : "</div>\n</fieldset>\n").'<fieldset class="picker-option">'."\n<legend>"
                    .e($name).' · <span class="picker-chosen">'.e($chosen)
                    ."</span></legend>\n<div class=\"picker-values\">\n";
                $open = $option;
                $drawn = ! in_array(null, array_column(array_filter(
                    $options,
                    static fn (array $one): bool => $one[0] === $option,
                ), 4), true);
            }
            $with = [$option => $value] + $made[$at];
            ksort($with);
            $found = null;
            foreach ($made as $key => $values) {
                ksort($values);
                $found ??= $values === $with ? $key : null;
            }
            $state = match (true) {
                $found === null => 'not-made',
                $variants[$found][6] === null || $variants[$found][6] > 0 => 'available',
                default => 'sold-out',
            };
            $html .= '<label class="picker-'.($drawn ? "swatches is-$state\"  title=\"$label\"" : "buttons is-$state\"")
                ." >\n<input type=\"radio\" "
                ."name=\"choice[$id][$option]\" value=\"$value\" $form "
                .($made[$at][$option] === $value ? 'checked' : '').">\n".($drawn
                    ? '<svg viewBox="0 0 32 32" aria-hidden="true"><circle cx="16" cy="16" r="15" '
                        .'fill="'.e($swatch).'"/>'
                        .($state === 'available' ? '' : '<path d="M4 28L28 4" class="picker-struck"/>')
                        ."</svg><span class=\"unseen\">$label</span>\n"
                    : "<span>$label</span>")
                .($state === 'sold-out' ? '<span class="unseen">, sold out</span>' : '')."</label>\n";
        }

        return $html."</div>\n</fieldset>\n<button type=\"submit\" name=\"choose\" value=\"1\" class=\"picker-go\" "
            ."$form>Show this choice</button>\n</div>\n";
    }
}
