<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use stdClass;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\AddedWithin;
use Vestibra\Core\Reach\Checks\HasAll;
use Vestibra\Core\Reach\Checks\HasAny;
use Vestibra\Core\Reach\Checks\HasNoneOf;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Claims;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Quantity;

/** Under which rules verdicts are kept, and when the clock alone may change one. */
final readonly class KeptState
{
    /**
     * @param  string  $word  of what was live
     * @param  int  $fallback  the template that has what no rule takes
     * @param  list<int>  $hand  live templates in hand order
     * @param  int  $at  the instant that the verdicts are of, in seconds of Unix time
     * @param  int|null  $until  when the next season begins or ends
     * @param  bool  $prices  whether a rule looks at prices
     * @param  list<int>  $days  ages that rules look at
     * @param  array<int, string>  $rules  what the rules of each template and collection come to, as in `Claims`
     * @param  string  $live  the word of what is live when it is read
     */
    private function __construct(
        public string $word,
        public int $fallback,
        public array $hand,
        public int $at,
        public ?int $until,
        public bool $prices,
        public array $days,
        public array $rules,
        public string $live,
    ) {
    }

    public static function of(KindRules $contest, string $word): self
    {
        $rules = $days = $bounds = [];
        $prices = false;
        $reaches = [...$contest->liveReaches(), ...array_values($contest->collections->reaches)];
        foreach ($reaches as $reach) {
            foreach ($reach->checks() as $check) {
                $prices = $prices || ($check instanceof InRange
                    && in_array($check->quantity, [Quantity::Price, Quantity::Sale], true));
                $check instanceof AddedWithin && $days[$check->days] = $check->days;
            }
            foreach ($reach->season->bounds() as $bound) {
                $bound > $contest->at && $bounds[] = $bound;
            }
        }
        foreach ($contest->candidates as $candidate) {
            $rules[$candidate->templateId] = self::rule($candidate->reach, $contest);
        }
        $hand = array_keys($rules);
        foreach ($contest->collections->reaches as $id => $reach) {
            $rules[Claims::collection($id)] = self::rule($reach, $contest);
        }

        return new self(
            $word,
            $contest->fallbackId,
            $hand,
            $contest->at,
            $bounds === [] ? null : min($bounds),
            $prices,
            array_values($days),
            $rules,
            $word,
        );
    }

    /** As it is stored, without the rules. */
    public static function stored(stdClass $row): self
    {
        /** @var array{fallback: int, hand: list<int>} $order */
        $order = json_decode($row->order, true);
        /** @var list<int> $days */
        $days = json_decode($row->days, true);

        return new self(
            $row->word,
            $order['fallback'],
            $order['hand'],
            (int) $row->at,
            $row->until === null ? null : (int) $row->until,
            (bool) $row->prices,
            $days,
            [],
            $row->live,
        );
    }

    /** @param  array<int, string>  $rules  what the rules of each template came to then */
    public function with(array $rules): self
    {
        return new self(
            $this->word,
            $this->fallback,
            $this->hand,
            $this->at,
            $this->until,
            $this->prices,
            $this->days,
            $rules,
            $this->live,
        );
    }

    /** @return array{string, string, int, int|null, bool, string} */
    public function columns(): array
    {
        return [
            $this->word,
            json_encode(['fallback' => $this->fallback, 'hand' => $this->hand], JSON_THROW_ON_ERROR),
            $this->at,
            $this->until,
            $this->prices,
            json_encode($this->days, JSON_THROW_ON_ERROR),
        ];
    }

    /** Whether the rules are known to be those of then. */
    public function holds(int $now): bool
    {
        return $this->word === $this->live && $now >= $this->at && ($this->until === null || $now < $this->until);
    }

    /** @return list<int> templates and collections, as in `Claims`, whose rules are others, that have come or gone */
    public function changed(self $now): array
    {
        $changed = array_keys(array_diff_assoc($now->rules, $this->rules));

        return array_values(array_unique([...$changed, ...array_keys(array_diff_key($this->rules, $now->rules))]));
    }

    /** Whether the templates that stayed stand in the same order, with the same fallback. */
    public function ordersAs(self $now): bool
    {
        return $this->fallback === $now->fallback
            && array_values(array_intersect($this->hand, $now->hand))
                === array_values(array_intersect($now->hand, $this->hand));
    }

    /** What the rules of a template or collection come to; where they name collections, with those by rule. */
    private static function rule(CompiledReach $reach, KindRules $contest): string
    {
        return md5(serialize([
            $reach->show, $reach->keepOff, $reach->goesFirst, $reach->season->holds($contest->at),
            self::namesCollections($reach) ? $contest->collections->reaches : [],
        ]));
    }

    private static function namesCollections(CompiledReach $reach): bool
    {
        foreach ($reach->checks() as $check) {
            if (self::aspect($check) === Aspect::Collection) {
                return true;
            }
        }

        return false;
    }

    private static function aspect(Check $check): ?Aspect
    {
        return $check instanceof HasAny || $check instanceof HasAll || $check instanceof HasNoneOf
            ? $check->aspect
            : null;
    }
}
