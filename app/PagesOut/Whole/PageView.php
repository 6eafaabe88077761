<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut\Whole;

use Illuminate\Contracts\View\View;
use Vestibra\App\PagesOut\Contexts;
use Vestibra\App\PagesOut\PageHead;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/**
 * The one maker of what the view of a composed page prints: in the shop, on the canvas, and for looking at before and
 * after.
 */
final readonly class PageView
{
    public function __construct(
        private PageMaker $pages,
        private Surroundings $surroundings,
    ) {
    }

    /**
     * In the shop.
     *
     * @param  array{name: string, until: string, one: string, would: bool}|null  $looking  what somebody who came by a
     *     private link is told
     */
    public function shop(ComposedPage $page, Subject $subject, Visit $visit, ?array $looking): View
    {
        $head = PageHead::of($page, $subject);

        return $this->view($page, $subject, $visit, false, [
            'title' => $head->title,
            'description' => $head->description,
            'head' => $looking === null ? $head : null,
            'looking' => $looking,
            'keeps' => array_filter([
                'q' => $subject->kind() === SubjectKind::Query ? $subject->slug() : '',
                'sort' => $visit->sort,
                'show' => $visit->perPage,
            ]),
            'styles' => md5($page->css),
            'notAsWished' => Contexts::choose($subject, $visit)?->asWished === false,
        ]);
    }

    /** On the drawing table's canvas; a header or footer around a page as it is live. */
    public function canvas(ComposedPage $page, Subject $subject, Visit $visit): View
    {
        return $subject instanceof AroundPage
            ? $this->around($page, $subject, $visit, true)
            : $this->view($page, $subject, $visit, true, ['canvas' => true, 'drawn' => 'page']);
    }

    /** To be looked at beside the Studio: as customers would see it, with nothing around it from the Studio. */
    public function look(ComposedPage $page, Subject $subject, Visit $visit = new Visit): View
    {
        return $subject instanceof AroundPage
            ? $this->around($page, $subject, $visit, false)
            : $this->view($page, $subject, $visit, false, ['canvas' => true]);
    }

    private function around(ComposedPage $drawn, AroundPage $at, Visit $visit, bool $marks): View
    {
        // A footer by itself would not be seen below a whole page.
        $alone = ! $marks && $at->around === PageKind::Footer;
        $page = $alone ? null : $this->surroundings->page($at, $visit);
        $choices = ($alone ? ['header' => false] : []) + ($page->page->data ?? []);
        $around = $this->surroundings->of($at->page, $at->subject, $visit, $choices, $drawn, $marks);

        return view('shop::page', [
            'canvas' => true,
            'drawn' => $marks ? $at->around->value : null,
            'title' => $at->title(),
            'html' => $page === null
                ? '<div class="wrap wrap-narrow">'.(
                    $alone ? '' : '<h1 class="listing-title">'.e($at->title()).'</h1>'
                ).'</div>'
                : $this->pages->print($page->page),
            'css' => $drawn->css,
            'around' => new Around($around->header, $around->footer, $around->css.($page->css ?? '')),
        ] + self::PLAIN);
    }

    /** @param  array<string, mixed>  $more */
    private function view(ComposedPage $page, Subject $subject, Visit $visit, bool $marks, array $more): View
    {
        return view('shop::page', $more + [
            'title' => $subject->title(),
            'html' => $html = $this->pages->print($page->page, $marks),
            'buying' => self::buying($html, $subject),
            'css' => $page->css,
            'around' => $this->surroundings
                ->of(PageKind::from($subject->kind()->value), $subject, $visit, $page->page->data),
        ] + self::PLAIN);
    }

    /**
     * What is chosen and what is bought of one product are sent together, wherever on the page they stand.
     *
     * @return array<int, bool> the products that can be bought on a page => whether it is about that one
     */
    private static function buying(string $html, Subject $subject): array
    {
        preg_match_all('/ form="buying-(\d+)"/', $html, $found);
        $buying = [];
        foreach ($found[1] as $product) {
            $buying[(int) $product] = $subject->kind() === SubjectKind::Product && $subject->id() === (int) $product;
        }

        return $buying;
    }

    private const PLAIN = [
        'buying' => [],
        'description' => '',
        'looking' => null,
        'notAsWished' => false,
        'keeps' => [],
        'head' => null,
        'styles' => '',
    ];
}
