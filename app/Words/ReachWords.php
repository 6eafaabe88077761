<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use DateTimeImmutable;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Reach\Season;

/**
 * Rules as sentences. The one place for their words, in the Studio and on the console.
 *
 * @phpstan-type Phrase array{what: string, values: string}
 *
 * @shape Phrase
 * @shape Sentence array{show: list<list<Phrase>>, keepOff: list<list<Phrase>>, season: string, from: string|null,
 *     until: string|null}
 * @shape FieldComparison array{name: string, words: string, takes: Takes, things: string|null}
 * @shape Field array{name: string, comparisons: list<FieldComparison>}
 */
final class ReachWords
{
    /** @var array<int, Fact>|null */
    private ?array $facts = null;

    public function __construct(
        private readonly FactBook $book,
        private readonly ReachCounts $counts,
        private readonly ShopSettings $settings,
        private readonly ShopClock $clock,
    ) {
    }

    /**
     * @param  array<string, array<int, string>>  $names  things => id => name
     * @return array{show: list<list<Phrase>>, keepOff: list<list<Phrase>>, season: string, from: string|null,
     *     until: string|null} from and until on the shop's wall clock
     */
    public function sentence(Reach $reach, array $names, PageKind $kind): array
    {
        $phrases = fn (Clause $clause): array => array_map(
            fn (Condition $condition): array => $this->phrase($condition, $names, $kind),
            $clause->conditions,
        );

        return [
            'show' => array_map($phrases, $reach->show),
            'keepOff' => array_map($phrases, $reach->keepOff),
            'season' => $this->season($reach->season),
            'from' => $this->wall($reach->season->from),
            'until' => $this->wall($reach->season->until),
        ];
    }

    /**
     * @param  array<string, array<int, string>>  $names
     * @return Phrase
     */
    public function phrase(Condition $condition, array $names, PageKind $kind): array
    {
        $fact = $condition->of === null ? null : $this->fact($condition->of);
        $comparison = RuleFields::standard()->comparison($kind, $condition->field, $condition->comparison);
        $what = ($condition->of === null ? '' : ($fact->name ?? 'a deleted fact').' ')
            .($comparison->words ?? $condition->field);
        if ($condition->field === 'picture' && $condition->comparison === 'atMost' && $condition->values === [0]) {
            return ['what' => 'has no picture', 'values' => ''];
        }
        $takes = $comparison->takes ?? ConditionValues::Nothing;
        $things = LivingNames::things($condition) ?? '';
        $words = array_map(fn (int|string $value): string => match ($takes) {
            ConditionValues::Names => $names[$things][(int) $value] ?? 'something deleted',
            ConditionValues::Money, ConditionValues::MoneyRange => $this->settings->format()->format((int) $value),
            ConditionValues::Stars => rtrim(rtrim(number_format((int) $value / 10, 1), '0'), '.').' stars',
            ConditionValues::Days => (int) $value < 2 ? 'day' : Counted::of((int) $value, 'day'),
            ConditionValues::Instant => $this->day((string) $value),
            ConditionValues::Words => "“{$value}”",
            ConditionValues::PageKinds => self::ofPages((string) $value),
            ConditionValues::FactNumber, ConditionValues::FactRange => self::factNumber($fact, (int) $value),
            default => (string) $value,
        }, $condition->values);
        $glue = match (true) {
            $condition->comparison === 'between' => ' and ',
            $condition->comparison === 'hasAllOf' => ' and ',
            default => ' or ',
        };

        return ['what' => $what, 'values' => self::join($words, $glue)];
    }

    /** @return string as "a product page", "the cart" */
    private static function ofPages(string $kind): string
    {
        $known = PageKind::tryFrom($kind);
        $subject = $known === null ? null : PageKinds::standard()->get($known)->subject();

        return $subject === null ? $kind : ($subject->isSingle() ? 'the ' : 'a ').$subject->page();
    }

    /** @return string as "every product" */
    public static function every(PageKind $kind): string
    {
        $subject = PageKinds::standard()->get($kind)->subject();

        return ($subject->isSingle() ? 'the ' : 'every ').$subject->one();
    }

    /** @return string the whole of a clause; "every product" without conditions */
    public function clause(Clause $clause, PageKind $kind): string
    {
        if ($clause->conditions === []) {
            return self::every($kind);
        }
        $names = $this->counts->names(new Reach([$clause]));

        return implode(
            ' and ',
            array_map(
                fn (Condition $condition): string => trim(implode(' ', $this->phrase($condition, $names, $kind))),
                $clause->conditions,
            ),
        );
    }

    /** @return string as "from Friday 27 November 00:00"; empty for always */
    public function season(Season $season): string
    {
        $parts = [];
        if ($season->from !== null) {
            $parts[] = 'from '.$this->moment($season->from);
        }
        if ($season->until !== null) {
            $parts[] = 'until '.$this->moment($season->until);
        }

        return implode(' ', $parts);
    }

    /** @param  int  $instant in seconds of Unix time */
    public function moment(int $instant): string
    {
        return (new DateTimeImmutable($this->clock->zone->wall(new DateTimeImmutable("@$instant"))))
            ->format('l j F Y H:i');
    }

    private function wall(?int $instant): ?string
    {
        return $instant === null ? null : $this->clock->zone->wall(new DateTimeImmutable("@$instant"));
    }

    private function day(string $instant): string
    {
        return (new DateTimeImmutable($this->clock->zone->wall(new DateTimeImmutable($instant))))->format('j F Y');
    }

    private function fact(int $id): ?Fact
    {
        return ($this->facts ??= $this->book->all())[$id] ?? null;
    }

    private static function factNumber(?Fact $fact, int $value): string
    {
        if ($fact?->kind === FactKind::Date) {
            return implode(
                '-',
                [substr((string) $value, 0, 4), substr((string) $value, 4, 2), substr((string) $value, 6, 2)],
            );
        }
        $decimals = $fact->decimals ?? 0;

        return trim(number_format($value / 10 ** $decimals, $decimals, '.', '').' '.($fact->unit ?? ''));
    }

    /**
     * At most six of them, so that a rule of 5,000 products stays one sentence.
     *
     * @param  list<string>  $words
     */
    private static function join(array $words, string $glue): string
    {
        $shown = array_slice($words, 0, 6);
        $more = count($words) - count($shown);

        return implode($glue, $shown).($more > 0 ? "{$glue}$more more" : '');
    }

    /**
     * @return list<array{name: string, comparisons: list<array{name: string, words: string, takes: string,
     *     things: string|null}>}>
     */
    public static function fields(PageKind $kind): array
    {
        $fields = [];
        foreach (RuleFields::standard()->on($kind) as $name => $all) {
            $comparisons = [];
            foreach ($all as $comparison) {
                $comparisons[] = [
                    'name' => $comparison->name,
                    'words' => $comparison->words,
                    'takes' => $comparison->takes->value,
                    'things' => $comparison->takes === ConditionValues::Names ? $comparison->things ?? $name : null,
                ];
            }
            $fields[] = ['name' => $name, 'comparisons' => $comparisons];
        }

        return $fields;
    }

    /** @return array<int, string> names of all templates by id */
    public static function templateNames(): array
    {
        return Template::query()->toBase()->pluck('name', 'id')->all();
    }
}
