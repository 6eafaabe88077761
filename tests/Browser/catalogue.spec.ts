import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { artisan } from './console';
import { Studio, tick } from './studio';
import { readFileSync, writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';

const pick = async (page: Page, group: string, name: string): Promise<void> => {
    const field = page.getByRole('group', { name: group, exact: true });
    await field.getByRole('button', { name: /^(choose|add|another)/ }).click();
    await field.getByPlaceholder('Find…').fill(name);
    await field.getByLabel(name, { exact: true }).click();
};
const save = (page: Page) => page.getByRole('button', { name: 'Save', exact: true });
const moves = (page: Page) => page.locator('[data-moves]');

test('a new ink with twelve variants and pictures, from nothing to its page in the shop, the template that it gets, and why', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.template('Pages of inks', {
        show: [[{ field: 'category', comparison: 'isIn', values: [await studio.id('category', 'Inks')] }]],
    });

    await test.step('from nothing', async () => {
        await page.goto('/studio/catalogue');
        await page.getByRole('link', { name: 'Make a product' }).click();
        await page.getByLabel('Title').first().fill('Dusk Post bottled ink');
        await expect(page.getByLabel('Address name')).toHaveValue('dusk-post-bottled-ink');
        await pick(page, 'Brand', 'Pellinray');
        await pick(page, 'Categories', 'Bottled inks');
        await page.getByRole('group', { name: 'Categories' }).getByRole('button', { name: /^done/ }).click();
        await expectAccessible(page);
    });

    await test.step('with two pictures, the second made the first', async () => {
        const pictures = page.getByRole('region', { name: 'Pictures' });
        await pictures.getByRole('button', { name: 'Choose a picture…' }).press('Enter');
        await pictures.getByLabel('Find a picture').fill('bottle');
        await pictures.locator('button[title*="ottle"]').nth(0).press('Enter');
        await pictures.locator('button[title*="ottle"]').nth(1).press('Enter');
        await expect(pictures.locator('li[data-picture]')).toHaveCount(2);
        const second = await pictures.locator('li[data-picture]').nth(1).getAttribute('data-picture');
        await pictures.getByRole('button', { name: 'Picture 2 earlier' }).press('Enter');
        await expect(pictures.locator('li[data-picture]').first()).toHaveAttribute('data-picture', second ?? '');
    });

    await test.step('twelve variants of two options, the price pasted from a spreadsheet', async () => {
        await page.getByRole('button', { name: /Offer it in options/ }).click();
        const find = page.getByLabel('Find a value of an option');
        for (const value of [
            'Bottle 30 ml',
            'Bottle 50 ml',
            'Bottle 100 ml',
            'Colour Coral',
            'Colour Moss',
            'Colour Navy',
            'Colour Plum',
        ]) {
            await find.fill(value);
            await page.getByRole('button', { name: `add ${value}` }).click();
            await expect(page.getByRole('listitem').filter({ hasText: value }).getByText('is offered')).toBeVisible();
        }
        await expect(page.getByText('12 variants. What a spreadsheet')).toBeVisible();
        const prices = Array.from({ length: 12 }, (_, at) => `DUSK-${at + 1}\t${at + 4},50 £`).join('\n');
        await page
            .getByLabel(/^Stock number of/)
            .first()
            .focus();
        await page.evaluate((text) => {
            const data = new DataTransfer();
            data.setData('text/plain', text);
            document.activeElement?.dispatchEvent(
                new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
            );
        }, prices);
        await expect(page.getByLabel(/^Stock number of/).last()).toHaveValue('DUSK-12');
    });

    await test.step('what is not saved survives a reload, and the template is said beforehand', async () => {
        await page.reload();
        await expect(page.getByLabel(/^Stock number of/).last()).toHaveValue('DUSK-12');
        await expect(page.locator('li[data-picture] img[src^="/pictures/"]')).toHaveCount(2);
        await expect(moves(page)).toContainText('The page of “Dusk Post bottled ink” will get “Pages of inks”.');
    });

    await test.step('saved, and in the shop', async () => {
        await save(page).click();
        await page.waitForURL(/\/studio\/products\/\d+$/);
        await expect(page.getByRole('complementary')).toContainText('Pages of inks');
        await page.getByRole('link', { name: 'why this one?' }).click();
        await expect(page.getByText('Dusk Post bottled ink').first()).toBeVisible();
        await expect(page.getByText('Pages of inks').first()).toBeVisible();
        await page.goto('/p/dusk-post-bottled-ink');
        await expect(page.locator('.price').first()).toContainText('£4.50');
        await expect(page.locator('.gallery img').first()).toHaveAttribute('alt', /bottle/i);
        await page.goto('/search?q=dusk+post');
        await expect(page.locator('.card-cover')).toHaveCount(1);
    });
});

test('its brand is changed: announced, saved, moved, taken back', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.template('Pages of Thessamer', {
        show: [[{ field: 'brand', comparison: 'isOneOf', values: [await studio.id('brand', 'Thessamer')] }]],
    });
    const product = await studio.id('product', 'Night Mail bottled ink');
    await page.goto(`/studio/products/${product}`);
    const before = await page.getByRole('complementary').locator('.font-name').first().innerText();

    await pick(page, 'Brand', 'Thessamer');
    await expect(moves(page)).toHaveText(
        `Saving moves the page of “Night Mail bottled ink” from “${before}” to “Pages of Thessamer”.`,
    );
    await save(page).click();
    await expect(
        page.getByText(
            `Saved. It moved the page of “Night Mail bottled ink” from “${before}” to “Pages of Thessamer”.`,
        ),
    ).toBeVisible();
    await expect(page.locator('[data-entry]').first()).toContainText('brand from Pellinray to Thessamer');
    await expect(page.getByRole('complementary').locator('.font-name').first()).toHaveText('Pages of Thessamer');
    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(page.getByText('It is as it was.')).toContainText(`from “Pages of Thessamer” to “${before}”`);
    await expect(page.getByRole('group', { name: 'Brand', exact: true })).toContainText('Pellinray');
    await expect(page.locator('[data-entry]').first()).toContainText('Taken back');
    await expectAccessible(page);
});

test('two windows on one product: other fields go together, the same field is asked about', async ({
    page,
    context,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    const product = await studio.id('product', 'Night Mail bottled ink');
    const other = await context.newPage();
    for (const one of [page, other]) await one.goto(`/studio/products/${product}`);
    await page.getByLabel('Title').first().fill('Night Mail, dark');
    await other.getByRole('textbox', { name: 'Short description' }).fill('Blue as the last post.');
    for (const one of [page, other]) {
        await save(one).click();
        await expect(one.getByText(/^Saved\./)).toBeVisible();
    }
    await expect(other.getByLabel('Title').first()).toHaveValue('Night Mail, dark');
    await other.getByLabel('Title').first().fill('Night Mail, darker');
    await page.getByLabel('Title').first().fill('Night Mail, black');
    await save(page).click();
    // That it was saved before is said still.
    await expect(save(page)).toBeDisabled();
    await save(other).click();
    await expect(other.getByRole('alert')).toContainText('theirs is “Night Mail, black”, yours “Night Mail, darker”');
    await other.getByRole('button', { name: 'Use mine' }).click();
    await save(other).click();
    await expect(other.getByText(/^Saved\./)).toBeVisible();
    await page.goto('/p/night-mail-bottled-ink');
    await expect(page.locator('h1')).toHaveText('Night Mail, darker');
});

test('a price that leaps tenfold is said before it is saved, and no longer once it is put back', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/products/1');
    const price = page.getByLabel(/^Price/).first();
    const leaps = page.locator('[data-leaps]');
    await price.fill('95.00');
    await price.press('Tab');
    await expect(leaps).toContainText('£9.50 becomes £95.00.');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Put back' }).click();
    await expect(leaps).toHaveCount(0);
    await price.fill('12.50');
    await price.press('Tab');
    await expect(moves(page)).toContainText('Saving moves no page.');
    await expect(leaps).toHaveCount(0);
    await price.fill('0.95');
    await price.press('Tab');
    await expect(leaps).toContainText('£9.50 becomes £0.95.');
    await save(page).click();
    await expect(page.getByText(/^Saved\./)).toBeVisible();
    await expect(leaps).toHaveCount(0);
});

test('what is wrong stands beside its field, and nothing of it is lost', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto(`/studio/products/${await studio.id('product', 'Night Mail bottled ink')}`);
    await page
        .getByLabel(/^Price/)
        .first()
        .fill('1,234');
    await page
        .getByLabel(/^Bar code/)
        .first()
        .fill('4006381333932');
    await page
        .getByLabel(/^Stock of/)
        .first()
        .fill('-3');
    await expect(page.getByText('“1,234” can be read as 1234 or as 1.23.')).toBeVisible();
    await expect(page.getByText('The last digit of this bar code should be 1, not 2')).toBeVisible();
    await save(page).click();
    await expect(page.getByText('a whole number from 0 to').first()).toBeVisible();
    await expect(page.getByLabel(/^Price/).first()).toHaveValue('1,234');
    await page.getByRole('button', { name: 'Put back' }).click();
    await expect(page.getByText('Nothing is changed.')).toBeVisible();
});

test('a category renamed and moved: old addresses lead on, rules still hold, the pages that moved were said before', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.template('Pages of pens', {
        show: [[{ field: 'category', comparison: 'isIn', values: [await studio.id('category', 'Pens')] }]],
    });
    await page.goto('/studio/catalogue/category');
    await expectAccessible(page);

    await test.step('renamed', async () => {
        await page.getByRole('link', { name: 'Ink cartridges' }).click();
        await page.getByLabel('Name', { exact: true }).fill('Cartridges');
        await page.getByLabel('Address name').fill('cartridges');
        await save(page).click();
        await expect(page.getByText(/^Saved\./)).toBeVisible();
        await expect(page.getByText('Before: ink-cartridges.')).toHaveCount(0);
        await page.goto('/c/ink-cartridges?page=1');
        await expect(page).toHaveURL(/\/c\/cartridges\?page=1$/);
    });

    await test.step('moved by keyboard: said before, with the pages', async () => {
        await page.goto('/studio/catalogue/category');
        const row = page.locator('[data-thing]').filter({ hasText: 'Cartridges' }).last();
        await row.getByRole('button', { name: 'Cartridges out beside what it stands in' }).focus();
        await page.keyboard.press('Enter');
        await expect(page.getByText(/^Saved\./)).toBeVisible();
        await page.getByLabel('Pens, in', { exact: true }).count();
        await page.goto(`/studio/catalogue/category/${await studio.id('category', 'Cartridges')}`);
        await page
            .getByRole('group', { name: 'Stands in' })
            .getByRole('button', { name: /^(choose|another)/ })
            .click();
        await page.getByPlaceholder('Find…').fill('Pens');
        await page.getByLabel('Pens', { exact: true }).click();
        await expect(moves(page)).toContainText(/Saving moves \d pages/);
        const said = await moves(page).innerText();
        await save(page).click();
        await expect(
            page.getByText(`Saved. ${said.replace('Saving moves ', '').replace('.', '')} moved.`),
        ).toBeVisible();
    });

    await test.step('what it holds gets the template of what it stands in now', async () => {
        await page.goto('/studio/who?q=cartridges');
        await expect(page.getByRole('row').filter({ hasText: 'Amber Post cartridges' })).toContainText('Pages of pens');
    });
});

test('a collection by hand is made and ordered, a tag is deleted after what it would do was said', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/catalogue/collection/new');
    await page.getByLabel('Name', { exact: true }).fill('For the night train');
    await page.getByRole('button', { name: 'Pick products…' }).click();
    for (const title of ['Night Mail bottled ink', 'Amber Post bottled ink']) {
        await page.getByPlaceholder('Find…').fill(title);
        await page.getByLabel(title, { exact: true }).click();
    }
    await page.getByRole('button', { name: 'Amber Post bottled ink up' }).click();
    await save(page).click();
    await page.waitForURL(/\/studio\/catalogue\/collection\/\d+$/);
    await expectAccessible(page);
    await page.goto('/collection/for-the-night-train');
    await expect(page.locator('.card-cover')).toHaveCount(2);

    await page.goto(`/studio/catalogue/tag/${await studio.id('tag', 'gift')}`);
    await page.getByRole('button', { name: 'Delete this tag…' }).click();
    await expect(page.getByRole('alert')).toContainText(/\d+ products stand in it and will not any more/);
    await page.getByRole('button', { name: 'Delete it' }).click();
    await page.waitForURL(/history/);
    await expect(page.locator('[data-entry]').first()).toContainText('Deleted “gift”');
    await page.getByRole('button', { name: 'Take it back: Deleted “gift”' }).click();
    await expect(page.locator('[data-entry]').first()).toContainText('Taken back');
    await expectAccessible(page);
});

test('another product like one there is, which is deleted again and comes back', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto(`/studio/products/${await studio.id('product', 'Almanac fountain pen')}`);
    await page.getByRole('button', { name: 'Make another one like it…' }).click();
    await page.waitForURL(/products\/new/);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Almanac fountain pen, another');
    await page
        .getByLabel(/^Picture of/)
        .first()
        .selectOption('2');
    await save(page).click();
    await page.waitForURL(/\/studio\/products\/\d+$/);
    await expect(page.getByText('9 variants. What a spreadsheet')).toBeVisible();
    await page.goto('/p/almanac-fountain-pen-another');
    await expect(page.locator('h1')).toHaveText('Almanac fountain pen, another');
    await page.goBack();
    await page.getByRole('button', { name: 'Delete this product…' }).click();
    await expect(page.getByRole('alert')).toContainText('1 page will be gone.');
    await page.getByRole('button', { name: 'Delete it' }).click();
    await page.waitForURL(/history/);
    await page.getByRole('button', { name: /^Take it back: Deleted “Almanac/ }).click();
    await expect(page.locator('[data-entry]').first()).toContainText('Taken back');
    expect((await page.request.get('/p/almanac-fountain-pen-another')).status()).toBe(200);
});

test('a collection by rule: counted while it is made, and a template asks for it', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/catalogue/collection/new');
    await page.getByLabel('Name', { exact: true }).fill('Pellinray on paper');
    await page.getByLabel('by rule').check();
    await page.getByRole('region', { name: 'It holds' }).getByRole('button', { name: 'a condition…' }).click();
    const condition = page.getByRole('dialog', { name: 'Condition' });
    await condition.getByLabel('What is looked at').selectOption({ label: 'brand is one of' });
    await tick(condition, 'Pellinray');
    await condition.getByRole('button', { name: 'Done' }).click();
    await expect(page.locator('[data-rule-count]')).toHaveText(/^\d+ products, as things stand now\.$/);
    await expect(page.getByRole('region', { name: 'It holds' })).toContainText('brand is one of Pellinray');
    await expectAccessible(page);
    const count = Number((await page.locator('[data-rule-count]').innerText()).split(' ')[0]);
    await save(page).click();
    await page.waitForURL(/\/studio\/catalogue\/collection\/\d+$/);
    await page.goto('/collection/pellinray-on-paper');
    await expect(page.getByText(`${count} products`)).toBeVisible();

    const collection = await studio.id('collection', 'Pellinray on paper');
    await page.goto(`/studio/catalogue/collection/${collection}`);
    await studio.template('Pages of that collection', {
        show: [[{ field: 'collection', comparison: 'isIn', values: [collection] }]],
    });
    await expect(page.getByLabel('by rule')).toBeChecked();
    await page.getByLabel('picked by hand, in this order').check();
    await expect(moves(page)).toContainText(`Saving moves ${count} pages.`);
    await page.getByRole('button', { name: 'Put back' }).click();
    await expect(page.getByText('Nothing is changed.')).toBeVisible();
});

test('a save whose answer is lost is made once, when it is tried again', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/catalogue/tag/new');
    await page.getByLabel('Name', { exact: true }).fill('for left hands');
    await page.route('**/catalogue/save', async (route) => {
        await route.fetch();
        await route.abort();
    });
    await save(page).click();
    await expect(page.getByText('The server cannot be reached. Nothing is lost')).toBeVisible();
    await page.unroute('**/catalogue/save');
    await save(page).click();
    await page.waitForURL(/\/studio\/catalogue\/tag\/\d+$/);
    await page.goto('/studio/catalogue/tag?q=left');
    await expect(page.locator('[data-thing]').filter({ hasText: 'for left hands' })).toHaveCount(1);
    await page.goto('/studio/catalogue/history');
    await expect(page.locator('[data-entry]').filter({ hasText: 'for left hands' })).toHaveCount(1);
});

test('what is typed while a save is on its way is kept, and not said to be saved', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto(`/studio/products/${await studio.id('product', 'Night Mail bottled ink')}`);
    let go: () => void = () => undefined;
    const waiting = new Promise<void>((resolve) => (go = resolve));
    await page.route('**/catalogue/save', async (route) => {
        await waiting;
        await route.continue();
    });
    await page.getByLabel('Title').first().fill('Night Mail, first');
    await save(page).click();
    await page.getByLabel('Title').first().fill('Night Mail, second');
    await page.getByRole('textbox', { name: 'Short description' }).fill('Typed meanwhile.');
    go();
    await expect(page.getByText(/^Saved\./)).toBeVisible();
    await expect(page.getByLabel('Title').first()).toHaveValue('Night Mail, second');
    await expect(page.getByRole('textbox', { name: 'Short description' })).toHaveText('Typed meanwhile.');
    await expect(page.getByText('1 change not saved')).toBeVisible();
    await page.unroute('**/catalogue/save');
    await save(page).click();
    await expect(page.getByText('Nothing is changed.')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Title').first()).toHaveValue('Night Mail, second');
});

test('the shop is written into a folder, changed in one file by hand and read back: exactly that change', async ({
    page,
}, info) => {
    const studio = new Studio(page);
    await studio.signIn();
    const folder = info.outputPath('larkfold');
    const catalogue = (...words: string[]): string => artisan(info.parallelIndex, ['vestibra:catalogue', ...words]);
    const file = `${folder}/products/teal-tide-bottled-ink.json`;

    await test.step('written, and one price changed by hand', () => {
        expect(catalogue('export', folder)).toMatch(/The shop lies in .*: \d+ files/);
        const before = readFileSync(file, 'utf8');
        expect(before).toContain('"price": "9.50"');
        writeFileSync(file, before.replace('"price": "9.50"', '"price": "9.75"'));
        expect(catalogue('import', folder, '--dry-run')).toContain('0 made, 1 changed, 0 deleted');
    });

    await test.step('read back: the shop has that price, and the history says just that', async () => {
        const said = catalogue('import', folder);
        expect(said).toContain('changed  products/teal-tide-bottled-ink.json: price');
        expect(said).toContain('Read in: 0 made, 1 changed, 0 deleted.');
        await page.goto('/p/teal-tide-bottled-ink');
        await expect(page.getByText('£9.75').first()).toBeVisible();
        await page.goto('/studio/catalogue/history');
        await expect(
            page.getByText('Read in from a folder: 1 thing changed (products/teal-tide-bottled-ink.json)'),
        ).toBeVisible();
        await page.getByText('From what to what').first().click();
        await expect(page.getByText('LF-0001-01, price: £9.50 → £9.75')).toBeVisible();
    });

    await test.step('written again nothing differs, and taken back the file is as it was', async () => {
        expect(catalogue('export', folder)).toContain('none of them different from before');
        await page.getByRole('button', { name: /^Take it back: Read in/ }).click();
        await expect(page.getByText(/^Taken back: /).first()).toBeVisible();
        expect(catalogue('export', folder)).toContain('1 of them new or changed');
        expect(readFileSync(file, 'utf8')).toContain('"price": "9.50"');
    });
});

test('what is said beside prices, what a bottle holds, and another currency that is taken back', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/catalogue/money');
    await page.getByLabel('that tax is in them').check();
    await page.getByLabel('Rate of tax').fill('20');
    await page.getByLabel('price for 1 l').check();
    await save(page).click();
    await expect(page.getByText('Saved. Customers see it from now on.')).toBeVisible();
    await page.goto('/p/teal-tide-bottled-ink');
    await expect(page.getByText('with 20 % tax').first()).toBeVisible();
    await expect(page.getByText('£316.67 for 1 l')).toBeVisible();

    await page.goto('/studio/catalogue/money');
    await page.getByLabel('Currency').selectOption('JPY');
    const does = page.getByRole('list', { name: 'What another currency does' });
    await expect(does).toContainText('£12.50 becomes JP¥13');
    await expect(does).toContainText('It converts nothing');
    await expectAccessible(page);
    await save(page).click();
    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(page.getByText('It is as it was before.')).toBeVisible();
    await expect(page.getByLabel('Currency')).toHaveValue('GBP');
    await page.goto('/p/teal-tide-bottled-ink');
    await expect(page.getByText('£9.50').first()).toBeVisible();
});

test('two brands become one: said before, old addresses lead on, and taken back', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const hallorme = await studio.id('brand', 'Hallorme');
    await page.goto(`/studio/catalogue/brand/${hallorme}`);
    await page.getByRole('button', { name: 'Merge it into another brand…' }).focus();
    await page.keyboard.press('Enter');
    const panel = page.getByRole('group', { name: 'Merge “Hallorme” into another brand' });
    await panel.getByLabel('Find a brand').fill('Pellin');
    await panel.getByLabel('Pellinray').focus();
    await page.keyboard.press('Space');
    await expect(panel.getByRole('status')).toContainText('“Hallorme” becomes part of “Pellinray”.');
    await expectAccessible(page);
    await panel.getByRole('button', { name: 'Merge them' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { level: 1, name: 'Pellinray' })).toBeVisible();
    await expect(page.getByText('Before: hallorme. Old links lead here still.')).toBeVisible();
    await page.goto('/brand/hallorme');
    await expect(page).toHaveURL(/\/brand\/pellinray$/);

    await page.goto('/studio/catalogue/history');
    await page
        .getByRole('button', { name: /^Take it back: / })
        .first()
        .click();
    await expect(page.getByText(/^Taken back: /).first()).toBeVisible();
    await page.goto('/brand/hallorme');
    await expect(page).toHaveURL(/\/brand\/hallorme$/);
});

test('prices and stock of many products at once, as a spreadsheet copies them, saved and taken back as one', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/catalogue?q=cartridges');
    await page.getByRole('button', { name: '2 variants of Amber Post cartridges' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog', { name: 'Variants of Amber Post cartridges' })).toContainText('LF-0028-02');
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: 'Prices and stock as a sheet' }).click();
    const prices = page.getByLabel(/^Price, GBP of /);
    const before = await prices.evaluateAll((fields) =>
        fields.slice(0, 3).map((field) => (field as HTMLInputElement).value),
    );
    await prices.first().focus();
    const paste = (text: string) =>
        page.evaluate((copied) => {
            const data = new DataTransfer();
            data.setData('text/plain', copied);
            document.activeElement?.dispatchEvent(
                new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
            );
        }, text);
    await paste('4,10 £\t\t7\n-1\t\t8\n£4.30\t\t9');
    await save(page).click();
    await expect(page.getByRole('alert').filter({ hasText: 'below nothing' })).toBeVisible();
    await prices.nth(1).fill('4.20');
    await page.reload();
    await expect(prices.nth(1)).toHaveValue('4.20');
    await expectAccessible(page);
    await save(page).click();
    await expect(page.getByText(/^Saved\./)).toBeVisible();
    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(page.getByText(/^It is as it was\./)).toBeVisible();
    for (const [at, price] of before.entries()) await expect(prices.nth(at)).toHaveValue(price);

    await test.step('rows with stock numbers, in their own order: what is not on this page goes by In and out', async () => {
        const codes = await page
            .getByLabel(/^Stock number of /)
            .evaluateAll((fields) => fields.slice(0, 2).map((field) => (field as HTMLInputElement).value));
        await prices.first().focus();
        await paste(`stock\tstock number\n71\t${codes[1] ?? ''}\n72\t${codes[0] ?? ''}\n73\tLF-0003-01\n`);
        const stocks = page.getByLabel(/^Stock of /);
        await expect(stocks.nth(0)).toHaveValue('72');
        await expect(stocks.nth(1)).toHaveValue('71');
        await expect(
            page.getByText('2 rows were put where their stock numbers stand; 1 other is not on this page.'),
        ).toBeVisible();
        await save(page).click();
        await expect(page.getByText(/^Saved\./)).toBeVisible();
        await prices.first().focus();
        await paste(`stock\tstock number\n71\t${codes[1] ?? ''}\n73\tLF-0003-01\n`);
        await page.getByRole('button', { name: 'Bring those by In and out' }).click();
        await page.waitForURL(/in-and-out/);
        await expect(page.getByText('1 row: stock of 1')).toBeVisible();
        await expect(page.getByRole('table', { name: 'Changes, row by row' })).toContainText('LF-0003-01');
        await page.reload();
        await expect(page.getByRole('heading', { name: 'In and out', level: 1 })).toBeVisible();
    });
});
