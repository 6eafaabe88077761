<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\SetReach;
use Vestibra\Core\Templates\Edits\SetValue;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Step;
use Vestibra\Core\Templates\Stepped;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Reach\World;

/** Edits and drafts drawn by chance. */
final class DrawnEdits
{
    /** Any edit, whether it fits the draft or not. */
    public static function any(Chance $chance, Draft $draft, string $mark): Edit
    {
        $nodes = iterator_to_array($draft->tree->walk(), false);
        $any = $chance->pick($nodes === [] ? [$draft->tree] : $nodes);
        $parent = $chance->pick($nodes === [] ? [$draft->tree] : $nodes);
        $after = $chance->oneIn(3) || $parent->children === [] ? null : $chance->pick($parent->children)->id;
        $kind = $chance->pick(['heading', 'text', 'holder', 'column', 'band', 'tabs', 'tab']);
        $children = $kind === 'holder' ? [Trees::node("c$mark", 'price')] : [];

        return $chance->pick([
            new Insert(Trees::node("i$mark", $kind, $children), $parent->id, $after),
            new Remove($any->id),
            new Move($any->id, $parent->id, $after),
            new Move($any->id, $parent->id, $after),
            new SetValue(
                $any->id,
                Question::How,
                $chance->pick(['size', 'colour', 'gap']),
                $chance->pick([30, 2, 'sale', '#aabbcc', null]),
                $chance->pick(Width::cases()),
            ),
            new SetValue(
                $any->id,
                Question::What,
                $chance->pick(['text', 'saving', 'level']),
                $chance->pick([
                    'h2', 'both', 'Ünïcode “words”', ['source' => 'product.brand', 'otherwise' => 'x'], null,
                ]),
            ),
            new SetValue(
                $any->id,
                Question::When,
                $chance->pick(['off', 'widths']),
                $chance->pick([true, ['phone'], null]),
            ),
            new SetReach(World::reach([[World::in($chance->number(1, 5))]])),
        ]);
    }

    /** One that fits the draft, mostly one that arranges blocks. */
    public static function fitting(Chance $chance, Draft $draft, string $mark): Edit
    {
        for ($try = 0; $try < 200; $try++) {
            $edit = $chance->oneIn(2)
                ? self::any($chance, $draft, "{$mark}t$try")
                : self::arranging($chance, $draft, "{$mark}t$try");
            if ($edit->apply($draft, Trees::schema()) instanceof EditResult) {
                return $edit;
            }
        }

        return new SetReach(World::reach([[World::in(1)]]));
    }

    /** So many that fit one after another. */
    public static function step(Chance $chance, Draft $draft, string $mark, int $edits): Stepped
    {
        $done = new Stepped($draft);
        for ($at = 0; $at < $edits; $at++) {
            $next = $done->and(self::fitting($chance, $done->draft, "$mark$at"), Trees::schema());
            $done = $next instanceof Stepped ? $next : $done;
        }

        return $done;
    }

    public static function made(Stepped $done): Step
    {
        return new Step($done->edits, $done->inverses);
    }

    /** A draft with a few of everything in it. */
    public static function draft(Chance $chance): Draft
    {
        $row = static fn (string $mark, int $count): array => array_map(
            static fn (int $at): Node => Trees::node("$mark$at", 'text'),
            $count < 1 ? [] : range(1, $count),
        );

        return new Draft(Trees::node('page', 'page', [
            Trees::node('band', 'band', [
                Trees::node('left', 'column', $row('l', $chance->number(0, 4))),
                Trees::node('right', 'column', [
                    ...$row('r', $chance->number(0, 3)),
                    Trees::node('holder', 'holder', [
                        ...$row('h', $chance->number(0, 3)),
                        Trees::node('inner', 'holder', $row('i', $chance->number(0, 3))),
                    ]),
                    Trees::node('tabs', 'tabs', [Trees::node('tab', 'tab', $row('t', 2)), Trees::node('tub', 'tab')]),
                ]),
            ]),
            Trees::node('second', 'band', [Trees::node('col', 'column')]),
        ]), World::reach([[World::in(2)]]));
    }

    private static function arranging(Chance $chance, Draft $draft, string $mark): Edit
    {
        $parents = array_values(array_filter(
            iterator_to_array($draft->tree->walk(), false),
            static fn (Node $node): bool => in_array($node->kind, ['column', 'holder', 'tab'], true),
        ));
        $parent = $chance->pick($parents === [] ? [$draft->tree] : $parents);
        $from = $chance->pick($parents === [] ? [$draft->tree] : $parents);
        $after = $chance->oneIn(4) || $parent->children === [] ? null : $chance->pick($parent->children)->id;
        $any = $from->children === [] ? $from->id : $chance->pick($from->children)->id;

        return $chance->pick([
            new Insert(Trees::node($chance->pick(['a', 'n', 'z']).$mark, 'text'), $parent->id, $after),
            new Remove($any),
            new Move($any, $parent->id, $after),
            new Move($any, $parent->id, $after),
            new Swap($any, $chance->pick($parent->children === [] ? [$parent] : $parent->children)->id),
        ]);
    }
}
