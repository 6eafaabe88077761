<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Why;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;

/**
 * “Why does this page look like this?” is answered for every page that a customer can open; and what the Studio has
 * nothing for, it says itself.
 */
final class LadderPagesTest extends TestCase
{
    public function test_a_search_that_nobody_has_made_is_explained_with_the_header_and_footer_around_it(): void
    {
        $this->actingAs($this->owner);
        foreach (['velvet ribbon', 'größe', '1/2 inch', '"%_', '0', '日本'] as $words) {
            $this->get('/search?q='.rawurlencode($words))->assertOk();
            $inside = rawurlencode($words);
            $this->get("/studio/why/search/$inside")->assertOk()->assertSee('looks like this');
            foreach ([PageKind::Header, PageKind::Footer] as $kind) {
                $this->get("/studio/why/$kind->value/search/$inside")->assertOk();
            }
        }
    }

    public function test_every_way_from_the_tag_on_a_page_to_its_reasons_can_be_gone(): void
    {
        $this->actingAs($this->owner);
        foreach ([
            '/', '/search?q=nobody+asked+this', '/search', '/p/teal-tide-bottled-ink', '/c/inks', '/cart',
            '/nothing-is-here',
        ] as $page) {
            preg_match_all('~/studio/why/[^"]+~', html_entity_decode((string) $this->get($page)->getContent()), $found);
            self::assertGreaterThanOrEqual(2, count($found[0]), $page);
            foreach (array_unique($found[0]) as $why) {
                self::assertSame(200, $this->get($why)->getStatusCode(), $why);
            }
        }
    }

    public function test_what_the_studio_has_nothing_for_it_says_as_the_studio(): void
    {
        $this->actingAs($this->owner);
        foreach ([
            '/studio/templates/99999' => 404,
            '/studio/why/product/no-such-thing' => 404,
            '/studio/nowhere' => 404,
        ] as $address => $status) {
            $this->get($address)->assertStatus($status)
                ->assertSee('Back to Today')
                ->assertDontSee('class="header"', false);
        }
        $this->get('/nowhere')->assertNotFound()->assertDontSee('Back to Today');
    }
}
