<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Beneath;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Toggle;

/** The categories right beneath the one of the page. Where there are none it is not there. */
final readonly class BeneathBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'beneath',
            'Categories beneath',
            Shelf::More,
            [
                Setting::what('pictures', 'With their pictures', new Toggle, false),
                Setting::what('counts', 'With how many products', new Toggle, false),
                Setting::how('perRow', 'In a row, with pictures', new Amount(1, 8, ''), '--beneath-per-row'),
            ],
            searchWords: 'sub-categories children shelves navigation',
            subjects: [SubjectKind::Category],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $beneath = $context->shop->beneath($settings->bool('pictures') || $settings->bool('counts'));
        $links = array_map(static fn (array $one): array => [
            'name' => $one['name'],
            'address' => $one['address'],
            'count' => $settings->bool('counts') ? $one['products'] : null,
            'picture' => $one['picture'] === null ? null : PictureData::of($one['picture'], $context->addresses),
        ], $beneath);

        return $links === []
            ? Composed::absent('there are no categories beneath this one')
            : Composed::shown(['links' => $links, 'pictures' => $settings->bool('pictures')]);
    }
}
