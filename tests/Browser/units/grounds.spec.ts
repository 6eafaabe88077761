import { expect, test } from '@playwright/test';
import { type Ground, groundOf, groundsOf, hexOf } from '../../../studio/lib/colours';

type Style = Partial<
    Record<'backgroundColor' | 'backgroundImage' | 'opacity' | 'position' | 'zIndex' | 'content', string>
>;

/** As much of an element as grounds look at. */
class Piece {
    parentElement: Piece | null = null;
    readonly ownerDocument = {
        defaultView: {
            getComputedStyle: (of: Piece, pseudo?: string) => ({
                backgroundColor: 'rgba(0, 0, 0, 0)',
                backgroundImage: 'none',
                opacity: '1',
                position: 'static',
                zIndex: 'auto',
                content: pseudo === undefined ? 'normal' : 'none',
                ...(pseudo === '::after' ? of.after : pseudo === '::before' ? {} : of.style),
            }),
        },
    };

    constructor(
        readonly style: Style,
        readonly children: Piece[] = [],
        readonly more: { tag?: string; after?: Style; box?: [number, number, number, number] } = {},
    ) {
        for (const child of children) child.parentElement = this;
    }

    get after(): Style {
        return this.more.after ?? {};
    }

    contains(other: Piece): boolean {
        return this === other || this.children.some((child) => child.contains(other));
    }

    matches(tags: string): boolean {
        return tags.split(', ').includes(this.more.tag ?? 'div');
    }

    querySelectorAll(tags: string): Piece[] {
        return this.children.flatMap((child) => [
            ...(child.matches(tags) ? [child] : []),
            ...child.querySelectorAll(tags),
        ]);
    }

    getBoundingClientRect() {
        const [left, top, width, height] = this.more.box ?? [0, 0, 100, 100];
        return { left, top, width, height, right: left + width, bottom: top + height };
    }
}

const said = (ground: Ground) => (ground === 'picture' ? ground : ground.map(hexOf));
const grounds = (piece: Piece) => said(groundsOf(piece as unknown as Element));
const words = (style: Style = {}) => new Piece(style);
/** Words in a box in a page that is grey. */
const within = (style: Style, ...beside: Piece[]) => {
    const inside = words();
    new Piece({ backgroundColor: 'rgb(128, 128, 128)' }, [new Piece(style, [...beside, inside])]);
    return inside;
};

test('words stand on the nearest ground that lets nothing through; on white where there is none', () => {
    expect(grounds(words())).toEqual(['#ffffff']);
    expect(grounds(words({ backgroundColor: 'rgb(0, 0, 255)' }))).toEqual(['#0000ff']);
    expect(grounds(within({}))).toEqual(['#808080']);
    expect(grounds(within({ backgroundColor: 'rgb(255, 0, 0)' }))).toEqual(['#ff0000']);
    expect(grounds(within({ backgroundColor: 'rgba(255, 0, 0, 0.5)' }))).toEqual(['#c04040']);
    const inside = within({ backgroundColor: 'rgba(255, 0, 0, 0.5)' });
    expect(hexOf(groundOf(inside as unknown as Element))).toBe('#c04040');
    expect(hexOf(groundOf(words() as unknown as Element))).toBe('#ffffff');
});

test('on a gradient they stand on each of its colours, wherever its stops lie', () => {
    const gradient = (list: string) => grounds(words({ backgroundImage: `linear-gradient(${list})` }));
    expect(gradient('90deg, rgb(0, 0, 0) 0%, rgb(255, 255, 255) 50% 100%')).toEqual(['#000000', '#ffffff']);
    expect(gradient('rgb(1, 2, 3) -4px, rgb(4, 5, 6) 12.5px 20%')).toEqual(['#010203', '#040506']);
    expect(gradient('to right, rgba(0, 0, 0, 0.5), rgb(0, 0, 0)')).toEqual(['#808080', '#000000']);
    // One that lets something through stands over what is behind it.
    expect(
        grounds(
            within({
                backgroundColor: 'rgb(0, 0, 255)',
                backgroundImage: 'linear-gradient(rgba(255, 0, 0, 0.5), rgb(255, 0, 0))',
            }),
        ),
    ).toEqual(['#800080', '#ff0000']);
    expect(grounds(within({ backgroundImage: 'linear-gradient(rgba(0, 0, 0, 0), rgba(0, 0, 0, 0))' }))).toEqual([
        '#808080',
    ]);
});

test('of gradients over gradients no more than 32 colours are worked out', () => {
    const half = (from: number) =>
        `linear-gradient(${Array.from({ length: 7 }, (_, at) => `rgba(${from + at}, 0, 0, 0.5)`).join(', ')})`;
    const found = groundsOf(words({ backgroundImage: `${half(0)}, ${half(100)}, ${half(200)}` }) as unknown as Element);
    expect(found).toHaveLength(32);
});

test('over a picture nothing is known, unless something stands before it', () => {
    expect(grounds(words({ backgroundImage: 'url("ink.webp")' }))).toBe('picture');
    expect(grounds(words({ backgroundImage: 'linear-gradient(rgb(1, 1, 1), rgb(2, 2, 2)), url("ink.webp")' }))).toEqual(
        ['#010101', '#020202'],
    );
    expect(
        grounds(words({ backgroundImage: 'linear-gradient(rgba(1, 1, 1, 0.5), rgb(2, 2, 2)), url("ink.webp")' })),
    ).toBe('picture');
    expect(
        grounds(within({ backgroundImage: 'url("ink.webp")' }, new Piece({ backgroundColor: 'rgb(0, 0, 0)' }))),
    ).toBe('picture');
});

test('a picture laid out behind words counts where it covers them, and nothing that is elsewhere or before them', () => {
    const picture = (style: Style, box?: [number, number, number, number]) =>
        new Piece(style, [], { tag: 'img', ...(box && { box }) });
    expect(grounds(within({}, picture({ position: 'absolute' })))).toBe('picture');
    expect(grounds(within({}, picture({ position: 'fixed' })))).toBe('picture');
    expect(grounds(within({}, picture({ position: 'static' })))).toEqual(['#808080']);
    expect(grounds(within({}, picture({ position: 'absolute', zIndex: '1' })))).toEqual(['#808080']);
    expect(grounds(within({}, picture({ position: 'absolute', zIndex: '0' })))).toBe('picture');
    // The middle of the words lies at 50, 50.
    const at = (...box: [number, number, number, number]) =>
        grounds(within({}, picture({ position: 'absolute' }, box)));
    expect([at(50, 0, 40, 100), at(0, 50, 100, 40), at(0, 0, 50, 100), at(0, 0, 100, 50)]).toEqual(
        Array.from({ length: 4 }, () => 'picture'),
    );
    expect([at(51, 0, 40, 100), at(0, 51, 100, 40), at(0, 0, 49, 100), at(0, 0, 100, 49)]).toEqual(
        Array.from({ length: 4 }, () => ['#808080']),
    );
});

test('a tint over a picture behind words is a ground of its own, as strong as it is drawn', () => {
    const behind = (...tints: Piece[]) =>
        new Piece({ position: 'absolute' }, [new Piece({}, [], { tag: 'img' }), ...tints]);
    const black = { backgroundColor: 'rgb(0, 0, 0)' };
    expect(grounds(within({}, behind(new Piece(black))))).toEqual(['#000000']);
    expect(grounds(within({}, behind(new Piece({ ...black, opacity: '0.5' }))))).toBe('picture');
    // The last stands before the others.
    expect(grounds(within({}, behind(new Piece(black), new Piece({ backgroundColor: 'rgb(0, 0, 9)' }))))).toEqual([
        '#000009',
    ]);
    // Without a picture it is what it is filled with.
    expect(grounds(within({}, new Piece({ position: 'absolute', backgroundColor: 'rgb(7, 7, 7)' })))).toEqual([
        '#070707',
    ]);
    const pictured = new Piece({ position: 'absolute', backgroundImage: 'url("a.webp")' });
    expect(grounds(within({}, pictured))).toBe('picture');
});

test('a tint that a style draws behind words counts with its opacity, where it is laid over what lies behind', () => {
    const tinted = (after: Style) => {
        const inside = words();
        new Piece({ backgroundColor: 'rgb(255, 255, 255)' }, [new Piece({}, [inside], { after })]);
        return grounds(inside);
    };
    const black = { backgroundColor: 'rgb(0, 0, 0)', position: 'absolute', content: '""' };
    expect(tinted({ ...black, opacity: '0.5' })).toEqual(['#808080']);
    expect(tinted(black)).toEqual(['#000000']);
    expect(tinted({ ...black, position: 'static' })).toEqual(['#ffffff']);
    expect(tinted({ ...black, content: 'none' })).toEqual(['#ffffff']);
    // Of the words themselves it stands before them.
    expect(grounds(new Piece({ backgroundColor: 'rgb(255, 255, 255)' }, [], { after: black }))).toEqual(['#ffffff']);
});
