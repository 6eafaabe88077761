import type { Page } from '@playwright/test';
import { expectAccessible } from './axe';
import { sql } from './console';
import { expect, test } from './fresh';
import { Studio } from './studio';

const cards = (page: Page) => page.locator('.product-grid .card-cover');
const filter = (page: Page, name: string) =>
    page.locator('.filter', { has: page.locator('.filter-title', { hasText: new RegExp(`^${name}$`) }) });

/** Pens with filters beside them, as the owner would have published them. */
async function pens(studio: Studio): Promise<void> {
    const id = await studio.id('category', 'Pens');
    const { id: template } = await studio.ask<{ id: number }>('/studio/templates', {
        name: 'Pens',
        start: 'beside',
        pageKind: 'category',
    });
    await studio.page.goto(`/studio/templates/${template.toString()}`);
    await studio.loaded();
    await studio.page.getByRole('button', { name: 'Where it appears' }).click();
    await studio.condition('Show on', 'category is in', 'Pens');
    await studio.page.getByRole('button', { name: 'Publish…' }).click();
    await studio.page.getByRole('button', { name: 'Publish now' }).click();
    await expect(studio.page.getByRole('heading', { name: '“Pens” is live' })).toBeVisible();
    expect(id).toBeGreaterThan(0);
}

test('a category page with a third as side column: price, colour and size filters, chips, clear', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();

    await test.step('a start with filters beside the products; the column takes a third', async () => {
        await studio.newTemplate('Pens, filtered', 'Words beside the products', 'category pages');
        await page.getByPlaceholder('Any category…').fill('pens');
        await page.getByRole('radio', { name: /^Pens/ }).first().click();
        // The page before stands there until this one does.
        await expect(studio.canvas.getByRole('heading', { level: 1, name: 'Pens', exact: true })).toBeVisible();
        await studio.loaded();
        await expect(studio.block('.filters')).toBeVisible();
        await studio.block('.result-count').click();
        await page.keyboard.press('Escape');
        await page.keyboard.press('Escape');
        await page
            .getByRole('region', { name: 'Settings of Band' })
            .getByRole('button', { name: '1 : 2', exact: true })
            .click();
        await studio.saved();
    });

    await test.step('a colour filter with swatches, and one for the nib; what has nothing to choose from says so', async () => {
        await studio
            .block('.filters .filter')
            .first()
            .click({ position: { x: 120, y: 12 } });
        for (const [option, as] of [
            ['Colour', 'swatches'],
            ['Nib', 'buttons'],
        ] as const) {
            await studio.place('Option filter');
            const settings = page.getByRole('region', { name: 'Settings of Filter' });
            await settings.getByLabel('Option', { exact: true }).selectOption({ label: option });
            await settings.getByLabel('As', { exact: true }).selectOption({ label: as });
        }
        await expect(studio.block('.filter-swatch')).not.toHaveCount(0);
        await expect(studio.block('.filter-button')).not.toHaveCount(0);
        await studio.saved();
        await page.getByRole('button', { name: 'Samples', exact: true }).click();
        await page.getByPlaceholder('Any category…').fill('bottled');
        await page
            .getByRole('radio', { name: /Bottled inks/ })
            .first()
            .click();
        await studio.loaded();
        await expect(studio.block('[data-absent^="Nib is left out"]')).toHaveCount(1);
    });

    await test.step('for pens, and live', async () => {
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await studio.condition('Show on', 'category is in', 'Pens');
        await page.getByRole('button', { name: 'Publish…' }).click();
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: '“Pens, filtered” is live' })).toBeVisible();
    });

    await test.step('a pen that comes in teal too is found under teal; the list alone changes', async () => {
        await page.goto('/c/pens');
        await expectAccessible(page);
        await expect(page.getByRole('button', { name: /^(Show|Filters|Close)/ })).toHaveCount(0);
        const said = page.locator('[data-narrowed]');
        await page.evaluate(() => scrollTo(0, 200));
        const before = await page.evaluate(() => scrollY);
        await page.getByRole('checkbox', { name: /^Teal/ }).check();
        await expect(said).toHaveText(/^\d+ products$/);
        await expect(page).toHaveURL(/\/c\/pens\?colour-o\d+=teal-\d+$/);
        await expect(page.locator('.chosen-filter')).toHaveText([/Colour: Teal/]);
        await expect(page.getByRole('checkbox', { name: /^Teal/ })).toBeFocused();
        expect(await page.evaluate(() => scrollY)).toBe(before);
        await expect(page.locator('.product-grid-cards > *', { hasText: 'Quillon fountain pen' })).toHaveCount(1);
        await expectAccessible(page);
    });

    await test.step('each number is what choosing it gives', async () => {
        const broad = page.getByRole('checkbox', { name: /^Broad/ });
        const count = Number(
            await page.locator('.filter-button', { hasText: 'Broad' }).locator('.filter-count').textContent(),
        );
        await broad.check();
        await expect(cards(page)).toHaveCount(count);
        await expect(page.locator('[data-narrowed]')).toHaveText(
            `${count.toString()} product${count === 1 ? '' : 's'}`,
        );
        await expect(page.locator('.chosen-filter')).toHaveCount(2);
    });

    await test.step('back, on, and the same after a reload; then off one by one and all at once', async () => {
        const both = page.url();
        await page.goBack();
        await expect(page.locator('.chosen-filter')).toHaveCount(1);
        await expect(page.getByRole('checkbox', { name: /^Broad/ })).not.toBeChecked();
        await page.goForward();
        await expect(page.locator('.chosen-filter')).toHaveCount(2);
        await page.reload();
        expect(page.url()).toBe(both);
        await expect(page.locator('.chosen-filter')).toHaveCount(2);
        await page.locator('.chosen-filter').first().click();
        await expect(page.locator('.chosen-filter')).toHaveCount(1);
        await page.locator('.filters').getByRole('link', { name: 'Clear all' }).click();
        await expect(page.locator('.chosen-filter')).toHaveCount(0);
        await expect(page).toHaveURL(/\/c\/pens$/);
    });
});

test('by keyboard alone: the slider, a fold, more values, and what leads to nothing', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await pens(studio);
    await page.goto('/c/pens');

    await test.step('a thumb of the slider by arrows and to its ends, with the field beside it', async () => {
        const least = page.getByRole('slider').first();
        await least.focus();
        await page.keyboard.press('PageUp');
        await expect(page).toHaveURL(/price=[\d.]+-$/);
        await expect(least).toBeFocused();
        const from = page.locator('input[name="price[from]"]');
        expect(Number(await from.inputValue())).toBeCloseTo(Number(await least.getAttribute('aria-valuenow')), 2);
        await page.keyboard.press('ArrowRight');
        await expect(from).not.toHaveValue('');
        await page.keyboard.press('Home');
        await expect(page).toHaveURL(/\/c\/pens$/);
        await expect(from).toHaveValue('');
    });

    await test.step('what is typed while an answer is on its way stays', async () => {
        const [from, to] = [page.locator('input[name="price[from]"]'), page.locator('input[name="price[to]"]')];
        let answer = (): void => undefined;
        const held = new Promise<void>((resolve) => (answer = resolve));
        await page.route(/price=/, async (route) => {
            await held;
            await route.continue();
        });
        await from.fill('20');
        await to.focus();
        await to.fill('90');
        answer();
        await expect(page).toHaveURL(/price=20-$/);
        await expect(to).toHaveValue('90');
        await page.unroute(/price=/);
        await page.keyboard.press('Enter');
        await expect(page).toHaveURL(/price=20-90$/);
        await from.fill('');
        await to.fill('');
        await page.keyboard.press('Enter');
        await expect(page).toHaveURL(/\/c\/pens$/);
    });

    await test.step('ends that are swapped, and words for numbers', async () => {
        await page.locator('input[name="price[from]"]').fill('30');
        await page.locator('input[name="price[to]"]').fill('10');
        await page.keyboard.press('Enter');
        await expect(page).toHaveURL(/price=10-30$/);
        await expect(page.locator('input[name="price[from]"]')).toHaveValue('10');
        await page.locator('input[name="price[from]"]').fill('ten');
        await page.locator('input[name="price[to]"]').fill('');
        await page.keyboard.press('Enter');
        await expect(page).toHaveURL(/\/c\/pens$/);
    });

    await test.step('a filter folds, and stays folded', async () => {
        const fold = filter(page, 'Brand').locator('summary').first();
        await fold.focus();
        await page.keyboard.press('Enter');
        await expect(filter(page, 'Brand').locator('details').first()).not.toHaveAttribute('open');
        await page.getByRole('checkbox', { name: /^In stock/ }).focus();
        await page.keyboard.press('Space');
        await expect(page).toHaveURL(/stock=/);
        await expect(filter(page, 'Brand').locator('details').first()).not.toHaveAttribute('open');
    });

    await test.step('nothing left: without what there is something', async () => {
        await page.locator('input[name="price[from]"]').fill('900');
        await page.keyboard.press('Enter');
        await expect(page.locator('.product-grid-none')).toContainText('Nothing has all of these.');
        await expectAccessible(page);
        const way = page.locator('.product-grid-none a').first();
        await expect(way).toHaveText(/^Without “Price: from £900.00” there are \d+ products$/);
        const left = /there are (\d+)/.exec((await way.textContent()) ?? '')?.[1] ?? '';
        await way.focus();
        await page.keyboard.press('Enter');
        await expect(page.locator('[data-narrowed]')).toHaveText(`${left} products`);
    });
});

test('a click that does not come through is said where it is seen, and what is ticked is what the list shows', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await pens(studio);
    await page.goto('/c/pens');
    const brindlace = page.getByRole('checkbox', { name: /^Brindlace/ });
    await page.route('**/c/pens?*', (route) => route.abort());
    await brindlace.click();
    await expect(page.locator('.narrowing-failed')).toBeInViewport();
    await expect(page.locator('.narrowing-failed')).toContainText('What you see is as it was');
    await expect(brindlace).not.toBeChecked();
    await expect(page).toHaveURL(/\/c\/pens$/);
    await page.unroute('**/c/pens?*');
    await brindlace.click();
    await expect(page).toHaveURL(/brand=brindlace/);
    await expect(page.locator('.narrowing-failed')).toHaveCount(0);
});

test('on the phone the filters open as a sheet that says how many there are', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await pens(studio);
    await page.setViewportSize({ width: 390, height: 800 });
    await page.goto('/c/pens');
    await expect(page.locator('.filters-body')).toBeHidden();
    await page.getByRole('button', { name: 'Filters' }).click();
    const sheet = page.getByRole('dialog', { name: 'Filters' });
    await expect(sheet).toBeVisible();
    await expectAccessible(page);
    await sheet.getByRole('checkbox', { name: /^Brindlace/ }).check();
    await expect(page).toHaveURL(/brand=brindlace-\d+$/);
    const show = sheet.getByRole('button', { name: /^Show \d+ products$/ });
    await expect(show).toHaveText('Show 5 products');
    await expect(sheet.getByRole('checkbox', { name: /^Brindlace/ })).toBeFocused();
    await show.click();
    await expect(sheet).toHaveCount(0);
    await expect(page.getByRole('button', { name: /^Filters/ })).toBeFocused();
    await expect(page.getByRole('button', { name: /^Filters/ })).toHaveText('Filters 1');
    await expect(cards(page)).toHaveCount(5);
    await expect(page.locator('.chosen-filter')).toHaveText([/Brand: Brindlace/]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
});

/** Sixty makers more, each with one thing among the pens. */
function manyMakers(worker: number): void {
    sql(
        worker,
        `with recursive n(n) as (select 1 union all select n + 1 from n where n < 60)
            insert into brands (id, name, name_folded, slug)
            select 1000 + n, 'Maker ' || n, 'maker ' || n, 'maker-' || n from n;
        update products set brand_id = 1000 + id where id <= 60;
        insert or ignore into category_product (category_id, product_id)
            select (select id from categories where name = 'Pens'), id from products where id <= 60;`,
    );
}

test('among very many values one is found by its name, and what is found narrows nothing until it is ticked', async ({
    page,
}, info) => {
    const studio = new Studio(page);
    await studio.signIn();
    await pens(studio);
    manyMakers(info.parallelIndex);
    await page.goto('/c/pens');
    const count = await page.locator('.result-count').textContent();
    const find = page.getByRole('searchbox', { name: 'Find in Brand' });
    await expect(page.getByRole('checkbox', { name: /^Maker 47/ })).toBeHidden();
    await find.pressSequentially('maker 4');
    await expect(filter(page, 'Brand').getByRole('checkbox')).toHaveCount(15);
    await expect(find).toBeFocused();
    await expect(find).toHaveValue('maker 4');
    await expect(page).toHaveURL(/\/c\/pens\?find%5Bbrand%5D=maker\+4$/);
    await expect(page.locator('.result-count')).toHaveText(count ?? '');
    await expectAccessible(page);

    await page.getByRole('checkbox', { name: /^Maker 47/ }).check();
    await expect(cards(page)).toHaveCount(1);
    await expect(page).toHaveURL(/brand=maker-47-1047&find%5Bbrand%5D=maker\+4$/);
    await find.fill('nobody');
    await expect(page.getByText('Nothing here is called “nobody”.')).toBeVisible();
    await expect(page.getByRole('checkbox', { name: /^Maker 47/ })).toBeChecked();
    await page.goBack();
    await expect(page.locator('.chosen-filter')).toHaveCount(0);
    await expect(find).toHaveValue('maker 4');
    await find.fill('');
    await expect(page).toHaveURL(/\/c\/pens$/);
    await page.reload();
    await expect(find).toHaveValue('');
});

test.describe('without scripts', () => {
    test.use({ javaScriptEnabled: false });

    test('the same filters are a form, and its answer has an address of its own', async ({
        page,
        browser,
        baseURL,
    }) => {
        const owner = await browser.newContext({ javaScriptEnabled: true, baseURL });
        const studio = new Studio(await owner.newPage());
        await studio.signIn();
        await pens(studio);
        await owner.close();
        await page.goto('/c/pens');
        await page.getByRole('checkbox', { name: /^Brindlace/ }).check();
        await page.locator('input[name="price[from]"]').fill('5');
        await page.locator('.filters-body > .go').click();
        await expect(page).toHaveURL(/\/c\/pens\?price=5-&brand=brindlace-\d+$/);
        await expect(cards(page)).toHaveCount(5);
        await page.getByLabel('In order').selectOption('cheap');
        await page.locator('.list-choice .go').click();
        await expect(page).toHaveURL(/price=5-&brand=brindlace-\d+&sort=cheap$/);
        await page.locator('.chosen-filter').first().click();
        await expect(page).toHaveURL(/\/c\/pens\?brand=brindlace-\d+&sort=cheap$/);
        await page.locator('.filters').getByRole('link', { name: 'Clear all' }).click();
        await expect(page).toHaveURL(/\/c\/pens\?sort=cheap$/);
        await expect(page.locator('.chosen-filter')).toHaveCount(0);
    });
});
