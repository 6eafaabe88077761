<?php

declare(strict_types=1);

namespace Vestibra\Demo;

/**
 * One product of the demo, before it has ids.
 *
 * A view is what is drawn, its colour and its second colour.
 *
 * @phpstan-type View array{string, string, string}
 */
final class Good
{
    /** @var list<string> */
    public array $alsoIn = [];

    /** @var list<string> */
    public array $tags = [];

    /** @var array<string, list<array{string, string|null}>> option => values as label and swatch */
    public array $options = [];

    /** @var list<View> the pictures; a colour option adds one for each of its values */
    public array $views = [];

    /** @var string|null what is drawn for each value of a colour option */
    public ?string $drawnPerColour = null;

    public ?string $brand = null;

    public string $short = '';

    public string $description = '';

    /** Added to the price for each further value of the second option, in pence. */
    public int $step = 0;

    public ?int $stock = null;

    /** @var array{int, string|null, string|null}|null per cent off, from and until as PHP reads dates */
    public ?array $sale = null;

    /** @var list<int> numbers of variants that are sold out */
    public array $soldOut = [];

    public int $reviews = 0;

    public float $stars = 4.5;

    public bool $published = true;

    /**
     * @return list<array{string, string|null}> the values of the first option, which is the colour where there is one
     */
    public function colours(): array
    {
        return array_values($this->options)[0] ?? [];
    }

    /** @param  int  $price in pence */
    public function __construct(
        public string $title,
        public string $category,
        public int $price,
    ) {
    }
}
