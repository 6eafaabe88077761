<?php

declare(strict_types=1);

namespace Vestibra\Core\Fitting;

use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Sources;
use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\Source;
use Vestibra\Core\Templates\SourceValue;

/**
 * Checks a template against one page: its tree, and the page it comes to.
 *
 * @api
 */
final readonly class Fitter
{
    private Room $room;

    public function __construct(private Schema $schema)
    {
        $this->room = new Room($schema);
    }

    /** @return list<Finding> */
    public function check(Node $tree, ComposedPage $page, Context $context, KindOfPage $kind): array
    {
        $onPage = [];
        foreach ($page->page->shown() as $shown) {
            $onPage[$shown->id] = true;
        }

        return [
            ...$this->essentials($page->page, $kind),
            ...$this->empty($page->page),
            ...$this->pictures($page->page),
            ...$this->otherwise($tree, $onPage, $context),
            ...$this->room->check($tree, $page->page),
            ...Headings::check($page->page, $this->schema),
            ...$this->unreplaced($tree, $onPage, $context),
        ];
    }

    /** @return list<Finding> */
    private function essentials(ComposedNode $page, KindOfPage $kind): array
    {
        $findings = [];
        foreach ($kind->essentials() as $essential) {
            $shown = array_values(array_filter(
                [...$this->about($page)],
                static fn (ComposedNode $node): bool => $node->essential === $essential,
            ));
            if ($shown === []) {
                $findings[] = Finding::missing($essential);
            } elseif (isset($shown[1])) {
                $findings[] =
                    new Finding(Matter::Doubled, $shown[1]->id, "The page has more than one {$essential->words()}");
            }
        }

        return $findings;
    }

    /**
     * @return iterable<ComposedNode> what is shown of the page's own subject, and not of one that was chosen for a
     *     holder
     */
    private function about(ComposedNode $node): iterable
    {
        $another = $this->schema->definition($node->kind)?->another();
        if ($node->absent === null && ($another === null || ! is_int($node->data[$another->name] ?? null))) {
            yield $node;
            foreach ($node->children as $child) {
                yield from $this->about($child);
            }
        }
    }

    /** @return array<string, true> ids of blocks about another subject */
    private function elsewhere(Node $tree): array
    {
        $ids = [];
        foreach ($tree->walk() as $node) {
            $another = $this->schema->definition($node->kind)?->another();
            foreach ($another !== null && is_int($node->what[$another->name] ?? null) ? $node->walk() : [] as $inside) {
                $ids[$inside->id] = true;
            }
        }

        return $ids;
    }

    /** @return list<Finding> the outermost blocks that come to nothing without anybody having asked for it */
    private function empty(ComposedNode $node): array
    {
        if ($node->absent !== null) {
            return $node->wanted
                ? []
                : [new Finding(Matter::Empty, $node->id, $this->name($node->kind).' has nothing to show')];
        }

        return array_merge([], ...array_map($this->empty(...), $node->children));
    }

    /** @return list<Finding> */
    private function pictures(ComposedNode $page): array
    {
        $findings = [];
        foreach ($page->shown() as $node) {
            if (($node->data['pictures'] ?? null) === []) {
                $findings[] = new Finding(
                    Matter::NoPicture,
                    $node->id,
                    $this->name($node->kind).' has no picture and shows its stand-in',
                );
            }
        }

        return $findings;
    }

    /**
     * @param  array<string, true>  $onPage
     * @return list<Finding>
     */
    private function otherwise(Node $tree, array $onPage, Context $context): array
    {
        $sources = new Sources($context);
        $elsewhere = $this->elsewhere($tree);
        $findings = [];
        foreach ($tree->walk() as $node) {
            foreach (isset($elsewhere[$node->id]) ? [] : $node->what as $name => $value) {
                $source = Source::of($value);
                if ($source === null || ! is_array($value) || ! isset($value['otherwise']) || ! isset(
                    $onPage[$node->id],
                )) {
                    continue;
                }
                $number = Source::numberOf($value);
                $filled = match ($source->gives()) {
                    SourceValue::Picture => $sources->picture($source, $number) !== null,
                    SourceValue::Link => $sources->link($source, $number) !== '',
                    default => $sources->words($source, $number) !== '',
                };
                if (! $filled) {
                    $findings[] = new Finding(
                        Matter::Otherwise,
                        $node->id,
                        $this->name($node->kind)
                            .' shows its otherwise, for want of the '
                            .$sources->name($source, $number),
                    );
                }
            }
        }

        return $findings;
    }

    /**
     * @param  array<string, true>  $onPage
     * @return list<Finding>
     */
    private function unreplaced(Node $tree, array $onPage, Context $context): array
    {
        return array_map(
            fn (Node $node): Finding => new Finding(
                Matter::Unreplaced,
                $node->id,
                $this->name($node->kind).' still has the words it came with',
            ),
            array_values(array_filter(
                Unreplaced::in($tree, $this->schema, $context->messages),
                static fn (Node $node): bool => isset($onPage[$node->id]),
            )),
        );
    }

    private function name(string $kind): string
    {
        return $this->schema->definition($kind)->name ?? $kind;
    }
}
