<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Style;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Styling\ShippedStyles;
use Vestibra\Tests\App\TestCase;

/**
 * The house style: decided in a draft, seen by the Studio alone, released for the whole shop, brought back, kept and
 * let go of.
 */
final class HouseStyleTest extends TestCase
{
    private const INK = '/p/teal-tide-bottled-ink';

    private int $house;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
        $this->house = (int) DB::table('house_styles')->where('in_use', true)->value('id');
    }

    public function test_what_follows_a_decision_is_none_of_its_own(): void
    {
        $this->set(['text-size' => '18', 'corner' => '4'])->assertOk();

        self::assertEqualsCanonicalizing(
            ['text-size', 'corner', 'size-3'],
            $this->set(['size-3' => '40'])->json('changed'),
        );
        self::assertSame(3, $this->set(['size-3' => '40'])->json('style.changed'));
    }

    public function test_a_decision_stays_in_the_draft_until_it_is_published_and_is_brought_back(): void
    {
        $this->set(['colour-accent' => '#1f5b50'])->assertOk()
            ->assertJsonPath('values.colour-accent', '#1f5b50')
            ->assertJsonPath('changed', ['colour-accent']);
        $this->anew();
        $this->get(self::INK)->assertSee('--colour-accent:#20343f', false);
        $this->anew();
        $this->get(self::INK."?house=$this->house")->assertSee('--colour-accent:#1f5b50', false);

        $impact = $this->getJson("/studio/house-style/$this->house/impact")->assertOk();
        $shown = (int) DB::table('products')->where('published', true)->count();
        self::assertSame(
            [0, $shown],
            [$impact->json('moved'), array_column($impact->json('kinds'), 'look', 'pageKind')['product']],
        );
        foreach ($impact->json('kinds') as $kind) {
            self::assertSame(0, $kind['stays'], "Every {$kind['pageKind']} page gets a new look.");
        }
        $release = $this->postJson(
            "/studio/house-style/$this->house/publish",
            ['seen' => $impact->json('seen'), 'note' => 'Green'],
        )->assertCreated();
        self::assertSame('House style “Larkfold plain”: 1 decision changed', $release->json('release.words'));
        $this->anew();
        foreach ([self::INK, '/c/inks', '/cart', '/search?q=ink', '/'] as $address) {
            $this->get($address)->assertOk()->assertSee('--colour-accent:#1f5b50', false);
        }
        $this->getJson("/studio/house-style/$this->house/impact")
            ->assertStatus(409)
            ->assertJsonPath('message', 'The shop looks like this already. There is nothing to publish.');

        $this->postJson("/studio/releases/{$release->json('release.id')}/bring-back")->assertCreated();
        $this->anew();
        $this->get(self::INK)->assertSee('--colour-accent:#20343f', false);
        $this->get('/studio/house-style')->assertOk()->assertSee('"changed":["colour-accent"]', false);
    }

    public function test_customers_cannot_look_with_a_draft(): void
    {
        $this->set(['colour-accent' => '#1f5b50']);
        $this->app['auth']->logout();
        $this->anew();
        $this->get(self::INK."?house=$this->house")->assertSee('--colour-accent:#20343f', false);
        $this->get(self::INK.'?house[]=1')->assertOk();
        $this->get('/studio/house-style')->assertRedirect();
        $this->patchJson("/studio/house-style/$this->house", ['tokens' => ['corner' => '4']])->assertStatus(401);
    }

    public function test_whoever_may_only_look_changes_nothing(): void
    {
        $this->actingAs(User::query()->create([
            'name' => 'Viewer', 'email' => 'v@larkfold.example', 'password' => 'x', 'role' => 'viewer',
        ]));
        $this->get('/studio/house-style')->assertOk();
        foreach ([
            ['patch', ''], ['post', '/publish'], ['post', '/throw-away'], ['delete', ''], ['patch', '/name'],
        ] as [$method, $path]) {
            $this->{"{$method}Json"}(
                "/studio/house-style/$this->house$path",
                ['tokens' => ['corner' => '4'], 'name' => 'x', 'seen' => str_repeat('a', 40)],
            )->assertStatus(403);
        }
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function wrong(): iterable
    {
        yield 'a colour in words' => [['colour-ink' => 'red'], '“ink” does not take that.'];
        yield 'five digits' => [['colour-ink' => '#12345'], '“ink” does not take that.'];
        yield 'an address' => [['colour-ink' => 'url(//evil.example)'], '“ink” does not take that.'];
        yield 'out of the rule' => [['colour-ink' => '#000000;}body{display:none'], '“ink” does not take that.'];
        yield 'far too large' => [['corner' => '1000000000'], '“corners” does not take that.'];
        yield 'larger than its most' => [['corner' => '61'], '“corners” takes 0 to 60.'];
        yield 'not a number' => [['corner' => 'NaN'], '“corners” does not take that.'];
        yield 'past all numbers' => [['corner' => '1e999'], '“corners” does not take that.'];
        yield 'a number as such' => [['corner' => 12], '“corners” does not take that.'];
        yield 'a list' => [['corner' => ['1']], '“corners” does not take that.'];
        yield 'no such decision' => [['smell' => 'roses'], 'A house style has no “smell”.'];
        yield 'a font that does not ship' => [['font-names' => 'comic'], '“names” does not take that.'];
        yield 'nothing' => [[], 'A house style has no “”.'];
        yield 'words' => ['corner', 'A house style has no “”.'];
    }

    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_and_changes_nothing(mixed $tokens, string $words): void
    {
        self::assertStringStartsWith($words, $this->set($tokens)->assertStatus(422)->json('message'));
        self::assertSame('{}', DB::table('house_styles')->where('id', $this->house)->value('draft'));
    }

    public function test_one_wrong_decision_among_good_ones_keeps_all_out(): void
    {
        $this->set(['corner' => '4', 'colour-ink' => 'red'])->assertStatus(422);
        self::assertSame('{}', DB::table('house_styles')->where('id', $this->house)->value('draft'));
    }

    public function test_two_people_on_one_decision_are_told_and_on_two_are_not(): void
    {
        $this->set(['corner' => '4'], ['corner' => '8'])->assertOk();
        $this->set(['text-size' => '17'], ['text-size' => '16'])->assertOk();
        $crossed = $this->set(['corner' => '12'], ['corner' => '8'])->assertStatus(409);
        self::assertSame(['corner' => ['theirs' => '4', 'yours' => '12']], $crossed->json('crossed'));
        self::assertSame(['corner' => '4', 'text-size' => '17'], $this->draft());
        $this->patchJson(
            "/studio/house-style/$this->house",
            ['tokens' => ['corner' => '12'], 'seen' => ['corner' => '8'], 'knowingly' => true],
        )->assertOk();
        self::assertSame(['corner' => '12', 'text-size' => '17'], $this->draft());
    }

    public function test_as_usual_is_no_decision(): void
    {
        $this->set(['corner' => '4', 'colour-ink' => '#000000']);
        $this->set(['corner' => null, 'colour-ink' => '#1f2a30'])->assertOk();
        self::assertSame([], $this->draft());
        $seen = $this->set(['corner' => '4'])->json('seen');
        $this->set(['text-size' => '17']);
        $this->postJson("/studio/house-style/$this->house/throw-away", ['seen' => $seen])->assertStatus(409);
        self::assertSame(
            ['corner' => '4', 'text-size' => '17'],
            $this->draft(),
            'What somebody else decided since is not thrown away unseen.',
        );
        $seen = $this->set(['text-size' => null])->json('seen');
        $this->postJson("/studio/house-style/$this->house/throw-away", ['seen' => $seen])
            ->assertOk()
            ->assertJsonPath('changed', []);
        self::assertSame([], $this->draft());
    }

    public function test_another_style_is_put_into_use_and_the_one_before_is_kept(): void
    {
        $harbour = (int) DB::table('house_styles')->where('name', 'Harbour morning')->value('id');
        $seen = $this->getJson("/studio/house-style/$harbour/impact")->assertOk()->json('seen');
        $release = $this->postJson("/studio/house-style/$harbour/publish", ['seen' => $seen])->assertCreated();
        self::assertSame('House style “Harbour morning” instead of “Larkfold plain”', $release->json('release.words'));
        $this->anew();
        $page = (string) $this->get(self::INK)->getContent();
        self::assertStringContainsString("font-family:'Lora'", $page);
        self::assertStringNotContainsString("font-family:'Newsreader'", $page, 'Only the families in use are sent.');

        $this->deleteJson("/studio/house-style/$harbour")->assertStatus(409)->assertJsonPath(
            'message',
            'The shop stands in this house style. Publish another one first; then this one can be let go of.',
        );
        $this->deleteJson("/studio/house-style/$this->house")->assertOk();
        self::assertNull(DB::table('house_styles')->find($this->house));
        $this->postJson("/studio/releases/{$release->json('release.id')}/bring-back")->assertCreated();
        self::assertSame(
            'Larkfold plain',
            DB::table('house_styles')->where('in_use', true)->value('name'),
            'A release holds the style whole.',
        );
    }

    public function test_what_was_looked_at_is_what_is_published(): void
    {
        $this->set(['corner' => '4']);
        $seen = $this->getJson("/studio/house-style/$this->house/impact")->json('seen');
        $this->set(['corner' => '6']);
        $this->postJson("/studio/house-style/$this->house/publish", ['seen' => $seen])
            ->assertStatus(409)
            ->assertJsonPath(
                'message',
                'The house style was changed since you looked at what it would do. Look again before you publish.',
            );
        $this->postJson("/studio/house-style/$this->house/publish", ['seen' => 'x'])->assertStatus(422);
    }

    public function test_copies_have_names_of_their_own(): void
    {
        $this->set(['corner' => '4']);
        $copy = $this->postJson('/studio/house-style', ['from' => $this->house, 'name' => 'Winter'])->assertCreated();
        self::assertSame(['4', false], [$copy->json('values.corner'), $copy->json('style.inUse')]);
        $this->postJson('/studio/house-style', ['from' => $this->house, 'name' => 'Winter'])
            ->assertStatus(422)
            ->assertJsonPath('message', 'Another house style is called “Winter”. Give this one another name.');
        $this->postJson('/studio/house-style', ['name' => "  \n"])->assertStatus(422);
        $this->patchJson("/studio/house-style/{$copy->json('style.id')}/name", ['name' => 'Deep winter'])
            ->assertOk()
            ->assertJsonPath('style.name', 'Deep winter');
        for ($more = 5; $more <= 24; $more++) {
            $this->postJson('/studio/house-style', ['name' => "Style $more"])->assertCreated();
        }
        $this->postJson('/studio/house-style', ['name' => 'One too many'])->assertStatus(422)->assertJsonPath(
            'message',
            'The shop keeps 24 house styles at most. Let go of one that is not in use first.',
        );
    }

    public function test_it_goes_out_as_a_file_and_comes_in_as_another_style(): void
    {
        $this->set(ShippedStyles::ALL['Evening study'][1]);
        $file = $this->get("/studio/house-style/$this->house/tokens")
            ->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename="larkfold-plain.tokens.json"');
        $in = $this->postJson('/studio/house-style/import', ['file' => $file->getContent(), 'name' => 'From a file'])
            ->assertCreated();
        self::assertSame([[], false], [$in->json('passedOver'), $in->json('style.inUse')]);
        $values = $this->getJson("/studio/house-style/$this->house/impact")->assertOk();
        self::assertNotNull($values);
        self::assertSame(
            DB::table('house_styles')->where('id', $this->house)->value('draft'),
            DB::table('house_styles')->where('name', 'From a file')->value('draft'),
        );
        $this->postJson(
            '/studio/house-style/import',
            ['file' => '{"colour-ink":{"$type":"color","$value":"red"}}', 'name' => 'Bad'],
        )
            ->assertStatus(422)
            ->assertJsonPath('message', '“colour-ink” has a value that it cannot have. Nothing was kept.');
        self::assertNull(DB::table('house_styles')->where('name', 'Bad')->first());
    }

    public function test_letters_of_the_owners_own_are_sent_as_they_came(): void
    {
        $bytes = (string) file_get_contents(
            base_path('node_modules/@fontsource-variable/figtree/files/figtree-latin-wght-normal.woff2'),
        );
        $file = static fn (string $content): UploadedFile =>
            UploadedFile::fake()->createWithContent('Harbour.woff2', $content);
        $own = $this
            ->post('/studio/house-style/fonts', ['file' => $file($bytes), 'name' => 'Harbour', 'kind' => 'sans'])
            ->assertCreated()
            ->json('fonts.0');
        self::assertSame(['Harbour', 'sans'], [$own['name'], $own['kind']]);
        $sent = $this->get($own['file'])->assertOk()
            ->assertHeader('Content-Type', 'font/woff2')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        self::assertSame($bytes, $sent->getContent());

        $this->set(['font-words' => $own['key']])->assertOk();
        $this->anew();
        $this->get(self::INK."?house=$this->house")
            ->assertSee("@font-face{font-family:'{$own['key']}';src:url({$own['file']})", false);
        $this->deleteJson('/studio/house-style/fonts/'.substr($own['key'], 4))->assertStatus(409)->assertJsonPath(
            'message',
            'The house style “Larkfold plain” uses these letters. Choose others there first.',
        );
        $this->set(['font-words' => null]);
        $this->deleteJson('/studio/house-style/fonts/'.substr($own['key'], 4))->assertOk();
        $this->get($own['file'])->assertNotFound();

        foreach ([
            '<script>alert(1)</script>' => 'This is no WOFF2 file of letters',
            str_repeat('a', 400_001) => 'A file of letters can have 400 kB at most',
        ] as $content => $words) {
            self::assertStringStartsWith(
                $words,
                $this->post(
                    '/studio/house-style/fonts',
                    ['file' => $file((string) $content), 'name' => 'Bad', 'kind' => 'sans'],
                )
                    ->assertStatus(422)
                    ->json('message'),
            );
        }
        $this->postJson('/studio/house-style/fonts', ['name' => 'Bad'])->assertStatus(422);
    }

    public function test_letters_that_a_release_names_come_back_with_it(): void
    {
        $bytes = (string) file_get_contents(
            base_path('node_modules/@fontsource-variable/figtree/files/figtree-latin-wght-normal.woff2'),
        );
        $bring = fn (): array => $this->post('/studio/house-style/fonts', [
            'file' => UploadedFile::fake()->createWithContent('own.woff2', $bytes),
            'name' => 'Harbour',
            'kind' => 'sans',
        ])->assertCreated()->json('fonts.0');
        $own = $bring();
        $this->set(['font-words' => $own['key']])->assertOk();
        $this->publishHouse();
        $this->set(['font-words' => null])->assertOk();
        $release = $this->publishHouse();
        $left = $this->deleteJson('/studio/house-style/fonts/'.substr($own['key'], 4))
            ->assertOk()
            ->json('fonts.*.name');
        self::assertNotContains('Harbour', $left);
        $again = $bring();
        self::assertNotSame($own['key'], $again['key'], 'The name is free for others.');

        $this->postJson("/studio/releases/$release/bring-back")->assertCreated();
        $this->anew();
        $page = (string) $this->get('/p/teal-tide-bottled-ink')->getContent();
        self::assertStringContainsString("font-family:'{$own['key']}';src:url({$own['file']})", $page);
        $this->get($own['file'])->assertOk();
    }

    public function test_a_style_that_is_gone_is_said_so(): void
    {
        foreach (['impact', 'tokens'] as $path) {
            $this->get("/studio/house-style/99/$path")->assertNotFound();
        }
        $this->get('/studio/house-style?style=99')->assertOk()->assertSee('Larkfold plain');
        $this->patchJson('/studio/house-style/99', ['tokens' => ['corner' => '4']])->assertNotFound();
    }

    public function test_specimens_stand_in_the_draft(): void
    {
        $this->set(['colour-accent' => '#1f5b50']);
        foreach (['pieces', 'cart'] as $specimen) {
            $this->anew();
            $this->get("/studio/house-style/$specimen?house=$this->house")->assertOk()
                ->assertSee('--colour-accent:#1f5b50', false)
                ->assertDontSee('class="tag"', false);
        }
    }

    /** @return int the release */
    private function publishHouse(): int
    {
        $seen = $this->getJson("/studio/house-style/$this->house/impact")->assertOk()->json('seen');

        return (int) $this->postJson("/studio/house-style/$this->house/publish", ['seen' => $seen, 'note' => ''])
            ->assertCreated()
            ->json('release.id');
    }

    /** @return array<string, string> */
    private function draft(): array
    {
        $draft = (array) json_decode(
            (string) DB::table('house_styles')->where('id', $this->house)->value('draft'),
            true,
        );
        ksort($draft);

        return $draft;
    }

    /** @param  array<string, string>|null  $seen */
    private function set(mixed $tokens, ?array $seen = null): TestResponse
    {
        return $this->patchJson(
            "/studio/house-style/$this->house",
            ['tokens' => $tokens] + ($seen === null ? [] : ['seen' => $seen]),
        );
    }
}
