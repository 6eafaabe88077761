<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Page;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Types\PictureChoice;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class PageBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'page',
            'Page',
            null,
            [
                Setting::what('header', 'The shop’s header', new Toggle, true),
                Setting::what('footer', 'The shop’s footer', new Toggle, true),
                Setting::sourced('searchTitle', 'Title for search engines', new Text(120, cut: 60), ''),
                Setting::sourced('searchDescription', 'Words for search engines', new Text(320, lines: true, cut: 155), ''),
                Setting::sourced('socialPicture', 'Picture where it is shared', new PictureChoice, null),
            ],
            Role::Page,
            Role::Band,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $picture = $settings->picture('socialPicture');

        return Composed::shown([
            'header' => $settings->bool('header'),
            'footer' => $settings->bool('footer'),
            'searchTitle' => $settings->text('searchTitle'),
            'searchDescription' => $settings->text('searchDescription'),
            'socialPicture' => $picture === null ? '' : $context->addresses->picture($picture, 800),
        ]);
    }
}
