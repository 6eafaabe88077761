import { expect, test } from '@playwright/test';
import type { Definition, TreeNode } from '../../../studio/lib/types';
import {
    find,
    Kinds,
    outermost,
    parentOf,
    pathTo,
    placeAcross,
    placeAfter,
    placeBeside,
    placeForEssential,
    placeInside,
    styleAt,
    withIds,
    type Place,
} from '../../../studio/screens/drawing-table/tree/tree';

const roles: Record<string, [role: string, accepts: string | null]> = {
    page: ['page', 'band'],
    band: ['band', 'column'],
    column: ['column', 'block'],
    holder: ['block', 'block'],
    tabs: ['block', 'tab'],
    tab: ['tab', 'block'],
};
const kinds = new Kinds(
    ['page', 'band', 'column', 'holder', 'tabs', 'tab', 'title', 'price', 'text', 'buy'].map(
        (kind) =>
            ({
                kind,
                role: roles[kind]?.[0] ?? 'block',
                accepts: roles[kind]?.[1] ?? null,
                name: kind,
                shelf: null,
                subjects: [],
                essential: ['title', 'price', 'buy'].includes(kind) ? kind : null,
            }) as unknown as Definition,
    ),
);
const node = (id: string, kind: string, ...children: TreeNode[]): TreeNode =>
    ({ id, kind, ...(children.length > 0 ? { children } : {}) }) as TreeNode;
/** left: title · holder (a, b) · price | right: nothing */
const page = (): TreeNode =>
    node(
        'page',
        'page',
        node(
            'band',
            'band',
            node(
                'left',
                'column',
                node('title', 'title'),
                node('holder', 'holder', node('a', 'text'), node('b', 'text')),
                node('price', 'price'),
            ),
            node('right', 'column'),
        ),
    );

/** The tree as the server makes it of a move. */
function moved(tree: TreeNode, id: string, place: Place): TreeNode {
    const taken = find(tree, id);
    const change = (one: TreeNode): TreeNode => {
        const children = (one.children ?? []).filter((child) => child.id !== id).map(change);
        if (one.id === place.parent && taken)
            children.splice(
                place.after === null ? 0 : children.findIndex((child) => child.id === place.after) + 1,
                0,
                taken,
            );
        return { ...one, children };
    };
    return change(tree);
}

const outline = (tree: TreeNode): string =>
    `${tree.id}${tree.children?.length ? `(${tree.children.map(outline).join(' ')})` : ''}`;

test('down goes one place at a time, in and out of what holds blocks, as the outline reads', () => {
    let tree = page();
    const seen: string[] = [];
    for (let place = placeBeside(tree, 'title', 1, kinds); place; place = placeBeside(tree, 'title', 1, kinds)) {
        tree = moved(tree, 'title', place);
        seen.push(outline(tree).replace(/^page\(band\(|\)\)$/g, ''));
    }
    expect(seen).toEqual([
        'left(holder(title a b) price) right',
        'left(holder(a title b) price) right',
        'left(holder(a b title) price) right',
        'left(holder(a b) title price) right',
        'left(holder(a b) price title) right',
        'left(holder(a b) price) right(title)',
    ]);
});

test('up is the way back', () => {
    let tree = page();
    const forth: string[] = [outline(tree)];
    for (let place = placeBeside(tree, 'price', -1, kinds); place; place = placeBeside(tree, 'price', -1, kinds)) {
        tree = moved(tree, 'price', place);
        forth.push(outline(tree));
    }
    const back: string[] = [outline(tree)];
    for (let step = 1; step < forth.length; step++) {
        const place = placeBeside(tree, 'price', 1, kinds);
        if (place) tree = moved(tree, 'price', place);
        back.push(outline(tree));
    }
    expect(back).toEqual([...forth].reverse());
});

test('a block is never moved into itself', () => {
    const place = placeBeside(page(), 'holder', 1, kinds);
    expect(place).toEqual({ parent: 'left', after: 'price' });
});

test('after means after, also where what is selected could hold it', () => {
    expect(placeAfter(page(), 'holder', 'text', kinds)).toEqual({ parent: 'left', after: 'holder' });
    expect(placeAfter(page(), 'a', 'text', kinds)).toEqual({ parent: 'holder', after: 'a' });
    expect(placeAfter(page(), 'title', 'band', kinds)).toEqual({ parent: 'page', after: 'band' });
});

test('where nothing can stand behind the selection, it goes inside it', () => {
    expect(placeAfter(page(), 'right', 'text', kinds)).toEqual({ parent: 'right', after: null });
    expect(placeAfter(page(), null, 'text', kinds)).toEqual({ parent: 'right', after: null });
});

test('inside means inside, last; and nowhere where nothing can be held', () => {
    expect(placeInside(page(), 'holder', 'text', kinds)).toEqual({ parent: 'holder', after: 'b' });
    expect(placeInside(page(), 'band', 'text', kinds), 'The first empty column.').toEqual({
        parent: 'right',
        after: null,
    });
    expect(placeInside(page(), 'title', 'text', kinds)).toBeNull();
});

test('across goes to the end of the next column and no further', () => {
    expect(placeAcross(page(), 'a', 1, kinds)).toEqual({ parent: 'right', after: null });
    expect(placeAcross(page(), 'a', -1, kinds)).toBeNull();
});

test('an essential that was forgotten goes where such a thing stands', () => {
    expect(placeForEssential(page(), 'price', kinds)).toEqual({ parent: 'left', after: 'title' });
    expect(placeForEssential(page(), 'buy', kinds)).toEqual({ parent: 'left', after: 'price' });
    const off = page();
    const price = find(off, 'price');
    if (price) price.when = { off: true };
    expect(placeForEssential(off, 'buy', kinds)).toEqual({ parent: 'left', after: 'title' });
});

test('what lies inside something else that is selected goes with it', () => {
    expect(outermost(page(), ['b', 'holder', 'title', 'nothing'])).toEqual(['title', 'holder']);
});

test('a style comes from the nearest wider width that has one', () => {
    const price = {
        ...node('price', 'price'),
        how: { desktop: { size: 30, colour: 'ink' }, tablet: { size: 20 } },
    } as TreeNode;
    expect(styleAt(price, 'size', 'phone')).toEqual({ value: 20, from: 'tablet' });
    expect(styleAt(price, 'colour', 'phone')).toEqual({ value: 'ink', from: 'desktop' });
    expect(styleAt(price, 'gap', 'desktop')).toEqual({ value: null, from: null });
});

test('a path leads from the page down; of nothing there is none', () => {
    expect(pathTo(page(), 'b').map((one) => one.id)).toEqual(['page', 'band', 'left', 'holder', 'b']);
    expect(pathTo(page(), 'nothing')).toEqual([]);
    expect(parentOf(page(), 'page')).toBeNull();
});

test('a copy has new ids throughout, something new only where it had none', () => {
    const copy = withIds({ id: 'x', kind: 'holder', children: [{ id: 'y', kind: 'text' }] }, true);
    expect([copy.id, copy.children?.[0]?.id]).not.toContain('x');
    expect(copy.children?.[0]?.id).not.toBe('y');
    expect(withIds({ id: 'x', kind: 'text' }).id).toBe('x');
});

test('in a copy of a band its order of blocks names the copies; what it named elsewhere is left out', () => {
    const order = (...ids: string[]) => ({ phone: { sequence: ids } });
    const band = {
        id: 'band',
        kind: 'band',
        how: order('b', 'gone', 'a'),
        children: [{ id: 'c', kind: 'column', children: [node('a', 'text'), node('b', 'text')] }],
    } as TreeNode;
    const copy = withIds(band, true);
    const [a, b] = copy.children?.[0]?.children ?? [];
    expect(copy.how).toEqual(order(b?.id ?? '', a?.id ?? ''));
    expect(band.how).toEqual(order('b', 'gone', 'a'));
    expect(withIds(band).how).toEqual(band.how);
});
