<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Codes;

use Vestibra\Core\Catalogue\Gtin;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Several;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class CodesBlock implements BlockKind, SaysOfPage
{
    public function definition(): Definition
    {
        return new Definition(
            'codes',
            'Product codes',
            Shelf::Show,
            [
                Setting::what(
                    'codes',
                    'Shows',
                    new Several([
                        'sku' => 'SKU', 'barcode' => 'barcode', 'categories' => 'categories', 'tags' => 'tags',
                    ]),
                    ['sku', 'barcode', 'categories', 'tags'],
                ),
                Setting::what('bars', 'Bars above the barcode', new Toggle, true),
            ],
            searchWords: 'sku barcode gtin number tags categories',
            messages: ['codes'],
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::letters('name', 'Names', 'dt'),
                Piece::letters('value', 'Values', 'dd'),
                Piece::drawing('bars', 'Bars', '.codes-bars'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $wanted = $settings->several('codes');
        $code = Gtin::of($context->chosen()->variant->barcode ?? '');
        $rows = array_intersect_key([
            'sku' => ['codes.sku', $context->chosen()->variant->sku ?? ''],
            'barcode' => ['codes.barcode', $code->digits ?? ''],
            'categories' => ['codes.categories', implode(', ', $this->categories($context))],
            'tags' => ['codes.tags', implode(', ', $context->product()->tags)],
        ], array_flip($wanted));
        $rows = array_values(array_filter($rows, static fn (array $row): bool => $row[1] !== ''));

        return $rows === [] ? Composed::absent('this product has none of these codes') : Composed::shown([
            'rows' => $rows,
            'bars' => $code !== null && $settings->bool('bars') && in_array('barcode', $wanted, true)
                ? $this->bars($code)
                : [],
        ]);
    }

    public function says(Composed $composed, Context $context): array
    {
        $shown = array_column(is_array($composed->data['rows'] ?? null) ? $composed->data['rows'] : [], 1, 0);

        return array_values(array_filter([
            isset($shown['codes.sku']) ? Said::of($context->subject, StructuredPart::Sku, $shown['codes.sku']) : null,
            isset($shown['codes.barcode'])
                ? Said::of($context->subject, StructuredPart::Gtin, $shown['codes.barcode'])
                : null,
        ]));
    }

    /** @return list<string> */
    private function categories(Context $context): array
    {
        $names = array_map(
            static fn (int $id): string => $context->categories->category($id)->name ?? '',
            $context->product()->categoryIds,
        );

        return array_values(array_filter($names, static fn (string $name): bool => $name !== ''));
    }

    /** @return list<array{int, int}> where each bar begins, and how wide it is, in modules */
    private function bars(Gtin $code): array
    {
        preg_match_all('/1+/', $code->modules(), $found, PREG_OFFSET_CAPTURE);

        return array_map(static fn (array $bar): array => [$bar[1], strlen($bar[0])], $found[0]);
    }
}
