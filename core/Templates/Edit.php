<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Edits\EditKind;
use Vestibra\Core\Templates\Edits\EditParts;
use Vestibra\Core\Templates\Edits\Lines;
use Vestibra\Core\Templates\Edits\Placing;
use Vestibra\Core\Templates\Edits\Touches;

/**
 * A small change of a draft, addressed by block id, with neighbours named by id too. It says itself all that others
 * have to know of it: conflicts, taking back, carrying over and the Studio's waiting edits follow from that. That it
 * does not fit any more is a result, not an exception.
 *
 * @api
 */
interface Edit
{
    /** What is the same of every edit of its kind. */
    public static function kind(): EditKind;

    /**
     * @param  array<array-key, mixed>  $input  untrusted, in the current format
     * @return self|non-empty-list<Problem>
     */
    public static function parse(array $input, EditParts $parts): self|array;

    public function apply(Draft $draft, Schema $schema): EditResult|Problem;

    /** Which blocks have to be there for it, and which come and go with it. */
    public function touches(): Touches;

    /**
     * Whether what it came to is still so: nobody has changed it since, or whoever did has taken it back. Taking it
     * back then takes nothing from anybody.
     */
    public function stands(Draft $now): bool;

    /** How it carries the places of blocks over. */
    public function carries(Lines $lines): Lines;

    /**
     * The same on another draft than it was made on, with the places that it names looked up there.
     *
     * @return self|null null when nothing is left of it to do
     */
    public function carriedOver(Placing $places): ?self;

    /** @return array<string, mixed> with `edit` holding the name of its kind */
    public function toArray(): array;
}
