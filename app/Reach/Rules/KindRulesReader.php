<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use DateTimeImmutable;
use LogicException;
use stdClass;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\Sql\RuleRows;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Reach\WhatIf;

/** Reads the templates of a page kind for a verdict. */
final readonly class KindRulesReader
{
    private RuleFields $fields;

    public function __construct(
        private PagesOfTheShop $pages,
        private Categories $categories,
        private ShopClock $clock,
    ) {
        $this->fields = RuleFields::standard();
    }

    /** @return int in seconds of Unix time */
    public function now(): int
    {
        return $this->clock->now()->getTimestamp();
    }

    /**
     * Only what is live: enough to decide.
     *
     * @param  list<stdClass>|null  $rows  as `RuleRows` gave them; null: they are asked for
     */
    public function live(PageKind $kind, ?array $rows = null): KindRules
    {
        return $this->read($kind, $rows ?? RuleRows::of(false, $kind), new WhatIf);
    }

    /**
     * @param  array<int, string>  $reaches  of some templates, as they are stored
     * @return array<int, CompiledReach>
     */
    public function compiled(PageKind $kind, array $reaches): array
    {
        $read = array_map(fn (string $reach): Reach => $this->stored(json_decode($reach, true), $kind), $reaches);
        $living = LivingNames::of($read);

        return array_map(
            (new ReachCompiler($this->fields, $this->categories->tree(), $living, $kind))->compile(...),
            $read,
        );
    }

    /** With what is not live too: enough to explain, or to ask what a change would do. */
    public function all(PageKind $kind, WhatIf $supposed = new WhatIf, ?DateTimeImmutable $at = null): KindRules
    {
        return $this->read($kind, RuleRows::of(true, $kind), $supposed, $at);
    }

    /** @throws LogicException when a stored reach cannot be read */
    public function stored(mixed $reach, PageKind $kind): Reach
    {
        $read = (new ReachReader($this->fields, $this->clock->zone, $kind))->parse($reach);

        return $read instanceof Reach
            ? $read
            : throw new LogicException('A stored reach cannot be read: '.$read[0]->code->value);
    }

    /** @param  list<stdClass>  $rows */
    private function read(PageKind $kind, array $rows, WhatIf $supposed, ?DateTimeImmutable $at = null): KindRules
    {
        $rules = $reaches = $templates = [];
        foreach ($rows as $row) {
            if ($row->hand_order === null) {
                $rules[$row->id] = $this->stored(json_decode($row->live_reach, true), PageKind::Product);
            } else {
                $templates[$row->id] = $row;
                $reaches[$row->id] = $supposed->reaches[$row->id]
                    ?? $this->stored(
                        json_decode($row->live_revision === null ? $row->draft_reach : $row->live_reach, true),
                        $kind,
                    );
            }
        }
        $living = LivingNames::of([...$reaches, ...array_values($rules)]);
        $compiler = new ReachCompiler($this->fields, $this->categories->tree(), $living, $kind);
        $collections = RuleCollections::of(
            $rules,
            new ReachCompiler($this->fields, $this->categories->tree(), $living, PageKind::Product),
        );
        $candidates = [];
        foreach ($supposed
            ->order($kind->value, array_map(static fn (stdClass $row): int => $row->hand_order, $templates)) as $id) {
            $row = $templates[$id];
            $live = $supposed->isLive($row->id, $row->live_revision !== null);
            $candidates[] = new Candidate($row->id, $live, $compiler->compile($reaches[$row->id]));
        }

        return new KindRules(
            $this->pages->get($kind),
            $candidates,
            $supposed->fallbacks[$kind->value]
                ?? (reset($templates) ?: new stdClass)->fallback_id
                ?? throw new LogicException("There is no template for pages of the kind $kind->value."),
            $collections instanceof RuleCollections ? $collections : RuleCollections::none(),
            ($at ?? $this->clock->now())->getTimestamp(),
        );
    }
}
