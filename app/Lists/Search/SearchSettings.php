<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search;

use Vestibra\App\Records\Models\Shop\ShopSetting;
use Vestibra\App\Records\Models\Shop\Synonym;
use Vestibra\Core\Selling\Search\SearchField;

/** How much each field counts, and which words mean the same, as the shop has it. */
final readonly class SearchSettings
{
    private const NAME = 'search';

    /** @return array<string, int> field => weight, in the order of the index */
    public static function weights(): array
    {
        $stored = json_decode(
            (string) (ShopSetting::query()->toBase()->where('name', self::NAME)->value('value') ?? '{}'),
            true,
        );
        $weights = [];
        foreach (SearchField::cases() as $field) {
            $own = is_array($stored) ? $stored[$field->value] ?? null : null;
            $weights[$field->value] = is_int($own) ? max(0, min(10, $own)) : $field->usualWeight();
        }

        return $weights;
    }

    /** @param  array<string, int>  $weights */
    public static function set(array $weights): void
    {
        ShopSetting::query()->toBase()
            ->updateOrInsert(['name' => self::NAME], ['value' => json_encode($weights, JSON_THROW_ON_ERROR)]);
    }

    /** @return array<int, list<string>> by id */
    public static function synonyms(): array
    {
        $groups = [];
        foreach (Synonym::query()->toBase()->orderBy('id')->get(['id', 'words']) as $row) {
            $words = json_decode($row->words, true);
            $groups[$row->id] = is_array($words) ? array_values(array_filter($words, is_string(...))) : [];
        }

        return $groups;
    }
}
