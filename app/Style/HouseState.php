<?php

declare(strict_types=1);

namespace Vestibra\App\Style;

use stdClass;
use Vestibra\App\Records\Models\HouseStyle;
use Vestibra\Core\Styling\Families;
use Vestibra\Core\Styling\Fonts;
use Vestibra\Core\Styling\HouseToken;
use Vestibra\Core\Styling\HouseTokens;

/**
 * What the Studio is told of a house style, and what can be decided in one.
 *
 * @shape HouseState array{style: HouseRow, kept: list<HouseRow>, values: array<string, string>, own: list<string>,
 *     changed: list<string>, css: string, seen: string}
 * @shape HouseUnpublished array{id: int, name: string, decisions: int, seen: string}
 * @shape HouseFont array{key: string, name: string, kind: 'serif'|'sans', file: string, stack: string, kilobytes: int}
 * @shape HouseStyleData array{state: HouseState, tokens: list<HouseToken>, fonts: list<HouseFont>,
 *     specimens: list<Specimen>}
 */
final readonly class HouseState
{
    public function __construct(
        private HouseBook $book,
        private FontFaces $faces,
        private OwnFonts $own,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(stdClass $row): array
    {
        $draft = HouseBook::read($row->draft);
        $kept = $this->book->all();
        $shown = $draft->shown();

        return [
            'style' => array_column($kept, null, 'id')[(int) $row->id],
            'kept' => $kept,
            'values' => $draft->tokens(),
            'own' => array_keys($draft->own()),
            'changed' => HouseBook::difference($draft, HouseBook::read($row->live)),
            'seen' => self::mark($row),
            'css' => $this->faces->css($draft).$draft->css(),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function tokens(): array
    {
        return array_map(
            static fn (HouseToken $token): array =>
                $token->describe() + ['groupWords' => HouseTokens::GROUPS[$token->group] ?? ''],
            array_values(HouseTokens::all()),
        );
    }

    /** @return list<array<string, mixed>> */
    public function fonts(): array
    {
        $own = array_map(
            static fn (array $font): array => $font + ['stack' => Fonts::stack($font['key'])],
            $this->own->all(),
        );

        return [...$own, ...array_map(fn (string $key): array => [
            'key' => $key,
            'name' => Families::ALL[$key][0],
            'kind' => Families::ALL[$key][1],
            'file' => $this->faces->file($key, 'latin'),
            'stack' => Fonts::stack($key),
            'kilobytes' => (int) ceil(
                (int) @filesize(
                    public_path((string) parse_url($this->faces->file($key, 'latin'), PHP_URL_PATH)),
                ) / 1000,
            ),
        ], array_keys(Families::ALL))];
    }

    /**
     * @return array{id: int, name: string, decisions: int, seen: string}|null what of the style in use is not
     *     published; null where there is nothing
     */
    public static function unpublished(): ?array
    {
        $row = HouseStyle::query()->toBase()->where('in_use', true)->first();
        $decisions = $row instanceof stdClass
            ? count(HouseBook::difference(HouseBook::read($row->draft), HouseBook::read($row->live)))
            : 0;

        return $row instanceof stdClass && $decisions > 0
            ? [
                'id' => (int) $row->id,
                'name' => (string) $row->name,
                'decisions' => $decisions,
                'seen' => self::mark($row),
            ]
            : null;
    }

    /** What was looked at, so that nothing else is published. */
    public static function mark(stdClass $row): string
    {
        return sha1(json_encode([$row->id, $row->name, $row->in_use, $row->draft, $row->live], JSON_THROW_ON_ERROR));
    }
}
