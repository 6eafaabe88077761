<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Ground;

use ErrorException;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use LogicException;
use PDOException;
use RuntimeException;
use Symfony\Component\Console\Output\BufferedOutput;
use Vestibra\App\Ground\NoRoom;
use Vestibra\Tests\App\TestCase;

/**
 * With no room left on the disk what is there is read as ever; what cannot be kept is said so, without what the machine
 * says to itself.
 */
final class NoRoomTest extends TestCase
{
    public function test_the_shop_and_the_studio_are_read_as_ever(): void
    {
        $this->fill();
        foreach ([
            '/', '/c/inks', '/p/teal-tide-bottled-ink', '/search?q=ink', '/search?q=never+asked+before', '/cart',
            '/checkout', '/all?sort=price',
        ] as $page) {
            self::assertSame(200, $this->get($page)->getStatusCode(), $page);
        }
        $this->actingAs($this->owner);
        foreach (['/studio/today', '/studio/templates', '/studio/templates/1', '/studio/search'] as $page) {
            $this->withoutExceptionHandling();
            self::assertSame(200, $this->get($page)->getStatusCode(), $page);
        }
    }

    public function test_what_is_due_waits_and_customers_do_not(): void
    {
        $template = $this->template('Later');
        $this->edit($template, $this->reach([['sale', 'isOn', []]]));
        $this->actingAs($this->owner)->postJson('/studio/publish', [
            'revisions' => [$template->id => $template->draft_revision],
            'due' => now()->addDay()->format('Y-m-d\TH:i'),
        ])->assertCreated();
        $this->travel(2)->days();
        $this->fill();
        $this->get('/c/inks')->assertOk();
        self::assertSame('waiting', DB::table('releases')->latest('id')->value('state'));
        DB::statement('pragma max_page_count = 100000');
        $this->get('/c/inks')->assertOk();
        self::assertSame(
            'done',
            DB::table('releases')->latest('id')->value('state'),
            'It is done as soon as there is room.',
        );
    }

    public function test_what_cannot_be_kept_is_said_by_the_studio_and_the_shop(): void
    {
        $this->fill();
        $this->actingAs($this->owner);
        $note = str_repeat('a long note ', 20);
        for ($try = 0; $try < 40; $try++) {
            $answer = $this->postJson('/studio/templates', [
                'name' => "A new one $try", 'start' => 'gallery-and-buy', 'pageKind' => 'product', 'note' => $note,
            ]);
            if ($answer->getStatusCode() !== 201) {
                break;
            }
        }
        self::assertSame([507, NoRoom::WORDS], [$answer->getStatusCode(), $answer->json('message')]);
        for ($try = 0; $try < 100; $try++) {
            $asked = $this->withServerVariables(['REMOTE_ADDR' => "192.0.2.$try"])
                ->post('/news', ['address' => str_repeat('a', 60)."$try@example.com"]);
            if ($asked->getStatusCode() !== 302) {
                break;
            }
        }
        $asked->assertStatus(507)->assertSee('There is no room left to keep that just now.');
    }

    public function test_it_is_known_by_what_was_said_and_nothing_else_is_taken_for_it(): void
    {
        $said = static function (int $code, string $words): PDOException {
            $error = new PDOException($words);
            $error->errorInfo = ['HY000', $code, $words];

            return $error;
        };
        self::assertTrue(NoRoom::isBehind(new RuntimeException('Around it', 0, $said(13, 'database or disk is full'))));
        self::assertTrue(NoRoom::isBehind(
            new ErrorException('file_put_contents(): Write of 149 bytes failed with errno=28 No space left on device'),
        ));
        self::assertFalse(
            NoRoom::isBehind($said(10, 'disk I/O error')),
            'There is room: something else is the matter with the disk.',
        );
        self::assertFalse(NoRoom::isBehind($said(5, 'database is locked')));
        self::assertFalse(NoRoom::isBehind(new LogicException('A slip')));
        NoRoom::passOver(static fn () => throw new NoRoom);
        $this->expectException(LogicException::class);
        NoRoom::passOver(static fn () => throw new LogicException('A slip'));
    }

    public function test_commands_speak_a_sentence(): void
    {
        $said = new BufferedOutput;
        $this->app->make(ExceptionHandler::class)->renderForConsole(
            $said,
            new RuntimeException('insert into things', 0, new ErrorException('No space left on device')),
        );
        self::assertSame(NoRoom::WORDS, trim($said->fetch()));
    }

    public function test_a_log_that_cannot_be_written_stops_nothing(): void
    {
        config(['logging.default' => 'lasting', 'logging.channels.single.path' => '/dev/full']);
        $this->app->make('log')->forgetChannel('lasting');
        $this->app->make('log')->forgetChannel('single');
        report(new RuntimeException('Nobody can write this down.'));
        $this->get('/c/inks')->assertOk();
        self::assertTrue(config()->boolean('logging.channels.lasting.ignore_exceptions'));
    }

    /** From now on the database cannot grow, and nothing can be kept between requests. */
    private function fill(): void
    {
        Cache::flush();
        DB::statement('pragma max_page_count = 1');
    }
}
