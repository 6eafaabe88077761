<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use Vestibra\App\Reach\Trees\Speaking;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Changes\AskedByChanges;
use Vestibra\App\Work\Releases\Changes\Changes;
use Vestibra\App\Work\Releases\Changes\FallbackChange;
use Vestibra\App\Work\Releases\Changes\HouseStyleChange;
use Vestibra\App\Work\Releases\Changes\ReleaseChange;
use Vestibra\App\Work\Releases\Changes\TemplateChange;
use Vestibra\Core\Templates\TemplateRole;

/** Which pages look different with a set of changes, though they keep their template. */
final readonly class NewLooksReader
{
    public function __construct(
        private AskedByChanges $shop,
        private Speaking $speaking,
    ) {
    }

    public function of(Changes $changes): NewLooks
    {
        $templates = $products = [];
        $looks = [
            ...array_map($this->ofTemplate(...), $changes->templates()),
            ...array_map($this->ofPart(...), $changes->parts()),
            ...array_map($this->ofOther(...), $changes->list),
            ...$this->ofMessages($changes->messages()),
        ];
        foreach ($looks as $look) {
            array_push($templates, ...$look->templates);
            foreach ($look->products as $product => $those) {
                $products[$product] = [...$products[$product] ?? [], ...$those];
            }
        }

        return new NewLooks(array_values(array_unique($templates)), $products);
    }

    private function ofTemplate(TemplateChange $change): NewLooks
    {
        return new NewLooks($change->isNewLook() ? [$change->template] : [], []);
    }

    private function ofPart(TemplateChange $change): NewLooks
    {
        $cards = $this->shop->cards;

        return match (true) {
            $change->role === TemplateRole::Part && $change->isNewLook() =>
                new NewLooks($this->shop->parts->liveTemplates($change->template), []),
            $change->role === TemplateRole::Card && $change->isNewLook() =>
                new NewLooks($cards->liveTemplates($change->template), $cards->products($change->template)),
            $change->role === TemplateRole::OwnBlocks
                && ($change->before['tree'] ?? null) !== ($change->after['tree'] ?? null) =>
                $this->ofOwnBlocks(Template::query()->find($change->template)),
            default => new NewLooks([], []),
        };
    }

    private function ofOwnBlocks(?Template $own): NewLooks
    {
        return new NewLooks([], $own === null ? [] : [
            (int) $own->product_id => $this->shop->parts->showing((int) $own->fact_id),
        ]);
    }

    private function ofOther(ReleaseChange $change): NewLooks
    {
        return new NewLooks(match (true) {
            $change instanceof FallbackChange => $change->newLooks($this->shop),
            // Every page stands in the house style.
            $change instanceof HouseStyleChange => array_values(Template::query()
                ->where('role', TemplateRole::Page->value)
                ->whereNotNull('live_revision')
                ->pluck('id')
                ->map(intval(...))
                ->all()),
            default => [],
        }, []);
    }

    /**
     * @param  list<string>  $messages  that customers read otherwise
     * @return list<NewLooks>
     */
    private function ofMessages(array $messages): array
    {
        return array_map(fn (object $one): NewLooks => match ($one->role) {
            TemplateRole::OwnBlocks->value =>
                new NewLooks([], [(int) $one->product_id => $this->shop->parts->showing((int) $one->fact_id)]),
            TemplateRole::Part->value => new NewLooks($this->shop->parts->liveTemplates($one->id), []),
            TemplateRole::Card->value => new NewLooks($this->shop->cards->liveTemplates($one->id), []),
            default => new NewLooks([$one->id], []),
        }, $messages === [] ? [] : $this->speaking->of($messages));
    }
}
