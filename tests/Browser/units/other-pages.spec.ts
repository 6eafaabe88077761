import { expect, test } from '@playwright/test';
import { fitted, saidOf, type LeftOut } from '../../../studio/screens/drawing-table/deeds/otherPages';
import { Kinds, withIds } from '../../../studio/screens/drawing-table/tree/tree';
import type { Definition, NewNode } from '../../../studio/lib/types';

const kind = (
    name: string,
    role: string,
    accepts: string | null,
    subjects: string[] = [],
    another: string | null = null,
) =>
    ({
        kind: name,
        name: name[0]?.toUpperCase() + name.slice(1),
        role,
        accepts,
        subjects,
        another,
    }) as unknown as Definition;

const kinds = new Kinds([
    kind('page', 'page', 'band'),
    kind('band', 'band', 'column'),
    kind('column', 'column', 'block'),
    kind('holder', 'block', 'block', [], 'subject'),
    kind('text', 'block', null),
    kind('price', 'block', null, ['product']),
    kind('count', 'block', null, ['category', 'collection']),
]);
const room = (subject: string) => ({
    kinds,
    fits: (one: string) => kinds.fits(one, subject),
    sources: [
        { name: 'page.title', of: null },
        { name: 'fact', of: 7 },
    ],
});
const node = (name: string, children: NewNode[] = [], what?: NewNode['what']): NewNode =>
    ({ kind: name, ...(what ? { what } : {}), ...(children.length > 0 ? { children } : {}) }) as NewNode;
const on = (subject: string, one: NewNode): { node: NewNode | null; left: LeftOut } => {
    const left: LeftOut = { blocks: [], sources: [] };
    return { node: fitted(one, room(subject), left), left };
};

test('what fits stays as it is', () => {
    const band = node('band', [node('column', [node('text'), node('price')])]);
    expect(on('product', band)).toEqual({ node: band, left: { blocks: [], sources: [] } });
});

test('what says nothing there is left out and named once', () => {
    const band = node('band', [node('column', [node('price'), node('text'), node('price')]), node('column')]);
    expect(on('category', band)).toEqual({
        node: node('band', [node('column', [node('text')]), node('column')]),
        left: { blocks: ['Price'], sources: [] },
    });
});

test('columns stay side by side, a band of which nothing is left goes', () => {
    const half = node('band', [node('column', [node('price')]), node('column', [node('text')])]);
    expect(on('category', half).node?.children?.map((one) => one.children?.length ?? 0)).toEqual([0, 1]);
    expect(on('category', node('band', [node('column', [node('price')]), node('column')])).node).toBeNull();
    expect(on('category', node('band', [node('column'), node('column')])).node).not.toBeNull();
});

test('what is held about a product of its own fits everywhere', () => {
    const about = node('holder', [node('price')], { subject: 12 });
    expect(on('category', about)).toEqual({ node: about, left: { blocks: [], sources: [] } });
    expect(on('category', node('holder', [node('price')])).node).toBeNull();
    expect(on('category', node('holder', [node('count')], { subject: 12 })).left.blocks).toEqual(['Count']);
});

test('what comes from nowhere there stays and is named', () => {
    const take = (value: object) => on('category', node('text', [], { text: value } as NewNode['what'])).left.sources;
    expect(take({ source: 'product.title' })).toEqual(['Text']);
    expect(take({ source: 'page.title' })).toEqual([]);
    expect(take({ source: 'fact', of: 7 })).toEqual([]);
    expect(take({ source: 'fact', of: 8 })).toEqual(['Text']);
});

test('it is said in sentences', () => {
    expect(saidOf({ blocks: [], sources: [] }, 'a category page')).toBe('');
    expect(saidOf({ blocks: ['Price', 'Gallery'], sources: ['Text'] }, 'a category page')).toBe(
        'Left out, as it says nothing on a category page: Price, Gallery. Comes from nowhere on a category page, so type it in: Text.',
    );
});

test('what was copied may be anything', () => {
    const broken = { kind: 'text', children: 'none', what: null, how: { phone: null } } as unknown as NewNode;
    expect(on('category', broken).left).toEqual({ blocks: [], sources: [] });
    expect(() =>
        withIds({ ...node('band', [], {}), id: 'x', how: { phone: null } } as unknown as NewNode, true),
    ).not.toThrow();
});
