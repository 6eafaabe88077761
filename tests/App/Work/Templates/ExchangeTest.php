<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Starts\Starts;
use Vestibra\App\Work\Templates\Exchange;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Outside;

final class ExchangeTest extends TestCase
{
    public function test_what_goes_out_is_as_the_schema_of_template_files_says(): void
    {
        $cases = [];
        foreach ([...PageAddresses::kinds(), PageKind::Card] as $kind) {
            foreach ($this->app->make(Starts::class)->list($kind) as $start) {
                $template = $this->app
                    ->make(Templates::class)
                    ->fromStart("$kind->value as {$start['name']}", $start['name'], $this->owner, $kind);
                self::assertNotNull($template);
                $cases["$kind->value {$start['name']}"] = [
                    'template',
                    $this->app->make(Exchange::class)->export($template),
                ];
            }
        }
        self::assertSame(0, Artisan::call('vestibra:template', ['what' => 'schema']));
        $answers = (array) Outside::ask(
            'ajv.mjs',
            [['schemas' => ['template' => json_decode(Artisan::output())], 'cases' => array_values($cases)]],
        )[0];

        self::assertSame(
            [],
            array_keys(array_filter(
                array_combine(array_keys($cases), $answers),
                static fn (mixed $good): bool => $good !== true,
            )),
        );
        self::assertGreaterThan(20, count($cases));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unfit(): iterable
    {
        yield 'a part that does not exist' => [
            '{"vestibra":"template","format":1,"pageKind":"product","name":"A","tree":{"format":5,'
                .'"page":{"kind":"page","children":[{"kind":"band","children":[{"kind":"column",'
                .'"children":[{"kind":"shared","what":{"part":99999}}]}]}]}}}',
            'It places the part with the number 99999, which this shop does not have.',
        ];
        yield 'no UTF-8' =>
            ["{\"vestibra\":\"template\",\"name\":\"\xff\"}", 'This is no JSON (malformed UTF-8 characters'];
        yield 'a bracket too few' => ['{"vestibra":"template"', 'This is no JSON (syntax error).'];
        yield 'a key that is none' => [
            '{"vestibra":"template","format":1,"pageKind":"product","titel":"A","tree":{}}',
            '“titel” does not belong here',
        ];
        yield 'a name that is no text' => [
            '{"vestibra":"template","format":1,"pageKind":"product","name":{"en":"A"},"tree":{}}',
            'The name has to be words',
        ];
        yield 'a number outside its limits' => [
            '{"vestibra":"template","format":1,"pageKind":"product","name":"A","tree":{"format":5,'
                .'"page":{"kind":"page","children":[{"kind":"band","children":[{"kind":"column",'
                .'"children":[{"kind":"price","how":{"desktop":{"now.size":4100}}}]}]}]}}}',
            'The number for “Now, size” is outside its limits, 8 to 200 px.',
        ];
    }

    #[DataProvider('unfit')]
    public function test_what_is_the_matter_with_a_file_is_said_and_nothing_is_taken_in(
        string $text,
        string $words,
    ): void {
        $file = (string) tempnam(sys_get_temp_dir(), 'vestibra-template');
        file_put_contents($file, $text);
        $before = DB::table('templates')->count();
        try {
            self::assertSame(1, Artisan::call('vestibra:template', ['what' => 'import', 'which' => $file]));
            self::assertStringContainsString($words, Artisan::output());
            self::assertSame($before, DB::table('templates')->count());
        } finally {
            unlink($file);
        }
    }
}
