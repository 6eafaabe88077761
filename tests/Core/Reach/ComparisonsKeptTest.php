<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\RuleFields;

/** Stored rules, files and sentences name fields and comparisons: none is lost or called otherwise by accident. */
final class ComparisonsKeptTest extends TestCase
{
    public function test_every_kind_of_page_is_asked_for_what_it_was_asked_for(): void
    {
        $lines = [];
        foreach ([...PageKind::pages(), PageKind::Header, PageKind::Footer] as $kind) {
            foreach (RuleFields::standard()->on($kind) as $field => $comparisons) {
                foreach ($comparisons as $one) {
                    $lines[] = "$kind->value | $field | $one->name | $one->words";
                    self::assertSame($one, RuleFields::standard()->comparison($kind, $field, $one->name));
                }
            }
        }

        self::assertSame(rtrim((string) file_get_contents(__DIR__.'/comparisons.txt')), implode("\n", $lines));
    }
}
