<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Records\Accounts;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Accounts\Password;
use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\User;
use Vestibra\Tests\App\TestCase;

/** Accounts are added, changed and closed, by words that never overwrite; what somebody did stays with their name. */
final class AccountsTest extends TestCase
{
    public function test_add_takes_nobody_elses_place(): void
    {
        self::assertStringContainsString(
            'can sign in',
            $this->user('add', 'Vi@Larkfold.example', 'Vi', ['--role' => 'viewer'], 'a-pen-and-its-cap'),
        );
        $this->post('/studio/sign-in', ['email' => 'vi@larkfold.example', 'password' => 'a-pen-and-its-cap'])
            ->assertRedirect('/studio/today');
        self::assertStringContainsString(
            'already',
            $this->user('add', 'VI@larkfold.example', 'Somebody', [], 'quite-another-one', 1),
        );
        self::assertSame(['Vi', 'viewer'], [
            User::query()->where('email', 'vi@larkfold.example')->value('name'),
            User::query()->where('email', 'vi@larkfold.example')->value('role'),
        ]);
    }

    public function test_password_and_role_are_words_of_their_own_and_name_the_database(): void
    {
        self::assertStringContainsString(
            'Database: '.config()->string('database.connections.sqlite.database'),
            $this->user('password', 'robin@larkfold.example', '', [], 'a-new-one-for-robin-x'),
        );
        $this->post('/studio/sign-in', ['email' => 'robin@larkfold.example', 'password' => 'a-new-one-for-robin-x'])
            ->assertRedirect();
        $this->user('add', 'vi@larkfold.example', 'Vi', [], 'a-pen-and-its-cap');
        self::assertStringContainsString('is viewer now', $this->user('role', 'robin@larkfold.example', 'viewer'));
        self::assertStringContainsString(
            'owner or viewer',
            $this->user('role', 'robin@larkfold.example', 'king', [], null, 1),
        );
        self::assertStringContainsString(
            'no account',
            $this->user('role', 'nobody@larkfold.example', 'owner', [], null, 1),
        );
        self::assertStringContainsString(
            'Say what to do',
            $this->user('robin', 'robin@larkfold.example', '', [], null, 1),
        );
        self::assertStringContainsString(
            'closed',
            json_encode([$this->user('close', 'robin@larkfold.example'), $this->user('list')]) ?: '',
        );
    }

    public function test_the_last_owner_stays_one(): void
    {
        self::assertStringContainsString(
            'Robin is the only owner',
            $this->user('role', 'robin@larkfold.example', 'viewer', [], null, 1),
        );
        self::assertStringContainsString(
            'Robin is the only owner',
            $this->user('close', 'robin@larkfold.example', '', [], null, 1),
        );
        $this->user('add', 'vi@larkfold.example', 'Vi', [], 'a-pen-and-its-cap');
        $this->user('close', 'vi@larkfold.example');
        self::assertStringContainsString(
            'Robin is the only owner',
            $this->user('close', 'robin@larkfold.example', '', [], null, 1),
        );
        $this->user('open', 'vi@larkfold.example');
        self::assertStringContainsString('cannot sign in any more', $this->user('close', 'robin@larkfold.example'));
    }

    public function test_a_closed_account_keeps_its_name_with_what_it_did_and_its_steps_can_be_seen(): void
    {
        $this->user('add', 'vi@larkfold.example', 'Vi', [], 'a-pen-and-its-cap');
        $template = $this->template();
        $this->edit($template, [
            'edit' => 'set',
            'id' => $this->block($template, 'price'),
            'question' => 'how',
            'setting' => 'size',
            'value' => 40,
        ]);
        $this->publish($template);
        $this->actingAs($this->owner)->get('/studio/today')->assertOk();
        $this->user('close', 'robin@larkfold.example');
        $this->app->make('auth')->forgetGuards();
        $this->get('/studio/today')->assertRedirect();
        $this->post('/studio/sign-in', ['email' => 'robin@larkfold.example', 'password' => 'ink-on-paper'])
            ->assertStatus(422);

        self::assertSame(1, DraftStep::query()->where('user_id', $this->owner->id)->count());
        $vi = User::query()->where('email', 'vi@larkfold.example')->firstOrFail();
        $this->actingAs($vi)->get('/studio/releases')->assertSee('Robin');
        $this->get('/studio/templates')->assertSee('Robin');
    }

    public function test_nobody_is_deleted_not_even_past_the_application(): void
    {
        try {
            $this->owner->delete();
            self::fail('The account was deleted.');
        } catch (LogicException $error) {
            self::assertStringContainsString('closed, not deleted', $error->getMessage());
        }
        $this->expectException(QueryException::class);
        DB::table('users')->where('id', $this->owner->id)->delete();
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function passwords(): iterable
    {
        yield 'eleven characters' => ['elevenchars', 'password.too-short'];
        yield 'twelve' => ['twelve-chars', null];
        yield 'one letter' => [str_repeat('a', 20), 'password.easy'];
        yield 'three letters over and over' => ['abcabcabcabcabc', 'password.easy'];
        yield 'along the keys' => ['qwertyuiopas', 'password.easy'];
        yield 'the word itself' => ['PasswordPassword', 'password.easy'];
        yield 'digits in a row' => ['123456789012', 'password.easy'];
        yield 'one’s own address' => ['vi.larkfold@larkfold.example', 'password.own-name'];
        yield 'one’s own name and a year' => ['violet hallam 99', 'password.own-name'];
        yield 'one’s name written together' => ['VioletHallam!', 'password.own-name'];
        yield 'the shop’s name and digits' => ['Larkfold482137', 'password.own-name'];
        yield 'the shop’s name between digits' => ['2026-Larkfold-Daughters-11', 'password.own-name'];
        yield 'one’s address without its signs' => ['vilarkfoldexample', 'password.own-name'];
        yield 'the shop’s name in a sentence' => ['larkfold paper for slow letters', null];
        yield 'more than bcrypt looks at' => [str_repeat('pen and ink ', 7), 'password.too-long'];
        yield 'a sentence' => ['the nib writes wet on laid paper', null];
    }

    #[DataProvider('passwords')]
    public function test_what_a_password_has_to_be(string $password, ?string $problem): void
    {
        self::assertSame(
            $problem,
            Password::problem(
                $password,
                'vi.larkfold@larkfold.example',
                'Violet Hallam',
                'Larkfold & Daughters',
            )?->code->value,
        );
    }

    /** @param  array<string, string>  $options */
    private function user(
        string $do,
        string $email = '',
        string $with = '',
        array $options = [],
        ?string $password = null,
        int $outcome = 0,
    ): string {
        $file = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        file_put_contents($file, "$password\n");
        $kernel = $this->app->make(Kernel::class);
        $status = $kernel->call(
            'vestibra:user',
            array_filter(
                ['do' => $do, 'email' => $email, 'with' => $with, '--password-from' => $password === null ? '' : $file],
            )
                + $options,
        );
        unlink($file);
        $said = $kernel->output();
        self::assertSame($outcome, $status, $said);

        return $said;
    }
}
