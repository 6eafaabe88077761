import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import type { TreeNode, WidthName } from '../../../studio/lib/types';
import { eased, styleAt } from '../../../studio/screens/drawing-table/tree/tree';

interface Case {
    own: Record<WidthName, number | null>;
    most: Partial<Record<WidthName, number>>;
    counts: Record<WidthName, number | null>;
}

const SEED = process.env.SEED ?? '1';
const cases = JSON.parse(execFileSync('php', ['tests/Browser/units/eased.php', SEED]).toString()) as Case[];

test('what a number comes to on a narrower width is what the core says', () => {
    expect(cases.length).toBe(500);
    for (const { own, most, counts } of cases) {
        const how = Object.fromEntries(
            Object.entries(own).flatMap(([width, value]) => (value === null ? [] : [[width, { columns: value }]])),
        );
        const node = { id: 'grid', kind: 'product-grid', how } as TreeNode;
        for (const width of ['desktop', 'tablet', 'phone'] as const)
            expect(
                eased(styleAt(node, 'columns', width), width, most).value,
                `seed ${SEED}: ${JSON.stringify({ own, most, width })}`,
            ).toBe(counts[width]);
    }
});
