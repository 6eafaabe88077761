<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Drafting;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\Tests\App\TestCase;

final class EditingTest extends TestCase
{
    private Template $template;

    private string $address = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->template = $this->template();
        $this->address = "/studio/templates/{$this->template->id}";
        $this->actingAs($this->owner);
    }

    public function test_an_edit_answers_with_the_part_drawn_anew_and_the_css(): void
    {
        $price = $this->block($this->template, 'price');
        $answer = $this->send([$this->set($price, 'how', 'size', 44)])->assertOk();
        self::assertStringContainsString(
            "[data-s-$price][data-b] .price-now{font-size:44px}",
            $answer->json("styles.$price"),
        );
        self::assertSame([], $answer->json('parts'));
        self::assertSame(2, $answer->json('revision'));
        self::assertSame('Price: now, size', $answer->json('undo'));

        $answer = $this->send([$this->set($price, 'what', 'saving', 'none')]);
        self::assertCount(1, $answer->json('parts'));
        self::assertStringContainsString('data-b="'.$price.'"', $answer->json('parts.0.html'));
        self::assertStringNotContainsString('gallery', $answer->json('parts.0.html'));
    }

    public function test_what_is_typed_is_kept_as_it_was_typed(): void
    {
        $buy = $this->block($this->template, 'buy');
        foreach (['', ' Into the cart ', ''] as $words) {
            $answer = $this->send([$this->set($buy, 'what', 'label', $words)])->assertOk();
            self::assertStringContainsString(
                '"label":'.json_encode($words),
                (string) json_encode($answer->json('tree')),
            );
            self::assertStringContainsString(
                '"label":'.json_encode($words),
                (string) json_encode($this->template->refresh()->draft_tree),
            );
        }
    }

    public function test_undo_and_redo_survive_a_reload_and_say_what_they_take_back(): void
    {
        $price = $this->block($this->template, 'price');
        $before = $this->template->draft_tree;
        $this->send([$this->set($price, 'how', 'size', 44)]);
        $this->send([['edit' => 'remove', 'id' => $price]]);
        $after = $this->template->refresh()->draft_tree;

        $this->anew();
        $this->postJson("$this->address/undo")
            ->assertJsonPath('undo', 'Price: now, size')
            ->assertJsonPath('redo', 'Price taken out');
        $this->postJson("$this->address/undo")->assertJsonPath('undo', null);
        self::assertSame($before, $this->template->refresh()->draft_tree);
        $this->postJson("$this->address/undo")
            ->assertStatus(422)
            ->assertJsonPath('message', 'There is nothing of yours to take back here.');
        $this->postJson("$this->address/redo")->assertOk();
        $this->postJson("$this->address/redo")->assertOk()->assertJsonPath('redo', null);
        self::assertSame($after, $this->template->refresh()->draft_tree);
        $this->postJson("$this->address/undo")->assertOk()->assertJsonPath('redo', 'Price taken out');
    }

    public function test_a_new_edit_ends_what_could_be_redone(): void
    {
        $price = $this->block($this->template, 'price');
        $this->send([$this->set($price, 'how', 'size', 44)]);
        $this->postJson("$this->address/undo");
        $this->send([$this->set($price, 'how', 'size', 50)])->assertJsonPath('redo', null);
        $this->postJson("$this->address/redo")->assertStatus(422);
    }

    public function test_a_run_of_typing_is_one_step(): void
    {
        $this->edit($this->template, [
            'edit' => 'insert',
            'parent' => $this->block($this->template, 'column'),
            'after' => null,
            'node' => ['id' => 'words', 'kind' => 'heading'],
        ]);
        foreach (['H', 'He', 'Hello'] as $typed) {
            $this->send([$this->set('words', 'what', 'text', $typed)], gesture: 'typing-1');
        }
        $this->send([$this->set('words', 'what', 'text', 'Hello you')], gesture: 'typing-2');

        self::assertSame(3, DraftStep::query()->where('template_id', $this->template->id)->count());
        $this->postJson("$this->address/undo");
        self::assertStringContainsString(
            '"text":"Hello"',
            (string) json_encode($this->template->refresh()->draft_tree),
        );
        $this->postJson("$this->address/undo");
        self::assertStringNotContainsString(
            '"text":',
            (string) json_encode($this->template->refresh()->draft_tree['page']['children'][0]),
        );
    }

    public function test_undo_takes_back_ones_own_edits_alone(): void
    {
        $price = $this->block($this->template, 'price');
        $this->send([$this->set($price, 'how', 'size', 44)]);
        $other = User::query()->create(
            ['name' => 'Sam', 'email' => 'sam@larkfold.example', 'password' => 'ink-on-paper', 'role' => User::OWNER],
        );
        $this->actingAs($other)->postJson("$this->address/edits", ['edits' => [$this
            ->set($this->block($this->template, 'title'), 'how', 'size', 60)]])->assertJsonPath('undo', 'Title: size');
        $this->actingAs($this->owner)->postJson("$this->address/undo")->assertOk();

        $tree = (string) json_encode($this->template->refresh()->draft_tree);
        self::assertStringContainsString('"size":60', $tree);
        self::assertStringNotContainsString('"size":44', $tree);
    }

    public function test_all_edits_of_a_step_are_applied_or_none(): void
    {
        $price = $this->block($this->template, 'price');
        $before = $this->template->draft_tree;
        $this->send([$this->set($price, 'how', 'size', 44), ['edit' => 'remove', 'id' => 'gone']])->assertStatus(409);

        self::assertSame($before, $this->template->refresh()->draft_tree);
        self::assertSame(1, $this->template->draft_revision);
    }

    public function test_an_edit_to_a_block_that_is_gone_says_so_and_tells_how_it_stands(): void
    {
        $answer = $this->send([['edit' => 'remove', 'id' => 'gone']])->assertStatus(409);

        self::assertStringContainsString('The block is not there any more', $answer->json('message'));
        self::assertSame($this->template->draft_tree['page'], $answer->json('state.tree'));
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function malformed(): iterable
    {
        $deep = ['kind' => 'text'];
        for ($level = 0; $level < 40; $level++) {
            $deep = ['kind' => 'holder', 'children' => [$deep]];
        }
        $insert = static fn (mixed $node): array =>
            [['edit' => 'insert', 'parent' => 'x', 'after' => null, 'node' => $node]];
        yield 'no edits' => [[], 'could not be understood'];
        yield 'words' => ['remove everything', 'could not be understood'];
        yield 'not a list' => [['edit' => 'remove'], 'could not be understood'];
        yield 'an unknown edit' => [[['edit' => 'explode']], 'no such kind of change'];
        yield 'too deep' => [$insert($deep), '12 deep at most'];
        yield 'too many' => [
            $insert(['kind' => 'holder', 'children' => array_fill(0, 2001, ['kind' => 'spacer'])]),
            '2000 blocks at most',
        ];
        yield 'an unknown kind' => [$insert(['kind' => '<script>']), 'no kind of block called “<script>”'];
        yield 'contradictory' => [$insert(['kind' => 'column', 'children' => [['kind' => 'band']]]), 'cannot stand in'];
        yield 'very many edits' => [array_fill(0, 201, ['edit' => 'remove', 'id' => 'a']), 'So many changes'];
    }

    #[DataProvider('malformed')]
    public function test_what_is_malformed_gets_a_sentence_and_changes_nothing(mixed $edits, string $words): void
    {
        $answer = $this->postJson("$this->address/edits", ['edits' => $edits])->assertStatus(422);

        self::assertStringContainsString($words, $answer->json('message'));
        self::assertSame(1, $this->template->refresh()->draft_revision);
    }

    public function test_what_is_too_large_is_refused_before_it_is_read(): void
    {
        $this->call(
            'POST',
            "$this->address/edits",
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            str_repeat(' ', 2_000_001),
        )
            ->assertStatus(413)->assertJsonPath('message', 'That is too large to be taken. Nothing was changed.');
    }

    public function test_script_in_every_text_field_stays_text(): void
    {
        $nasty = '"><script>alert(1)</script><img src=x onerror=alert(2)>{{ 7*7 }}';
        $column = $this->block($this->template, 'column');
        $this->edit($this->template,
            [
                'edit' => 'insert',
                'parent' => $column,
                'after' => null,
                'node' => ['id' => 'h', 'kind' => 'heading', 'what' => ['text' => $nasty]],
            ],
            [
                'edit' => 'insert',
                'parent' => $column,
                'after' => null,
                'node' => [
                    'id' => 't',
                    'kind' => 'text',
                    'what' => ['text' => ['source' => 'product.brand', 'otherwise' => $nasty]],
                ],
            ],
            [
                'edit' => 'insert',
                'parent' => $column,
                'after' => null,
                'node' => ['id' => 'p', 'kind' => 'picture', 'what' => ['alt' => $nasty]],
            ],
            [
                'edit' => 'insert',
                'parent' => $column,
                'after' => null,
                'node' => [
                    'id' => 'tabs',
                    'kind' => 'tabs',
                    'children' => [[
                        'id' => 'tab',
                        'kind' => 'tab',
                        'what' => ['title' => '<script>1</script>'],
                        'children' => [['id' => 'tt', 'kind' => 'title']],
                    ]],
                ],
            ],
            $this->set($this->block($this->template, 'buy'), 'what', 'label', '<script>2</script>'),
        );
        DB::table('products')->where('id', 1)->update(['title' => $nasty, 'brand_id' => null]);
        $html = (string) $this->get("$this->address/canvas/1")->assertOk()->getContent();

        self::assertStringContainsString('&lt;script&gt;alert(1)', $html);
        self::assertDoesNotMatchRegularExpression(
            '/<script>(alert|1|2)|<img src=x|onerror=alert\(2\)>(?!\{\{)/',
            $html,
        );
        self::assertStringContainsString('{{ 7*7 }}', $html);
        $this->get($this->address)->assertOk()->assertDontSee('<script>alert', false);
    }

    public function test_empty_blocks_leave_a_mark_on_the_canvas_that_says_why(): void
    {
        $this->edit($this->template, [
            'edit' => 'insert',
            'parent' => $this->block($this->template, 'column'),
            'after' => null,
            'node' => ['id' => 'r', 'kind' => 'rating'],
        ]);
        $heather = $this->id('products', 'Heather bottled ink');

        $this->get("$this->address/canvas/$heather")
            ->assertSee('<div data-b="r" data-absent="nothing to show: this product has no reviews"></div>', false);
    }

    public function test_what_is_switched_on_again_comes_with_its_styles(): void
    {
        $price = $this->block($this->template, 'price');
        $set = static fn (string $question, string $name, mixed $value): array => [
            'edit' => 'set', 'id' => $price, 'question' => $question, 'setting' => $name, 'value' => $value,
            'width' => 'desktop',
        ];
        $this->edit($this->template, $set('how', 'now.size', 44), $set('when', 'off', true));
        $this->get("$this->address/canvas/1")->assertDontSee("[data-s-$price]", false);
        $answer = $this->send([$set('when', 'off', null)])->assertOk();

        self::assertSame("[data-s-$price][data-b] .price-now{font-size:44px}", $answer->json("styles.$price"));
    }

    public function test_the_canvas_is_the_shops_own_page(): void
    {
        $this->edit($this->template, $this->reach([['product', 'isOneOf', [1]]]));
        $this->publish($this->template);
        $main = static fn (string $html): string => preg_match('#<main.*</main>#s', $html, $found) === 1
            ? preg_replace('/name="_token" value="[^"]*"| data-s[-\w]*/', '', $found[0])
            : '';

        self::assertSame(
            $main((string) $this->get('/p/teal-tide-bottled-ink')->getContent()),
            $main((string) $this->get("$this->address/canvas/1")->getContent()),
        );
    }

    /** @param  list<array<string, mixed>>  $edits */
    private function send(array $edits, ?string $gesture = null): TestResponse
    {
        return $this->postJson("$this->address/edits", ['edits' => $edits, 'gesture' => $gesture, 'sample' => 1]);
    }

    /** @return array<string, mixed> */
    private function set(string $id, string $question, string $setting, mixed $value): array
    {
        return ['edit' => 'set', 'id' => $id, 'question' => $question, 'setting' => $setting, 'value' => $value];
    }
}
