<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\PagesOut\Walking;

use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Tests\App\TestCase;

/** A private link shows a draft in the shop to somebody without an account, until it expires or is withdrawn. */
final class PrivateLinkTest extends TestCase
{
    private const INK = '/p/teal-tide-bottled-ink';

    public function test_it_shows_the_draft_on_any_product_and_nobody_else_sees_it(): void
    {
        $address = $this->link($this->draft());
        $this->get(self::INK)->assertDontSee('Only a draft');

        $this->get($address)->assertRedirect(self::INK)->assertHeader('X-Robots-Tag', 'noindex');
        $this->get(self::INK)->assertOk()
            ->assertSee('Only a draft')
            ->assertSee('a draft that customers do not see')
            ->assertSee('noindex', false)
            ->assertDontSee('would not get it');
        $this->get('/p/almanac-fountain-pen')->assertSee('Only a draft')->assertSee('This product would not get it.');

        $this->post('/look/end');
        $this->get(self::INK)->assertDontSee('Only a draft');
    }

    public function test_on_pages_of_another_kind_it_shows_what_customers_see(): void
    {
        $this->get($this->link($this->draft()));

        $this->get('/c/inks')->assertOk()->assertDontSee('Only a draft')->assertSee('Teal Tide');
        $this->get(self::INK)->assertSee('Only a draft');
    }

    public function test_it_ends_when_it_expires_even_for_somebody_who_is_looking(): void
    {
        $address = $this->link($this->draft(), 1);
        $this->get($address);
        $this->travel(23)->hours();
        $this->get(self::INK)->assertSee('Only a draft');
        $this->travel(1)->hours();
        $this->get(self::INK)->assertOk()->assertDontSee('Only a draft');
        $this->get($address)->assertStatus(410)->assertSee('This link shows nothing any more');
    }

    public function test_a_block_that_fails_in_the_draft_is_not_blamed_on_what_is_live(): void
    {
        $template = $this->draft();
        $this->app->instance(Composer::class, $this->composerThatFailsAt('text'));
        foreach ([PageMaker::class, StoredDrafts::class] as $class) {
            $this->app->forgetInstance($class);
        }
        $this->get($this->link($template));
        $this->get(self::INK)->assertOk()->assertDontSee('Only a draft');

        self::assertSame(
            [[$template->id, 1]],
            DB::table('troubles')->get(['template_id', 'draft'])
                ->map(static fn (object $row): array => [$row->template_id, $row->draft])
                ->all(),
        );
        $this->actingAs($this->owner)->get('/studio/today')->assertSee('of the draft of “Bottled inks” failed', false);
    }

    private function composerThatFailsAt(string $kind): Composer
    {
        $kinds = (new \ReflectionProperty(Composer::class, 'kinds'))->getValue($this->app->make(Composer::class));
        $failing = new class($kinds[$kind]) implements BlockKind
        {
            public function __construct(private readonly BlockKind $kind)
            {
            }

            public function definition(): Definition
            {
                return $this->kind->definition();
            }

            public function compose(Settings $settings, Context $context, array $children): Composed
            {
                throw new RuntimeException('broken');
            }
        };

        return new Composer(
            $failing,
            ...array_values(
                array_filter($kinds, static fn (BlockKind $one): bool => $one->definition()->kind !== $kind),
            ),
        );
    }

    public function test_it_can_be_withdrawn(): void
    {
        $template = $this->draft();
        $address = $this->link($template);
        $this->get($address);
        $this->actingAs($this->owner);
        $id = (int) DB::table('private_links')->value('id');
        $this->postJson("/studio/templates/$template->id/links/$id/withdraw")->assertOk()
            ->assertJsonPath('links.0.state', 'withdrawn')
            ->assertJsonPath('links.0.opened', 1);
        Auth::logout();
        $this->get(self::INK)->assertDontSee('Only a draft');
        $this->get($address)->assertStatus(410);
    }

    public function test_a_made_up_link_shows_nothing_and_only_a_hash_is_kept(): void
    {
        $address = $this->link($this->draft());
        $this->get('/look/made-up')->assertStatus(410);
        $token = basename((string) parse_url($address, PHP_URL_PATH));
        self::assertSame(40, strlen($token));
        self::assertStringNotContainsString(
            $token,
            json_encode(DB::table('private_links')->get(), JSON_THROW_ON_ERROR),
        );
    }

    public function test_it_holds_from_one_to_sixty_days(): void
    {
        $template = $this->draft();
        $this->actingAs($this->owner);
        foreach ([0, 61, -1, 'x'] as $days) {
            $this->postJson("/studio/templates/$template->id/links", ['days' => $days])->assertStatus(422);
        }
        self::assertSame(0, DB::table('private_links')->count());
    }

    private function draft(): Template
    {
        $template = $this->template();
        $this->edit(
            $template,
            [
                'edit' => 'insert',
                'parent' => $this->block($template, 'column'),
                'after' => null,
                'node' => ['kind' => 'text', 'what' => ['text' => 'Only a draft']],
            ],
            $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]),
        );

        return $template;
    }

    private function link(Template $template, int $days = 7): string
    {
        $this->actingAs($this->owner);
        $sample = (int) DB::table('products')->where('slug', 'teal-tide-bottled-ink')->value('id');
        $address = $this->postJson("/studio/templates/$template->id/links", ['days' => $days, 'sample' => $sample])
            ->assertCreated()
            ->json('address');
        Auth::logout();

        return (string) $address;
    }
}
