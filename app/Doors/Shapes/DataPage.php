<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shapes;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\Relation;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;

/** Tables, models and relations on one page, drawn from the models. */
final class DataPage
{
    private const ROOMS = [
        'Records/Models/Catalogue' => 'The catalogue',
        'Records/Models' => 'Layout, releases and people',
        'Records/Models/Shop' => 'The shop',
        'Ground/Models' => 'The ground',
    ];

    /** What is kept beside data, and can be thrown away and made anew; and tables of the framework. */
    private const BESIDE = [
        'title_words' => 'words of titles, with their products (`Link`)',
        'product_words' => 'full text of products (`ProductIndex`)',
        'searched' => 'how often anything has changed that a search looks at (`KeptHits`)',
        'filter_packs' => 'products packed for filters (`StoredPacks`)',
        'filter_bits' => 'which of them have what',
        'filter_stale' => 'products that have changed since',
        'kept_verdicts' => 'which template the page of each product has, and who claims it (`KeptVerdicts`)',
        'kept_templates' => 'how many pages each template covers and has',
        'kept_state' => 'under which rules, and as of when',
        'stale_verdicts' => 'products that have changed since',
        'kept_counts' => 'how many products sets of them have, and facts are filled in for (`KeptCounts`)',
        'kept_orders' => 'what orders of long lists go by, and until when it holds (`KeptOrders`)',
        'kept_orders_state' => 'as of when',
        'stale_orders' => 'products that have changed since',
        'selected_pages' => 'the pages of a `Selection`, and what it was before the last deed',
        'live_rules' => 'the words under which compiled rules and printed surroundings are kept (`LiveRules`)',
        'migrations' => 'which changes of the schema were made',
    ];

    /** @param  list<string>  $links  tables that tie two things */
    public static function write(array $links): string
    {
        $page = "# Data\n\nTables, models and relations, drawn from the models by `php artisan vestibra:models` (a "
            ."test fails when this page is not as they are).\nWhat no model can do because it is about all rows at "
            ."once stands in query classes in folders called `Sql`.\n";
        foreach (self::ROOMS as $room => $title) {
            $page .= "\n## $title\n\n| table | model | what it is | relations |\n|---|---|---|---|\n";
            foreach (self::models($room) as $model) {
                $page .= self::line($model);
            }
        }
        $page .= "\n## Links\n\nRows of the model `Link`: ".implode(', ', array_map(
            static fn (string $table): string => "`$table`",
            array_diff($links, array_keys(self::BESIDE)),
        )).".\n\n## Beside\n\n";
        foreach (self::BESIDE as $table => $words) {
            $page .= "- `$table`: $words\n";
        }

        return $page;
    }

    /** @return list<string> tables that this page knows of */
    public static function tables(): array
    {
        $tables = array_keys(self::BESIDE);
        foreach (array_keys(self::ROOMS) as $room) {
            foreach (self::models($room) as $model) {
                $tables[] = $model->getTable();
            }
        }

        return $tables;
    }

    /** @return list<Model> by table */
    private static function models(string $room): array
    {
        $models = [];
        foreach (glob(app_path("$room/*.php")) ?: [] as $file) {
            $class = 'Vestibra\\App\\'.strtr($room, '/', '\\').'\\'.basename($file, '.php');
            if (is_subclass_of($class, Model::class) && (new ReflectionClass($class))->hasProperty('table')) {
                $model = new $class;
                (new ReflectionClass($class))->getProperty('table')->getDefaultValue() === null
                    || $models[$model->getTable()] = $model;
            }
        }
        ksort($models);

        return array_values($models);
    }

    private static function line(Model $model): string
    {
        $class = new ReflectionClass($model);
        $words = preg_match('~/\*\*\s*\n((?: \* [^@\n][^\n]*\n)+)~', (string) $class->getDocComment(), $found) === 1
            ? trim((string) preg_replace('/\s*\n? \* /', ' ', $found[1]))
            : '';
        $relations = [];
        foreach ($class->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
            if ($method->class === $class->getName() && self::relation($method) !== null) {
                $relations[] = self::relation($method);
            }
        }

        return "| `{$model->getTable()}` | `{$class->getShortName()}` | $words | ".implode('; ', $relations)." |\n";
    }

    private static function relation(ReflectionMethod $method): ?string
    {
        $type = $method->getReturnType();
        $kind = $type instanceof ReflectionNamedType ? $type->getName() : '';
        if (! is_subclass_of($kind, Relation::class)) {
            return null;
        }
        preg_match('/<(\w+),/', (string) $method->getDocComment(), $of);
        $word = match ($kind) {
            BelongsTo::class => 'one',
            HasMany::class => 'many',
            BelongsToMany::class => 'many, by links,',
            default => 'some',
        };
        $other = ($of[1] ?? '') === 'self' ? $method->getDeclaringClass()->getShortName() : $of[1] ?? '';

        return "{$method->getName()}: $word `$other`";
    }
}
