<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\StyleMarks;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\Sequence;
use Vestibra\Core\Templates\Types\Order;
use Vestibra\Core\Templates\Types\StepOfScale;

/**
 * The blocks of a band as one sequence: its columns come apart (`display: contents`, CSS Display 3), and their blocks
 * are put in order (CSS Flexible Box 1, `order`), which is also the order of reading where a browser knows
 * `reading-flow` (CSS Display 4): bands have it, whatever their order. All of it is said within the band, so that it
 * comes and goes with the band's styles.
 *
 * @internal
 */
final readonly class SequenceCss
{
    /** As between the blocks of a column. */
    private const GAP = 'var(--step-4)';

    public function __construct(private Schema $schema)
    {
    }

    /** Gives marks to what is put in order, so that its rules find it. */
    public static function mark(Node $band, StyleMarks $marks): void
    {
        foreach (Sequence::has($band) ? $band->children : [] as $column) {
            $marks->of($column->id);
            foreach ($column->children as $block) {
                $marks->of($block->id);
            }
        }
    }

    public function of(Node $band, Definition $definition, StyleSheet $sheet): void
    {
        $type = $definition->own(Question::How, Sequence::SETTING)?->type;
        if (! $type instanceof Order || ! Sequence::has($band)) {
            return;
        }
        $wider = [];
        foreach (Width::cases() as $width) {
            $rules = $this->rules($band, $type, $width, $sheet->marks);
            foreach ($rules === $wider ? [] : $rules as $within => $css) {
                $sheet->rule($band->id, $width, $css, $within, PieceState::Usual);
            }
            $wider = $rules;
        }
    }

    /** @return array<string, array<string, string>> selector within the band => CSS property => value */
    private function rules(Node $band, Order $type, Width $width, StyleMarks $marks): array
    {
        $sequence = Sequence::of($band, $width, $this->schema);
        if (! $sequence->set) {
            return [];
        }
        $rules = [$type->inside => [
            'display' => 'flex',
            'flex-direction' => 'column',
            'align-items' => 'stretch',
            'gap' => self::gap($band, $width),
        ]];
        foreach ($band->children as $column) {
            $is = self::selector($column, $marks);
            $isHidden = ! in_array($width->value, self::widths($column), true);
            $isWhole = isset($sequence->whole[$column->id]);
            $rules[$is] = ['display' => $isHidden ? 'none' : ($isWhole ? 'block' : 'contents')];
            $rules["$is $type->insideColumn"] = ['display' => $isWhole ? 'flex' : 'contents'];
        }
        $places = array_flip($sequence->seen);
        foreach ($band->children as $column) {
            foreach ([$column, ...$column->children] as $one) {
                if (isset($places[$one->id])) {
                    $rules[self::selector($one, $marks)]['order'] = (string) ($places[$one->id] + 1);
                }
            }
        }

        return $rules;
    }

    private static function selector(Node $node, StyleMarks $marks): string
    {
        return "[{$marks->of($node->id)}][data-b]";
    }

    private static function gap(Node $band, Width $width): string
    {
        foreach ($band->children as $column) {
            foreach (array_reverse(Width::cases()) as $case) {
                if ($case->begins() >= $width->begins() && isset($column->how[$case->value]['gap'])) {
                    return (new StepOfScale)->css($column->how[$case->value]['gap']);
                }
            }
        }

        return self::GAP;
    }

    /** @return list<mixed> */
    private static function widths(Node $node): array
    {
        $widths = $node->when['widths'] ?? null;

        return is_array($widths) ? array_values($widths) : array_column(Width::cases(), 'value');
    }
}
