<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use stdClass;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\App\Reach\Pages\Sql\AssortmentRows;
use Vestibra\App\Reach\Pages\Sql\AssortmentSql;
use Vestibra\App\Reach\Pages\Sql\OwnPages;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\CountsMissed;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Catalogue\Sql\KeptCounts;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Templates\Source;

/**
 * What pages of categories, collections, brands and tags have in common: a name, perhaps a picture and words, and
 * products.
 */
abstract readonly class AssortmentPages implements PagesOfKind
{
    use OwnPages;

    /** More products than these are very many: their page is awkward. */
    private const VERY_MANY = 60;

    public function __construct(
        protected Categories $categories,
        protected ShopClock $clock,
    ) {
    }

    abstract protected function subject(): SubjectKind;

    /**
     * @return array{string, string, string} the products that `p` holds: their column, in which tables, under which
     *     condition
     */
    abstract protected function holds(): array;

    /**
     * @param  int|null  $at  in seconds of Unix time, where it is not now
     * @return string SQL, how many of the products that `p` holds customers see
     */
    protected function count(?int $at = null): string
    {
        return KeptCounts::of($this->subject()->value, 'p.id', $this->anew());
    }

    /**
     * @return string SQL, how many of the products that `p` holds by hand customers see: they are gathered first, and
     *     not looked for one product of the shop at a time
     */
    public function anew(): string
    {
        [$id, $from, $where] = $this->holds();

        return AssortmentRows::gathered($id, $from, $where);
    }

    /** @return string SQL, whether what is usually kept has to be counted anew */
    protected function isMissing(): string
    {
        return KeptCounts::isMissing($this->subject()->value, 'p.id');
    }

    /**
     * @param  list<int>  $ids
     * @return string|null SQL; null where such pages have no such aspect
     */
    abstract protected function any(Aspect $aspect, array $ids): ?string;

    /** @return string SQL, by which those that have most in common with pages called `q` come first */
    abstract protected function kinship(): string;

    public function shown(): string
    {
        return '1';
    }

    public function title(): string
    {
        return 'p.name_folded';
    }

    public function sql(int $at, array $ruleCollections, bool $each = false): PageSql
    {
        return new AssortmentSql(fn (): string => $this->count($at), $this->any(...));
    }

    public function read(int $id): ?Subject
    {
        return $this->one('p.id = ?', $id);
    }

    public function bySlug(string $slug): ?Subject
    {
        return $this->one('p.slug = ?', $slug);
    }

    /**
     * One query, whatever their number.
     *
     * @param  list<int>  $ids
     * @return list<Assortment> in the order asked for
     */
    public function several(array $ids): array
    {
        $ids = $this->living($ids);
        $found = [];
        $rows = $ids === [] ? [] : AssortmentRows::several($this->columns($this->count()), $ids);
        CountsMissed::in($rows);
        foreach ($rows as $row) {
            $found[$row->subject_id] = $this->made($row);
        }

        return array_values(array_filter(array_map(static fn (int $id): ?Assortment => $found[$id] ?? null, $ids)));
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> with what some were merged into in their place; one query
     */
    public function living(array $ids): array
    {
        [$table, $into] = LivingNames::MERGED[$this->subject()->value] ?? ['', ''];
        $merged = $table === '' || $ids === []
            ? []
            : Rows::in($table)->whereIntegerInRaw('merged_id', $ids)->pluck($into, 'merged_id')->all();

        return array_values(array_unique(
            array_map(static fn (int $id): int => is_int($merged[$id] ?? null) ? $merged[$id] : $id, $ids),
        ));
    }

    public function features(Subject $subject): Features
    {
        assert($subject instanceof Assortment);

        return Features::assortment($subject, $this->categories->tree(), $this->clock->now());
    }

    public function rows(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $rows = [];
        foreach (AssortmentRows::rows($this->table(), $ids) as $row) {
            $rows[$row->id] = [
                'id' => $row->id,
                'title' => $row->name,
                'slug' => $row->slug,
                'picture' => $row->file === null ? null : "/pictures/$row->file-160.webp",
                'address' => PageAddresses::address($this->kind(), $row->slug),
            ];
        }

        return array_values(array_filter(array_map(static fn (int $id): ?array => $rows[$id] ?? null, $ids)));
    }

    public function touched(Touched $touched): ?Sql
    {
        $ids = $touched->things(Thing::from($this->subject()->value));

        return $ids === [] ? null : new Sql('p.id in ('.implode(',', $ids).')');
    }

    public function holding(Subject $subject): string
    {
        [$id, $from, $where] = $this->holds();

        return AssortmentRows::held($id, $this->table(), $from, "p.id = {$subject->id()} and $where");
    }

    public function ownOrder(Subject $subject): ?string
    {
        return null;
    }

    public function awkward(): array
    {
        $products = $this->count();

        return [
            'empty' => "$products = 0",
            'no picture' => 'p.picture_id is null',
            'no description' => "p.description = ''",
            'very many products' => "$products > ".self::VERY_MANY,
            'long name' => 'length(p.name) > 28',
        ];
    }

    public function ordinary(): string
    {
        return 'p.picture_id is not null';
    }

    public function filed(): string
    {
        return 'null';
    }

    public function richness(): string
    {
        return "(p.picture_id is not null) * 1000 + {$this->count()}";
    }

    public function lacking(Source $source, int $number): ?Sql
    {
        return match ($source) {
            Source::PageDescription => new Sql("p.description = ''"),
            Source::PagePicture => new Sql('p.picture_id is null'),
            default => null,
        };
    }

    public function near(array $ids): array
    {
        $list = implode(',', $ids);

        return array_column(AssortmentRows::near($this->table(), $list, $this->kinship()), 'id');
    }

    protected function one(string $where, string|int $value): ?Assortment
    {
        [$id, $from, $held] = $this->holds();

        return $this->counted(
            $value,
            KeptCounts::of(
                $this->subject()->value,
                'p.id',
                AssortmentRows::among(AssortmentRows::held($id, $this->table(), $from, "$where and $held")),
            ),
            $where,
            [$value],
        );
    }

    /**
     * @param  string  $count  SQL, how many products it holds
     * @param  list<string|int>  $bindings  of the count
     */
    protected function counted(
        string|int $value,
        string $count,
        string $where = 'p.id = ?',
        array $bindings = [],
    ): ?Assortment {
        $row = AssortmentRows::one($this->columns($count), $where, $bindings, $value);

        CountsMissed::in($row instanceof stdClass ? [$row] : []);

        return $row instanceof stdClass ? $this->made($row) : null;
    }

    /** @return string SQL, whether the owner gave some products of `p` places of their own */
    protected function isOrdered(): string
    {
        return '0';
    }

    private function columns(string $count): string
    {
        return AssortmentRows::columns($count, $this->isMissing(), $this->isOrdered(), $this->table());
    }

    private function made(stdClass $row): Assortment
    {
        return new Assortment(
            $this->subject(),
            $row->subject_id,
            $row->slug,
            $row->name,
            $row->description,
            $row->id === null ? null : ProductReader::picture($row),
            $row->products,
            $row->search_title,
            $row->search_description,
            (bool) $row->is_ordered,
        );
    }
}
