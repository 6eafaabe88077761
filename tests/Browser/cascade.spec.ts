import { expect, test } from './fresh';
import { Studio } from './studio';
import type { Locator, Page } from '@playwright/test';

type Styles = Record<string, string | number>;

/** The same numbers in every run. */
function chance(seed: number): () => number {
    let state = seed;
    return () => {
        state = (state * 48271) % 2147483647;
        return state / 2147483647;
    };
}

const WIDTHS = { desktop: 1280, tablet: 800, phone: 390 };
const BLOCKS = 12;

/** What is set about each block, by width; a state stands behind the colon. */
const how = Array.from({ length: BLOCKS }, (_, block) => {
    const next = chance(4711 + block);
    const colour = (): string =>
        `#${Math.floor(next() * 0xffffff)
            .toString(16)
            .padStart(6, '0')}`;
    const size = (): number => 12 + Math.floor(next() * 40);
    const styles: Record<string, Styles> = { desktop: { colour: colour(), size: size() } };
    for (const width of Object.keys(WIDTHS)) {
        const own = (styles[width] ??= {});
        if (next() < 0.5) own.colour = colour();
        if (next() < 0.5) own.size = size();
        if (next() < 0.5) own['colour:hovered'] = colour();
    }
    return styles;
});

/**
 * The same, written by hand as a page without any of our code: the browser's own cascade says what holds (CSS Cascade
 * 5, https://www.w3.org/TR/css-cascade-5/#cascade-sort: specificity before order of appearance; Media Queries 5 for the
 * widths).
 */
const byHand = (): string => {
    const said = (styles: Styles, state: string): string =>
        Object.entries(styles)
            .filter(([name]) => (name.split(':')[1] ?? '') === state)
            .map(([name, value]) =>
                name.startsWith('colour') ? `color: ${String(value)};` : `font-size: ${String(value)}px;`,
            )
            .join(' ');
    const rules = (width: string): string =>
        how
            .map(
                (styles, at) =>
                    `#h${String(at)} { ${said(styles[width] ?? {}, '')} } #h${String(at)}:hover { ${said(styles[width] ?? {}, 'hovered')} }`,
            )
            .join('\n');
    const paragraphs = how.map((_, at) => `<p id="h${String(at)}">Words</p>`).join('');
    return `<!doctype html><meta name="viewport" content="width=device-width"><style>${rules('desktop')} @media (max-width: 899px) { ${rules('tablet')} } @media (max-width: 639px) { ${rules('phone')} }</style>${paragraphs}`;
};

const looks = (block: Locator): Promise<string[]> =>
    block.evaluate((element) => [getComputedStyle(element).color, getComputedStyle(element).fontSize]);

async function seen(page: Page, block: (at: number) => Locator): Promise<string[][]> {
    const all: string[][] = [];
    for (const width of Object.values(WIDTHS)) {
        await page.setViewportSize({ width, height: 800 });
        for (let at = 0; at < BLOCKS; at++) {
            await page.mouse.move(0, 0);
            all.push([String(width), String(at), ...(await looks(block(at)))]);
            await block(at).hover();
            all.push([String(width), String(at), 'hovered', ...(await looks(block(at)))]);
        }
    }
    return all;
}

test('whatever is set for a width and a state looks as the browser’s own cascade says', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const { id } = await studio.ask<{ id: number }>('/studio/templates', {
        name: 'Styled by chance',
        start: 'gallery-and-buy',
        pageKind: 'product',
    });
    const { state } = await page.evaluate(
        async (template) =>
            (await (await fetch(`/studio/templates/${template}/news`)).json()) as { state: { tree: unknown } },
        id.toString(),
    );
    const column = /"id":"([^"]+)","kind":"column"/.exec(JSON.stringify(state.tree))?.[1] ?? '';
    const { revision } = await studio.ask<{ revision: number }>(`/studio/templates/${id.toString()}/edits`, {
        edits: [
            ...how.map((styles, at) => ({
                edit: 'insert',
                parent: column,
                after: null,
                node: { id: `chance${String(at)}`, kind: 'text', what: { text: 'Words' }, how: styles },
            })),
            { edit: 'reach', reach: { format: 2, show: [[]], keepOff: [], season: {}, goesFirst: true } },
        ],
    });
    await studio.ask('/studio/publish', { revisions: { [id]: revision } });
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await page.goto('/p/teal-tide-bottled-ink');
    const ours = await seen(page, (at) => page.locator(`[data-b="chance${String(at)}"]`));
    const plain = await page.context().newPage();
    await plain.setContent(byHand());
    const theirs = await seen(plain, (at) => plain.locator(`#h${String(at)}`));
    expect(ours).toEqual(theirs);
    expect(new Set(theirs.map((one) => one.slice(-2).join())).size).toBeGreaterThan(BLOCKS);
});
