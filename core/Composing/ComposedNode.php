<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Pages\Essential;

/** @api */
final readonly class ComposedNode
{
    /**
     * @param  array<string, mixed>  $data  what the view prints
     * @param  list<ComposedNode>  $children
     * @param  string|null  $absent  why it is not in the shop's page; null when it is
     * @param  bool  $wanted  absent because the owner asked for it: switched off, or not for this product or day
     * @param  string|null  $note  what the owner should know about it; customers never see it
     * @param  Essential|null  $essential  what the page cannot do without, and this is as it is set
     * @param  list<ComposedNode>  $cards  products that stand in it as cards: what a page has to have, they do not
     *     bring
     * @param  string|null  $card  the id of the card that its products stand as
     * @param  string|null  $mark  the attribute by which its styles find it
     * @param  list<Said>  $says  what it shows that search engines can be told of
     * @param  bool  $follows  whether it follows the products of the page
     * @param  int|null  $until  the instant until which it holds, in seconds of Unix time; null when its kind looks at
     *     no clock
     */
    public function __construct(
        public string $id,
        public string $kind,
        public array $data,
        public array $children,
        public ?string $absent = null,
        public ?string $note = null,
        public bool $wanted = false,
        public ?int $until = null,
        public ?Essential $essential = null,
        public array $cards = [],
        public ?string $card = null,
        public ?string $mark = null,
        public bool $follows = false,
        public array $says = [],
    ) {
    }

    /** @param  array<string, mixed>  $data */
    public function withData(array $data): self
    {
        return $data === $this->data ? $this : $this->made($data, $this->children, $this->cards, $this->note);
    }

    /** @param  string  $absent  why nothing of it is shown */
    public function withAbsent(string $absent): self
    {
        $children = $this->children;

        return new self($this->id, $this->kind, [], $children, $absent, mark: $this->mark, follows: $this->follows);
    }

    public function withNote(?string $note): self
    {
        return $note === $this->note ? $this : $this->made($this->data, $this->children, $this->cards, $note);
    }

    /**
     * @param  list<ComposedNode>  $children
     * @param  list<ComposedNode>  $cards
     */
    public function with(array $children, array $cards): self
    {
        return $children === $this->children && $cards === $this->cards
            ? $this
            : $this->made($this->data, $children, $cards, $this->note);
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  list<ComposedNode>  $children
     * @param  list<ComposedNode>  $cards
     */
    private function made(array $data, array $children, array $cards, ?string $note): self
    {
        return new self(
            $this->id,
            $this->kind,
            $data,
            $children,
            $this->absent,
            $note,
            $this->wanted,
            $this->until,
            $this->essential,
            $cards,
            $this->card,
            $this->mark,
            $this->follows,
            $this->says,
        );
    }

    /** @return iterable<self> itself and everything in it that is on the page, from top to bottom */
    public function shown(): iterable
    {
        if ($this->absent !== null) {
            return;
        }
        yield $this;
        foreach ($this->children as $child) {
            yield from $child->shown();
        }
    }

    /** @return iterable<self> itself and everything in it, whether it is on the page or not */
    public function walk(): iterable
    {
        yield $this;
        foreach ($this->children as $child) {
            yield from $child->walk();
        }
    }

    /** @return iterable<self> what follows the products of the page, without what stands in such a block */
    public function following(): iterable
    {
        if ($this->follows) {
            yield $this;

            return;
        }
        foreach ($this->absent === null ? $this->children : [] as $child) {
            yield from $child->following();
        }
    }

    public function find(string $id): ?self
    {
        if ($this->id === $id) {
            return $this;
        }
        foreach ($this->children as $child) {
            $found = $child->find($id);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind,
            'data' => $this->data,
            'absent' => $this->absent,
            'children' => array_map(static fn (ComposedNode $child): array => $child->toArray(), $this->children),
        ] + ($this->cards === []
            ? []
            : ['cards' => array_map(static fn (ComposedNode $card): array => $card->toArray(), $this->cards)]);
    }
}
