<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Ground\Pictures;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use stdClass;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Ground\Pictures\Decoded;
use Vestibra\App\Ground\Pictures\MakeSizes;
use Vestibra\App\Ground\Pictures\MakeWaiting;
use Vestibra\App\Ground\Pictures\Sizes;
use Vestibra\App\Ground\Pictures\Uploads;
use Vestibra\App\Ground\Pictures\WaitingPictures;
use Vestibra\Tests\App\TestCase;

/** Pictures are judged by what they hold, kept as they came, and shown in sizes made meanwhile. */
final class PicturesTest extends TestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/vestibra-'.bin2hex(random_bytes(6));
        $this->app->when([Uploads::class, Sizes::class])->needs('$folder')->give($this->folder);
        Queue::fake();
        $this->actingAs($this->owner);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        is_dir($this->folder) && rmdir($this->folder);
        parent::tearDown();
    }

    public function test_a_picture_is_kept_as_it_came_and_its_sizes_are_made_by_the_worker(): void
    {
        $bytes = self::drawn(900, 300);
        $picture = $this->send($bytes, 'Ein Tintenfaß.png')->assertCreated()->json('picture');
        self::assertSame(['new', 900, 300], [$picture['state'], $picture['width'], $picture['height']]);
        Queue::assertPushed(MakeSizes::class, 1);
        $row = DB::table('pictures')->find($picture['id']);
        self::assertInstanceOf(stdClass::class, $row);
        self::assertSame($bytes, file_get_contents("$this->folder/$row->original"));
        self::assertMatchesRegularExpression(
            '/^ein-tintenfass-[0-9a-f]{8}-original-[0-9a-f]{24}\.png$/',
            $row->original,
        );

        $this->app->make(Sizes::class)->make($picture['id']);

        self::assertSame(
            ['ready', 1600],
            array_values((array) DB::table('pictures')->where('id', $picture['id'])->first(['state', 'made'])),
        );
        foreach ([1600 => [900, 300], 800 => [800, 267], 400 => [400, 133], 160 => [160, 53]] as $size => $pixels) {
            self::assertSame(
                [...$pixels, IMAGETYPE_WEBP],
                array_slice((array) getimagesize("$this->folder/$row->file-$size.webp"), 0, 3),
            );
        }
        self::assertFileDoesNotExist("$this->folder/$row->file-2400.webp");
    }

    public function test_avif_is_kept_where_all_of_it_together_is_smaller(): void
    {
        foreach ([[self::photographed(1700), true], [self::drawn(1700, 40), false]] as [$bytes, $isSmaller]) {
            $id = $this->send($bytes, 'ink.png')->json('picture.id');
            $this->app->make(Sizes::class)->make($id);
            $row = DB::table('pictures')->find($id);
            self::assertInstanceOf(stdClass::class, $row);
            self::assertSame([$isSmaller, 2400], [(bool) $row->avif, $row->made]);
            $avif = glob("$this->folder/$row->file-*.avif") ?: [];
            self::assertCount($isSmaller ? 5 : 0, $avif);
            foreach ($avif as $file) {
                self::assertSame(IMAGETYPE_AVIF, ((array) getimagesize($file))[2]);
            }
            self::assertSame([], glob("$this->folder/*.part"));
            self::assertSame(
                count($avif),
                DB::table('stored_files')->where('name', 'like', "$row->file-%.avif")->count(),
            );
            if ($isSmaller) {
                $webp = array_sum(array_map(filesize(...), glob("$this->folder/$row->file-*0.webp") ?: []));
                self::assertLessThan($webp, array_sum(array_map(filesize(...), $avif)));
            }
        }
    }

    public function test_the_address_of_a_size_that_is_not_made_gives_the_next_narrower(): void
    {
        config(['vestibra.pictures' => $this->folder]);
        $id = $this->send(self::drawn(2000, 20), 'desk.png')->json('picture.id');
        $this->app->make(Sizes::class)->make($id);
        $file = DB::table('pictures')->where('id', $id)->value('file');
        $wide = function (int $size) use ($file): int {
            $answer = $this->get("pictures/$file-$size.webp")->assertOk()->baseResponse;
            self::assertInstanceOf(BinaryFileResponse::class, $answer);

            return ((array) getimagesize($answer->getFile()->getPathname()))[0];
        };
        self::assertSame([2000, 1600], [$wide(2400), $wide(1600)]);
        $this->get("pictures/$file-2400.webp")->assertHeader('Cache-Control', 'max-age=86400, public');
        unlink("$this->folder/$file-2400.webp");
        unlink("$this->folder/$file-1600.webp");
        self::assertSame([800, 400], [$wide(2400), $wide(400)]);
        $this->get("pictures/$file-2400.webp")->assertHeader('Cache-Control', 'no-store, public');
        unlink("$this->folder/$file-160.webp");
        self::assertSame(400, $wide(160));
        $this->get("pictures/$file-1000.webp")->assertNotFound();
    }

    public function test_pictures_of_an_earlier_version_wait_for_finer_sizes_and_get_them_one_after_another(): void
    {
        $row = static fn (string $file, array $more): int => DB::table('pictures')->insertGetId($more + [
            'file' => $file, 'width' => 1000, 'height' => 10, 'alt' => '', 'state' => 'ready', 'made' => 800,
            'original' => "$file.png",
        ]);
        is_dir($this->folder) || mkdir($this->folder);
        foreach (['one', 'other'] as $file) {
            file_put_contents("$this->folder/$file.png", self::drawn(1000, 10));
        }
        $one = $row('one', []);
        $other = $row('other', []);
        $row('narrow', ['width' => 800]);
        $row('drawn', ['original' => null]);
        $row('broken', ['state' => 'broken']);
        $row('complete', ['width' => 4000, 'made' => 2400]);
        $damaged = $row('gone', ['width' => 1601, 'made' => 1600]);
        self::assertSame([3, $one], [WaitingPictures::count(), WaitingPictures::next()]);

        $this->app->make(MakeWaiting::class)->handle($this->app->make(Sizes::class));

        self::assertSame(0, WaitingPictures::count());
        self::assertSame(
            [$one => 1600, $other => 1600],
            DB::table('pictures')->whereIn('id', [$one, $other])->pluck('made', 'id')->all(),
        );
        self::assertSame('broken', DB::table('pictures')->where('id', $damaged)->value('state'));
        self::assertFileExists("$this->folder/other-1600.webp");
        Queue::assertNothingPushed();
    }

    public function test_the_owner_sees_how_many_wait_and_has_them_made(): void
    {
        $this->getJson('studio/pictures/rows')->assertJsonPath('waiting', 0);
        DB::table('pictures')->insert([
            'file' => 'x', 'width' => 1000, 'height' => 10, 'alt' => '', 'state' => 'ready', 'made' => 800,
            'original' => 'x.png',
        ]);
        $this->getJson('studio/pictures/rows')->assertJsonPath('waiting', 1)->assertJsonPath('inHand', false);
        $this->postJson('studio/pictures/sizes')->assertOk()->assertJsonPath('waiting', 1);
        Queue::assertPushed(MakeWaiting::class, 1);
        DB::table('pictures')->where('file', 'x')->update(['made' => 1600]);
        $this->postJson('studio/pictures/sizes')->assertOk()->assertJsonPath('waiting', 0);
        Queue::assertPushed(MakeWaiting::class, 1);
    }

    public function test_a_small_picture_is_not_made_larger(): void
    {
        $id = $this->send(self::drawn(120, 60), 'small.png')->json('picture.id');
        $this->app->make(Sizes::class)->make($id);
        $file = DB::table('pictures')->where('id', $id)->value('file');
        self::assertSame(120, ((array) getimagesize("$this->folder/$file-800.webp"))[0]);
        self::assertFileDoesNotExist("$this->folder/$file-1600.webp");
    }

    /**
     * Written by this test as a phone writes them: the corner that is up is red. Turns as in Exif 2.32, table of
     * orientations.
     */
    public function test_a_photograph_that_lies_on_its_side_stands_upright(): void
    {
        foreach ([
            1 => 'top left', 2 => 'top right', 3 => 'bottom right', 4 => 'bottom left', 5 => 'top left',
            6 => 'top right', 7 => 'bottom right', 8 => 'bottom left',
        ] as $orientation => $corner) {
            $decoded = Decoded::of(self::photograph($orientation));
            self::assertNotNull($decoded);
            $sideways = $orientation >= 5;
            self::assertSame(
                $sideways ? [40, 80] : [80, 40],
                [imagesx($decoded->image), imagesy($decoded->image)],
                "orientation $orientation",
            );
            self::assertSame($corner, self::redCorner($decoded->image), "orientation $orientation");
        }
        $picture = $this->send(self::photograph(6), 'phone.jpg')->assertCreated()->json('picture');
        self::assertSame([40, 80], [$picture['width'], $picture['height']]);
        $this->app->make(Sizes::class)->make($picture['id']);
        $file = DB::table('pictures')->where('id', $picture['id'])->value('file');
        self::assertSame([40, 80], array_slice((array) getimagesize("$this->folder/$file-400.webp"), 0, 2));
    }

    /** @return iterable<string, array{string}> */
    public static function cutOff(): iterable
    {
        $noise = imagecreatetruecolor(200, 200);
        for ($at = 0; $at < 40_000; $at++) {
            imagesetpixel($noise, $at % 200, intdiv($at, 200), $at * 7919 % 0xFFFFFF);
        }
        foreach ([
            'jpeg' => imagejpeg(...),
            'png' => imagepng(...),
            'webp' => imagewebp(...),
            'avif' => imageavif(...),
        ] as $kind => $write) {
            ob_start();
            $write($noise);
            $bytes = (string) ob_get_clean();
            yield "$kind, half of it" => [substr($bytes, 0, intdiv(strlen($bytes), 2))];
            yield "$kind, its beginning alone" => [substr($bytes, 0, 400)];
        }
    }

    #[DataProvider('cutOff')]
    public function test_a_picture_that_did_not_arrive_whole_is_refused_and_leaves_nothing(string $bytes): void
    {
        $before = DB::table('pictures')->count();
        $message = $this->send($bytes, 'ink.jpg')->assertStatus(422)->json('message');
        self::assertMatchesRegularExpression('/damaged or did not arrive whole|is no picture/', $message);
        self::assertSame([$before, []], [DB::table('pictures')->count(), glob("$this->folder/*") ?: []]);
    }

    /** A JPEG of 80 by 40 with a red corner at its upper left, and a tag that says how it has to be turned. */
    private static function photograph(int $orientation): string
    {
        $image = imagecreatetruecolor(80, 40);
        imagefilledrectangle($image, 0, 0, 79, 39, 0xFFFFFF);
        imagefilledrectangle($image, 0, 0, 15, 15, 0xFF0000);
        ob_start();
        imagejpeg($image, null, 95);
        $bytes = (string) ob_get_clean();
        $tiff = "MM\0*".pack('N', 8).pack('n', 1).pack('nnNnn', 0x0112, 3, 1, $orientation, 0).pack('N', 0);
        $segment = "Exif\0\0$tiff";

        return "\xff\xd8\xff\xe1".pack('n', strlen($segment) + 2).$segment.substr($bytes, 2);
    }

    private static function redCorner(\GdImage $image): string
    {
        foreach ([
            'top left' => [4, 4],
            'top right' => [imagesx($image) - 5, 4],
            'bottom left' => [4, imagesy($image) - 5],
            'bottom right' => [imagesx($image) - 5, imagesy($image) - 5],
        ] as $corner => [$x, $y]) {
            $colour = imagecolorat($image, $x, $y);
            if (($colour >> 16 & 0xFF) > 200 && ($colour & 0xFF) < 80) {
                return $corner;
            }
        }

        return 'none';
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        yield 'a page that calls itself a picture' =>
            ['<html><script>alert(1)</script></html>', 'ink.png', 'ink.png is no picture, whatever it is called.'];
        yield 'nothing' => ['', 'ink.png', 'ink.png is no picture'];
        yield 'a drawing that could run something' => [
            '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
            'ink.svg',
            'ink.svg is no picture',
        ];
        yield 'a picture that moves' => [
            base64_decode('R0lGODlhAQABAIAAAAAAAP///yH5BAEAAAAALAAAAAABAAEAAAIBRAA7'),
            'ink.gif',
            'ink.gif is a picture of a kind that cannot be shown everywhere.',
        ];
        yield '200 megapixels, by its header alone' =>
            [self::header(20_000, 10_000), 'huge.png', 'huge.png has 20000 by 10000 pixels'];
    }

    #[DataProvider('refused')]
    public function test_what_cannot_be_shown_is_refused_with_a_sentence_and_leaves_nothing(
        string $bytes,
        string $name,
        string $words,
    ): void {
        $before = DB::table('pictures')->count();
        $message = $this->send($bytes, $name)->assertStatus(422)->json('message');
        self::assertStringContainsString($words, $message);
        self::assertSame($before, DB::table('pictures')->count());
        self::assertSame([], glob("$this->folder/*") ?: []);
    }

    public function test_a_picture_with_a_script_behind_it_loses_the_script(): void
    {
        $id = $this->send(self::drawn(50, 50).'<script>alert(1)</script><?php echo 1;', 'ink.php.png')
            ->assertCreated()
            ->json('picture.id');
        $this->app->make(Sizes::class)->make($id);
        $file = DB::table('pictures')->where('id', $id)->value('file');
        foreach (glob("$this->folder/$file-[0-9]*") ?: self::fail('No size was made.') as $path) {
            $made = (string) file_get_contents($path);
            self::assertStringNotContainsString('script', $made);
            self::assertStringNotContainsString('<?php', $made);
        }
    }

    public function test_what_is_too_heavy_or_finds_no_room_says_so(): void
    {
        $this->send(self::drawn(10, 10).str_repeat('x', Uploads::MOST_BYTES), 'heavy.png')->assertStatus(413);
        file_put_contents($this->folder, 'a file where the folder should be');
        $this->send(self::drawn(10, 10), 'ink.png')->assertStatus(507)->assertJsonPath(
            'message',
            'There is no room left for pictures, so ink.png was not taken in. Everything else is as it was; make '
                .'room on the machine and try again.',
        );
        unlink($this->folder);
    }

    public function test_until_its_sizes_are_there_the_original_is_served_and_nothing_else(): void
    {
        $name = 'tests-'.bin2hex(random_bytes(6));
        $original = config()->string('vestibra.pictures')."/$name-original-x.png";
        file_put_contents($original, self::drawn(20, 10));
        DB::table('pictures')->insert([
            'file' => $name,
            'original' => basename($original),
            'state' => 'new',
            'width' => 20,
            'height' => 10,
            'alt' => '',
        ]);
        try {
            $this->get("/pictures/$name-400.webp")->assertOk()
                ->assertHeader('Content-Type', 'image/png')
                ->assertHeader('X-Content-Type-Options', 'nosniff');
            foreach (["$name-600.webp", "$name-400.php", 'nothing-400.webp', '..%2f..%2f.env-400.webp'] as $other) {
                $this->get("/pictures/$other")->assertNotFound();
            }
        } finally {
            unlink($original);
        }
    }

    public function test_words_focus_and_products_of_a_picture(): void
    {
        $id = $this->send(self::drawn(40, 40), 'ink.png')->json('picture.id');
        $product = (int) DB::table('products')->where('picture_count', 0)->where('published', true)->value('id');
        $this->patchJson("/studio/pictures/$id", ['alt' => ' A bottle <b>of</b> ink ', 'focusX' => 9, 'focusY' => 0])
            ->assertOk()
            ->assertJsonPath('picture.alt', 'A bottle <b>of</b> ink')->assertJsonPath('picture.focusX', 4);
        $this->postJson("/studio/pictures/$id/products", ['product' => $product, 'on' => true])
            ->assertOk()
            ->assertJsonPath('products.0.id', $product);
        self::assertSame(1, DB::table('products')->where('id', $product)->value('picture_count'));
        $slug = DB::table('products')->where('id', $product)->value('slug');
        $this->get("/p/$slug")->assertOk()->assertSee('A bottle &lt;b&gt;of&lt;/b&gt; ink', false);
        $this->getJson('/studio/pictures/rows?q=OF%3C/b')
            ->assertJsonPath('total', 1)
            ->assertJsonPath('pictures.0.id', $id);
        $this->postJson("/studio/pictures/$id/products", ['product' => $product, 'on' => false])->assertOk();
        self::assertSame(0, DB::table('products')->where('id', $product)->value('picture_count'));
        $this->patchJson('/studio/pictures/99999', ['alt' => 'x'])->assertNotFound();
        $this->postJson('/studio/pictures/99999/products', ['product' => $product, 'on' => true])->assertNotFound();
    }

    /** @return TestResponse<Response> */
    private function send(string $bytes, string $name): TestResponse
    {
        return $this->post('/studio/pictures', ['picture' => UploadedFile::fake()->createWithContent($name, $bytes)], [
            'Accept' => 'application/json',
        ]);
    }

    private static function drawn(int $width, int $height): string
    {
        ob_start();
        imagepng(imagecreatetruecolor(max(1, $width), max(1, $height)));

        return (string) ob_get_clean();
    }

    /** As grainy as what comes from a camera, so that it is not drawn by a few bytes. */
    private static function photographed(int $width): string
    {
        mt_srand(5);
        $image = imagecreatetruecolor(max(1, $width), 300);
        for ($at = 0; $at < 4000; $at++) {
            [$x, $y, $wide] = [mt_rand(0, $width), mt_rand(0, 300), mt_rand(4, 60)];
            imagefilledellipse($image, $x, $y, $wide, $wide, mt_rand(0, 0xFFFFFF));
        }
        for ($at = 0; $at < 12; $at++) {
            imagefilter($image, IMG_FILTER_GAUSSIAN_BLUR);
        }
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** A PNG that is nothing but its header. */
    private static function header(int $width, int $height): string
    {
        $chunk = 'IHDR'.pack('NNCCCCC', $width, $height, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$chunk.pack('N', crc32($chunk));
    }
}
