import { expect, test } from '@playwright/test';
import type { TreeNode } from '../../../studio/lib/types';
import {
    divide,
    parseProportions,
    proportionsOf,
    resting,
    USUAL,
} from '../../../studio/screens/drawing-table/tree/proportions';

const band = (...columns: Partial<TreeNode>[]): TreeNode =>
    ({
        id: 'band',
        kind: 'band',
        children: columns.map((one, at) => ({ id: `c${at}`, kind: 'column', ...one })),
    }) as TreeNode;

test('proportions are read however they are written', () => {
    for (const text of ['3:7', ' 3 : 7 ', '3/7']) expect(parseProportions(text, 2)).toEqual([3, 7]);
    expect(parseProportions('1:1:1', 3)).toEqual([1, 1, 1]);
});

test('what is no share for each column is none', () => {
    for (const text of ['', '3', '3:7:1', '0:1', '101:1', '-1:2', '1.5:2', 'a:b', '1::2', '1e2:1'])
        expect(parseProportions(text, 2)).toBeNull();
    expect(parseProportions('100:1', 2)).toEqual([100, 1]);
});

test('they are written as they are: shares, one where none is set, per cent where that is', () => {
    expect(proportionsOf(band({}, { how: { desktop: { share: 2 } } }))).toBe('1 : 2');
    expect(proportionsOf(band({ how: { desktop: { width: 33 } } }, {}))).toBe('33 % : 1');
});

test('dividing sets a share for each column and lets go of widths that would go against it', () => {
    expect(divide(band({ how: { desktop: { width: 33 } } }, {}), [3, 7], 'desktop')).toEqual([
        { edit: 'set', id: 'c0', question: 'how', width: 'desktop', setting: 'share', value: 3 },
        { edit: 'set', id: 'c0', question: 'how', width: 'desktop', setting: 'width', value: null },
        { edit: 'set', id: 'c1', question: 'how', width: 'desktop', setting: 'share', value: 7 },
    ]);
    expect(divide(band({ how: { desktop: { width: 33 } } }), [1], 'phone')).toHaveLength(1);
});

test('a dragged edge rests at steps of five and at thirds, and never at the very edge', () => {
    expect([32.4, 33.9, 34.5, 50.9, 52, 66.1, 1, 99].map(resting)).toEqual([33, 33, 35, 50, 52, 67, 5, 95]);
});

test('what is offered divides as many columns as it is offered for, each once, evenly first', () => {
    expect(USUAL).toEqual({
        2: ['1 : 1', '2 : 1', '3 : 2', '2 : 3', '1 : 2', '1 : 3', '3 : 7'],
        3: ['1 : 1 : 1', '1 : 2 : 1', '2 : 1 : 1'],
        4: ['1 : 1 : 1 : 1'],
    });
    for (const [columns, offered] of Object.entries(USUAL))
        for (const one of offered) expect(parseProportions(one, Number(columns)), one).not.toBeNull();
});
