import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

test('“Add to cart” becomes “Put in the basket”, and comes back', async ({ page, context }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const field = page.getByRole('textbox', { name: 'Add to cart' });

    await test.step('found by what it says', async () => {
        await page.goto('/studio/words');
        await expectAccessible(page);
        await page.getByRole('searchbox').fill('add to cart');
        await expect(page.locator('[data-words-of]')).toHaveCount(1);
    });

    await test.step('what cannot be is said at the field, and nothing is lost', async () => {
        await field.fill('Buy {price}');
        await field.press('Enter');
        await expect(page.getByRole('alert')).toContainText('{price} is nothing that can stand in these words');
        await expect(field).toHaveValue('Buy {price}');
    });

    await test.step('kept as a draft: the shop says what it said', async () => {
        await field.fill('Put in the basket');
        await field.press('Enter');
        await expect(page.getByText('Kept in your draft')).toBeVisible();
        await expect(page.getByText('Customers still read: Add to cart')).toBeVisible();
        const shop = await context.newPage();
        await shop.goto('/p/teal-tide-bottled-ink');
        await expect(shop.getByRole('button', { name: 'Add to cart' })).toBeVisible();
        await shop.close();
    });

    await test.step('published, with what it changes said before', async () => {
        await page.getByRole('button', { name: 'Publish…' }).click();
        const panel = page.locator('[data-publish-words]');
        await expect(panel).toContainText('“Add to cart” becomes “Put in the basket”');
        await expect(panel).toContainText(/\d+ product pages read otherwise/);
        await expectAccessible(page);
        await panel.getByRole('button', { name: 'Publish', exact: true }).click();
        await expect(page.getByText('Customers read it now')).toBeVisible();
        await page.goto('/p/teal-tide-bottled-ink');
        await page.getByRole('button', { name: 'Put in the basket' }).click();
        await expect(page.getByRole('button', { name: 'Added' })).toBeVisible();
    });

    await test.step('a message about a number has a field for each form', async () => {
        await page.goto('/studio/words');
        await page.getByRole('searchbox').fill('reviews');
        await page.locator('[data-words-of="rating.count"]').getByLabel('For one').fill('# voice');
        await page.locator('[data-words-of="rating.count"]').getByLabel('For one').press('Enter');
        await expect(page.getByText('Kept in your draft')).toBeVisible();
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(page.locator('[data-unpublished]')).toHaveCount(0);
        await expect(page.locator('[data-words-of="rating.count"]').getByLabel('For one')).toHaveValue('# review');
    });

    await test.step('taken back as a release', async () => {
        await page.goto('/studio/releases');
        await page.getByRole('button', { name: /Take back…/ }).click();
        await page.getByRole('button', { name: 'Take it back' }).click();
        await expect(page.getByText('The shop is as it was before release 1.')).toBeVisible();
        await page.goto('/p/teal-tide-bottled-ink');
        await expect(page.getByRole('button', { name: 'Add to cart' })).toBeVisible();
    });
});
