<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\PagesOut;

use Illuminate\Support\Facades\DB;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Messages\Messages;
use Vestibra\Tests\App\TestCase;

/** Every block of the shelf can be printed, whatever the product. */
final class BlocksPrintTest extends TestCase
{
    public function test_every_block_of_the_shelf_prints_for_ordinary_and_awkward_products(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template();
        $schema = $this->app->make(Composer::class)->schema;
        $column = $this->block($template, 'column');
        $ids = [];
        foreach ($schema->all() as $definition) {
            if ($definition->shelf === null || ! $schema->mayHold('column', $definition->kind)) {
                continue;
            }
            foreach ($definition->describe($this->app->make(Messages::class))['starters'] as $number => $starter) {
                $ids[] = $id = str_replace('-', '', $definition->kind).$number;
                $this->edit($template, [
                    'edit' => 'insert',
                    'parent' => $column,
                    'after' => null,
                    'node' => ['id' => $id] + $starter['node'],
                ]);
            }
        }
        $this->edit($template, [
            'edit' => 'set', 'id' => 'productgrid2', 'question' => 'what', 'setting' => 'products',
            'value' => [1, 2, 3],
        ]);
        self::assertGreaterThanOrEqual(36, count($ids));
        $products = DB::table('products')->orderByDesc('review_count')->limit(2)->pluck('id')
            ->merge(DB::table('products')->where('picture_count', 0)->limit(2)->pluck('id'))
            ->merge(DB::table('products')->orderByDesc('variant_count')->limit(1)->pluck('id'));
        foreach ($products as $product) {
            $html = (string) $this->get("/studio/templates/$template->id/canvas/$product")->assertOk()->getContent();
            self::assertStringNotContainsString('this block failed', $html);
            foreach ($ids as $id) {
                self::assertStringContainsString("data-b=\"$id\"", $html);
            }
        }
    }
}
