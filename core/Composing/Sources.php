<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Templates\Source;

/**
 * What sources give for what the page is about. Empty where it has none.
 *
 * @api
 */
final readonly class Sources
{
    /** A value standing in rich text, as `<span data-value="product.fact" data-of="7">…</span>`. */
    private const CHIP = '~<span\b[^>]*\bdata-value="([a-z.-]+)"(?:[^>]*\bdata-of="(\d{1,9})")?[^>]*>[^<]*</span>~';

    public function __construct(private Context $context)
    {
    }

    public function words(Source $source, ?int $number = null): string
    {
        $subject = $this->context->subject;

        return match (true) {
            $source === Source::ShopName => $this->context->shop->name(),
            $subject instanceof Product => $this->ofProduct($subject, $source, $number),
            $subject instanceof Assortment => self::ofAssortment($subject, $source),
            default => '',
        };
    }

    private function ofProduct(Product $product, Source $source, ?int $number): string
    {
        return match ($source) {
            Source::Title => $product->title,
            Source::ShortDescription => $product->shortWords(),
            Source::Description => FactValue::plain($product->description),
            Source::Brand => $product->brand->name ?? '',
            Source::Category => $this->category()->name ?? '',
            Source::Collection => $product->collectionNames[0] ?? '',
            Source::Tags => implode(', ', $product->tags),
            Source::Sku => $this->context->chosen()->variant->sku ?? '',
            Source::Price => $this->price(),
            Source::Stock => (string) ($this->context->chosen()->variant?->stock === null
                ? ''
                : max(0, $this->context->chosen()->variant->stock)),
            Source::Rating => $product->reviewCount === 0
                ? ''
                : $this->context->messages->number($product->starSum / $product->reviewCount, 1),
            Source::ReviewCount => $product->reviewCount === 0 ? '' : (string) $product->reviewCount,
            Source::FactNumber => (string) ($this->number($number ?? 0) ?? ''),
            Source::Fact => $product->fact($number ?? 0)?->words($this->context->messages) ?? '',
            Source::FactDay => $product->fact($number ?? 0)->shown[0] ?? '',
            Source::Option => $this->option($number ?? 0),
            default => '',
        };
    }

    private static function ofAssortment(Assortment $one, Source $source): string
    {
        return match ($source) {
            Source::PageTitle => $one->name,
            Source::PageDescription => $one->description,
            Source::PageProducts => (string) $one->products,
            default => '',
        };
    }

    /** The same as HTML: descriptions and rich facts with their marks. */
    public function html(Source $source, ?int $number = null): string
    {
        $fact = $source === Source::Fact ? $this->context->fact($number) : null;
        if ($source === Source::Description && $this->context->subject instanceof Product) {
            return $this->context->subject->description;
        }
        if ($fact?->fact->kind === FactKind::RichText) {
            return $fact->shown[0] ?? '';
        }
        $words = $this->words($source, $number);

        return $words === '' ? '' : '<p>'.htmlspecialchars($words, ENT_QUOTES).'</p>';
    }

    public function link(Source $source, ?int $number = null): string
    {
        $category = $this->category();

        return match ($source) {
            Source::ProductLink => $this->context->subject instanceof Product
                ? $this->context->addresses->product($this->context->subject->slug)
                : '',
            Source::CategoryLink => $category === null ? '' : $this->context->addresses->category($category->slug),
            Source::BrandLink => $this->brandLink(),
            Source::FactLink => $this->factLink($number ?? 0),
            default => '',
        };
    }

    private function brandLink(): string
    {
        $brand = $this->context->subject instanceof Product ? $this->context->subject->brand : null;

        return $brand === null ? '' : $this->context->addresses->brand($brand->slug);
    }

    /** A fact's number as a whole one, rounded down. */
    public function number(int $fact): ?int
    {
        $value = $this->context->fact($fact);
        if ($value?->fact->kind !== FactKind::Number) {
            return null;
        }
        $scaled = $value->values[0];

        return is_int($scaled) ? (int) floor($scaled / 10 ** $value->fact->decimals) : null;
    }

    public function picture(Source $source, ?int $number = null): ?Picture
    {
        $subject = $this->context->subject;

        return match ($source) {
            Source::FactPicture => $this->context->pictures[$this->context->fact($number)?->numbers()[0] ?? 0] ?? null,
            Source::PagePicture => $subject instanceof Assortment ? $subject->picture : null,
            default => $subject instanceof Product
                ? $subject->pictures[$source === Source::OtherPicture ? 1 : 0] ?? null
                : null,
        };
    }

    /** Rich text with the product's own values where they stand in it; one that is missing leaves nothing. */
    public function withValues(string $html): string
    {
        return preg_replace_callback(self::CHIP, function (array $chip): string {
            $source = Source::tryFrom($chip[1]);

            return $source === null ? '' : htmlspecialchars($this->words($source, (int) ($chip[2] ?? 0)), ENT_QUOTES);
        }, $html) ?? '';
    }

    public function name(Source $source, ?int $number): string
    {
        $named = $source->isOneOfSeveral()
            ? $this->context->shop->nameOf($source === Source::Option ? 'option' : 'fact', $number ?? 0)
            : null;

        return $named === null ? $source->words() : "“{$named}”";
    }

    /** The address that a fact holds, or its first file. */
    private function factLink(int $number): string
    {
        $value = $this->context->fact($number);
        $file = $value === null ? null : $this->context->files[$value->numbers()[0] ?? 0] ?? null;

        return match ($value?->fact->kind) {
            FactKind::Link => trim($value->shown[0] ?? ''),
            FactKind::Files => $file === null ? '' : $this->context->addresses->file($file),
            default => '',
        };
    }

    private function category(): ?\Vestibra\Core\Catalogue\Category
    {
        $id = $this->context->subject instanceof Product ? $this->context->subject->mainCategoryId : null;

        return $id === null ? null : $this->context->categories->category($id);
    }

    private function price(): string
    {
        $variant = $this->context->chosen()->variant;

        return $variant === null ? '' : $this->context->money->format($variant->priceAt($this->context->now));
    }

    private function option(int $id): string
    {
        $chosen = $this->context->chosen()->variant->values[$id] ?? null;
        foreach ($this->context->product()->options as $option) {
            foreach ($option->id === $id ? $option->values : [] as $value) {
                if ($value->id === $chosen) {
                    return $value->label;
                }
            }
        }

        return '';
    }
}
