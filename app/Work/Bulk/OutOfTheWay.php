<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\TemplateChange;

/**
 * What is taken out with a deed because it would stand in the way: pins to other templates, and rules of other
 * templates.
 */
final readonly class OutOfTheWay
{
    /**
     * @param  list<int>|null  $pins  templates whose pins of the pages that are meant are taken out; null: of all
     * @param  list<array{template: int, clause: mixed}>  $rules  *show on* clauses, as they are stored
     */
    private function __construct(
        private ?array $pins = [],
        private array $rules = [],
    ) {
    }

    public static function nothing(): self
    {
        return new self;
    }

    public static function allPins(): self
    {
        return new self(null);
    }

    /**
     * @param  list<int>  $pins
     * @param  mixed  $rules  untrusted
     */
    public static function of(array $pins, mixed $rules): self
    {
        $read = [];
        foreach (is_array($rules) ? $rules : [] as $rule) {
            $template = is_array($rule) ? $rule['template'] ?? null : null;
            is_int($template) && $read[] = ['template' => $template, 'clause' => $rule['clause'] ?? null];
        }

        return new self($pins, $read);
    }

    /** Whether pins to a template are taken out. */
    public function frees(int $template): bool
    {
        return $this->pins === null || in_array($template, $this->pins, true);
    }

    /** @return list<TemplateChange>|Problem the templates without those rules */
    public function changes(PageKind $kind): array|Problem
    {
        $without = [];
        foreach ($this->rules as ['template' => $id, 'clause' => $clause]) {
            $template = Template::query()->find($id);
            $reach = $without[$id] ?? $template?->live_reach;
            $show = is_array($reach['show'] ?? null) ? $reach['show'] : [];
            $left = array_values(array_filter($show, static fn (mixed $one): bool => $one != $clause));
            if ($template?->page_kind !== $kind->value || ! is_array($reach) || count($left) === count($show)) {
                return ReleaseProblem::RuleChanged->at('', ['name' => $template->name ?? '']);
            }
            $without[$id] = array_replace($reach, ['show' => $left]);
        }
        $changes = [];
        foreach ($without as $id => $reach) {
            $changes[] = TemplateDeed::withReach(Template::query()->findOrFail($id), $reach);
        }

        return $changes;
    }
}
