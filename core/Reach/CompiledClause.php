<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Vestibra\Core\Reach\Checks\HasAll;
use Vestibra\Core\Reach\Checks\HasAny;
use Vestibra\Core\Reach\Checks\OffersTogether;

/** @api */
final readonly class CompiledClause
{
    public int $named;

    public int $grouped;

    public int $narrowed;

    /** Its conditions on options, where there are several: they must hold for one and the same variant. */
    public ?OffersTogether $together;

    /** @var list<int> tokens of which a page must have every one */
    public array $needs;

    /** @var list<Check> what has to be asked besides the tokens, the cheapest first */
    private array $asks;

    /** Null where it depends on how deep the page lies. */
    private ?Closeness $fixed;

    /** @param  list<CompiledCondition>  $conditions */
    public function __construct(public array $conditions)
    {
        $this->named = min(1, $this->count(Weight::Named));
        $this->grouped = $this->count(Weight::Grouped);
        $this->narrowed = $this->count(Weight::Narrowed);
        $offers = array_values(array_filter(
            array_column($conditions, 'check'),
            static fn (Check $check): bool => $check instanceof VariantCheck,
        ));
        $this->together = count($offers) > 1 ? new OffersTogether($offers) : null;
        [$this->needs, $this->asks] = $this->split();
        $depths = array_map(
            static fn (CompiledCondition $condition): array => array_values(array_unique($condition->depths)),
            $conditions,
        );
        $varies = array_filter($depths, static fn (array $one): bool => count($one) > 1) !== [];
        $this->fixed = $varies ? null : $this->bound();
    }

    public function matches(Features $features): bool
    {
        foreach ($this->needs as $token) {
            if (! isset($features->tokens[$token])) {
                return false;
            }
        }
        foreach ($this->asks as $check) {
            if (! $check->holds($features)) {
                return false;
            }
        }

        return true;
    }

    /** @param  Features  $features a page that it matches */
    public function closeness(Features $features): Closeness
    {
        if ($this->fixed !== null) {
            return $this->fixed;
        }
        $depth = 0;
        foreach ($this->conditions as $condition) {
            $depth += $condition->depthFor($features);
        }

        return new Closeness($this->named, $this->grouped, $depth, $this->narrowed);
    }

    /** The greatest closeness that it can have on any page. */
    public function bound(): Closeness
    {
        $depth = array_sum(
            array_map(static fn (CompiledCondition $condition): int => $condition->deepest(), $this->conditions),
        );

        return new Closeness($this->named, $this->grouped, $depth, $this->narrowed);
    }

    /** @return list<Condition> the conditions that do not hold */
    public function failed(Features $features): array
    {
        $failed = $offers = [];
        foreach ($this->conditions as $condition) {
            if (! $condition->holds($features)) {
                $failed[] = $condition->condition;
            }
            if ($condition->check instanceof VariantCheck) {
                $offers[] = $condition->condition;
            }
        }

        return $failed === [] && $this->together?->holds($features) === false ? $offers : $failed;
    }

    /** @return array{list<int>, list<Check>} */
    private function split(): array
    {
        $needs = $asks = [];
        foreach ($this->conditions as $condition) {
            $check = $condition->check;
            if ($check instanceof HasAll || ($check instanceof HasAny && count($check->ids) === 1)) {
                array_push($needs, ...array_map($check->aspect->token(...), $check->ids));
            } elseif ($this->together === null || ! $check instanceof VariantCheck) {
                $asks[] = $check;
            }
        }

        return [$needs, $this->together === null ? $asks : [...$asks, $this->together]];
    }

    private function count(Weight $weight): int
    {
        return count(array_filter(
            $this->conditions,
            static fn (CompiledCondition $condition): bool => $condition->weight === $weight,
        ));
    }
}
