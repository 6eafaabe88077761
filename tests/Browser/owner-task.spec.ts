import { expect, test } from './fresh';
import { Studio } from './studio';

test('the owner makes a page for bottled inks, by mouse, from sign-in to the shop', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Bottled inks');

    await test.step('sees it with a real ink, then with awkward ones', async () => {
        await studio.seeWith('Teal Tide bottled ink');
        await studio.seeWith('Archive Blue bottled ink');
        await expect(studio.block('.gallery-stand-in')).toBeVisible();
        await studio.seeWith('Mulled Plum bottled ink');
        await expect(studio.block('.price-saving')).toHaveText('save 20 %');
    });

    await test.step('drags the gallery to the other column', async () => {
        const columns = studio.block('.band').nth(1).locator('.column');
        await studio.drag(studio.block('.gallery-stage'), studio.block('.short-description'), { x: 0.5, y: 1.05 });
        await expect(columns.nth(0).locator('.gallery')).toHaveCount(0);
        await expect(columns.nth(1).locator('.gallery')).toBeVisible();
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(columns.nth(0).locator('.gallery')).toBeVisible();
        await page.getByRole('button', { name: 'Redo' }).click();
        await expect(columns.nth(1).locator('.gallery')).toBeVisible();
    });

    await test.step('adds a rating under the title', async () => {
        await studio.fromShelf('Rating', studio.block('.title'), { x: 0.4, y: 0.9 });
        await expect(studio.block('.title + .rating')).toBeVisible();
    });

    await test.step('changes the price’s colour and size, and takes one back', async () => {
        await studio.block('.price').click();
        const settings = page.getByRole('region', { name: 'Settings of Price' });
        await settings.getByLabel('Size', { exact: true }).fill('40');
        await expect(studio.block('.price-now')).toHaveCSS('font-size', '40px');
        await studio.colour(settings, 'Colour', 'sale');
        await expect(studio.block('.price-now')).toHaveCSS('color', 'rgb(163, 38, 42)');
        await page.keyboard.press('Escape');
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(studio.block('.price-now')).toHaveCSS('color', 'rgb(31, 42, 48)');
        await expect(studio.block('.price-now')).toHaveCSS('font-size', '40px');
        await studio.saved();
    });

    await test.step('says where it appears and reads how many products that is', async () => {
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await studio.condition('Show on', 'category is in', 'Bottled inks');
        await expect(page.locator('[data-counts]')).toHaveText('Covers 23 products, would be shown on 23');
        await studio.condition('Keep off', 'brand is one of', 'Hallorme');
        await expect(page.locator('[data-counts]')).toHaveText('Covers 17 products, would be shown on 17');
    });

    await test.step('publishes after seeing exactly which products move', async () => {
        await page.getByRole('button', { name: 'Publish…' }).click();
        await expect(page.locator('[data-impact]')).toContainText(
            '17 product pages move, 0 get a new look. 92 stay as they are.',
        );
        const move = page.locator('[data-move="moves"]');
        await expect(move).toHaveCount(1);
        await expect(move).toContainText('Everything else');
        await expect(move).toContainText('Bottled inks');
        await move.getByRole('button', { name: 'Which 17?' }).click();
        await expect(move.getByRole('link')).toHaveCount(17);
        await expect(move.getByRole('link', { name: 'Teal Tide bottled ink' })).toBeVisible();
        await expect(move.getByRole('link', { name: /Hallorme/ })).toHaveCount(0);
        await page.getByPlaceholder(/What is this for/).fill('A page of its own for the inks');
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: '“Bottled inks” is live' })).toBeVisible();
    });

    await test.step('sees an ink in its new page and a pen in the old one', async () => {
        await page.getByRole('link', { name: 'Open the shop' }).click();
        await expect(page.locator('.title + .rating, .title + .price').first()).toBeVisible();
        await page.goto('/p/teal-tide-bottled-ink');
        await expect(page.locator('.title + .rating')).toContainText('38 reviews');
        await expect(page.locator('.price-now')).toHaveCSS('font-size', '40px');
        await page.goto('/p/wherry-fountain-pen');
        await expect(page.locator('.title + .price')).toBeVisible();
        await expect(page.locator('.price-now')).toHaveCSS('font-size', '26px');
        await page.goto('/p/hallorme-brick-bottled-ink');
        await expect(page.locator('.title + .price')).toBeVisible();
    });
});
