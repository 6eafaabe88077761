<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Structured;

use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/**
 * One thing that a page shows.
 *
 * @api
 */
final readonly class Said
{
    private function __construct(
        public StructuredPart $part,
        public mixed $value,
        private SubjectKind $kind,
        private int $id,
    ) {
    }

    public static function of(Subject $subject, StructuredPart $part, mixed $value): self
    {
        return new self($part, $value, $subject->kind(), $subject->id());
    }

    /** Whether it is said of what the page is about, and not of another product that a holder shows. */
    public function isOf(Subject $subject): bool
    {
        return $this->kind === $subject->kind() && $this->id === $subject->id();
    }
}
