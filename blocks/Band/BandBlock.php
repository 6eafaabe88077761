<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Band;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Colour;
use Vestibra\Core\Templates\Types\Step;

final readonly class BandBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'band',
            'Band',
            Shelf::Arrange,
            [
                Setting::how('background', 'Background', new Colour, 'background-color'),
                Setting::how('width', 'Width', new Choice(
                    ['content' => 'content width', 'full' => 'full width'],
                    ['content' => 'var(--content-width)', 'full' => 'none'],
                ), '--band-width', 'content-width'),
                Setting::how('gap', 'Between columns', new Step, '--band-gap'),
                Setting::how('align', 'Columns stand', new Choice(
                    ['stretch' => 'as high as the row', 'flex-start' => 'at the top', 'center' => 'in the middle'],
                ), '--band-align'),
                Setting::how('paddingAbove', 'Room above', new Step, 'padding-top'),
                Setting::how('paddingBelow', 'Room below', new Step, 'padding-bottom'),
            ],
            Role::Band,
            Role::Column,
            [
                self::starter('Band, one column', 1),
                self::starter('Band, 1 : 1', 1, 1),
                self::starter('Band, 3 : 2', 3, 2),
            ],
            'row section strip columns',
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown();
    }

    private static function starter(string $name, int ...$shares): Starter
    {
        return new Starter($name, ['kind' => 'band', 'children' => array_map(
            static fn (int $share): array => $share === 1
                ? ['kind' => 'column']
                : ['kind' => 'column', 'how' => ['desktop' => ['share' => $share]]],
            $shares,
        )]);
    }
}
