<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Records\Accounts;

use Illuminate\Hashing\BcryptHasher;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use SensitiveParameter;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Records\Accounts\Accounts;
use Vestibra\App\Records\Models\User;
use Vestibra\Tests\App\TestCase;

final class SignInTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
    }

    public function test_capital_letters_in_the_address_make_no_difference(): void
    {
        $this->signIn('ROBIN@Larkfold.Example', 'ink-on-paper')->assertRedirect('/studio/today');
        $this->assertAuthenticatedAs($this->owner);
    }

    public function test_it_goes_where_one_wanted_to_go_and_never_elsewhere(): void
    {
        foreach ([
            '/studio/templates?x=1' => '/studio/templates?x=1',
            '//evil.example/' => '/studio/today',
            '/studio//evil.example' => '/studio/today',
            '/studio/\\evil.example' => '/studio/today',
            'https://evil.example/studio/x' => '/studio/today',
            "/studio/to\nday" => '/studio/today',
            "/studio/\r\nSet-Cookie: a=b" => '/studio/today',
            "/studio/\ttoday" => '/studio/today',
        ] as $to => $there) {
            $this->post(
                '/studio/sign-in?to='.rawurlencode($to),
                ['email' => 'robin@larkfold.example', 'password' => 'ink-on-paper'],
            )->assertHeader('Location', $there);
            $this->post('/studio/sign-out');
        }
    }

    public function test_somebody_elses_guessing_never_locks_the_owner_out(): void
    {
        $this->freezeTime();
        for ($try = 0; $try < 12; $try++) {
            $this->signIn('robin@larkfold.example', "guess $try", '203.0.113.9');
        }
        $this->signIn('robin@larkfold.example', 'ink-on-paper', '203.0.113.9')
            ->assertStatus(429)
            ->assertSee('from elsewhere you can sign in at once');
        $this->signIn('robin@larkfold.example', 'ink-on-paper', '198.51.100.7')->assertRedirect('/studio/today');
    }

    public function test_each_wrong_try_beyond_the_first_few_doubles_the_wait_up_to_five_minutes(): void
    {
        $this->freezeTime();
        $waits = [];
        for ($try = 1; $try <= 16; $try++) {
            $this->signIn('robin@larkfold.example', "guess $try")->assertStatus(422);
            $answer = $this->signIn('robin@larkfold.example', "guess $try");
            $waits[] = $wait = (int) $answer->headers->get('Retry-After', '0');
            $answer->getStatusCode() === 429 ? $this->travel($wait)->seconds() : $try++;
        }
        self::assertSame([0, 0, 1, 2, 4, 8, 16, 32, 64, 128, 256, 300], array_slice($waits, 0, 12));
        $this->travel(1)->hours();
        $this->signIn('robin@larkfold.example', 'ink-on-paper')->assertRedirect();
    }

    public function test_a_right_password_ends_the_wait_for_the_next_time(): void
    {
        $this->freezeTime();
        foreach (range(1, 4) as $try) {
            $this->signIn('robin@larkfold.example', "guess $try");
        }
        $this->signIn('robin@larkfold.example', 'ink-on-paper')->assertRedirect();
        $this->post('/studio/sign-out');
        foreach (range(1, 4) as $try) {
            $this->signIn('robin@larkfold.example', "guess $try")->assertStatus(422);
        }
    }

    /** An answer takes as long as bcrypt does: it is run once either way, as often turned over. */
    public function test_the_time_does_not_tell_which_addresses_are_known(): void
    {
        $work = function (string $email): array {
            $counting = new class(['rounds' => config('hashing.bcrypt.rounds', 12)]) extends BcryptHasher
            {
                /** @var list<int> the cost of each run */
                public array $runs = [];

                /** @param  array<string, mixed>  $options */
                public function make(#[SensitiveParameter] $value, array $options = []): string
                {
                    $this->runs[] = $this->cost($options);

                    return parent::make($value, $options);
                }

                /** @param  array<string, mixed>  $options */
                public function check(#[SensitiveParameter] $value, $hashedValue, array $options = []): bool
                {
                    $this->runs[] = (int) ($this->info((string) $hashedValue)['options']['cost'] ?? 0);

                    return parent::check($value, $hashedValue, $options);
                }
            };
            Hash::swap($counting);
            $this->signIn($email, 'not-the-password', '192.0.2.1')->assertStatus(422)->assertSee('do not go together');

            return $counting->runs;
        };
        $known = $work('robin@larkfold.example');
        self::assertCount(1, $known);
        self::assertGreaterThan(3, $known[0]);
        self::assertSame($known, $work('nobody@larkfold.example'));
        User::query()->where('email', 'robin@larkfold.example')->update(['closed_at' => now()]);
        self::assertSame($known, $work('robin@larkfold.example'), 'Nor which accounts are closed.');
    }

    public function test_a_changed_password_ends_the_sessions_that_were_open_with_the_one_before(): void
    {
        $this->signIn('robin@larkfold.example', 'ink-on-paper');
        $this->get('/studio/today')->assertOk();
        self::assertNull($this->app
            ->make(Accounts::class)
            ->changePassword($this->owner->refresh(), 'another-one-of-mine'));
        $this->app->make('auth')->forgetGuards();
        $this->get('/studio/today')->assertRedirect();
        $this->signIn('robin@larkfold.example', 'ink-on-paper')->assertStatus(422);
        $this->signIn('robin@larkfold.example', 'another-one-of-mine')->assertRedirect('/studio/today');
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function incomplete(): iterable
    {
        yield 'nothing' => [[]];
        yield 'no password' => [['email' => 'robin@larkfold.example']];
        yield 'a list' => [['email' => ['x'], 'password' => ['y']]];
        yield 'a megabyte' => [['email' => 'robin@larkfold.example', 'password' => str_repeat('x', 1_000_000)]];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('incomplete')]
    public function test_what_is_incomplete_is_said(array $given): void
    {
        $this->post('/studio/sign-in', $given)->assertStatus(422)->assertSee('Please fill in both fields.');
    }

    /** @return TestResponse<Response> */
    private function signIn(string $email, string $password, string $from = '127.0.0.1'): TestResponse
    {
        return $this->withServerVariables(['REMOTE_ADDR' => $from])
            ->post('/studio/sign-in', ['email' => $email, 'password' => $password]);
    }
}
