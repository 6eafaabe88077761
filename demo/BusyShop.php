<?php

declare(strict_types=1);

namespace Vestibra\Demo;

use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Releases\Making\PinsDeed;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Starts\Starts;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Releases\Changes;

/**
 * A shop in which much is laid out, to measure what its screens take: so many live templates for product pages with so
 * many clauses and pins, and some of every other kind. What is there already counts.
 */
final readonly class BusyShop
{
    private const TEMPLATES = 26;

    private const CLAUSES = 60;

    private const PINS = 200;

    private const OF_EVERY_OTHER_KIND = 2;

    private const MOST_CLAUSES = 3;

    private Randomizer $chance;

    public function __construct(
        private Templates $templates,
        private Drafting $drafting,
        private Releases $releases,
    ) {
        $this->chance = new Randomizer(new Mt19937(1));
    }

    public function fill(User $owner): void
    {
        $live = Template::query()->where('page_kind', PageKind::Product->value)
            ->where('live_revision', '>', 0)
            ->where('let_go_at', null)
            ->get();
        $missing = self::TEMPLATES - $live->count();
        $clauses = self::CLAUSES - array_sum($live->map(self::clausesOf(...))->all());
        $made = [];
        for ($at = 0; $at < $missing; $at++) {
            $share = max(1, min(self::MOST_CLAUSES, intdiv($clauses, $missing - $at)));
            $clauses -= $share;
            $show = array_map(fn (): array => $this->clause(), range(1, $share));
            $made[] = $this->made($owner, 'Shelf '.($at + 1), PageKind::Product, $show);
        }
        foreach (PageAddresses::kinds() as $kind) {
            $many = $kind !== PageKind::Product && PageKinds::standard()->get($kind)->rules() !== [];
            for ($number = 1; $number <= ($many ? self::OF_EVERY_OTHER_KIND : 0); $number++) {
                $made[] = $this->made($owner, "Another for $kind->value $number", $kind, [[]]);
            }
        }
        $this->releases
            ->make(Changes::of(...array_map(TemplateDeed::publish(...), $made)), $owner, 'Much is laid out');
        $this->pin($owner, $made);
    }

    private static function clausesOf(Template $template): int
    {
        $reach = $template->live_reach ?? [];

        return count((array) ($reach['show'] ?? [])) + count((array) ($reach['keepOff'] ?? []));
    }

    /** @param  list<list<array<string, mixed>>>  $show */
    private function made(User $owner, string $name, PageKind $kind, array $show): Template
    {
        $template = $this->templates->fromStart($name, Starts::usual($kind), $owner, $kind)
            ?? throw new RuntimeException("There is no start for $kind->value.");
        $this->drafting->apply($template->id, $owner, [[
            'edit' => 'reach',
            'reach' => ['format' => 2, 'show' => $show, 'keepOff' => [], 'season' => [], 'goesFirst' => false],
        ]]);

        return $template->refresh();
    }

    /** @param  list<Template>  $made */
    private function pin(User $owner, array $made): void
    {
        $last = (int) DB::table('products')->max('id');
        $pinned = DB::table('pins')->where('page_kind', PageKind::Product->value)->count();
        $pins = [];
        while ($pinned + count($pins) < min(self::PINS, intdiv($last, 2))) {
            $pins[PageKind::Product->value.'/'.$this->chance->getInt(1, $last)] =
                $made[$this->chance->getInt(0, 3)]->id;
        }
        $this->releases->make(Changes::of(PinsDeed::to($pins)), $owner, 'Pages of their own');
    }

    /** @return list<array<string, mixed>> */
    private function clause(): array
    {
        return match ($this->chance->getInt(1, 3)) {
            1 => [self::is('category', 'isIn', $this->chance->getInt(1, 19))],
            2 => [
                self::is('brand', 'isOneOf', $this->chance->getInt(1, 5)),
                self::is('category', 'isIn', $this->chance->getInt(1, 19)),
            ],
            default => [self::is('tag', 'hasAnyOf', $this->chance->getInt(1, 5))],
        };
    }

    /** @return array<string, mixed> */
    private static function is(string $field, string $comparison, int $value): array
    {
        return ['field' => $field, 'comparison' => $comparison, 'values' => [$value]];
    }
}
