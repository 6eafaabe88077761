<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Schema;

/**
 * Says anew where the template is to appear.
 *
 * @api
 */
final readonly class SetReach implements Edit
{
    public function __construct(public Reach $reach)
    {
    }

    public static function name(): string
    {
        return 'reach';
    }

    public function apply(Draft $draft, Schema $schema): EditResult
    {
        return new EditResult(new Draft($draft->tree, $this->reach), new self($draft->reach), []);
    }

    public function toArray(): array
    {
        return ['edit' => self::name(), 'reach' => $this->reach->toArray()];
    }
}
