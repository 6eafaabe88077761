<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Templates;

use Illuminate\Support\Facades\Artisan;
use Vestibra\App\Pages\PagesOfTheShop;
use Vestibra\App\Templates\Exchange;
use Vestibra\App\Templates\Starts;
use Vestibra\App\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Outside;

final class ExchangeTest extends TestCase
{
    public function test_what_goes_out_is_as_the_schema_of_template_files_says(): void
    {
        $cases = [];
        foreach ([...PagesOfTheShop::kinds(), PageKind::Card] as $kind) {
            foreach ($this->app->make(Starts::class)->list($kind) as $start) {
                $template = $this->app->make(Templates::class)->fromStart("$kind->value as {$start['name']}", $start['name'], $this->owner, $kind);
                self::assertNotNull($template);
                $cases["$kind->value {$start['name']}"] = ['template', $this->app->make(Exchange::class)->export($template)];
            }
        }
        self::assertSame(0, Artisan::call('vestibra:template', ['what' => 'schema']));
        $answers = (array) Outside::ask('ajv.mjs', [['schemas' => ['template' => json_decode(Artisan::output())], 'cases' => array_values($cases)]])[0];

        self::assertSame([], array_keys(array_filter(array_combine(array_keys($cases), $answers), static fn (mixed $good): bool => $good !== true)));
        self::assertGreaterThan(20, count($cases));
    }
}
