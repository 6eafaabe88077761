<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Changes;

use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\WhatIf;

/** Pages pinned to a template, or set free. */
final readonly class PinsChange implements ReleaseChange
{
    /**
     * @param  array<string, int|null>  $before  `product/7` => template id; null: not pinned
     * @param  array<string, int|null>  $after
     */
    public function __construct(
        public array $before,
        public array $after,
    ) {
    }

    public static function name(): string
    {
        return 'pins';
    }

    /** @param  array<string, int|null>  $pins */
    public static function to(array $pins): self
    {
        return (new self([], $pins))->now();
    }

    public function problem(): ?Problem
    {
        $kinds = Template::query()->toBase()->whereNull('let_go_at')
            ->whereIntegerInRaw('id', array_values(array_filter($this->after, is_int(...))))
            ->pluck('page_kind', 'id')
            ->all();
        foreach ($this->after as $page => $template) {
            if ($template !== null && ($kinds[$template] ?? null) !== self::page($page)[0]) {
                return ReleaseProblem::TemplateGone->at('', ['name' => '']);
            }
        }

        return null;
    }

    public function now(): self
    {
        $before = [];
        foreach (array_keys($this->after) as $page) {
            [$kind, $id] = self::page($page);
            $pin = Pin::query()->toBase()->where('page_kind', $kind)->where('subject_id', $id)->value('template_id');
            $before[$page] = $pin === null ? null : (int) $pin;
        }

        return new self($before, $this->after);
    }

    public function apply(): void
    {
        foreach ($this->after as $page => $template) {
            [$kind, $id] = self::page($page);
            if ($template === null) {
                Pin::query()->toBase()->where('page_kind', $kind)->where('subject_id', $id)->delete();
            } else {
                Pin::query()->toBase()
                    ->updateOrInsert(['page_kind' => $kind, 'subject_id' => $id], ['template_id' => $template]);
            }
        }
    }

    public function inverse(): self
    {
        return new self($this->after, $this->before);
    }

    public function suppose(WhatIf $supposed, AskedByChanges $shop): WhatIf
    {
        return $supposed->withPins($this->after);
    }

    public function kinds(AskedByChanges $shop): array
    {
        return array_values(array_filter(array_map(
            static fn (string $page): ?PageKind => PageKind::tryFrom(self::page($page)[0]),
            array_keys($this->after),
        )));
    }

    public function touches(): array
    {
        return array_map(static fn (string $page): string => "pin $page", array_keys($this->after));
    }

    public function words(): string
    {
        $pinned = count(array_filter($this->after, is_int(...)));
        $freed = count($this->after) - $pinned;

        return implode(', ', array_filter([
            $pinned === 0 ? '' : Counted::of($pinned, 'page').' pinned',
            $freed === 0 ? '' : Counted::of($freed, 'page').' unpinned',
        ]));
    }

    public function toArray(): array
    {
        return ['change' => self::name(), 'before' => $this->before, 'after' => $this->after];
    }

    /** @return array{string, int} */
    private static function page(string $key): array
    {
        [$kind, $id] = explode('/', $key) + ['', '0'];

        return [$kind, (int) $id];
    }
}
