<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Page;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Types\AroundChoice;
use Vestibra\Core\Templates\Types\PictureChoice;
use Vestibra\Core\Templates\Types\Text;

final readonly class PageBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'page',
            'Page',
            null,
            [
                Setting::what('header', 'Header', new AroundChoice(PageKind::Header), true),
                Setting::what('footer', 'Footer', new AroundChoice(PageKind::Footer), true),
                Setting::sourced('searchTitle', 'Title for search engines', new Text(120, cut: 60), ''),
                Setting::sourced(
                    'searchDescription',
                    'Words for search engines',
                    new Text(320, lines: true, cut: 155),
                    '',
                ),
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
            'header' => $settings->number('header') ?? $settings->bool('header'),
            'footer' => $settings->number('footer') ?? $settings->bool('footer'),
            'searchTitle' => $settings->text('searchTitle'),
            'searchDescription' => $settings->text('searchDescription'),
            'socialPicture' => $picture === null ? '' : $context->addresses->picture($picture, 800),
        ]);
    }
}
