<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;

/** Where the shop's pages and pictures are found. */
interface Addresses
{
    public function home(): string;

    public function product(string $slug): string;

    public function category(string $slug): string;

    public function addToCart(): string;

    /** @param  int  $width one of the sizes that pictures are kept in */
    public function picture(Picture $picture, int $width): string;
}
