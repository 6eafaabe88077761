<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Shop\Cart;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\Node;

/**
 * Headers and footers as they were printed, kept between requests where that depends on nothing but what is in their
 * name: the template as it is live, what pages it stands on, the notices that were closed, and a word of the database
 * that is another one as soon as anything changes that they may show. What is in the cart is put in anew. They can be
 * thrown away at any time.
 */
final readonly class KeptAround
{
    private const MOST = 600;

    public function __construct(
        private string $folder,
        private ShopClock $clock,
        private Cart $cart,
        private Composer $composer,
    ) {
    }

    /** @return string|null null for a page on which nothing is kept: of what somebody looks for there is no end */
    public function name(int $template, AroundPage $page, Visit $visit, string $word): ?string
    {
        $subject = $page->subject;
        if ($page->page === PageKind::Search) {
            return null;
        }
        $on = in_array($page->page, [PageKind::Category, PageKind::Collection, PageKind::Brand, PageKind::Tag], true)
            ? "{$page->page->value}-{$subject->id()}"
            : $page->page->value;
        $config = config()->string('vestibra.locale').config()->string('vestibra.shop').$this->clock->zoneName();

        return "$template-$on-".substr(hash('xxh128', "$word $config ".implode('.', $visit->closed)), 0, 20);
    }

    /** @return array{html: string, css: string}|null */
    public function get(string $name): ?array
    {
        $kept = @file_get_contents("$this->folder/$name.json");
        $kept = $kept === false ? null : json_decode($kept, true);
        $now = $this->clock->now()->getTimestamp();
        if (! is_array($kept)
            || ! is_string($kept['html'] ?? null)
            || ! is_string($kept['css'] ?? null)
            || $now < $kept['from']
            || ($kept['until'] !== null && $now >= $kept['until'])) {
            return null;
        }

        return [
            'html' => (string) preg_replace('/(data-cart-count>)\d+/', '${1}'.$this->cart->count(), $kept['html']),
            'css' => $kept['css'],
        ];
    }

    public function keep(string $name, Node $tree, ComposedPage $page, string $html): void
    {
        if (! $this->isAlike($tree)) {
            return;
        }
        is_dir($this->folder) || @mkdir($this->folder, 0o755, true);
        $this->makeRoom();
        $beside = "$this->folder/$name.".getmypid();
        $kept = json_encode([
            'from' => $this->clock->now()->getTimestamp(),
            'until' => $page->until,
            'html' => $html,
            'css' => $page->css,
        ]);
        if (is_string($kept) && @file_put_contents($beside, $kept) !== false) {
            @rename($beside, "$this->folder/$name.json");
        }
    }

    /** As after another version was put in. */
    public function throwAway(): void
    {
        array_map(static fn (string $file): bool => @unlink($file), glob("$this->folder/*") ?: []);
    }

    private function isAlike(Node $tree): bool
    {
        foreach ($tree->walk() as $node) {
            if ($this->composer->schema->definition($node->kind)?->isAlike($node) !== true) {
                return false;
            }
        }

        return true;
    }

    private function makeRoom(): void
    {
        // Looking costs more than keeping: now and then is enough.
        if (random_int(1, 50) !== 1) {
            return;
        }
        $files = glob("$this->folder/*.json") ?: [];
        if (count($files) > self::MOST) {
            usort($files, static fn (string $one, string $other): int => (int) @filemtime($one) <=> (int) @filemtime(
                $other,
            ));
            foreach (array_slice($files, 0, intdiv(self::MOST, 2)) as $old) {
                @unlink($old);
            }
        }
    }
}
