<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use Illuminate\Support\Facades\Route as Routes;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/**
 * The Studio takes writing only with the token of whoever is signed in. Under test the framework asks for none: here it
 * is asked as in earnest.
 */
final class TokensTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->app['env'] = 'production';
        self::assertFalse($this->app->runningUnitTests());
        $this->actingAs($this->owner);
    }

    public function test_no_address_of_the_studio_takes_writing_without_it(): void
    {
        $tried = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $method = array_values(array_diff($route->methods(), ['HEAD', 'GET']))[0] ?? null;
            if ($method === null || ! str_starts_with($route->uri(), 'studio/') || $route->uri() === 'studio/sign-in') {
                continue;
            }
            $address = '/'.preg_replace(
                ['/\{ordered\}/', '/\{thing\}/', '/\{\w+\??\}/'],
                ['category', 'brand', '1'],
                $route->uri(),
            );
            foreach ([[], ['X-CSRF-TOKEN' => 'made up'], ['X-CSRF-TOKEN' => '']] as $token) {
                $this->withHeaders(['Sec-Fetch-Site' => 'same-origin'] + $token)
                    ->json($method, $address)
                    ->assertStatus(419);
                $this->flushHeaders();
            }
            $tried++;
        }
        self::assertGreaterThan(60, $tried);
        self::assertSame(0, Template::query()->where('name', 'By nobody')->count());
    }

    public function test_with_it_and_from_our_own_page_it_is_taken_and_from_another_site_not_even_then(): void
    {
        $this->startSession();
        $token = ['X-CSRF-TOKEN' => (string) session()->token()];
        $new = ['name' => 'By the owner', 'start' => 'gallery-and-buy', 'pageKind' => 'product'];
        $this->withHeaders($token + ['Sec-Fetch-Site' => 'cross-site'])
            ->postJson('/studio/templates', $new)
            ->assertStatus(419);
        $this->flushHeaders();
        self::assertSame(0, Template::query()->where('name', 'By the owner')->count());
        $this->withHeaders($token + ['Sec-Fetch-Site' => 'same-origin'])
            ->postJson('/studio/templates', $new)
            ->assertCreated();
    }

    public function test_customers_need_none_and_other_sites_send_nothing_for_them(): void
    {
        $this->app->make('auth')->logout();
        $this->withHeaders(['Sec-Fetch-Site' => 'cross-site'])
            ->post('/news', ['address' => 'ada@example.com'])
            ->assertStatus(419);
        $this->flushHeaders();
        $this->withHeaders(['Sec-Fetch-Site' => 'same-origin'])
            ->post('/news', ['address' => 'ada@example.com'])
            ->assertRedirect();
    }
}
