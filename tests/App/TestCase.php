<?php

declare(strict_types=1);

namespace Vestibra\Tests\App;

use DOMDocument;
use DOMXPath;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Templates\Fallbacks;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Releases\Changes;
use Vestibra\Demo\Larkfold;

/** The application over HTTP on a database of its own: Larkfold, made once and copied for every test. */
abstract class TestCase extends LaravelTestCase
{
    private static ?string $original = null;

    private string $copy = '';

    protected User $owner;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        self::$original ??= $this->make();
        $this->copy = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        copy(self::$original, $this->copy);
        $this->connect($this->copy);
        config([
            'vestibra.pictures' => self::folder('pictures'),
            'vestibra.files' => self::folder('files'),
            'vestibra.around' => self::folder('around'),
            // Two runs beside each other let go of each other's otherwise.
            'vestibra.rules' => self::folder('rules'),
            'vestibra.incoming' => self::folder('incoming'),
            'vestibra.errands' => self::folder('errands'),
        ]);
        // What a test before compiled, at another time or of other rules, is none of this one's.
        array_map(unlink(...), array_filter(glob(self::folder('rules').'/*') ?: [], is_file(...)));
        $this->owner = User::query()->firstOrFail();
    }

    /** Somebody else signs in: what the session knew of the one before ends. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->app->make('session')->forget('password_hash_web');

        return parent::actingAs($user, $guard);
    }

    protected function tearDown(): void
    {
        DB::purge();
        @unlink($this->copy);
        @unlink("$this->copy-journal");
        parent::tearDown();
    }

    protected function id(string $table, string $name): int
    {
        return (int) DB::table($table)->where($table === 'products' ? 'title' : 'name', $name)->value('id');
    }

    protected function template(string $name = 'Bottled inks', string $start = 'gallery-and-buy'): Template
    {
        $template = $this->app->make(Templates::class)->fromStart($name, $start, $this->owner, PageKind::Product);
        self::assertNotNull($template);

        return $template;
    }

    /** @param  array<string, mixed>  ...$edits */
    protected function edit(Template $template, array ...$edits): void
    {
        $done = $this->app->make(Drafting::class)->apply($template->id, $this->owner, array_values($edits));
        self::assertIsObject($done, 'The edit was refused.');
        $template->refresh();
    }

    protected function publish(Template $template): void
    {
        $done = $this->app
            ->make(Releases::class)
            ->make(Changes::of(TemplateDeed::publish($template)), $this->owner, '');
        self::assertIsObject($done, 'The template was not published.');
        $template->refresh();
    }

    /**
     * @param  list<array{string, string, list<int|string>}>  $show
     * @param  list<array{string, string, list<int|string>}>  $keepOff
     * @return array<string, mixed> an edit
     */
    protected function reach(array $show, array $keepOff = []): array
    {
        $clauses = static fn (array $conditions): array => $conditions === [] ? [] : [array_map(
            static fn (array $condition): array =>
                ['field' => $condition[0], 'comparison' => $condition[1], 'values' => $condition[2]],
            $conditions,
        )];

        return [
            'edit' => 'reach',
            'reach' => ['format' => 2, 'show' => $clauses($show), 'keepOff' => $clauses($keepOff)],
        ];
    }

    /**
     * The values of attributes in a page, without what each begins with.
     *
     * @return list<string>
     */
    protected static function attributes(string $html, string $path, string $before = ''): array
    {
        $page = new DOMDocument;
        @$page->loadHTML($html, LIBXML_NOERROR);
        $found = [];
        foreach ((new DOMXPath($page))->query($path) ?: [] as $attribute) {
            $found[] = substr((string) $attribute->nodeValue, strlen($before));
        }

        return $found;
    }

    /** The id of the first block of a kind in a draft. */
    protected function block(Template $template, string $kind): string
    {
        $found = null;
        $walk = static function (array $node) use (&$walk, &$found, $kind): void {
            if ($node['kind'] === $kind && $found === null) {
                $found = $node['id'];
            }
            array_map($walk, $node['children'] ?? []);
        };
        $walk($template->draft_tree['page']);
        self::assertNotNull($found, "There is no $kind.");

        return $found;
    }

    /** For pictures and files that tests write: one for each process, gone afterwards. */
    private static function folder(string $name): string
    {
        $root = sys_get_temp_dir().'/vestibra-tests-'.getmypid();
        if (! is_dir($root)) {
            mkdir($root, 0o700);
            register_shutdown_function(static fn () => DataFolder::remove($root));
        }
        is_dir("$root/$name") || mkdir("$root/$name");

        return "$root/$name";
    }

    private function make(): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        register_shutdown_function(static fn () => @unlink($file));
        $this->connect($file);
        $this->app->make(Kernel::class)->call('migrate', ['--force' => true]);
        (new Larkfold)->fill();
        $owner = User::query()->create([
            'name' => 'Robin',
            'email' => 'robin@larkfold.example',
            'password' => 'ink-on-paper',
            'role' => User::OWNER,
        ]);
        $this->app->make(Fallbacks::class)->see($owner);
        DB::purge();
        $this->app->forgetScopedInstances();

        return $file;
    }

    private function connect(string $file): void
    {
        config([
            'database.connections.sqlite.database' => $file,
            'database.connections.sqlite.journal_mode' => 'memory',
            'database.connections.sqlite.synchronous' => 'off',
        ]);
        DB::purge();
    }

    /** As another request finds the application: nothing is left of the one before. */
    protected function anew(): void
    {
        $this->app->forgetScopedInstances();
        foreach ($this->app->make(Router::class)->getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
    }
}
