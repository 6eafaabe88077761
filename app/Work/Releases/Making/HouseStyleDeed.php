<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making;

use stdClass;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Models\HouseStyle;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Style\HouseBook;
use Vestibra\App\Style\OwnFonts;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\HouseStyleChange;
use Vestibra\Core\Releases\NewLooks;
use Vestibra\Core\Templates\TemplateRole;

/** Another house style is in use, or the same with other decisions. */
final readonly class HouseStyleDeed implements ReleaseDeed
{
    public function __construct(private HouseStyleChange $change)
    {
    }

    /** Puts a style into use as its draft is. */
    public static function to(stdClass $row): HouseStyleChange
    {
        $after =
            ['style' => (int) $row->id, 'name' => (string) $row->name, 'tokens' => HouseBook::read($row->draft)->own()];

        return (new self(new HouseStyleChange($after, $after)))->now();
    }

    public function problem(): ?Problem
    {
        return null;
    }

    public function now(): HouseStyleChange
    {
        $row = HouseStyle::query()->toBase()->where('in_use', true)->first();
        $before = $row instanceof stdClass
            ? ['style' => (int) $row->id, 'name' => (string) $row->name, 'tokens' => HouseBook::read($row->live)->own()]
            : $this->change->before;

        return new HouseStyleChange($before, $this->change->after);
    }

    public function apply(): void
    {
        $after = $this->change->after;
        HouseStyle::query()->toBase()->where('in_use', true)->update(['in_use' => false]);
        OwnFonts::take($after['tokens']);
        $live = (string) json_encode((object) $after['tokens']);
        $known =
            HouseStyle::query()->toBase()->where('id', $after['style'])->update(['live' => $live, 'in_use' => true]);
        if ($known === 0) {
            HouseStyle::query()->toBase()->insert([
                'id' => $after['style'],
                'name' => $after['name'],
                'live' => $live,
                'draft' => $live,
                'in_use' => true,
            ]);
        }
    }

    public function kinds(AskedByChanges $shop): array
    {
        return PageAddresses::pageKinds();
    }

    /** Every page stands in the house style. */
    public function looks(AskedByChanges $shop): NewLooks
    {
        return new NewLooks(array_values(array_map(intval(...), Template::query()->toBase()
            ->where('role', TemplateRole::Page->value)
            ->whereNotNull('live_revision')
            ->pluck('id')
            ->all())));
    }

    public function words(): string
    {
        [$before, $after] = [$this->change->before, $this->change->after];
        if ($this->change->isOther()) {
            return "House style “{$after['name']}” instead of “{$before['name']}”";
        }
        $changed = count(HouseBook::difference(
            HouseBook::read(json_encode($before['tokens'])),
            HouseBook::read(json_encode($after['tokens'])),
        ));

        return "House style “{$after['name']}”: ".Counted::of($changed, 'decision').' changed';
    }
}
