<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Errands;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use RuntimeException;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\Progress;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Errands\Errand;
use Vestibra\App\Work\Errands\ErrandAnswer;
use Vestibra\App\Work\Errands\Errands;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\Factories\UserFactory;
use Vestibra\Tests\App\TestCase;

/** Large files are read by the queue's worker, and what came of it is told to whoever asked, when they come back. */
final class ErrandsTest extends TestCase
{
    private const SKU = 'LF-0028-02';

    protected function setUp(): void
    {
        parent::setUp();
        config(['queue.default' => 'database']);
        $this->actingAs($this->owner);
        array_map(unlink(...), glob(config()->string('vestibra.errands').'/*') ?: []);
        DB::table('jobs')->delete();
    }

    public function test_a_large_file_is_looked_at_and_taken_by_the_worker(): void
    {
        $asked = $this->bring(24)->assertStatus(202)->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('ErrandState', $asked));
        self::assertSame(1, DB::table('jobs')->where('queue', 'errands')->count());
        $this->poll($asked['errand'])->assertStatus(202);
        $stock = $this->stock();
        $this->work();
        $brought = $this->poll($asked['errand'])->assertOk()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('BroughtFile', $brought));
        self::assertSame(['large.csv', 1, $stock], [$brought['name'], $brought['preview']['changed'], $this->stock()]);

        $taking = $this->take($brought['file'])->assertStatus(202)->json('errand');
        self::assertSame($stock, $this->stock(), 'The worker has not come to it.');
        $this->work();
        $taken = $this->poll($taking)->assertOk()->json('preview');
        self::assertSame([1, 24], [$taken['changed'], $this->stock()]);
        $this->postJson('/studio/in-and-out/take-back', ['entry' => $taken['entry'], 'release' => 0])->assertOk();
        self::assertSame($stock, $this->stock());
        self::assertSame(0, DB::table('failed_jobs')->count());
    }

    public function test_where_the_worker_is_down_whoever_asks_has_it_done(): void
    {
        $asked = $this->bring(24)->json('errand');
        $this->poll($asked)->assertStatus(202);
        $this->waited($asked);
        self::assertSame(1, $this->poll($asked)->assertOk()->json('preview.changed'));
        $taking = $this->take($this->poll($asked)->json('file'))->json('errand');
        $this->waited($taking);
        $this->poll($taking)->assertOk();
        $this->work();
        $this->work();
        self::assertSame(1, DB::table('catalogue_entries')->count(), 'The worker comes later and does it no more.');
        self::assertSame(0, DB::table('jobs')->count());
    }

    public function test_a_small_file_is_read_at_once(): void
    {
        $this->bring(24, 10)->assertOk()->assertJsonPath('preview.changed', 1);
        self::assertSame(0, DB::table('jobs')->count());
    }

    public function test_nobody_elses_errand_is_told_or_stopped(): void
    {
        $asked = $this->bring(24)->json('errand');
        $this->actingAs(UserFactory::new()->createOne(['role' => 'owner']));
        $this->poll($asked)->assertNotFound();
        $this->postJson("/studio/errands/$asked/stop")->assertNotFound();
        $this->get('/studio/in-and-out')->assertOk();
        self::assertNull($this->untold());
        $this->actingAs($this->owner);
        foreach (["{$this->owner->id}-000000000000000000000", '..%2f..%2f.env', "$asked.errand", 'x'] as $name) {
            $this->getJson("/studio/errands/$name")->assertNotFound();
        }
        $this->poll($asked)->assertStatus(202);
    }

    public function test_what_was_ended_in_the_middle_is_looked_at_again_and_taken_never_twice(): void
    {
        $asked = $this->bring(24)->json('errand');
        $this->begun($asked);
        $brought = $this->poll($asked)->assertOk()->json();
        self::assertSame(1, $brought['preview']['changed']);
        $taking = $this->take($brought['file'])->json('errand');
        $this->begun($taking);
        $stock = $this->stock();
        $this->poll($taking)->assertStatus(500)->assertJsonPath('message', 'The server was stopped in the middle of '
            .'this. It is either done as a whole or not at all: look under Catalogue › History, and if it is not '
            .'there, do it again.');
        self::assertSame($stock, $this->stock());
        $this->work();
        self::assertSame($stock, $this->stock());
    }

    public function test_what_somebody_is_at_is_not_begun_by_another(): void
    {
        $asked = $this->bring(24)->json('errand');
        $this->waited($asked);
        $lock = fopen($this->file($asked, 'lock'), 'c');
        self::assertIsResource($lock);
        flock($lock, LOCK_SH);
        touch($this->file($asked, 'begun'));
        (new Progress($asked))->note('looked at', 1_500, 0);
        self::assertSame(
            ['what' => 'looked at', 'done' => 1_500, 'all' => 0],
            $this->poll($asked)->assertStatus(202)->json('progress'),
        );
        self::assertFileDoesNotExist($this->file($asked, 'answer'));
        fclose($lock);
        $this->poll($asked)->assertOk();
    }

    public function test_stopped_nothing_is_changed_and_that_is_said(): void
    {
        $brought = $this->done($this->bring(24))->json('file');
        $stock = $this->stock();
        $taking = $this->take($brought)->json('errand');
        $this->postJson("/studio/errands/$taking/stop")->assertOk();
        $this->work();
        $this->poll($taking)->assertConflict()->assertJsonPath('message', 'Stopped. Nothing was changed.');
        self::assertSame([$stock, 0], [$this->stock(), DB::table('catalogue_entries')->count()]);
        self::assertSame(1, $this->done($this->take($brought))->assertOk()->json('preview.changed'));
    }

    public function test_whoever_went_away_is_told_when_they_come_back_and_once(): void
    {
        self::assertNull($this->untold());
        $asked = $this->bring(24)->json('errand');
        self::assertSame($asked, $this->untold()['errand'] ?? null, 'It is not done yet.');
        $this->work();
        $untold = $this->untold();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('UntoldErrand', $untold));
        self::assertSame(
            [$asked, 'large.csv', false, null],
            [
                $untold['errand'] ?? '', $untold['rows']['name'] ?? '', $untold['rows']['take'] ?? null,
                $untold['whole'] ?? null,
            ],
        );
        $file = $this->poll($asked)->assertOk()->json('file');
        self::assertNull($this->untold());
        $this->take($file, ['columns' => ['stock' => 'stock'], 'mended' => ['2' => ['1' => '5'], '3' => null]]);
        $rows = $this->untold()['rows'] ?? [];
        self::assertSame(
            [true, ['stock' => 'stock'], [2 => [1 => '5'], 3 => null]],
            [$rows['take'] ?? null, $rows['columns'] ?? null, $rows['mended'] ?? null],
        );
    }

    public function test_of_several_the_last_is_told(): void
    {
        for ($stock = 20; $stock < 30; $stock++) {
            $last = $this->bring($stock)->json('errand');
            self::assertSame($last, $this->untold()['errand'] ?? null);
        }
    }

    public function test_whoever_comes_after_a_crash_sees_that_it_was_begun(): void
    {
        $errands = $this->app->make(Errands::class);
        $folder = config()->string('vestibra.errands');
        $looking = new class($folder) implements Errand
        {
            public function __construct(private readonly string $folder)
            {
            }

            public function do(User $user, array $given, Progress $progress): ErrandAnswer
            {
                return new ErrandAnswer(200, ['begun' => count(glob("$this->folder/*.begun") ?: [])]);
            }

            public function isRepeatable(array $given): bool
            {
                return false;
            }
        };
        $this->app->instance($looking::class, $looking);
        $answer = $errands->of($this->owner, $errands->ask($this->owner, $looking::class, [], true));
        self::assertInstanceOf(ErrandAnswer::class, $answer);
        self::assertSame(['begun' => 1], $answer->body);
    }

    public function test_a_zip_that_is_large_is_read_by_the_worker_too(): void
    {
        $json = '{"@context": "https://schema.org", "@graph": [], "note": "'.str_repeat('a', 600_000).'"}';
        $asked = $this->post(
            '/studio/in-and-out/whole',
            ['file' => UploadedFile::fake()->createWithContent('all.jsonld', $json)],
            ['Accept' => 'application/json'],
        )->assertStatus(202)->json('errand');
        self::assertSame('all.jsonld', $this->untold()['whole']['name'] ?? null);
        $this->work();
        self::assertSame('linked', $this->poll($asked)->assertOk()->json('kind'));
    }

    public function test_what_fails_is_said_to_have_failed(): void
    {
        $errands = $this->app->make(Errands::class);
        foreach ([
            [new RuntimeException('A secret.'), 500, 'Something failed. Nothing was half done; try again.'],
            [new NoRoom, 507, NoRoom::WORDS],
        ] as [$error, $status, $words]) {
            $failing = new class($error) implements Errand
            {
                public function __construct(private readonly RuntimeException $error)
                {
                }

                public function do(User $user, array $given, Progress $progress): ErrandAnswer
                {
                    throw $this->error;
                }

                public function isRepeatable(array $given): bool
                {
                    return true;
                }
            };
            $this->app->instance($failing::class, $failing);
            $answer = $errands->of($this->owner, $errands->ask($this->owner, $failing::class, [], true));
            self::assertInstanceOf(ErrandAnswer::class, $answer);
            self::assertSame([$status, ['message' => $words]], [$answer->status, $answer->body]);
        }
    }

    public function test_they_are_let_go_of_after_a_day(): void
    {
        $asked = $this->bring(24)->json('errand');
        touch($this->file($asked, 'errand'), time() - 86_401);
        $other = $this->bring(25)->json('errand');
        $this->poll($asked)->assertNotFound();
        touch($this->file($other, 'errand'), time() - 80_000);
        $this->bring(26);
        $this->poll($other)->assertOk();
    }

    /** @param  int  $filled  how long each row is, so that the file is large */
    private function bring(int $stock, int $filled = 1_000): TestResponse
    {
        $rows = ['stock number,stock,note', self::SKU.",$stock,".str_repeat('a', $filled)];
        for ($row = 0; $row < 600; $row++) {
            $rows[] = 'none-'.$row.',1,'.str_repeat('a', $filled);
        }

        return $this->post(
            '/studio/in-and-out',
            ['file' => UploadedFile::fake()->createWithContent('large.csv', implode("\n", $rows))],
            ['Accept' => 'application/json'],
        );
    }

    /** @param  array<string, mixed>  $wishes */
    private function take(string $file, array $wishes = []): TestResponse
    {
        return $this->postJson("/studio/in-and-out/$file/take", $wishes + ['name' => 'large.csv', 'good' => true]);
    }

    private function poll(string $errand): TestResponse
    {
        return $this->getJson("/studio/errands/$errand");
    }

    private function done(TestResponse $asked): TestResponse
    {
        $this->work();

        return $this->poll($asked->assertStatus(202)->json('errand'));
    }

    private function work(): void
    {
        $this->app->make(Kernel::class)->call(
            'queue:work',
            ['connection' => 'database', '--queue' => 'errands', '--once' => true, '--tries' => 3, '--quiet' => true],
        );
    }

    /** @return array<string, mixed>|null */
    private function untold(): ?array
    {
        $data = $this->get('/studio/in-and-out')->assertOk()->viewData('screen')['data'];

        return json_decode((string) json_encode($data['untold']), true);
    }

    private function waited(string $errand): void
    {
        touch($this->file($errand, 'errand'), time() - 6);
        clearstatcache();
    }

    private function begun(string $errand): void
    {
        touch($this->file($errand, 'begun'));
        touch($this->file($errand, 'lock'));
    }

    private function file(string $errand, string $part): string
    {
        return config()->string('vestibra.errands')."/$errand.$part";
    }

    private function stock(): ?int
    {
        $stock = DB::table('variants')->where('sku', self::SKU)->value('stock');

        return $stock === null ? null : (int) $stock;
    }
}
