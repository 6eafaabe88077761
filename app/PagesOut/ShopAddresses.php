<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Composing\Addresses;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;

/** The shop's addresses as paths from its root. */
final readonly class ShopAddresses implements Addresses
{
    public function home(): string
    {
        return '/';
    }

    public function product(string $slug): string
    {
        return PageAddresses::address(PageKind::Product, $slug);
    }

    public function category(string $slug): string
    {
        return PageAddresses::address(PageKind::Category, $slug);
    }

    public function brand(string $slug): string
    {
        return PageAddresses::address(PageKind::Brand, $slug);
    }

    public function subject(Subject $subject): string
    {
        return PageAddresses::address(PageKind::from($subject->kind()->value), $subject->slug());
    }

    public function addToCart(): string
    {
        return '/cart';
    }

    public function file(ShopFile $file): string
    {
        return "/files/$file->file";
    }

    public function picture(Picture $picture, int $width): string
    {
        return "/pictures/$picture->file-$width.webp";
    }
}
