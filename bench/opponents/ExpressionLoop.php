<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use Closure;
use Symfony\Component\ExpressionLanguage\ExpressionLanguage;
use Vestibra\Bench\VerdictWorld;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;

/**
 * Every template's rule compiled to one closure by symfony/expression-language, with its clauses ordered so that the
 * first that matches is the closest, and a loop over all of them. The functions compile to plain array look-ups.
 */
final class ExpressionLoop
{
    /** @var list<Closure(array<string, mixed>): (list<int>|null)> */
    private array $templates = [];

    public function __construct(VerdictWorld $world)
    {
        $language = new ExpressionLanguage;
        foreach (['within', 'tags'] as $set) {
            $language->register(
                "any_$set",
                static fn (string $ids): string => '('.implode(' || ', array_map(static fn (string $id): string => "isset(\$p['$set'][$id])", explode(',', trim($ids, '"')))).')',
                static fn (): bool => false,
            );
        }
        foreach ($world->templates as $clauses) {
            $code = '';
            foreach (self::closestFirst($clauses, $world->tree) as [$clause, $closeness]) {
                $test = $clause->conditions === [] ? 'true' : $language->compile(implode(' and ', array_map(self::expression(...), $clause->conditions)), ['p']);
                $code .= "if ($test) { return [".implode(', ', $closeness).']; } ';
            }
            $this->templates[] = eval("return static function (array \$p): ?array { $code return null; };");
        }
    }

    /**
     * @param  array<string, mixed>  $product
     * @return int the template that wins, from 1
     */
    public function decide(array $product): int
    {
        $best = null;
        $winner = 1;
        foreach ($this->templates as $number => $template) {
            $closeness = $template($product);
            if ($closeness !== null && ($best === null || $closeness > $best)) {
                [$best, $winner] = [$closeness, $number + 1];
            }
        }

        return $winner;
    }

    private static function expression(Condition $condition): string
    {
        $value = $condition->values[0] ?? 0;

        return match ("$condition->field.$condition->comparison") {
            'category.isIn' => 'any_within("'.implode(',', $condition->values).'")',
            'tag.hasAnyOf' => 'any_tags("'.implode(',', $condition->values).'")',
            'brand.isOneOf' => "p['brand'] === $value",
            'price.atLeast' => "p['price'] >= $value",
            'price.atMost' => "p['price'] <= $value",
            'stock.atMost' => "p['stock'] <= $value",
            default => "p['sale'] === 1",
        };
    }

    /**
     * A clause that names categories of several depths comes once for each, with those alone.
     *
     * @param  list<Clause>  $clauses
     * @return list<array{Clause, list<int>}>
     */
    private static function closestFirst(array $clauses, CategoryTree $tree): array
    {
        $ranked = [];
        foreach ($clauses as $clause) {
            $cases = [[[], 0]];
            foreach ($clause->conditions as $condition) {
                $next = [];
                foreach ($cases as [$conditions, $depth]) {
                    foreach (self::byDepth($condition, $tree) as $more => $one) {
                        $next[] = [[...$conditions, $one], $depth + $more];
                    }
                }
                $cases = $next;
            }
            $grouped = count(array_filter($clause->conditions, static fn (Condition $one): bool => in_array($one->field, ['category', 'brand', 'tag'], true)));
            foreach ($cases as [$conditions, $depth]) {
                $ranked[] = [Clause::of(...$conditions), [0, $grouped, $depth, count($conditions) - $grouped]];
            }
        }
        usort($ranked, static fn (array $one, array $other): int => $other[1] <=> $one[1]);

        return $ranked;
    }

    /** @return array<int, Condition> */
    private static function byDepth(Condition $condition, CategoryTree $tree): array
    {
        if ($condition->field !== 'category') {
            return [$condition];
        }
        $byDepth = [];
        foreach ($condition->values as $id) {
            $byDepth[$tree->depth((int) $id)][] = $id;
        }

        return array_map(static fn (array $ids): Condition => new Condition('category', $condition->comparison, $ids), $byDepth);
    }
}
