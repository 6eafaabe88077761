import { expect, test } from '@playwright/test';
import type { TreeNode } from '../../../studio/lib/types';
import type { Box, Canvas } from '../../../studio/screens/drawing-table/page/canvas.svelte';
import { isWhereItIs, landingAt } from '../../../studio/screens/drawing-table/page/landing';
import { kinds, node } from './places';

/**
 * Two columns of 200 beside each other: left holds three blocks of 100, the second a holder with one; right is empty.
 */
const tree = node(
    'page',
    'page',
    node(
        'band',
        'band',
        node('left', 'column', node('a', 'text'), node('holder', 'holder', node('in', 'text')), node('c', 'text')),
        node('right', 'column'),
    ),
);
const boxes: Record<string, Box> = {
    page: { left: 0, top: 0, width: 400, height: 300 },
    band: { left: 0, top: 0, width: 400, height: 300 },
    left: { left: 0, top: 0, width: 200, height: 300 },
    right: { left: 200, top: 0, width: 200, height: 300 },
    a: { left: 0, top: 0, width: 200, height: 100 },
    holder: { left: 0, top: 100, width: 200, height: 100 },
    in: { left: 0, top: 120, width: 200, height: 60 },
    c: { left: 0, top: 200, width: 200, height: 100 },
};
const inBox = (box: Box, x: number, y: number) =>
    x >= box.left && x < box.left + box.width && y >= box.top && y < box.top + box.height;
const canvas = {
    box: (id: string) => boxes[id] ?? null,
    element: (id: string) => ({ querySelector: () => null, getBoundingClientRect: () => boxes[id] }),
    idsAt: (x: number, y: number) =>
        ['in', 'a', 'holder', 'c', 'left', 'right', 'band', 'page'].filter((id) => {
            const box = boxes[id];
            return box !== undefined && inBox(box, x, y);
        }),
    window: { getComputedStyle: () => ({ flexDirection: 'column' }) },
} as unknown as Canvas;
const land = (kind: string, moving: string[], x: number, y: number) =>
    landingAt(canvas, tree, kinds, kind, moving, x, y)?.place;

test('a block lands before or behind the block under the pointer, by its middle', () => {
    expect(land('text', [], 50, 10)).toEqual({ parent: 'left', after: null });
    expect(land('text', [], 50, 60)).toEqual({ parent: 'left', after: 'a' });
    expect(land('text', [], 50, 290)).toEqual({ parent: 'left', after: 'c' });
});

test('in a holder it lands inside; close to its edge, beside it', () => {
    expect(land('text', [], 50, 130)).toEqual({ parent: 'holder', after: null });
    expect(land('text', [], 50, 175)).toEqual({ parent: 'holder', after: 'in' });
    expect(land('text', [], 50, 103)).toEqual({ parent: 'left', after: 'a' });
    expect(land('text', [], 50, 197)).toEqual({ parent: 'left', after: 'holder' });
});

test('an empty column takes it', () => {
    expect(land('text', [], 300, 150)).toEqual({ parent: 'right', after: null });
});

test('nothing lands in itself', () => {
    expect(land('holder', ['holder'], 50, 150)).toEqual({ parent: 'left', after: 'a' });
});

test('a band lands on the page, whatever is under the pointer', () => {
    expect(land('band', [], 50, 10)).toEqual({ parent: 'page', after: null });
    expect(land('band', [], 50, 290)).toEqual({ parent: 'page', after: 'band' });
});

test('the line says how wide it will be', () => {
    const landing = landingAt(canvas, tree, kinds, 'text', [], 50, 60);
    expect([landing?.words, landing?.line.width, landing?.upright]).toEqual([
        'in this column, 200 px wide',
        200,
        false,
    ]);
});

test('where it stands already is no landing', () => {
    expect(isWhereItIs(tree, ['c'], { parent: 'left', after: 'holder' })).toBe(true);
    expect(isWhereItIs(tree, ['c'], { parent: 'left', after: 'a' })).toBe(false);
    expect(isWhereItIs(tree, ['c'], { parent: 'right', after: null })).toBe(false);
    expect(isWhereItIs(tree, ['a'], { parent: 'left', after: null })).toBe(true);
});

test('blocks beside each other have an upright line: between two, before the first, behind the last', () => {
    const row = {
        ...canvas,
        window: { getComputedStyle: () => ({ flexDirection: 'row' }) },
        box: (id: string) => rowBoxes[id] ?? null,
        element: (id: string) => ({ querySelector: () => null, getBoundingClientRect: () => rowBoxes[id] }),
        idsAt: (x: number, y: number) =>
            ['one', 'two', 'holder', 'left', 'band', 'page'].filter((id) => {
                const box = rowBoxes[id];
                return box !== undefined && inBox(box, x, y);
            }),
    } as unknown as Canvas;
    const rowBoxes: Record<string, Box> = {
        page: { left: 0, top: 0, width: 400, height: 300 },
        band: { left: 0, top: 0, width: 400, height: 300 },
        left: { left: 0, top: 0, width: 400, height: 300 },
        holder: { left: 0, top: 100, width: 400, height: 100 },
        one: { left: 20, top: 120, width: 100, height: 60 },
        two: { left: 140, top: 120, width: 100, height: 60 },
    };
    const inRow = (...blocks: TreeNode[]) =>
        node('page', 'page', node('band', 'band', node('left', 'column', node('holder', 'holder', ...blocks))));
    const lineAt = (of: TreeNode, x: number) => {
        const landing = landingAt(row, of, kinds, 'text', [], x, 150);
        return [landing?.place.after, landing?.upright, landing?.line.left];
    };
    const both = inRow(node('one', 'text'), node('two', 'text'));
    expect(lineAt(both, 30)).toEqual([null, true, 16]);
    expect(lineAt(both, 110)).toEqual(['one', true, 130]);
    expect(lineAt(both, 230)).toEqual(['two', true, 244]);
    expect(lineAt(inRow(), 230)).toEqual([null, true, 4]);
});

test('of two columns that are equally near, the first takes it', () => {
    // Between both, on the page alone.
    const apart: Record<string, Box> = {
        page: { left: 0, top: 0, width: 400, height: 300 },
        left: { left: 0, top: 0, width: 100, height: 300 },
        right: { left: 300, top: 0, width: 100, height: 300 },
    };
    const empty = node('page', 'page', node('band', 'band', node('left', 'column'), node('right', 'column')));
    const gap = {
        ...canvas,
        box: (id: string) => apart[id] ?? null,
        idsAt: () => ['page'],
    } as unknown as Canvas;
    const at = (x: number) => landingAt(gap, empty, kinds, 'text', [], x, 150)?.place.parent;
    expect([at(199), at(200), at(201)]).toEqual(['left', 'left', 'right']);
});
