<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/** Two change the same small thing at the same time: the second is told, with both values, and decides. */
final class SameTimeTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-25T12:00:00Z');
        $this->actingAs($this->owner);
    }

    /**
     * @return iterable<string, array{string, string, mixed, mixed, mixed, array<string, mixed>}> where, the field,
     *     before, theirs, mine, the rest of the body
     */
    public static function things(): iterable
    {
        yield 'a template’s name' => ['templates', 'name', 'Before', 'Theirs', 'Mine', []];
        yield 'a template’s note' => ['templates', 'note', '', 'Theirs', 'Mine', []];
        yield 'a picture’s words' => ['pictures', 'alt', 'Before', 'Theirs', 'Mine', ['focusX' => 2, 'focusY' => 2]];
        yield 'what matters in a picture' => ['pictures', 'focusX', 2, 1, 4, ['alt' => 'Before', 'focusY' => 2]];
        yield 'the note of a release that waits' => ['releases', 'note', 'Before', 'Theirs', 'Mine', []];
        yield 'the time of a release that waits' => [
            'releases', 'due', '2026-12-01T10:00', '2026-12-02T10:00', '2026-12-03T10:00', [],
        ];
        yield 'a fact’s name' => ['facts', 'name', 'Before', 'Theirs', 'Mine', [
            'kind' => 'choice', 'unit' => '', 'decimals' => 0, 'choices' => ['a'], 'group' => '',
        ]];
        yield 'a fact’s choices' => ['facts', 'choices', ['a'], ['a', 'b'], ['a', 'c'], [
            'kind' => 'choice', 'name' => 'Before', 'unit' => '', 'decimals' => 0, 'group' => '',
        ]];
    }

    /** @param  array<string, mixed>  $rest */
    #[DataProvider('things')]
    public function test_the_second_is_told_and_decides(
        string $thing,
        string $field,
        mixed $before,
        mixed $theirs,
        mixed $mine,
        array $rest,
    ): void {
        $id = $this->make($thing);
        $save = fn (mixed $value, mixed $seen, bool $knowingly = false) => $this->patchJson(
            "/studio/$thing/$id",
            [$field => $value] + $rest + ['seen' => [$field => $seen] + $rest, 'knowingly' => $knowingly],
        );
        $save($theirs, $before)->assertOk();
        $told = $save($mine, $before)->assertStatus(409);
        self::assertSame(['theirs' => $theirs, 'yours' => $mine], $told->json("crossed.$field"));
        self::assertEquals($theirs, $this->stands($thing, $id, $field), 'Nothing was overwritten.');
        $save($theirs, $before)->assertOk();
        $save($mine, $before, true)->assertOk();
        self::assertEquals($mine, $this->stands($thing, $id, $field));
    }

    public function test_what_one_did_not_touch_stays_as_somebody_else_has_set_it(): void
    {
        $id = $this->make('pictures');
        $this->patchJson("/studio/pictures/$id", ['alt' => 'Theirs', 'focusX' => 2, 'focusY' => 2]);
        $this->patchJson("/studio/pictures/$id", [
            'alt' => 'Before',
            'focusX' => 4,
            'focusY' => 2,
            'seen' => ['alt' => 'Before', 'focusX' => 2, 'focusY' => 2],
        ])->assertOk();
        self::assertSame(
            ['Theirs', 4],
            [$this->stands('pictures', $id, 'alt'), $this->stands('pictures', $id, 'focusX')],
        );
    }

    public function test_a_review_decided_meanwhile_and_an_order_changed_meanwhile_are_told(): void
    {
        $review = (int) DB::table('reviews')->where('state', 'read')->value('id');
        DB::table('reviews')->where('id', $review)->update(['state' => 'waiting']);
        $this->postJson("/studio/reviews/$review", ['state' => 'read', 'seen' => ['state' => 'waiting']])->assertOk();
        $this->postJson("/studio/reviews/$review", ['state' => 'refused', 'seen' => ['state' => 'waiting']])
            ->assertStatus(409);
        self::assertSame('read', DB::table('reviews')->where('id', $review)->value('state'));

        $order = DB::table('facts')->orderBy('position')->pluck('id')->all();
        $this->postJson('/studio/facts/order', ['ids' => array_reverse($order), 'seen' => ['ids' => $order]])
            ->assertOk();
        $told = $this->postJson(
            '/studio/facts/order',
            ['ids' => [...array_slice($order, 1), $order[0]], 'seen' => ['ids' => $order]],
        )->assertStatus(409);
        self::assertSame(array_reverse($order), array_column($told->json('facts'), 'id'));
    }

    private function make(string $thing): int
    {
        return match ($thing) {
            'templates' => $this->template('Before')->id,
            'pictures' => (int) DB::table('pictures')->insertGetId([
                'file' => 'x', 'width' => 1, 'height' => 1, 'alt' => 'Before', 'state' => 'ready',
            ]),
            'facts' => (int) $this->postJson(
                '/studio/facts',
                ['name' => 'Before', 'kind' => 'choice', 'choices' => ['a']],
            )->json('id'),
            default => (int) $this->postJson('/studio/publish', [
                'revisions' => [$this->ready()->id => $this->ready()->draft_revision],
                'due' => '2026-12-01T10:00',
                'note' => 'Before',
            ])->json('id'),
        };
    }

    private function ready(): Template
    {
        $template = Template::query()->where('name', 'Ready')->first() ?? $this->template('Ready');
        if ($template->draft_revision === 1) {
            $this->edit($template, $this->reach([['sale', 'isOn', []]]));
        }

        return $template;
    }

    private function stands(string $thing, int $id, string $field): mixed
    {
        return match ($field) {
            'due' => substr((string) Release::query()->findOrFail($id)->due_at?->format('Y-m-d\TH:i'), 0, 16),
            'choices' => json_decode((string) DB::table($thing)->where('id', $id)->value('choices'), true),
            'focusX' => DB::table($thing)->where('id', $id)->value('focus_x'),
            default => DB::table($thing)->where('id', $id)->value($field),
        };
    }
}
