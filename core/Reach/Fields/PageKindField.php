<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\HasAny;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class PageKindField implements RuleField
{
    public function name(): string
    {
        return 'page-kind';
    }

    public function comparisons(): array
    {
        return [
            Comparison::of('isOneOf', 'the page is', ConditionValues::PageKinds, Weight::Narrowed, static fn (
                array $values,
            ): Check => new HasAny(
                Aspect::StandsOn,
                array_map(
                    static fn (int|string $value): int => PageKind::from((string) $value)->number(),
                    $values,
                ),
            )),
        ];
    }
}
