<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters;

use DateTimeImmutable;
use DateTimeZone;
use Vestibra\Core\Composing\ListFilter;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Selling\MoneyFormat;

/** What is on, in words: each value by itself, a range as one. */
final readonly class FilterChips
{
    /** Whose values say by themselves what they are of. */
    private const CLEAR = ['rating', 'stock', 'sale'];

    public function __construct(
        private Messages $messages,
        private MoneyFormat $money,
    ) {
    }

    /**
     * @param  array<string, ListFilter>  $filters
     * @return list<array{filter: string, value: int|null, words: string}> value: null where the whole filter is one
     */
    public function of(array $filters): array
    {
        $chips = [];
        foreach ($filters as $key => $filter) {
            foreach ($filter->values as $value) {
                if ($value->chosen) {
                    $chips[] = [
                        'filter' => $key,
                        'value' => $value->id,
                        'words' => in_array($key, self::CLEAR, true)
                            ? $value->label
                            : $this->messages->say('filter.chip', ['name' => $filter->name, 'value' => $value->label]),
                    ];
                }
            }
            if ($filter->words !== '') {
                $chips[] = [
                    'filter' => $key,
                    'value' => null,
                    'words' => $this->messages
                        ->say('filter.chip', ['name' => $filter->name, 'value' => $filter->words]),
                ];
            } elseif ($filter->ends !== [null, null]) {
                $chips[] = [
                    'filter' => $key,
                    'value' => null,
                    'words' => $this->messages
                        ->say('filter.chip', ['name' => $filter->name, 'value' => $this->range($filter)]),
                ];
            }
        }

        return $chips;
    }

    private function range(ListFilter $filter): string
    {
        [$least, $most] = [$this->end($filter, $filter->ends[0]), $this->end($filter, $filter->ends[1])];

        return match (true) {
            $most === '' => $this->messages->say('filter.from', ['least' => $least]),
            $least === '' => $this->messages->say('filter.to', ['most' => $most]),
            default => $this->messages->say('filter.between', ['least' => $least, 'most' => $most]),
        };
    }

    private function end(ListFilter $filter, ?int $end): string
    {
        return match (true) {
            $end === null => '',
            $filter->key === 'price' => $this->money->format($end),
            $filter->isDate => $this->day($end),
            default => trim(
                $this->messages->number($end / 10 ** $filter->decimals, $filter->decimals).' '.$filter->unit,
            ),
        };
    }

    private function day(int $day): string
    {
        $written = sprintf('%04d-%02d-%02d', intdiv($day, 10_000), intdiv($day, 100) % 100, $day % 100);

        return $this->messages->day(new DateTimeImmutable($written, new DateTimeZone('UTC')));
    }
}
