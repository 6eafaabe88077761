<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Pages;

use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Cookie;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** What stands above and below pages, by rules of its own and by what a page's template chooses. */
final class AroundPagesTest extends TestCase
{
    private const HOME = [
        '/', '/all', '/c/pens', '/brand/pellinray', '/tag/gift', '/collection/everything-teal', '/search?q=ink',
        '/cart', '/checkout', '/nowhere', '/p/reading-lamp',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_a_header_for_some_categories_stands_there_and_all_other_pages_are_unchanged(): void
    {
        $before = array_map($this->above(...), array_combine(self::HOME, self::HOME));
        $header = $this->copied('Winter header');
        $this->edit($header, [
            'edit' => 'insert',
            'parent' => $this->block($header, 'column'),
            'after' => null,
            'node' => ['id' => 'count1', 'kind' => 'countdown', 'what' => ['to' => 'day', 'day' => '2099-12-24']],
        ]);
        $this->edit(
            $header,
            $this->reach([['category', 'isIn', [$this->id('categories', 'Inks'), $this->id('categories', 'Paper')]]]),
        );
        $impact = $this->getJson("/studio/templates/$header->id/impact")->assertOk();
        $inks = '/c/inks';
        self::assertStringNotContainsString('data-countdown', $this->above($inks));
        $this->publish($header);

        foreach ([$inks, '/c/bottled-inks', '/p/teal-tide-bottled-ink', '/c/paper'] as $address) {
            self::assertStringContainsString('data-countdown', $this->above($address), $address);
        }
        foreach (self::HOME as $address) {
            self::assertSame($before[$address], $this->above($address), $address);
        }
        self::assertSame(
            ['header', $this->shownOn($header)],
            [$impact->json('kinds.0.pageKind'), $impact->json('moved')],
            'What was said before is what came.',
        );
    }

    public function test_every_page_has_one_header_and_one_footer(): void
    {
        foreach ([...self::HOME, '/p/teal-tide-bottled-ink'] as $address) {
            $this->anew();
            $html = (string) $this->get($address)->getContent();
            self::assertSame(
                [1, 1, 1],
                [
                    preg_match_all('/<header\b/', $html),
                    preg_match_all('/<footer\b/', $html),
                    preg_match_all('/<main\b/', $html),
                ],
                $address,
            );
        }
    }

    public function test_what_a_pages_template_chooses_comes_before_any_rule(): void
    {
        $header = $this->copied('For launches');
        $this->edit($header, $this->reach([['page-kind', 'isOneOf', ['cart']]]));
        $this->publish($header);
        $page = $this->inksPage();
        $ink = '/p/teal-tide-bottled-ink';
        $usual = $this->above($ink);

        $this->choose($page, 'header', $header->id);
        self::assertSame($this->above('/cart'), $this->above($ink));
        self::assertSame(1 + $this->shown($page), $this->shownOn($header));
        self::assertSame(
            'Wins: the page’s own template chooses it.',
            $this->getJson('/studio/ladder/header/'.$this->number($ink))->assertOk()->json('rungs.0.words'),
        );

        $this->choose($page, 'header', false);
        self::assertStringNotContainsString('<header', (string) $this->get($ink)->getContent());
        self::assertStringContainsString('<footer', (string) $this->get($ink)->getContent());
        self::assertSame(1, $this->shownOn($header));
        self::assertSame(
            'None, as the page’s template says',
            ucfirst((string) $this->getJson('/studio/ladder/header/'.$this->number($ink))->json('rungs.0.name')),
        );
        self::assertContains(
            'none, as the page’s template says',
            array_column(
                $this->getJson('/studio/who/rows?kind=header&q=teal+tide')->assertOk()->json('rows'),
                'templateName',
            ),
        );

        $this->choose($page, 'header', true);
        self::assertSame($usual, $this->above($ink));
    }

    public function test_a_walk_with_a_pages_draft_shows_what_the_draft_chooses_and_not_what_the_live_one_does(): void
    {
        $headers = [];
        foreach (['cart' => '2099-12-24', 'checkout' => '2099-06-01'] as $kind => $day) {
            $header = $this->copied("For $kind");
            $this->edit($header, [
                'edit' => 'insert',
                'parent' => $this->block($header, 'column'),
                'after' => null,
                'node' => ['id' => 'count1', 'kind' => 'countdown', 'what' => ['to' => 'day', 'day' => $day]],
            ]);
            $this->edit($header, $this->reach([['page-kind', 'isOneOf', [$kind]]]));
            $this->publish($header);
            $headers[] = $header->id;
        }
        [$first, $second] = $headers;
        $page = $this->inksPage();
        $ink = '/p/teal-tide-bottled-ink';
        $usual = $this->above($ink);
        self::assertCount(3, array_unique([$usual, $this->above('/cart'), $this->above('/checkout')]));
        $this->choose($page, 'header', $first);

        foreach ([$second, true, false] as $choice) {
            $this->edit($page, [
                'edit' => 'set',
                'id' => $page->draft_tree['page']['id'],
                'question' => 'what',
                'setting' => 'header',
                'value' => $choice,
                'width' => 'desktop',
            ]);
            $this->postJson('/studio/walk', ['drafts' => [$page->id], 'at' => null])->assertOk();
            self::assertSame(match ($choice) {
                $second => $this->above('/checkout'),
                true => $usual,
                default => '',
            }, $this->above($ink), (string) json_encode($choice));
            $this->post('/studio/walk/end');
        }
        self::assertSame($this->above('/cart'), $this->above($ink), 'Customers see what is live.');
    }

    public function test_a_chosen_one_that_is_not_live_is_passed_over_and_it_is_said(): void
    {
        $header = $this->copied('Not yet');
        $page = $this->inksPage();
        $usual = $this->above('/p/teal-tide-bottled-ink');
        $this->choose($page, 'header', $header->id);

        self::assertSame($usual, $this->above('/p/teal-tide-bottled-ink'));
        self::assertStringContainsString(
            'chooses one that is not live',
            $this->getJson('/studio/ladder/header/'.$this->number('/p/teal-tide-bottled-ink'))->json('rungs.0.words'),
        );
        self::assertStringContainsString(
            'is chosen by “Bottled inks”',
            $this->deleteJson("/studio/templates/$header->id")->assertStatus(409)->json('message'),
        );
        $this->choose($page, 'header', true);
        $this->deleteJson("/studio/templates/$header->id")->assertOk();
    }

    public function test_memory_and_the_database_agree_on_what_templates_choose(): void
    {
        $headers = [
            false,
            true,
            $this->published('One', []),
            $this->published('Two', [['category', 'isIn', [$this->id('categories', 'Inks')]]]),
            $this->copied('Draft')->id,
        ];
        for ($seed = 1; $seed <= 4; $seed++) {
            $chance = new Chance($seed);
            foreach (Template::query()->whereNotNull('live_revision')
                ->where('role', 'page')
                ->whereNotIn('page_kind', ['header', 'footer'])
                ->get() as $template) {
                $this->choose($template, 'header', $chance->pick($headers));
            }
            $this->anew();
            $pages = $this->app->make(PagesOfTheShop::class)->get(PageKind::Header);
            $winners = WinnersSql::of($this->app->make(KindRulesReader::class)->live(PageKind::Header));
            $checked = 0;
            foreach (DB::select($winners->text, $winners->bindings) as $at => $row) {
                if ($at % 7 === 0) {
                    $subject = $pages->read($row->page_id);
                    self::assertInstanceOf(AroundPage::class, $subject);
                    self::assertSame(
                        $row->template_id,
                        $this->app->make(Verdicts::class)->of(PageKind::Header, $subject)->templateId,
                        "seed $seed, {$subject->slug()}",
                    );
                    $checked++;
                }
            }
            self::assertGreaterThan(20, $checked);
        }
    }

    public function test_what_belongs_on_a_page_itself_is_refused_and_nothing_is_lost(): void
    {
        $header = $this->copied('Header with a price');
        foreach (['price', 'product-grid', 'page-title', 'filters'] as $kind) {
            $this->postJson("/studio/templates/$header->id/edits", [
                'edits' => [[
                    'edit' => 'insert',
                    'parent' => $this->block($header, 'column'),
                    'after' => null,
                    'node' => ['kind' => $kind],
                ]],
                'format' => 4,
            ])
                ->assertStatus(422)->assertSee('belongs on a page itself');
        }
        self::assertSame(1, $header->refresh()->draft_revision);
    }

    public function test_a_header_whose_search_was_taken_out_leaves_the_shop_searchable_by_its_address(): void
    {
        $header = Template::query()->where('page_kind', 'header')->firstOrFail();
        $this->edit($header, ['edit' => 'remove', 'id' => $this->block($header, 'search-field')]);
        $this->publish($header);

        self::assertStringNotContainsString('role="search"', $this->above('/all'));
        $this->get('/search?q=ink')->assertOk()->assertSee('card-cover');
        $this->get('/nowhere')->assertNotFound()->assertSee('role="search"', false);
    }

    public function test_a_notice_that_was_closed_stays_closed_with_and_without_scripts(): void
    {
        $header = Template::query()->where('page_kind', 'header')->firstOrFail();
        $this->edit($header, [
            'edit' => 'insert',
            'parent' => $this->block($header, 'column'),
            'after' => null,
            'node' => ['id' => 'strip1', 'kind' => 'notice-strip', 'what' => ['text' => 'Closed on Monday.']],
        ]);
        $this->publish($header);
        preg_match('/name="notice" value="([0-9a-f]{12})"/', $this->above('/all'), $mark);

        $this->from('/all')->post('/notices/close', ['notice' => $mark[1]])
            ->assertRedirect('/all')
            ->assertCookie('closed', $mark[1]);
        self::assertStringContainsString('Closed on Monday.', $this->above('/all'));
        self::assertStringNotContainsString('Closed on Monday.', $this->withCookie('closed', $mark[1])->above('/all'));
        self::assertStringNotContainsString('Closed on Monday.', $this->withCookie('closed', $mark[1])->above('/cart'));
        self::assertStringContainsString(
            'Closed on Monday.',
            $this->withCookie('closed', 'abc.'.str_repeat('f', 5000))->above('/all'),
        );
        foreach (['', '../../x', ['a'], str_repeat('0', 9000)] as $nonsense) {
            self::assertSame(
                [],
                array_filter(
                    $this->post('/notices/close', ['notice' => $nonsense])->assertRedirect()->headers->getCookies(),
                    static fn (Cookie $cookie): bool => $cookie->getName() === 'closed',
                ),
            );
        }
    }

    /** @return string what stands above a page */
    private function above(string $address): string
    {
        $this->anew();
        preg_match('~<header\b.*?</header>~s', (string) $this->get($address)->getContent(), $found);

        return (string) preg_replace('/ aria-current="page"| data-on/', '', $found[0] ?? '');
    }

    private function copied(string $name): Template
    {
        return $this->app
            ->make(Templates::class)
            ->copy($name, Template::query()->where('page_kind', 'header')->orderBy('id')->firstOrFail(), $this->owner);
    }

    /** @param  list<array{string, string, list<int>}>  $show */
    private function published(string $name, array $show): int
    {
        $header = $this->copied($name);
        $this->edit($header, $this->reach($show));
        $this->publish($header);

        return $header->id;
    }

    private function inksPage(): Template
    {
        $page = $this->template();
        $this->edit($page, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->publish($page);

        return $page;
    }

    private function choose(Template $page, string $around, int|bool $choice): void
    {
        $root = $page->draft_tree['page']['id'];
        $this->edit($page, [
            'edit' => 'set', 'id' => $root, 'question' => 'what', 'setting' => $around, 'value' => $choice,
            'width' => 'desktop',
        ]);
        $page->isChanged() && $this->publish($page);
    }

    private function number(string $address): int
    {
        return AroundPage::number(
            PageKind::Product,
            (int) DB::table('products')->where('slug', basename($address))->value('id'),
        );
    }

    private function shownOn(Template $template): int
    {
        $this->anew();

        return $this->counts($template)['shownOn'];
    }

    private function shown(Template $template): int
    {
        return $this->counts($template)['shownOn'];
    }

    /** @return array{shownOn: int} */
    private function counts(Template $template): array
    {
        $this->anew();
        $rows = $this->get('/studio/templates')->assertOk()->viewData('screen')['data']['templates'] ?? [];
        foreach ($rows as $row) {
            if ($row['id'] === $template->id) {
                return ['shownOn' => $row['counts']['shownOn']];
            }
        }
        self::fail('The template is not listed.');
    }
}
