<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Answers;

use Illuminate\Http\JsonResponse;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Saving\FieldWords;
use Vestibra\App\Work\Saving\Moves;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\CrossedField;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Leap;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;

/**
 * What saving answers: what was saved and moved, or why nothing was.
 *
 * @phpstan-import-type Summary from Moves
 *
 * @phpstan-type Crossed array{thing: string, id: int, field: string|null, label: string, theirs: mixed,
 *     theirWords: string, yourWords: string}
 *
 * @shape CatalogueChange array{thing: Thing, id: int, before: array<string, mixed>|null, after: array<string,
 *     mixed>|null}
 * @shape CatalogueCrossed array{thing: Thing, id: int, field: string|null, label: string, theirs: mixed,
 *     theirWords: string, yourWords: string}
 * @shape CatalogueProblem array{code: string, path: string, message: string}
 * @shape CatalogueForeseen array{moves: CatalogueMoves, leaps: list<string>, problems: list<CatalogueProblem>,
 *     crossed: list<CatalogueCrossed>}
 * @shape CatalogueSaved array{entry: int, words: string, numbers: array<string, int>, moves: CatalogueMoves,
 *     stands: array<string, array<string, mixed>|null>, left: list<string>, leftCount: int}
 *     left: what was changed since and stays so, where many things are taken back as one
 */
final readonly class CatalogueAnswer
{
    private const MOST_LEAPS = 10;

    public function __construct(
        private StoredThings $things,
        private FieldWords $words,
    ) {
    }

    public function of(Saved|Refusal $answer): JsonResponse
    {
        if ($answer instanceof Refusal) {
            return $this->refused($answer);
        }

        return new JsonResponse([
            'entry' => $answer->id,
            'words' => $answer->words,
            'numbers' => (object) $answer->numbers,
            'moves' => $answer->moves,
            'stands' => (object) ($answer->id === 0 ? [] : $this->stands($answer->entry)),
            'left' => $answer->left,
            'leftCount' => $answer->leftCount,
        ]);
    }

    /** What saving would do, or what stands against it: a question, and so never refused. */
    public function foreseen(Saved|Refusal $answer): JsonResponse
    {
        return new JsonResponse([
            'moves' => $answer instanceof Saved ? $answer->moves : Moves::NONE,
            'leaps' => $answer instanceof Saved ? $this->leaps($answer->entry) : [],
            'problems' => $answer instanceof Refusal && $answer->problems !== []
                ? ProblemWords::answer($answer->problems)['problems']
                : [],
            'crossed' => $answer instanceof Refusal ? $this->crossed($answer->crossings) : [],
        ]);
    }

    /** @return list<string> a sentence for each price that becomes ten times as high or low, or more */
    private function leaps(Entry $entry): array
    {
        $this->words->learn($entry);

        return array_map(
            fn (Leap $leap): string => ucfirst(
                "{$leap->field->words} of {$this->words->name($leap->change)}: "
                    ."{$this->words->value($leap->field, $leap->before)} becomes "
                    ."{$this->words->value($leap->field, $leap->after)}.",
            ),
            array_slice(Leap::in(...$entry->changes), 0, self::MOST_LEAPS),
        );
    }

    /**
     * @return array<string, array<string, mixed>|null> by `product/3`: all fields of what is there after the entry,
     *     null for what is gone
     */
    private function stands(Entry $entry): array
    {
        $stands = array_fill_keys(
            array_map(static fn (Change $change): string => $change->key(), $entry->changes),
            null,
        );
        foreach (Thing::cases() as $thing) {
            foreach ($this->things->read($thing, $entry->ids($thing)) as $id => $fields) {
                $stands[Change::keyOf($thing, $id)] = $fields;
            }
        }

        return $stands;
    }

    private function refused(Refusal $refusal): JsonResponse
    {
        $problems = $refusal->problems === []
            ? [
                'message' => 'Somebody has changed this meanwhile. Nothing was saved, and nothing was overwritten.',
                'problems' => [],
            ]
            : ProblemWords::answer($refusal->problems);

        return new JsonResponse(
            $problems + ['crossed' => $this->crossed($refusal->crossings)],
            $refusal->isBehind() ? 409 : 422,
        );
    }

    /**
     * @param  list<CrossedField>  $crossings
     * @return list<Crossed>
     */
    private function crossed(array $crossings): array
    {
        $this->words->learn(...array_map(static fn (CrossedField $one): Entry => new Entry($one->field === null ? [] : [
            new Change($one->thing, $one->id, [$one->field => $one->theirs], [$one->field => $one->yours]),
        ]), $crossings));
        $crossed = [];
        foreach (array_slice($crossings, 0, 50) as $one) {
            $field = $one->field === null ? null : ThingFields::field($one->thing, $one->field);
            $crossed[] = [
                'thing' => $one->thing->value,
                'id' => $one->id,
                'field' => $one->field,
                'label' => $field->words ?? $one->thing->one(),
                'theirs' => $one->field === null ? null : $one->theirs,
                'theirWords' => $field === null
                    ? ($one->theirs === null ? 'gone' : 'there')
                    : $this->words->value($field, $one->theirs),
                'yourWords' => $field === null ? '' : $this->words->value($field, $one->yours),
            ];
        }

        return $crossed;
    }
}
