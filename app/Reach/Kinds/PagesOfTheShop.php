<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Kinds;

use Closure;
use LogicException;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\PageKind;

/** How the pages of each kind are found, made when somebody asks for them. */
final class PagesOfTheShop
{
    /** @var array<string, PagesOfKind> */
    private array $made = [];

    /** @param  array<string, Closure(): PagesOfKind>  $kinds  by page kind */
    public function __construct(private readonly array $kinds)
    {
    }

    /** @throws LogicException when the shop has no templates for such pages */
    public function get(PageKind|string $kind): PagesOfKind
    {
        $name = $kind instanceof PageKind ? $kind->value : $kind;

        return $this->made[$name] ??= ($this->kinds[$name]
            ?? throw new LogicException("The shop has no templates for $name."))();
    }

    /** @return list<PagesOfKind> of what is a page by itself */
    public function pages(): array
    {
        return array_map(fn (PageKind $kind): PagesOfKind => $this->get($kind), PageAddresses::pageKinds());
    }

    /** @return list<PagesOfKind> */
    public function all(): array
    {
        return array_map(fn (PageKind $kind): PagesOfKind => $this->get($kind), PageAddresses::kinds());
    }
}
