<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\Tests\App\TestCase;

/**
 * Whoever writes a value says what stood there before; where somebody else was first, nothing is overwritten. Every
 * address that writes is of one of the kinds below.
 */
final class StaleWritesTest extends TestCase
{
    /** Values that are written over: each is tried here with what no longer stands. */
    private const VALUES = [
        'studio/catalogue/money', 'studio/catalogue/save', 'studio/catalogue/{ordered}/{thingId}/order',
        'studio/catalogue/{ordered}/{thingId}/order/clear', 'studio/facts/order', 'studio/facts/values',
        'studio/facts/{fact}', 'studio/files/{file}', 'studio/house-style/{house}', 'studio/house-style/{house}/name',
        'studio/house-style/{house}/publish', 'studio/house-style/{house}/throw-away', 'studio/pictures/{picture}',
        'studio/products/{productId}/pictures', 'studio/releases/{release}', 'studio/reviews/{review}',
        'studio/search/weights', 'studio/search/words', 'studio/templates/{template}', 'studio/words/publish',
        'studio/words/{key}',
    ];

    /**
     * Edits of a template's draft are merged, or told as a conflict (`tests/App/Templates`); a release goes by the
     * revisions that its author looked at (`tests/App/Releases`).
     */
    private const BY_REVISION = [
        'studio/publish', 'studio/templates/{templateId}/edits', 'studio/templates/{templateId}/after-all',
        'studio/templates/{templateId}/redo',
        'studio/templates/{templateId}/undo', 'studio/templates/{template}/start',
        'studio/templates/{template}/throw-away',
    ];

    /** Something new is made, or only asked. */
    private const MAKES = [
        'studio/in-and-out/whole',
        'studio/cards', 'studio/facts', 'studio/files', 'studio/house-style', 'studio/house-style/fonts',
        'studio/house-style/import', 'studio/parts', 'studio/pictures', 'studio/pictures/sizes',
        'studio/products/{productId}/contents/{factId}',
        'studio/templates', 'studio/templates/own',
        'studio/templates/{template}/fitting', 'studio/templates/{template}/links', 'studio/catalogue/foresee',
        'studio/in-and-out', 'studio/in-and-out/{brought}/look', 'studio/who/filters',
        'studio/catalogue/rule', 'studio/html', 'studio/templates/{template}/reach', 'studio/templates/{template}/try',
    ];

    /**
     * A deed that is the same whoever does it, and second time is nothing; each is shown with its effect first, or can
     * be taken back.
     */
    private const DEEDS = [
        'studio/cards/{card}', 'studio/cards/{card}/back', 'studio/cards/{template}/fallback',
        'studio/catalogue/entries/{entryId}/take-back', 'studio/catalogue/{thing}/{thingId}/merge',
        'studio/files/{file}/back', 'studio/house-style/fonts/{font}',
        'studio/news/{subscriber}/put-back', 'studio/news/{subscriber}/take-out', 'studio/parts/{part}',
        'studio/parts/{part}/back', 'studio/pictures/{picture}/products', 'studio/pins',
        'studio/releases/{release}/bring-back',
        'studio/releases/{release}/call-off', 'studio/search/words/{part}/take-out', 'studio/sign-in',
        'studio/sign-out', 'studio/templates/order', 'studio/templates/{templateId}/back',
        'studio/templates/{template}/fallback',
        'studio/templates/{template}/links/{link}/withdraw', 'studio/templates/{template}/take-off',
        'studio/today/jobs', 'studio/today/settle/{trouble}', 'studio/walk', 'studio/walk/end',
        'studio/catalogue/many', 'studio/catalogue/many/stop', 'studio/errands/{errand}/stop',
        'studio/in-and-out/{brought}/take', 'studio/who/layout',
        'studio/who/filters/{filterId}/forget', 'studio/who/layout/{release}/take-back', 'studio/who/selection/all',
        'studio/who/selection/paste', 'studio/who/selection/range', 'studio/who/selection/tick',
        'studio/in-and-out/take-back', 'studio/in-and-out/whole/{brought}', 'studio/rules/{template}/tidy',
        'studio/rules/{release}/take-back',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_every_address_that_writes_is_of_a_known_kind(): void
    {
        $writing = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'studio/')
                && array_diff($route->methods(), ['GET', 'HEAD', 'DELETE']) !== []) {
                $writing[] = $route->uri();
            }
        }
        $known = [...self::VALUES, ...self::BY_REVISION, ...self::MAKES, ...self::DEEDS];
        self::assertSame(
            [],
            array_values(array_diff(array_unique($writing), $known)),
            'Say what happens when two write there at once.',
        );
        self::assertSame(count($known), count(array_unique($known)));
        self::assertSame(
            [],
            array_values(array_diff([...self::VALUES, ...self::BY_REVISION], $writing)),
            'There is no such address any more.',
        );
        self::assertEqualsCanonicalizing(self::VALUES, array_keys(iterator_to_array(self::values())));
    }

    /** @return iterable<string, array{string}> */
    public static function values(): iterable
    {
        foreach (self::VALUES as $uri) {
            yield $uri => [$uri];
        }
    }

    #[DataProvider('values')]
    public function test_a_stale_write_is_told_and_overwrites_nothing(string $uri): void
    {
        [$address, $mine, $theirs] = $this->scene($uri);
        $theirs();
        $stands = $this->everything();
        $told = $this->send($uri, $address, $mine)->assertStatus(409);
        self::assertNotSame('', (string) $told->json('message'));
        self::assertSame($stands, $this->everything());
    }

    /**
     * @return array{string, array<string, mixed>, callable(): mixed} an address, what is sent to it by whoever looked
     *     before, and what somebody else does meanwhile
     */
    private function scene(string $uri): array
    {
        $product = $this->id('products', 'Teal Tide bottled ink');
        switch ($uri) {
            case 'studio/catalogue/money':
                $stands = ['currency' => 'GBP', 'tax' => 'none', 'rate' => '', 'volume' => 'ml', 'weight' => 'g'];

                return $this->over($uri, $uri, ['tax' => 'added'] + $stands, ['tax' => 'included'] + $stands, $stands);
            case 'studio/catalogue/save':
                $save = static fn (string $title): array => ['changes' => [[
                    'thing' => 'product',
                    'id' => $product,
                    'before' => ['title' => 'Teal Tide bottled ink'],
                    'after' => ['title' => $title],
                ]]];

                return [$uri, $save('Mine'), fn () => $this->send($uri, $uri, $save('Theirs'))->assertOk()];
            case 'studio/catalogue/{ordered}/{thingId}/order':
            case 'studio/catalogue/{ordered}/{thingId}/order/clear':
                $order = 'studio/catalogue/category/'.$this->id('categories', 'Bottled inks').'/order';
                $page = $this->getJson("/$order/rows")->assertOk();
                $move = static fn (int $at): array =>
                    ['products' => [$page->json("rows.$at.id")], 'after' => 0, 'seen' => $page->json('seen')];

                return [
                    str_replace('{ordered}/{thingId}', 'category/'.$this->id('categories', 'Bottled inks'), $uri),
                    $move(2),
                    fn () => $this->send($uri, $order, $move(3))->assertOk(),
                ];
            case 'studio/facts/order':
                $ids = DB::table('facts')->orderBy('position')->pluck('id')->all();

                return $this
                    ->over($uri, $uri, ['ids' => array_reverse($ids)], ['ids' => [...array_slice($ids, 1), $ids[0]]], [
                        'ids' => $ids,
                    ]);
            case 'studio/facts/values':
                $fact = (int) $this->postJson('/studio/facts', ['name' => 'Mood', 'kind' => 'text'])->json('id');
                $fill = static fn (string $written): array =>
                    ['changes' => [['product' => $product, 'fact' => $fact, 'written' => [$written], 'before' => []]]];

                return [$uri, $fill('mine'), fn () => $this->send($uri, $uri, $fill('theirs'))->assertOk()];
            case 'studio/facts/{fact}':
                $fact = [
                    'name' => 'Mood', 'kind' => 'text', 'unit' => '', 'decimals' => 0, 'choices' => [], 'group' => '',
                ];
                $id = $this->postJson('/studio/facts', $fact)->json('id');

                return $this
                    ->over($uri, "studio/facts/$id", ['name' => 'Theirs'] + $fact, ['name' => 'Mine'] + $fact, $fact);
            case 'studio/files/{file}':
                $id = DB::table('files')->insertGetId([
                    'use' => 'film',
                    'name' => 'Film',
                    'file' => 'film.mp4',
                    'type' => 'video/mp4',
                    'bytes' => 4,
                    'made_at' => now(),
                ]);
                [$one, $other] = DB::table('pictures')->limit(2)->pluck('id')->all();

                return $this->over(
                    $uri,
                    "studio/files/$id",
                    ['captions' => null, 'poster' => $one],
                    ['captions' => null, 'poster' => $other],
                    ['captions' => null, 'poster' => null],
                );
            case 'studio/house-style/{house}':
                return $this->over(
                    $uri,
                    'studio/house-style/'.$this->house(),
                    ['tokens' => ['corner' => '4']],
                    ['tokens' => ['corner' => '12']],
                    ['corner' => '8'],
                );
            case 'studio/house-style/{house}/name':
                $id = (int) $this->postJson('/studio/house-style', ['name' => 'Before', 'from' => $this->house()])
                    ->assertCreated()
                    ->json('style.id');

                return $this->over($uri, "studio/house-style/$id/name", ['name' => 'Theirs'], ['name' => 'Mine'], [
                    'name' => 'Before',
                ]);
            case 'studio/house-style/{house}/publish':
            case 'studio/house-style/{house}/throw-away':
                $draft = 'studio/house-style/'.$this->house();
                $this->patchJson("/$draft", ['tokens' => ['corner' => '4']])->assertOk();
                $seen = (string) $this->getJson("/$draft/news?seen=none")->json('state.seen');

                return [
                    str_replace('{house}', (string) $this->house(), $uri),
                    ['seen' => $seen],
                    fn () => $this->patchJson("/$draft", ['tokens' => ['corner' => '12']])->assertOk(),
                ];
            case 'studio/pictures/{picture}':
                $id = DB::table('pictures')->insertGetId([
                    'file' => 'x', 'width' => 1, 'height' => 1, 'alt' => 'Before', 'state' => 'ready',
                ]);
                $stands = ['alt' => 'Before', 'focusX' => 2, 'focusY' => 2];

                return $this->over(
                    $uri,
                    "studio/pictures/$id",
                    ['alt' => 'Theirs'] + $stands,
                    ['alt' => 'Mine'] + $stands,
                    $stands,
                );
            case 'studio/products/{productId}/pictures':
                $before = array_map(
                    intval(...),
                    DB::table('product_pictures')->where('product_id', $product)
                        ->orderBy('position')
                        ->pluck('picture_id')
                        ->all(),
                );
                $put = static fn (int $one): array => ['ids' => [...$before, $one], 'before' => $before];
                $others = DB::table('pictures')->whereNotIn('id', $before)->limit(2)->pluck('id')->all();

                return [
                    "studio/products/$product/pictures",
                    $put((int) $others[0]),
                    fn () => $this->send($uri, "studio/products/$product/pictures", $put((int) $others[1]))->assertOk(),
                ];
            case 'studio/releases/{release}':
                $template = $this->template('Waiting');
                $this->edit($template, $this->reach([['sale', 'isOn', []]]));
                $id = $this->postJson('/studio/publish', [
                    'revisions' => [$template->id => $template->draft_revision],
                    'due' => now()->addDays(3)->format('Y-m-d\TH:i'),
                    'note' => 'Before',
                ])
                    ->assertCreated()
                    ->json('id');

                return $this
                    ->over($uri, "studio/releases/$id", ['note' => 'Theirs'], ['note' => 'Mine'], ['note' => 'Before']);
            case 'studio/reviews/{review}':
                $id = DB::table('reviews')->value('id');
                DB::table('reviews')->where('id', $id)->update(['state' => 'waiting']);

                return $this->over($uri, "studio/reviews/$id", ['state' => 'read'], ['state' => 'refused'], [
                    'state' => 'waiting',
                ]);
            case 'studio/search/weights':
                $weights = array_column(
                    $this->getJson('/studio/search')->viewData('screen')['data']['weights'],
                    'weight',
                    'field',
                );
                $set = static fn (int $weight): array =>
                    ['weights' => ['title' => $weight] + $weights, 'seen' => $weights];

                return [$uri, $set(7), fn () => $this->send($uri, $uri, $set(3))->assertOk()];
            case 'studio/search/words':
                $id = (int) $this->postJson('/studio/search/words', ['words' => ['jotter', 'notebook']])->json('id');
                $set = static fn (string $word): array => [
                    'id' => $id,
                    'words' => ['jotter', 'notebook', $word],
                    'seen' => ['words' => ['jotter', 'notebook']],
                ];

                return [$uri, $set('mine'), fn () => $this->send($uri, $uri, $set('theirs'))->assertCreated()];
            case 'studio/templates/{template}':
                return $this->over(
                    $uri,
                    'studio/templates/'.$this->template('Before')->id,
                    ['name' => 'Theirs'],
                    ['name' => 'Mine'],
                    ['name' => 'Before'],
                );
            case 'studio/words/publish':
                $this->patchJson('/studio/words/cart.title', ['words' => 'Basket'])->assertOk();
                $seen = (string) $this->getJson('/studio/words/impact')->assertOk()->json('seen');

                return [
                    $uri,
                    ['seen' => $seen],
                    fn () => $this->patchJson('/studio/words/cart.title', ['words' => 'Bag'])->assertOk(),
                ];
            case 'studio/words/{key}':
                return $this->over($uri, 'studio/words/buy.label', ['words' => 'Theirs'], ['words' => 'Mine'], [
                    'words' => 'Add to cart',
                ]);
        }
        self::fail("$uri has no scene.");
    }

    /**
     * @param  array<string, mixed>  $theirs
     * @param  array<string, mixed>  $mine
     * @param  array<string, mixed>  $seen
     * @return array{string, array<string, mixed>, callable(): mixed}
     */
    private function over(string $uri, string $address, array $theirs, array $mine, array $seen): array
    {
        return [
            $address,
            $mine + ['seen' => $seen],
            fn () => $this->send($uri, $address, $theirs + ['seen' => $seen])->assertOk(),
        ];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function send(string $uri, string $address, array $body): TestResponse
    {
        $route = array_values(array_filter(Routes::getRoutes()->getRoutes(), static fn (Route $route): bool =>
            $route->uri() === $uri
            && array_diff($route->methods(), ['GET', 'HEAD', 'DELETE']) !== []))[0];

        return $this->json($route->methods()[0], "/$address", $body);
    }

    private function house(): int
    {
        return (int) DB::table('house_styles')->value('id');
    }

    /** @return array<string, string> each table's rows */
    private function everything(): array
    {
        $sums = [];
        foreach (array_column(
            DB::select(
                "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name not like "
                    ."'%_fts%'",
            ),
            'name',
        ) as $table) {
            $sums[$table] = md5(
                (string) json_encode(DB::select("select * from \"$table\""), JSON_INVALID_UTF8_SUBSTITUTE),
            );
        }

        return $sums;
    }
}
