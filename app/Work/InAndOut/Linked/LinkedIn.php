<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Linked;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Work\InAndOut\Folder\FolderReader;
use Vestibra\App\Work\InAndOut\Folder\Outcome;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Linked\LinkedReader;
use Vestibra\Core\Formats\Shop\FolderProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Problem;

/** Reads products from a file of schema.org JSON-LD: as a folder with just those products would be read. */
final readonly class LinkedIn
{
    private const MOST_BYTES = 60_000_000;

    public function __construct(
        private FolderReader $reader,
        private LinkedFiles $files,
        private ShopSettings $settings,
    ) {
    }

    /** @return Outcome|non-empty-list<FolderProblem> */
    public function read(string $path, User $user, bool $dry, bool $leaping = false): Outcome|array
    {
        $bytes = (int) @filesize($path);
        $text = $bytes > self::MOST_BYTES ? false : @file_get_contents($path);
        if ($text === false) {
            return [new FolderProblem(
                basename($path),
                $bytes > self::MOST_BYTES
                    ? FileFormatProblem::TooLarge->at('', ['most' => intdiv(self::MOST_BYTES, 1_000_000)])
                    : FileFormatProblem::NotJson->at('', ['why' => 'it cannot be read']),
            )];
        }
        $products = LinkedReader::read(json_decode($text, true, ShopFolder::DEEPEST));
        if ($products instanceof Problem) {
            return [new FolderProblem(basename($path), $products)];
        }
        foreach ($products as $product) {
            foreach ($product['variants'] as $variant) {
                if (! in_array($variant['currency'], ['', $this->settings->money()->currency], true)) {
                    return [new FolderProblem(
                        basename($path),
                        FileFormatProblem::AnotherCurrency->at('', [
                            'theirs' => mb_substr($variant['currency'], 0, 10),
                            'ours' => $this->settings->money()->currency,
                        ]),
                    )];
                }
            }
        }
        $folder = sys_get_temp_dir().'/vestibra-linked-'.bin2hex(random_bytes(8));
        mkdir($folder, 0o700);
        try {
            DB::transaction(fn () => $this->files->write($products, $folder));

            return $this->reader->read($folder, $user, true, dry: $dry, leaping: $leaping);
        } finally {
            DataFolder::remove($folder);
        }
    }
}
