<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Styles\StyleKey;
use Vestibra\Core\Templates\Styles\StyleProperties;
use Vestibra\Core\Templates\Types\Order;

/**
 * The blocks of a band one below another at a width, across its columns, where the owner wants it so. A column with a
 * look of its own, or that stays in view, moves as a whole.
 *
 * @shape Sequence array{set: bool, drawn: list<string>, seen: list<string>, elsewhere: list<string>,
 *     whole: array<string, string>}
 *
 * @api
 */
final readonly class Sequence
{
    /** The setting of a band. */
    public const SETTING = 'sequence';

    /**
     * @param  bool  $set  whether the owner wants one sequence
     * @param  list<string>  $drawn  what moves, in the order of the page: blocks, and columns as a whole
     * @param  list<string>  $seen  the same, as it is seen
     * @param  array<string, string>  $whole  column that moves as a whole => why, in the shopkeeper's words
     */
    private function __construct(
        public bool $set,
        public array $drawn,
        public array $seen,
        public array $whole,
    ) {
    }

    public static function of(Node $band, Width $width, Schema $schema): self
    {
        $whole = $columns = [];
        foreach ($band->children as $column) {
            $why = self::moves($column, $width, $schema->definition($column->kind));
            if ($why !== null) {
                $whole[$column->id] = $why;
            }
            $columns[$column->id] = array_map(static fn (Node $block): string => $block->id, $column->children);
        }
        $wanted = self::at($band, $width);
        $drawn = [];
        foreach ($columns as $id => $blocks) {
            array_push($drawn, ...isset($whole[$id]) ? [(string) $id] : $blocks);
        }

        return new self(
            $wanted !== null,
            $drawn,
            self::seen($drawn, self::meant($wanted ?? self::columns($band, $width), $columns, $whole)),
            $whole,
        );
    }

    /** @return list<string>|null the order that holds at a width; null where the columns stand as they are drawn */
    public static function at(Node $band, Width $width): ?array
    {
        $at = $band->holding(self::SETTING, $width);

        return $at === null ? null : Order::read($at);
    }

    /** Whether a band is one sequence at any width. */
    public static function has(Node $band): bool
    {
        foreach ($band->how as $values) {
            if (isset($values[self::SETTING])) {
                return true;
            }
        }

        return false;
    }

    /**
     * The styles of a band with the names of blocks replaced; what was named and is not there is left out.
     *
     * @param  array<string, mixed>  $values
     * @param  array<string, string>  $fresh  id => the new one
     * @return array<string, mixed>
     */
    public static function renamed(array $values, array $fresh): array
    {
        if (isset($values[self::SETTING])) {
            $named = array_map(
                static fn (string $id): ?string => $fresh[$id] ?? null,
                Order::read($values[self::SETTING]),
            );
            $values[self::SETTING] = array_values(array_filter($named, is_string(...)));
        }

        return $values;
    }

    /**
     * The fewest that would have to stand elsewhere for the order of the page to be the one that is seen: what a
     * browser that reads in the order of the page reads elsewhere. (All but a longest increasing subsequence; Schensted
     * 1961.)
     *
     * @return list<string> in the order in which they are seen
     */
    public function elsewhere(): array
    {
        $drawn = array_flip($this->drawn);
        $best = $before = [];
        foreach ($this->seen as $at => $id) {
            $best[$at] = 1;
            $before[$at] = null;
            for ($earlier = 0; $earlier < $at; $earlier++) {
                if ($drawn[$this->seen[$earlier]] < $drawn[$id] && $best[$at] < $best[$earlier] + 1) {
                    $best[$at] = $best[$earlier] + 1;
                    $before[$at] = $earlier;
                }
            }
        }
        $staying = [];
        $at = $best === [] ? null : array_search(max($best), $best, true);
        while (is_int($at)) {
            $staying[$this->seen[$at]] = true;
            $at = $before[$at];
        }

        return array_values(array_filter($this->seen, static fn (string $id): bool => ! isset($staying[$id])));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'set' => $this->set,
            'drawn' => $this->drawn,
            'seen' => $this->seen,
            'elsewhere' => $this->elsewhere(),
            'whole' => (object) $this->whole,
        ];
    }

    /** @return list<string> the columns as they stand where nobody put their blocks in order */
    private static function columns(Node $band, Width $width): array
    {
        $columns = $band->children;
        $place = static fn (Node $column): int => self::place($column, $width);
        usort($columns, static fn (Node $one, Node $other): int => $place($one) <=> $place($other));
        $ids = array_map(static fn (Node $column): string => $column->id, $columns);

        return $band->holding('stack', $width) === 'column-reverse' ? array_reverse($ids) : $ids;
    }

    private static function place(Node $column, Width $width): int
    {
        $place = $column->holding('order', $width);

        return is_int($place) ? $place : 0;
    }

    /** Why a column moves as a whole; null where its blocks move one by one. */
    private static function moves(Node $column, Width $width, ?Definition $definition): ?string
    {
        if ($width !== Width::Phone && $column->holding('staysInView', $width) === true) {
            return 'it stays in view';
        }
        $properties = StyleProperties::all();
        foreach ($column->how as $at => $values) {
            foreach (Width::from($at)->begins() >= $width->begins() ? array_keys($values) : [] as $name) {
                $key = $definition?->own(Question::How, $name) === null ? StyleKey::parse($name) : null;
                $group = $key?->piece === Piece::WHOLE ? $properties[$key->property]->group ?? null : null;
                if ($group !== null && $group !== StyleGroup::Text) {
                    return 'it has a ground, lines or room of its own';
                }
            }
        }

        return null;
    }

    /**
     * What an order names, as what moves now: a column that comes apart stands for its blocks, a block of one that
     * moves as a whole for that.
     *
     * @param  list<string>  $wanted
     * @param  array<string, list<string>>  $columns
     * @param  array<string, string>  $whole
     * @return list<string> each once
     */
    private static function meant(array $wanted, array $columns, array $whole): array
    {
        $in = [];
        foreach ($columns as $column => $blocks) {
            $in[$column] = isset($whole[$column]) ? [(string) $column] : $blocks;
            foreach ($blocks as $block) {
                $in[$block] = [isset($whole[$column]) ? (string) $column : $block];
            }
        }
        $meant = [];
        foreach ($wanted as $id) {
            foreach ($in[$id] ?? [] as $one) {
                $meant[$one] = $one;
            }
        }

        return array_values($meant);
    }

    /**
     * What nobody put anywhere stands behind what it follows on the page.
     *
     * @param  list<string>  $drawn
     * @param  list<string>  $seen
     * @return list<string>
     */
    private static function seen(array $drawn, array $seen): array
    {
        foreach ($drawn as $at => $id) {
            if (! in_array($id, $seen, true)) {
                $behind = $at === 0 ? false : array_search($drawn[$at - 1], $seen, true);
                array_splice($seen, $behind === false ? 0 : $behind + 1, 0, [$id]);
            }
        }

        return $seen;
    }
}
