<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Work\Starts\Starts;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Fitting\Unreplaced;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Source;
use Vestibra\Core\Templates\Types\Hours;
use Vestibra\Core\Templates\Types\Several;
use Vestibra\Tests\App\TestCase;

/** Starts and blocks say nothing about a shop or its goods that its owner did not say. */
final class ClaimsTest extends TestCase
{
    public function test_a_new_block_chooses_nothing_that_is_a_statement_about_the_shop(): void
    {
        foreach ($this->app->make(Composer::class)->schema->all() as $definition) {
            foreach ($definition->settings() as $setting) {
                if ($setting->type instanceof Hours) {
                    self::assertSame('', $setting->default, "$definition->kind: when the shop is open");
                }
                if ($definition->kind === 'marks' && $setting->type instanceof Several) {
                    self::assertSame([], $setting->default, 'How it is paid and sent.');
                }
            }
        }
    }

    /**
     * @return iterable<string, array{string, string}> kinds of block with words of their own, and one of these words
     */
    public static function placeholders(): iterable
    {
        yield 'fold' => ['fold', 'title'];
        yield 'tab' => ['tab', 'title'];
        yield 'pop-up' => ['pop-up', 'label'];
        yield 'html' => ['html', 'html'];
        yield 'notice strip' => ['notice-strip', 'text'];
        yield 'note' => ['note', 'text'];
        yield 'quote' => ['quote', 'text'];
        yield 'rich text' => ['rich-text', 'text'];
    }

    #[DataProvider('placeholders')]
    public function test_words_that_wait_for_others_are_named_until_somebody_wrote_them(
        string $kind,
        string $setting,
    ): void {
        $schema = $this->app->make(Composer::class)->schema;
        $messages = $this->app->make(ShopMessages::class)->live();
        $named = static fn (array $what): array => array_map(
            static fn (Node $node): string => $node->id,
            Unreplaced::in(new Node('p', 'page', children: [new Node('b', $kind, $what)]), $schema, $messages),
        );
        $own = array_fill_keys(
            array_map(
                static fn ($one): string => $one->name,
                array_filter(
                    $schema->definition($kind)?->settings() ?? [],
                    static fn ($one): bool => $one->says !== null,
                ),
            ),
            'Our own words',
        );

        self::assertSame(['b'], $named([]));
        self::assertSame([], $named($own));
        self::assertSame(['b'], $named(array_diff_key($own, [$setting => 1])));
    }

    public function test_no_start_says_anything_but_what_things_are_called(): void
    {
        $starts = $this->app->make(Starts::class);
        $schema = $this->app->make(Composer::class)->schema;
        $messages = $this->app->make(ShopMessages::class);
        $said = [
            ...array_map(
                static fn (string $pattern): string => str_replace('{shop}', 'Larkfold', $pattern),
                $messages->shipped(),
            ),
            'Description',
            'Reviews',
            'In detail',
            '',
        ];
        $seen = 0;
        foreach ([...PageAddresses::kinds(), PageKind::Card] as $kind) {
            foreach ($starts->list($kind) as ['name' => $name]) {
                foreach ($starts->tree($kind, $name, $schema)?->walk() ?? [] as $node) {
                    foreach (self::words($node, $schema->definition($node->kind)) as $words) {
                        self::assertContains($words, $said, "$kind->value, $name: $node->kind");
                        $seen++;
                    }
                }
            }
        }
        self::assertGreaterThan(10, $seen);
    }

    public function test_what_nobody_replaced_is_named_before_publishing(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template();
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'guide', 'kind' => 'pop-up'],
        ]);
        self::assertContains(
            'guide',
            $this->getJson("/studio/templates/$template->id/news")->assertOk()->json('state.unreplaced'),
        );
    }

    /** @return list<string> that somebody typed */
    private static function words(Node $node, ?Definition $definition): array
    {
        $words = [];
        foreach ($definition?->settings() ?? [] as $setting) {
            $value = $node->what[$setting->name] ?? null;
            if ($setting->says !== null && is_string($value) && Source::of($value) === null) {
                $words[] = $value;
            }
        }

        return $words;
    }
}
