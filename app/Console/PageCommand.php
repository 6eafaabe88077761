<?php

declare(strict_types=1);

namespace Vestibra\App\Console;

use Illuminate\Console\Command;
use Vestibra\App\Catalogue\ProductReader;
use Vestibra\App\Models\Template;
use Vestibra\App\Reach\Verdicts;
use Vestibra\App\Rendering\ProductPage;
use Vestibra\App\ShopClock;
use Vestibra\App\Templates\StoredDrafts;

final class PageCommand extends Command
{
    use SaysProblems;

    protected $signature = 'vestibra:page {kind : product} {slug} {--composed : the composed data instead of the HTML} {--at= : as at this time} {--json}';

    protected $description = 'Prints a page as the shop would';

    public function handle(ProductReader $products, Verdicts $verdicts, StoredDrafts $stored, ProductPage $page, ShopClock $clock): int
    {
        if (! $this->moveClock($clock)) {
            return self::FAILURE;
        }
        $slug = $this->text('slug');
        $kind = $this->text('kind');
        $product = $kind === 'product' ? $products->bySlug($slug) : null;
        if ($product === null) {
            return $this->refuse("There is no {$kind} page called “{$slug}”. Give the kind (product) and the address name.");
        }
        $verdict = $verdicts->forProduct($product);
        $template = Template::query()->findOrFail($verdict->templateId);
        $composed = $page->compose($stored->tree($template->live_tree), $product);
        $flags = JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR;
        $this->line(match (true) {
            (bool) $this->option('composed') => json_encode(['until' => self::until($verdict->until, $composed->until)] + $composed->page->toArray(), $flags),
            (bool) $this->option('json') => json_encode(['html' => $page->print($composed->page), 'css' => $composed->css], $flags),
            default => $page->print($composed->page),
        });

        return self::SUCCESS;
    }

    /** The instant until which page and verdict both hold. */
    private static function until(?int ...$instants): ?string
    {
        $known = array_filter($instants, is_int(...));

        return $known === [] ? null : gmdate('Y-m-d\TH:i:s\Z', min($known));
    }
}
