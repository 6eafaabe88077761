<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use stdClass;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\ResponseHeaderBag;
use Vestibra\App\Ground\Files\Files;
use Vestibra\App\Ground\Files\FileUse;
use Vestibra\App\Ground\Models\ShopFile;

/**
 * Hands out files: downloads to be saved, films and captions to be played. Parts of a film can be asked for (RFC 9110,
 * ranges).
 */
final readonly class FileController
{
    public function __invoke(string $name, Files $files): BinaryFileResponse
    {
        $row = preg_match('/^[a-z0-9-]{1,100}\.[a-z0-9]{2,5}$/D', $name) === 1
            ? ShopFile::query()->toBase()->where('file', $name)->whereNull('gone_at')->first()
            : null;
        if (! $row instanceof stdClass || ! is_file($files->path($row->file))) {
            abort(404);
        }
        $response = new BinaryFileResponse($files->path($row->file), 200, [
            'Content-Type' => $row->type,
            'X-Content-Type-Options' => 'nosniff',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Cache-Control' => 'public, max-age=31536000, immutable',
        ]);
        if ($row->use === FileUse::Download->value) {
            $plain = preg_replace('/[^\x20-\x7e]|[%\/\\\\"]/', '_', $row->name) ?? 'file';
            $response->setContentDisposition(
                ResponseHeaderBag::DISPOSITION_ATTACHMENT,
                str_replace(['/', '\\'], '_', $row->name),
                $plain,
            );
        }

        return $response;
    }
}
