<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors\Shapes;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;

/** What the server answers has the shapes that the Studio's types are generated from. */
final class ShapesTest extends TestCase
{
    private Conforming $conforming;

    private Template $template;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
        $this->conforming = new Conforming(Shapes::ofProject());
        $this->template = $this->template();
        $ink = $this->id('products', 'Teal Tide bottled ink');
        $this->edit(
            $this->template,
            $this->reach([['category', 'isIn', [$this->id('categories', 'Inks')]]]),
            [
                'edit' => 'insert',
                'parent' => $this->block($this->template, 'column'),
                'after' => null,
                'node' => [
                    'id' => 'own',
                    'kind' => 'text',
                    'what' => ['text' => ['source' => 'product.fact', 'of' => 1, 'otherwise' => 'None.']],
                    'how' => ['phone' => ['size' => 18]],
                    'when' => ['where' => [['field' => 'stock', 'comparison' => 'isIn', 'values' => []]]],
                ],
            ],
        );
        $this->postJson(
            '/studio/parts',
            ['name' => 'Our promise', 'node' => ['kind' => 'text', 'what' => ['text' => 'Kept.']]],
        )->assertCreated();
        $this->postJson('/studio/pins', [
            'pageKind' => 'product',
            'subject' => $ink,
            'template' => DB::table('templates')->where('page_kind', 'product')
                ->whereNotNull('live_revision')
                ->value('id'),
        ])->assertSuccessful();
    }

    public function test_screens(): void
    {
        $product = $this->id('products', 'Teal Tide bottled ink');
        foreach ([
            '/studio/today' => 'TodayData', '/studio/templates' => 'TemplatesData',
            "/studio/templates/{$this->template->id}" => 'TableData', '/studio/who' => 'FoundData',
            '/studio/pictures' => 'PicturePage', '/studio/reviews' => 'ReviewPage', '/studio/words' => 'WordsPage',
            "/studio/products/$product" => 'ProductData',
        ] as $address => $shape) {
            $screen = $this->screen($address);
            $this->conforms('ScreenFrame', $screen);
            $this->conforms($shape, $screen['data']);
        }
        $facts = $this->screen('/studio/facts')['data'];
        self::assertIsArray($facts);
        $this->conforms('FactPage', array_diff_key($facts, ['facts' => 1, 'query' => 1]));
        $this->eachConforms('Fact', $facts['facts']);
        foreach (['/studio/why/product/teal-tide-bottled-ink', '/studio/why/category/inks'] as $address) {
            $this->conforms('Ladder', ((array) $this->screen($address)['data'])['ladder']);
        }
    }

    public function test_the_drawing_table(): void
    {
        $base = "/studio/templates/{$this->template->id}";
        $product = $this->id('products', 'Teal Tide bottled ink');
        $reach = $this->template->draft_reach;
        $this->conforms('SamplePage', $this->getJson("$base/samples?q=ink")->json());
        $this->conforms('ReachPreview', $this->postJson("$base/reach", ['reach' => $reach])->json());
        $this->conforms('Tried', $this->postJson("$base/try", ['reach' => $reach, 'subject' => $product])->json());
        $this->conforms(
            'EditAnswer',
            $this->postJson("$base/edits", [
                'format' => 2,
                'sample' => $product,
                'edits' => [[
                    'edit' => 'set', 'id' => 'own', 'question' => 'what', 'setting' => 'text', 'value' => 'Words',
                    'width' => 'desktop',
                ]],
            ])->json(),
        );
        $this->conforms('EditAnswer', $this->postJson("$base/undo", ['sample' => $product])->json());
        $this->conforms('DraftState', $this->getJson("$base/news?revision=1")->json('state'));
        $impact = $this->getJson("$base/impact")->json();
        $look = ['revisions' => 1, 'others' => 1, 'house' => 1, 'changed' => 1, 'message' => 1, 'concerns' => 1];
        $this->conforms('PublishLook', array_intersect_key($impact, $look));
        $this->conforms('Impact', array_diff_key($impact, $look));
        $this->conforms(
            'ReleaseRow',
            $this->postJson('/studio/publish', [
                'revisions' => [$this->template->id => $this->template->refresh()->draft_revision],
            ])
                ->assertCreated()
                ->json(),
        );
        $this->edit($this->template, ['edit' => 'remove', 'id' => 'own']);
        $this->conforms('Differences', $this->getJson("$base/differences")->json());
        $this->conforms('FittingReport', $this->postJson("$base/fitting")->json());
        $this->conforms('FittingReport', $this->getJson("$base/fitting")->json());
        $this->eachConforms(
            'PrivateLink',
            $this->postJson("$base/links", ['days' => 7, 'sample' => $product])->json('links'),
        );
        $release = (int) DB::table('releases')->max('id');
        $this->conforms('Impact', $this->getJson("/studio/releases/$release/impact")->json());
        $this->eachConforms(
            'KeptPart',
            $this->postJson('/studio/parts', ['name' => 'Two', 'node' => ['kind' => 'text']])->json('parts'),
        );
        $this->eachConforms(
            'NewNode',
            $this->getJson('/studio/parts/'.DB::table('templates')->where('role', 'part')->value('id').'/nodes')
                ->json('nodes'),
        );
        $part = (int) DB::table('templates')->where('role', 'part')->value('id');
        $this->conforms('DraftState', $this->getJson("/studio/templates/$part/news?revision=0")->json('state'));
    }

    public function test_lists(): void
    {
        $release = $this->template(name: 'Another');
        $this->publish($release);
        foreach ([
            '/studio/who/rows?kind=category' => 'FoundPage',
            '/studio/pictures/rows' => 'PicturePage',
            '/studio/pictures/1/uses' => 'PictureUses',
            '/studio/facts/rows' => 'FactPage',
            '/studio/facts/1/uses' => 'FactUses',
            '/studio/files' => 'FilePage',
            '/studio/names/category' => 'NamePage',
            '/studio/names/product?q=ink' => 'NamePage',
            '/studio/reviews/rows?state=read' => 'ReviewPage',
            '/studio/words/rows?q=cart' => 'WordsPage',
        ] as $address => $shape) {
            $this->conforms($shape, $this->getJson($address)->assertOk()->json());
        }
        $this->conforms('Ladder', $this->getJson('/studio/ladder/'.PageKind::Product->value.'/1')->json());
        $releases = $this->screen('/studio/releases')['data'];
        self::assertIsArray($releases);
        $this->eachConforms('ReleaseRow', $releases['releases']);
    }

    public function test_the_check_itself_finds_what_is_wrong(): void
    {
        $row = ['id' => 1, 'title' => 'Ink', 'slug' => 'ink', 'picture' => null, 'address' => '/p/ink'];
        self::assertNull($this->conforming->to('PageRow', $row));
        self::assertSame('PageRow.id is no int but "1"', $this->conforming->to('PageRow', ['id' => '1'] + $row));
        self::assertSame('PageRow has no slug', $this->conforming->to('PageRow', array_diff_key($row, ['slug' => 1])));
        self::assertSame(
            'PageRow has more, which nobody promised',
            $this->conforming->to('PageRow', $row + ['more' => 1]),
        );
        self::assertSame('Sample.flags is no list', $this->conforming->to('Sample', $row + ['flags' => ['a' => 'b']]));
        self::assertNotNull($this->conforming
            ->to('TreeNode', ['id' => 'p', 'kind' => 'page', 'children' => [['id' => 'x', 'kind' => 'no-such']]]));
        self::assertNotNull($this->conforming->to('PrivateLink', [
            'id' => 1, 'madeAt' => '', 'expiresAt' => '', 'by' => '', 'opened' => 0, 'state' => 'strange',
        ]));
    }

    /** @return array<string, mixed> */
    private function screen(string $address): array
    {
        preg_match(
            '~<script[^>]*id="screen"[^>]*>(.*?)</script>~s',
            (string) $this->get($address)->assertOk()->getContent(),
            $found,
        );
        $screen = json_decode($found[1] ?? '', true);
        self::assertIsArray($screen, $address);

        return $screen;
    }

    private function conforms(string $shape, mixed $value): void
    {
        self::assertNull($this->conforming->to($shape, $value));
    }

    private function eachConforms(string $shape, mixed $list): void
    {
        self::assertIsArray($list);
        self::assertNotSame([], $list, $shape);
        foreach ($list as $one) {
            $this->conforms($shape, $one);
        }
    }
}
