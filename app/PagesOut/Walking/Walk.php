<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut\Walking;

use DateTimeImmutable;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Collection;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Reach\WhatIf;

/**
 * Somebody from the Studio walks the shop with chosen drafts, as on a given day, or both. Customers see nothing of it.
 */
final readonly class Walk
{
    private const KEY = 'walk';

    public function __construct(
        private Session $session,
        private ShopClock $clock,
        private KindRulesReader $contests,
    ) {
    }

    /** @param  list<int>  $drafts  templates whose drafts are taken instead of what is live */
    public function begin(array $drafts, ?DateTimeImmutable $at): void
    {
        $this->session->put(self::KEY, ['drafts' => $drafts, 'at' => $at?->format('Y-m-d\TH:i:s\Z')]);
    }

    public function end(): void
    {
        $this->session->forget(self::KEY);
    }

    public function isOn(): bool
    {
        return is_array($this->session->get(self::KEY));
    }

    public function at(): ?DateTimeImmutable
    {
        $at = $this->stored()['at'] ?? null;

        return is_string($at) ? $this->clock->zone->instant($at) : null;
    }

    /** @return list<int> */
    public function drafts(): array
    {
        $drafts = $this->stored()['drafts'] ?? [];

        return is_array($drafts) ? array_values(array_filter($drafts, is_int(...))) : [];
    }

    public function supposed(): WhatIf
    {
        $supposed = new WhatIf;
        /** @var Collection<int, Template> $templates */
        $templates = Template::query()->whereIntegerInRaw('id', $this->drafts())->get();
        foreach ($templates as $template) {
            $kind = $template->pageKind();
            $supposed = $kind === null
                ? $supposed
                : $supposed->withReach($template->id, $this->contests->stored($template->draft_reach, $kind));
        }

        return $supposed;
    }

    /** @return array<array-key, mixed> */
    private function stored(): array
    {
        $stored = $this->session->get(self::KEY);

        return is_array($stored) ? $stored : [];
    }
}
