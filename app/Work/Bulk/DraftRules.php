<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Drafting\StepResult;
use Vestibra\Core\Problem;

/** Parts of rules that come to a draft with a release, so that publishing it later does not take them out again. */
final readonly class DraftRules
{
    public function __construct(private Drafting $drafting)
    {
    }

    /**
     * @param  array<string, mixed>  $reach  as it is stored
     * @param  list<list<array<string, mixed>>>  $clauses
     * @return array<string, mixed> with them, each once
     */
    public static function with(array $reach, string $side, array $clauses): array
    {
        $has = is_array($reach[$side] ?? null) ? array_values($reach[$side]) : [];
        foreach ($clauses as $clause) {
            in_array($clause, $has, false) || $has[] = $clause;
        }

        return array_replace($reach, [$side => $has]);
    }

    /**
     * @param  list<list<array<string, mixed>>>  $clauses
     * @return StepResult|non-empty-list<Problem>|null null where it has them already
     */
    public function add(Template $template, User $user, string $side, array $clauses): StepResult|array|null
    {
        return $this->set($template, $user, self::with($template->draft_reach, $side, $clauses));
    }

    /**
     * What a release brought is taken back, and so the draft loses it where it still has it.
     *
     * @param  array<mixed>  $clauses
     * @return StepResult|non-empty-list<Problem>|null
     */
    public function remove(Template $template, User $user, string $side, array $clauses): StepResult|array|null
    {
        $has = is_array($template->draft_reach[$side] ?? null) ? $template->draft_reach[$side] : [];

        return $this->set($template, $user, array_replace($template->draft_reach, [
            $side => array_values(
                array_filter($has, static fn (mixed $clause): bool => ! in_array($clause, $clauses, false)),
            ),
        ]));
    }

    /**
     * @param  array<string, mixed>  $reach
     * @return StepResult|non-empty-list<Problem>|null
     */
    private function set(Template $template, User $user, array $reach): StepResult|array|null
    {
        return $reach == $template->draft_reach
            ? null
            : $this->drafting->apply($template->id, $user, [['edit' => 'reach', 'reach' => $reach]]);
    }
}
