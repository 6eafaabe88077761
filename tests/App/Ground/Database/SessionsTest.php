<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Ground\Database;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use PDO;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Doors\Middleware\SessionWhenNeeded;
use Vestibra\App\Ground\Database\Sql\SqliteSessions;
use Vestibra\Tests\App\TestCase;

/** Nothing is remembered of a visitor before there is something to remember; then it is kept in a file of its own. */
final class SessionsTest extends TestCase
{
    private string $file = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'vestibra-sessions');
        config(['session.driver' => 'sqlite', 'session.file' => $this->file]);
        $this->app->make('session')->forgetDrivers();
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->file*") ?: []);
        parent::tearDown();
    }

    public function test_looking_around_begins_no_session_and_sets_no_cookie(): void
    {
        foreach ([
            '/', '/all', '/c/bottled-inks', '/p/teal-tide-bottled-ink', '/search?q=ink', '/cart', '/checkout',
            '/nothing', '/studio/sign-in', '/studio/today', '/look/made-up',
        ] as $address) {
            self::assertSame([], $this->get($address)->headers->getCookies(), $address);
        }
        $this->post('/studio/sign-in', ['email' => 'robin@larkfold.example', 'password' => 'wrong-password'])
            ->assertStatus(422);
        self::assertSame(0, $this->kept());
    }

    public function test_who_is_refused_is_not_remembered(): void
    {
        $refused = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                foreach ([['Sec-Fetch-Site' => 'cross-site'], ['Sec-Fetch-Site' => 'same-origin'], [
                    'Accept' => 'application/json',
                ]] as $headers) {
                    $this->app->make('session')->forgetDrivers();
                    $this->app->forgetInstance(SessionWhenNeeded::class);
                    $answer = $this->withHeaders($headers)
                        ->call($method, '/'.preg_replace('/\{\w+\??\}/', '1', $route->uri()));
                    $this->flushHeaders();
                    if ($answer->getStatusCode() >= 400
                        || str_contains((string) $answer->headers->get('Location'), '/studio/sign-in')) {
                        $refused++;
                        self::assertSame(
                            [],
                            $answer->headers->getCookies(),
                            "$method {$route->uri()} ".json_encode($headers),
                        );
                    }
                }
            }
        }
        self::assertGreaterThan(100, $refused);
    }

    public function test_a_cart_is_remembered_and_found_again(): void
    {
        $variant = (int) DB::table('variants')->whereNull('stock')->orWhere('stock', '>', 5)->value('id');
        $answer = $this->post('/cart', ['variant' => $variant, 'quantity' => 2]);
        self::assertSame(1, $this->kept());
        $cookie = $this->cookie($answer);
        $this->forget();
        $this->withCookie('vestibra', $cookie)->get('/')->assertSee('data-cart-count>2</span>', false);
        $this->forget();
        $this->withCookie('vestibra', 'made-up')->get('/')->assertSee('data-cart-count>0</span>', false);
        self::assertSame(1, $this->kept());
    }

    public function test_long_work_on_the_shops_data_keeps_no_customer_waiting(): void
    {
        $variant = (int) DB::table('variants')->whereNull('stock')->orWhere('stock', '>', 5)->value('id');
        DB::transaction(function () use ($variant): void {
            // The right to write is held until long after: whoever waited for it would be refused.
            DB::table('house_styles')->delete();
            $handler = new SqliteSessions($this->file, 60);
            self::assertTrue($handler->write('other', "cart with $variant"));
            self::assertSame("cart with $variant", $handler->read('other'));
        });
    }

    public function test_what_was_acknowledged_survives_a_process_that_is_killed(): void
    {
        $code = 'require $argv[1]; $s = new Vestibra\App\Ground\Database\Sql\SqliteSessions($argv[2], 60); for ($i = '
            .'1; ; '
            .'$i++) { if ($s->write("s$i", "kept $i")) { echo "$i\n"; } }';
        for ($kill = 0; $kill < 10; $kill++) {
            $process = proc_open(
                [PHP_BINARY, '-r', $code, base_path('vendor/autoload.php'), $this->file],
                [1 => ['pipe', 'w']],
                $pipes,
            );
            self::assertIsResource($process);
            fgets($pipes[1]);
            usleep(random_int(1000, 30_000));
            proc_terminate($process, 9);
            $said = array_filter(explode("\n", (string) stream_get_contents($pipes[1])));
            proc_close($process);
            $last = (int) end($said);
            self::assertSame("kept $last", (new SqliteSessions($this->file, 60))->read("s$last"));
        }
    }

    public function test_without_room_for_it_nobody_is_told_that_something_was_kept_and_reading_goes_on(): void
    {
        $variant = (int) DB::table('variants')->whereNull('stock')->orWhere('stock', '>', 5)->value('id');
        $cookie = $this->post('/cart', ['variant' => $variant, 'quantity' => 1])->getCookie('vestibra', false);
        self::assertNotNull($cookie);
        $sessions = new PDO("sqlite:$this->file");
        foreach (['insert', 'update'] as $write) {
            $sessions->exec(
                "create trigger full_$write before $write on sessions begin select raise(fail, 'possibly out of free "
                    ."disk space'); end",
            );
        }
        $again = function (): void {
            $this->app->make('session')->forgetDrivers();
            $this->app->forgetInstance(SessionWhenNeeded::class);
            $this->app->forgetInstance('session.store');
            $this->app->make('auth')->forgetGuards();
            $this->anew();
        };
        $again();
        $this->withUnencryptedCookie('vestibra', $cookie->getValue())->get('/cart')->assertOk();
        $again();
        $this->withUnencryptedCookie('vestibra', $cookie->getValue())
            ->post('/cart', ['variant' => $variant, 'quantity' => 5])
            ->assertStatus(507)
            ->assertSee('There is no room left to keep that just now.');
        $again();
        $this->post('/studio/sign-in', ['email' => 'robin@larkfold.example', 'password' => 'ink-on-paper'])
            ->assertStatus(507)
            ->assertSee('There is no room left on the server');
    }

    public function test_a_session_that_nobody_used_for_so_long_is_over_and_swept_away(): void
    {
        $handler = new SqliteSessions($this->file, 0);
        $handler->write('old', 'x');
        self::assertSame('', $handler->read('old'));
        self::assertSame(1, $this->kept());
        $handler->gc(0);
        self::assertSame(0, $this->kept());
    }

    public function test_without_its_file_the_shop_goes_on_and_the_file_is_made_anew(): void
    {
        unlink($this->file);
        $this->get('/p/teal-tide-bottled-ink')->assertOk();
        self::assertSame(0, $this->kept());
        $this->forget();
        config(['session.file' => '/nowhere/at/all.sqlite']);
        $this->get('/p/teal-tide-bottled-ink')->assertOk();
    }

    private function forget(): void
    {
        $this->app->make('session')->forgetDrivers();
        $this->app->forgetInstance('session.store');
        $this->anew();
    }

    private function kept(): int
    {
        return (new SqliteSessions($this->file, 60))->count();
    }

    /** @param  TestResponse<Response>  $answer */
    private function cookie(TestResponse $answer): string
    {
        return (string) $answer->getCookie('vestibra')?->getValue();
    }
}
