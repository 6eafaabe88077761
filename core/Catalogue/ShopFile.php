<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use Vestibra\Core\Messages\Messages;

/**
 * Something that the shop keeps besides pictures: a file to download, a film, or the captions of one.
 *
 * @api
 */
final readonly class ShopFile
{
    /**
     * @param  string  $name  as the owner called it, with its ending: `Care leaflet.pdf`
     * @param  string  $file  its name in addresses
     * @param  string  $type  the MIME type
     * @param  int  $width  of a film, in pixels; 0 for others
     * @param  int  $seconds  of a film
     * @param  int|null  $captionsId  of a film: the file that holds its captions
     * @param  int|null  $posterId  of a film: the picture that stands there until it plays
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $file,
        public string $type,
        public int $bytes,
        public int $width = 0,
        public int $height = 0,
        public int $seconds = 0,
        public ?int $captionsId = null,
        public ?int $posterId = null,
    ) {
    }

    /** Its size as people read it: `820 bytes`, `12 kB`, `1.4 MB`, by thousands (ISO/IEC 80000-13: k is 1000). */
    public function size(Messages $messages): string
    {
        $megabytes = round($this->bytes / 1_000_000, 1);

        return match (true) {
            $this->bytes < 1000 => $messages->say('file.bytes', ['size' => (string) $this->bytes]),
            $this->bytes < 999_500 => $messages->number(round($this->bytes / 1000)).' kB',
            default => $messages->number($megabytes, $megabytes === floor($megabytes) ? 0 : 1).' MB',
        };
    }

    public function isFilm(): bool
    {
        return str_starts_with($this->type, 'video/');
    }

    /** Its ending in capitals, as it is named beside a link: `PDF`. */
    public function ending(): string
    {
        return strtoupper(pathinfo($this->name, PATHINFO_EXTENSION));
    }
}
