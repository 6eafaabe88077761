<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Closure;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\SafeHtml;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\App\Work\Saving\EntryChecks;
use Vestibra\App\Work\Saving\FieldWords;
use Vestibra\App\Work\Saving\Many;
use Vestibra\App\Work\Saving\Moves;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\App\Work\Saving\Settling;
use Vestibra\Core\Catalogue\Altering\Alteration;
use Vestibra\Core\Catalogue\Altering\AlterationReader;
use Vestibra\Core\Catalogue\Altering\PutIntoCollections;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;

/**
 * The same done to many products: prepared beside, some hundred at a time, then made as one piece of the history. What
 * cannot be done to one of them is said, and it stays as it is.
 */
final readonly class FieldDeeds
{
    private const AT_ONCE = 300;

    public function __construct(
        private StoredThings $things,
        private EntryChecks $checks,
        private Moves $moves,
        private Settling $settling,
        private FieldWords $words,
        private ShopSettings $settings,
        private ShopClock $clock,
        private FactBook $facts,
    ) {
    }

    /** @return non-empty-list<Alteration>|non-empty-list<Problem> from untrusted JSON */
    public function read(mixed $alterations): array
    {
        $digits = $this->settings->format()->digits();

        return (new AlterationReader(
            new FieldReader(
                $this->clock->zone,
                $digits,
                $this->settings->money()->currency,
                SafeHtml::clean(...),
            ),
            $digits,
            $this->facts->all(),
        ))->read($alterations);
    }

    /**
     * @param  list<int>  $products
     * @param  list<Alteration>  $alterations  none: they are deleted
     * @param  User|null  $user  null: it is only foreseen
     * @param  Closure(string, int, int): bool  $goOn  asked again and again with what is being done, how many are
     *     through, and of how many; false ends it, and nothing of it stays
     * @return FieldOutcome|non-empty-list<Problem>
     */
    public function run(array $products, array $alterations, ?User $user, Closure $goOn): FieldOutcome|array
    {
        $many = new Many(
            $this->things,
            $this->checks,
            $this->moves,
            $this->settling,
            static fn (int $done, int $all): bool => $goOn('made', $done, $all),
        );
        $report = new FieldReport($this->words);
        foreach (array_chunk($products, self::AT_ONCE) as $at => $some) {
            if (! $goOn('looked at', $at * self::AT_ONCE, count($products))) {
                return [CatalogueProblem::Stopped->at()];
            }
            $this->some($some, $alterations, $many, $report);
        }
        foreach ($alterations as $alteration) {
            $alteration instanceof PutIntoCollections && $this->collect($alteration->with($products), $many, $report);
        }
        if ($many->isEmpty()) {
            return $report->outcome(0, Moves::NONE);
        }
        $done = $user === null ? $many->foresee() : $many->save($user, $report->words());

        return match (true) {
            $done instanceof Refusal => [$done->problems[0] ?? CatalogueProblem::ChangedSince->at('', [
                'count' => count($done->crossings),
            ])],
            $done instanceof Saved => $report->outcome($done->id, $done->moves),
            default => $report->outcome(0, $done),
        };
    }

    /**
     * @param  list<int>  $products
     * @param  list<Alteration>  $alterations
     */
    private function some(array $products, array $alterations, Many $many, FieldReport $report): void
    {
        $stands = ['product' => $this->things->read(Thing::Product, $products)];
        $report->products += count($stands['product']);
        $asked = static fn (Thing $thing): array => array_values(
            array_filter($alterations, static fn (Alteration $one): bool => $one->thing() === $thing),
        );
        $changes = [];
        foreach ($stands['product'] as $id => $fields) {
            $changes[] = $alterations === []
                ? new Change(Thing::Product, $id, [], null)
                : self::change(Thing::Product, $id, $fields, $asked(Thing::Product), $report);
        }
        if ($asked(Thing::Variant) !== []) {
            $stands['variant'] = $this->things->read(Thing::Variant, array_values(array_map(
                intval(...),
                Variant::query()->toBase()->whereIntegerInRaw('product_id',
                    $products)->orderBy('id')->pluck('id')->all(),
            )));
            foreach ($stands['variant'] as $id => $fields) {
                $changes[] = self::change(Thing::Variant, $id, $fields, $asked(Thing::Variant), $report);
            }
        }
        $changes = array_values(array_filter($changes));
        if ($changes === []) {
            return;
        }
        $all = $many->add(new Entry($changes), $stands);
        foreach ($changes as $change) {
            $made = $all instanceof Entry ? $all : $many->add(new Entry([$change]), $stands);
            if ($made instanceof Refusal) {
                $report->refused($change, $made->problems[0]);
            } else {
                $of = $change->thing === Thing::Product
                    ? $change->id
                    : $stands['variant'][$change->id]['product'] ?? 0;
                $report->done($change, ...is_int($of) ? [$of] : []);
            }
        }
    }

    /** Each collection by itself: it has one order of all that is in it. */
    private function collect(PutIntoCollections $putting, Many $many, FieldReport $report): void
    {
        $stands = $this->things->read(Thing::Collection, $putting->collections());
        foreach ($stands as $id => $fields) {
            $change = self::change(Thing::Collection, $id, ['id' => $id] + $fields, [$putting], $report);
            $made = $change === null ? null : $many->add(new Entry([$change]), ['collection' => [$id => $fields]]);
            if ($change !== null && $made instanceof Refusal) {
                $report->refused($change, $made->problems[0]);
            } elseif ($change !== null) {
                $report->done($change, ...Touched::joining($change));
            }
        }
    }

    /**
     * @param  array<string, mixed>  $fields  all of the thing
     * @param  list<Alteration>  $alterations
     * @return Change|null null where it is so already, or cannot be, which is noted
     */
    private static function change(
        Thing $thing,
        int $id,
        array $fields,
        array $alterations,
        FieldReport $report,
    ): ?Change {
        $after = [];
        foreach ($alterations as $alteration) {
            $set = $alteration->of($after + $fields);
            if ($set instanceof Problem) {
                $report->refused(new Change($thing, $id, [], []), $set);

                return null;
            }
            $after = $set + $after;
        }
        $after = array_filter(
            $after,
            static fn (mixed $value, string $name): bool => $value !== ($fields[$name] ?? self::nothing($name)),
            ARRAY_FILTER_USE_BOTH,
        );
        $before = [];
        foreach (array_keys($after) as $name) {
            $before[$name] = $fields[$name] ?? self::nothing($name);
        }

        return $after === [] ? null : new Change($thing, $id, $before, $after);
    }

    /** What a field is that was never filled in. */
    private static function nothing(string $name): mixed
    {
        return str_starts_with($name, 'fact:') || in_array($name, ['categories', 'tags'], true) ? [] : null;
    }
}
