<?php

declare(strict_types=1);

namespace Vestibra\Demo;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Templates\CardBook;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Selling\Search\Query;

/** The demo shop's own templates: what rules do, one draft that has moved on, and one campaign that waits. */
final readonly class Showcase
{
    private const DAYS_TO_THE_CAMPAIGN = 12;

    private const SEARCHES = [
        'fountain pen' => 41, 'teal ink' => 23, 'dotted notebook' => 17, 'jotter' => 12, 'wax' => 9,
        'blotting paper' => 8, 'gift card' => 8, 'diary 2027' => 6,
        'fountian pen' => 4, 'biro' => 4, 'green ink' => 4, 'envelopes lined' => 3, 'shimmer' => 3, 'quill' => 2,
        'pencil sharpener' => 2,
    ];

    public function __construct(
        private Templates $templates,
        private Drafting $drafting,
        private Releases $releases,
        private CardBook $cards,
    ) {
    }

    public function add(User $owner): void
    {
        $named = fn (string $table, string ...$names): array => array_map(
            static fn (string $name): int =>
                (int) DB::table($table)->where($table === 'products' ? 'title' : 'name', $name)->value('id'),
            array_values($names),
        );
        $inks = $this->made($owner, 'Bottled inks', 'gallery-and-buy', PageKind::Product, [
            'category',
            'isIn',
            $named('categories', 'Bottled inks'),
        ]);
        $shimmer = $this->made($owner, 'Shimmer inks', 'launch', PageKind::Product, [
            'category',
            'isIn',
            $named('categories', 'Shimmer inks'),
        ]);
        $pens = $this
            ->made($owner, 'Pens', 'story', PageKind::Product, ['category', 'isIn', $named('categories', 'Pens')]);
        $brand = $this->made($owner, 'Pellinray, facts first', 'compact', PageKind::Product, [
            'brand',
            'isOneOf',
            $named('brands', 'Pellinray'),
        ]);
        $this->published($owner, 'Pages of their own for inks, pens and Pellinray', $inks, $shimmer, $pens, $brand);

        $offer = $this
            ->made($owner, 'On offer', 'gallery-and-buy', PageKind::Product, ['sale', 'isOn', []], first: true);
        $this->inserted($owner, $offer, 'price', ['id' => 'offerbadge', 'kind' => 'badges']);
        $card = $this->made($owner, 'The gift card alone', 'compact', PageKind::Product, [
            'product',
            'isOneOf',
            $named('products', 'Gift card'),
        ]);
        $this->published($owner, 'What is on offer comes first', $offer, $card);

        $ink = $this->card($owner, 'Ink with its drying time', 'to-buy');
        $this->inserted($owner, $ink, 'title', [
            'id' => 'dryingtime',
            'kind' => 'fact',
            'what' => ['fact' => $named('facts', 'Drying time')[0], 'before' => 'dries in'],
        ]);
        $framed = $this->card($owner, 'Framed, with words', 'framed');

        $shelf = $this->made($owner, 'Inks under a banner', 'banner', PageKind::Category, [
            'category',
            'isIn',
            $named('categories', 'Inks'),
        ]);
        $collection = $this->made($owner, 'Two collections with a banner', 'banner', PageKind::Collection, [
            'collection',
            'isOneOf',
            $named('collections', 'Winter letters', 'On the train'),
        ]);
        $this->shownAs($owner, $shelf, $ink);
        $this->shownAs($owner, $collection, $framed);
        $narrowed = $this->made($owner, 'Pens, with filters beside', 'beside', PageKind::Category, [
            'category',
            'isIn',
            $named('categories', 'Pens'),
        ]);
        foreach ([['Nib', 'buttons'], ['Colour', 'swatches']] as [$option, $as]) {
            $this->inserted($owner, $narrowed, 'filter', [
                'id' => 'by'.mb_strtolower($option),
                'kind' => 'filter',
                'what' => ['by' => 'option', 'option' => $named('options', $option)[0], 'as' => $as],
            ]);
        }
        $this->published($owner, 'Filters for pens', $narrowed);
        $this->published(
            $owner,
            'Banners for inks and two collections, with cards of their own',
            $shelf,
            $collection,
            $ink,
        );

        $this->searches();
        $this->welcome($owner);

        $this->inserted($owner, $pens, 'rating', [
            'id' => 'pensnote',
            'kind' => 'note',
            'what' => ['text' => 'Every nib is tried by hand before it leaves us.'],
        ]);
        $winter = $this->made(
            $owner,
            'Winter letters, the campaign',
            'launch',
            PageKind::Product,
            ['collection', 'isIn', $named('collections', 'Winter letters')],
            first: true,
        );
        $due = new DateTimeImmutable('+'.self::DAYS_TO_THE_CAMPAIGN.' days 08:00');
        $this->releases->wait(Changes::of(TemplateDeed::publish($winter)), $owner, 'Winter letters begins', $due);
    }

    /** The first page in the shop's own words. */
    private function welcome(User $owner): void
    {
        $home = Template::query()->where('page_kind', PageKind::Home->value)->firstOrFail();
        [, $heading] = self::place((array) $home->draft_tree['page'], 'heading')
            ?? throw new RuntimeException('There is no heading.');
        $this->drafting->apply($home->id, $owner, [[
            'edit' => 'set',
            'id' => $heading,
            'question' => 'what',
            'setting' => 'text',
            'value' => 'For people who still write things down',
            'width' => 'desktop',
        ]]);
        $home->refresh();
        $this->inserted($owner, $home, 'heading', [
            'id' => 'welcomewords',
            'kind' => 'text',
            'what' => ['text' => 'Pens that start at once, inks with names worth saying, and paper that takes both.'],
            'how' => ['desktop' => ['size' => 'size-2']],
        ]);
        $this->published($owner, 'The first page in our own words', $home);
    }

    /** What customers looked for in the last weeks. */
    private function searches(): void
    {
        $index = new SearchIndex;
        foreach (self::SEARCHES as $words => $often) {
            $query = Query::of($words);
            $hits = $index->find($query);
            DB::table('searches')->insertOrIgnore([
                'name' => $query->text,
                'name_folded' => $query->folded(),
                'results' => $hits->withAll(),
                'as_typed' => $hits->corrected() === [],
            ]);
            $id = DB::table('searches')->where('name_folded', $query->folded())->value('id');
            foreach (range(1, $often) as $time) {
                DB::statement(
                    'insert into search_days (search_id, day, times) values (?, ?, 1) on conflict (day, search_id) '
                        .'do update set times = times + 1',
                    [$id, now()->subDays(($time * 7) % 40)->format('Y-m-d')],
                );
            }
        }
    }

    private function card(User $owner, string $name, string $start): Template
    {
        $card = $this->cards->begin($name, $start, $owner);

        return is_int($card)
            ? Template::query()->findOrFail($card)
            : throw new RuntimeException("There is no start $start.");
    }

    /** The products in the first grid of a template stand as a card. */
    private function shownAs(User $owner, Template $template, Template $card): void
    {
        [, $grid] = self::place((array) $template->draft_tree['page'], 'product-grid')
            ?? throw new RuntimeException('There is no grid.');
        $this->drafting->apply($template->id, $owner, [[
            'edit' => 'set',
            'id' => $grid,
            'question' => 'what',
            'setting' => 'card',
            'value' => $card->id,
            'width' => 'desktop',
        ]]);
        $template->refresh();
    }

    /** @param  array{string, string, list<int>}  $condition */
    private function made(
        User $owner,
        string $name,
        string $start,
        PageKind $kind,
        array $condition,
        bool $first = false,
    ): Template {
        $template = $this->templates->fromStart($name, $start, $owner, $kind)
            ?? throw new RuntimeException("There is no start $start.");
        [$field, $comparison, $values] = $condition;
        $reach = [
            'format' => 2,
            'show' => [[['field' => $field, 'comparison' => $comparison, 'values' => $values]]],
            'keepOff' => [],
            'season' => [],
            'goesFirst' => $first,
        ];
        $this->drafting->apply($template->id, $owner, [['edit' => 'reach', 'reach' => $reach]]);

        return $template->refresh();
    }

    /** @param  array<string, mixed>  $node */
    private function inserted(User $owner, Template $template, string $behind, array $node): void
    {
        [$parent, $after] = self::place((array) $template->draft_tree['page'], $behind)
            ?? throw new RuntimeException("There is no $behind.");
        $this->drafting->apply($template->id, $owner, [[
            'edit' => 'insert', 'parent' => $parent, 'after' => $after, 'node' => $node,
        ]]);
        $template->refresh();
    }

    private function published(User $owner, string $note, Template ...$templates): void
    {
        $this->releases
            ->make(Changes::of(...array_map(TemplateDeed::publish(...), array_values($templates))), $owner, $note);
        array_map(static fn (Template $template): Template => $template->refresh(), $templates);
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @return array{string, string}|null the block that the first of a kind stands in, and that one itself
     */
    private static function place(array $node, string $kind): ?array
    {
        foreach (array_filter((array) ($node['children'] ?? []), is_array(...)) as $child) {
            if (($child['kind'] ?? null) === $kind
                && is_string($node['id'] ?? null)
                && is_string($child['id'] ?? null)) {
                return [$node['id'], $child['id']];
            }
            $found = self::place($child, $kind);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }
}
