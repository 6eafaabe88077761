import { expectAccessible } from './axe';
import { artisan, sql } from './console';
import { expect, test } from './fresh';
import { Studio } from './studio';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';

const status = (page: Page) => page.getByRole('group', { name: 'Selection' }).getByRole('status');
const settled = async (page: Page): Promise<void> =>
    expect(page.getByRole('table').first()).not.toHaveAttribute('aria-busy', 'true');
const byBrand = (id: number): string =>
    `where=${encodeURIComponent(JSON.stringify([{ field: 'brand', comparison: 'isOneOf', values: [id] }]))}`;

test('a brand’s products are switched by a rule; the next one follows by itself, and one that leaves the brand moves, announced before', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    const brand = await studio.id('brand', 'Ostrelve');
    await studio.template('Maker’s page', { show: [] });

    await page.goto('/studio/who');
    await page.getByRole('button', { name: 'a condition…' }).click();
    const picker = page.getByRole('dialog', { name: 'Condition' });
    await picker.getByRole('combobox').selectOption({ label: 'brand is one of' });
    await picker.getByPlaceholder('Find…').fill('Ostrelve');
    await picker.getByLabel('Ostrelve', { exact: true }).check();
    await picker.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByRole('status').first()).toHaveText('25 products');
    await page.getByRole('button', { name: 'select all 25 that match' }).click();
    await expect(status(page)).toHaveText('25 products selected.');
    await expect(page.getByText('They are exactly: brand is one of Ostrelve.')).toBeVisible();
    await expectAccessible(page);

    await page.getByRole('button', { name: 'Make it a rule of…' }).click();
    const panel = page.getByRole('region', { name: 'Make it a rule of a template' });
    await panel.getByLabel('With which template').selectOption({ label: 'Maker’s page' });
    await expect(panel.getByText('25 product pages move.')).toBeVisible();
    await expectAccessible(page);
    await panel.getByRole('button', { name: 'Do it' }).click();
    await expect(page.getByText('Done: a rule of “Maker’s page”.')).toBeVisible();
    await expect(page.getByRole('row', { name: /Almanac fountain pen/ })).toContainText('Maker’s page · closest rule');

    await test.step('the next one follows', async () => {
        await page.goto('/studio/products/new');
        await page.getByLabel('Title').first().fill('Thirtieth pen');
        const field = page.getByRole('group', { name: 'Brand', exact: true });
        await field.getByRole('button', { name: /^(choose|add|another)/ }).click();
        await field.getByPlaceholder('Find…').fill('Ostrelve');
        await field.getByLabel('Ostrelve', { exact: true }).click();
        await page
            .getByLabel(/^Stock number of/)
            .first()
            .fill('THIRTY-1');
        await page
            .getByLabel(/^Price, GBP of/)
            .first()
            .fill('12.00');
        await page.getByRole('button', { name: 'Save', exact: true }).click();
        await page.waitForURL(/products\/\d+$/);
        await page.goto(`/studio/who?q=thirtieth&${byBrand(brand)}`);
        await expect(page.getByRole('row', { name: /Thirtieth pen/ })).toContainText('Maker’s page');
    });
    await test.step('one that leaves the brand moves, and that is said before', async () => {
        await page.getByRole('link', { name: 'Thirtieth pen', exact: true }).click();
        const field = page.getByRole('group', { name: 'Brand', exact: true });
        await field.getByRole('button', { name: /^(choose|add|another)/ }).click();
        await field.getByPlaceholder('Find…').fill('Hallorme');
        await field.getByLabel('Hallorme', { exact: true }).click();
        await expect(page.locator('[data-moves]')).toContainText(
            'Saving moves the page of “Thirtieth pen” from “Maker’s page”',
        );
    });
});

test('4,000 of 5,000 products are moved by a filter, three are looked at, and it is taken back', async ({
    page,
}, info) => {
    artisan(info.parallelIndex, ['vestibra:demo', '--products=5000', '--bare']);
    const studio = new Studio(page);
    await studio.signIn();
    await studio.template('For the most', { show: [] });
    const price = encodeURIComponent(JSON.stringify([{ field: 'price', comparison: 'atLeast', values: [500] }]));
    await page.goto(`/studio/who?where=${price}`);
    await page.getByRole('button', { name: /^select all [\d,]+ that match/ }).click();
    await expect(status(page)).toHaveText(/^[\d,]+ products selected/);
    const count = /^[\d,]+/.exec(await status(page).innerText())?.[0] ?? '';
    expect(Number(count.replace(',', ''))).toBeGreaterThan(3900);
    await page.getByRole('button', { name: 'show with…' }).click();
    const panel = page.getByRole('region', { name: /^Show [\d,]+ products with a template/ });
    await panel.getByLabel('With which template').selectOption({ label: 'For the most' });
    await expect(panel.getByText(`${count} product pages move.`)).toBeVisible();
    await panel.getByRole('button', { name: 'Do it' }).click();
    await expect(page.getByText(/^Done: [\d,]+ products pinned/)).toBeVisible();
    await settled(page);
    const list = page.url();
    for (const at of [2, 9, 14]) {
        const row = page.getByRole('row').nth(at);
        await expect(row).toContainText('For the most · pinned');
        await row.getByRole('link', { name: /^why/i }).click();
        await expect(page.getByRole('main')).toContainText('“For the most”');
        await page.goto(list);
        await settled(page);
        const shop = await page
            .getByRole('row')
            .nth(at)
            .getByRole('link', { name: /^in the shop/ })
            .getAttribute('href');
        expect((await page.request.get(shop ?? '')).status()).toBe(200);
    }
    await page.goto('/studio/releases');
    await page
        .getByRole('button', { name: /^Take back… release/ })
        .first()
        .click();
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.getByRole('button', { name: 'Take it back' })).toHaveCount(0);
    await page.goto(list);
    await settled(page);
    await expect(page.getByRole('row').nth(2)).not.toContainText('For the most');
});

test('what is selected by keyboard survives sorting, filtering, a reload and another window, and comes back', async ({
    page,
    context,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/catalogue');
    await page.getByRole('checkbox', { name: 'Select Almanac fountain pen' }).focus();
    await page.keyboard.press('Space');
    await expect(status(page)).toHaveText('1 product selected.');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Shift+ArrowDown');
    await expect(status(page)).toHaveText('4 products selected.');
    await page.keyboard.press('End');
    await expect(page.getByRole('checkbox', { name: /^Select/ }).last()).toBeFocused();
    await page.keyboard.press('Space');
    await expect(status(page)).toHaveText('5 products selected.');

    await page.getByLabel('In which order').selectOption('dear');
    await page.getByPlaceholder('of any title or number').fill('cartridges');
    await settled(page);
    await expect(status(page)).toHaveText('5 products selected.');
    await page.reload();
    await expect(status(page)).toHaveText('5 products selected.');

    const other = await context.newPage();
    await other.goto('/studio/who');
    await expect(status(other)).toHaveText('5 products selected.');
    await other.getByRole('checkbox', { name: 'Select Almanac fountain pen' }).uncheck();
    await expect(status(other)).toHaveText('4 products selected.');
    await expect(status(page)).toHaveText('4 products selected.');

    await page.goto('/studio/catalogue');
    await page.getByText('only what is selected').click();
    await expect(page.getByText('4 products', { exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'select nothing' }).click();
    await expect(status(page)).toHaveText('Nothing is selected.');
    await page.getByRole('button', { name: 'select them again' }).click();
    await expect(status(page)).toHaveText('4 products selected.');

    await page.getByText('only what is selected').click();
    await page.getByRole('button', { name: 'paste a list…' }).click();
    const box = page.getByRole('dialog', { name: 'Select what is pasted' });
    await box.getByRole('textbox').fill('lf-0028-02\nnot-a-number, /p/gift-card');
    await box.getByRole('button', { name: 'Select them' }).click();
    await expect(box.getByRole('status')).toContainText(
        '2 products found and selected. 1 of them is not known: not-a-number.',
    );
    await expectAccessible(page);
});

test('one template for every product: what stands in the way is listed, taken out with it, and all of it taken back as one', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    const inks = await studio.id('category', 'Inks');
    const closer = await studio.template('Inks apart', {
        show: [[{ field: 'category', comparison: 'isIn', values: [inks] }]],
    });
    await studio.template('The one page', { show: [] });
    const [pinned] = (
        (await (await page.request.get('/studio/who/rows?q=paperweight')).json()) as { rows: { id: number }[] }
    ).rows;
    await studio.ask('/studio/pins', { pageKind: 'product', subject: pinned?.id, template: closer });
    await page.goto('/studio/who');
    await page.getByRole('button', { name: 'one template for every product…' }).press('Enter');
    const panel = page.getByRole('region', { name: 'Make it a rule of a template' });
    await expect(panel).toContainText('every product: all of them and every later one like them.');
    await panel.getByLabel('With which template').selectOption({ label: 'The one page' });
    await expect(panel.getByText('1 product would stay with “Inks apart”, pinned to it.')).toBeVisible();
    const rule = panel.getByLabel(/^take “category is in Inks” out of “Inks apart”/);
    await expect(rule).toBeVisible();
    await expectAccessible(page);
    await page.getByPlaceholder('of any title or number').fill('paperweight');
    await expect(rule).toHaveCount(0);
    await expect(panel.getByText('1 product would stay with “Inks apart”, pinned to it.')).toBeVisible();
    await page.getByPlaceholder('of any title or number').fill('');
    await expect(rule).toBeVisible();
    await rule.press('Space');
    await expect(panel.getByText('Taken out with it:')).toBeVisible();
    await panel.getByLabel('take these pins out with it').press('Space');
    await expect(panel.getByText('109 product pages move.')).toBeVisible();
    await expect(panel.getByText(/would stay/)).toHaveCount(0);
    await panel.getByRole('button', { name: 'Do it' }).press('Enter');
    const done = page.getByRole('region', { name: 'What was done' });
    await expect(done).toContainText('109 product pages moved: a rule of “The one page”.');
    const [file] = await Promise.all([
        page.waitForEvent('download'),
        done.getByRole('link', { name: 'page by page, as a file' }).click(),
    ]);
    expect(
        readFileSync(await file.path(), 'utf8')
            .trim()
            .split('\r\n'),
    ).toHaveLength(110);
    await expectAccessible(page);
    await done.getByRole('button', { name: 'Take this back' }).click();
    await expect(page.getByText('It is as it was.')).toBeVisible();
    await page.goto('/studio/who?q=paperweight');
    await expect(page.getByRole('row', { name: /Glass paperweight/ })).toContainText('Inks apart · pin');
});

test('what a panel says is about what is selected now, whichever window changed it', async ({ page, context }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.template('Maker’s page', { show: [] });
    const list = `/studio/who?${byBrand(await studio.id('brand', 'Ostrelve'))}`;
    await page.goto(list);
    await page.getByRole('button', { name: 'select all 25 that match' }).click();
    await page.getByRole('button', { name: 'prices, stock, tags, facts…' }).click();
    await expect(page.getByRole('region', { name: 'Change 25 products' })).toBeVisible();
    await page.getByRole('button', { name: 'show with…' }).click();
    await expect(page.getByRole('region', { name: /^Change/ })).toHaveCount(0);
    const panel = page.getByRole('region', { name: /with a template/ });
    await panel.getByLabel('With which template').selectOption({ label: 'Maker’s page' });
    await expect(panel.getByText('25 product pages move.')).toBeVisible();

    const other = await context.newPage();
    await other.goto(list);
    await other.getByRole('checkbox', { name: /Almanac fountain pen/ }).uncheck();
    await expect(status(other)).toHaveText('24 products selected.');
    await expect(panel.getByText('24 product pages move.')).toBeVisible();
    await panel.getByRole('button', { name: 'Do it' }).click();
    await expect(page.getByText('Done: 24 products pinned to “Maker’s page”.')).toBeVisible();
});

test('prices of what is selected: seen before, what cannot be is said, done as one, taken back', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto(`/studio/catalogue?q=cartridges`);
    const price = (name: string) => page.getByRole('row', { name: new RegExp(name) });
    const before = await price('Amber Post cartridges').innerText();
    await page.getByRole('button', { name: /^select all \d+ that match/ }).click();
    await page.getByRole('button', { name: 'prices, stock, tags, facts…' }).click();
    const panel = page.getByRole('region', { name: /^Change \d+ products/ });
    await panel.getByLabel('How').selectOption('by');
    await panel.getByLabel('Amount').fill('-4');
    await panel.getByRole('button', { name: 'See what that would do' }).click();
    await expect(panel.getByText('The price cannot be below nothing.').first()).toBeVisible();
    await expect(panel.getByRole('table', { name: 'What changes most' })).toBeVisible();
    await panel.getByLabel('How').selectOption('percent');
    await panel.getByLabel('Per cent').fill('-10');
    await panel.getByLabel('ending in').fill('.90');
    await expect(panel.getByRole('button', { name: /^Change \d/ })).toBeHidden();
    await panel.getByRole('button', { name: 'See what that would do' }).click();
    await expectAccessible(page);
    await panel.getByRole('button', { name: /^Change \d/ }).click();
    await expect(page.getByText(/^Done: \d+ products: price\./)).toBeVisible();
    await expect(price('Amber Post cartridges')).toContainText('£2.90 – £4.90');
    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(page.getByText('It is as it was.')).toBeVisible();
    await settled(page);
    expect(await price('Amber Post cartridges').innerText()).toBe(before);
});

test('a sentence is kept under a name, columns are remembered, and on a phone the list is there', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/who');
    await page.getByRole('button', { name: 'on the fallback' }).click();
    await expect(page).toHaveURL(/step=fallback/);
    await page.getByPlaceholder('of any title or number').fill('ink');
    await settled(page);
    await page.getByRole('button', { name: 'keep this sentence…' }).click();
    await page.getByLabel('Under which name').fill('Inks without a rule');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByRole('button', { name: 'columns…' }).click();
    await page.getByRole('dialog', { name: 'Which columns' }).getByLabel('Stock').uncheck();
    await page.keyboard.press('Escape');
    await page.goto('/studio/who');
    await expect(page.getByRole('columnheader', { name: 'Stock' })).toBeHidden();
    await page.getByRole('button', { name: 'Inks without a rule', exact: true }).click();
    await expect(page).toHaveURL(/q=ink/);
    await page.setViewportSize({ width: 390, height: 844 });
    const row = page.getByRole('row', { name: /Amber Post bottled ink/ });
    await expect(row).toBeVisible();
    // What it is called and the template that it has are read, and nothing lies over anything.
    const boxes = await Promise.all(
        [row.getByRole('link', { name: 'Amber Post bottled ink', exact: true }), row.getByText('Everything else')].map(
            (one) => one.boundingBox(),
        ),
    );
    for (const box of boxes) expect(box?.width).toBeGreaterThan(70);
    expect((boxes[0]?.y ?? 0) + (boxes[0]?.height ?? 0)).toBeLessThanOrEqual((boxes[1]?.y ?? 0) + 2);
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Take “Inks without a rule” away' }).click();
    await expect(page.getByRole('button', { name: 'Inks without a rule', exact: true })).toBeHidden();
});

test('a condition is found by words: without a picture, by how many variants, without a description', async ({
    page,
}, info) => {
    sql(info.parallelIndex, "update products set description = '<hr>', described = 0 where id in (3, 4)");
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/catalogue');
    await settled(page);
    const sought = async (words: string, value = ''): Promise<void> => {
        await page.getByRole('button', { name: 'a condition…' }).focus();
        await page.keyboard.press('Enter');
        await expect(page.getByLabel('Find a condition')).toBeFocused();
        await page.keyboard.type(words);
        if (value !== '') {
            await page.keyboard.press('Tab');
            await page.keyboard.press('Tab');
            await page.keyboard.type(value);
        }
        await page.keyboard.press('Enter');
        await expect(page.getByRole('dialog', { name: 'Condition' })).toBeHidden();
        await settled(page);
    };
    await sought('without a picture');
    await expect(page.getByRole('button', { name: 'has no picture' })).toBeVisible();
    await expect(page.getByText('1 product,')).toBeVisible();
    await page.goto('/studio/catalogue');
    await sought('variants least', '12');
    await expect(page.getByRole('button', { name: 'number of variants is at least 12' })).toBeVisible();
    const first = page.getByRole('row').nth(1);
    await expect(first).toContainText(/1[2-9] variants|[2-9]\d variants/);
    await page.goto('/studio/catalogue');
    await sought('description not');
    await expect(page.getByRole('button', { name: 'description is not filled in' })).toBeVisible();
    await expect(page.getByText('3 products,')).toBeVisible();
    await page.getByRole('button', { name: 'description is not filled in' }).click();
    await page.getByLabel('Find a condition').fill('weight of the box');
    await expect(page.getByRole('status').filter({ hasText: 'No condition looks at that' })).toBeVisible();
    await expectAccessible(page, '[role=dialog]');
});
