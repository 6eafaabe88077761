<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use RuntimeException;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Pages\PageKind;

/** How what an owner and a customer wait for grows with the number of live templates for products' pages. */
final class TemplatesBench
{
    public const NUMBERS = [1, 25, 100, 500];

    private const TIMES = 9;

    /** @return list<array<string, mixed>> */
    public function run(int $size, int $seed): array
    {
        // What was just written is kept ready too, as a server does with what is two seconds old.
        ini_set('opcache.file_update_protection', '0');
        $rows = [];
        foreach (self::NUMBERS as $number) {
            DB::beginTransaction();
            try {
                ManyTemplates::lay($number, $chance = new Chance($seed));
                array_push($rows, ...$this->rows($size, $number, $chance));
            } finally {
                DB::rollBack();
            }
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    private function rows(int $size, int $number, Chance $chance): array
    {
        $limited = static fn (string $what, int $limit, callable $work, int $times = self::TIMES): array =>
            Timing::limited("$number templates: $what", $size, $limit, $work, $times);
        $other = static fn (): int => DB::table('templates')->where('name', 'Bench '.$chance->number(1, $number))
            ->update(['live_reach' => ManyTemplates::reach($chance)]);
        $rows = [
            $limited('all kept anew', 10_000, static fn () => self::anew(KeepingVerdicts::class)->rebuild(), 1),
            $limited('rules compiled after one changed', 20, static function () use ($other): void {
                $other();
                self::anew(LiveRules::class)->of(PageKind::Product);
            }),
            $limited('one with other rules, until every number is right', 3_000, static function () use ($other): void {
                $other();
                self::anew(KeptVerdicts::class)->numbers();
            }, 3),
            $limited('one price, until every number is right', 50, static function (): void {
                DB::table('variants')->where('product_id', 1)->increment('price');
                self::anew(KeptVerdicts::class)->numbers();
            }),
        ];
        Auth::setUser(User::query()->firstOrFail());
        $template = DB::table('templates')->where('name', 'Bench 1')->value('id');
        foreach ([
            '/studio/today' => 300, '/studio/templates' => 300, '/studio/who' => 300,
            "/studio/templates/$template" => 300, '/p/'.DB::table('products')->where('published', true)->value('slug')
                => 100,
        ] as $address => $limit) {
            $what = str_replace("/$template", '/{n}', (string) $address);
            $rows[] = $limited(
                str_starts_with($what, '/p/') ? 'a product’s page' : $what,
                $limit,
                static fn () => self::get($address),
            );
        }

        return $rows;
    }

    private static function get(string $address): void
    {
        app()->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
        $kernel = app(Kernel::class);
        $request = Request::create($address);
        $response = $kernel->handle($request);
        $kernel->terminate($request, $response);
        if ($response->getStatusCode() !== 200) {
            throw new RuntimeException("$address answered {$response->getStatusCode()}.");
        }
    }

    /**
     * As another request would.
     *
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T
     */
    private static function anew(string $class): object
    {
        app()->forgetScopedInstances();

        return app($class);
    }
}
