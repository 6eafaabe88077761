<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Source;

/** A block's own values with its defaults behind them and its sources filled from the product. */
final readonly class Settings
{
    public function __construct(
        private Node $node,
        private Definition $definition,
        private Context $context,
    ) {
    }

    public function text(string $name): string
    {
        $value = $this->value($name);
        $source = Source::of($value);
        if ($source === null) {
            return is_string($value) ? $value : '';
        }
        $filled = $this->fromProduct($source);
        $otherwise = is_array($value) ? $value['otherwise'] ?? '' : '';

        return $filled === '' && is_string($otherwise) ? $otherwise : $filled;
    }

    public function bool(string $name): bool
    {
        return $this->value($name) === true;
    }

    public function picture(string $name): ?Picture
    {
        $value = $this->value($name);
        if (Source::of($value) !== null) {
            $otherwise = is_array($value) ? $value['otherwise'] ?? null : null;
            $value = is_int($otherwise) ? $otherwise : null;

            return $this->context->product->pictures[0] ?? $this->context->pictures[$value ?? 0] ?? null;
        }

        return is_int($value) ? $this->context->pictures[$value] ?? null : null;
    }

    private function value(string $name): mixed
    {
        return $this->node->what[$name] ?? $this->definition->setting(Question::What, $name)?->default;
    }

    private function fromProduct(Source $source): string
    {
        $product = $this->context->product;

        return match ($source) {
            Source::Title => $product->title,
            Source::ShortDescription => $product->shortDescription,
            Source::Brand => $product->brand->name ?? '',
            Source::Category => $product->mainCategoryId === null
                ? ''
                : $this->context->categories->category($product->mainCategoryId)->name ?? '',
            Source::Sku => $this->context->chosen->variant->sku ?? '',
            Source::Picture => '',
        };
    }
}
