<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\PagesOut\Walking;

use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/** The owner walks the shop with some drafts as if they were live. */
final class WalkTest extends TestCase
{
    public function test_pages_of_other_templates_are_as_they_are_live_though_they_have_a_draft(): void
    {
        $this->actingAs($this->owner);
        $walked = $this->waiting('Inks laid out', 'Bottled inks', 'In the draft of inks');
        $this->waiting('Pens laid out', 'Fountain pens', 'In the draft of pens');
        $this->postJson('/studio/walk', ['drafts' => [$walked->id], 'at' => null])->assertOk();

        $this->get('/p/teal-tide-bottled-ink')->assertOk()->assertSee('In the draft of inks');
        $this->get('/p/wherry-fountain-pen')->assertOk()->assertDontSee('In the draft of pens');

        $this->post('/studio/walk/end');
        $this->get('/p/teal-tide-bottled-ink')->assertDontSee('In the draft of inks');
    }

    /** A live template for a category, with words that stand in its draft alone. */
    private function waiting(string $name, string $category, string $words): Template
    {
        $template = $this->template($name);
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', $category)]]]));
        $this->publish($template);
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['kind' => 'text', 'what' => ['text' => $words]],
        ]);

        return $template;
    }
}
