import type { Page } from '@playwright/test';
import { expect, test } from './fresh';
import { Studio } from './studio';

interface Seen {
    wide: number;
    between: number;
    card: number;
}

/** What of a row that slides is seen: its width, the room between the first two cards, the width of one. */
async function seen(page: Page): Promise<Seen> {
    return page.locator('.product-grid-cards').evaluate((track) => {
        const [first, second] = [...track.children].map((one) => one.getBoundingClientRect());
        return {
            wide: Math.round(track.clientWidth),
            between: Math.round((second?.left ?? 0) - (first?.right ?? 0)),
            card: Math.round(first?.width ?? 0),
        };
    });
}

/** A template with a list that slides, and a page of it as customers see it. */
async function row(page: Page, how: object): Promise<string> {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('A row', 'Blank');
    const column = (await studio.block('.column').first().getAttribute('data-b')) ?? '';
    const id = page.url().split('/').at(-1) ?? '';
    await studio.ask(`/studio/templates/${id}/edits`, {
        edits: [
            {
                edit: 'insert',
                parent: column,
                after: null,
                node: {
                    id: 'row1',
                    kind: 'product-grid',
                    what: { feed: 'rule', layout: 'row', perPage: 12 },
                    how,
                },
            },
        ],
    });
    return (await page.locator('iframe').first().getAttribute('src')) ?? '';
}

test('a list that slides keeps to its own settings at every width', async ({ page }) => {
    const address = await row(page, {
        desktop: { perRow: 5, gap: 6 },
        tablet: { perRow: 3 },
        phone: { perRow: 1, gap: 2 },
    });
    const step = async (at: number): Promise<number> =>
        page.evaluate(
            (nth) =>
                Number.parseFloat(
                    getComputedStyle(document.documentElement).getPropertyValue(`--step-${nth.toString()}`),
                ),
            at,
        );
    for (const [width, perRow, gap] of [
        [1920, 5, 6],
        [1000, 5, 6],
        [820, 3, 6],
        [390, 1, 2],
    ] as const) {
        await page.setViewportSize({ width, height: 800 });
        await page.goto(address);
        const now = await seen(page);
        expect(now.between, `between cards at ${width.toString()}`).toBe(await step(gap));
        const expected = (now.wide - (perRow - 1) * now.between) / perRow;
        expect(Math.abs(now.card - expected), `a card at ${width.toString()}`).toBeLessThanOrEqual(1.5);
    }
});

test('its arrows move it on, say where an end is, and are away where all is seen', async ({ page }) => {
    const address = await row(page, { desktop: { perRow: 4 } });
    await page.goto(address);
    const [back, on] = [
        page.getByRole('button', { name: 'Back' }),
        page.getByRole('button', { name: 'On', exact: true }),
    ];
    const at = (): Promise<number> => page.locator('.product-grid-cards').evaluate((track) => track.scrollLeft);
    await expect(back).toHaveAttribute('aria-disabled', 'true');
    await expect(on).toHaveAttribute('aria-disabled', 'false');
    await on.click();
    await expect.poll(at).toBeGreaterThan(400);
    await expect(back).toHaveAttribute('aria-disabled', 'false');
    await on.focus();
    await page.keyboard.press('Enter');
    await expect(on).toHaveAttribute('aria-disabled', 'true');
    await expect(on).toBeFocused();
    await back.click();
    await back.click();
    await expect.poll(at).toBe(0);

    await page.setViewportSize({ width: 390, height: 800 });
    await expect(on).toBeVisible();
    const few = await row(page, { desktop: { perRow: 6 } });
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(few);
    await page.locator('.product-grid-cards').evaluate((track) => {
        for (const card of [...track.children].slice(3)) card.remove();
        dispatchEvent(new Event('resize'));
    });
    await expect(on).toBeHidden();
});
