<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Brick\Math\BigDecimal;
use Vestibra\App\Work\Saving\InParts;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Leap;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\FolderProblem;
use Vestibra\Core\Problem;

/**
 * What is being read from a folder: what is the matter with it, which files did what, and the changes that wait to be
 * saved.
 */
final class Taking
{
    private const MOST_PROBLEMS = 100;

    private const MOST_FILES = 1000;

    /** @var list<FolderProblem> */
    public array $problems = [];

    /** @var array<string, array{file: string, did: 'made'|'changed'|'deleted', what: list<string>}> */
    public array $files = [];

    /** @var array{made: int, changed: int, deleted: int} */
    public array $counts = ['made' => 0, 'changed' => 0, 'deleted' => 0];

    /** @var list<Change> */
    private array $waiting = [];

    /** @var array<string, string> the file that a thing's change came from */
    private array $from = [];

    /**
     * @param  int  $digits  of an amount of money
     * @param  bool  $leaping  prices may become ten times as high or low
     */
    public function __construct(
        private readonly InParts $parts,
        private readonly ShopNames $names,
        private readonly int $digits,
        private readonly bool $leaping,
    ) {
    }

    public function problem(string $file, Problem $problem): void
    {
        $this->problems[] = new FolderProblem($file, $problem);
        count($this->problems) >= self::MOST_PROBLEMS && $this->stop();
    }

    /** Ends here when anything is the matter. */
    public function stop(): void
    {
        if ($this->problems !== []) {
            throw new Refused($this->problems);
        }
    }

    /**
     * @param  array<string, mixed>|null  $stands  null for a new thing
     * @param  array<string, mixed>|null  $after  the fields that differ; null for what goes
     */
    public function change(string $file, Thing $thing, int $id, ?array $stands, ?array $after): void
    {
        if ($after === [] && $stands !== null) {
            return;
        }
        $before = $stands === null ? null : ($after === null ? [] : array_map(
            static fn (string $name): mixed => $stands[$name] ?? null,
            array_combine(array_keys($after), array_keys($after)),
        ));
        $change = new Change($thing, $id, $before, $after);
        foreach ($this->leaping ? [] : Leap::in($change) as $leap) {
            $this->problem(
                $file,
                FileFormatProblem::Leap->at($leap->field->name, [
                    'field' => $leap->field->words,
                    'before' => $this->amount($leap->before),
                    'after' => $this->amount($leap->after),
                ]),
            );
        }
        $this->waiting[] = $change;
        $this->from[$change->key()] = $file;
        $did = $after === null ? 'deleted' : ($stands === null ? 'made' : 'changed');
        $this->counts[$did]++;
        $this->did(
            $file,
            in_array($thing, [Thing::Variant, Thing::Option, Thing::OptionValue], true) ? 'changed' : $did,
            $did === 'changed'
                ? array_map(
                    static fn (string $name): string => ThingFields::field($thing, $name)->words ?? $name,
                    array_keys($after),
                )
                : [],
        );
    }

    private function amount(int $minor): string
    {
        return (string) BigDecimal::ofUnscaledValue($minor, $this->digits);
    }

    /**
     * @param  'made'|'changed'|'deleted'  $did
     * @param  list<string>  $what
     */
    public function did(string $file, string $did, array $what = []): void
    {
        if (isset($this->files[$file]) || count($this->files) < self::MOST_FILES) {
            $said = $this->files[$file] ?? ['file' => $file, 'did' => $did, 'what' => []];
            $this->files[$file] = ['what' => array_values(array_unique([...$said['what'], ...$what]))] + $said;
        }
    }

    public function isWaiting(): bool
    {
        return $this->waiting !== [];
    }

    /** @return array<string, int> saves what waits; `tag/-1` => the number of the new thing */
    public function save(): array
    {
        $this->stop();
        if ($this->waiting === []) {
            return [];
        }
        $done = $this->parts->add(new Entry($this->waiting));
        if ($done instanceof Refusal) {
            foreach ($done->problems === []
                ? [CatalogueProblem::ChangedSince->at('', ['count' => count($done->crossings)])]
                : $done->problems as $problem) {
                $parts = explode('/', $problem->path);
                $this->problem(
                    $this->from[implode('/', array_slice($parts, 0, 2))] ?? '',
                    $problem->code->at(implode('/', array_slice($parts, 2)), $problem->values),
                );
            }
            $this->stop();
        }
        $this->waiting = $this->from = [];
        $numbers = $done instanceof Refusal ? [] : $done->numbers;
        $this->names->settle($numbers);

        return $numbers;
    }
}
