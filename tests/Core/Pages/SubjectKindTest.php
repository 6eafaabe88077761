<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Pages;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Pages\SinglePage;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Features;

/** What pages can be about, and what they are called in sentences. */
final class SubjectKindTest extends TestCase
{
    public function test_what_they_are_called(): void
    {
        $words = static fn (SubjectKind $one): array => [$one->one(), $one->many(), $one->page(), $one->pages()];
        self::assertSame(['product', 'products', 'product page', 'product pages'], $words(SubjectKind::Product));
        self::assertSame(['category', 'categories', 'category page', 'category pages'], $words(SubjectKind::Category));
        self::assertSame(['tag', 'tags', 'tag page', 'tag pages'], $words(SubjectKind::Tag));
        self::assertSame(['search', 'searches', 'search page', 'search pages'], $words(SubjectKind::Query));
        self::assertSame(['home page', 'home pages', 'home page', 'home pages'], $words(SubjectKind::Home));
        self::assertSame(
            ['page of all products', 'pages of all products', 'page of all products', 'pages of all products'],
            $words(SubjectKind::AllProducts),
        );
        self::assertSame(['page', 'pages', 'page', 'pages'], $words(SubjectKind::Nothing));
        self::assertSame(['page', 'pages', 'page', 'pages'], $words(SubjectKind::AnyPage));
        self::assertSame(['cart', 'carts', 'cart', 'carts'], $words(SubjectKind::Cart));
    }

    public function test_which_hold_products_and_of_which_there_is_one(): void
    {
        $where = static fn (callable $holds): array =>
            array_column(array_filter(SubjectKind::cases(), $holds), 'value');
        self::assertEqualsCanonicalizing(
            ['category', 'collection', 'brand', 'tag', 'all-products', 'search'],
            $where(static fn (SubjectKind $one): bool => $one->holdsProducts()),
        );
        self::assertEqualsCanonicalizing(
            ['home', 'all-products', 'not-found', 'cart', 'checkout', 'nothing'],
            $where(static fn (SubjectKind $one): bool => $one->isSingle()),
        );
    }

    public function test_what_rules_ask_of_tag_pages_and_of_pages_of_which_there_is_one(): void
    {
        $tag = PageKinds::standard()->get(PageKind::Tag);
        self::assertSame(
            ['tag' => ['isOneOf'], 'title' => ['contains'], 'products' => ['atLeast', 'atMost']],
            $tag->rules(),
        );
        self::assertSame(
            [['tag.isOneOf'], SubjectKind::Tag, [Essential::Title, Essential::Products]],
            [$tag->named(), $tag->subject(), $tag->essentials()],
        );
        $all = PageKinds::standard()->get(PageKind::AllProducts);
        self::assertSame([[], [], SubjectKind::AllProducts, [Essential::Title, Essential::Products]], [
            $all->rules(), $all->named(), $all->subject(), $all->essentials(),
        ]);
        $home = PageKinds::standard()->get(PageKind::Home);
        self::assertSame([[], SubjectKind::Home, []], [$home->rules(), $home->subject(), $home->essentials()]);
    }

    public function test_a_page_of_which_there_is_one_is_always_there_and_called_nothing_by_search_engines(): void
    {
        $home = new SinglePage(SubjectKind::Home, 'Home page', 'home');
        self::assertSame([SinglePage::ID, 'Home page', 'home', true, '', ''], [
            $home->id(), $home->title(), $home->slug(), $home->isShown(), $home->searchTitle(),
            $home->searchDescription(),
        ]);
    }

    public function test_the_page_of_all_products_is_judged_as_such(): void
    {
        $at = new \DateTimeImmutable('2026-11-26 12:00:00');
        self::assertSame(
            PageKind::AllProducts,
            Features::assortment(
                new Assortment(SubjectKind::AllProducts, 1, 'all', 'All'),
                CategoryTree::of([]),
                $at,
            )->kind,
        );
        self::assertSame(
            PageKind::Tag,
            Features::assortment(new Assortment(SubjectKind::Tag, 1, 'gift', 'Gift'), CategoryTree::of([]), $at)->kind,
        );
    }
}
