<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\PageKind;

final class PageCommand extends Command
{
    use SaysProblems;

    protected $signature = 'vestibra:page {kind : product, category, …} {slug} {--composed : the composed data '
        .'instead of the HTML} {--at= : as at this time} {--json}';

    protected $description = 'Prints a page as the shop would';

    public function handle(
        PagesOfTheShop $pages,
        Verdicts $verdicts,
        StoredDrafts $stored,
        PageMaker $page,
        ShopClock $clock,
    ): int {
        if (! $this->moveClock($clock)) {
            return self::FAILURE;
        }
        $slug = $this->text('slug');
        $kind = $this->text('kind');
        $subject = PageAddresses::knows($kind) ? $pages->get($kind)->bySlug($slug) : null;
        if ($subject === null) {
            return $this->refuse(
                "There is no {$kind} page called “{$slug}”. Give the kind ("
                    .implode(', ', PageAddresses::names())
                    .') and the address name.',
            );
        }
        $verdict = $verdicts->of(PageKind::from($kind), $subject);
        $template = Template::query()->findOrFail($verdict->templateId);
        $composed = $page->compose($stored->tree($template->live_tree), $subject);
        $flags = JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR;
        $this->line(match (true) {
            (bool) $this->option('composed') => json_encode(
                ['until' => self::until($verdict->until, $composed->until)] + $composed->page->toArray(),
                $flags,
            ),
            (bool) $this->option('json') => json_encode(
                ['html' => $page->print($composed->page), 'css' => $composed->css],
                $flags,
            ),
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
