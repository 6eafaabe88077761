<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Problem;

/**
 * A small change of a draft, addressed by block id, with neighbours named by id too. That it does not fit any more is
 * a result, not an exception.
 *
 * @api
 */
interface Edit
{
    /** The fixed name in stored edits. */
    public static function name(): string;

    public function apply(Draft $draft, Schema $schema): EditResult|Problem;

    /** @return array<string, mixed> with `edit` holding the name */
    public function toArray(): array;
}
