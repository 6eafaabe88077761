<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use stdClass;
use Vestibra\App\Reach\Rules\Sql\RuleRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\ChangedRules;
use Vestibra\Core\Reach\Evaluator;

/**
 * Compiles what is live and keeps it under a word. Where only a few templates changed since all were compiled, those
 * alone are compiled, and what that changes is kept.
 *
 * @phpstan-import-type Packed from Evaluator
 * @phpstan-import-type Rest from Evaluator
 * @phpstan-import-type Changes from ChangedRules
 *
 * @phpstan-type Latest array{name: string, besides: string, reaches: array<int, string>, rest: Rest}
 */
final readonly class CompiledRules
{
    /** Of so many templates that changed since all were compiled, all are compiled again. */
    private const FEW = 40;

    public function __construct(
        private KindRulesReader $contests,
        private RuleFiles $files,
    ) {
    }

    public function of(PageKind $kind, string $word): Evaluator
    {
        $name = "$kind->value-".Evaluator::PACKED;

        return $this->kept("$name-$word") ?? $this->compiled($kind, $name, $word);
    }

    private function kept(string $name): ?Evaluator
    {
        /** @var array{since?: string, changes?: Changes, whole?: Packed}|null $kept */
        $kept = $this->files->read($name);
        $whole = isset($kept['since']) ? $this->whole($kept['since']) : $kept['whole'] ?? null;

        return $whole === null ? null : Evaluator::unpack($whole, $kept['changes'] ?? null);
    }

    /** @return Packed|null */
    private function whole(string $name): ?array
    {
        /** @var array{whole?: Packed}|null $kept */
        $kept = $this->files->read($name);

        return $kept['whole'] ?? null;
    }

    private function compiled(PageKind $kind, string $name, string $word): Evaluator
    {
        $rows = RuleRows::of(false, $kind);
        [$templates, $besides] = self::known($rows);
        $changed = $this->changed($kind, $name, $word, $rows, $templates, $besides);
        if ($changed !== null) {
            return $changed;
        }
        $evaluator = $this->contests->live($kind, $rows)->evaluator();
        $this->files->keep("$name-$word", ['whole' => $evaluator->pack()]);
        $this->files->keepLatest($name, [
            'name' => "$name-$word",
            'besides' => $besides,
            'reaches' => $templates,
            'rest' => $evaluator->rest(),
        ]);

        return $evaluator;
    }

    /**
     * @param  list<stdClass>  $rows
     * @param  array<int, string>  $templates
     * @return Evaluator|null null where nothing is kept that all but a few of them are still in
     */
    private function changed(
        PageKind $kind,
        string $name,
        string $word,
        array $rows,
        array $templates,
        string $besides,
    ): ?Evaluator {
        /** @var Latest|null $latest */
        $latest = $this->files->latest($name);
        if ($latest === null || $latest['besides'] !== $besides) {
            return null;
        }
        $others = array_diff_assoc($templates, $latest['reaches']);
        $gone = array_diff_key($latest['reaches'], $templates);
        $whole = count($others) + count($gone) > self::FEW ? null : $this->whole($latest['name']);
        if ($whole === null) {
            return null;
        }
        $reaches = array_intersect_key(array_column($rows, 'live_reach', 'id'), $others);
        $changes = ChangedRules::of(
            $whole,
            $latest['rest'],
            array_keys($templates),
            $this->contests->compiled($kind, $reaches),
        );
        if ($changes === null) {
            return null;
        }
        $this->files->keep("$name-$word", ['since' => $latest['name'], 'changes' => $changes]);

        return Evaluator::unpack($whole, $changes);
    }

    /**
     * @param  list<stdClass>  $rows
     * @return array{array<int, string>, string} a word of each template's reach, in hand order; and one of all that
     *     compiled rules depend on besides
     */
    private static function known(array $rows): array
    {
        $templates = [];
        $besides = '';
        foreach ($rows as $row) {
            if ($row->hand_order !== null) {
                $templates[$row->id] = md5($row->live_reach);
                $besides = "$row->named $row->fallback_id";
            }
        }

        return [$templates, $besides];
    }
}
