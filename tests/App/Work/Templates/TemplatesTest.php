<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Reach\Reach;
use Vestibra\Tests\App\TestCase;

final class TemplatesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    /** @return iterable<string, array{string, string}> */
    public static function starts(): iterable
    {
        yield 'gallery and buy box' => ['gallery-and-buy', 'variant-picker'];
        yield 'big picture and story' => ['story', 'picture'];
        yield 'blank' => ['blank', 'column'];
    }

    #[DataProvider('starts')]
    public function test_a_template_begins_from_a_start_and_appears_nowhere(string $start, string $kind): void
    {
        $this->postJson('/studio/templates', ['name' => 'Mine', 'start' => $start])
            ->assertStatus(422)
            ->assertJsonPath('message', 'Say which pages it is for. Nothing was made.');
        $id = $this->postJson('/studio/templates', ['name' => 'Mine', 'start' => $start, 'pageKind' => 'product'])
            ->assertCreated()
            ->json('id');
        $template = Template::query()->findOrFail($id);

        self::assertFalse($template->isLive());
        self::assertSame((new Reach)->toArray(), $template->draft_reach);
        $this->block($template, $kind);
        $this->get("/studio/templates/$id")->assertOk();
        $this->get("/studio/templates/$id/canvas/1")->assertOk();
    }

    public function test_a_copy_stands_right_after_its_original_and_takes_over_no_reach(): void
    {
        $original = $this->template('First');
        $this->edit($original, $this->reach([['brand', 'hasNone', []]]));
        $last = $this->template('Last');
        $id = $this->postJson('/studio/templates', ['name' => 'Copy', 'copyOf' => $original->id])
            ->assertCreated()
            ->json('id');
        $copy = Template::query()->findOrFail($id);

        self::assertSame(
            ['Everything else', 'First', 'Copy', 'Last'],
            Template::query()->where('page_kind', 'product')->oldest('hand_order')->pluck('name')->all(),
        );
        self::assertSame([], $copy->draft_reach['show']);
        self::assertNotSame($this->block($original, 'title'), $this->block($copy, 'title'));
        self::assertSame(4, $last->refresh()->hand_order);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['start' => 'blank'], 'Give the template a name'];
        yield 'a long name' => [['name' => str_repeat('a', 81), 'start' => 'blank'], '80 characters at most'];
        yield 'a name that is a list' => [['name' => ['a'], 'start' => 'blank'], ''];
        yield 'no start' => [['name' => 'A'], 'Choose what to begin with'];
        yield 'an unknown start' => [['name' => 'A', 'start' => 'castle'], 'There is no such start'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('wrong')]
    public function test_wrong_input_makes_nothing_and_says_why(array $body, string $words): void
    {
        $answer = $this->postJson('/studio/templates', $body + ['pageKind' => 'product'])->assertStatus(422);

        self::assertStringContainsString($words, $answer->json('message'));
        self::assertSame(
            count(PageAddresses::kinds()) + 1,
            Template::query()->count(),
            'The fallbacks, with that of cards, and nothing else.',
        );
    }

    public function test_renaming(): void
    {
        $this->patchJson('/studio/templates/1', ['name' => '<b>All</b>'])
            ->assertOk()
            ->assertJsonPath('name', '<b>All</b>');
        $this->patchJson('/studio/templates/1', ['name' => ''])->assertStatus(422);
        $this->get('/studio/templates')->assertOk()->assertDontSee('<b>All', false);
        $this->patchJson('/studio/templates/99', ['name' => 'x'])->assertNotFound();
    }

    public function test_the_list_tells_state_and_both_numbers(): void
    {
        $template = $this->template('Ink');
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->publish($template);
        $this->edit($template, ['edit' => 'remove', 'id' => $this->block($template, 'gallery')]);
        preg_match('#id="screen">(.*?)</script>#s', (string) $this->get('/studio/templates')->getContent(), $found);
        $rows = json_decode($found[1], true)['data']['templates'];

        self::assertSame(
            [['Everything else', true, true, 0, 0, 86], ['Ink', true, false, 1, 23, 23], [
                'Every other category', true, true, 0, 0, 22,
            ]],
            array_map(
                static fn (array $row): array => [
                    $row['name'], $row['live'], $row['fallback'], $row['unpublished'], $row['counts']['covers'],
                    $row['counts']['shownOn'],
                ],
                array_slice($rows, 0, 3),
            ),
        );
        self::assertSame('Robin', $rows[1]['changedBy']);
    }

    public function test_pictures_are_found_by_their_words(): void
    {
        $answer = $this->getJson('/studio/pictures/rows?q=teal%20TIDE');

        self::assertNotSame([], $answer->json('pictures'));
        foreach ($answer->json('pictures') as $picture) {
            self::assertStringContainsString('Teal Tide', $picture['alt']);
        }
        self::assertCount(24, $this->getJson('/studio/pictures/rows')->json('pictures'));
    }
}
