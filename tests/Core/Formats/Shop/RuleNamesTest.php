<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats\Shop;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\RuleNames;
use Vestibra\Core\Problem;

final class RuleNamesTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $kept
     * @param  array<string, mixed>  $named
     */
    #[DataProvider('conditions')]
    public function test_a_rule_names_things_by_name_in_a_folder_and_by_number_in_the_shop(
        array $kept,
        array $named,
    ): void {
        foreach (['show', 'keepOff'] as $side) {
            $rule = ['format' => 2, $side => [[$kept], [$kept, $kept]], 'goesFirst' => true];
            $written = (new RuleNames(new NamesOfFolder))->written($rule);

            self::assertSame(['format' => 2, $side => [[$named], [$named, $named]], 'goesFirst' => true], $written);
            self::assertSame($rule, (new RuleNames(new NamesOfFolder))->read($written));
        }
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> */
    public static function conditions(): iterable
    {
        foreach (['category', 'brand', 'tag', 'collection', 'product'] as $field) {
            yield $field => [
                ['field' => $field, 'comparison' => 'isOneOf', 'values' => [3, 5]],
                ['field' => $field, 'comparison' => 'isOneOf', 'values' => ["$field-3", "$field-5"]],
            ];
        }
        yield 'an option' => [
            ['field' => 'option', 'comparison' => 'offers', 'values' => [2]],
            ['field' => 'option', 'comparison' => 'offers', 'values' => ['option-2']],
        ];
        yield 'a value of an option' => [
            ['field' => 'option', 'comparison' => 'offersValue', 'values' => [2]],
            ['field' => 'option', 'comparison' => 'offersValue', 'values' => ['option-value-2']],
        ];
        yield 'a fact, whose values are its own' => [
            ['field' => 'fact', 'of' => 4, 'comparison' => 'atLeast', 'values' => [12]],
            ['field' => 'fact', 'of' => 'fact-4', 'comparison' => 'atLeast', 'values' => [12]],
        ];
        yield 'a price, which names nothing' => [
            ['field' => 'price', 'comparison' => 'atLeast', 'values' => [1200]],
            ['field' => 'price', 'comparison' => 'atLeast', 'values' => [1200]],
        ];
        yield 'words, which look like a name' => [
            ['field' => 'title', 'comparison' => 'contains', 'values' => ['brand-3']],
            ['field' => 'title', 'comparison' => 'contains', 'values' => ['brand-3']],
        ];
        yield 'what is gone keeps its number' => [
            ['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [950]],
            ['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [950]],
        ];
    }

    public function test_a_name_that_nobody_has_is_said(): void
    {
        $read = (new RuleNames(new NamesOfFolder))
            ->read(['show' => [[['field' => 'option', 'comparison' => 'offersValue', 'values' => ['Nib: Fine']]]]]);

        self::assertInstanceOf(Problem::class, $read);
        self::assertSame(
            [FileFormatProblem::UnknownName, ['name' => 'Nib: Fine', 'thing' => 'option value']],
            [$read->code, $read->values],
        );
    }

    public function test_nonsense_is_left_for_whoever_reads_rules(): void
    {
        foreach ([['show' => 'x'], ['show' => [1, [2]]], ['keepOff' => [[['field' => 3, 'values' => 4]]]], [
            'show' => [[['field' => 'brand', 'values' => 'brand-3']]],
        ]] as $rule) {
            self::assertSame($rule, (new RuleNames(new NamesOfFolder))->read($rule));
        }
    }
}
