import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

test('tabs become folds where the owner wants it, and tabs again where it is wide', async ({ page, context }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Tabs and folds', 'Blank');
    await studio.place('Tabs');
    await page.getByRole('button', { name: /^phone 390/ }).click();
    const settings = page.locator('[data-settings]');
    await page.getByRole('navigation', { name: 'Where it stands' }).getByText('Tabs').click();
    await studio.pick(settings, 'Shown as', 'folds, one below another');
    await studio.saved();
    await expect(studio.block('.tab-fold')).toHaveText(['Description', 'Delivery']);
    await expect(studio.canvas.getByRole('tab')).toHaveCount(0);

    const address = (await page.locator('iframe').first().getAttribute('src')) ?? '';
    const shop = await context.newPage();
    await shop.setViewportSize({ width: 390, height: 800 });
    await shop.goto(address);
    const [first, second] = [
        shop.getByRole('button', { name: 'Description' }),
        shop.getByRole('button', { name: 'Delivery' }),
    ];
    await test.step('the first is open, others open by hand and key, several at once', async () => {
        await expect(first).toHaveAttribute('aria-expanded', 'true');
        await expect(second).toHaveAttribute('aria-expanded', 'false');
        await expect(shop.locator('.description')).toBeVisible();
        await expect(shop.locator('.tab-inner').nth(1)).toBeHidden();
        await second.focus();
        await shop.keyboard.press('Enter');
        await expect(shop.locator('.tab-inner').nth(1)).toBeVisible();
        await expect(shop.locator('.description')).toBeVisible();
        await first.click();
        await expect(shop.locator('.description')).toBeHidden();
        await expect(shop.getByRole('heading', { level: 2, name: 'Delivery' })).toBeVisible();
        await expectAccessible(shop, '.tabs');
    });
    await test.step('a wider window has tabs, one of them open', async () => {
        await shop.setViewportSize({ width: 1280, height: 800 });
        await expect(shop.getByRole('tab', { name: 'Description' })).toHaveAttribute('aria-selected', 'true');
        await expect(shop.locator('.description')).toBeVisible();
        await expect(shop.locator('.tab-fold')).toHaveCount(0);
        await shop.getByRole('tab', { name: 'Delivery' }).click();
        await expect(shop.locator('.description')).toBeHidden();
        await expect(shop.locator('.tab-inner').nth(1)).toBeVisible();
    });
    await test.step('and what was unfolded stays so on coming back', async () => {
        await shop.setViewportSize({ width: 390, height: 800 });
        await expect(second).toHaveAttribute('aria-expanded', 'true');
        await expect(first).toHaveAttribute('aria-expanded', 'false');
        await shop.close();
    });
});

test('without scripts tabs and folds are sections with headings, all open', async ({ browser, page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Plain folds', 'Blank');
    await studio.place('Tabs');
    const plain = await browser.newContext({
        javaScriptEnabled: false,
        storageState: await page.context().storageState(),
    });
    const shop = await plain.newPage();
    const address = (await page.locator('iframe').first().getAttribute('src')) ?? '';
    await shop.goto(new URL(address, page.url()).href);
    await expect(shop.locator('.tab-inner')).toHaveCount(2);
    for (const panel of await shop.locator('.tab-inner').all()) await expect(panel).toBeVisible();
    await plain.close();
});
