<?php

declare(strict_types=1);

namespace Vestibra\Demo\Drawing;

use LogicException;

/** Draws the demo's goods: flat, pleasant, recognisable, each in its own colour. */
final class Drawings
{
    private const DARK = '#2b2f33';

    private const PAPER = '#fbf8f0';

    private const BRASS = '#c79a4b';

    public static function draw(string $what, string $colour, string $second): Canvas
    {
        return match ($what) {
            'bottle' => self::bottle(new Canvas('#eef1ef'), $colour, 500, 1),
            'swatch' => self::swatch($colour),
            'desk-ink' => self::deskInk($colour),
            'pen' => self::pen(new Canvas('#eef1ef'), $colour, $second),
            'nib' => self::nib($colour, $second),
            'pen-case' => self::penCase($colour, $second),
            'pencil' => self::pencil($colour, $second),
            'notebook' => self::notebook($colour, $second),
            'open' => self::openBook($colour, $second),
            'stack' => self::stack($colour, $second),
            'sheets' => self::sheets($colour, $second),
            'envelope' => self::envelope($colour, $second),
            'cards' => self::cards($colour, $second),
            'cartridges' => self::cartridges($colour),
            'tray' => self::tray($colour, $second),
            'blotter' => self::blotter($colour, $second),
            'wax' => self::wax($colour),
            'seal' => self::seal($colour, $second),
            'rest' => self::rest($colour, $second),
            'ruler' => self::ruler($colour),
            'lamp' => self::lamp($colour),
            'weight' => self::weight($colour),
            'opener' => self::opener($colour, $second),
            'roll' => self::roll($colour, $second),
            default => throw new LogicException("There is no drawing of a $what."),
        };
    }

    private static function bottle(Canvas $c, string $ink, float $x, float $scale): Canvas
    {
        $glass = '#d5e4e4';
        $at = static fn (float $dx): float => $x + $dx * $scale;
        $up = static fn (float $y): float => 860 - (860 - $y) * $scale;

        return $c
            ->ellipse($x, $up(862), 430 * $scale, 44 * $scale, '#dfe4e1')
            ->rect($at(-190), $up(360), 380 * $scale, 500 * $scale, $glass, 54 * $scale)
            ->rect($at(-166), $up(500), 332 * $scale, 336 * $scale, $ink, 40 * $scale)
            ->rect($at(-166), $up(500), 332 * $scale, 60 * $scale, $ink)
            ->rect($at(-166), $up(500), 332 * $scale, 14 * $scale, Canvas::shade($ink, 0.25))
            ->rect($at(-96), $up(280), 192 * $scale, 96 * $scale, '#c3d6d6', 12 * $scale)
            ->rect($at(-122), $up(146), 244 * $scale, 150 * $scale, self::DARK, 22 * $scale)
            ->rect($at(-122), $up(258), 244 * $scale, 8 * $scale, '#454b50')
            ->rect($at(-118), $up(560), 236 * $scale, 190 * $scale, self::PAPER, 8 * $scale)
            ->rect($at(-78), $up(606), 156 * $scale, 16 * $scale, $ink, 8 * $scale)
            ->rect($at(-54), $up(646), 108 * $scale, 9 * $scale, '#b9b4a6', 4 * $scale)
            ->rect($at(-36), $up(674), 72 * $scale, 9 * $scale, '#b9b4a6', 4 * $scale)
            ->ellipse($x, $up(716), 30 * $scale, 30 * $scale, Canvas::shade($ink, 0.3))
            ->rect($at(-168), $up(400), 18 * $scale, 400 * $scale, '#e9f2f1', 9 * $scale);
    }

    private static function swatch(string $ink): Canvas
    {
        $c = (new Canvas('#f6f3ea'))->rect(120, 120, 760, 760, self::PAPER, 10);
        foreach ([0.0, 0.18, 0.36, 0.54] as $row => $by) {
            $c->rect(200, 210 + $row * 92, 600 - $row * 70, 76, Canvas::shade($ink, $by), 30);
        }

        return $c->wave(210, 700, 560, 46, 4.5, 16, $ink)->wave(210, 810, 420, 20, 6, 9, Canvas::shade($ink, 0.15))
            ->ellipse(720, 800, 66, 60, $ink)->ellipse(778, 772, 24, 22, $ink);
    }

    private static function deskInk(string $ink): Canvas
    {
        $c = (new Canvas('#e9e2d4'))->shape([80, 420, 660, 300, 820, 880, 220, 1000], self::PAPER);
        for ($line = 0; $line < 7; $line++) {
            $c->wave(210 + $line * 20, 520 + $line * 58, 330 - ($line % 3) * 60, 10, 7, 7, $ink);
        }

        return self::bottle($c, $ink, 730, 0.56);
    }

    private static function pen(Canvas $c, string $barrel, string $metal): Canvas
    {
        $dark = Canvas::shade($barrel, -0.25);

        return $c->bar(215, 815, 815, 230, 26, '#dde2df')
            ->bar(190, 780, 560, 420, 78, $barrel)
            ->bar(215, 735, 540, 418, 10, Canvas::shade($barrel, 0.28))
            ->bar(552, 428, 800, 187, 92, $dark)
            ->bar(540, 440, 566, 415, 92, $metal)
            ->bar(590, 356, 770, 181, 14, $metal)
            ->ellipse(590, 356, 34, 34, $metal)
            ->ellipse(184, 786, 60, 60, $dark);
    }

    private static function nib(string $barrel, string $metal): Canvas
    {
        $c = new Canvas('#f3efe6');
        $c->bar(1000, 20, 640, 360, 190, $barrel)->bar(700, 305, 655, 347, 190, Canvas::shade($barrel, -0.3))
            ->bar(645, 358, 560, 440, 130, self::DARK)
            ->shape([600, 340, 660, 400, 560, 560, 250, 745, 440, 440], $metal)
            ->shape([630, 370, 640, 380, 252, 744, 248, 740], Canvas::shade($metal, -0.35))
            ->ellipse(520, 482, 34, 34, self::DARK)->ellipse(250, 742, 16, 16, Canvas::shade($metal, -0.2));

        return $c->wave(90, 860, 300, 24, 3, 8, $barrel)->wave(390, 860, 160, 12, 2, 8, $barrel);
    }

    private static function penCase(string $barrel, string $metal): Canvas
    {
        return (new Canvas('#e9e2d4'))->rect(130, 260, 740, 480, '#3a3430', 26)->rect(165, 295, 670, 410, '#5b5049', 14)
            ->bar(250, 500, 560, 500, 76, $barrel)->bar(575, 500, 750, 500, 88, Canvas::shade($barrel, -0.25))
            ->bar(560, 500, 572, 500, 88, $metal)
            ->bar(610, 462, 760, 462, 12, $metal)
            ->rect(470, 715, 60, 40, self::BRASS, 8);
    }

    private static function pencil(string $barrel, string $metal): Canvas
    {
        return (new Canvas('#eef1ef'))
            ->bar(260, 760, 720, 300, 64, $barrel)
            ->bar(274, 732, 716, 290, 12, Canvas::shade($barrel, 0.3))
            ->bar(716, 304, 752, 268, 68, $metal)->bar(762, 258, 800, 220, 60, '#d98f86')
            ->shape([282, 783, 237, 738, 170, 850], '#e7cfa5')->shape([196, 828, 187, 819, 165, 855], self::DARK);
    }

    private static function notebook(string $cover, string $band): Canvas
    {
        return (new Canvas('#eef1ef'))
            ->rect(262, 152, 510, 716, '#dce1de', 22)
            ->rect(258, 140, 500, 716, self::PAPER, 16)
            ->rect(240, 132, 500, 716, $cover, 22)->rect(240, 132, 64, 716, Canvas::shade($cover, -0.2), 22)
            ->rect(284, 132, 20, 716, Canvas::shade($cover, -0.12))->rect(660, 132, 22, 716, $band)
            ->rect(380, 300, 210, 120, self::PAPER, 6)
            ->rect(412, 336, 146, 12, $cover, 6)
            ->rect(432, 366, 106, 9, '#b9b4a6', 4);
    }

    private static function openBook(string $cover, string $band): Canvas
    {
        $c = (new Canvas('#f3efe6'))->rect(70, 240, 860, 560, $cover, 20)
            ->rect(92, 224, 404, 550, self::PAPER, 10)
            ->rect(504, 224, 404, 550, '#fffdf7', 10)
            ->rect(490, 224, 20, 550, '#e6e0d0');
        for ($row = 0; $row < 10; $row++) {
            $c->rect(130, 286 + $row * 46, 330, 3, '#d3cdbd')->rect(540, 286 + $row * 46, 330, 3, '#d3cdbd');
        }

        return $c->wave(135, 318, 280, 9, 9, 6, '#33415c')
            ->wave(135, 364, 300, 9, 10, 6, '#33415c')
            ->wave(135, 410, 190, 9, 6, 6, '#33415c')
            ->rect(700, 224, 16, 620, $band)->shape([700, 844, 716, 844, 716, 870, 708, 858, 700, 870], $band);
    }

    private static function stack(string $cover, string $band): Canvas
    {
        $c = (new Canvas('#e9e2d4'))->ellipse(500, 780, 700, 60, '#dcd3c1');
        foreach ([[0, $cover], [1, $band], [2, Canvas::shade($cover, 0.45)]] as [$at, $colour]) {
            $y = 640 - $at * 140;
            $x = 180 + ($at % 2) * 46;
            $c->rect($x, $y, 600, 124, $colour, 16)
                ->rect($x + 30, $y + 18, 580, 88, self::PAPER, 6)
                ->rect($x + 30, $y + 60, 580, 3, '#ddd6c6');
        }

        return $c->rect(180, 640, 40, 124, Canvas::shade($cover, -0.2), 14);
    }

    private static function sheets(string $paper, string $line): Canvas
    {
        $c = (new Canvas('#eef1ef'))
            ->shape([250, 190, 700, 140, 790, 840, 330, 880], '#dce1de')
            ->shape([230, 200, 690, 130, 780, 810, 310, 870], Canvas::shade($paper, -0.07))
            ->rect(240, 140, 480, 690, $paper, 4);
        for ($row = 0; $row < 12; $row++) {
            $c->rect(290, 220 + $row * 46, 380, 3, $line);
        }

        return $c;
    }

    private static function envelope(string $paper, string $lining): Canvas
    {
        return (new Canvas('#eef1ef'))->rect(300, 130, 420, 480, self::PAPER, 4)
            ->rect(350, 210, 320, 4, '#cfc8b6')
            ->rect(350, 260, 320, 4, '#cfc8b6')
            ->rect(140, 340, 720, 470, $paper, 10)
            ->shape([150, 345, 850, 345, 500, 620], $lining)
            ->shape([170, 345, 830, 345, 500, 590], Canvas::shade($lining, 0.25))
            ->shape([140, 810, 480, 560, 520, 560, 860, 810], Canvas::shade($paper, -0.06))
            ->ellipse(500, 600, 84, 84, '#a13a34')
            ->ellipse(500, 600, 52, 52, '#8a2e29');
    }

    private static function cards(string $paper, string $edge): Canvas
    {
        return (new Canvas('#eef1ef'))->rect(330, 240, 500, 360, $edge, 10)
            ->rect(340, 250, 480, 340, $paper, 6)
            ->rect(230, 330, 500, 360, $edge, 10)
            ->rect(240, 340, 480, 340, $paper, 6)
            ->rect(150, 430, 500, 360, $edge, 10)
            ->rect(162, 442, 476, 336, $paper, 6)
            ->wave(220, 590, 300, 18, 5, 9, '#33415c')->wave(220, 660, 220, 12, 5, 8, '#33415c');
    }

    private static function cartridges(string $ink): Canvas
    {
        $c = (new Canvas('#eef1ef'))
            ->rect(230, 380, 540, 460, Canvas::shade($ink, -0.15), 16)
            ->rect(260, 480, 480, 220, self::PAPER, 8)
            ->rect(320, 540, 300, 22, $ink, 10)
            ->rect(320, 594, 200, 12, '#b9b4a6', 6)
            ->rect(320, 626, 150, 12, '#b9b4a6', 6);
        for ($at = 0; $at < 6; $at++) {
            $c->rect(262 + $at * 82, 190, 62, 196, '#dfe8e8', 18)
                ->rect(270 + $at * 82, 226, 46, 160, $ink, 10)
                ->rect(276 + $at * 82, 168, 34, 30, '#cfdada', 8);
        }

        return $c;
    }

    private static function tray(string $wood, string $inside): Canvas
    {
        return (new Canvas('#eef1ef'))->rect(120, 360, 760, 320, '#dce1de', 40)
            ->rect(110, 340, 780, 320, $wood, 36)
            ->rect(150, 380, 700, 240, $inside, 22)
            ->bar(220, 460, 700, 460, 34, '#33415c')->bar(620, 460, 700, 460, 40, '#26324a')
            ->bar(240, 545, 640, 545, 28, '#a13a34')
            ->ellipse(760, 520, 80, 80, self::BRASS);
    }

    private static function blotter(string $wood, string $paper): Canvas
    {
        return (new Canvas('#eef1ef'))->ellipse(500, 770, 620, 40, '#dce1de')
            ->shape([180, 560, 820, 560, 700, 760, 300, 760], $paper)
            ->ellipse(500, 760, 400, 60, $paper)
            ->rect(170, 500, 660, 70, $wood, 20)->rect(455, 400, 90, 110, Canvas::shade($wood, -0.2), 10)
            ->ellipse(500, 360, 170, 150, $wood)
            ->ellipse(470, 330, 50, 36, Canvas::shade($wood, 0.25));
    }

    private static function wax(string $wax): Canvas
    {
        $c = new Canvas('#eef1ef');
        foreach ([0, 1, 2, 3] as $at) {
            $c
                ->bar(230 + $at * 120, 800, 420 + $at * 120, 220, 66, Canvas::shade($wax, -0.12 + $at * 0.1))
                ->bar(420 + $at * 120, 220, 428 + $at * 120, 196, 12, '#e9dfc8');
        }

        return $c->ellipse(270, 760, 190, 176, $wax)->ellipse(270, 760, 120, 112, Canvas::shade($wax, -0.2));
    }

    private static function seal(string $wood, string $metal): Canvas
    {
        return (new Canvas('#eef1ef'))->ellipse(500, 820, 360, 40, '#dce1de')
            ->ellipse(500, 260, 220, 240, $wood)
            ->shape([440, 340, 560, 340, 590, 620, 410, 620], $wood)
            ->ellipse(460, 220, 50, 60, Canvas::shade($wood, 0.3))->rect(390, 610, 220, 60, $metal, 12)
            ->rect(370, 660, 260, 150, Canvas::shade($metal, -0.1), 18)
            ->rect(370, 780, 260, 34, Canvas::shade($metal, -0.3), 14);
    }

    private static function rest(string $wood, string $pen): Canvas
    {
        return (new Canvas('#eef1ef'))
            ->bar(180, 470, 760, 400, 60, $pen)
            ->bar(600, 420, 800, 396, 70, Canvas::shade($pen, -0.3))
            ->rect(280, 500, 440, 180, $wood, 30)
            ->ellipse(400, 500, 120, 110, '#eef1ef')
            ->ellipse(600, 484, 120, 110, '#eef1ef')
            ->bar(180, 470, 760, 400, 50, $pen)->rect(260, 640, 480, 60, Canvas::shade($wood, -0.2), 20);
    }

    private static function ruler(string $wood): Canvas
    {
        $c = (new Canvas('#eef1ef'))->rect(100, 430, 800, 160, '#dce1de', 10)
            ->rect(90, 415, 800, 160, $wood, 10)
            ->rect(90, 560, 800, 15, self::BRASS);
        for ($mark = 0; $mark < 31; $mark++) {
            $c->rect(116 + $mark * 25, 420, 4, $mark % 5 === 0 ? 62 : 34, self::DARK);
        }

        return $c;
    }

    private static function lamp(string $colour): Canvas
    {
        return (new Canvas('#f3efe6'))->ellipse(500, 830, 420, 70, '#dcd3c1')
            ->shape([300, 470, 700, 470, 880, 820, 120, 820], '#f7eecb')
            ->rect(485, 420, 30, 400, self::BRASS)
            ->ellipse(500, 820, 300, 60, self::BRASS)
            ->shape([360, 220, 640, 220, 740, 480, 260, 480], $colour)
            ->rect(420, 190, 160, 40, Canvas::shade($colour, -0.25), 14);
    }

    private static function weight(string $colour): Canvas
    {
        return (new Canvas('#eef1ef'))->rect(250, 640, 520, 200, self::PAPER, 4)
            ->rect(230, 620, 520, 200, '#fffdf7', 4)
            ->ellipse(500, 560, 340, 320, $colour)
            ->ellipse(430, 480, 110, 80, Canvas::shade($colour, 0.35))
            ->ellipse(520, 600, 160, 120, Canvas::shade($colour, -0.15));
    }

    private static function opener(string $handle, string $blade): Canvas
    {
        return (new Canvas('#eef1ef'))
            ->shape([430, 560, 500, 500, 800, 170, 830, 150, 810, 190], $blade)
            ->bar(220, 790, 460, 540, 74, $handle)
            ->bar(440, 590, 500, 520, 84, self::BRASS)->bar(236, 758, 420, 566, 12, Canvas::shade($handle, 0.3));
    }

    private static function roll(string $cloth, string $tie): Canvas
    {
        $c = (new Canvas('#eef1ef'))
            ->rect(120, 300, 760, 430, $cloth, 24)
            ->rect(120, 520, 760, 210, Canvas::shade($cloth, -0.15), 24);
        foreach ([0, 1, 2, 3, 4] as $at) {
            $c
                ->rect(186 + $at * 132, 230, 58, 300, ['#33415c', '#a13a34', '#1f6f70', '#c79a4b', '#5b5049'][$at], 28)
                ->rect(150 + $at * 132, 524, 4, 200, Canvas::shade($cloth, 0.25));
        }

        return $c->rect(860, 470, 90, 22, $tie, 10)->rect(900, 480, 22, 260, $tie, 10);
    }
}
