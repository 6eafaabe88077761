<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use Vestibra\Core\Pages\PageKind;

/**
 * Which pages look different where they keep their template.
 *
 * @api
 */
final readonly class NewLooks
{
    /**
     * @param  list<int>  $templates  all pages of these, which are of one kind each
     * @param  array<int, list<int>>  $products  by product, where it has one of these templates
     */
    public function __construct(
        public array $templates = [],
        public array $products = [],
    ) {
    }

    public function with(self $more): self
    {
        $products = $this->products;
        foreach ($more->products as $product => $templates) {
            $products[$product] = array_values(array_unique([...$products[$product] ?? [], ...$templates]));
        }

        return new self(array_values(array_unique([...$this->templates, ...$more->templates])), $products);
    }

    public function holds(PageKind $kind, int $page, ?int $template): bool
    {
        return in_array($template, $this->templates, true)
            || ($kind === PageKind::Product && in_array($template, $this->products[$page] ?? [], true));
    }
}
