import type { Page } from '@playwright/test';
import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

/** The Studio on a phone: everything but laying out. */
const SCREENS = [
    'today',
    'templates',
    'who',
    'house-style',
    'catalogue',
    'catalogue/category',
    'catalogue/category/1',
    'catalogue/category/1/order',
    'catalogue/option',
    'facts',
    'pictures',
    'reviews',
    'search',
    'news',
    'catalogue/money',
    'in-and-out',
    'catalogue/history',
    'releases',
    'words',
    'products/1',
    'why/product/almanac-fountain-pen',
    'templates/1',
    'templates/1?view=reach',
    'templates/1?view=publish',
    'templates/1?view=why',
    'templates/1?view=fitting',
    'templates/1?view=links',
];

async function fits(page: Page, screen: string): Promise<void> {
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide, `${screen} does not slide sideways`).toBeLessThanOrEqual(390);
}

for (const light of ['light', 'dark'] as const) {
    test(`every screen fits a window of 390 px and is accessible there (${light === 'light' ? 'by day' : 'in the evening'})`, async ({
        page,
    }) => {
        test.setTimeout(240_000);
        const studio = new Studio(page);
        await studio.signIn();
        await page.setViewportSize({ width: 390, height: 844 });
        await page.emulateMedia({ colorScheme: light });
        for (const screen of SCREENS) {
            await page.goto(`/studio/${screen}`);
            await expect(page.getByRole('heading', { level: 1 }).first(), screen).toBeVisible();
            await expect(page.locator('[aria-busy="true"]')).toHaveCount(0);
            await test.step(screen, async () => {
                await expectAccessible(page, 'html', false);
                await fits(page, screen);
            });
        }
    });
}

test('on a phone: by the folded menu to a product, its price, published, taken back', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const id = await studio.template(
        'Inks on the go',
        { show: [[{ field: 'category', comparison: 'isIn', values: [await studio.id('category', 'Bottled inks')] }]] },
        false,
    );
    await page.setViewportSize({ width: 390, height: 844 });

    await test.step('the places are folded away, and lead on', async () => {
        await page.goto('/studio/today');
        await expect(page.getByRole('link', { name: 'Catalogue', exact: true })).toBeHidden();
        await page.getByRole('button', { name: 'Today' }).click();
        await page.getByRole('link', { name: 'Catalogue', exact: true }).click();
        await page.getByRole('button', { name: 'Catalogue: Products' }).click();
        await page.getByRole('link', { name: 'Categories', exact: true }).click();
        await expect(page.getByRole('heading', { level: 1 })).toHaveText('Categories');
    });

    await test.step('a draft is looked at, with another product too, and published', async () => {
        await page.goto(`/studio/templates/${id}`);
        await expect(page.getByText('Laying out wants a wider window')).toBeVisible();
        await expect(page.getByText('draft, not in the shop')).toBeVisible();
        await expect(studio.canvas.locator('.title').first()).toBeVisible();
        const before = await studio.canvas.locator('.title').first().textContent();
        await page.getByRole('button', { name: 'next product' }).click();
        await expect(studio.canvas.locator('.title').first()).not.toHaveText(before ?? '');
        await page.getByRole('button', { name: 'More…' }).click();
        await expect(page.getByRole('menuitem', { name: 'Private links…' })).toBeVisible();
        await expect(page.getByRole('menuitem', { name: 'Settings of the page itself' })).toHaveCount(0);
        await page.keyboard.press('Escape');
        await expect(page.getByRole('link', { name: 'Look at it' })).toHaveAttribute('href', /page\/\d+\?draft=1$/);
        await page.getByRole('button', { name: 'Publish…' }).click();
        await fits(page, 'publishing');
        await page
            .getByRole('button', { name: /^Publish/ })
            .last()
            .click();
        await expect(page.getByRole('heading', { name: /live now|is live/ }).first()).toBeVisible();
    });

    await test.step('and taken back', async () => {
        await page.goto('/studio/releases');
        await page
            .getByRole('button', { name: /Bring back|Take.*back/ })
            .first()
            .click();
        await fits(page, 'releases');
    });

    await test.step('a wider window can lay out', async () => {
        await page.goto(`/studio/templates/${id}`);
        await expect(studio.canvas.locator('.price').first()).toBeVisible();
        await studio.loaded();
        await page.setViewportSize({ width: 1280, height: 800 });
        await studio.loaded();
        await expect(page.getByText('Laying out wants a wider window')).toBeHidden();
        await studio.block('.price').click();
        await expect(page.getByRole('region', { name: /^Settings of/ })).toBeVisible();
    });
});
