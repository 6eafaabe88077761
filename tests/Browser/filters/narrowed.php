<?php

declare(strict_types=1);

// Narrows a list given as JSON by each of many choices, and prints what it comes to.

require dirname(__DIR__, 3).'/vendor/autoload.php';

use Vestibra\Core\Selling\Filters\Choices;
use Vestibra\Core\Selling\Filters\Filter;
use Vestibra\Core\Selling\Filters\FilterRow;
use Vestibra\Core\Selling\Filters\Narrowing;

/**
 * @var array{filters: list<array{string, bool}>, rows: list<array<string, list<int>>>,
 *     asked: list<array{values: array<string, list<int>>, ranges: array<string, array{int, int}>}>} $given
 */
$given = json_decode((string) stream_get_contents(STDIN), true, flags: JSON_THROW_ON_ERROR);
$filters = array_map(
    static fn (array $one): Filter => $one[1] ? Filter::rangeOfProducts($one[0]) : Filter::ofProducts($one[0]),
    $given['filters'],
);
$rows = array_map(
    static fn (array $values, int $at): FilterRow => new FilterRow($at, $values, []),
    $given['rows'],
    array_keys($given['rows']),
);
$found = [];
foreach ($given['asked'] as $asked) {
    $choices = Choices::none();
    foreach ($asked['values'] as $filter => $values) {
        $choices = $choices->with($filter, $values);
    }
    foreach ($asked['ranges'] as $filter => [$least, $most]) {
        $choices = $choices->between($filter, $least, $most);
    }
    $narrowed = (new Narrowing($filters, $choices))->of($rows);
    $found[] = [
        'products' => $narrowed->products,
        'counts' => array_map(static fn (array $counts): object => (object) $counts, $narrowed->counts),
        'bounds' => $narrowed->bounds,
    ];
}
echo json_encode($found, JSON_THROW_ON_ERROR);
