<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Starts;

use Vestibra\Core\Messages\Messages;

/** Starts for what stands below pages, in the language of the shop. They say nothing of the goods. */
final class FooterStarts
{
    public const LIST = [
        [
            'name' => 'plain',
            'title' => 'Name and links',
            'words' => 'The shop’s name, the ways through it, and the small print.',
        ],
        [
            'name' => 'columns',
            'title' => 'Links, hours and letters',
            'words' => 'Columns with links, opening hours with whether it is open now, and the newsletter.',
        ],
        ['name' => 'line', 'title' => 'One line', 'words' => 'The small print with its links, and nothing else.'],
    ];

    /** @return list<array<string, mixed>>|null null when there is no such start */
    public static function tree(string $name, Messages $messages): ?array
    {
        $links = ['kind' => 'links', 'what' => ['links' => [
            self::link($messages->say('list.all'), '/all'),
            self::link($messages->say('search.title'), '/search'),
            self::link($messages->say('cart.title'), '/cart'),
        ]]];

        return match ($name) {
            'plain' => [
                self::quiet(['kind' => 'logo'], [
                    'kind' => 'navigation',
                    'what' => ['opens' => false, 'drawer' => 'never', 'name' => $messages->say('nav.below')],
                ]),
                self::last(['kind' => 'small-print']),
            ],
            'columns' => [
                ['how' => ['desktop' => [
                    'ground' => 'surface', 'paddingAbove' => 'step-6', 'paddingBelow' => 'step-5',
                    'align' => 'flex-start',
                ]]]
                + Starts::band([['kind' => 'logo'], $links], [['kind' => 'opening-hours']], [
                    ['kind' => 'newsletter'],
                ]),
                ['how' => ['desktop' => ['ground' => 'surface', 'paddingAbove' => 0, 'paddingBelow' => 'step-4']]]
                + Starts::band([['kind' => 'small-print']]),
            ],
            'line' => [self::last(['kind' => 'small-print', 'what' => ['links' => $links['what']['links']]])],
            default => null,
        };
    }

    /** @return array{words: string, link: string, under: bool} */
    private static function link(string $words, string $address): array
    {
        return ['words' => $words, 'link' => $address, 'under' => false];
    }

    /**
     * @param  array<string, mixed>  ...$blocks
     * @return array<string, mixed>
     */
    private static function quiet(array ...$blocks): array
    {
        return ['how' => ['desktop' => ['paddingAbove' => 'step-5', 'paddingBelow' => 'step-3']]]
            + Starts::band(array_values($blocks));
    }

    /**
     * @param  array<string, mixed>  ...$blocks
     * @return array<string, mixed>
     */
    private static function last(array ...$blocks): array
    {
        return ['how' => ['desktop' => ['paddingAbove' => 'step-3', 'paddingBelow' => 'step-5']]]
            + Starts::band(array_values($blocks));
    }
}
