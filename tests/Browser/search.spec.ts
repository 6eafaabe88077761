import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

test('a search page from nothing: title with words before it, filters in a left column, grid, more', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();

    await test.step('an empty page for searches, with a search that finds many', async () => {
        await studio.newTemplate('Our search', 'Blank', 'search pages');
        await page.getByRole('button', { name: 'Samples', exact: true }).click();
        await expect(page.getByText('no results').first()).toBeVisible();
        await page.getByPlaceholder('Any search…').fill('bottled');
        await page
            .getByRole('radio', { name: /^bottled/ })
            .first()
            .click();
        await studio.loaded();
    });

    await test.step('title with words before it, the field, filters, the grid and “more”', async () => {
        await studio.place('Page title');
        await page
            .getByRole('region', { name: 'Settings of Page title' })
            .getByLabel('Words before it')
            .fill('You looked for');
        await expect(studio.block('.page-title')).toHaveText('You looked for bottled');
        await studio.place('Search field');
        await studio.place('Filters');
        await studio.place('Products of the page');
        await studio.place('Paging');
        await page
            .getByRole('region', { name: 'Settings of Paging' })
            .getByLabel('As', { exact: true })
            .selectOption({ label: '“more”, which adds below' });
        await expect(studio.block('.filters .filter')).not.toHaveCount(0);
        await studio.saved();
    });

    await test.step('for every search, and live', async () => {
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await page
            .getByRole('region', { name: 'Show on' })
            .getByRole('button', { name: 'every search', exact: true })
            .click();
        await expect(page.locator('[data-counts]')).toContainText('Covers 7 searches');
        await page.getByRole('checkbox', { name: 'Goes first' }).check();
        await expect(page.locator('[data-counts]')).toContainText('would be shown on 7');
        await page.getByRole('button', { name: 'Publish…' }).click();
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: '“Our search” is live' })).toBeVisible();
    });

    await test.step('in the shop: suggestions by keyboard, a filter on what was found, more', async () => {
        await page.goto('/search?q=pen');
        await expectAccessible(page);
        const field = page.locator('main').getByRole('combobox', { name: 'Search from this page' });
        await field.fill('teal ti');
        const options = page.locator('main .search-suggestions').getByRole('option');
        await expect(options.filter({ hasText: 'Teal Tide bottled ink' })).toBeVisible();
        await expectAccessible(page);
        await page.keyboard.press('ArrowDown');
        await expect(field).toHaveAttribute('aria-activedescendant', /list-0$/);
        await page.keyboard.press('Escape');
        await expect(options).toHaveCount(0);
        await field.fill('fountian');
        await page.keyboard.press('Enter');
        await expect(page).toHaveURL(/\/search\?q=fountian$/);
        await expect(page.locator('.page-title')).toHaveText('You looked for fountian');
        const cards = page.locator('.product-grid .card-cover');
        await expect(cards).toHaveCount(12);
        await page.getByRole('checkbox', { name: /^On sale/ }).check();
        await expect(page).toHaveURL(/\/search\?sale=[\w-]+&q=fountian$/);
        await page
            .getByRole('link', { name: /Clear all/ })
            .first()
            .click();
        await expect(page).toHaveURL(/\/search\?q=fountian$/);
        await page.getByRole('link', { name: 'More' }).click();
        await expect.poll(() => cards.count()).toBeGreaterThan(12);
    });
});

test('customers look for a thing under another word: found among what found nothing, mended, found', async ({
    page,
    browser,
    baseURL,
}) => {
    const customer = await (await browser.newContext({ baseURL })).newPage();
    await customer.goto('/search?q=jotter');
    await expect(customer.locator('.product-grid-none')).toBeVisible();
    await expect(customer.getByRole('heading', { name: 'Or have a look around' })).toBeVisible();
    await expectAccessible(customer);
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/today');
    await page.getByText('1 thing that customers looked for found nothing.').waitFor();
    await page.getByRole('link', { name: 'See what they meant' }).click();
    const row = page.locator('[data-search="jotter"]');
    await expect(row).toContainText('1 time');
    await row.getByRole('button', { name: 'what did they mean?' }).click();
    await expectAccessible(page);
    await row.getByLabel('or the same as').fill('notebook');
    await row.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('“jotter”, “notebook”: each finds all of them now.')).toBeVisible();
    await expect(row).toHaveCount(0);
    await page.getByLabel('Try a search').fill('jotter');
    await expect(page.locator('[data-found]').first()).toContainText('“notebook” in its title');

    await customer.reload();
    await expect(customer.locator('.product-grid .card-cover')).not.toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(row).toContainText('found');
    await customer.reload();
    await expect(customer.locator('.product-grid-none')).toBeVisible();
});

test.describe('without scripts', () => {
    test.use({ javaScriptEnabled: false });

    test('a search is a form, at 390 px too', async ({ page }) => {
        await page.setViewportSize({ width: 390, height: 800 });
        await page.goto('/search');
        await page.locator('main .search-field input').fill('teal ink');
        await page.locator('main .search-field button').click();
        await expect(page).toHaveURL(/\/search\?q=teal\+ink$/);
        await expect(page.locator('.page-title')).toContainText('teal ink');
        await expect(page.locator('.product-grid .card-cover').first()).toBeVisible();
        await page.getByLabel('In order').selectOption('cheap');
        await page.locator('.list-choice .go').click();
        await expect(page).toHaveURL(/q=teal(\+|%20)ink&sort=cheap$/);
    });
});

test('an address where nothing is: the nearest names, and a search that leads on', async ({ page }) => {
    const answer = await page.goto('/p/teal-tdie-bottled-ink');
    expect(answer?.status()).toBe(404);
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Teal Tide bottled ink' }).click();
    await expect(page).toHaveURL(/\/p\/teal-tide-bottled-ink$/);
    await page.goto('/nothing/here');
    await page.locator('main').getByRole('combobox', { name: 'Search from this page' }).fill('wax');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/\/search\?q=wax$/);
});
