<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Pages\Subject;

/**
 * Where the shop's pages and pictures are found.
 *
 * @api
 */
interface Addresses
{
    public function home(): string;

    public function product(string $slug): string;

    public function category(string $slug): string;

    public function brand(string $slug): string;

    /** The page about something. */
    public function subject(Subject $subject): string;

    public function addToCart(): string;

    /** Where a file is downloaded from, or a film played. */
    public function file(ShopFile $file): string;

    /** @param  int  $width one of the sizes that pictures are kept in */
    public function picture(Picture $picture, int $width): string;
}
