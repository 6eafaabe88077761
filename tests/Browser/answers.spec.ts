import { expect, test } from './fresh';
import { Studio } from './studio';
import type { Page } from '@playwright/test';

/** Whatever is asked for in a menu opens where it was asked: what has the cursor is seen without scrolling. */
const screens = {
    templates: '/studio/templates',
    cards: '/studio/templates?kind=card',
    facts: '/studio/facts',
    'house style': '/studio/house-style',
};

/** What has the cursor, and whether all of it that fits is in view; null while nothing has it. */
const held = (page: Page): Promise<boolean | null> =>
    page.evaluate(() => {
        const element = document.activeElement;
        if (!element || element === document.body) return null;
        const box = element.getBoundingClientRect();
        return (
            box.bottom > 0 &&
            box.top < innerHeight &&
            box.top >= -1 &&
            (box.bottom <= innerHeight + 1 || box.height > innerHeight)
        );
    });

for (const [name, address] of Object.entries(screens)) {
    test(`${name}: every deed of the first and the last menu, and of each that offers others, answers in view, and has the cursor`, async ({
        page,
    }) => {
        test.setTimeout(120_000);
        const studio = new Studio(page);
        await studio.signIn();
        const menus = page.getByRole('button', { name: /^(Do|do)…/ });
        const open = async (menu: number): Promise<void> => {
            // A copy answers with its own page, which may be on its way still.
            await page.goto(address).catch(() => page.goto(address));
            await menus.nth(menu).scrollIntoViewIfNeeded();
            await menus.nth(menu).click();
            await expect(page.getByRole('menuitem').first()).toBeVisible();
        };
        await page.goto(address);
        await expect(menus.first()).toBeVisible();
        const offering = new Map<string, number>();
        const count = await menus.count();
        for (let menu = 0; menu < count; menu++) {
            await menus.nth(menu).click();
            const deeds = (await page.getByRole('menuitem').allInnerTexts()).join();
            if (!offering.has(deeds)) offering.set(deeds, menu);
            await page.keyboard.press('Escape');
            await expect(page.getByRole('menuitem')).toHaveCount(0);
        }
        for (const menu of new Set([...offering.values(), count - 1])) {
            await open(menu);
            const deeds = await page.getByRole('menuitem').allInnerTexts();
            expect(deeds.length).toBeGreaterThan(1);
            for (const [at, deed] of deeds.entries()) {
                await open(menu);
                const item = page.getByRole('menuitem').nth(at);
                if ((await item.getAttribute('aria-disabled')) === 'true' || (await item.getAttribute('href')) !== null)
                    continue;
                await item.click();
                await expect(page.getByRole('menuitem')).toHaveCount(0);
                await expect.poll(() => held(page), `“${deed}” answers out of sight`).toBe(true);
            }
        }
    });
}

test('why: whatever is offered beside a template answers in view, and has the cursor', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const { id } = await studio.ask<{ id: number }>('/studio/templates', {
        name: 'Every product',
        start: 'gallery-and-buy',
        pageKind: 'product',
    });
    const { revision } = await studio.ask<{ revision: number }>(`/studio/templates/${id.toString()}/edits`, {
        edits: [{ edit: 'reach', reach: { format: 2, show: [[]], keepOff: [], season: {}, goesFirst: false } }],
    });
    await studio.ask('/studio/publish', { revisions: { [id]: revision } });
    const address = '/studio/why/product/teal-tide-bottled-ink';
    await page.goto(address);
    const offered = page.getByRole('button', { name: /…$/ });
    await expect(offered.first()).toBeVisible();
    const count = await offered.count();
    for (let at = 0; at < count; at++) {
        await page.goto(address);
        const words = await offered.nth(at).innerText();
        await offered.nth(at).click();
        await expect.poll(() => held(page), `“${words}” answers out of sight`).toBe(true);
    }
});

test('what is put elsewhere in its list keeps the cursor, however late the answer comes', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    // An answer that comes once the menu has given the cursor back, as on a busy server.
    await page.route('**/studio/facts/order', async (route) => {
        await page.waitForFunction(() => document.activeElement?.textContent.startsWith('Do…'));
        await route.continue();
    });
    await page.goto('/studio/facts');
    const names = (): Promise<string[]> =>
        page.locator('[data-fact]').evaluateAll((rows) => rows.map((row) => (row as HTMLElement).dataset.fact ?? ''));
    await expect(page.locator('[data-fact]').first()).toBeVisible();
    const [first = ''] = await names();
    const menu = page.getByRole('button', { name: `Do… with ${first}`, exact: true });
    await menu.focus();
    for (const place of [1, 2]) {
        await page.keyboard.press('Enter');
        await page.getByRole('menuitem', { name: 'Further down' }).press('Enter');
        await expect.poll(async () => (await names()).indexOf(first)).toBe(place);
        await expect(menu).toBeFocused();
    }

    await page.goto('/studio/catalogue/category');
    const name = (await page.locator('[data-thing]').first().getByRole('link').innerText()).trim();
    const [up, down] = ['up', 'down'].map((way) => page.getByRole('button', { name: `${name} ${way}`, exact: true }));
    if (!up || !down) throw new Error('Two ways');
    await expect(up).toBeDisabled();
    await down.focus();
    await page.keyboard.press('Enter');
    await expect(up).toBeEnabled();
    await expect(down).toBeFocused();
    await up.focus();
    await page.keyboard.press('Enter');
    await expect(up, 'it is the first again').toBeDisabled();
    await expect(down).toBeFocused();
});
