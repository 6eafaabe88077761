<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Tests\App\TestCase;

/**
 * How many queries a screen of the Studio takes with 22 live templates, and that the number of templates does not
 * decide it.
 */
final class QueryBudgetTest extends TestCase
{
    private const TEMPLATES = 22;

    /** Screens that speak of every kind of page may ask so many times more for each. */
    private const FOR_EACH_KIND = 6;

    public function test_no_screen_asks_more_often_the_more_templates_are_live(): void
    {
        $edited = $this->ruled(1);
        $few = $this->counted($edited);
        for ($more = 2; Template::query()->whereNotNull('live_revision')->count() < self::TEMPLATES; $more++) {
            $this->ruled($more);
        }
        // What stands in trees, and which pages they have, is learned once after they have changed.
        $this->actingAs($this->owner)->get('/studio/templates');
        $this->app->make(KeepingVerdicts::class)->bringUp();
        $many = $this->counted($edited);
        foreach ($many as $screen => $queries) {
            self::assertLessThanOrEqual($few[$screen] + 2, $queries, "$screen at ".self::TEMPLATES.' live templates');
            self::assertLessThanOrEqual(18 + self::FOR_EACH_KIND * count(PageAddresses::kinds()), $queries, $screen);
        }
    }

    private function ruled(int $number): Template
    {
        $template = $this->template("Template $number");
        $this->publish($template);

        return $template;
    }

    /** @return array<string, int> screen => queries */
    private function counted(Template $template): array
    {
        $product = (int) DB::table('products')->value('id');
        $slug = (string) DB::table('products')->value('slug');
        $screens = [
            '/studio/today', '/studio/templates', '/studio/releases', '/studio/who', '/studio/who/rows',
            '/studio/facts', '/studio/facts/rows',
            '/studio/files', '/studio/pictures', '/studio/pictures/rows', '/studio/reviews', '/studio/reviews/rows',
            '/studio/search', '/studio/search/rows', '/studio/search/preview?q=ink', '/studio/names/product',
            '/studio/catalogue', '/studio/who/rows?list=products', '/studio/catalogue/sheet',
            '/studio/catalogue/sheet/rows',
            '/studio/catalogue/brand', '/studio/catalogue/brand/1', '/studio/catalogue/collection/11',
            '/studio/catalogue/history', '/studio/catalogue/money', '/studio/catalogue/entries',
            "/studio/products/$product", "/studio/why/product/$slug", "/studio/ladder/product/$product",
            ...array_map(static fn (string $part): string => "/studio/templates/$template->id$part", [
                '', '/samples', '/news', '/missing', '/impact', '/differences', '/links', "/page/$product",
                "/canvas/$product", '/look',
            ]),
        ];
        $counted = [];
        foreach ($screens as $screen) {
            $this->anew();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $answer = $this->actingAs($this->owner)->get($screen);
            $counted[$screen] = count(DB::getQueryLog());
            DB::disableQueryLog();
            self::assertLessThan(400, $answer->getStatusCode(), $screen);
        }

        return $counted;
    }
}
