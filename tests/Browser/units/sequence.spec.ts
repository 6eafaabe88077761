import { expect, test } from '@playwright/test';
import type { DraftState, TreeNode } from '../../../studio/lib/types';
import { besideInSequence } from '../../../studio/screens/drawing-table/deeds/sequences';
import { placed, placeInWords, sequenceOf } from '../../../studio/screens/drawing-table/tree/sequence';

const names: Record<string, string> = { a: 'Gallery', b: 'Title', c: 'Price' };
const nameOf = (id: string): string => names[id] ?? id;

test('places are said in words', () => {
    expect(placeInWords(['a', 'b', 'c'], 'a', nameOf)).toBe('first, before Title');
    expect(placeInWords(['a', 'b', 'c'], 'b', nameOf)).toBe('after Gallery, before Price');
    expect(placeInWords(['a', 'b', 'c'], 'c', nameOf)).toBe('last, after Title');
    expect(placeInWords(['a'], 'a', nameOf)).toBe('alone');
});

test('some go behind another, together and in their order', () => {
    expect(placed(['a', 'b', 'c', 'd'], ['d', 'b'], null)).toEqual(['b', 'd', 'a', 'c']);
    expect(placed(['a', 'b', 'c', 'd'], ['a'], 'c')).toEqual(['b', 'c', 'a', 'd']);
    expect(placed(['a', 'b', 'c', 'd'], ['b', 'c'], 'd')).toEqual(['a', 'd', 'b', 'c']);
});

const tree = {
    id: 'page',
    kind: 'page',
    children: [
        {
            id: 'band',
            kind: 'band',
            children: [
                {
                    id: 'left',
                    kind: 'column',
                    children: [{ id: 'a', kind: 'holder', children: [{ id: 'x', kind: 'text' }] }],
                },
                { id: 'right', kind: 'column', children: [{ id: 'b', kind: 'title' }] },
            ],
        },
    ],
} as TreeNode;
const phone = { set: true, drawn: ['a', 'right'], seen: ['right', 'a'], elsewhere: ['a'], whole: { right: 'it is' } };
const draft = { tree, sequences: { band: { tablet: phone, phone } } } as unknown as DraftState;

test('what is held moves with what holds it, a block of a whole column with that', () => {
    expect(sequenceOf(draft, 'phone', 'x')?.item).toBe('a');
    expect(sequenceOf(draft, 'phone', 'b')?.item).toBe('right');
    expect(sequenceOf(draft, 'phone', 'a')?.band.id).toBe('band');
});

test('at the widest, and of the page itself, there is no sequence', () => {
    expect(sequenceOf(draft, 'desktop', 'a')).toBeNull();
    expect(sequenceOf(draft, 'phone', 'page')).toBeNull();
    expect(sequenceOf({ ...draft, sequences: {} }, 'phone', 'a')).toBeNull();
});

test('one place earlier and later, to the ends', () => {
    const band = tree.children?.[0] as TreeNode;
    const of = { band, item: 'b', sequence: { ...phone, seen: ['a', 'b', 'c', 'd'] } };
    expect(besideInSequence(of, ['a'], -1)).toBeUndefined();
    expect(besideInSequence(of, ['b'], -1)).toBeNull();
    expect(besideInSequence(of, ['c'], -1)).toBe('a');
    expect(besideInSequence(of, ['b', 'c'], 1)).toBe('d');
    expect(besideInSequence(of, ['d'], 1)).toBeUndefined();
});
