<?php

declare(strict_types=1);

namespace Vestibra\App\Style;

use Illuminate\Foundation\Vite;
use Vestibra\Core\Styling\Families;
use Vestibra\Core\Styling\Fonts;
use Vestibra\Core\Styling\HouseStyle;

/**
 * The letters of a house style: only the families that it uses, each script in a file of its own that a browser fetches
 * when a page needs it.
 */
final readonly class FontFaces
{
    /** Fonts that are on most devices and stand in until a family has come, by kind. */
    private const STAND_INS = [
        'serif' => "local('Times New Roman'),local('Liberation Serif'),local('Tinos')",
        'sans' => "local('Arial'),local('Liberation Sans'),local('Helvetica'),local('Arimo')",
    ];

    public function __construct(private Vite $vite, private OwnFonts $own)
    {
    }

    public function css(HouseStyle $house): string
    {
        $css = '';
        foreach (self::inUse($house) as $family) {
            [$name, $kind, $weights, [$adjust, $ascent, $descent, $gap], $scripts] = Families::ALL[$family];
            foreach ($scripts as $script => $range) {
                $css .= "@font-face{font-family:'$name';src:url({$this->file($family, $script)}) "
                    ."format('woff2');font-weight:$weights;font-display:swap;unicode-range:$range}";
            }
            $css .= "@font-face{font-family:'$name room';src:"
                .self::STAND_INS[$kind]
                .";size-adjust:$adjust;ascent-override:$ascent;descent-override:$descent;line-gap-override:$gap}";
        }

        foreach (array_filter(self::chosen($house), Fonts::isOwn(...)) as $own) {
            $file = $this->own->file($own);
            $css .= $file === null
                ? ''
                : "@font-face{font-family:'$own';src:url($file) format('woff2');font-weight:100 900;font-display:swap}";
        }

        return $css;
    }

    /** @return list<string> addresses of what every page needs */
    public function first(HouseStyle $house): array
    {
        return array_map(fn (string $family): string => $this->file($family, 'latin'), self::inUse($house));
    }

    /** @return list<string> families of names and words, and the third where it is another */
    private static function inUse(HouseStyle $house): array
    {
        return array_values(
            array_filter(self::chosen($house), static fn (string $family): bool => isset(Families::ALL[$family])),
        );
    }

    /** @return list<string> */
    private static function chosen(HouseStyle $house): array
    {
        return array_values(array_unique(array_map(
            static fn (string $role): string => (string) $house->token("font-$role"),
            ['names', 'words', 'third'],
        )));
    }

    public function file(string $family, string $script): string
    {
        return $this->vite->asset("node_modules/@fontsource-variable/$family/files/$family-$script-wght-normal.woff2");
    }
}
