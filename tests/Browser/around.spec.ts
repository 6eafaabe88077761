import type { Page } from '@playwright/test';
import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio, tick } from './studio';

/** What stands above a page, without what says on which page one is. */
async function above(page: Page, address: string): Promise<string> {
    await page.goto(address);
    return (await page.locator('header.header').innerHTML()).replace(/ aria-current="page"| data-on/g, '');
}

const OTHERS = ['/', '/c/desk', '/p/reading-lamp', '/brand/pellinray', '/cart', '/nowhere-at-all'];

test('a header with a countdown for three categories, from a copy of the shop’s header; all others unchanged', async ({
    page,
}) => {
    const studio = new Studio(page);
    const before = new Map<string, string>();
    for (const address of OTHERS) before.set(address, await above(page, address));
    await studio.signIn();

    await test.step('a copy of the shop’s header', async () => {
        await page.goto('/studio/templates?kind=header');
        await studio.keepOutlineOpen();
        await page.getByRole('button', { name: 'Do… with Header of every page' }).click();
        await page.getByRole('menuitem', { name: 'Copy…' }).click();
        await page.getByLabel('What is it called?').fill('Advent header');
        await page.getByRole('button', { name: 'Make the copy' }).click();
        await page.waitForURL(/\/studio\/templates\/\d+$/);
        await studio.loaded();
        await expect(page.getByText('header', { exact: true })).toBeVisible();
        await expectAccessible(page);
    });

    await test.step('seen above a page of the shop, which cannot be touched here', async () => {
        await page.getByPlaceholder('Any page…').fill('inks');
        await page.getByRole('radio', { name: /^Inks/ }).first().click();
        await expect(studio.canvas.locator('.page-title')).toHaveText('Inks');
        await expect(studio.canvas.locator('main')).toHaveAttribute('inert', '');
    });

    await test.step('a countdown to a day', async () => {
        await page.getByRole('treeitem', { name: /^Way to the cart/ }).click();
        await studio.place('Countdown');
        const settings = page.getByRole('region', { name: 'Settings of Countdown' });
        await settings.getByLabel('Counts to', { exact: true }).selectOption({ label: 'a day' });
        await settings.getByRole('group', { name: 'The day', exact: true }).getByRole('spinbutton').first().click();
        await page.keyboard.type('24122099');
        await expect(studio.block('header .countdown')).toContainText('days');
        await studio.saved();
    });

    await test.step('what belongs on the page itself is not offered', async () => {
        await page.getByPlaceholder('Find a block…').fill('price');
        await expect(
            page.getByRole('group', { name: 'Show', exact: true }).getByText('Price', { exact: true }),
        ).toHaveCount(0);
        await page.getByPlaceholder('Find a block…').fill('');
    });

    await test.step('for three categories', async () => {
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await page.getByRole('region', { name: 'Show on' }).getByRole('button', { name: 'a condition…' }).click();
        const picker = page.getByRole('dialog', { name: 'Condition' });
        await picker.getByRole('combobox').selectOption({ label: 'category is in' });
        for (const name of ['Inks', 'Pens', 'Paper']) await tick(picker, name);
        await picker.getByRole('button', { name: 'Done' }).click();
        await expect(page.locator('[data-counts]')).toContainText(/Covers \d+ pages/);
        await expectAccessible(page);
    });

    await test.step('published: which pages get it was said before', async () => {
        await page.getByRole('button', { name: 'Publish…' }).click();
        await expect(page.locator('[data-impact]')).toContainText(/\d+ pages move, 0 get a new look/);
        await page
            .getByRole('button', { name: /^Publish/ })
            .last()
            .click();
        await expect(page.getByText('live ·').first()).toBeVisible();
    });

    await test.step('seen in the shop, and nowhere else', async () => {
        for (const address of ['/c/inks', '/c/bottled-inks', '/p/teal-tide-bottled-ink', '/c/pens', '/c/paper']) {
            await page.goto(address);
            await expect(page.locator('header.header .countdown')).toContainText('days');
        }
        for (const address of OTHERS) expect(await above(page, address), address).toBe(before.get(address));
        await page.goto('/c/inks');
        await page.locator('.tag summary').click();
        await expect(page.locator('.tag')).toContainText('Advent header');
    });
});

test('the categories open by keyboard, by pointing, and on the phone as a drawer', async ({ page }) => {
    await page.goto('/');
    const more = page.getByRole('button', { name: 'More in Inks' });
    const panel = page.locator('header .navigation-entry', { hasText: 'Inks' }).locator('.navigation-panel');

    await test.step('by keyboard', async () => {
        await more.focus();
        await page.keyboard.press('Enter');
        await expect(more).toHaveAttribute('aria-expanded', 'true');
        await expect(panel).toBeVisible();
        await page.keyboard.press('Tab');
        await expect(panel.getByRole('link').first()).toBeFocused();
        await page.keyboard.press('Escape');
        await expect(panel).toBeHidden();
        await expect(more).toBeFocused();
        await page.keyboard.press('Space');
        await expect(panel).toBeVisible();
        for (let tabs = await panel.getByRole('link').count(); tabs >= 0; tabs--) await page.keyboard.press('Tab');
        await expect(panel).toBeHidden();
    });

    await test.step('by pointing', async () => {
        await page.locator('header').getByRole('link', { name: 'Inks', exact: true }).hover();
        await expect(panel).toBeVisible();
        await expectAccessible(page);
        await panel.getByRole('link', { name: 'Bottled inks' }).click();
        await expect(page).toHaveURL(/\/c\/bottled-inks$/);
        await expect(page.locator('header .navigation-panel a[aria-current=page]')).toHaveText('Bottled inks');
    });

    await test.step('as a drawer', async () => {
        await page.setViewportSize({ width: 390, height: 780 });
        await page.goto('/');
        await expect(page.locator('header').getByRole('link', { name: 'Inks', exact: true })).toBeHidden();
        const open = page.getByRole('button', { name: 'Menu' });
        await open.click();
        const drawer = page.getByRole('dialog', { name: 'Shop' });
        await expect(drawer.getByRole('link', { name: 'Inks', exact: true })).toBeVisible();
        await drawer.getByRole('button', { name: 'More in Inks' }).click();
        await expect(drawer.getByRole('link', { name: 'Bottled inks' })).toBeVisible();
        await expectAccessible(page);
        await page.keyboard.press('Escape');
        await expect(drawer).toBeHidden();
        await expect(open).toBeFocused();
        await open.click();
        await drawer.getByRole('button', { name: 'More in Inks' }).click();
        await drawer.getByRole('link', { name: 'Bottled inks' }).click();
        await expect(page).toHaveURL(/\/c\/bottled-inks$/);
    });
});

test('without scripts every way through the shop is there, and a notice is closed by a form', async ({
    browser,
    baseURL,
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    const { id } = await studio.ask<{ id: number }>('/studio/templates', {
        name: 'Two rows',
        start: 'two-rows',
        pageKind: 'header',
    });
    const { revision } = await studio.ask<{ revision: number }>(`/studio/templates/${id.toString()}/edits`, {
        edits: [{ edit: 'reach', reach: { format: 2, show: [[]], keepOff: [], season: {}, goesFirst: true } }],
    });
    await studio.ask('/studio/publish', { revisions: { [id]: revision } });
    const context = await browser.newContext({
        baseURL,
        javaScriptEnabled: false,
        viewport: { width: 390, height: 780 },
    });
    const plain = await context.newPage();
    await plain.goto('/');
    await expect(plain.locator('header').getByRole('link', { name: 'Inks', exact: true })).toBeVisible();
    await plain.getByRole('button', { name: 'Close this notice' }).click();
    await expect(plain).toHaveURL(/\/$/);
    await expect(plain.getByRole('region', { name: 'Notice' })).toHaveCount(0);
    await plain.goto('/cart');
    await expect(plain.getByRole('region', { name: 'Notice' })).toHaveCount(0);
    await context.close();

    await page.goto('/');
    await page.getByRole('button', { name: 'Close this notice' }).click();
    await expect(page.getByRole('region', { name: 'Notice' })).toHaveCount(0);
    await expect(async () => {
        await page.reload();
        await expect(page.getByRole('region', { name: 'Notice' })).toHaveCount(0, { timeout: 500 });
    }).toPass();
});

test('a page without a header, and one with another, by what its template says; back with one step', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/templates?kind=home');
    await page.getByRole('link', { name: 'Home page', exact: true }).first().click();
    await studio.loaded();
    await page.getByRole('button', { name: 'its background, header and footer' }).click();
    const settings = page.getByRole('region', { name: 'Settings of Page' });
    await settings.getByLabel('Header', { exact: true }).selectOption({ label: 'none' });
    await expect(studio.canvas.locator('.header')).toHaveCount(0);
    await expect(studio.canvas.locator('.footer')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(studio.canvas.locator('.header')).toBeVisible();
});

test('letters from the shop: an address counts once it is confirmed, and what would be sent can be read', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    const { id } = await studio.ask<{ id: number }>('/studio/templates', {
        name: 'Columns',
        start: 'columns',
        pageKind: 'footer',
    });
    const { revision } = await studio.ask<{ revision: number }>(`/studio/templates/${id.toString()}/edits`, {
        edits: [{ edit: 'reach', reach: { format: 2, show: [[]], keepOff: [], season: {}, goesFirst: true } }],
    });
    await studio.ask('/studio/publish', { revisions: { [id]: revision } });
    await page.goto('/c/inks');
    await expectAccessible(page);
    await page.locator('footer').getByLabel('Your e-mail address').fill('ada@example.com');
    await page.getByRole('button', { name: 'Yes, please' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'We have sent a link to ada@example.com' })).toBeVisible();
    await expect(page).toHaveURL(/\/c\/inks$/);

    await page.goto('/studio/news');
    await expect(page.getByRole('row', { name: /ada@example.com/ })).toContainText('waits for its owner');
    await page.getByRole('button', { name: 'Outbox' }).click();
    await page.getByText('is this your address?').click();
    const letter = await page.locator('details p').innerText();
    await expectAccessible(page);
    await page.goto(new URL(/http\S+\/confirm/.exec(letter)?.[0] ?? '').pathname);
    await expect(
        page.getByRole('heading', { name: 'Should letters from the shop come to ada@example.com?' }),
    ).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Yes, put me on the list' }).click();
    await expect(page.getByText('Thank you. ada@example.com is on the list.')).toBeVisible();

    await page.goto('/studio/news');
    await expect(page.getByRole('row', { name: /ada@example.com/ })).toContainText('confirmed');
    await page.getByRole('button', { name: 'Take ada@example.com out' }).click();
    await expect(page.getByRole('row', { name: /ada@example.com/ })).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('row', { name: /ada@example.com/ })).toContainText('confirmed');
});

test('opening hours are typed as a whole; links are put in order, and what is none is said and not kept', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Hours and links', 'Links, hours and letters', 'footers');
    await page.getByRole('treeitem', { name: /^Opening hours/ }).click();
    const hours = page
        .getByRole('region', { name: 'Settings of Opening hours' })
        .getByLabel('Saturday', { exact: true });
    await hours.fill('');
    await hours.pressSequentially('9-12:30, 14–17');
    await expect(page.getByText('is not saved')).toHaveCount(0);
    await page.keyboard.press('Enter');
    await expect(studio.block('.opening-hours')).toContainText('09:00–12:30, 14:00–17:00');
    await studio.saved();

    await page.getByRole('treeitem', { name: /^Plain links/ }).click();
    const links = page.getByRole('region', { name: 'Settings of Plain links' });
    await links.getByRole('button', { name: 'Add a link' }).click();
    await links.getByLabel('Words of link 4').fill('Write to us');
    await links.getByLabel('Address of link 4').fill('javascript:alert(1)');
    await page.keyboard.press('Tab');
    await expect(links.getByRole('alert')).toContainText('The one before was kept.');
    await links.getByLabel('Address of link 4').fill('mailto:hello@larkfold.example');
    await page.keyboard.press('Tab');
    await links.getByRole('button', { name: 'Move link 4 up' }).click();
    await expect(studio.block('.links li').nth(2)).toHaveText('Write to us');
    await expectAccessible(page);
});
