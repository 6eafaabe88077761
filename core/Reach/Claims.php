<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Which templates claim a page, each with the strength of its claim: enough to say which one has it, whatever their
 * order, and when one of them changes, without asking the others again. They stay as they are written, as
 * `,3:512,7:90,`: a shop has many, and most are only handed on.
 *
 * A collection by rule that the page's product is in stands among them by its number below zero: it claims nothing.
 *
 * @api
 */
final readonly class Claims
{
    private function __construct(public string $written)
    {
    }

    public static function none(): self
    {
        return new self(',');
    }

    public static function read(string $written): self
    {
        return new self($written);
    }

    /** How a collection stands among templates. */
    public static function collection(int $id): int
    {
        return -$id;
    }

    /** @return int|null the strength of a template's claim, as `RankOfReach::number()`: the smaller the stronger */
    public function of(int $template): ?int
    {
        $at = strpos($this->written, ",$template:");

        return $at === false ? null : (int) substr($this->written, $at + strlen(",$template:"), 20);
    }

    /** @param  int|null  $claim  of one template from now on; null: none */
    public function with(int $template, ?int $claim): self
    {
        $at = strpos($this->written, ",$template:");
        $others = $at === false
            ? $this->written
            : substr($this->written, 0, $at).substr($this->written, (int) strpos($this->written, ',', $at + 1));

        return new self($claim === null ? $others : "$others$template:$claim,");
    }

    /** @return list<int> */
    public function templates(): array
    {
        return $this->numbers('/(?<=,)(\d+):/');
    }

    /** @return list<int> the collections by rule that the page's product is in */
    public function collections(): array
    {
        return $this->numbers('/(?<=,)-(\d+):/');
    }

    /** @return list<int> */
    private function numbers(string $pattern): array
    {
        preg_match_all($pattern, $this->written, $found);

        return array_map(intval(...), $found[1]);
    }

    /**
     * The template that has the page by its claim: the strongest, among equals the earlier in hand order.
     *
     * @param  array<int, int>  $hand  template => its place in hand order
     */
    public function strongest(array $hand): ?int
    {
        $first = $strongest = null;
        foreach ($this->templates() as $template) {
            $one = [$this->of($template), $hand[$template] ?? PHP_INT_MAX];
            if ($first === null || $one < $first) {
                [$first, $strongest] = [$one, $template];
            }
        }

        return $strongest;
    }

    /**
     * Whether a claim of one template comes before that of another one.
     *
     * @param  array<int, int>  $hand  template => its place in hand order
     */
    public static function isStronger(int $claim, int $template, ?int $thanClaim, int $than, array $hand): bool
    {
        return $thanClaim === null || [$claim, $hand[$template] ?? PHP_INT_MAX]
            < [$thanClaim, $hand[$than] ?? PHP_INT_MAX];
    }
}
