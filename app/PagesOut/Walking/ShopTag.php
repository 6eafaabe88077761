<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut\Walking;

use Illuminate\Support\Facades\Gate;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\DecidedBy;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\Verdict;

/** The small paper tag on the shop's pages for whoever is signed in: which template this is, why, and the way to it. */
final class ShopTag
{
    private ?PageKind $kind = null;

    private ?Subject $subject = null;

    private ?Verdict $verdict = null;

    /** @var array<string, array{AroundPage, Verdict}> by header and footer */
    private array $around = [];

    public function __construct(
        private readonly Walk $walk,
        private readonly ReachWords $words,
    ) {
    }

    public function on(PageKind $kind, Subject $subject, Verdict $verdict): void
    {
        [$this->kind, $this->subject, $this->verdict] = [$kind, $subject, $verdict];
    }

    public function around(AroundPage $page, Verdict $verdict): void
    {
        $this->around[$page->around->value] = [$page, $verdict];
    }

    /**
     * @return array{around: list<array{kind: string, name: string, template: int, sample: int, slug: string}>,
     *     walking: string|null, subject: Subject|null, kind: string, one: string, template: int|null, name: string,
     *     why: string, own: bool}|null own: whether one may give this page a template of its own; null: nobody from the
     *     Studio looks
     */
    public function data(): ?array
    {
        if (! Gate::allows('see-studio')) {
            return null;
        }
        $one = $this->subject?->kind()->one() ?? '';
        $at = $this->walk->at();
        $drafts = $this->walk->drafts();
        $walking = array_filter([
            $at === null ? '' : 'as on '.$this->words->moment($at->getTimestamp()),
            $drafts === [] ? '' : 'with the work that is not published on '
                .implode(
                    ', ',
                    array_map(
                        static fn (string $name): string => "“{$name}”",
                        Template::query()->toBase()->whereIntegerInRaw('id', $drafts)->pluck('name')->all(),
                    ),
                ),
        ]);

        return [
            'around' => $this->beside(),
            'walking' => $this->walk->isOn() ? implode(', ', $walking) ?: 'as it is' : null,
            'subject' => $this->subject,
            'kind' => $this->kind->value ?? '',
            'one' => $one,
            'own' => $this->kind !== null
                && Gate::allows('edit-templates')
                && PageKinds::standard()->get($this->kind)->named() !== [],
            'template' => $this->verdict?->templateId,
            'name' => $this->verdict === null
                ? ''
                : (string) Template::query()->toBase()->where('id', $this->verdict->templateId)->value('name'),
            'why' => match (true) {
                $this->verdict === null => '',
                $this->verdict->unruled => "No rule takes this $one, so it gets the fallback.",
                default => self::why($this->verdict->step, $one),
            },
        ];
    }

    /**
     * @return list<array{kind: string, name: string, template: int, sample: int, slug: string}> the header and footer
     */
    private function beside(): array
    {
        $beside = [];
        foreach ($this->around as $kind => [$page, $verdict]) {
            if ($verdict->templateId !== Evaluator::NONE) {
                $beside[] = [
                    'kind' => $kind,
                    'name' => TemplateNames::of($verdict->templateId),
                    'template' => $verdict->templateId,
                    'sample' => $page->id(),
                    'slug' => $page->slug(),
                ];
            }
        }

        return $beside;
    }

    private static function why(DecidedBy $step, string $one): string
    {
        return match ($step) {
            DecidedBy::Pin => "This $one is pinned to it.",
            DecidedBy::GoesFirst => 'It goes first, and its rule matches.',
            DecidedBy::Closest => 'It has the closest rule that matches.',
            DecidedBy::Fallback => "No rule takes this $one, so it gets the fallback.",
        };
    }
}
