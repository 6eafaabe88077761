<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Shop\News;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Models\User;
use Vestibra\Tests\App\TestCase;

/** Letters from the shop: who gets them, and what would be sent. */
final class NewsTest extends TestCase
{
    public function test_an_address_counts_once_its_owner_has_followed_the_link_and_until_it_leaves(): void
    {
        $this->ask('Ada@Example.com')
            ->assertRedirect('/c/inks')
            ->assertSessionHas('said', 'We have sent a link to Ada@Example.com. Follow it, and you are on the list.');
        self::assertSame([['ada@example.com', null]], $this->kept());

        $this->get($this->link())->assertOk()
            ->assertSee('Should letters from the shop come to ada@example.com?')
            ->assertSee('Yes, put me on the list');
        $this->head($this->link())->assertOk();
        self::assertSame([['ada@example.com', null]], $this->kept(), 'What only looks at a link confirms nothing.');
        $this->post($this->link())
            ->assertRedirect('/')
            ->assertSessionHas('said', 'Thank you. ada@example.com is on the list.');
        self::assertNotNull($this->kept()[0][1]);
        $this->post($this->link('confirm', 1))->assertSessionHas('said', 'Thank you. ada@example.com is on the list.');
        self::assertSame(2, DB::table('outbox')->count(), 'A link that is followed twice welcomes once.');

        $this->ask('ada@example.com')->assertSessionHas('said');
        self::assertSame(
            2,
            DB::table('outbox')->count(),
            'Nobody learns who is on the list, and nobody is sent a second link.',
        );
        self::assertStringStartsWith(
            config()->string('app.url').'/news/',
            $this->written('leave'),
            'Whatever name of a server the request gave.',
        );
        $leave = $this->link('leave');
        $this->get($leave)->assertOk()->assertSee('Take ada@example.com off the list?');
        $this->head($leave)->assertOk();
        self::assertCount(1, $this->kept(), 'What only looks at a link leaves nothing.');
        $this->post($leave)->assertSessionHas('said', 'ada@example.com is no longer on the list.');
        self::assertSame([[], 0], [$this->kept(), DB::table('outbox')->count()], 'Nothing of the address is left.');
        $this->get($leave)
            ->assertRedirect('/')
            ->assertSessionHas('said', 'This link counts no more. Leave your address again, and you get a new one.');
    }

    /** @return iterable<string, array{mixed}> */
    public static function wrong(): iterable
    {
        yield 'nothing' => [''];
        yield 'words' => ['ada at example'];
        yield 'a list' => [['ada@example.com']];
        yield 'a second line' => ["ada@example.com\r\nBcc: bob@example.com"];
        yield 'too long' => [str_repeat('a', 60).'@'.str_repeat('b.', 120).'com'];
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_address_is_refused_in_words_and_nothing_is_kept(mixed $address): void
    {
        $this->ask($address)->assertRedirect();
        $said = session('said');
        self::assertIsString($said);
        self::assertStringEndsWith('is no e-mail address. Nothing was kept; please look at it once more.', $said);
        self::assertSame([[], 0], [$this->kept(), DB::table('outbox')->count()]);
    }

    public function test_machines_are_thanked_and_forgotten_and_many_tries_are_stopped(): void
    {
        $this->post('/news', ['address' => 'robot@example.com', 'website' => 'https://spam.example'])
            ->assertRedirect()
            ->assertSessionHas('said');
        self::assertSame([], $this->kept());
        for ($try = 1; $try <= 8; $try++) {
            $last = $this->ask("ada$try@example.com");
        }
        $last->assertSessionHas('said', 'That were many tries in a short time. Please come back in an hour.');
        self::assertCount(6, $this->kept());
    }

    public function test_a_link_counts_for_seven_days_and_only_as_it_was_written(): void
    {
        $this->ask('ada@example.com');
        $link = $this->link();
        foreach ([
            str_replace('/confirm', '/leave', $link),
            preg_replace('~/[0-9a-f]{40}/~', '/'.str_repeat('0', 40).'/', $link),
            preg_replace('~/news/\d+/~', '/news/999/', $link),
        ] as $other) {
            foreach (['GET', 'POST'] as $method) {
                $this->call($method, (string) $other)->assertRedirect('/')->assertSessionHas(
                    'said',
                    'This link counts no more. Leave your address again, and you get a new one.',
                );
            }
        }
        self::assertSame([['ada@example.com', null]], $this->kept());
        $this->get('/news/1/short/confirm')->assertNotFound();
        $this->travel(8)->days();
        $this->get($link)
            ->assertSessionHas('said', 'This link counts no more. Leave your address again, and you get a new one.');
        $this->post($link)
            ->assertSessionHas('said', 'This link counts no more. Leave your address again, and you get a new one.');
        self::assertSame([], $this->kept());
    }

    public function test_nobody_is_sent_more_than_two_letters_an_hour_whoever_asks_for_them(): void
    {
        for ($try = 1; $try <= 5; $try++) {
            $this->withServerVariables(['REMOTE_ADDR' => "192.0.2.$try"])
                ->ask($try % 2 === 0 ? 'ADA@example.com' : 'ada@example.com')
                ->assertSessionHas('said');
        }
        self::assertSame(2, DB::table('outbox')->count());
        $this->ask('bob@example.com');
        self::assertSame(3, DB::table('outbox')->count(), 'Another address has letters of its own.');
        $this->post($this->link('confirm', 2))->assertSessionHas('said', 'Thank you. ada@example.com is on the list.');
        $this->travel(61)->minutes();
        DB::table('news_addresses')->update(['confirmed_at' => null]);
        $letters = DB::table('outbox')->count();
        $this->ask('ada@example.com');
        self::assertSame($letters + 1, DB::table('outbox')->count(), 'An hour later one may ask again.');
    }

    public function test_what_is_put_back_is_as_it_was_and_never_more(): void
    {
        $this->ask('ada@example.com');
        $link = $this->link();
        $this->actingAs($this->owner);
        $id = (int) DB::table('news_addresses')->value('id');
        $this->postJson("/studio/news/$id/take-out")->assertOk();
        self::assertSame(0, $this->getJson('/studio/news/rows')->json('total'));
        $this->post($link)
            ->assertSessionHas('said', 'This link counts no more. Leave your address again, and you get a new one.');
        $this->postJson(
            "/studio/news/$id/put-back",
            ['address' => 'eve@example.com', 'confirmedAt' => '2026-11-02T10:00:00Z'],
        )->assertCreated();
        self::assertSame([['ada@example.com', null]], $this->kept());
        $this->postJson("/studio/news/$id/take-out")->assertOk();
        $this->ask('ada@example.com');
        self::assertSame([['ada@example.com', null]], $this->kept(), 'Whoever asks anew begins anew.');
        $this->postJson("/studio/news/$id/take-out")->assertOk();
        $this->travel(2)->hours();
        $this->postJson("/studio/news/$id/put-back")->assertNotFound();
        self::assertSame([], $this->kept());
    }

    public function test_the_studio_lists_finds_takes_out_puts_back_and_gives_them_as_a_file(): void
    {
        for ($one = 1; $one <= 60; $one++) {
            DB::table('news_addresses')->insert([
                'address' => "reader$one@example.com",
                'asked_at' => '2026-11-01T10:00:00Z',
                'confirmed_at' => $one % 2 === 0 ? '2026-11-02T10:00:00Z' : null,
            ]);
        }
        DB::table('news_addresses')->insert([
            'address' => '=1+1@example.com',
            'asked_at' => '2026-11-01T10:00:00Z',
            'confirmed_at' => '2026-11-02T10:00:00Z',
        ]);
        $this->actingAs($this->owner);
        $first = $this->getJson('/studio/news/rows')->assertOk();
        self::assertSame([61, true], [$first->json('total'), $first->json('more')]);
        self::assertSame(
            ['reader7@example.com'],
            array_column($this->getJson('/studio/news/rows?q=READER7@')->json('addresses'), 'address'),
        );
        $one = $this->getJson('/studio/news/rows?q=reader8@')->json('addresses.0');
        $this->postJson("/studio/news/{$one['id']}/take-out")->assertOk();
        $this->postJson("/studio/news/{$one['id']}/take-out")->assertNotFound();
        self::assertStringNotContainsString('reader8@', $this->get('/studio/news/addresses.csv')->streamedContent());
        $this->postJson("/studio/news/{$one['id']}/put-back")->assertCreated();
        self::assertSame(
            $one['confirmedAt'],
            $this->getJson('/studio/news/rows?q=reader8@')->json('addresses.0.confirmedAt'),
        );
        $this->postJson('/studio/news/999/put-back')->assertNotFound();
        $csv = $this->get('/studio/news/addresses.csv')->assertOk()->streamedContent();
        self::assertSame([32, true], [substr_count($csv, "\r\n"), str_contains($csv, "\"'=1+1@example.com\"")]);
        self::assertStringNotContainsString('reader7@', $csv);
    }

    public function test_who_may_only_look_neither_takes_out_nor_takes_with(): void
    {
        $this->ask('ada@example.com');
        $this->actingAs(User::query()->create(
            ['name' => 'V', 'email' => 'v@larkfold.example', 'password' => 'only-looking', 'role' => User::VIEWER],
        ));
        foreach (['', '/rows', '/rows?show=outbox', '/rows?q=ada', '?q=ada'] as $address) {
            $this->get("/studio/news$address")->assertOk()->assertDontSee('ada@example')->assertDontSee('/confirm');
        }
        self::assertSame(
            [1, 1],
            [
                $this->getJson('/studio/news/rows')->json('total'),
                $this->getJson('/studio/news/rows?q=nobody')->json('total'),
            ],
            'Searching tells nothing either.',
        );
        $this->get('/studio/news/addresses.csv')->assertForbidden();
        $this->postJson('/studio/news/1/take-out')->assertForbidden();
        $this->app->make('auth')->logout();
        $this->get('/studio/news')->assertRedirect();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function ask(mixed $address): TestResponse
    {
        return $this->from('/c/inks')->withHeader('Host', 'elsewhere.example')->post('/news', ['address' => $address]);
    }

    private function link(string $what = 'confirm', int $letter = 0): string
    {
        return (string) parse_url($this->written($what, $letter), PHP_URL_PATH);
    }

    private function written(string $what, int $letter = 0): string
    {
        $words = (string) ($letter > 0
            ? DB::table('outbox')->where('id', $letter)->value('words')
            : DB::table('outbox')->latest('id')->value('words'));
        self::assertSame(1, preg_match("~https?://\S+/$what~", $words, $found));

        return $found[0];
    }

    /** @return list<array{string, string|null}> */
    private function kept(): array
    {
        return array_values(DB::table('news_addresses')->orderBy('id')
            ->get()
            ->map(static fn (object $row): array => [(string) ($row->address ?? ''), $row->confirmed_at ?? null])
            ->all());
    }
}
