<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Ground\Files;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Vestibra\App\Ground\Files\Files;
use Vestibra\App\Ground\Files\Judge;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Messages\Messages;
use Vestibra\Demo\Leaflet;
use Vestibra\Tests\App\TestCase;

/** Downloads, films and captions: judged by what they hold, handed out safely, kept while they are used. */
final class FilesTest extends TestCase
{
    private const CAPTIONS = "WEBVTT\n\n00:00.000 --> 00:01.500\nA pen writes.\n";

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/vestibra-files-'.bin2hex(random_bytes(4));
        $this->app->instance(Files::class, new Files($this->folder, new Judge, $this->app->make(Messages::class)));
        $this->actingAs($this->owner);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_leaflet_is_taken_in_and_handed_out_to_be_saved_under_its_own_name(): void
    {
        $file = $this->send('download', Leaflet::pdf(['Care']), 'Pflege & Größe.PDF')->assertCreated()->json('file');
        self::assertSame(['Pflege & Größe.pdf', 'download'], [$file['name'], $file['use']]);
        $answer = $this->get($file['address'])->assertOk();
        self::assertSame('application/pdf', $answer->headers->get('Content-Type'));
        self::assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'));
        self::assertStringContainsString(
            "filename*=utf-8''Pflege%20%26%20Gr%C3%B6%C3%9Fe.pdf",
            (string) $answer->headers->get('Content-Disposition'),
        );
        self::assertStringStartsWith('attachment', (string) $answer->headers->get('Content-Disposition'));
    }

    public function test_a_film_says_how_large_it_is_and_parts_of_it_can_be_asked_for(): void
    {
        $film = $this->send('film', self::fixture('tiny.mp4'), 'Ink.mp4')->assertCreated()->json('file');
        self::assertSame([32, 18], [$film['width'], $film['height']]);
        $answer = $this->get($film['address'], ['Range' => 'bytes=0-99'])->assertStatus(206);
        self::assertSame('100', $answer->headers->get('Content-Length'));
        self::assertNull($answer->headers->get('Content-Disposition'));
        self::assertSame('video/mp4', $answer->headers->get('Content-Type'));
        $webm = $this->send('film', (string) file_get_contents(base_path('demo/films/a-line-of-ink.webm')), 'a.mp4')
            ->assertCreated()
            ->json('file');
        self::assertSame(['a.webm', 640, 360, 4], [$webm['name'], $webm['width'], $webm['height'], $webm['seconds']]);
    }

    public function test_a_film_without_pictures_is_refused_and_said(): void
    {
        foreach (['sound-only.mp4', 'sound-only.webm'] as $name) {
            $this->send('film', self::fixture($name), $name)->assertStatus(422)
                ->assertJsonPath(
                    'message',
                    "“{$name}” holds sound but no pictures. It was not taken in; choose the film itself.",
                );
        }
        self::assertSame(0, DB::table('files')->count());
        self::assertDirectoryDoesNotExist($this->folder);
    }

    public function test_what_is_not_what_it_says_is_refused(): void
    {
        $html = '<!doctype html><script>alert(1)</script>';
        $this->send('film', $html, 'film.mp4')->assertStatus(422)->assertJsonPath('problems.0.code', 'film.kind');
        $this->send('download', $html, 'leaflet.pdf')
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'file.kind');
        $this->send('download', '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>', 'a.png')
            ->assertStatus(422);
        $this->send('download', "#!/bin/sh\necho hello\n", 'a.txt')->assertStatus(422);
        $this->send('captions', 'Hello', 'a.vtt')
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'captions.kind');
        $this->send('captions', "WEBVTT\n\nwithout a time", 'a.vtt')->assertStatus(422);
        $this->send('captions', "WEBVTTX\n\n00:00.000 --> 00:01.000\nx", 'a.vtt')->assertStatus(422);
        $this->send('film', '', 'empty.mp4')->assertStatus(422)->assertJsonPath('problems.0.code', 'file.empty');
        $this->send('picture', Leaflet::pdf([]), 'a.pdf')
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'file.no-use');
        self::assertSame(0, DB::table('files')->count());
    }

    public function test_captions_that_are_too_large_are_refused_with_the_right_answer(): void
    {
        $this->send('captions', self::CAPTIONS.str_repeat('x', 1_000_000), 'a.vtt')->assertStatus(413)
            ->assertJsonPath(
                'message',
                '“a.vtt” is larger than 1 MB. It was not taken in; make it smaller and try again.',
            );
    }

    public function test_when_there_is_no_room_nothing_is_kept(): void
    {
        file_put_contents($this->folder, 'a file where the folder should be');
        $this->send('download', Leaflet::pdf(['Care']), 'Care.pdf')->assertStatus(507)
            ->assertJsonPath(
                'message',
                'There is no room left on the server’s disk for “Care.pdf”. It was not taken in; nothing else was '
                    .'lost.',
            );
        self::assertSame(0, DB::table('files')->count());
        unlink($this->folder);
    }

    public function test_captions_and_a_picture_belong_to_a_film_and_stand_in_the_page(): void
    {
        $film = $this->send('film', self::fixture('tiny.mp4'), 'Ink.mp4')->json('file');
        $captions = $this->send('captions', "\u{FEFF}".self::CAPTIONS, 'Ink.vtt')->assertCreated()->json('file');
        $picture = (int) DB::table('pictures')->min('id');
        $this->patchJson("/studio/files/{$film['id']}", ['captions' => $captions['id'], 'poster' => $picture])
            ->assertOk()
            ->assertJsonPath('file.captionsName', 'Ink.vtt');
        $template = $this->template();
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'film1', 'kind' => 'film', 'what' => ['film' => $film['id'], 'said' => 'A pen']],
        ]);
        $html = (string) $this->get("/studio/templates/$template->id/canvas/1")->assertOk()->getContent();
        self::assertStringContainsString("src=\"{$film['address']}\"", $html);
        self::assertStringContainsString("kind=\"captions\" src=\"{$captions['address']}\"", $html);
        self::assertMatchesRegularExpression('~poster="/pictures/[^"]+-800.webp"~', $html);
        $this->get($captions['address'])->assertOk();
        $this->patchJson("/studio/files/{$film['id']}", ['captions' => $film['id'], 'poster' => null])
            ->assertNotFound();
        $this->patchJson("/studio/files/{$film['id']}", ['captions' => null, 'poster' => null])
            ->assertOk()
            ->assertJsonPath('file.captionsName', null);
    }

    public function test_a_file_in_use_says_where_and_stays(): void
    {
        $film = $this->send('film', self::fixture('tiny.mp4'), 'Ink.mp4')->json('file.id');
        $leaflet = $this->send('download', Leaflet::pdf(['Care']), 'Care.pdf')->json('file.id');
        $captions = $this->send('captions', self::CAPTIONS, 'Ink.vtt')->json('file.id');
        $this->patchJson("/studio/files/$film", ['captions' => $captions, 'poster' => null])->assertOk();
        $product = $this->id('products', 'Teal Tide bottled ink');
        $this->postJson('/studio/facts/values', ['changes' => [[
            'product' => $product,
            'fact' => $this->id('facts', 'Leaflet'),
            'written' => [(string) $leaflet],
            'before' => [],
        ]]])->assertOk();
        $template = $this->template();
        $this->edit($template, [
            'edit' => 'set',
            'id' => $this->block($template, 'band'),
            'question' => 'what',
            'setting' => 'film',
            'value' => $film,
            'width' => 'desktop',
        ]);
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'd', 'kind' => 'downloads', 'what' => ['files' => [$leaflet]]],
        ]);
        $words = fn (int $id): array =>
            array_column($this->getJson("/studio/files/$id/uses")->assertOk()->json('places'), 'words');
        self::assertSame(['“Bottled inks”'], $words($film));
        self::assertSame(['“Bottled inks”', 'Leaflet of Teal Tide bottled ink'], $words($leaflet));
        self::assertSame(['captions of Ink.mp4'], $words($captions));
        foreach ([$film, $leaflet, $captions] as $id) {
            $this->deleteJson("/studio/files/$id")->assertStatus(409);
        }
        $spare = $this->send('download', Leaflet::pdf(['Spare']), 'Spare.pdf')->json('file');
        $this->deleteJson("/studio/files/{$spare['id']}")->assertOk();
        $this->get($spare['address'])->assertNotFound();
        self::assertNotContains($spare['id'], array_column($this->getJson('/studio/files')->json('files'), 'id'));
        $this->postJson("/studio/files/{$spare['id']}/back")->assertOk();
        $this->get($spare['address'])->assertOk();
        $this->deleteJson("/studio/files/{$spare['id']}")->assertOk();
        self::assertCount(4, glob("$this->folder/*") ?: []);
        $this->travel(31)->days();
        $this->send('captions', self::CAPTIONS, 'Another.vtt')->assertCreated();
        self::assertCount(4, glob("$this->folder/*") ?: []);
        self::assertNull(DB::table('files')->find($spare['id']));
    }

    public function test_they_are_found_by_name_and_kind_a_page_at_a_time(): void
    {
        foreach (range(1, 26) as $number) {
            DB::table('files')->insert([
                'use' => 'download',
                'name' => "Leaflet $number.pdf",
                'file' => "leaflet-$number.pdf",
                'type' => 'application/pdf',
                'bytes' => 900,
                'made_at' => now(),
            ]);
        }
        $first = $this->getJson('/studio/files?use=download')->assertOk()->json();
        self::assertSame([24, true, 26, 'Leaflet 26.pdf'], [
            count($first['files']), $first['more'], $first['total'], $first['files'][0]['name'],
        ]);
        self::assertSame(
            ['Leaflet 2.pdf', 'Leaflet 1.pdf'],
            array_column($this->getJson('/studio/files?use=download&page=2')->json('files'), 'name'),
        );
        self::assertSame(
            ['Leaflet 13.pdf'],
            array_column($this->getJson('/studio/files?q=LEAFLET 13')->json('files'), 'name'),
        );
        self::assertSame([], $this->getJson('/studio/files?use=film')->json('files'));
        $ids = DB::table('files')->orderBy('id')->limit(2)->pluck('id')->all();
        self::assertSame(
            [$ids[1], $ids[0]],
            array_column($this->getJson("/studio/files?ids=$ids[1],$ids[0],99999")->json('files'), 'id'),
        );
    }

    public function test_names_out_of_the_folder_lead_nowhere_and_a_viewer_takes_nothing_in(): void
    {
        foreach (['..%2F..%2F.env', 'none.pdf', 'A.PDF', '.pdf'] as $name) {
            $this->get("/files/$name")->assertNotFound();
        }
        $viewer = User::query()->create(
            ['name' => 'V', 'email' => 'v@larkfold.example', 'password' => 'look-but-leave', 'role' => User::VIEWER],
        );
        $this->actingAs($viewer);
        $this->send('download', Leaflet::pdf(['Care']), 'Care.pdf')->assertForbidden();
    }

    private static function fixture(string $name): string
    {
        return (string) file_get_contents(__DIR__."/files/$name");
    }

    private function send(string $use, string $content, string $name): TestResponse
    {
        return $this->post(
            '/studio/files',
            ['use' => $use, 'file' => UploadedFile::fake()->createWithContent($name, $content)],
            ['Accept' => 'application/json'],
        );
    }
}
