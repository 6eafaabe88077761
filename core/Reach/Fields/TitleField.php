<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\TitleWords;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class TitleField implements RuleField
{
    public function name(): string
    {
        return 'title';
    }

    public function comparisons(): array
    {
        return [self::contains('title contains')];
    }

    public static function contains(string $words): Comparison
    {
        return Comparison::of('contains', $words, ConditionValues::Words, Weight::Narrowed, static fn (
            array $values,
        ): Check => new TitleWords(Folding::words((string) $values[0])
            ?: ['']));
    }
}
