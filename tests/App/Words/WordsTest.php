<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Words;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Tests\App\TestCase;

/** What the shop says of its own accord is the owner's to change, as a draft and as a release. */
final class WordsTest extends TestCase
{
    private const INK = '/p/teal-tide-bottled-ink';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_words_are_changed_in_a_draft_published_and_taken_back(): void
    {
        $this->get(self::INK)->assertSee('Add to cart');
        $this->set('buy.label', 'Put in the basket')->assertOk()
            ->assertJsonPath('row.draft', 'Put in the basket')
            ->assertJsonPath('row.live', 'Add to cart')
            ->assertJsonPath('unpublished', 1);
        $this->anew();
        $this->get(self::INK)->assertSee('Add to cart')->assertDontSee('Put in the basket');

        $impact = $this->getJson('/studio/words/impact')->assertOk();
        $products = (int) DB::table('products')->where('published', true)->count();
        self::assertSame(
            [0, $products, [
                ['product', $products],
                ...array_map(static fn (string $kind): array => [$kind, 0], array_slice(PageAddresses::names(), 1)),
            ]],
            [
                $impact->json('moved'),
                $impact->json('look'),
                array_map(static fn (array $kind): array => [$kind['pageKind'], $kind['look']], $impact->json('kinds')),
            ],
        );
        $release = $this->postJson('/studio/words/publish', ['seen' => $impact->json('seen'), 'note' => 'Ours'])
            ->assertCreated()
            ->assertJsonPath('words', '“Put in the basket” among the words of the shop');
        $this->anew();
        $this->get(self::INK)->assertSee('Put in the basket')->assertDontSee('Add to cart');
        $this->getJson('/studio/words/impact')
            ->assertStatus(409)
            ->assertJsonPath('message', 'Customers read these words already. Nothing was published.');

        $this->postJson("/studio/releases/{$release->json('id')}/bring-back")
            ->assertCreated()
            ->assertJsonPath('words', 'Words of the shop as they came');
        $this->anew();
        $this->get(self::INK)->assertSee('Add to cart');
        $this->getJson('/studio/words/rows?q=basket')
            ->assertJsonPath('rows.0.draft', 'Put in the basket')
            ->assertJsonPath('unpublished', 1);
    }

    public function test_words_that_stand_on_category_pages_change_those(): void
    {
        $this->set('list.next', 'Onwards');
        $kinds = array_column($this->getJson('/studio/words/impact')->json('kinds'), 'look', 'pageKind');
        self::assertSame(0, $kinds['product']);
        self::assertGreaterThan(0, $kinds['category']);
        self::assertGreaterThan(0, $kinds['brand']);
    }

    public function test_words_typed_into_a_block_stay_and_the_table_shows_those_of_the_shop(): void
    {
        $template = $this->template();
        $this->set('buy.label', 'Put in the basket');
        $this->postJson('/studio/words/publish', ['seen' => $this->getJson('/studio/words/impact')->json('seen')])
            ->assertCreated();
        $this->anew();
        $this->get("/studio/templates/$template->id")->assertOk()
            ->assertSee('"default":"Put in the basket"', false)
            ->assertDontSee('"default":"Add to cart"', false);
        $this->edit($template, [
            'edit' => 'set',
            'id' => $this->block($template, 'buy'),
            'question' => 'what',
            'setting' => 'label',
            'value' => 'Mine',
            'width' => 'desktop',
        ]);
        $ink = $this->id('products', 'Teal Tide bottled ink');
        $canvas = (string) $this->get("/studio/templates/$template->id/canvas/$ink")->assertOk()->getContent();
        self::assertStringContainsString('>Mine<', $canvas);
        self::assertStringNotContainsString('>Put in the basket<', $canvas);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function wrong(): iterable
    {
        yield 'nothing' => ['buy.label', "  \n", 'Customers have to read something here.'];
        yield 'too long' => ['buy.label', str_repeat('a', 301), 'Words can have 300 characters at most.'];
        yield 'a value that there is not' => [
            'buy.in-cart',
            '{titel} is in',
            '{titel} is nothing that can stand in these words. Those before were kept; what can stand there: {title}.',
        ];
        yield 'a bracket' => ['buy.in-cart', '{title is in', 'The curly brackets do not close'];
    }

    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_refused_and_nothing_is_lost(
        string $key,
        string $words,
        string $message,
    ): void {
        $this->set('buy.label', 'Ours');
        $this->set($key, $words)->assertStatus(422)->assertSee($message);
        self::assertSame('{"buy.label":"Ours"}', DB::table('own_words')->value('draft'));
    }

    public function test_what_is_written_is_shown_as_it_is_written(): void
    {
        $this->set('buy.label', '<b>Now</b> it\'s "yours"');
        $this->postJson('/studio/words/publish', ['seen' => $this->getJson('/studio/words/impact')->json('seen')])
            ->assertCreated();
        $this->anew();
        $this->get(self::INK)->assertSee('<b>Now</b> it\'s "yours"')->assertDontSee('<b>Now</b>', false);
        $this->set('rich-text.text', '<p onclick="x()">Hm</p><script>alert(1)</script>')->assertOk();
    }

    public function test_two_windows_do_not_overwrite_each_other(): void
    {
        $this->set('buy.label', 'One');
        $this->patchJson('/studio/words/buy.label', ['words' => 'Two', 'seen' => ['words' => 'Add to cart']])
            ->assertStatus(409)
            ->assertJsonPath('crossed.words', ['theirs' => 'One', 'yours' => 'Two']);
        $this->patchJson(
            '/studio/words/buy.label',
            ['words' => 'Two', 'seen' => ['words' => 'Add to cart'], 'knowingly' => true],
        )->assertOk();
        $seen = $this->getJson('/studio/words/impact')->json('seen');
        $this->set('buy.now', 'At once');
        $this->postJson('/studio/words/publish', ['seen' => $seen])->assertStatus(409)->assertJsonPath(
            'message',
            'These words were changed after you looked at them. Nothing was published; look again.',
        );
        $this->set('buy.now', null)->assertJsonPath('row.own', null)->assertJsonPath('unpublished', 1);
    }

    public function test_only_the_owner_changes_and_publishes_them(): void
    {
        $this->actingAs(User::query()->create(
            ['name' => 'Vi', 'email' => 'vi@larkfold.example', 'password' => 'ink-on-paper', 'role' => User::VIEWER],
        ));
        $this->get('/studio/words')->assertOk();
        $this->set('buy.label', 'Mine')->assertStatus(403);
        $this->postJson('/studio/words/publish', ['seen' => str_repeat('a', 40)])->assertStatus(403);
        self::assertSame('{}', DB::table('own_words')->value('draft'));
    }

    public function test_the_list_is_searched_and_comes_a_page_at_a_time(): void
    {
        $first = $this->getJson('/studio/words/rows')->assertOk();
        self::assertSame([30, true], [count($first->json('rows')), $first->json('more')]);
        self::assertSame(
            ['buy.label'],
            array_column($this->getJson('/studio/words/rows?q=add+to+cart')->json('rows'), 'key'),
        );
        $this->getJson('/studio/words/rows?q[]=a&own[]=b&page[]=c')->assertOk();
        $this->getJson('/studio/words/rows?own=1')->assertJsonPath('rows', []);
        $this->getJson('/studio/words/rows?page=999999999')->assertOk()->assertJsonPath('rows', []);
        $this->set('no.such', 'x')->assertStatus(404);
        $this->patchJson('/studio/words/buy.label', ['words' => ['a' => 'b']])->assertStatus(422);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function set(string $key, ?string $words): \Illuminate\Testing\TestResponse
    {
        return $this->patchJson("/studio/words/$key", $words === null ? ['asItCame' => true] : ['words' => $words]);
    }
}
