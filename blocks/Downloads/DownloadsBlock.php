<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Downloads;

use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Numbered;
use Vestibra\Core\Templates\Types\Numbers;
use Vestibra\Core\Templates\Types\Text;

final readonly class DownloadsBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'downloads',
            'Downloads',
            Shelf::Show,
            [
                Setting::words('title', 'Title', new Text(80), 'downloads.title'),
                OwnHeading::setting(),
                Setting::what('fact', 'From the fact', new Numbered('files-fact'), null),
                Setting::what('files', 'and on every product', new Numbers('file', 12), []),
            ],
            searchWords: 'files pdf leaflet manual',
            messages: ['downloads', 'file'],
            wordsMayStay: true,
            headingLevel: 2,
            pieces: [
                Piece::letters('title', 'Heading', '.downloads-title'),
                Piece::box('row', 'Rows', 'li')->withLines(),
                Piece::link('link', 'Names', 'a'),
                Piece::letters('kind', 'Kind and size', 'li > span'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $fact = $settings->number('fact');
        $ids = array_unique([...$context->fact($fact)?->numbers() ?? [], ...$settings->ids('files')]);
        $files = array_values(
            array_filter(array_map(static fn (int $id): ?ShopFile => $context->files[$id] ?? null, $ids)),
        );
        if ($files === []) {
            return Composed::absent(match (true) {
                $fact === null && $ids === [] => 'choose a fact or files',
                $fact === null => 'these files are gone',
                default => 'this product has nothing in '.($context->shop->nameOf('fact', $fact) ?? 'this fact'),
            });
        }

        return Composed::shown([
            'title' => $settings->text('title'),
            ...OwnHeading::of($settings),
            'files' => array_map(
                static fn (ShopFile $file): array => [
                    'name' => pathinfo($file->name, PATHINFO_FILENAME),
                    'address' => $context->addresses->file($file),
                    'words' => $file->ending().', '.$file->size($context->messages),
                ],
                $files,
            ),
        ]);
    }
}
