<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Models\Template;
use Vestibra\Tests\App\TestCase;

/** Where something is used is read from what trees name, never from how their text looks. */
final class WhereNamedTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_picture_5_is_not_found_where_picture_50_is_used(): void
    {
        $fifty = $this->with('Fifty', ['kind' => 'picture', 'what' => ['picture' => 50]]);
        $otherwise = $this->with('Otherwise', ['kind' => 'picture', 'what' => ['picture' => ['source' => 'product.picture', 'otherwise' => 51]]]);
        $behind = $this->template('Behind');
        $this->edit($behind, ['edit' => 'set', 'id' => $this->block($behind, 'band'), 'question' => 'what', 'setting' => 'picture', 'value' => 5]);

        self::assertSame(['Behind'], $this->places('pictures', 5));
        self::assertSame([$fifty->name], $this->places('pictures', 50));
        self::assertSame([$otherwise->name], $this->places('pictures', 51));
    }

    public function test_an_option_is_no_fact_of_the_same_number(): void
    {
        $this->with('By option', ['kind' => 'text', 'what' => ['text' => ['source' => 'product.option', 'of' => 2]]]);
        $this->with('By fact', ['kind' => 'text', 'what' => ['text' => ['source' => 'product.fact', 'of' => 2]]]);
        $this->with('In words', ['kind' => 'rich-text', 'what' => ['text' => '<p>Dries in <span data-value="product.fact" data-of="2">it</span>, not <span data-value="product.option" data-of="3">that</span></p>']]);
        $this->with('When', ['kind' => 'text', 'when' => ['where' => [['field' => 'fact', 'of' => 2, 'comparison' => 'isFilled', 'values' => []], ['field' => 'option', 'comparison' => 'offers', 'values' => [3]]]]]);
        $rule = $this->template('By rule');
        $this->edit($rule, ['edit' => 'reach', 'reach' => ['format' => 2, 'show' => [[['field' => 'fact', 'of' => 3, 'comparison' => 'isFilled', 'values' => []]]], 'keepOff' => []]]);

        self::assertSame(['By fact', 'In words', 'When'], $this->places('facts', 2));
        self::assertSame(['By rule'], $this->places('facts', 3));
    }

    /** @param  array<string, mixed>  $node */
    private function with(string $name, array $node): Template
    {
        $template = $this->template($name);
        $this->edit($template, ['edit' => 'insert', 'parent' => $this->block($template, 'column'), 'after' => null, 'node' => ['id' => 'named'] + $node]);
        self::assertGreaterThan(0, DB::table('pictures')->count());

        return $template;
    }

    /** @return list<string> */
    private function places(string $things, int $number): array
    {
        return array_values(array_diff(array_column($this->getJson("/studio/$things/$number/uses")->assertOk()->json('templates'), 'name'), ['Everything else']));
    }
}
