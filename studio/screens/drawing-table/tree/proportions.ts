import type { Edit, TreeNode, WidthName } from '../../../lib/types';

/** What bands are divided by most: common practice, no source. Any other can be typed or dragged. */
export const USUAL: Record<number, string[]> = {
    2: ['1 : 1', '2 : 1', '3 : 2', '2 : 3', '1 : 2', '1 : 3', '3 : 7'],
    3: ['1 : 1 : 1', '1 : 2 : 1', '2 : 1 : 1'],
    4: ['1 : 1 : 1 : 1'],
};

export function proportionsOf(band: TreeNode): string {
    return (band.children ?? []).map((column) => part(column)).join(' : ');
}

function part(column: TreeNode): string {
    const width = column.how?.desktop?.width;
    return typeof width === 'number' ? `${width} %` : String(column.how?.desktop?.share ?? 1);
}

/** As `3 : 2`, `3:2` or `3/2`; null when it is not one whole number from 1 to 100 for each column. */
export function parseProportions(text: string, columns: number): number[] | null {
    const parts = text.trim().split(/\s*[:/]\s*/);
    const shares = parts.map((one) => (/^\d{1,3}$/.test(one) ? Number(one) : 0));
    return shares.length === columns && shares.every((one) => one >= 1 && one <= 100) ? shares : null;
}

export function divide(band: TreeNode, shares: number[], width: WidthName): Edit[] {
    return (band.children ?? []).flatMap((column, index): Edit[] => [
        { edit: 'set', id: column.id, question: 'how', width, setting: 'share', value: shares[index] ?? 1 },
        ...(column.how?.[width]?.width === undefined
            ? []
            : [
                  {
                      edit: 'set' as const,
                      id: column.id,
                      question: 'how' as const,
                      width,
                      setting: 'width',
                      value: null,
                  },
              ]),
    ]);
}

/** Steps of five, and thirds: where a dragged edge comes to rest. */
export function resting(percent: number): number {
    const near = [33, 67, ...Array.from({ length: 17 }, (_, step) => 10 + step * 5)].find(
        (one) => Math.abs(one - percent) < 1.2,
    );
    return Math.max(5, Math.min(95, near ?? Math.round(percent)));
}
