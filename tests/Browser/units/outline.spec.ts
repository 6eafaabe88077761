import { expect, test } from '@playwright/test';
import type { Definition, TreeNode } from '../../../studio/lib/types';
import { rowAt } from '../../../studio/screens/drawing-table/column/rowAt';
import { isWhereItIs } from '../../../studio/screens/drawing-table/page/landing';
import { appearsOnly } from '../../../studio/screens/drawing-table/tree/absent';
import { whatItSays } from '../../../studio/screens/drawing-table/tree/telling';
import { between, placeInside } from '../../../studio/screens/drawing-table/tree/tree';
import { kinds, node } from './places';

const tree = node(
    'page',
    'page',
    node(
        'one',
        'band',
        node('left', 'column', node('a', 'text'), node('holder', 'holder', node('in', 'text')), node('c', 'text')),
        node('right', 'column'),
    ),
    node('two', 'band', node('only', 'column', node('d', 'text'))),
);
const ORDER = ['one', 'left', 'a', 'holder', 'in', 'c', 'right', 'two', 'only', 'd'];

test.describe('dropping on rows of 20 px each', () => {
    const rows = ORDER.map((id, at) => ({
        dataset: { row: id },
        getBoundingClientRect: () => ({ top: at * 20, height: 20, bottom: at * 20 + 20, left: 0, right: 300 }),
    }));
    const list = {
        getBoundingClientRect: () => ({ left: 0, right: 300, top: -100, bottom: 400 }),
        scrollTop: 0,
        ownerDocument: {
            elementFromPoint: (_: number, y: number) => ({ closest: () => rows[Math.floor(y / 20)] ?? null }),
        },
    } as unknown as HTMLElement;
    const drop = (kind: string, moving: string[], id: string, part: number, x = 50) =>
        rowAt(list, tree, kinds, kind, moving, x, ORDER.indexOf(id) * 20 + part * 20);

    test('above the middle before a block, below it behind', () => {
        expect(drop('text', [], 'c', 0.2)?.place).toEqual({ parent: 'left', after: 'holder' });
        expect(drop('text', [], 'c', 0.8)?.place).toEqual({ parent: 'left', after: 'c' });
        expect(drop('text', [], 'a', 0.2)?.place).toEqual({ parent: 'left', after: null });
        expect(drop('text', [], 'in', 0.9)?.place).toEqual({ parent: 'holder', after: 'in' });
    });

    test('what is dragged is thought away: before the one behind it is where it is', () => {
        const landing = drop('text', ['a'], 'holder', 0.1);
        expect(landing?.place).toEqual({ parent: 'left', after: null });
        expect(isWhereItIs(tree, ['a'], landing?.place ?? { parent: '', after: null })).toBe(true);
    });

    test('a holder takes it by its middle, and stands beside it by its edges', () => {
        expect(drop('text', [], 'holder', 0.5)?.place).toEqual({ parent: 'holder', after: 'in' });
        expect(drop('text', [], 'holder', 0.1)?.place).toEqual({ parent: 'left', after: 'a' });
        expect(drop('text', [], 'holder', 0.9)?.place).toEqual({ parent: 'left', after: 'holder' });
    });

    test('a column takes blocks at its end, a band on another band’s rows goes behind that', () => {
        expect(drop('text', [], 'right', 0.1)?.place).toEqual({ parent: 'right', after: null });
        expect(drop('text', ['c'], 'left', 0.5)?.place).toEqual({ parent: 'left', after: 'holder' });
        expect(drop('band', [], 'd', 0.1)?.place).toEqual({ parent: 'page', after: 'two' });
        expect(drop('band', [], 'two', 0.1)?.place).toEqual({ parent: 'page', after: 'one' });
    });

    test('nowhere in itself, beside the list, or where there is no row', () => {
        expect(drop('holder', ['holder'], 'in', 0.5)).toBeNull();
        expect(drop('text', [], 'a', 0.5, 301)).toBeNull();
        expect(rowAt(list, tree, kinds, 'text', [], 50, 390)).toBeNull();
        expect(rowAt(null, tree, kinds, 'text', [], 50, 50)).toBeNull();
    });

    test('the words name what it lands beside', () => {
        expect(drop('text', [], 'c', 0.2)?.words).toBe('before text');
        expect(drop('text', [], 'right', 0.5)?.words).toBe('in column');
        expect(drop('text', [], 'c', 0.2)?.row).toEqual({ id: 'c', at: 'above' });
    });
});

test('several are where they are only one behind the other', () => {
    expect(isWhereItIs(tree, ['a', 'holder'], { parent: 'left', after: null })).toBe(true);
    expect(isWhereItIs(tree, ['a', 'c'], { parent: 'left', after: null })).toBe(false);
    expect(isWhereItIs(tree, ['holder', 'c'], { parent: 'left', after: 'a' })).toBe(true);
    expect(isWhereItIs(tree, [], { parent: 'left', after: null })).toBe(false);
});

test('from one to another: those of the same role, whichever way', () => {
    expect(between(tree, 'a', 'd', kinds)).toEqual(['a', 'holder', 'in', 'c', 'd']);
    expect(between(tree, 'd', 'c', kinds)).toEqual(['c', 'd']);
    expect(between(tree, 'one', 'd', kinds)).toEqual(['one', 'two']);
    expect(between(tree, 'left', 'only', kinds)).toEqual(['left', 'right', 'only']);
    expect(between(tree, 'a', 'gone', kinds)).toEqual([]);
});

test('in a band, what is put inside goes into the first column that is empty', () => {
    expect(placeInside(tree, 'one', 'text', kinds)).toEqual({ parent: 'right', after: null });
    expect(placeInside(tree, 'two', 'text', kinds)).toEqual({ parent: 'only', after: 'd' });
    const nested = node('around', 'holder', node('x', 'text'), node('empty', 'holder'));
    expect(placeInside(nested, 'around', 'text', kinds), 'Itself before what is in it.').toEqual({
        parent: 'around',
        after: 'empty',
    });
});

test('why something is not seen everywhere, the nearest reason first', () => {
    const of = (when: object): TreeNode => ({ id: 'x', kind: 'text', when }) as unknown as TreeNode;
    const said = (when: object, conditions: string[] = []): string =>
        appearsOnly(of(when), 'phone', conditions, '2026-12-10');
    expect(said({})).toBe('');
    expect(said({ off: true, widths: ['desktop'] })).toBe('switched off');
    expect(said({ off: false, widths: ['desktop'] })).toBe('not on the phone');
    expect(said({ widths: ['phone', 'tablet'] })).toBe('only on the phone and tablet');
    expect(said({ days: { from: '2026-12-11' } })).toBe('from 11 December');
    expect(said({ days: { from: '2026-12-10', to: null } })).toBe('');
    expect(said({ days: { to: '2026-12-09' } })).toBe('over since 9 December');
    expect(said({ days: { to: '2026-12-10' } })).toBe('until 10 December');
    expect(said({}, ['it is on sale'])).toBe('only where it is on sale');
    expect(said({ days: { to: '2026-12-10' } }, ['it is on sale', 'it is in stock'])).toBe(
        'only where it is on sale and it is in stock',
    );
});

test('blocks of one kind are told apart by a fact or option, else by words, else by a choice', () => {
    const setting = (name: string, type: string, more: object = {}) => ({
        name,
        type,
        question: 'what',
        default: null,
        ...more,
    });
    const definition = {
        settings: [
            setting('by', 'choice', { default: 'brand', options: [{ value: 'brand', words: 'brand' }] }),
            setting('fact', 'numbered', { things: 'filter-fact' }),
            setting('option', 'numbered', { things: 'option' }),
            setting('title', 'text'),
            setting('called', 'text'),
        ],
    } as unknown as Definition;
    const named = { options: [{ id: 3, name: 'Nib' }], facts: [{ id: 7, name: 'Drying time' }] };
    const says = (what: object): string =>
        whatItSays({ id: 'x', kind: 'filter', what } as unknown as TreeNode, definition, named);
    expect(says({ option: 3, title: 'By nib' })).toBe('nib');
    expect(says({ fact: 7 })).toBe('drying time');
    expect(says({ fact: 99, title: '<b>By</b> <i>hand</i>' })).toBe('“By hand”');
    expect(says({ title: 'Words that run on and on and on' })).toBe('“Words that run on and on an…”');
    expect(says({ called: 'Mine' })).toBe('brand');
});
