<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Changing;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;

/** The history, files and the Studio name fields of things: none is lost or called otherwise by accident. */
final class ThingFieldsKeptTest extends TestCase
{
    public function test_every_thing_keeps_its_fields_and_their_limits(): void
    {
        $lines = [];
        foreach (Thing::cases() as $thing) {
            foreach (ThingFields::of($thing) as $one) {
                $lines[] = rtrim(implode(' | ', [
                    $thing->value, $one->name, $one->type->name, $one->words, $one->required ? 'required' : '',
                    $one->names->value ?? '', $one->most === 0 ? '' : $one->most,
                ]));
                self::assertSame($one, ThingFields::field($thing, $one->name));
            }
        }

        self::assertSame(rtrim((string) file_get_contents(__DIR__.'/thing-fields.txt')), implode("\n", $lines));
    }
}
