<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\InAndOut\Whole;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Work\Templates\Exchange;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\Factories\UserFactory;
use Vestibra\Tests\App\TestCase;
use ZipArchive;

/** Files that hold more than rows, on the screen: seen before, taken as one, and nothing of them believed. */
final class WholeTest extends TestCase
{
    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
        $this->path = sys_get_temp_dir().'/vestibra-whole-'.getmypid();
    }

    protected function tearDown(): void
    {
        @unlink($this->path);
        parent::tearDown();
    }

    public function test_the_shop_goes_out_as_a_zip_and_what_is_changed_in_it_comes_in_as_one(): void
    {
        $this->fetch('/studio/in-and-out/shop.zip');
        $same = $this->bring('shop.zip')->assertOk()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('WholeFile', $same));
        self::assertSame(['folder', [], 0, []], [
            $same['kind'], $same['problems'], array_sum($same['counts']), $same['files'],
        ]);

        $slug = (string) DB::table('products')->orderBy('id')->value('slug');
        $this->inZip(static function (ZipArchive $zip) use ($slug): void {
            $text = json_decode((string) $zip->getFromName("products/$slug.json"), true);
            $zip->addFromString("products/$slug.json", (string) json_encode(['title' => 'Renamed'] + $text));
        });
        $seen = $this->bring('shop.zip')->assertOk()->json();
        self::assertSame([1, ["products/$slug.json"], 0], [
            $seen['counts']['changed'], array_column($seen['files'], 'file'), $seen['entry'],
        ]);
        self::assertSame(0, DB::table('catalogue_entries')->count(), 'Looking changes nothing.');

        $done = $this->take($seen)->assertOk()->json();
        self::assertGreaterThan(0, $done['entry']);
        self::assertSame('Renamed', DB::table('products')->where('slug', $slug)->value('title'));
        $this->postJson("/studio/catalogue/entries/{$done['entry']}/take-back")->assertOk();
        self::assertNotSame('Renamed', DB::table('products')->where('slug', $slug)->value('title'));
    }

    public function test_a_folder_that_was_zipped_whole_is_read_and_what_leads_elsewhere_is_not(): void
    {
        $this->fetch('/studio/in-and-out/shop.zip');
        $escaped = sys_get_temp_dir().'/vestibra-escaped-'.getmypid();
        $lying = glob(sys_get_temp_dir().'/vestibra-shop-*') ?: [];
        $this->inZip(static function (ZipArchive $zip) use ($escaped): void {
            for ($index = 0; $index < $zip->numFiles; $index++) {
                $zip->renameIndex($index, 'larkfold/'.$zip->getNameIndex($index));
            }
            $zip->addFromString("larkfold/../../..$escaped", 'x');
            $zip->addFromString($escaped, 'x');
            $zip->addFromString('larkfold/products/deep/er.json', '{}');
            $zip->addFromString('larkfold/notes.txt', 'of our own');
        });
        self::assertSame([], $this->bring('shop.zip')->assertOk()->json('problems'));
        self::assertFileDoesNotExist($escaped);
        self::assertSame(
            [],
            array_diff(glob(sys_get_temp_dir().'/vestibra-shop-*') ?: [], $lying),
            'Nothing of it is left lying about.',
        );
    }

    public function test_products_go_out_as_linked_data_and_come_in(): void
    {
        $this->fetch('/studio/in-and-out/products.jsonld');
        $same = $this->bring('products.jsonld')->assertOk()->json();
        self::assertSame(['linked', []], [$same['kind'], $same['problems']]);
        $text = json_decode((string) file_get_contents($this->path), true);
        $text['@graph'][0]['name'] = 'Linked anew';
        file_put_contents($this->path, (string) json_encode($text));
        $seen = $this->bring('products.jsonld')->json();
        self::assertGreaterThan(0, $seen['counts']['changed']);
        $this->take($seen)->assertOk();
        self::assertSame(1, DB::table('products')->where('title', 'Linked anew')->count());
    }

    public function test_a_template_becomes_a_draft_with_its_rules_only_where_that_is_wanted(): void
    {
        $template = $this->template('Taken along');
        $this->edit($template, $this->reach([['sale', 'isOn', []]]));
        file_put_contents($this->path, (string) json_encode($this->app->make(Exchange::class)->export($template)));
        $count = DB::table('templates')->count();
        $seen = $this->bring('taken-along.json')->assertOk()->json();
        self::assertSame(['template', 'Taken along', 0, $count], [
            $seen['kind'], $seen['called'], $seen['made'], DB::table('templates')->count(),
        ]);
        $made = $this->take($seen)->assertOk()->json('made');
        self::assertSame([], json_decode(
            (string) DB::table('templates')->where('id', $made)->value('draft_reach'),
            true,
        )['show']);
        $with = $this->take($seen, ['reach' => true])->assertOk()->json('made');
        self::assertCount(1, json_decode(
            (string) DB::table('templates')->where('id', $with)->value('draft_reach'),
            true,
        )['show']);
        self::assertNull(DB::table('templates')->where('id', $with)->value('live_revision'));
    }

    public function test_a_house_style_stands_beside_the_others(): void
    {
        $this->fetch('/studio/house-style/'.DB::table('house_styles')->where('in_use', 1)->value('id').'/tokens');
        $count = DB::table('house_styles')->count();
        $seen = $this->bring('of-winter.json')->assertOk()->json();
        self::assertSame(['style', [], $count], [
            $seen['kind'], $seen['problems'], DB::table('house_styles')->count(),
        ]);
        $made = $this->take($seen)->assertOk()->json('made');
        self::assertSame('of-winter', DB::table('house_styles')->where('id', $made)->value('name'));
        $this->take($seen)->assertConflict();
        self::assertSame($count + 1, DB::table('house_styles')->count());
    }

    /** @return iterable<string, array{string, string, string}> name, bytes, what is said */
    public static function bad(): iterable
    {
        yield 'half a zip' => ['shop.zip', "PK\x03\x04 cut off", 'This is no zip that can be opened'];
        yield 'no JSON' => ['shop.json', '{"a":', 'This is no JSON'];
        yield 'JSON of something else' => ['notes.json', '{"a": 1}', ''];
        yield 'a template of another kind' => [
            'x.json', '{"vestibra": "template", "format": 1, "pageKind": "nothing"}', '',
        ];
    }

    #[DataProvider('bad')]
    public function test_what_is_no_such_file_is_said_and_changes_nothing(
        string $name,
        string $bytes,
        string $words,
    ): void {
        file_put_contents($this->path, $bytes);
        $seen = $this->bring($name)->assertOk()->json();
        self::assertGreaterThan(0, $seen['problemCount']);
        $words === '' || self::assertStringStartsWith($words, $seen['problems'][0]['message']);
        $this->take($seen)->assertConflict();
        self::assertSame(0, DB::table('catalogue_entries')->count());
    }

    public function test_a_zip_without_a_shop_or_with_more_than_it_may_hold_is_refused(): void
    {
        $lying = glob(sys_get_temp_dir().'/vestibra-shop-*') ?: [];
        $zip = new ZipArchive;
        $zip->open($this->path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $zip->addFromString('readme.txt', 'hello');
        $zip->close();
        self::assertStringStartsWith('There is no shop in this zip', $this->bring('a.zip')->json('problems.0.message'));
        $zip->open($this->path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $zip->addFromString('shop.json', str_repeat(' ', 100_000_001));
        $zip->close();
        self::assertStringContainsString('holds more than', $this->bring('a.zip')->json('problems.0.message'));
        self::assertSame([], array_diff(glob(sys_get_temp_dir().'/vestibra-shop-*') ?: [], $lying));
    }

    public function test_nobody_else_reads_it_and_who_may_only_look_brings_nothing(): void
    {
        file_put_contents($this->path, '{}');
        $seen = $this->bring('x.json')->json();
        $this->actingAs(UserFactory::new()->create());
        $this->take($seen)->assertNotFound();
        $this->actingAs(UserFactory::new()->create(['role' => 'viewer']));
        $this->bring('x.json')->assertForbidden();
        $this->get('/studio/in-and-out/shop.zip')->assertForbidden();
        $this->get('/studio/in-and-out/products.jsonld')->assertForbidden();
    }

    private function fetch(string $address): void
    {
        $answer = $this->get($address)->assertOk();
        $base = $answer->baseResponse;
        $text = method_exists($base, 'getFile')
            ? (string) file_get_contents($base->getFile()->getPathname())
            : (string) $answer->getContent();
        file_put_contents($this->path, $text);
    }

    /** @param  callable(ZipArchive): void  $change */
    private function inZip(callable $change): void
    {
        $zip = new ZipArchive;
        $zip->open($this->path);
        $change($zip);
        $zip->close();
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function bring(string $name): TestResponse
    {
        $copy = (string) tempnam(sys_get_temp_dir(), 'brought');
        copy($this->path, $copy);

        try {
            return $this->post('/studio/in-and-out/whole', [
                'file' => new UploadedFile($copy, $name, test: true),
            ], ['Accept' => 'application/json']);
        } finally {
            @unlink($copy);
        }
    }

    /**
     * @param  array<string, mixed>  $seen
     * @param  array<string, mixed>  $wishes
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function take(array $seen, array $wishes = []): TestResponse
    {
        return $this->postJson("/studio/in-and-out/whole/{$seen['file']}", [
            'name' => $seen['name'], 'take' => true,
        ] + $wishes);
    }
}
