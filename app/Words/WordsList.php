<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use Vestibra\App\Records\Settings\OwnWords;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Messages\Messages;

/**
 * What the shop says to customers, as the owner goes through it.
 *
 * @phpstan-type Row array{key: string, place: string, came: string, live: string, draft: string, own: string|null,
 *     takes: list<string>, reads: string, changed: bool}
 *
 * @shape WordsRow Row
 * @shape WordsPage array{rows: list<WordsRow>, more: bool, count: int, unpublished: int, seen: string}
 */
final readonly class WordsList
{
    public const PAGE = 30;

    /** A value of each kind, to show how a message reads. */
    private const EXAMPLES = [
        'title' => 'Teal Tide ink', 'name' => 'Inks', 'query' => 'blue', 'alt' => 'a bottle', 'amount' => '£2.40',
        'price' => '£9.50', 'size' => '820', 'one' => 'product',
    ];

    public function __construct(
        private ShopMessages $messages,
        private OwnWords $own,
    ) {
    }

    /**
     * @param  string  $query  words that a message or its place holds
     * @param  bool  $changed  only those that have own words, or are about to
     * @return array{rows: list<Row>, more: bool, count: int}
     */
    public function page(string $query, bool $changed, int $page): array
    {
        $places = MessagePlaces::all();
        [$draft, $live] = $this->own->both();
        $rows = [];
        foreach ($this->messages->shipped() as $key => $came) {
            $place = $places[explode('.', $key)[0]] ?? '';
            $hay = Folding::fold("$place $came ".($draft[$key] ?? '').' '.($live[$key] ?? ''));
            $isOwn = isset($draft[$key]) || isset($live[$key]);
            if (($isOwn || ! $changed) && array_filter(
                Folding::words($query),
                static fn (string $word): bool => ! str_contains($hay, $word),
            ) === []) {
                $rows[] = $this->row($key, $place, $draft, $live);
            }
        }
        usort($rows, static fn (array $one, array $other): int => strcmp($one['place'], $other['place']));

        return [
            'rows' => array_slice($rows, ($page - 1) * self::PAGE, self::PAGE),
            'more' => count($rows) > $page * self::PAGE,
            'count' => count($rows),
        ];
    }

    /** @return Row|null null when there is no such message */
    public function one(string $key): ?array
    {
        return isset($this->messages->shipped()[$key])
            ? $this->row($key, MessagePlaces::all()[explode('.', $key)[0]] ?? '', ...$this->own->both())
            : null;
    }

    /**
     * @param  array<string, string>  $draft
     * @param  array<string, string>  $live
     * @return Row
     */
    private function row(string $key, string $place, array $draft, array $live): array
    {
        $came = $this->messages->shipped()[$key];
        $takes = Messages::takes($came);
        $values = [];
        foreach ($takes as $take) {
            $values[$take] = self::EXAMPLES[$take] ?? 3;
        }

        return [
            'key' => $key,
            'place' => $place,
            'came' => $came,
            'live' => $live[$key] ?? $came,
            'draft' => $draft[$key] ?? $came,
            'own' => $draft[$key] ?? null,
            'takes' => $takes,
            'reads' => $this->messages->with($draft)->say($key, $values),
            'changed' => ($draft[$key] ?? null) !== ($live[$key] ?? null),
        ];
    }
}
