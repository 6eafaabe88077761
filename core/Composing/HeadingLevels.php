<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Templates\Schema;

/**
 * Which headings a page has, and what has one in it. On cards they follow from where the card stands: one level beneath
 * the heading that its list stands under, so that none is skipped (WCAG 2.2, technique G141).
 *
 * @api
 */
final class HeadingLevels
{
    private const DEEPEST = 6;

    /** What data that has it says: whether there is a heading in it. */
    public const HEADED = 'headed';

    /** How many there were so far. */
    private int $seen = 0;

    /** The level of the heading before, in the order of the page. */
    private int $before = 0;

    private function __construct(private readonly Schema $schema)
    {
    }

    /** @return int|null null where it is no heading */
    public static function of(ComposedNode $node, Schema $schema): ?int
    {
        $said = self::said($node);
        $usual = $schema->definition($node->kind)?->headingLevel;

        return match (true) {
            $said !== null => $said,
            $usual === null, ($node->data['title'] ?? '') === '' => null,
            default => OwnHeading::level($node->data[OwnHeading::TAG] ?? "h$usual"),
        };
    }

    public static function onCards(ComposedNode $page, Schema $schema): ComposedNode
    {
        return (new self($schema))->fitted($page);
    }

    private function fitted(ComposedNode $node): ComposedNode
    {
        if ($node->absent !== null) {
            return $node;
        }
        $seen = $this->seen;
        $own = self::of($node, $this->schema);
        $note = self::skips($this->before, $own);
        $this->before = $own ?? $this->before;
        $this->seen += self::said($node) === null ? 0 : 1;
        $children = array_map($this->fitted(...), $node->children);
        $beneath = min(self::DEEPEST, $this->before + 1);
        $cards = array_map(fn (ComposedNode $card): ComposedNode => $this->card($card, $beneath), $node->cards);

        $fitted = $node->with($children, $cards)->withNote($node->note ?? $note);
        // What has a title of its own is a section of its own.
        $this->seen = $own !== null && self::said($node) === null ? $seen : $this->seen;

        return array_key_exists(self::HEADED, $node->data)
            ? $fitted->withData([self::HEADED => $this->seen > $seen] + $node->data)
            : $fitted;
    }

    /** What the owner should know of a level, where one before it is left out. */
    private static function skips(int $before, ?int $level): ?string
    {
        return $level !== null && $before > 0 && $level > $before + 1
            ? "A heading of level $level comes after one of level $before"
            : null;
    }

    /** Its first heading is of the level, and the others keep their distance from it. */
    private function card(ComposedNode $card, int $level): ComposedNode
    {
        foreach ($card->shown() as $node) {
            $first = self::said($node);
            if ($first !== null) {
                $this->seen++;

                return $first === $level ? $card : self::shifted($card, $level - $first);
            }
        }

        return $card;
    }

    private static function shifted(ComposedNode $node, int $by): ComposedNode
    {
        $level = self::said($node);
        $data = $level === null
            ? $node->data
            : ['level' => 'h'.max(1, min(self::DEEPEST, $level + $by))] + $node->data;

        $children = array_map(
            static fn (ComposedNode $child): ComposedNode => self::shifted($child, $by),
            $node->children,
        );

        return $node->withData($data)->with($children, $node->cards);
    }

    private static function said(ComposedNode $node): ?int
    {
        return OwnHeading::level($node->data['level'] ?? null);
    }
}
