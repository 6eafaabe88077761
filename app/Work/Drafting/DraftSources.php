<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Vestibra\App\Records\Models\Catalogue\Option;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Templates\Source;

/** Where the values of a template's settings may come from, as the drawing table offers it. */
final class DraftSources
{
    private const MOST_OPTIONS = 100;

    /**
     * @param  array<int, Fact>  $facts
     * @return list<array{name: string, of: int|null, words: string, gives: string}>
     */
    public static function of(PageKind $kind, array $facts): array
    {
        $subject = PageKinds::standard()->get($kind)->subject();
        $sources = [];
        foreach (
            array_filter(Source::cases(), static fn (Source $source): bool => $source->isOf($subject)) as $source
        ) {
            $one = [
                'name' => $source->value,
                'of' => null,
                'words' => ($source === Source::ShopName ? '' : "the {$subject->one()}’s ").$source->words(),
                'gives' => $source->gives()->value,
            ];
            if (! $source->isOneOfSeveral()) {
                $sources[] = $one;
            }
            foreach (array_filter(
                $facts,
                static fn (Fact $fact): bool => in_array($source, Source::ofFact($fact->kind), true),
            ) as $fact) {
                $sources[] = ['of' => $fact->id, 'words' => "the fact $fact->name"] + $one;
            }
            foreach ($source === Source::Option
                ? Option::query()->inOrder()->toBase()->limit(self::MOST_OPTIONS)->get(['id', 'name'])
                : [] as $option) {
                $sources[] = ['of' => $option->id, 'words' => "the chosen $option->name"] + $one;
            }
        }

        return $sources;
    }
}
