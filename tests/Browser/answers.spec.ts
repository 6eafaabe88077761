import { expect, test } from './fresh';
import { Studio } from './studio';
import type { Page } from '@playwright/test';

/** Whatever is asked for in a menu opens where it was asked: what has the cursor is seen without scrolling. */
const screens = {
    templates: '/studio/templates',
    facts: '/studio/facts',
    'house style': '/studio/house-style',
};

/** What has the cursor, and whether all of it that fits is in view; null while nothing has it. */
const held = (page: Page): Promise<boolean | null> =>
    page.evaluate(() => {
        const element = document.activeElement;
        if (!element || element === document.body) return null;
        const box = element.getBoundingClientRect();
        return box.bottom > 0 && box.top < innerHeight && box.top >= -1 && (box.bottom <= innerHeight + 1 || box.height > innerHeight);
    });

for (const [name, address] of Object.entries(screens)) {
    test(`${name}: every deed of the last menu answers in view, and has the cursor`, async ({ page }) => {
        test.setTimeout(120_000);
        const studio = new Studio(page);
        await studio.signIn();
        const menus = page.getByRole('button', { name: /^(Do|do)…/ });
        const open = async (): Promise<void> => {
            await page.goto(address);
            await menus.last().scrollIntoViewIfNeeded();
            await menus.last().click();
            await expect(page.getByRole('menuitem').first()).toBeVisible();
        };
        await open();
        const deeds = await page.getByRole('menuitem').allInnerTexts();
        expect(deeds.length).toBeGreaterThan(1);
        for (const [at, deed] of deeds.entries()) {
            await open();
            const item = page.getByRole('menuitem').nth(at);
            if ((await item.getAttribute('aria-disabled')) === 'true' || (await item.getAttribute('href')) !== null) continue;
            await item.click();
            await expect(page.getByRole('menuitem')).toHaveCount(0);
            await expect.poll(() => held(page), `“${deed}” answers out of sight`).toBe(true);
        }
    });
}
