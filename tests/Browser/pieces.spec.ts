import type { FrameLocator, Page } from '@playwright/test';
import { expect, test } from './fresh';
import { Studio } from './studio';
import type { Definition } from '../../studio/lib/types';

interface Data {
    data: {
        state: { tree: { children?: { children?: { id: string }[] }[] } };
        definitions: Definition[];
        facts: { id: number; name: string }[];
    };
}

/**
 * Elements of blocks that are seen for themselves, with words, a ground or a line of their own, and are no declared
 * piece.
 */
async function undeclared(canvas: FrameLocator, definitions: Definition[]): Promise<string[]> {
    return canvas.locator('.page').evaluate(
        (page, kinds) => {
            const CLASSES: Record<string, string[]> = {
                'variant-picker': ['picker'],
                button: ['button-block'],
                picture: ['picture-frame'],
                html: ['rich-text'],
                'list-order': ['list-choice'],
                'per-page': ['list-choice'],
            };
            const found = new Set<string>();
            const blocks = [...page.querySelectorAll<HTMLElement>('[data-b]:not([data-absent])')];
            for (const block of blocks) {
                // A block is known by the class that its kind's view gives it: its name, as its style sheet has it.
                const kind =
                    kinds.find((one) => block.classList.contains(one.kind)) ??
                    kinds.find((one) => CLASSES[one.kind]?.some((name) => block.classList.contains(name)));
                if (!kind)
                    found.add(`no kind is called as <${block.tagName.toLowerCase()} class="${block.className}">`);
                if (!kind) continue;
                const own = [...block.querySelectorAll<HTMLElement>('*')].filter(
                    (element) =>
                        element.closest('[data-b]') === block &&
                        !element.closest('svg *, .unseen, [hidden], .with-script'),
                );
                const pieces = kind.pieces
                    .filter((piece) => piece.name !== '')
                    .map((piece) => [...block.querySelectorAll(`:scope ${piece.selectors.usual ?? ''}`)]);
                const inPiece = (element: Element): boolean =>
                    pieces.some((all) => all.some((piece) => piece === element));
                const whole = getComputedStyle(block);
                for (const element of own) {
                    if (element.getClientRects().length === 0 || element.tagName === 'OPTION') continue;
                    const style = getComputedStyle(element);
                    const ground = style.backgroundColor !== 'rgba(0, 0, 0, 0)' || style.backgroundImage !== 'none';
                    const line = ['Top', 'Right', 'Bottom', 'Left'].some(
                        (side) =>
                            Number.parseFloat(style.getPropertyValue(`border-${side.toLowerCase()}-width`)) > 0 &&
                            style.getPropertyValue(`border-${side.toLowerCase()}-color`) !== 'rgba(0, 0, 0, 0)',
                    );
                    const words = [...element.childNodes].some(
                        (node) => node.nodeType === 3 && (node.textContent ?? '').trim() !== '',
                    );
                    const letters =
                        words &&
                        (['color', 'font-size', 'font-family', 'font-weight'] as const).some(
                            (name) => style.getPropertyValue(name) !== whole.getPropertyValue(name),
                        );
                    const within = letters && own.some((one) => inPiece(one) && one.contains(element));
                    if ((ground || line || (letters && !within)) && !inPiece(element)) {
                        found.add(
                            `${kind.kind}: <${element.tagName.toLowerCase()} class="${element.className}"> ${[ground && 'ground', line && 'line', letters && 'letters'].filter(Boolean).join(', ')}`,
                        );
                    }
                }
            }
            return [...found].sort();
        },
        definitions.map((one) => ({ kind: one.kind, pieces: one.pieces })),
    );
}

/** Looks at a page through several of its samples. */
async function throughSamples(
    studio: Studio,
    page: Page,
    id: number,
    definitions: Definition[],
    most = 8,
): Promise<string[]> {
    const bad: string[] = [];
    for (const sample of await page
        .locator('[data-sample]')
        .evaluateAll((all) => all.map((one) => one.getAttribute('data-sample') ?? ''))
        .then((all) => all.slice(0, most))) {
        await page.goto(`/studio/templates/${id}?sample=${sample}`);
        await studio.loaded();
        bad.push(...(await undeclared(studio.canvas, definitions)));
    }
    return [...new Set(bad)].sort();
}

test('and on pages that list products, and on cards', async ({ page }) => {
    test.setTimeout(120_000);
    const studio = new Studio(page);
    await studio.signIn();
    const made = (await studio.ask('/studio/templates', {
        name: 'Every list',
        start: 'blank',
        pageKind: 'category',
    })) as { id: number };
    const card = (await studio.ask('/studio/cards', { name: 'Every block on a card', start: 'blank' })) as {
        id: number;
    };
    await page.goto(`/studio/templates/${made.id}`);
    await studio.loaded();
    const { definitions, column } = await page.evaluate(() => {
        const { data } = JSON.parse(document.getElementById('screen')?.textContent ?? '') as Data;
        return { definitions: data.definitions, column: data.state.tree.children?.[0]?.children?.[0]?.id ?? '' };
    });
    const blocks = definitions.filter((one) => one.shelf !== null && one.role === 'block');
    const insert = (parent: string, kinds: Definition[], what: Record<string, object> = {}): object[] =>
        kinds.map((one) => ({
            edit: 'insert',
            parent,
            after: null,
            node: { ...one.starters[0]?.node, ...(what[one.kind] ? { what: what[one.kind] } : {}) },
        }));
    const root = await page.evaluate(async (id) => {
        const drawn = (await (
            await fetch(`/studio/cards/${id}/drawn`, { headers: { Accept: 'application/json' } })
        ).json()) as {
            state: { tree: { id: string } };
        };
        return drawn.state.tree.id;
    }, card.id);
    await studio.ask(`/studio/templates/${card.id}/edits`, {
        edits: insert(
            root,
            blocks.filter((one) => one.onCards && (one.subjects.length === 0 || one.subjects.includes('product'))),
            { rating: { none: 'words' }, badges: { badges: ['sale', 'new', 'low', 'out'] } },
        ),
        sample: 1,
    });
    await studio.ask(`/studio/templates/${made.id}/edits`, {
        edits: insert(
            column,
            blocks.filter((one) => one.subjects.length === 0 || one.subjects.includes('category')),
            {
                'product-grid': { card: card.id },
                beneath: { from: 'collections', pictures: true, words: true, counts: true },
            },
        ),
        sample: 1,
    });
    await page.goto(`/studio/templates/${made.id}`);
    await studio.loaded();
    await expect(studio.block('.product-grid .card .quick-buy').first()).toBeVisible();
    expect(await throughSamples(studio, page, made.id, definitions, 4)).toEqual([]);
});

test('each thing that customers see in a block belongs to a piece that can be styled', async ({ page }) => {
    test.setTimeout(120_000);
    const studio = new Studio(page);
    await studio.signIn();
    const id = await studio.template('Every block', { show: [[]] }, false);
    await page.goto(`/studio/templates/${id}`);
    await studio.loaded();
    const definitions = await page.evaluate(
        () => (JSON.parse(document.getElementById('screen')?.textContent ?? '') as Data).data.definitions,
    );
    const { base, column, fact } = await page.evaluate(() => {
        const { data } = JSON.parse(document.getElementById('screen')?.textContent ?? '') as Data;
        return {
            base: location.pathname,
            column: data.state.tree.children?.at(-1)?.children?.[0]?.id ?? '',
            fact: data.facts.find((one) => one.name === 'Leaflet')?.id ?? 0,
        };
    });
    const there = [
        'title',
        'price',
        'gallery',
        'variant-picker',
        'buy',
        'breadcrumbs',
        'tabs',
        'description',
        'short-description',
    ];
    const filled: Record<string, object> = {
        'product-grid': { feed: 'rule' },
        downloads: { fact },
        note: { text: 'Words', more: 'Small words' },
        rating: { none: 'words' },
    };
    const edits = definitions
        .filter((one) => one.shelf !== null && one.role === 'block' && !there.includes(one.kind))
        .map((one) => ({
            edit: 'insert',
            parent: column,
            after: null,
            node: { ...one.starters[0]?.node, ...(filled[one.kind] ? { what: filled[one.kind] } : {}) },
        }));
    await studio.ask(`${base}/edits`, { edits, sample: 1 });
    expect(await throughSamples(studio, page, id, definitions)).toEqual([]);
});
