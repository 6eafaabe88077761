import type { Browser } from '@playwright/test';
import { expectAccessible } from './axe';
import { artisan } from './console';
import { expect, test } from './fresh';
import { Studio } from './studio';

async function somebody(browser: Browser, address: string): Promise<Studio> {
    const context = await browser.newContext();
    const studio = new Studio(await context.newPage());
    await studio.signIn();
    await studio.page.goto(address);
    await studio.loaded();
    return studio;
}

function size(studio: Studio) {
    return studio.page.getByRole('region', { name: 'Settings of Price' }).getByLabel('Size', { exact: true });
}

test('two people on one template: each sees the other’s work, and the same setting is told with both values', async ({
    page,
    browser,
}) => {
    const one = new Studio(page);
    await one.signIn();
    await one.newTemplate('Together');
    const two = await somebody(browser, page.url());

    await test.step('different settings of one block are both kept', async () => {
        await one.block('.price').click();
        await size(one).fill('40');
        await one.saved();
        await expect(two.block('.price-now')).toHaveCSS('font-size', '40px', { timeout: 15_000 });
        await expect(two.page.getByText('with you, in another window')).toBeVisible({ timeout: 15_000 });
    });

    await test.step('the same setting: the second is told, and decides', async () => {
        await two.page.route('**/news*', (route) => route.abort());
        await two.block('.price').click();
        await two.page.route('**/edits', (route) => route.abort());
        await size(two).fill('60');
        await size(one).fill('50');
        await one.saved();
        await two.page.unroute('**/edits');
        const told = two.page.getByText('theirs is 50, yours 60');
        await expect(told).toBeVisible({ timeout: 15_000 });
        await expect(two.block('.price-now')).toHaveCSS('font-size', '50px');
    });

    await test.step('nothing is decided by leaving the field, typing on, or loading the page anew', async () => {
        await expect(size(two)).toHaveValue('60');
        await size(two).fill('61');
        await expect(two.page.getByText('theirs is 50, yours 61')).toBeVisible();
        await two.block('.title').first().click();
        await two.block('.price').click();
        await expect(two.block('.price-now')).toHaveCSS('font-size', '50px');
        await expect(two.page.getByText('1 change is not saved')).toBeVisible();
        await two.page.unroute('**/news*');
        await two.page.reload();
        await two.loaded();
        await expect(two.page.getByText('theirs is 50, yours 61')).toBeVisible();
        await expect(two.block('.price-now')).toHaveCSS('font-size', '50px');
        await expect(one.block('.price-now')).toHaveCSS('font-size', '50px');
    });

    await test.step('decided for mine, both windows show it', async () => {
        await two.page.getByRole('button', { name: 'Use mine' }).click();
        await expect(two.block('.price-now')).toHaveCSS('font-size', '61px');
        await two.saved();
        await expect(one.block('.price-now')).toHaveCSS('font-size', '61px', { timeout: 15_000 });
    });
});

test('words in conflict: leaving the field after “Keep theirs” sends nothing', async ({ page, browser }) => {
    const one = new Studio(page);
    await one.signIn();
    const id = await one.template('Two writers', { show: [[]] }, false);
    await page.goto(`/studio/templates/${id}`);
    await one.loaded();
    const two = await somebody(browser, page.url());
    const label = (studio: Studio) =>
        studio.page.getByRole('region', { name: /Settings of/ }).getByLabel('Words on the button', { exact: true });
    for (const studio of [one, two]) await studio.block('.buy').first().click();
    await two.page.route('**/news*', (route) => route.abort());
    await two.page.route('**/edits', (route) => route.abort());
    await label(two).fill('Mine');
    await label(one).fill('Theirs');
    await one.saved();
    await two.page.unroute('**/edits');
    await two.page.getByRole('button', { name: 'Keep theirs' }).click();
    await expect(label(two)).toHaveValue('Theirs');
    const sent: string[] = [];
    two.page.on('request', (request) => request.url().endsWith('/edits') && sent.push(request.url()));
    await two.block('.title').first().click();
    await two.saved();
    expect(sent).toEqual([]);
    await page.reload();
    await one.block('.buy').first().click();
    await expect(label(one)).toHaveValue('Theirs');
});

test('what undo passed over is listed with what it would take from whom, and can be taken after all', async ({
    page,
    browser,
}, info) => {
    const one = new Studio(page);
    await one.signIn();
    const id = await one.template('Passed over', { show: [[]] }, false);
    await page.goto(`/studio/templates/${id}`);
    await one.loaded();
    await one.block('.price').click();
    await size(one).fill('40');
    await one.saved();
    const email = `vi-${id}@larkfold.example`;
    artisan(info.parallelIndex, ['vestibra:user', 'add', email, 'Vi', '--password-from=-'], 'ink-on-paper-1\n');
    const context = await browser.newContext();
    const two = new Studio(await context.newPage());
    await two.signIn(email, 'ink-on-paper-1');
    await two.page.goto(page.url());
    await two.loaded();
    await two.block('.price').click();
    await size(two).fill('50');
    await two.saved();
    await expect(one.block('.price-now')).toHaveCSS('font-size', '50px', { timeout: 15_000 });

    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('button', { name: 'Leave it, and take back what was before' }).click();
    await page.getByRole('button', { name: 'See what was passed over' }).click();
    const row = page.getByRole('listitem').filter({ hasText: 'Price: now, size' });
    await expect(row).toContainText('Vi has set this to something else since');
    await expectAccessible(page);
    await row.getByRole('button', { name: 'Take it back after all' }).click();
    await expect(page.getByText('Nothing is left here.')).toBeVisible();
    await page.getByRole('button', { name: 'Back to the page' }).click();
    await expect(one.block('.price-now')).not.toHaveCSS('font-size', '50px');
    await expect(one.block('.price-now')).not.toHaveCSS('font-size', '40px');
    await context.close();
});

test('work that the server refuses is kept, said, sent again or given up', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Refused');
    const refuse = JSON.stringify({ message: 'Your account may look at this but not change it.' });
    await page.route('**/edits', (route) =>
        route.fulfill({ status: 403, contentType: 'application/json', body: refuse }),
    );
    await studio.block('.price').click();
    await size(studio).fill('44');
    await expect(page.getByRole('status').getByText('not saved')).toBeVisible();
    await expect(page.getByRole('region', { name: 'Not saved' })).toContainText(
        'Price: now, size (44). Your account may look at this but not change it.',
    );
    await page.reload();
    await studio.loaded();
    await expect(page.getByRole('region', { name: 'Not saved' })).toContainText('Price: now, size (44)');
    await page.unroute('**/edits');
    await page.getByRole('button', { name: 'Send again' }).click();
    await studio.saved();
    await expect(studio.block('.price-now')).toHaveCSS('font-size', '44px');
    await expect(page.getByRole('region', { name: 'Not saved' })).toBeHidden();

    await page.route('**/edits', (route) =>
        route.fulfill({ status: 413, contentType: 'application/json', body: '{"message":"Too large."}' }),
    );
    await studio.block('.price').click();
    await size(studio).fill('45');
    await page.getByRole('button', { name: /Give up on/ }).click();
    await studio.saved();
    await expect(studio.block('.price-now')).toHaveCSS('font-size', '44px');
});

test('a sign-in that runs out in mid-edit: the work is kept, and goes on after signing in again', async ({
    page,
    context,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Signed out');
    await studio.block('.price').click();
    await context.clearCookies();
    await size(studio).fill('44');
    await expect(page.getByText('Your sign-in has run out; kept here')).toBeVisible();
    const [tab] = await Promise.all([
        context.waitForEvent('page'),
        page.getByRole('link', { name: 'Sign in again' }).click(),
    ]);
    await tab.getByLabel('E-mail address').fill('owner@larkfold.example');
    await tab.getByLabel('Password').fill('paper-and-ink');
    await tab.getByRole('button', { name: 'Sign in' }).click();
    await tab.waitForURL(/today/);
    await studio.saved();
    await page.reload();
    await expect(studio.block('.price-now')).toHaveCSS('font-size', '44px');
});

test('a window that dies offline: the next one sends what it had not sent', async ({ page, context }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Crash');
    await context.route('**/edits', (route) => route.abort());
    await studio.block('.price').click();
    await size(studio).fill('47');
    await expect(page.getByText('No connection; kept here')).toBeVisible();
    const address = page.url();
    await page.close({ runBeforeUnload: false });
    await context.unroute('**/edits');
    const next = new Studio(await context.newPage());
    const sent = next.page.waitForResponse((response) => response.url().endsWith('/edits'));
    let first = true;
    await next.page.route('**/canvas/*', async (route) => {
        const drawn = await route.fetch();
        if (first) await sent;
        first = false;
        await route.fulfill({ response: drawn });
    });
    await next.page.goto(address);
    await expect(next.page.getByText('1 step that had not reached the server')).toBeVisible();
    await expect(next.block('.price-now')).toHaveCSS('font-size', '47px');
    await next.page.getByRole('button', { name: 'Undo' }).click();
    await expect(next.block('.price-now')).toHaveCSS('font-size', '26px');
});
