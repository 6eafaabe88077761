<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * What a block came to on one page: what its view prints, or why there is nothing to show.
 *
 * @api
 */
final readonly class Composed
{
    /** @param  array<string, mixed>  $data plain data for the view */
    private function __construct(
        public array $data,
        public ?string $absent,
        public ?string $note = null,
        public ?int $until = null,
        public ?CardList $cards = null,
    ) {
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  string|null  $note  what the owner should know about it; customers never see it
     */
    public static function shown(array $data = [], ?string $note = null): self
    {
        return new self($data, null, $note);
    }

    /**
     * What holds blocks: on the page when one of them is.
     *
     * @param  list<ComposedNode>  $children
     * @param  string  $empty  what is said when there are none
     * @param  array<string, mixed>  $data
     */
    public static function holding(array $children, string $empty, array $data = []): self
    {
        foreach ($children as $child) {
            if ($child->absent === null) {
                return self::shown($data);
            }
        }

        return self::absent($children === [] ? $empty : 'nothing in it shows here');
    }

    /** The same, but only until an instant, in seconds of Unix time: then it has to be computed anew. */
    public function until(?int $instant): self
    {
        return new self($this->data, $this->absent, $this->note, $instant, $this->cards);
    }

    /** With products, each as a card, which stand in it. */
    public function with(CardList $cards): self
    {
        return new self($this->data, $this->absent, $this->note, $this->until, $cards);
    }

    /** @param  string  $why in the shopkeeper's words, as "nothing to show here" */
    public static function absent(string $why): self
    {
        return new self([], $why);
    }
}
