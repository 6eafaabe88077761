<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use Vestibra\Core\Pages\PageKind;

/** Which pages look different with a set of changes where they keep their template. */
final readonly class NewLooks
{
    /**
     * @param  list<int>  $templates  all pages of these
     * @param  array<int, list<int>>  $products  by product, where it has one of these templates
     */
    public function __construct(
        public array $templates,
        public array $products,
    ) {
    }

    /**
     * As SQL on `before_id` and `page_id`. Templates have numbers of their own, so that no page of another kind has one
     * of these.
     */
    public function sql(): string
    {
        $parts = ['before_id in ('.implode(',', $this->templates).')'];
        foreach ($this->products as $product => $templates) {
            $parts[] = "(page_id = $product and before_id in (".implode(',', $templates).'))';
        }

        return '('.implode(' or ', $parts).')';
    }

    public function holds(PageKind $kind, int $page, ?int $template): bool
    {
        return in_array($template, $this->templates, true)
            || ($kind === PageKind::Product && in_array($template, $this->products[$page] ?? [], true));
    }
}
