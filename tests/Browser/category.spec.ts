import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

test('one category gets a page of its own, another does not change, why does it look like that, and back', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    const cards = page.locator('.card-cover');
    let paper = '';

    await test.step('as it is: four in a row, twelve on a page', async () => {
        await page.goto('/c/paper');
        paper = await page.locator('main').innerHTML();
        await page.goto('/c/inks');
        await expect(cards).toHaveCount(12);
        await expect(page.locator('.page-title')).toHaveText('Inks');
        await expectAccessible(page);
    });

    await test.step('a template for category pages, seen with awkward ones', async () => {
        await page.goto('/studio/templates');
        await page.getByRole('button', { name: 'New template…' }).click();
        await page.getByLabel('What is it called?').fill('Inks, with a banner');
        await page.getByRole('radio', { name: 'category pages' }).check();
        await page.locator('label', { hasText: 'Name, words, products' }).click();
        await page.getByRole('button', { name: 'Make it' }).click();
        await studio.loaded();
        await expect(page.getByText('category page', { exact: true })).toBeVisible();
        await page.getByPlaceholder('Any category…').fill('mending');
        await page
            .getByRole('radio', { name: /Mending, cleaning/ })
            .first()
            .click();
        await studio.loaded();
        await expect(studio.block('.product-grid-none')).toBeVisible();
        await page.getByPlaceholder('Any category…').fill('inks');
        await page.getByRole('radio', { name: /^Inks/ }).first().click();
        await studio.loaded();
    });

    await test.step('the shelf offers what fits and says why the rest does not', async () => {
        await page.getByRole('button', { name: 'Shelf', exact: true }).click();
        await expect(
            page.getByRole('group', { name: 'Show', exact: true }).getByText('Products of the page'),
        ).toBeVisible();
        await expect(
            page.getByRole('group', { name: 'Show', exact: true }).getByText('Price', { exact: true }),
        ).toHaveCount(0);
        const elsewhere = page.getByRole('group', { name: 'Inside a card or a holder that shows a product' });
        await expect(elsewhere.getByText('Price', { exact: true })).toHaveCount(1);
        await expectAccessible(page);
    });

    await test.step('a banner band above, behind it the category’s own picture', async () => {
        await studio.block('.page-title').click();
        await page.keyboard.press('Escape');
        await page.keyboard.press('Escape');
        const band = page.getByRole('region', { name: 'Settings of Band' });
        await band.getByLabel('Where picture behind comes from').selectOption({ label: 'the category’s picture' });
        await expect(studio.block('.band-pictured')).toBeVisible();
        await studio.saved();
    });

    await test.step('three in a row and nine on a page', async () => {
        await studio.block('.product-grid').click({ position: { x: 8, y: 8 } });
        const grid = page.getByRole('region', { name: 'Settings of Products' });
        await grid.getByLabel('At once', { exact: true }).fill('9');
        await grid.getByLabel('In a row', { exact: true }).fill('3');
        await expect(studio.block('.product-grid .card-cover')).toHaveCount(9);
        await expect(studio.block('.product-grid-cards')).toHaveCSS('grid-template-columns', /^\S+ \S+ \S+$/);
        await studio.saved();
    });

    await test.step('for this very category alone', async () => {
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await studio.condition('Show on', 'category is exactly', 'Inks');
        await expect(page.locator('[data-counts]')).toHaveText('Covers 1 category, would be shown on 1');
        await expectAccessible(page);
    });

    await test.step('published: one category page moves, and which', async () => {
        await page.getByRole('button', { name: 'Publish…' }).click();
        await expect(page.locator('[data-impact]')).toContainText(
            '1 category page moves, 0 get a new look. 21 stay as they are.',
        );
        await expect(page.locator('[data-fitting-line]')).toContainText('1 category');
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: '“Inks, with a banner” is live' })).toBeVisible();
        await expect(page.getByRole('link', { name: 'Open the shop' })).toHaveAttribute('href', '/c/inks');
    });

    await test.step('this one looks so, and another as before', async () => {
        await page.goto('/c/inks');
        await expect(cards).toHaveCount(9);
        await expect(page.locator('.band-pictured .page-title')).toHaveText('Inks');
        await expectAccessible(page);
        await page.getByRole('link', { name: 'Next' }).click();
        await expect(page).toHaveURL(/page=2/);
        await expect(page.locator('main [aria-current="page"]').last()).toContainText('2');
        await page.goto('/c/paper');
        expect(await page.locator('main').innerHTML()).toBe(paper);
    });

    await test.step('why does it look like that? The tag on the page says so', async () => {
        await page.goto('/c/inks');
        await page.getByText('Studio', { exact: true }).click();
        await expect(page.getByText('It has the closest rule that matches.')).toBeVisible();
        await page.getByRole('link', { name: 'Why this template?' }).click();
        await expect(page.getByRole('heading', { name: 'Why does Inks look like this?' })).toBeVisible();
        await expect(page.locator('[data-rung="wins"]')).toContainText('category is exactly Inks');
        await expect(page.getByText('Category page ·')).toBeVisible();
        await expectAccessible(page);
    });

    await test.step('brought back', async () => {
        await page.goto('/studio/releases');
        const release = page.locator('[data-release="1"]');
        await release.getByRole('button', { name: 'Take back… release 1' }).click();
        await release.getByRole('button', { name: 'Take it back' }).click();
        await expect(page.locator('[data-release="2"]')).toContainText('Release 1 taken back');
        await page.goto('/c/inks');
        await expect(cards).toHaveCount(12);
        await expect(page.locator('.band-pictured')).toHaveCount(0);
    });
});
