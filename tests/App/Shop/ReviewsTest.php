<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Shop;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\Tests\App\TestCase;

/** Customers write reviews, the owner reads them, and only then do they count. */
final class ReviewsTest extends TestCase
{
    private const INK = '/p/teal-tide-bottled-ink';

    public function test_a_review_counts_only_once_it_has_been_read(): void
    {
        $before = $this->counted();
        $this->post(self::INK.'/reviews', ['author' => 'Wren', 'stars' => '2', 'words' => 'Dries slowly. <b>Nice</b>'])
            ->assertRedirect(self::INK.'#reviews')
            ->assertSessionHas('reviewSaid');
        self::assertSame($before, $this->counted());

        $this->actingAs($this->owner);
        $this->get('/studio/today')->assertSee('1 review waits to be read.');
        $id = $this->getJson('/studio/reviews/rows?state=waiting')
            ->assertJsonPath('rows.0.words', 'Dries slowly. <b>Nice</b>')
            ->json('rows.0.id');
        $this->postJson("/studio/reviews/$id", ['state' => 'read'])->assertOk();
        self::assertSame([$before[0] + 1, $before[1] + 2], $this->counted());
        $this->postJson("/studio/reviews/$id", ['state' => 'refused'])->assertOk();
        self::assertSame($before, $this->counted());
        $this->postJson("/studio/reviews/$id", ['state' => 'loved'])->assertStatus(422);
        $this->postJson('/studio/reviews/999999', ['state' => 'read'])->assertNotFound();
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['author' => ' ', 'stars' => '5'], 'Please say what you are called'];
        yield 'a name that is no text' => [['author' => ['x'], 'stars' => '5'], 'Please say what you are called'];
        yield 'a long name' => [['author' => str_repeat('a', 61), 'stars' => '5'], 'at most 60 letters'];
        yield 'no stars' => [['author' => 'Wren'], 'from one to five stars'];
        yield 'six stars' => [['author' => 'Wren', 'stars' => '6'], 'from one to five stars'];
        yield 'too many words' =>
            [['author' => 'Wren', 'stars' => '5', 'words' => str_repeat('a', 2001)], 'at most 2,000 letters'];
        yield 'two addresses' => [
            ['author' => 'Wren', 'stars' => '5', 'words' => 'http://a.example and www.b.example'],
            'at most one address',
        ];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_and_nothing_written_is_lost(array $given, string $words): void
    {
        $answer = $this->post(self::INK.'/reviews', $given)
            ->assertRedirect(self::INK.'#reviews')
            ->assertSessionHasErrors('review');
        self::assertStringContainsString($words, (string) session('errors')->first('review'));
        $answer->assertSessionHasInput('words', $given['words'] ?? '');
        self::assertSame(0, DB::table('reviews')->where('state', 'waiting')->count());
    }

    public function test_the_fourth_within_an_hour_waits_and_a_machine_is_thanked_and_forgotten(): void
    {
        $this->post(self::INK.'/reviews', ['author' => 'Bot', 'stars' => '5', 'website' => 'http://x'])
            ->assertSessionHas('reviewSaid');
        self::assertSame(0, DB::table('reviews')->where('state', 'waiting')->count());
        foreach (range(1, 4) as $number) {
            $this->post(self::INK.'/reviews', ['author' => "Wren $number", 'stars' => '5']);
        }
        self::assertSame(3, DB::table('reviews')->where('state', 'waiting')->count());
        $this->travel(61)->minutes();
        $this->post(self::INK.'/reviews', ['author' => 'Wren 5', 'stars' => '5']);
        self::assertSame(4, DB::table('reviews')->where('state', 'waiting')->count());
        $this->post('/p/winter-trial-bottled-ink/reviews', ['author' => 'Wren', 'stars' => '5'])->assertNotFound();
    }

    public function test_customers_choose_the_order(): void
    {
        $template = $this->template();
        $this->edit(
            $template,
            [
                'edit' => 'insert',
                'parent' => $this->block($template, 'column'),
                'after' => null,
                'node' => ['kind' => 'reviews', 'what' => ['most' => 100]],
            ],
            ['edit' => 'reach', 'reach' => ['show' => [[]], 'goesFirst' => true]],
        );
        $this->publish($template);
        $slug = DB::table('products')->where('published', true)->orderByDesc('review_count')->value('slug');
        $stars = function (string $order) use ($slug): array {
            preg_match_all(
                '~(\d) of 5 stars~',
                (string) $this->get("/p/$slug?reviews=$order")->assertOk()->getContent(),
                $found,
            );

            return array_map(intval(...), $found[1]);
        };
        $highest = $stars('highest');
        $sorted = $highest;
        rsort($sorted);
        self::assertCount(100, $highest);
        self::assertSame($sorted, $highest);
        self::assertSame(min($stars('lowest')), $stars('lowest')[0]);
        self::assertSame($stars('newest'), $stars("x' or 1=1"));
    }

    /** @return array{int, int} */
    private function counted(): array
    {
        $row = DB::table('products')->where('slug', 'teal-tide-bottled-ink')->first(['review_count', 'star_sum']);

        return [(int) $row?->review_count, (int) $row?->star_sum];
    }
}
