<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Saving;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\Tests\App\TestCase;

/** What only one thing may have, within one save as between two. */
final class UniquenessTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     */
    #[DataProvider('twice')]
    public function test_two_new_things_that_cannot_both_be_are_said(
        string $thing,
        array $one,
        array $other,
        string $code,
    ): void {
        $before = DB::table('catalogue_entries')->count();
        $made = static fn (int $id, array $fields): array =>
            ['thing' => $thing, 'id' => $id, 'before' => null, 'after' => $fields];

        $this->actingAs($this->owner)
            ->postJson('/studio/catalogue/save', ['changes' => [$made(-1, $one), $made(-2, $other)]])
            ->assertStatus(422)->assertJsonPath('problems.0.code', $code)->assertJsonPath(
                'problems.0.path',
                fn (mixed $path): bool => is_string($path) && str_starts_with($path, "$thing/-2/"),
            );
        self::assertSame($before, DB::table('catalogue_entries')->count());
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>, string}> */
    public static function twice(): iterable
    {
        yield 'one address name' => [
            'brand', ['name' => 'Quill', 'slug' => 'quill'], ['name' => 'Moor', 'slug' => 'quill'],
            'catalogue.address-name-taken',
        ];
        yield 'one name, folded' => [
            'tag', ['name' => 'Dusky', 'slug' => 'dusky'], ['name' => ' DUSKY ', 'slug' => 'dusky-2'],
            'catalogue.name-taken',
        ];
        yield 'one option' => [
            'option', ['name' => 'Hour', 'position' => 1], ['name' => 'hour', 'position' => 2], 'catalogue.name-taken',
        ];
        yield 'one value of an option' => [
            'option-value',
            ['option' => 1, 'label' => 'Late', 'position' => 1],
            ['option' => 1, 'label' => 'late', 'position' => 2],
            'catalogue.name-taken',
        ];
        yield 'one stock number, of two products' => [
            'variant',
            ['product' => 1, 'sku' => 'Q-1', 'price' => 100],
            ['product' => 2, 'sku' => 'Q-1', 'price' => 100],
            'catalogue.sku-taken',
        ];
    }
}
