<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;

/**
 * Verdicts of products' pages as they are kept, and which of them are stale. Read by number or by template; written a
 * few hundred rows at a time, in step with how many changed.
 */
final class KeptRows
{
    private const AT_ONCE = 400;

    public static function state(): ?stdClass
    {
        return Database::row(
            'select word, "order", at, until, prices, days, (select word from live_rules) as live from kept_state',
        );
    }

    /** @param  array{string, string, int, int|null, bool, string}  $state  in the order of the columns */
    public static function keepState(array $state): void
    {
        Database::run('delete from kept_state');
        Database::run(
            'insert into kept_state (word, "order", at, until, prices, days) values (?, ?, ?, ?, ?, ?)',
            $state,
        );
    }

    /** @return list<stdClass> template_id, rule, covers, shown_on and won */
    public static function templates(): array
    {
        return Database::rows('select template_id, rule, covers, shown_on, won from kept_templates');
    }

    /** @param  array<int, array{string, int, int, int}>  $templates  rule, covers, shown on and won, by template */
    public static function keepTemplates(array $templates): void
    {
        Database::run('delete from kept_templates');
        foreach ($templates as $id => $row) {
            Database::run(
                'insert into kept_templates (template_id, rule, covers, shown_on, won) values (?, ?, ?, ?, ?)',
                [$id, ...$row],
            );
        }
    }

    /**
     * @param  list<int>  $pages
     * @return array<int, array{int, string}> the template and who claims it, as `Claims` are written, by page
     */
    public static function of(array $pages): array
    {
        $rows = [];
        foreach (array_chunk($pages, 5_000) as $some) {
            $rows += self::read('product_id in ('.implode(',', $some).')');
        }

        return $rows;
    }

    /** @return array<int, array{int, string}> some at a time, by page */
    public static function next(int $after, int $most): array
    {
        return self::read("product_id > $after order by product_id limit $most");
    }

    /** @return array<int, array{int, string}> those that a template covers or has, by page */
    public static function touching(int $template): array
    {
        return self::read("template_id = $template or instr(claims, ',$template:') > 0");
    }

    /** @return array<int, array{int, string}> those that a template has, by page */
    public static function had(int $template): array
    {
        return self::read("template_id = $template");
    }

    /** @return list<int> the pages that a template has */
    public static function pages(int $template): array
    {
        return Database::numbers("select product_id from kept_verdicts where template_id = $template");
    }

    /**
     * The pages that somebody claims, as a set for a larger query.
     *
     * @param  list<int>  $stale
     * @param  string  $asked  SQL, whether a stale page called `p` is claimed
     */
    public static function claimed(int $claimant, array $stale, string $asked): string
    {
        $claimed = "select product_id from kept_verdicts where instr(claims, ',$claimant:') > 0";
        $ids = implode(',', $stale);

        return $stale === []
            ? $claimed
            : "$claimed and product_id not in ($ids) union all select p.id from products p where p.id in ($ids) and "
                .$asked;
    }

    /**
     * How many of the pages that a template covers or has each template has.
     *
     * @param  list<int>  $stale  pages that are left out
     * @return array<int, array<int, int>> template => whether the first covers them => how many
     */
    public static function split(int $template, array $stale): array
    {
        $covered = "instr(claims, ',$template:') > 0";
        $split = [];
        // Counted here: the database would put all of them in order first.
        foreach (array_count_values(Database::numbers(
            "select template_id * 2 + ($covered) from kept_verdicts where (template_id = $template or $covered)"
                .($stale === [] ? '' : ' and product_id not in ('.implode(',', $stale).')'),
        )) as $both => $many) {
            $split[intdiv($both, 2)][$both % 2] = $many;
        }

        return $split;
    }

    /**
     * @param  list<int>  $stale  pages that are left out
     * @return array<int, int> pages that a template claims => how strongly
     */
    public static function claims(int $template, array $stale): array
    {
        $claim = "substr(claims, instr(claims, ',$template:') + ".strlen(",$template:").', 20)';

        return Database::pairs(
            "select product_id, cast($claim as integer) from kept_verdicts where instr(claims, ',$template:') > 0"
                .($stale === [] ? '' : ' and product_id not in ('.implode(',', $stale).')'),
        );
    }

    /** @return array<int, array{int, string}> */
    private static function read(string $where): array
    {
        /** @var array<int, array{int, string}> $rows */
        $rows = Database::byNumber("select product_id, template_id, claims from kept_verdicts where $where");

        return $rows;
    }

    /** @param  array<int, array{int, string}|null>  $rows  by page; null: it is no longer seen */
    public static function keep(array $rows): void
    {
        foreach (array_chunk(array_keys($rows), self::AT_ONCE) as $pages) {
            $values = $gone = [];
            foreach ($pages as $page) {
                if ($rows[$page] === null) {
                    $gone[] = $page;
                } else {
                    array_push($values, $page, ...$rows[$page]);
                }
            }
            $gone === [] || Database::run('delete from kept_verdicts where product_id in ('.implode(',', $gone).')');
            $values === [] || Database::run(
                'insert into kept_verdicts (product_id, template_id, claims) values '
                    .implode(',', array_fill(0, intdiv(count($values), 3), '(?,?,?)'))
                    .' on conflict (product_id) do update set template_id = excluded.template_id, claims = '
                    .'excluded.claims',
                $values,
            );
        }
    }

    /** From here on whatever changes is stale. */
    public static function throwAway(): void
    {
        foreach (['kept_verdicts', 'kept_templates', 'kept_state', 'stale_verdicts'] as $table) {
            Database::run("delete from $table");
        }
    }

    /**
     * How many pages are kept as others than those that have their template, or as hidden: all are asked.
     *
     * @param  Sql  $winners  page_id and template_id of every page that customers can see
     */
    public static function wrong(Sql $winners): int
    {
        $wrong = $winners->wrap(
            'select (select count(*) from kept_verdicts where product_id not in (select id from products where '
                .'published = 1)) + (select count(*) from (',
            ') w left join kept_verdicts k on k.product_id = w.page_id where k.template_id is not w.template_id)',
        );

        return (int) Database::value($wrong->text, $wrong->bindings);
    }

    /**
     * @param  list<int>  $stale
     * @param  array<int, int>  $instead  what they have, by page
     */
    public static function winners(array $stale, array $instead): Sql
    {
        $rows = [];
        foreach ($instead as $page => $template) {
            $rows[] = "($page,$template)";
        }

        return new Sql(
            'select product_id as page_id, template_id from kept_verdicts'
                .($stale === [] ? '' : ' where product_id not in ('.implode(',', $stale).')')
                .($rows === [] ? '' : ' union all select column1, column2 from (values '.implode(',', $rows).')'),
        );
    }

    /** @return list<int> what has changed since it was kept */
    public static function stale(): array
    {
        return self::numbers(['select product_id from stale_verdicts']);
    }

    /**
     * What has changed since, and what the clock alone has made stale.
     *
     * @param  bool  $prices  whether a rule looks at prices
     * @param  list<int>  $days  ages that rules look at
     * @return list<int>
     */
    public static function turned(int $since, int $now, bool $prices, array $days): array
    {
        $moment = static fn (int $instant): string => "'".gmdate('Y-m-d H:i:s', $instant)."'";
        $parts = ['select product_id as id from stale_verdicts'];
        foreach ($prices ? ['sale_from', 'sale_until'] : [] as $column) {
            $parts[] = "select product_id as id from variants where $column > {$moment($since)} and $column <= "
                .$moment($now);
        }
        foreach ($days === [] ? [] : [0, ...$days] as $age) {
            $parts[] = 'select id from products where added_at > '.$moment($since - $age * 86_400)
                .' and added_at <= '.$moment($now - $age * 86_400);
        }

        return self::numbers($parts);
    }

    /**
     * @param  non-empty-list<string>  $parts
     * @return list<int> each once
     */
    private static function numbers(array $parts): array
    {
        $rows = Database::rows(implode(' union ', $parts));

        return array_map(static fn (stdClass $row): int => (int) (array_values((array) $row)[0] ?? 0), $rows);
    }

    /** @param  list<int>  $pages  those that are kept as they are now */
    public static function fresh(array $pages): void
    {
        foreach (array_chunk($pages, 5_000) as $some) {
            Database::run('delete from stale_verdicts where product_id in ('.implode(',', $some).')');
        }
    }

    /** @return list<int> pages that customers can see, some at a time */
    public static function shown(int $after, int $most): array
    {
        return array_map(intval(...), array_column(Database::rows(
            'select id from products where published = 1 and id > ? order by id limit ?',
            [$after, $most],
        ), 'id'));
    }
}
