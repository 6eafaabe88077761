<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use Vestibra\App\Work\Finding\Sql\ChoiceRows;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Short\PageSet;
use Vestibra\Core\Reach\Short\PlainChoice;

/** What a short rule can be made of that is counted: price, sale, stock, reviews and pictures. */
final readonly class CountedChoices
{
    /**
     * @param  PageSet  $shown  all products that customers see, or some of them with all that are selected
     * @param  bool  $isSome  it is some of them
     * @param  bool  $isLarge  only what holds for all that are selected can be waited for
     */
    public function __construct(
        private ChoiceRows $rows,
        private PageSet $selected,
        private PageSet $shown,
        private bool $isSome,
        private bool $isLarge,
    ) {
    }

    /**
     * @param  string  $moment  as SQL
     * @return list<PlainChoice>
     */
    public function of(string $moment): array
    {
        $this->rows->count($moment, $this->isSome ? $this->shown : null);
        $none = $this->rows->uncounted()->and($this->shown);
        $sold = $this->shown->without($none);
        $on = $this->rows->holding('counted', 'sale = 1', $sold)->and($sold);
        $in = $this->rows->holding('counted', 'supply = 1', $sold)->and($sold);
        $described = $this->rows->holding('products', 'described = 1', $this->shown)->and($this->shown);
        $reviewed = $this->rows->holding('products', 'review_count > 0', $this->shown)->and($this->shown);

        return array_values(array_filter([
            new PlainChoice(new Condition('sale', 'isOn'), $on),
            new PlainChoice(new Condition('sale', 'isOff'), $this->shown->without($on)),
            new PlainChoice(new Condition('stock', 'isIn'), $in),
            new PlainChoice(new Condition('stock', 'isOut'), $this->shown->without($in)),
            new PlainChoice(new Condition('rating', 'hasReviews'), $reviewed),
            new PlainChoice(new Condition('rating', 'hasNone'), $this->shown->without($reviewed)),
            ...$this->ends('price', 'counted', 'price', $sold, PageSet::none()),
            ...$this->ends('stock', 'counted', 'stock', $sold, $none),
            ...$this->ends('reviews', 'products', 'review_count', $this->shown, PageSet::none()),
            ...$this->ends('picture', 'products', 'picture_count', $this->shown, PageSet::none()),
            ...$this->ends('variants', 'products', 'variant_count', $this->shown, PageSet::none()),
            new PlainChoice(new Condition('description', 'isFilled'), $described),
            new PlainChoice(new Condition('description', 'isEmpty'), $this->shown->without($described)),
        ], fn (PlainChoice $choice): bool => ! $this->isLarge || $choice->pages->holds($this->selected)));
    }

    /**
     * A number compared with the least and the greatest that is selected.
     *
     * @param  PageSet  $every  all that have one, or may have
     * @param  PageSet  $zero  those of which it is 0 though nothing is counted
     * @return list<PlainChoice>
     */
    private function ends(string $field, string $table, string $column, PageSet $every, PageSet $zero): array
    {
        [$least, $most, $having] = $this->rows->ends($table, $column);
        if ($least === null || $most === null || ($field === 'price' && $having < $this->selected->count())) {
            return [];
        }
        [$lowest, $highest] = $this->rows->bounds($table, $column);
        // An end that every product has says nothing; but that it has one at all.
        $isEvery = $field !== 'stock' && $every->holds($this->shown);
        $to = $isEvery && $most >= $highest
            ? null
            : $this->rows->holding($table, "$column <= $most", $every)->and($every)->or($zero);
        $from = $isEvery && $least <= $lowest || $field === 'stock'
            ? null
            : $this->rows->holding($table, "$column >= $least", $every)->and($every);

        return array_values(array_filter([
            $from === null ? null : new PlainChoice(new Condition($field, 'atLeast', [$least]), $from),
            $to === null ? null : new PlainChoice(new Condition($field, 'atMost', [$most]), $to),
            $from === null || $to === null || $field !== 'price'
                ? null
                : new PlainChoice(new Condition($field, 'between', [$least, $most]), $from->and($to)),
        ]));
    }
}
