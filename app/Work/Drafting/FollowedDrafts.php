<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use LogicException;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Releases\TemplateChange;

/**
 * Drafts whose rules were those that were live: where a release changes the rules alone, they have the new ones too, so
 * that publishing them later does not bring the old ones back. A draft with rules of its own is left alone.
 */
final readonly class FollowedDrafts
{
    public function __construct(private Drafting $drafting)
    {
    }

    public function follow(TemplateChange $change, User $user): void
    {
        $this->set($change, $change->before['reach'] ?? null, $change->after['reach'] ?? null, $user);
    }

    /** The release was taken back. */
    public function takeBack(TemplateChange $change, User $user): void
    {
        $this->set($change, $change->after['reach'] ?? null, $change->before['reach'] ?? null, $user);
    }

    /**
     * @param  array<string, mixed>|null  $from
     * @param  array<string, mixed>|null  $to
     */
    private function set(TemplateChange $change, ?array $from, ?array $to, User $user): void
    {
        $template = Template::query()->find($change->template);
        if ($template === null || $from === null || $to === null || $from == $to || $template->draft_reach != $from) {
            return;
        }
        is_array($this->drafting->apply($template->id, $user, [['edit' => 'reach', 'reach' => $to]]))
            && throw new LogicException('Rules that were live cannot stand in a draft.');
    }
}
