<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Styling\StyleMarks;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Templates\Named;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\Sequence;

/**
 * The styles of single blocks, to take the place of what a page's sheet says about them. A block is found by a mark of
 * its own, so in which order the rules of two blocks stand is all the same.
 *
 * @api
 */
final readonly class BlockStyles
{
    public function __construct(private Schema $schema, private Addresses $addresses)
    {
    }

    /**
     * @param  callable(Node): array<int, Picture>  $pictures  those that a block names, by id
     * @return array<string, string> block that is new or looks otherwise => its CSS, empty where nothing is set any
     *     more
     */
    public function changed(Node $before, Node $after, callable $pictures): array
    {
        $css = [];
        foreach (self::both($before, $after) as [$was, $node]) {
            // What did not appear until now has no rules on the page yet.
            if ($was !== null && $was->how === $node->how && $was->when === $node->when && ! Sequence::has($node)) {
                continue;
            }
            $definition = $this->schema->definition($node->kind);
            $sheet = new StyleSheet(StyleMarks::lasting());
            if ($definition !== null) {
                (new Styling($sheet, $this->schema))
                    ->of($node, $definition, Named::ofStyles($node) === [] ? [] : $pictures($node), $this->addresses);
            }
            if ($was !== null || $sheet->css() !== '') {
                $css[$node->id] = $sheet->css();
            }
        }

        return $css;
    }

    /** Whether blocks that are in neither tree may be on the page anew: those of a card or a kept part. */
    public function bringOthers(Node $before, Node $after): bool
    {
        foreach (self::both($before, $after) as [$was, $node]) {
            if (($was === null || $was->what !== $node->what || $was->when !== $node->when)
                && $this->schema->definition($node->kind)?->bringsOthers() === true) {
                return true;
            }
        }

        return false;
    }

    /** @return iterable<array{Node|null, Node}> what is another one: as it was, and as it is */
    private static function both(Node $before, Node $after): iterable
    {
        $known = [];
        foreach ($before->walk() as $node) {
            $known[$node->id] = $node;
        }
        foreach ($after->walk() as $node) {
            if (($known[$node->id] ?? null) !== $node) {
                yield [$known[$node->id] ?? null, $node];
            }
        }
    }
}
