<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\FactKind;

/** Which facts take several values, and which name something that the shop has. */
final class FactKindTest extends TestCase
{
    public function test_which_take_several_and_which_name_things(): void
    {
        $where = static fn (callable $holds): array => array_column(array_filter(FactKind::cases(), $holds), 'value');

        self::assertEqualsCanonicalizing(
            ['list', 'files', 'products'],
            $where(static fn (FactKind $kind): bool => $kind->takesSeveral()),
        );
        self::assertEqualsCanonicalizing(
            ['picture', 'files', 'products', 'blocks'],
            $where(static fn (FactKind $kind): bool => $kind->namesThings()),
        );
    }
}
