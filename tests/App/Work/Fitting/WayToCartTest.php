<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Fitting;

use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;

/** Where customers can buy there is a way to the cart, or somebody has said that there is to be none. */
final class WayToCartTest extends TestCase
{
    private const FOUND = 'The page has no way to the cart';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_a_page_without_a_header_lacks_it_until_it_has_one_of_its_own(): void
    {
        $template = $this->product();
        self::assertNotContains('cart', $this->concerns($template));
        self::assertNotContains(self::FOUND, $this->found($template));

        $this->edit($template, $this->header($template, false));
        self::assertContains('cart', $this->concerns($template));
        self::assertContains(self::FOUND, $this->found($template));
        $publish = ['revisions' => [$template->id => $template->draft_revision]];
        $this->postJson('/studio/publish', $publish)->assertConflict()->assertSee('has no way to the cart');

        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'way', 'kind' => 'cart-link'],
        ]);
        self::assertNotContains('cart', $this->concerns($template));
        self::assertNotContains(self::FOUND, $this->found($template));
        $this->edit($template, [
            'edit' => 'set', 'id' => 'way', 'question' => 'when', 'setting' => 'off', 'value' => true,
            'width' => 'desktop',
        ]);
        self::assertContains('cart', $this->concerns($template), 'What is switched off is no way.');
        $this->postJson(
            '/studio/publish',
            ['revisions' => [$template->id => $template->draft_revision], 'spoken' => ["cart/$template->id"]],
        )->assertSuccessful();
    }

    public function test_a_header_without_it_is_asked_about_and_pages_that_choose_it_lack_it(): void
    {
        $header = Template::query()->where('page_kind', 'header')->firstOrFail();
        self::assertNotContains('cart', $this->concerns($this->edited($header)));
        $this->edit($header, ['edit' => 'remove', 'id' => $this->block($header, 'cart-link')]);
        self::assertContains('cart', $this->concerns($header));
        $template = $this->product();
        self::assertNotContains(self::FOUND, $this->found($template), 'What is live counts.');
        $this->publish($header);
        self::assertContains(self::FOUND, $this->found($this->edited($template)));
        $this->edit($template, $this->header($template, $header->id));
        self::assertContains('cart', $this->concerns($template));
        self::assertContains(self::FOUND, $this->found($template));
    }

    public function test_a_footer_with_it_is_a_way_too(): void
    {
        $footer = Template::query()->where('page_kind', 'footer')->firstOrFail();
        $template = $this->product();
        $this->edit($template, $this->header($template, false));
        $this->edit($footer, [
            'edit' => 'insert',
            'parent' => $this->block($footer, 'column'),
            'after' => null,
            'node' => ['kind' => 'cart-link'],
        ]);
        $this->publish($footer);
        self::assertNotContains('cart', $this->concerns($template));
        self::assertNotContains(self::FOUND, $this->found($template));
        $page = $template->draft_tree['page']['id'];
        $this->edit($template, [
            'edit' => 'set', 'id' => $page, 'question' => 'what', 'setting' => 'footer', 'value' => false,
            'width' => 'desktop',
        ]);
        self::assertContains('cart', $this->concerns($template));
        self::assertContains(self::FOUND, $this->found($template));
    }

    public function test_lists_need_it_where_one_buys_from_their_cards(): void
    {
        $list = $this->app->make(Templates::class)->fromStart('Inks', 'shelves', $this->owner, PageKind::Category);
        self::assertInstanceOf(Template::class, $list);
        $this->edit(
            $list,
            $this->reach([['category', 'isExactly', [$this->id('categories', 'Inks')]]]),
            $this->header($list, false),
        );
        self::assertNotContains('cart', $this->concerns($list), 'Plain cards lead to the product.');
        self::assertNotContains(self::FOUND, $this->found($list));
        $card = $this->postJson('/studio/cards', ['name' => 'To buy', 'start' => 'to-buy'])
            ->assertSuccessful()
            ->json('id');
        $this->edit($list, [
            'edit' => 'set',
            'id' => $this->block($list, 'product-grid'),
            'question' => 'what',
            'setting' => 'card',
            'value' => $card,
            'width' => 'desktop',
        ]);
        self::assertContains('cart', $this->concerns($list));
        self::assertContains(self::FOUND, $this->found($list));
    }

    private function product(): Template
    {
        $template = $this->template();
        $this
            ->edit($template, $this->reach([['product', 'isOneOf', [$this->id('products', 'Teal Tide bottled ink')]]]));

        return $template;
    }

    /** @return array<string, mixed> */
    private function header(Template $template, int|bool $choice): array
    {
        return [
            'edit' => 'set',
            'id' => $template->draft_tree['page']['id'],
            'question' => 'what',
            'setting' => 'header',
            'value' => $choice,
            'width' => 'desktop',
        ];
    }

    private function edited(Template $template): Template
    {
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['kind' => 'divider'],
        ]);

        return $template;
    }

    /** @return list<string> what publishing wants a spoken decision about */
    private function concerns(Template $template): array
    {
        $concerns = $this->getJson("/studio/templates/$template->id/impact")->assertOk()->json('concerns') ?? [];

        return array_map(static fn (array $one): string => explode('/', $one['spoken'])[0], $concerns);
    }

    /** @return list<string> */
    private function found(Template $template): array
    {
        $this->anew();
        $this->postJson("/studio/templates/$template->id/fitting")->assertOk();

        return array_column(
            $this->getJson("/studio/templates/$template->id/fitting")->assertJsonPath('state', 'done')->json('groups'),
            'about',
        );
    }
}
