<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Answers;

use stdClass;
use Vestibra\App\PagesOut\CardRoom;
use Vestibra\App\PagesOut\NamedThings;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\PagesOut\ShopAddresses;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Drafting\CanvasParts;
use Vestibra\App\Work\Drafting\StepResult;
use Vestibra\App\Work\Templates\CardBook;
use Vestibra\Core\Composing\BlockStyles;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TemplateRole;

/** What an edit changes on the canvas: the parts of the page as HTML, and their styles. */
final readonly class EditedCanvas
{
    private BlockStyles $blockStyles;

    public function __construct(
        private DraftState $state,
        private PagesOfTheShop $pages,
        private PageMaker $maker,
        private CanvasParts $parts,
        private CardRoom $room,
        private NamedThings $things,
        Composer $composer,
    ) {
        $this->blockStyles = new BlockStyles($composer->schema, new ShopAddresses);
    }

    /**
     * The state of the draft, with the parts of the canvas that changed.
     *
     * @param  int  $on  for a card: the template of pages on whose canvas it is seen; 0 for its own
     * @return array<string, mixed>
     */
    public function after(StepResult $done, Template $template, int $sampleId, Visit $visit, int $on = 0): array
    {
        if ($template->role === TemplateRole::Card) {
            return $this->afterCard($done, $template, $on, $sampleId, $visit);
        }
        $subject = $this->pages->get($template->seenOn())->read($sampleId);
        if ($subject === null) {
            return $this->state->of($template, draft: $done->draft)
                + ['parts' => [], 'css' => null, 'styles' => new stdClass, 'notice' => $done->notice];
        }
        $state = $this->state->of($template, draft: $done->draft) + ['notice' => $done->notice];
        if ($done->redraw->stylesOnly && $done->before !== null) {
            return $state + ['parts' => []] + $this->styles($done, null);
        }
        $all = $this->all($done);
        $composed = $this->maker
            ->compose($done->draft->tree, $subject, $visit, explain: true, drafts: CardBook::ids(), styled: $all);

        return $state
            + ['parts' => $this->parts->of($composed, $done)]
            + $this->styles($done, $all ? $composed->css : null);
    }

    /**
     * Whether the canvas needs all styles: it is not known which changed, or some of what is in no tree may have come
     * in.
     */
    private function all(StepResult $done): bool
    {
        return $done->before === null || $this->blockStyles->bringOthers($done->before, $done->draft->tree);
    }

    /**
     * @return array{css: string|null, styles: array<string, string>|stdClass} of the blocks that changed, unless all
     *     are there
     */
    private function styles(StepResult $done, ?string $all): array
    {
        $changed = $all !== null || $done->before === null ? [] : $this->blockStyles->changed(
            $done->before,
            $done->draft->tree,
            fn (Node $block): array => $this->things->of($block)['pictures'],
        );

        return ['css' => $all, 'styles' => $changed === [] ? new stdClass : $changed];
    }

    /**
     * @return array<string, mixed> with every grid on the canvas that shows the card; where nothing but its styles
     *     changed, with those alone
     */
    private function afterCard(StepResult $done, Template $card, int $on, int $sampleId, Visit $visit): array
    {
        $state = $this->state->of($card, draft: $done->draft) + ['notice' => $done->notice];
        $room = $this->room->of($card, $on, $sampleId);
        if ($room === null) {
            return $state + ['parts' => [], 'css' => null, 'styles' => new stdClass];
        }
        if ($done->redraw->stylesOnly && $done->before !== null) {
            return $state + ['parts' => []] + $this->styles($done, null);
        }
        $all = $this->all($done);
        $changed = CanvasParts::changedOn($done);
        $composed = $this->maker
            ->compose(...$room, visit: $visit, explain: true, drafts: CardBook::ids(), only: $changed, styled: $all);

        return $state
            + ['parts' => $this->parts->grids($composed, $done, $changed)]
            + $this->styles($done, $all ? $composed->css : null);
    }
}
