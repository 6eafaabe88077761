<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\Samples;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TemplateRole;

/**
 * Where a card is seen while somebody works on it: on the page whose drawing table it was opened from, else in a row of
 * the shop's products, the awkward ones among them.
 */
final readonly class CardRoom
{
    public const GRID = 'cardroomgrid';

    private const PRODUCTS = 12;

    /** As many as can be told apart on a drawing of the size of a stamp. */
    private const FEW = 2;

    public function __construct(
        private StoredDrafts $stored,
        private PagesOfTheShop $pages,
        private Samples $samples,
        private LiveCards $cards,
    ) {
    }

    /**
     * @param  int  $on  the template, kept part or product's own blocks; 0 for none
     * @param  int  $sample  the number of its subject, or of the product that stands first
     * @param  bool  $few  where it is drawn small
     * @return array{Node, Subject}|null null where there is no such page
     */
    public function of(Template $card, int $on, int $sample, bool $few = false): ?array
    {
        $page = $on === 0 ? null : Template::query()->find($on);
        if ($page === null || $page->role === TemplateRole::Card) {
            return $this->alone($card->id, $sample, $few);
        }
        // What stands on pages is looked at with products.
        $subject = $this->pages->get($page->seenOn())->read($sample);

        return $subject === null ? null : [$this->stored->tree($page->draft_tree), $subject];
    }

    /** @return array{Node, Subject}|null a start, which is no card of the shop yet */
    public function start(Node $tree): ?array
    {
        $this->cards->lend(LiveCards::START, $tree);

        return $this->alone(LiveCards::START, $this->samples->best(PageKind::Product), true);
    }

    /** @return array{Node, Subject}|null */
    private function alone(int $card, int $sample, bool $few): ?array
    {
        $shop = $this->pages->get(PageKind::AllProducts)->read(1);
        $ids = array_column(
            $this->samples
                ->page(PageKind::Product, $this->samples->compiled(PageKind::Product, new Reach), '', 1)['samples'],
            'id',
        );
        $products = array_slice(
            array_values(array_unique([...($sample > 0 ? [$sample] : []), ...$ids])),
            0,
            $few ? self::FEW : self::PRODUCTS,
        );
        $grid = new Node(
            self::GRID,
            'product-grid',
            ['feed' => 'chosen', 'products' => $products, 'card' => $card],
            $few ? ['desktop' => ['perRow' => self::FEW]] : [],
        );

        return $shop === null ? null : [
            new Node('cardroom', 'page', ['header' => false, 'footer' => false], [], [], [
                new Node('cardroomband', 'band', [], [], [], [
                    new Node('cardroomcolumn', 'column', [], [], [], [$grid]),
                ]),
            ]),
            $shop,
        ];
    }
}
