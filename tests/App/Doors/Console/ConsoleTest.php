<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors\Console;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Tests\App\TestCase;

final class ConsoleTest extends TestCase
{
    public function test_the_verdict_with_its_reasons(): void
    {
        $template = $this->template();
        $this->edit(
            $template,
            $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]], [
                ['brand', 'isOneOf', [$this->id('brands', 'Hallorme')]],
            ]),
        );
        $this->publish($template);
        $this->template('A draft');
        $verdict = json_decode($this->said('vestibra:verdict product hallorme-brick-bottled-ink --json'), true);

        self::assertSame(
            ['Everything else', 'fallback', null],
            [$verdict['rungs'][0]['name'], $verdict['step'], $verdict['rungs'][0]['closeness']],
        );
        self::assertSame(['wins', 'kept-off', 'not-live'], array_column($verdict['rungs'], 'reason'));
        $words = $this->said('vestibra:verdict product teal-tide-bottled-ink');
        self::assertStringContainsString('Teal Tide bottled ink gets “Bottled inks”', $words);
        self::assertStringContainsString(
            '(1 group of goods, category 2 levels down) category is in Bottled inks',
            $words,
        );
        self::assertStringContainsString('Not needed.', $words);
        self::assertStringContainsString('“A draft”', $words);
    }

    public function test_who_begins_with_an_empty_shop_finds_a_fallback_of_every_kind(): void
    {
        DB::table('fallbacks')->delete();
        $file = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        file_put_contents($file, 'Quill-and-moor-7');
        $this->said("vestibra:user add new@larkfold.example New --password-from=$file");
        unlink($file);

        self::assertSame(
            [...PageAddresses::names(), 'card'],
            DB::table('fallbacks')->orderBy('template_id')->pluck('page_kind')->all(),
        );
    }

    public function test_what_may_look_otherwise_since_an_upgrade_is_listed_by_template(): void
    {
        self::assertStringContainsString('looks as before', $this->said('vestibra:template otherwise'));
        $list = ['id' => 'x', 'kind' => 'product-grid', 'what' => ['layout' => 'row', 'empty' => ''], 'how' => [
            'desktop' => ['gap' => 2],
        ]];
        $template = $this->template('Slides');
        $tree = json_decode((string) DB::table('templates')->where('id', $template->id)->value('draft_tree'), true);
        $tree['page']['children'] = [
            ['id' => 'b', 'kind' => 'band', 'children' => [['id' => 'c', 'kind' => 'column', 'children' => [$list]]]],
        ];
        DB::table('templates')->where('id', $template->id)->update(['live_tree' => json_encode($tree)]);

        $words = $this->said('vestibra:template otherwise');
        self::assertStringContainsString('“Slides”: Products, Between cards', $words);
        self::assertStringContainsString('“Slides”: Products, When there are none', $words);
        self::assertCount(2, json_decode($this->said('vestibra:template otherwise --json'), true)['settings']);
    }

    public function test_a_pin_to_a_draft_is_told(): void
    {
        DB::table('pins')
            ->insert(['page_kind' => 'product', 'subject_id' => 1, 'template_id' => $this->template()->id]);

        self::assertStringContainsString(
            'the pin was skipped',
            $this->said('vestibra:verdict product teal-tide-bottled-ink'),
        );
    }

    public function test_the_page_as_html_and_as_data(): void
    {
        self::assertStringContainsString(
            'class="title title-h1">Teal Tide bottled ink</h1>',
            $this->said('vestibra:page product teal-tide-bottled-ink'),
        );
        $composed = json_decode($this->said('vestibra:page product teal-tide-bottled-ink --composed'), true);
        self::assertSame('page', $composed['kind']);
        self::assertArrayHasKey(
            'html',
            json_decode($this->said('vestibra:page product teal-tide-bottled-ink --json'), true),
        );
    }

    public function test_what_does_not_exist_is_said(): void
    {
        foreach ([
            'vestibra:verdict product nothing',
            'vestibra:page product nothing',
            'vestibra:verdict planet mars',
        ] as $command) {
            self::assertStringContainsString('There is no ', $this->said($command, 1));
        }
    }

    public function test_the_demo_leaves_a_filled_shop_alone_and_can_grow_it(): void
    {
        self::assertSame('no', trim($this->said('vestibra:demo --needed')));
        $before = DB::table('products')->count();
        self::assertSame($before, json_decode($this->said('vestibra:demo --json'), true)['products']);
        self::assertSame(300, json_decode($this->said('vestibra:demo --products=300 --json'), true)['products']);
    }

    private function said(string $command, int $status = 0): string
    {
        $kernel = $this->app->make(Kernel::class);
        self::assertSame($status, $kernel->call($command));

        return $kernel->output();
    }
}
