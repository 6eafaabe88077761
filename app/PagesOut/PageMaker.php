<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Psr\Log\LoggerInterface;
use Vestibra\App\Ground\Troubles;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Templates\Node;

/** A page through a template: the one way for shop, canvas and console. */
final readonly class PageMaker
{
    public function __construct(
        private Composer $composer,
        private PageContexts $contexts,
        private LiveParts $filler,
        private BlockPrinter $printer,
        private LoggerInterface $log,
        private Troubles $troubles,
    ) {
    }

    /**
     * @param  int|null  $templateId  the template whose tree it is, so that a block that breaks is raised on Today
     * @param  bool  $isDraft  whether it is that template's draft
     * @param  bool  $explain  for the canvas: blocks that do not appear say why in words, and keep the marks of their
     *     styles
     * @param  list<int>  $drafts  parts and cards whose drafts are taken instead of what is live
     * @param  list<string>|null  $only  of cards, the blocks that are wanted besides all styles; null for all
     * @param  bool  $styled  whether the styles are asked for
     */
    public function compose(
        Node $tree,
        Subject $subject,
        Visit $visit = new Visit,
        ?int $templateId = null,
        bool $explain = false,
        array $drafts = [],
        bool $isDraft = false,
        ?array $only = null,
        bool $styled = true,
    ): ComposedPage {
        $tree = $this->filler->fill($tree, $subject instanceof AroundPage ? $subject->subject : $subject, $drafts);
        $context = $this->contexts->of($tree, $subject, new Looking($visit, $explain, $drafts, $only));
        $page = $this->composer->compose($tree, $context, $explain, $styled);
        foreach ($page->failures as $failure) {
            $this->log->error(
                "The block $failure->blockId ($failure->kind) failed for {$subject->kind()->value} {$subject->id()}.",
                ['exception' => $failure->error],
            );
            if ($templateId !== null) {
                $this->troubles
                    ->block($templateId, $failure->blockId, $failure->kind, $subject->id(), $failure->error, $isDraft);
            }
        }

        return $page;
    }

    /** The products of a page as somebody asked for them, without the page. */
    public function listed(Node $tree, Subject $subject, Visit $visit): Listed
    {
        $tree = $this->filler->fill($tree, $subject);

        return $this->contexts->listed($tree, $subject, new Looking($visit));
    }

    /** @return array<string, string> id => what follows the products of the page */
    public function parts(ComposedPage $page): array
    {
        $parts = [];
        foreach ($page->page->following() as $node) {
            $parts[$node->id] = $this->print($node);
        }

        return $parts;
    }

    public function print(ComposedNode $node, bool $canvas = false): string
    {
        return self::withoutWaiting($this->printer->print($node, $canvas));
    }

    /**
     * The first large picture of a page is what customers wait for: it is fetched at once. Those further down wait
     * until they are near.
     */
    private static function withoutWaiting(string $html): string
    {
        $first = strpos($html, ' loading="lazy" data-large');
        $urgent = strpos($html, ' fetchpriority="high"');
        if ($first !== false && ($urgent === false || $first < $urgent)) {
            $html = substr_replace($html, ' fetchpriority="high"', $first, strlen(' loading="lazy" data-large'));
        }

        return str_replace(' loading="lazy" data-large', ' loading="lazy"', $html);
    }
}
