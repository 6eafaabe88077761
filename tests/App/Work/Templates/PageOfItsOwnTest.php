<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\Tests\App\TestCase;

/** A template for one page alone, and one that says where it appears as it is made. */
final class PageOfItsOwnTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    /** @return TestResponse<Response> */
    private function own(string $kind, int $subject): TestResponse
    {
        return $this->postJson('/studio/templates/own', ['pageKind' => $kind, 'subject' => $subject]);
    }

    private function wins(string $kind, string $slug): string
    {
        $html = (string) $this->get("/studio/why/$kind/$slug")->getContent();
        preg_match('#id="screen">(.*?)</script>#s', $html, $found);

        return json_decode($found[1], true)['data']['ladder']['rungs'][0]['name'];
    }

    /** @return iterable<string, array{string, string, string, string, array{string, string}}> */
    public static function pages(): iterable
    {
        yield 'a product' => ['product', 'products', 'title', 'Mulled Plum bottled ink', ['product', 'isOneOf']];
        yield 'a category' => ['category', 'categories', 'name', 'Bottled inks', ['category', 'isExactly']];
        yield 'a brand' => ['brand', 'brands', 'name', 'Ostrelve', ['brand', 'isOneOf']];
    }

    /** @param  array{string, string}  $condition */
    #[DataProvider('pages')]
    public function test_it_begins_as_the_page_is_today_and_takes_that_page_alone(
        string $kind,
        string $table,
        string $column,
        string $name,
        array $condition,
    ): void {
        $row = DB::table($table)->where($column, $name)->first();
        self::assertNotNull($row);
        $before = $this->wins($kind, $row->slug);
        $today = Template::query()->where('name', $before)->firstOrFail();
        $answer = $this->own($kind, $row->id)->assertCreated();
        $own = Template::query()->findOrFail($answer->json('id'));

        self::assertSame("/studio/templates/$own->id?sample=$row->id", $answer->json('address'));
        self::assertSame([$name, false], [$own->name, $own->isLive()]);
        self::assertSame(
            self::kinds($today->live_tree['page'] ?? []),
            self::kinds($own->draft_tree['page'] ?? []),
            'As what customers see, block by block.',
        );
        self::assertSame(
            [[['field' => $condition[0], 'comparison' => $condition[1], 'values' => [$row->id]]]],
            $own->draft_reach['show'],
        );
        self::assertSame($before, $this->wins($kind, $row->slug), 'Nothing changes until it is published.');
        $this->publish($own);
        self::assertSame($name, $this->wins($kind, $row->slug));
    }

    /**
     * @param  array<string, mixed>  $node
     * @return list<string>
     */
    private static function kinds(array $node): array
    {
        return array_merge([$node['kind']], ...array_map(self::kinds(...), $node['children'] ?? []));
    }

    public function test_what_is_not_published_is_not_in_it(): void
    {
        $fallback = Template::query()->findOrFail(1);
        $this->edit($fallback, ['edit' => 'remove', 'id' => $this->block($fallback, 'gallery')]);
        $own = Template::query()->findOrFail($this->own('product', 1)->json('id'));

        self::assertContains('gallery', self::kinds($own->draft_tree['page']));
    }

    public function test_who_asks_again_gets_the_one_that_is_there_unless_it_was_deleted(): void
    {
        $first = $this->own('product', 1)->json('id');
        self::assertSame($first, $this->own('product', 1)->json('id'));
        self::assertNotSame($first, $this->own('product', 2)->json('id'));
        $this->deleteJson("/studio/templates/$first")->assertOk();

        self::assertNotSame($first, $this->own('product', 1)->json('id'));
    }

    public function test_it_wins_of_a_template_that_names_the_page_among_others(): void
    {
        $several = $this->template('A few pens');
        $this->edit($several, $this->reach([['product', 'isOneOf', [1, 2, 3]]]));
        $this->publish($several);
        $slug = (string) DB::table('products')->where('id', 2)->value('slug');
        self::assertSame('A few pens', $this->wins('product', $slug));
        $own = Template::query()->findOrFail($this->own('product', 2)->json('id'));
        $this->publish($own);

        self::assertSame($own->name, $this->wins('product', $slug));
    }

    public function test_only_what_a_rule_can_name_has_one_and_only_who_may_edit_makes_it(): void
    {
        $said = $this->own('search', 1)->assertStatus(422)->json('message');
        self::assertStringStartsWith('No rule can name such a page, so it cannot have one of its own.', $said);
        $this->own('product', 99_999)->assertNotFound();
        $this->own('castle', 1)->assertStatus(422);
        $this->post('/studio/templates/own', ['pageKind' => 'product', 'subject' => 1])->assertRedirect();
        $viewer = User::query()->create([
            'name' => 'Vi', 'email' => 'vi@larkfold.example', 'password' => 'x', 'role' => 'viewer',
        ]);
        $this->actingAs($viewer);
        $this->own('product', 2)->assertForbidden();
        $this->get('/p/'.DB::table('products')->where('id', 2)->value('slug'))
            ->assertOk()
            ->assertDontSee('a page of its own');
    }

    public function test_the_paper_tag_offers_it_on_pages_that_can_have_one(): void
    {
        $slug = DB::table('products')->where('id', 2)->value('slug');
        $this->get("/p/$slug")->assertOk()->assertSee('Give this product a page of its own');
        $this->get('/')->assertOk()->assertDontSee('a page of its own');
    }

    public function test_a_new_template_takes_where_and_a_picture(): void
    {
        $category = $this->id('categories', 'Bottled inks');
        $picture = (int) DB::table('pictures')->max('id');
        $id = $this->postJson('/studio/templates', [
            'name' => 'Inks', 'start' => 'banner', 'pageKind' => 'category', 'where' => [$category],
            'picture' => $picture,
        ])->assertCreated()->json('id');
        $made = Template::query()->findOrFail($id);

        self::assertSame($picture, $made->draft_tree['page']['children'][0]['what']['picture']);
        self::assertSame(
            [[['field' => 'category', 'comparison' => 'isExactly', 'values' => [$category]]]],
            $made->draft_reach['show'],
        );
        $products = Template::query()->findOrFail($this->postJson('/studio/templates', [
            'name' => 'Of inks', 'start' => 'blank', 'pageKind' => 'product', 'where' => [$category, $category],
        ])->assertCreated()->json('id'));
        self::assertSame(
            [[['field' => 'category', 'comparison' => 'isIn', 'values' => [$category]]]],
            $products->draft_reach['show'],
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a category that is not there' => [['start' => 'banner', 'where' => [99_999]], 'the catalogue no more'];
        yield 'no number' => [['start' => 'banner', 'where' => ['inks']], ''];
        yield 'a picture that is not there' => [['start' => 'banner', 'picture' => 99_999], 'there no more'];
        yield 'a start without a place for one' => [['start' => 'shelves', 'picture' => 1], 'no place for a picture'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('wrong')]
    public function test_wrong_places_and_pictures_make_nothing(array $body, string $words): void
    {
        $before = Template::query()->count();
        $answer = $this->postJson('/studio/templates', $body + ['name' => 'A', 'pageKind' => 'category'])
            ->assertStatus(422);

        self::assertStringContainsString($words, $answer->json('message'));
        self::assertSame($before, Template::query()->count());
    }

    public function test_the_starts_that_say_they_show_the_pages_picture_do(): void
    {
        foreach (['category', 'collection', 'brand', 'tag', 'product', 'home'] as $kind) {
            preg_match('#id="screen">(.*?)</script>#s', (string) $this->get('/studio/templates')->getContent(), $found);
            foreach (json_decode($found[1], true)['data']['starts'][$kind] as $start) {
                if ($start['picture']) {
                    $this->postJson('/studio/templates', [
                        'name' => 'A', 'start' => $start['name'], 'pageKind' => $kind, 'picture' => 1,
                    ])->assertCreated();
                }
            }
        }
    }
}
