<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Reach\Trees\TreeNames;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Templates\Exchange;
use Vestibra\Tests\App\TestCase;

/** Where something is used is read from what trees name, never from how their text looks. */
final class WhereNamedTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_a_picture_on_a_ground_is_in_the_shop_on_the_canvas_and_among_its_uses(): void
    {
        $template = $this->template();
        $picture = DB::table('pictures')->orderByDesc('id')->first();
        $column = $this->block($template, 'column');
        $set = [
            'edit' => 'set',
            'id' => $column,
            'question' => 'how',
            'setting' => 'groundPicture',
            'value' => $picture->id,
            'width' => 'desktop',
        ];
        $answer = $this->postJson(
            "/studio/templates/$template->id/edits",
            ['edits' => [$set], 'sample' => 1, 'format' => 4],
        )->assertOk();
        $file = "--picture-$picture->id:url(\"/pictures/$picture->file-800.webp\")";
        self::assertStringContainsString($file, $answer->json("styles.$column"));
        self::assertStringContainsString(
            "background-image:var(--picture-$picture->id)",
            $answer->json("styles.$column"),
        );
        $this->get("/studio/templates/$template->id/canvas/1")->assertSee($file, false);
        self::assertContains(
            ['template' => $template->id, 'live' => false],
            app(TreeNames::class)->holding('picture', [$picture->id]),
        );
        self::assertContains(
            $picture->id,
            array_column(app(Exchange::class)->export($template->refresh())['pictures'], 'id'),
        );

        foreach (['url(x)', 0, -1, 1.5, '12'] as $bad) {
            $this->postJson(
                "/studio/templates/$template->id/edits",
                ['edits' => [['value' => $bad] + $set], 'sample' => 1, 'format' => 4],
            )
                ->assertStatus(422)
                ->assertJsonPath('problems.0.code', 'setting.not-a-picture');
        }
        $this->postJson(
            "/studio/templates/$template->id/edits",
            ['edits' => [['value' => 999_999] + $set], 'sample' => 1, 'format' => 4],
        )->assertOk();
        $this->get("/studio/templates/$template->id/canvas/1")->assertOk()->assertDontSee('--picture-999999:', false);
    }

    public function test_picture_5_is_not_found_where_picture_50_is_used(): void
    {
        $fifty = $this->with('Fifty', ['kind' => 'picture', 'what' => ['picture' => 50]]);
        $otherwise = $this->with(
            'Otherwise',
            ['kind' => 'picture', 'what' => ['picture' => ['source' => 'product.picture', 'otherwise' => 51]]],
        );
        $behind = $this->template('Behind');
        $this->edit($behind, [
            'edit' => 'set',
            'id' => $this->block($behind, 'band'),
            'question' => 'what',
            'setting' => 'picture',
            'value' => 5,
        ]);

        self::assertSame(['Behind'], $this->places('pictures', 5));
        self::assertSame([$fifty->name], $this->places('pictures', 50));
        self::assertSame([$otherwise->name], $this->places('pictures', 51));
    }

    public function test_an_option_is_no_fact_of_the_same_number(): void
    {
        $this->with('By option', ['kind' => 'text', 'what' => ['text' => ['source' => 'product.option', 'of' => 2]]]);
        $this->with('By fact', ['kind' => 'text', 'what' => ['text' => ['source' => 'product.fact', 'of' => 2]]]);
        $this->with('In words', [
            'kind' => 'rich-text',
            'what' => [
                'text' => '<p>Dries in <span data-value="product.fact" data-of="2">it</span>, not <span '
                    .'data-value="product.option" data-of="3">that</span></p>',
            ],
        ]);
        $this->with('When', [
            'kind' => 'text',
            'when' => ['where' => [
                ['field' => 'fact', 'of' => 2, 'comparison' => 'isFilled', 'values' => []],
                ['field' => 'option', 'comparison' => 'offers', 'values' => [3]],
            ]],
        ]);
        $rule = $this->template('By rule');
        $this->edit($rule, [
            'edit' => 'reach',
            'reach' => [
                'format' => 2,
                'show' => [[['field' => 'fact', 'of' => 3, 'comparison' => 'isFilled', 'values' => []]]],
                'keepOff' => [],
            ],
        ]);

        self::assertSame(['By fact', 'In words', 'When'], $this->places('facts', 2));
        self::assertSame(['By rule'], $this->places('facts', 3));
    }

    /** @param  array<string, mixed>  $node */
    private function with(string $name, array $node): Template
    {
        $template = $this->template($name);
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'named'] + $node,
        ]);
        self::assertGreaterThan(0, DB::table('pictures')->count());

        return $template;
    }

    /** @return list<string> */
    private function places(string $things, int $number): array
    {
        return array_values(array_diff(
            array_column($this->getJson("/studio/$things/$number/uses")->assertOk()->json('templates'), 'name'),
            ['Everything else'],
        ));
    }
}
