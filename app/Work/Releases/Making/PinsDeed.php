<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making;

use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\NewLooks;
use Vestibra\Core\Releases\PinsChange;

/** Pages are pinned to a template, or set free. */
final readonly class PinsDeed implements ReleaseDeed
{
    /** Pins that are written or read in one go. */
    private const AT_ONCE = 2_000;

    public function __construct(private PinsChange $change)
    {
    }

    /** @param  array<string, int|null>  $pins */
    public static function to(array $pins): PinsChange
    {
        return (new self(new PinsChange([], $pins)))->now();
    }

    public function problem(): ?Problem
    {
        $kinds = Template::query()->toBase()->whereNull('let_go_at')
            ->whereIntegerInRaw('id', array_values(array_filter($this->change->after, is_int(...))))
            ->pluck('page_kind', 'id')
            ->all();
        foreach ($this->change->after as $page => $template) {
            if ($template !== null && ($kinds[$template] ?? null) !== PinsChange::page($page)[0]) {
                return ReleaseProblem::TemplateGone->at('', ['name' => '']);
            }
        }

        return null;
    }

    public function now(): PinsChange
    {
        $before = array_fill_keys(array_keys($this->change->after), null);
        foreach (self::byKind($before) as $kind => $ids) {
            foreach (array_chunk($ids, self::AT_ONCE) as $some) {
                foreach (Pin::query()->toBase()->where('page_kind', $kind)
                    ->whereIntegerInRaw('subject_id', $some)
                    ->pluck('template_id', 'subject_id') as $id => $template) {
                    $before["$kind/$id"] = (int) $template;
                }
            }
        }

        return new PinsChange($before, $this->change->after);
    }

    public function apply(): void
    {
        foreach (self::byKind($this->change->after) as $kind => $ids) {
            foreach (array_chunk($ids, self::AT_ONCE) as $some) {
                Pin::query()->toBase()->where('page_kind', $kind)->whereIntegerInRaw('subject_id', $some)->delete();
                $rows = [];
                foreach ($some as $id) {
                    $template = $this->change->after["$kind/$id"] ?? null;
                    $template === null
                        || $rows[] = ['page_kind' => $kind, 'subject_id' => $id, 'template_id' => $template];
                }
                $rows === [] || Pin::query()->toBase()->insert($rows);
            }
        }
    }

    /**
     * @param  array<string, int|null>  $pins
     * @return array<string, list<int>> page kind => pages
     */
    private static function byKind(array $pins): array
    {
        $kinds = [];
        foreach (array_keys($pins) as $page) {
            [$kind, $id] = PinsChange::page($page);
            $kinds[$kind][] = $id;
        }

        return $kinds;
    }

    public function kinds(AskedByChanges $shop): array
    {
        return $this->change->kinds();
    }

    public function looks(AskedByChanges $shop): NewLooks
    {
        return new NewLooks;
    }

    public function words(): string
    {
        $pinned = $this->change->pinned();
        $freed = count($this->change->after) - $pinned;

        return implode(', ', array_filter([
            $pinned === 0 ? '' : Counted::of($pinned, 'page').' pinned',
            $freed === 0 ? '' : Counted::of($freed, 'page').' unpinned',
        ]));
    }
}
