<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use RuntimeException;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Selling\Search\Query;

/**
 * Searches with one typing error each, drawn from titles: how long they take, and how often the wanted product is among
 * the first three.
 */
final class SearchBench
{
    private const QUERIES = 500;

    private const LIMIT = 150;

    private const FOUND = 95;

    private const PAGES = 200;

    private const SUGGESTIONS = 50;

    /** @return list<array<string, mixed>> */
    public function run(int $size, int $seed): array
    {
        mt_srand($seed);
        $titles = DB::select(
            'select id, title from products where published = 1 and title like \'% %\' order by (id * 7919) % 100003 '
                .'limit '.self::QUERIES,
        );
        $samples = [];
        $found = 0;
        foreach ($titles as $row) {
            $query = Query::of(self::mistyped($row->title));
            $first = [];
            $samples[] = Timing::once(static function () use ($query, &$first): void {
                $hits = (new SearchIndex)->find($query);
                $first = array_column(
                    DB::select("select product_id from $hits->table order by place limit 12"),
                    'product_id',
                );
            });
            $found += in_array($row->id, array_slice($first, 0, 3), true) ? 1 : 0;
        }
        sort($samples);
        $late = $samples[(int) floor(0.95 * (count($samples) - 1))];
        $share = round(100 * $found / max(1, count($titles)), 1);

        $page = [];
        $this->publish();
        foreach (array_slice($titles, 0, self::PAGES) as $row) {
            $address = '/search?q='.rawurlencode(self::mistyped($row->title));
            $page[] = Timing::once(fn () => $this->get($address));
        }
        $suggestions = [];
        foreach (array_slice($titles, 0, self::PAGES) as $at => $row) {
            $address = '/search/suggestions?q='.rawurlencode(mb_substr($row->title, 0, 1 + $at % 8));
            $suggestions[] = Timing::once(fn () => $this->get($address));
        }

        return [
            $this->late('the page of a search with filters, 95th percentile', $size, $page, self::LIMIT),
            $this->late('suggestions, 95th percentile', $size, $suggestions, self::SUGGESTIONS),
            [
                'what' => 'a search with a typing error, 95th percentile of 500',
                'products' => $size,
                'ratio' => round($late / self::LIMIT, 2),
                'goal' => 'under '.self::LIMIT.' ms',
                'ours' => round($late, 1),
                'samples' => $samples,
            ],
            [
                'what' => 'the wanted product among the first three, of 100',
                'products' => $size,
                'ratio' => round($share / self::FOUND, 2),
                'goal' => 'at least '.self::FOUND,
                'ours' => $share,
                'samples' => [],
            ],
        ];
    }

    /**
     * @param  list<float>  $samples
     * @return array<string, mixed>
     */
    private function late(string $what, int $size, array $samples, int $limit): array
    {
        sort($samples);
        $late = $samples[(int) floor(0.95 * (count($samples) - 1))];

        return [
            'what' => $what,
            'products' => $size,
            'ratio' => round($late / $limit, 2),
            'goal' => "under $limit ms",
            'ours' => round($late, 1),
            'samples' => $samples,
        ];
    }

    private function publish(): void
    {
        $owner = User::query()->firstOrFail();
        $template = app(Templates::class)->fromStart('Searches, with filters', 'beside', $owner, PageKind::Search)
            ?? throw new RuntimeException('There is no such start.');
        app(Drafting::class)->apply($template->id, $owner, [[
            'edit' => 'reach',
            'reach' => ['format' => 2, 'show' => [[]], 'keepOff' => [], 'season' => [], 'goesFirst' => true],
        ]]);
        app(Releases::class)->make(Changes::of(TemplateDeed::publish($template->refresh())), $owner, 'Measured');
    }

    private function get(string $address): void
    {
        app()->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
        $answer = app(Kernel::class)->handle(Request::create($address));
        $answer->getStatusCode() === 200 || throw new RuntimeException("$address answers {$answer->getStatusCode()}.");
    }

    /**
     * One letter of one word changed, taken out, put in, or swapped with the next; in a word that has four letters or
     * more.
     */
    private static function mistyped(string $title): string
    {
        $words = explode(' ', $title);
        $long = array_keys(array_filter($words, static fn (string $word): bool => mb_strlen($word) > 3));
        if ($long === []) {
            return $title;
        }
        $at = $long[mt_rand(0, count($long) - 1)];
        $letters = mb_str_split($words[$at]);
        $place = mt_rand(0, count($letters) - 2);
        match (mt_rand(0, 3)) {
            0 => $letters[$place] = chr(mt_rand(97, 122)),
            1 => array_splice($letters, $place, 1),
            2 => array_splice($letters, $place, 0, [chr(mt_rand(97, 122))]),
            default => [$letters[$place], $letters[$place + 1]] = [$letters[$place + 1], $letters[$place]],
        };
        $words[$at] = implode('', $letters);

        return implode(' ', $words);
    }
}
