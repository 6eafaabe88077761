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
        $before = [];
        foreach (array_keys($this->change->after) as $page) {
            [$kind, $id] = PinsChange::page($page);
            $pin = Pin::query()->toBase()->where('page_kind', $kind)->where('subject_id', $id)->value('template_id');
            $before[$page] = $pin === null ? null : (int) $pin;
        }

        return new PinsChange($before, $this->change->after);
    }

    public function apply(): void
    {
        foreach ($this->change->after as $page => $template) {
            [$kind, $id] = PinsChange::page($page);
            if ($template === null) {
                Pin::query()->toBase()->where('page_kind', $kind)->where('subject_id', $id)->delete();
            } else {
                Pin::query()->toBase()
                    ->updateOrInsert(['page_kind' => $kind, 'subject_id' => $id], ['template_id' => $template]);
            }
        }
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
