import type { Page } from '@playwright/test';
import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

const cards = (page: Page) => page.locator('.product-grid .card');
const heading = (page: Page) => page.getByRole('region', { name: 'The card' });

/** A category template with a list of products, its grid selected. */
async function ofInks(studio: Studio, name: string): Promise<void> {
    await studio.newTemplate(name, 'Name, words, products', 'category pages');
    await seeInks(studio);
    await studio.page.getByRole('treeitem', { name: /^Products/ }).click();
}

async function seeInks(studio: Studio): Promise<void> {
    await studio.page.getByPlaceholder('Any category…').fill('Bottled inks');
    await studio.page.getByRole('radio', { name: 'Bottled inks' }).first().click();
    await studio.loaded();
    await expect(studio.block('.page-title')).toHaveText('Bottled inks');
}

test('a card of one’s own: made, laid out and corrected while looking at the list, without leaving it', async ({
    browser,
    page,
    baseURL,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await ofInks(studio, 'Inks by card');
    const card = studio.block('.product-grid .card');

    await test.step('begun from the list, in its place', async () => {
        await page.getByLabel('As the card').selectOption('start plain');
        await expect(heading(page)).toContainText('Picture, name, price');
        await expect(heading(page)).toContainText('Stands in 1 grid on 1 template');
        await expect(page.getByRole('region', { name: 'Settings of Card' })).toBeVisible();
        await expectAccessible(page);
    });

    await test.step('picture and title lead to the product, the picture in one size', async () => {
        await page.getByRole('treeitem', { name: /^Product’s picture/ }).click();
        await expect(page.getByLabel('Leads to the product')).toBeChecked();
        await studio.pick(page, 'Shape', 'wide');
        await expect(card.nth(3).locator('.product-picture-room')).toHaveCSS('aspect-ratio', '4 / 3');
        await page.getByRole('treeitem', { name: /^Title/ }).click();
        await page.getByLabel('Heading level').selectOption('p');
        await expect(card.nth(3).locator('p.title a')).toBeVisible();
    });

    await test.step('a fact on it, and a way to buy ten pixels from the price', async () => {
        await studio.place('Fact');
        await page
            .getByRole('region', { name: 'Settings of Fact' })
            .getByLabel('Fact', { exact: true })
            .selectOption({ label: 'Drying time' });
        await page.getByLabel('Words before it').fill('dries in');
        await page.getByLabel('Words before it').blur();
        await expect(card.first().locator('.fact')).toHaveText(/^dries in \d+ s$/);
        await page.getByRole('treeitem', { name: /^Price/ }).click();
        await studio.place('Buy from the list');
        await expect(card.nth(5).locator('.quick-buy-button')).toBeVisible();
        await page.keyboard.press('Escape');
        await page.getByLabel('Between its lines').fill('10');
        await page.getByLabel('Between its lines').blur();
        await expect
            .poll(async () =>
                distance(
                    await card.first().locator('.price').boundingBox(),
                    await card.first().locator('.quick-buy').boundingBox(),
                ),
            )
            .toBe(10);
    });

    await test.step('what is missing leaves no hole in a row, and the rest stands on common lines', async () => {
        const prices = await card
            .locator('.price')
            .evaluateAll((all) => all.slice(0, 3).map((one) => Math.round(one.getBoundingClientRect().top)));
        expect(new Set(prices).size).toBe(1);
    });

    await test.step('another one of them is looked at by a click; outside them the page is', async () => {
        await card.nth(2).locator('.title').click();
        await expect(page.getByRole('treeitem', { name: /^Title/ })).toHaveAttribute('aria-selected', 'true');
        await studio.block('.page-title').click();
        await expect(heading(page)).toHaveCount(0);
        await expect(page.getByRole('treeitem', { name: /^Page title/ })).toHaveAttribute('aria-selected', 'true');
    });

    await test.step('undo follows the order of steps across page and card, also after a reload', async () => {
        await page.getByRole('treeitem', { name: /^Products/ }).click();
        await page.getByLabel('At once').fill('9');
        await page.getByLabel('At once').blur();
        await expect(card).toHaveCount(9);
        await studio.saved();
        await page.reload();
        await studio.loaded();
        await page.getByRole('button', { name: 'Samples' }).click();
        await seeInks(studio);
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(card).toHaveCount(12);
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(heading(page)).toBeVisible();
        await expect
            .poll(async () =>
                distance(
                    await card.first().locator('.price').boundingBox(),
                    await card.first().locator('.quick-buy').boundingBox(),
                ),
            )
            .toBe(6);
        await page.getByRole('button', { name: 'Redo' }).click();
        await page.getByRole('button', { name: 'Redo' }).click();
        await expect(card).toHaveCount(9);
        await studio.saved();
    });

    await test.step('for one category, published together with its card', async () => {
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await studio.condition('Show on', 'category is exactly', 'Bottled inks');
        await page.getByRole('button', { name: 'Publish 2…' }).click();
        await expect(page.getByRole('checkbox', { name: /Picture, name, price, a card/ })).toBeChecked();
        await expect(page.locator('[data-impact]')).toContainText('1 category page moves');
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: '“Inks by card” is live' })).toBeVisible();
    });

    await test.step('corrected while looking at the list, and published alone', async () => {
        await page.getByRole('link', { name: 'Back to the page' }).click();
        await studio.loaded();
        await page.getByRole('treeitem', { name: /^Products/ }).click();
        await studio
            .block('.product-grid .card')
            .nth(1)
            .click({ position: { x: 40, y: 40 } });
        await expect(heading(page)).toBeVisible();
        await page.getByRole('treeitem', { name: /^Fact/ }).click();
        await page.getByLabel('Words before it').fill('dry after');
        await page.getByLabel('Words before it').blur();
        await studio.saved();
        await page.getByRole('link', { name: 'publish it alone' }).click();
        await expect(page.getByRole('heading', { name: 'Publish “Picture, name, price”' })).toBeVisible();
        await expect(page.locator('[data-impact]')).toContainText('1 gets a new look');
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: '“Picture, name, price” is live' })).toBeVisible();
    });

    await test.step('as customers see it', async () => {
        await page.goto('/c/bottled-inks');
        await expect(cards(page)).toHaveCount(9);
        await expectAccessible(page);
        const first = cards(page).first();
        await expect(first.locator('.fact')).toContainText('dry after');
        await first.locator('.quick-buy a').click();
        await page.waitForURL(/\/p\//);
        await page.goBack();
        await first.click({ position: { x: 5, y: ((await first.boundingBox())?.height ?? 10) - 5 } });
        await page.waitForURL(/\/p\//);
    });

    await test.step('without scripts, on a phone', async () => {
        const plain = await browser.newContext({
            javaScriptEnabled: false,
            viewport: { width: 390, height: 800 },
            baseURL: baseURL ?? '',
        });
        const phone = await plain.newPage();
        await phone.goto('/c/bottled-inks');
        expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
        await phone.locator('.card .title a').nth(1).click();
        await expect(phone).toHaveURL(/\/p\//);
        await plain.close();
    });
});

test('a card of many lists becomes one of its own in one of them; the others stay; in use it is not deleted', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await ofInks(studio, 'Inks apart');

    await test.step('only here', async () => {
        await page.getByRole('button', { name: 'Edit it' }).click();
        await expect(heading(page)).toContainText('Plain card');
        await page.getByRole('button', { name: 'where?' }).click();
        await expect(heading(page)).toContainText('Every other category');
        await page.getByRole('button', { name: 'only here' }).click();
        await expect(heading(page)).toContainText('Plain card, Inks apart');
        await expect(heading(page)).toContainText('Stands in 1 grid on 1 template');
    });

    await test.step('a list of products cannot stand on it, and words say so', async () => {
        await page.getByRole('button', { name: 'Shelf', exact: true }).click();
        await page.getByPlaceholder('Find a block…').fill('Products by rule');
        await expect(page.locator('[data-shelf="Products by rule"]')).toHaveCount(0);
        await page.getByPlaceholder('Find a block…').fill('');
    });

    await test.step('emptied, it offers its starts', async () => {
        for (const name of ['Product’s picture', 'Badges', 'Brand', 'Title', 'Price']) {
            await page.getByRole('treeitem', { name: new RegExp(`^${name}`) }).click();
            await page.keyboard.press('Delete');
            await expect(page.getByRole('treeitem', { name: new RegExp(`^${name}`) })).toHaveCount(0);
        }
        await page.keyboard.press('Control+z');
        await page.keyboard.press('Control+z');
        await expect(page.getByRole('treeitem')).toHaveCount(2);
        for (const name of ['Title', 'Price']) {
            await page.getByRole('treeitem', { name: new RegExp(`^${name}`) }).click();
            await page.keyboard.press('Delete');
            await expect(page.getByRole('treeitem', { name: new RegExp(`^${name}`) })).toHaveCount(0);
        }
        await page.getByRole('button', { name: 'Framed, with words' }).click();
        await expect(studio.block('.product-picture-row').first()).toBeVisible();
        await studio.saved();
    });

    await test.step('the list of templates says where cards stand, and keeps what is in use', async () => {
        await page.goto('/studio/templates?kind=card');
        await expectAccessible(page);
        const own = page.locator('[data-card="Plain card, Inks apart"]');
        await expect(own).toContainText('Inks apart (draft)');
        await own.getByRole('button', { name: /^Do…/ }).click();
        await page.getByRole('menuitem', { name: 'Delete' }).click();
        await expect(page.getByText('Choose another card there first; nothing was deleted.')).toBeVisible();
        await page.locator('[data-card="Plain card"]').getByRole('button', { name: /^Do…/ }).click();
        await page.getByRole('menuitem', { name: 'Copy' }).click();
        await page.waitForURL(/\/studio\/templates\/\d+$/);
        await studio.loaded();
        await expect(studio.block('.product-grid .card')).toHaveCount(12);
        await expectAccessible(page);
        await page.goto('/studio/templates?kind=card');
        await page.locator('[data-card="Plain card, copy"]').getByRole('button', { name: /^Do…/ }).click();
        await page.getByRole('menuitem', { name: 'Make it the fallback…' }).click();
        await expect(page.getByText(/No page moves, .*category pages.* get a new look/)).toBeVisible();
        await page.getByRole('button', { name: 'Do it' }).click();
        await expect(page.getByText('is the card wherever no other was chosen.')).toBeVisible();
        await expect(page.locator('[data-card="Plain card, copy"]')).toContainText('the fallback');
    });

    await test.step('a new one from the list of starts', async () => {
        await page.getByRole('button', { name: 'New template…' }).click();
        await page.getByLabel('What is it called?').fill('Quiet one');
        await page.getByRole('radio', { name: 'cards: a product in a list' }).check();
        await page.getByText('Quiet and centred', { exact: true }).click();
        await page.getByRole('button', { name: 'Make it' }).click();
        await page.waitForURL(/\/studio\/templates\/\d+$/);
        await studio.loaded();
        await page.keyboard.press('Control+z');
        await page.goto('/studio/templates?kind=card');
        await page.locator('[data-card="Quiet one"]').getByRole('button', { name: /^Do…/ }).click();
        await page.getByRole('menuitem', { name: 'Delete' }).click();
        await page.getByRole('button', { name: 'Take this back' }).click();
        await expect(page.locator('[data-card="Quiet one"]')).toBeVisible();
    });
});

test('two people change one card, each on a page of their own', async ({ browser, page, baseURL }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await ofInks(studio, 'Inks of one');
    await page.getByLabel('As the card').selectOption('start quiet');
    await expect(heading(page)).toContainText('Quiet and centred');
    await studio.saved();
    const context = await browser.newContext({ baseURL: baseURL ?? '' });
    const other = new Studio(await context.newPage());
    await other.signIn();
    await ofInks(other, 'Inks of another');
    await other.page.getByLabel('As the card').selectOption({ label: 'Quiet and centred' });
    await other.saved();
    await other.page.getByRole('button', { name: 'Edit it' }).click();
    await expect(heading(other.page)).toContainText('Stands in 2 grids on 2 templates');
    await other.page.getByRole('treeitem', { name: /^Title/ }).click();
    await other.page.getByLabel('Size', { exact: true }).fill('23');
    await other.page.getByLabel('Size', { exact: true }).blur();
    await other.saved();
    await expect(studio.block('.product-grid .card .title').first()).toHaveCSS('font-size', '23px', {
        timeout: 15_000,
    });
    await context.close();
});

function distance(one: { y: number; height: number } | null, other: { y: number } | null): number {
    return one && other ? Math.round(other.y - one.y - one.height) : -1;
}
