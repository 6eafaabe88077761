<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\Tests\App\TestCase;

/** Pages that are drawn small, as pictures, are sent again only when something in them has changed. */
final class AsBeforeTest extends TestCase
{
    public function test_what_is_as_before_is_not_sent_again_and_what_has_changed_is(): void
    {
        $template = $this->template();
        $this->publish($template);
        $product = Product::query()->firstOrFail();
        foreach ([
            "/studio/templates/$template->id/page/$product->id", '/studio/starts/product/launch',
        ] as $address) {
            $this->actingAs($this->owner)->get($address)->assertOk();
            $first = $this->get($address)->assertOk();
            $etag = (string) $first->headers->get('ETag');
            self::assertNotSame('', $etag);

            $again = $this->get($address, ['If-None-Match' => $etag]);
            self::assertSame([304, ''], [$again->getStatusCode(), $again->getContent()], $address);
            // The scripts of the page that is kept carry the nonce of the policy that it came with.
            self::assertFalse($again->headers->has('Content-Security-Policy'), $address);
        }

        $address = "/studio/templates/$template->id/page/$product->id";
        $etag = (string) $this->get($address)->headers->get('ETag');
        $product->update(['title' => 'Another name']);
        $changed = $this->get($address, ['If-None-Match' => $etag])->assertOk()->assertSee('Another name');
        self::assertNotSame($etag, $changed->headers->get('ETag'));
        self::assertTrue($changed->headers->has('Content-Security-Policy'));
    }

    public function test_nothing_runs_in_a_picture_and_all_else_is_there(): void
    {
        $template = $this->template();
        $this->publish($template);
        $address = "/studio/templates/$template->id/page/".Product::query()->firstOrFail()->id;
        $whole = (string) $this->actingAs($this->owner)->get($address)->assertOk()->getContent();
        $still = (string) $this->get("$address?still=1")->assertOk()->getContent();

        self::assertStringContainsString('<script', $whole);
        self::assertStringNotContainsString('<script', $still);
        self::assertStringNotContainsString('modulepreload', $still);
        self::assertStringContainsString('rel="stylesheet"', $still);
        self::assertStringContainsString('<html class="js" lang="en">', $still);
        self::assertSame(
            substr_count($whole, 'data-b="'),
            substr_count($still, 'data-b="'),
        );
        $this->get("/studio/templates/$template->id/look")->assertRedirect()
            ->assertRedirectContains('still=1');
    }

    public function test_a_page_that_is_not_there_has_nothing_to_compare(): void
    {
        $template = $this->template();
        $answer = $this->actingAs($this->owner)->get("/studio/templates/$template->id/page/999999");

        self::assertSame([404, false], [$answer->getStatusCode(), $answer->headers->has('ETag')]);
    }
}
