<?php

declare(strict_types=1);

namespace Vestibra\App\Rendering;

use Illuminate\Contracts\View\View;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/** The one maker of what the view of a composed page prints: in the shop, on the canvas, and for looking at before and after. */
final readonly class PageView
{
    public function __construct(private PageMaker $pages)
    {
    }

    /**
     * In the shop.
     *
     * @param  array{name: string, until: string, one: string, would: bool}|null  $looking  what somebody who came by a private link is told
     */
    public function shop(ComposedPage $page, Subject $subject, Visit $visit, ?array $looking): View
    {
        $head = PageHead::of($page, $subject);

        return $this->view($page, $subject, false, [
            'title' => $head->title,
            'description' => $head->description,
            'head' => $looking === null ? $head : null,
            'looking' => $looking,
            'keeps' => array_filter(['q' => $subject->kind() === SubjectKind::Query ? $subject->slug() : '', 'sort' => $visit->sort, 'show' => $visit->perPage]),
            'styles' => md5($page->css),
            'notAsWished' => PageMaker::choose($subject, $visit)?->asWished === false,
        ]);
    }

    /** On the drawing table's canvas. */
    public function canvas(ComposedPage $page, Subject $subject): View
    {
        return $this->view($page, $subject, true, ['canvas' => true]);
    }

    /** To be looked at beside the Studio: as customers would see it, with nothing around it from the Studio. */
    public function look(ComposedPage $page, Subject $subject): View
    {
        return $this->view($page, $subject, false, ['canvas' => true]);
    }

    /** @param  array<string, mixed>  $more */
    private function view(ComposedPage $page, Subject $subject, bool $marks, array $more): View
    {
        return view('shop::page', $more + [
            'title' => $subject->title(),
            'description' => '',
            'html' => $this->pages->print($page->page, $marks),
            'css' => $page->css,
            'withHeader' => $page->page->data['header'] ?? true,
            'withFooter' => $page->page->data['footer'] ?? true,
            'looking' => null,
            'notAsWished' => false,
            'keeps' => [],
            'head' => null,
            'styles' => '',
        ]);
    }
}
