<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use LogicException;
use Throwable;
use Vestibra\Core\Composing\Places\Standing;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\StyleMarks;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Schema;

/**
 * Template and page's subject in, composed page out. One bad block never takes the page down.
 *
 * @api
 */
final readonly class Composer
{
    /** What stands around a page, whose styles are not those of the page. */
    private const LETTERS = ['header' => 'h', 'footer' => 'f'];

    private const UNSEEN = 'the product that it shows cannot be seen in the shop';

    public Schema $schema;

    /** @var array<string, BlockKind> */
    private array $kinds;

    /** @var array<string, Definition> */
    private array $definitions;

    /** @throws LogicException when two kinds have one name */
    public function __construct(BlockKind ...$kinds)
    {
        $byName = [];
        $definitions = [];
        foreach ($kinds as $kind) {
            $definition = $kind->definition();
            $byName[$definition->kind] = $kind;
            $definitions[] = $definition;
        }
        $this->schema = Schema::of(...$definitions);
        $this->kinds = $byName;
        $this->definitions = array_column($definitions, null, 'kind');
    }

    /**
     * @param  bool  $lasting  whether blocks keep the marks of their styles when only parts are drawn again
     * @param  bool  $styled  whether the styles are asked for
     */
    public function compose(Node $tree, Context $context, bool $lasting = false, bool $styled = true): ComposedPage
    {
        $sheet = new StyleSheet($lasting ? StyleMarks::lasting() : StyleMarks::short(self::LETTERS[$tree->kind] ?? ''));
        $styling = new Styling($sheet, $this->schema, $styled);
        // In the order of the tree, whatever of it is on this page: what is taken over from another answer has the
        // same.
        foreach ($tree->walk() as $node) {
            if ($node->how !== [] || isset($node->when['widths'])) {
                $sheet->marks->of($node->id);
            }
        }
        $failures = [];
        $page = Quantities::settle(HeadingLevels::onCards(
            $this->node($tree, $context, $styling, null, false, $failures),
            $this->schema,
        ));

        $shows = iterator_to_array($page->following(), false) !== [];
        $until = Until::of($tree, $page, $context);

        return new ComposedPage($page, $sheet->css(), $failures, $until, $shows ? $context->list : null);
    }

    /**
     * @param  Standing|null  $around  what it stands in; null for the page
     * @param  bool  $isCard  on a card, styles are declared once for all products
     * @param  list<Failure>  $failures
     */
    private function node(
        Node $node,
        Context $context,
        Styling $styling,
        ?Standing $around,
        bool $isCard,
        array &$failures,
    ): ComposedNode {
        $isOther = ($this->definitions[$node->kind] ?? null)?->anotherOf($node) !== null;
        $about = $isOther ? $context->others[$node->id] ?? null : new About($context, $node);
        if ($about === null) {
            return new ComposedNode($node->id, $node->kind, [], [], self::UNSEEN);
        }
        SequenceCss::mark($about->inside, $styling->sheet->marks);
        $kind = $this->kinds[$node->kind] ?? null;
        $definition = $this->definitions[$node->kind] ?? null;
        $stands = $this->stands($about->inside, $around, $context->house);
        $children = $this->children($about, $stands, $styling, $isCard, $failures);
        if ($kind === null || $definition === null) {
            return new ComposedNode($node->id, $node->kind, [], $children, 'unknown kind of block');
        }
        if (! $definition->fits($context->subject->kind())) {
            return new ComposedNode($node->id, $node->kind, [], $children, self::misfit($definition));
        }
        try {
            $absent = Appearance::absent($node, $context);
            if ($absent !== null) {
                return new ComposedNode($node->id, $node->kind, [], $children, $absent, wanted: true);
            }
            if (! $isCard) {
                $pictures = $about->context->pictures + $context->pictures;
                $styling->of($node, $definition, $pictures, $context->addresses, $stands);
            }
            $settings = new Settings($node, $definition, $context, $stands);
            $composed = $kind->compose($settings, $context, $children);
        } catch (Throwable $error) {
            $failures[] = new Failure($node->id, $node->kind, $error);

            return new ComposedNode($node->id, $node->kind, [], $children, 'this block failed');
        }

        $cards = $composed->cards === null || $isCard
            ? []
            : $this->cards($composed->cards, $context->addresses, $styling, $stands, $failures);

        return new ComposedNode(
            $node->id,
            $node->kind,
            $composed->data,
            $children,
            $composed->absent,
            $composed->note,
            until: $composed->until,
            essential: $isCard ? null : $definition->essentialOf($node),
            cards: $cards,
            card: $composed->cards?->tree->id,
            mark: $styling->sheet->marks->known($node->id),
            follows: $definition->follows($node),
            says: $kind instanceof SaysOfPage && ! $isCard && $composed->absent === null
                ? $kind->says($composed, $context)
                : [],
        );
    }

    /**
     * @param  list<Failure>  $failures
     * @return list<ComposedNode>
     */
    private function children(
        About $about,
        Standing $stands,
        Styling $styling,
        bool $isCard,
        array &$failures,
    ): array {
        $children = [];
        foreach ($about->inside->children as $child) {
            $children[] = $this->node($child, $about->context, $styling, $stands, $isCard, $failures);
        }

        return $children;
    }

    /**
     * A card for each product, with styles that are declared once for all.
     *
     * @param  list<Failure>  $failures
     * @return list<ComposedNode>
     */
    private function cards(
        CardList $list,
        Addresses $addresses,
        Styling $styling,
        Standing $around,
        array &$failures,
    ): array {
        $card = $list->tree;
        $stands = $this->stands($card, $around, $around->house);
        if ($styling->sheet->begins($card->id)) {
            foreach ($card->walk() as $node) {
                $definition = $this->definitions[$node->kind] ?? null;
                if ($definition !== null) {
                    $pictures = ($list->contexts[0]->pictures ?? []) + $list->pictures;
                    $styling->of($node, $definition, $pictures, $addresses, $stands);
                }
            }
        }
        $days = Until::days($card, $list->contexts[0] ?? null);
        $shown = $list->only === null ? $card : $card->withChildren(array_values(
            array_filter($card->children, static fn (Node $block): bool => in_array($block->id, $list->only, true)),
        ));
        $broken = $cards = [];
        foreach ($list->contexts as $context) {
            $composed = $this->node($shown, $context, $styling, $around, true, $broken);
            $cards[] = new ComposedNode(
                $composed->id,
                $composed->kind,
                $composed->data,
                $composed->children,
                $composed->absent,
                until: Until::ofCard($composed, $days, $context),
                mark: $composed->mark,
            );
        }
        // The same block on every card is one trouble.
        array_push($failures, ...array_values(array_column($broken, null, 'blockId')));

        return $cards;
    }

    private function stands(Node $node, ?Standing $around, HouseStyle $house): Standing
    {
        $kind = $this->kinds[$node->kind] ?? null;
        $isBand = ($this->definitions[$node->kind] ?? null)?->role === Role::Band;

        // What stands in a block without blocks is a card of its list.
        return $around === null
            ? Standing::page($node, $kind, $house)
            : $around->with($node, $kind, $isBand, $around->node->children === []);
    }

    /** Why a block says nothing on a page that is about something else. */
    public static function misfit(Definition $definition): string
    {
        return in_array(SubjectKind::Product, $definition->subjects, true)
            ? 'works inside a card or a holder that shows a product'
            : 'works on pages of '
            .implode(', ', array_map(static fn (SubjectKind $one): string => $one->many(), $definition->subjects));
    }
}
