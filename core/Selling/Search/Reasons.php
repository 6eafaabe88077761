<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

use Vestibra\Core\Catalogue\Folding;

/**
 * Why a search finds a product: which of its words is where.
 *
 * @phpstan-type Reason array{wanted: string, found: string, field: SearchField}
 *
 * @api
 */
final readonly class Reasons
{
    /**
     * @param  array<string, string>  $fields  field => its words
     * @param  list<Wanted>  $wanted
     * @return list<Reason> for each that is wanted, the field that counts most and what stands there
     */
    public static function of(array $fields, array $wanted): array
    {
        $reasons = [];
        foreach ($wanted as $one) {
            foreach ([$one->words, ...$one->same, ...$one->near] as $words) {
                $field = self::field($fields, $words);
                if ($field !== null) {
                    $reasons[] = ['wanted' => $one->words, 'found' => $words, 'field' => $field];

                    break;
                }
            }
        }

        return $reasons;
    }

    /** @param  array<string, string>  $fields */
    private static function field(array $fields, string $words): ?SearchField
    {
        $run = ' '.implode(' ', Folding::words($words));
        foreach (SearchField::cases() as $field) {
            if (str_contains(' '.implode(' ', Folding::words($fields[$field->value] ?? '')), $run)) {
                return $field;
            }
        }

        return null;
    }
}
