<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use LogicException;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\App\Reach\Pages\Sql\AroundSql;
use Vestibra\App\Reach\Pages\Sql\PagePieces;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SinglePage;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Templates\Source;

/**
 * What headers and footers stand on: every page of the shop. In SQL `p.page_kind` is the number of its kind, and
 * `p.page` the number of what it is about.
 */
abstract readonly class AroundPages implements PagesOfKind
{
    /** Pages that have no templates, and a header and footer all the same; with the words that they are called by. */
    public const WITHOUT_TEMPLATES = [
        PageKind::Cart->value => [SubjectKind::Cart, 'cart.title'],
        PageKind::Checkout->value => [SubjectKind::Checkout, 'checkout.title'],
    ];

    public function __construct(
        private PagesOfTheShop $pages,
        private LiveRules $rules,
        private AroundChoices $choices,
        private ShopMessages $messages,
        private ShopClock $clock,
    ) {
    }

    public function table(): string
    {
        $parts = [];
        foreach ($this->pages->pages() as $of) {
            $parts[] = PagePieces::around($of);
        }
        foreach (array_keys(self::WITHOUT_TEMPLATES) as $name) {
            $parts[] = PagePieces::aroundOne(PageKind::from($name));
        }

        return '('.implode(' union all ', $parts).')';
    }

    public function shown(): string
    {
        return 'p.shown';
    }

    public function title(): string
    {
        return 'p.title_folded';
    }

    public function sql(int $at, array $ruleCollections, bool $each = false): PageSql
    {
        $of = [];
        foreach (AroundSql::ASKED as $name) {
            $pages = $this->pages->get($name);
            $of[$name] = [$pages, $pages->sql($at, $ruleCollections, $each)];
        }

        return new AroundSql($of);
    }

    public function read(int $id): ?Subject
    {
        $kind = self::kindOf($id);
        $subject = match (true) {
            $kind === null => null,
            isset(self::WITHOUT_TEMPLATES[$kind->value]) => $id % AroundPage::MOST === SinglePage::ID
                ? $this->single($kind)
                : null,
            PageAddresses::isPage($kind->value) => $this->pages->get($kind)->read($id % AroundPage::MOST),
            default => null,
        };

        return $kind === null || $subject === null ? null : new AroundPage($this->kind(), $kind, $subject);
    }

    public function bySlug(string $slug): ?Subject
    {
        [$name, $inside] = explode('/', $slug, 2) + ['', ''];
        $kind = PageKind::tryFrom($name);
        $subject = match (true) {
            $kind === null => null,
            isset(self::WITHOUT_TEMPLATES[$name]) => $this->single($kind),
            PageAddresses::isPage($name) => $this->pages
                ->get($kind)
                ->bySlug($inside === '' ? PageAddresses::singles()[$name][1] ?? '' : $inside),
            default => null,
        };

        return $kind === null || $subject === null ? null : new AroundPage($this->kind(), $kind, $subject);
    }

    /** @return Subject of a page that has no templates */
    public function single(PageKind $kind): Subject
    {
        [$subject, $words] = self::WITHOUT_TEMPLATES[$kind->value]
            ?? throw new LogicException("Pages of the kind $kind->value have templates.");

        return new SinglePage($subject, $this->messages->live()->say($words), $kind->value);
    }

    public function features(Subject $subject): Features
    {
        assert($subject instanceof AroundPage);

        return $this->judged($subject, $this->rules->of($this->kind())->collections);
    }

    /** @param  RuleCollections  $collections  as the evaluator that is asked next has them */
    public function judged(AroundPage $subject, RuleCollections $collections): Features
    {
        $features = isset(self::WITHOUT_TEMPLATES[$subject->page->value])
            ? Features::single($subject->page, $this->clock->now())
            : $this->pages->get($subject->page)->features($subject->subject);

        return $collections->judge($features)->around($this->kind());
    }

    public function rows(array $ids): array
    {
        $byKind = $rows = [];
        foreach ($ids as $id) {
            $byKind[self::kindOf($id)->value ?? ''][] = $id % AroundPage::MOST;
        }
        foreach ($byKind as $name => $some) {
            $kind = PageKind::tryFrom($name);
            if ($kind === null) {
                continue;
            }
            $found = match (true) {
                isset(self::WITHOUT_TEMPLATES[$name]) => [[
                    'id' => SinglePage::ID,
                    'title' => $this->single($kind)->title(),
                    'slug' => $name,
                    'picture' => null,
                    'address' => "/$name",
                ]],
                default => $this->pages->get($kind)->rows($some),
            };
            foreach ($found as $row) {
                $number = AroundPage::number($kind, $row['id']);
                $rows[$number] = ['id' => $number, 'slug' => "$name/{$row['slug']}"] + $row;
            }
        }

        return array_values(array_filter(array_map(static fn (int $id): ?array => $rows[$id] ?? null, $ids)));
    }

    /** Where no rule looks at what a page is about, nothing in the catalogue gives it another one. */
    public function touched(Touched $touched): ?Sql
    {
        if (
            Template::query()->toBase()->where('page_kind', $this->kind()->value)->whereNotNull(
                'live_revision',
            )->count() < 2
        ) {
            return null;
        }
        $parts = [];
        foreach (AroundSql::ASKED as $name) {
            $pages = $this->pages->get($name);
            $sql = $pages->touched($touched);
            if ($sql !== null) {
                $parts[] = AroundSql::those($pages, $sql);
            }
        }

        return $parts === [] ? null : Sql::join(' or ', $parts)->wrap('(', ')');
    }

    public function holding(Subject $subject): string
    {
        return PagePieces::NONE;
    }

    public function ownOrder(Subject $subject): ?string
    {
        return null;
    }

    public function pins(int $at): Sql
    {
        return $this->choices->of($this->kind(), $at);
    }

    public function collecting(): PagesOfKind
    {
        return $this->pages->get(PageKind::Product);
    }

    public function awkward(): array
    {
        return [];
    }

    public function ordinary(): string
    {
        return 'p.page_kind = '.PageKind::Home->number();
    }

    public function filed(): string
    {
        $cases = '';
        foreach (PageKind::pages() as $kind) {
            $cases .= " when {$kind->number()} then '".str_replace('-', ' ', $kind->value)."'";
        }

        return "case p.page_kind$cases end";
    }

    public function richness(): string
    {
        return $this->ordinary();
    }

    public function lacking(Source $source, int $number): ?Sql
    {
        return null;
    }

    public function near(array $ids): array
    {
        $near = [];
        foreach ($ids as $id) {
            $kind = self::kindOf($id);
            if ($kind !== null && PageAddresses::isPage($kind->value)) {
                array_push(
                    $near,
                    ...array_map(
                        static fn (int $other): int => AroundPage::number($kind, $other),
                        $this->pages->get($kind)->near([$id % AroundPage::MOST]),
                    ),
                );
            }
        }

        return array_slice(array_values(array_diff(array_unique([...$near, ...$this->singles()]), $ids)), 0, 500);
    }

    /** @return list<int> pages of which there is one */
    private function singles(): array
    {
        return array_map(
            static fn (string $name): int => AroundPage::number(PageKind::from($name), SinglePage::ID),
            [...array_keys(PageAddresses::singles()), ...array_keys(self::WITHOUT_TEMPLATES)],
        );
    }

    private static function kindOf(int $id): ?PageKind
    {
        return PageKind::cases()[intdiv($id, AroundPage::MOST) - 1] ?? null;
    }
}
