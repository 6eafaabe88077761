<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Customers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SameTime;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Lists\Search\Searches;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Lists\Search\SearchSettings;
use Vestibra\App\Records\Models\Shop\Synonym;
use Vestibra\App\Work\Sheets\SearchPreview;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Core\Selling\Search\SearchField;

/**
 * What customers looked for, words that mean the same, and where is searched.
 *
 * @shape WordGroup array{id: int, words: list<string>}
 * @shape SearchWeight array{field: string, words: string, weight: int, usual: int}
 * @shape SearchData array{searches: SearchPage, groups: list<WordGroup>, weights: list<SearchWeight>, days: int}
 */
final readonly class SearchController
{
    private const MOST_WORDS = 20;

    private const LONGEST = 60;

    private const MOST_GROUPS = 2_000;

    public function __construct(
        private Searches $searches,
        private SearchPreview $preview,
    ) {
    }

    public function index(): View
    {
        return Screen::show('search', 'Search', [
            'searches' => $this->searches->page(true, '', 1),
            'groups' => self::groups(),
            'weights' => self::weights(),
            'days' => Searches::DAYS,
        ]);
    }

    public function rows(Request $request): JsonResponse
    {
        return new JsonResponse($this->searches
            ->page(Asked::text($request, 'show') !== 'all', Asked::text($request, 'q'), Asked::page($request)));
    }

    /** What somebody could have meant. */
    public function near(Request $request): JsonResponse
    {
        return new JsonResponse(['words' => $this->preview
            ->near(Query::of(Asked::text($request, 'q', Query::MOST_LETTERS)))]);
    }

    public function preview(Request $request): JsonResponse
    {
        return new JsonResponse($this->preview->of(Query::of(Asked::text($request, 'q', Query::MOST_LETTERS))));
    }

    public function keepWords(Request $request): JsonResponse
    {
        $given = Asked::untrusted($request, 'words');
        $words = array_values(array_filter(
            array_map(
                static fn (mixed $one): string =>
                    is_string($one) ? trim(mb_substr(Query::of($one)->text, 0, self::LONGEST)) : '',
                is_array($given) ? array_slice($given, 0, self::MOST_WORDS) : [],
            ),
            static fn (string $one): bool => Folding::words($one) !== [],
        ));
        $id = Asked::id($request, 'id');
        if (count(array_unique(array_map(Folding::fold(...), $words))) < 2) {
            return new JsonResponse(
                [
                    'message' =>
                        'It takes at least two words that mean the same, with a comma between. Nothing was changed.',
                ],
                422,
            );
        }
        if ($id === 0 && (int) Synonym::query()->count() >= self::MOST_GROUPS) {
            return new JsonResponse(
                [
                    'message' =>
                        'There are as many groups of words as there can be. Take one out first. Nothing was changed.',
                ],
                422,
            );
        }
        $row = ['words' => json_encode($words, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)];
        if ($id > 0 && Synonym::query()->toBase()->where('id', $id)->doesntExist()) {
            return new JsonResponse(
                ['message' => 'These words were taken out meanwhile. Nothing was changed; write them as new ones.'],
                404,
            );
        }
        $before = SearchSettings::synonyms()[$id] ?? [];
        $seen = $id > 0 ? SameTime::of($request, ['words' => $before], ['words' => $words]) : [];
        if ($seen instanceof JsonResponse) {
            return $seen;
        }
        $id > 0
            ? Synonym::query()->toBase()->where('id', $id)->update($row)
            : $id = Synonym::query()->toBase()->insertGetId($row);
        $this->searches->askAgain(new SearchIndex, [...$before, ...$words]);

        return new JsonResponse(['id' => $id, 'groups' => self::groups()], 201);
    }

    public function takeOutWords(int $part): JsonResponse
    {
        $before = SearchSettings::synonyms()[$part] ?? [];
        $gone = Synonym::query()->toBase()->where('id', $part)->delete();
        $this->searches->askAgain(new SearchIndex, $before);

        return $gone === 0
            ? new JsonResponse(['message' => 'These words are gone already. Nothing was changed.'], 404)
            : new JsonResponse(['groups' => self::groups()]);
    }

    public function weigh(Request $request): JsonResponse
    {
        $fields = array_column(SearchField::cases(), 'value');
        $given = Validator::make(
            ['weights' => Asked::untrusted($request, 'weights')],
            [
                'weights' => ['required', 'array:'.implode(',', $fields)],
                'weights.*' => ['required', 'integer', 'between:0,10'],
            ],
            [
                'weights.*' => 'A field counts from 0, not at all, to 10. Nothing was changed.',
            ],
        )->validate()['weights'];

        return DB::transaction(static function () use ($request, $given): JsonResponse {
            $values = SameTime::of($request, SearchSettings::weights(), array_map(intval(...), $given));
            if ($values instanceof JsonResponse) {
                return $values;
            }
            if (array_filter($values) === []) {
                return new JsonResponse(
                    [
                        'message' =>
                            'With nothing searched, nothing would be found. Nothing was changed; let one field count.',
                    ],
                    422,
                );
            }
            SearchSettings::set(array_map(static fn (mixed $weight): int => is_int($weight) ? $weight : 0, $values));

            return new JsonResponse(['weights' => self::weights()]);
        });
    }

    /** @return list<array{id: int, words: list<string>}> */
    private static function groups(): array
    {
        $groups = [];
        foreach (SearchSettings::synonyms() as $id => $words) {
            $groups[] = ['id' => $id, 'words' => $words];
        }

        return $groups;
    }

    /** @return list<array{field: string, words: string, weight: int, usual: int}> */
    private static function weights(): array
    {
        $weights = SearchSettings::weights();

        return array_map(
            static fn (SearchField $field): array => [
                'field' => $field->value,
                'words' => $field->words(),
                'weight' => $weights[$field->value] ?? 0,
                'usual' => $field->usualWeight(),
            ],
            SearchField::cases(),
        );
    }
}
