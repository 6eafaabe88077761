<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Numbered;
use Vestibra\Core\Templates\Types\Numbers;
use Vestibra\Core\Templates\Types\PictureChoice;
use Vestibra\Core\Templates\Types\Products;
use Vestibra\Core\Templates\Types\RichText;
use Vestibra\Core\Templates\Types\Text;

/**
 * A kind of block that nothing in the application knows, with a setting of each type that names something, under names
 * of its own.
 */
final readonly class Curio implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition('curio', 'Curio', Shelf::Say, [
            Setting::sourced('portrait', 'Portrait', new PictureChoice, null),
            Setting::what('reel', 'Reel', new Numbered('film'), null),
            Setting::what('papers', 'Papers', new Numbers('file', 5), []),
            Setting::what('matter', 'Matter', new Numbered('fact'), null),
            Setting::what('pieces', 'Pieces', new Numbered('blocks-fact'), null),
            Setting::what('friends', 'Friends', new Products, []),
            Setting::what('piece', 'Piece', new Numbered('part'), null),
            Setting::what('shelf', 'Shelf', new Numbered('collection'), null),
            Setting::sourced('tale', 'Tale', new RichText, ''),
            Setting::sourced('line', 'Line', new Text(80), ''),
        ]);
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown(['pictures' => array_keys($context->pictures), 'files' => array_keys($context->files)]);
    }
}
