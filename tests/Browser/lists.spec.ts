import type { Page } from '@playwright/test';
import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio, tick } from './studio';

const cards = (page: Page) => page.locator('.product-grid .card-cover');

test('a collection page from a start, with a banner, for two collections and not for a third; then the fallback', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();

    await test.step('a start with a banner, and a picture for collections that have none', async () => {
        await studio.newTemplate('Our collections', 'Banner and products', 'collection pages');
        await page.getByPlaceholder('Any collection…').fill('staff');
        // The row is filled anew: a press that begins before and ends after is none.
        await expect(page.getByRole('radiogroup', { name: 'See the page with' }).getByRole('radio')).toHaveCount(1);
        await page
            .getByRole('radio', { name: /Staff favourites/ })
            .first()
            .click();
        await studio.loaded();
        await expect(studio.block('.page-title')).toHaveText('Staff favourites');
        await expect(studio.block('.band-pictured')).toHaveCount(0);
        await page.getByRole('treeitem', { name: /^Band/ }).first().click();
        const band = page.getByRole('region', { name: 'Settings of Band' });
        await band.getByRole('button', { name: /Choose a picture|otherwise/ }).click();
        await band.locator('ul button').first().click();
        await expect(studio.block('.band-pictured')).toBeVisible();
        await studio.saved();
    });

    await test.step('three in a row and nine on a page', async () => {
        await expect(studio.block('.product-grid .card-cover')).toHaveCount(9);
        await expect(studio.block('.product-grid-cards')).toHaveCSS('grid-template-columns', /^\S+ \S+ \S+$/);
    });

    await test.step('for two collections', async () => {
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await page.getByRole('region', { name: 'Show on' }).getByRole('button', { name: 'a condition…' }).click();
        const picker = page.getByRole('dialog', { name: 'Condition' });
        await picker.getByRole('combobox').selectOption({ label: 'collection is one of' });
        for (const name of ['Staff favourites', 'Winter letters']) await tick(picker, name);
        await picker.getByRole('button', { name: 'Done' }).click();
        await expect(page.locator('[data-counts]')).toHaveText('Covers 2 collections, would be shown on 2');
        await page.getByRole('button', { name: 'Publish…' }).click();
        await expect(page.locator('[data-impact]')).toContainText('2 collection pages move');
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: '“Our collections” is live' })).toBeVisible();
    });

    await test.step('two look so, a third as before', async () => {
        for (const slug of ['staff-favourites', 'winter-letters']) {
            await page.goto(`/collection/${slug}`);
            await expect(page.locator('.band-pictured .page-title')).toBeVisible();
            await expect(cards(page)).toHaveCount(9);
        }
        await expectAccessible(page);
        await page.goto('/collection/back-to-school');
        await expect(page.locator('.band-pictured')).toHaveCount(0);
        await expect(cards(page)).toHaveCount(5);
    });

    await test.step('made the fallback, and the old one taken off', async () => {
        await page.goto('/studio/templates?kind=collection');
        await page.getByRole('button', { name: /^Do… .*Our collections/ }).click();
        await page.getByRole('menuitem', { name: 'Make it the fallback…' }).click();
        await expect(page.getByText('10 collection pages move')).toBeVisible();
        await page.getByRole('button', { name: 'Do it' }).click();
        await expect(page.getByText('Done: “Our collections” takes what no rule takes.')).toBeVisible();
        await page.getByRole('button', { name: /^Do… .*Every other collection/ }).click();
        await page.getByRole('menuitem', { name: /Take it off/ }).click();
        await expect(page.getByText(/No page moves\. \d+ stay as they are/)).toBeVisible();
        await page.getByRole('button', { name: 'Do it' }).click();
        await expect(page.getByText('Done: “Every other collection” taken off.')).toBeVisible();
        await page.goto('/collection/back-to-school');
        await expect(page.locator('.band-pictured .page-title')).toHaveText('Back to school');
    });
});

test('an all-products page: a tall hero, count and order above, three columns, numbers below, a promotion at the end, live in one step', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Everything, with a hero', 'Banner and products', 'the page of all products');
    const settings = (name: string) => page.getByRole('region', { name: `Settings of ${name}` });

    await test.step('a hero of four fifths of the screen with a picture over its edge', async () => {
        await page.getByRole('treeitem', { name: /^Band/ }).first().click();
        await settings('Band').getByLabel('or of the screen', { exact: true }).fill('80');
        await expect(studio.block('.band').first()).toHaveCSS('--band-min-screen', '80vh');
        await page.getByRole('treeitem', { name: /^Page description/ }).click();
        await studio.place('Picture');
        await settings('Picture')
            .getByRole('button', { name: /Choose a picture|otherwise/ })
            .click();
        await settings('Picture').locator('ul button').first().click();
        await settings('Picture').getByRole('button', { name: 'The picture' }).click();
        await settings('Picture')
            .getByRole('group', { name: 'Distances and corners of the picture' })
            .getByLabel('Room outside above')
            .fill('-80');
        await studio.saved();
    });

    await test.step('count and order above, a promotion at the end', async () => {
        await page.getByRole('treeitem', { name: /^Products/ }).click();
        await settings('Products')
            .getByRole('button', { name: /^more: / })
            .click();
        await settings('Products').getByLabel('Say how many there are').uncheck();
        await settings('Products').getByLabel('Let customers choose the order').uncheck();
        await expect(studio.block('.product-grid-bar')).toHaveCount(0);
        await page.getByRole('treeitem', { name: /^Products/ }).click();
        await studio.place('How many products');
        await studio.place('Order of products');
        await expect(studio.block('.result-count')).toHaveText('1 to 9 of 109');
        await expect(studio.block('.list-choice select')).toBeVisible();
        await page.getByRole('treeitem', { name: /^Band/ }).last().click();
        await studio.place('Our promise');
        await studio.saved();
    });

    await test.step('published in one step', async () => {
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await expect(page.getByRole('region', { name: 'Show on' })).toContainText('the page of all products');
        await page.getByRole('button', { name: 'Publish…' }).click();
        await expect(page.locator('[data-impact]')).toContainText('1 page of all products moves');
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: '“Everything, with a hero” is live' })).toBeVisible();
    });

    await test.step('as customers see it', async () => {
        await page.goto('/all');
        await expect(cards(page)).toHaveCount(9);
        await expect(page.getByText('Packed in paper, nothing else')).toBeVisible();
        await page.getByLabel('In order').selectOption('cheap');
        await page.waitForURL(/sort=cheap/);
        await page.getByRole('link', { name: 'Next' }).click();
        await expect(page).toHaveURL(/sort=cheap&page=2/);
        await expect(page.locator('.result-count')).toHaveText('10 to 18 of 109');
        await expectAccessible(page);
    });
});

test('what a search found is put in another order at once, and the page of another list too', async ({ page }) => {
    for (const address of ['/search?q=ink', '/c/inks']) {
        await page.goto(address);
        await page.getByLabel('In order').selectOption('dear');
        await page.waitForURL(/sort=dear/);
        await expect(page.getByLabel('In order')).toHaveValue('dear');
        await expect(page.locator('.card-cover').first()).toBeVisible();
    }
    await page.goto('/search?q=ink');
    await page.getByLabel('In order').selectOption('title');
    await expect(page).toHaveURL(/q=ink&sort=title/);
});

test('“more” adds below and says so; without scripts it leads on; back brings the place again', async ({
    browser,
    page,
    baseURL,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Tags, beside', 'Words beside the products', 'tag pages');
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await studio.condition('Show on', 'tag is one of', 'everyday');
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByRole('heading', { name: '“Tags, beside” is live' })).toBeVisible();

    await page.goto('/tag/everyday');
    await expect(cards(page)).toHaveCount(12);
    await page.getByRole('link', { name: 'More', exact: true }).press('Enter');
    await expect(cards(page)).not.toHaveCount(12);
    await expect(page.locator('.product-grid .card').nth(12).getByRole('link').first()).toBeFocused();
    await expectAccessible(page);
    const all = await cards(page).count();
    await page.locator('.product-grid .card').nth(13).locator('.title a').click();
    await page.waitForURL(/\/p\//);
    await page.goBack();
    await expect(cards(page)).toHaveCount(all);
    const thirteenth = page.locator('.product-grid .card').nth(13).getByRole('link').first();
    await expect(thirteenth).toBeFocused();
    await expect(thirteenth).toBeInViewport();

    const plain = await browser.newContext({
        javaScriptEnabled: false,
        viewport: { width: 390, height: 800 },
        baseURL: baseURL ?? '',
    });
    const phone = await plain.newPage();
    await phone.goto('/tag/everyday');
    await phone.getByRole('link', { name: 'More', exact: true }).click();
    await expect(phone).toHaveURL(/page=2/);
    await expect(phone.getByRole('link', { name: 'Before' })).toBeVisible();
    await plain.close();
});
