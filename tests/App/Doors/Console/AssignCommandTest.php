<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors\Console;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/** Many pages get a template from the console. */
final class AssignCommandTest extends TestCase
{
    private Template $pens;

    protected function setUp(): void
    {
        parent::setUp();
        $this->pens = $this->template('Pens');
        $this->edit($this->pens, $this->reach([['category', 'isExactly', [$this->id('categories', 'Blotting')]]]));
        $this->publish($this->pens);
    }

    public function test_by_a_rule_seen_before_and_then_made(): void
    {
        $where = (string) json_encode([
            ['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [$this->id('brands', 'Ostrelve')]],
        ]);
        $releases = Release::query()->count();
        [$status, $dry] = $this->assign(['--where' => $where, '--dry-run' => true, '--json' => true]);
        self::assertSame([0, $releases, null], [$status, Release::query()->count(), $dry['release']]);
        [$status, $done] = $this->assign(['--where' => $where, '--json' => true]);
        self::assertSame([0, $dry['moved']], [$status, $done['moved']]);
        self::assertGreaterThan(10, $done['moved']);
        self::assertSame($releases + 1, Release::query()->count());
        self::assertCount(2, $this->pens->refresh()->live_reach['show'] ?? []);
        self::assertFalse($this->pens->isChanged());
    }

    public function test_from_a_list_of_stock_numbers_by_pins_and_free_again(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'list');
        file_put_contents($path, "LF-0028-01\nLF-0001-01\n/p/gift-card\n");
        self::assertSame(0, $this->assign(['--list' => $path, '--how' => 'pin'])[0]);
        self::assertSame(3, DB::table('pins')->where('template_id', $this->pens->id)->count());
        self::assertSame(0, $this->assign(['--list' => $path, '--how' => 'unpin'])[0]);
        self::assertSame(0, DB::table('pins')->count());
        file_put_contents($path, "LF-0028-01\nnobody\n");
        [$status, , $said] = $this->assign(['--list' => $path, '--how' => 'pin']);
        self::assertSame([1, 0], [$status, DB::table('pins')->count()]);
        self::assertStringContainsString('1 line is not known: nobody', $said);
        unlink($path);
    }

    public function test_what_it_cannot_do_is_said(): void
    {
        foreach ([
            ['--how' => 'magic', '--where' => '[]'], [], ['--where' => 'x'], ['--list' => '/nowhere'],
            ['template' => 'No such', '--where' => '[]'],
        ] as $asked) {
            self::assertSame(1, $this->assign($asked)[0], (string) json_encode($asked));
        }
        self::assertSame(0, DB::table('pins')->count());
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return array{int, array<string, mixed>, string}
     */
    private function assign(array $asked): array
    {
        $status = Artisan::call('vestibra:assign', $asked + ['template' => 'Pens']);
        $said = Artisan::output();

        return [$status, (array) json_decode($said, true), $said];
    }
}
