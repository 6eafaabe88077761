<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Reach\Trees\WhereNamed;
use Vestibra\App\Records\Models\Template;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;

/** A setting's type alone says what it names: what a block that nothing knows names is found wherever that is asked. */
final class UnknownBlockTest extends TestCase
{
    private const NAMED = [
        'picture' => 50, 'film' => 901, 'file' => 902, 'fact' => 2, 'blocks-fact' => 3, 'product' => 7, 'part' => 903,
        'collection' => 1,
    ];

    private Template $template;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
        $this->app->instance(Composer::class, new Composer(...$this->kinds(), ...[new Curio]));
        foreach ([901 => 'Rinsing.webm', 902 => 'Care.pdf'] as $id => $name) {
            DB::table('files')->insert([
                'id' => $id, 'name' => $name, 'file' => "f-$id", 'type' => 'application/pdf', 'use' => 'download',
                'bytes' => 9, 'made_at' => '2026-11-26 10:00:00',
            ]);
        }
        $this->template = $this->template('Curios');
        $this->edit($this->template, [
            'edit' => 'insert',
            'parent' => $this->block($this->template, 'column'),
            'after' => null,
            'node' => [
                'id' => 'curio',
                'kind' => 'curio',
                'what' => [
                    'portrait' => self::NAMED['picture'],
                    'reel' => 901,
                    'papers' => [902],
                    'matter' => 2,
                    'pieces' => 3,
                    'friends' => [7],
                    'piece' => 903,
                    'shelf' => 1,
                    'tale' => '<p>Dries in <span data-value="product.fact" data-of="4">it</span></p>',
                    'line' => ['source' => 'product.option', 'of' => 1, 'otherwise' => ''],
                ],
            ],
        ]);
    }

    public function test_where_something_is_used(): void
    {
        $where = $this->app->make(WhereNamed::class);
        foreach (self::NAMED + ['option' => 1] as $thing => $number) {
            self::assertContains('Curios', array_column($where->places($number, $thing), 'name'), $thing);
            self::assertNotContains('Curios', array_column($where->places($number + 400, $thing), 'name'), $thing);
        }
        self::assertContains('Curios', array_column($where->places(4, 'fact'), 'name'), 'A fact that stands in words.');
        foreach (['pictures/50', 'facts/2', 'facts/4', 'facts/3'] as $thing) {
            self::assertContains(
                'Curios',
                array_column($this->getJson("/studio/$thing/uses")->assertOk()->json('templates'), 'name'),
                $thing,
            );
        }
        foreach (['files/901', 'files/902'] as $file) {
            self::assertContains(
                '“Curios”',
                array_column($this->getJson("/studio/$file/uses")->assertOk()->json('places'), 'words'),
                $file,
            );
        }
    }

    public function test_what_it_names_is_loaded_with_the_page(): void
    {
        $product = $this->app->make(PagesOfTheShop::class)->get(PageKind::Product)->read(7);
        self::assertNotNull($product);
        $page = $this->app
            ->make(PageMaker::class)
            ->compose($this->app->make(StoredDrafts::class)->draft($this->template)->tree, $product)->page;

        self::assertSame(
            [[50], [901, 902]],
            [$page->find('curio')?->data['pictures'], $page->find('curio')?->data['files']],
        );
    }

    public function test_a_file_of_it_holds_its_picture_and_comes_back_with_all_it_names(): void
    {
        $file = $this->app->make(\Vestibra\App\Work\Templates\Exchange::class)->export($this->template);
        self::assertSame([50], array_column((array) $file['pictures'], 'id'));
        $again = $this->app
            ->make(\Vestibra\App\Work\Templates\Exchange::class)
            ->import(json_decode((string) json_encode($file), true), $this->owner);
        self::assertInstanceOf(Template::class, $again);
        self::assertSame(
            [$again->id, $this->template->id],
            array_values(array_intersect(
                [$again->id, $this->template->id],
                array_column($this->app->make(WhereNamed::class)->places(902, 'file'), 'id'),
            )),
        );
    }

    public function test_what_it_names_is_not_deleted(): void
    {
        $this->deleteJson('/studio/files/902')->assertStatus(409)->assertSee('Curios');
        $part = (int) DB::table('templates')->where('role', 'part')->value('id');
        if ($part === 0) {
            $this->postJson(
                '/studio/parts',
                ['name' => 'Our promise', 'node' => ['kind' => 'text', 'what' => ['text' => 'Kept.']]],
            )->assertCreated();
            $part = (int) DB::table('templates')->where('role', 'part')->value('id');
        }
        $this->edit($this->template, [
            'edit' => 'set', 'id' => 'curio', 'question' => 'what', 'setting' => 'piece', 'value' => $part,
            'width' => 'desktop',
        ]);
        $this->deleteJson("/studio/parts/$part")->assertStatus(409)->assertSee('Curios');
    }

    public function test_the_index_follows_every_change_of_the_tree(): void
    {
        $where = $this->app->make(WhereNamed::class);
        $this->publish($this->template);
        self::assertSame([[true, true]], self::standing($where, 902));
        $this->edit($this->template, ['edit' => 'remove', 'id' => 'curio']);
        self::assertSame([[true, false]], self::standing($where, 902));
        $this->publish($this->template);
        self::assertSame([], self::standing($where, 902));
        $release = (int) DB::table('releases')->max('id');
        $this->postJson("/studio/releases/$release/bring-back")->assertCreated();
        self::assertSame([[true, false]], self::standing($where, 902));
    }

    /** @return list<array{bool, bool}> */
    private static function standing(WhereNamed $where, int $file): array
    {
        return array_map(
            static fn (array $place): array => [$place['live'], $place['draft']],
            $where->places($file, 'file'),
        );
    }

    /** @return list<BlockKind> */
    private function kinds(): array
    {
        $kinds = [];
        foreach (Kinds::composer()->schema->all() as $definition) {
            $name = str_replace(' ', '', ucwords(str_replace('-', ' ', $definition->kind)));
            $class = "Vestibra\\Blocks\\$name\\{$name}Block";
            $kind = new $class;
            self::assertInstanceOf(BlockKind::class, $kind);
            $kinds[] = $kind;
        }

        return $kinds;
    }
}
