import type { Page } from '@playwright/test';
import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

interface Node {
    id?: string;
    kind: string;
    what?: Record<string, unknown>;
    how?: Record<string, unknown>;
    children?: Node[];
}

const band = (id: string, children: Node[]): Node => ({
    id,
    kind: 'band',
    children: [{ id: `${id}column`, kind: 'column', children }],
});

/**
 * A page with two pickers and three ways to buy in bands of their own, one in a pop-up, and another product to choose
 * and buy.
 */
async function page(studio: Studio): Promise<void> {
    const ink = await studio.id('product', 'Teal Tide bottled ink');
    const pen = await studio.id('product', 'Palette fountain pen');
    const { id } = await studio.ask<{ id: number }>('/studio/templates', {
        name: 'Many ways',
        start: 'blank',
        pageKind: 'product',
    });
    const draft = await studio.page.request.get(`/studio/templates/${id.toString()}/news`);
    const { state } = (await draft.json()) as { state: { tree: { id: string } } };
    const insert = (node: Node): object => ({ edit: 'insert', parent: state.tree.id, after: null, node });
    const reach = {
        format: 2,
        show: [[{ field: 'product', comparison: 'isOneOf', values: [ink] }]],
        keepOff: [],
        season: {},
        goesFirst: false,
    };
    const { revision } = await studio.ask<{ revision: number }>(`/studio/templates/${id.toString()}/edits`, {
        edits: [
            { edit: 'reach', reach },
            insert(
                band('beside', [
                    {
                        id: 'holder',
                        kind: 'holder',
                        what: { subject: pen },
                        children: [
                            { id: 'penpicker', kind: 'variant-picker' },
                            { id: 'penprice', kind: 'price' },
                            { id: 'penbuy', kind: 'buy' },
                        ],
                    },
                ]),
            ),
            insert(
                band('popped', [
                    {
                        id: 'popup',
                        kind: 'pop-up',
                        what: { label: 'To buy it', title: 'Buy' },
                        children: [{ id: 'inpopup', kind: 'buy' }],
                    },
                ]),
            ),
            insert(
                band('below', [
                    { id: 'picker', kind: 'variant-picker', what: { others: 'list' } },
                    { id: 'price', kind: 'price' },
                ]),
            ),
            insert(band('between', [{ id: 'second', kind: 'buy', what: { after: 'cart' } }])),
            insert(
                band('above', [
                    { id: 'title', kind: 'title' },
                    { id: 'first', kind: 'buy', what: { buyNow: true } },
                    { id: 'buttons', kind: 'variant-picker' },
                ]),
            ),
        ],
    });
    await studio.ask('/studio/publish', { revisions: { [id]: revision } });
}

const INK = '/p/teal-tide-bottled-ink';
const blockOf = (on: Page, id: string) => on.locator(`[data-b="${id}"]`);

test.describe('without scripts', () => {
    test.use({ javaScriptEnabled: false });

    test('whatever was chosen where, that is what is bought, by every button', async ({
        page: shop,
        browser,
        baseURL,
    }) => {
        const owner = await browser.newContext({ javaScriptEnabled: true, baseURL });
        const studio = new Studio(await owner.newPage());
        await studio.signIn();
        await page(studio);
        await owner.close();

        await test.step('a picker further down, the first way to buy', async () => {
            await shop.goto(INK);
            await blockOf(shop, 'picker').getByLabel('Bottle').selectOption({ label: '50 ml' });
            await blockOf(shop, 'first').getByLabel('Quantity').fill('2');
            await blockOf(shop, 'second').getByLabel('Quantity').fill('7');
            await blockOf(shop, 'first').getByRole('button', { name: 'Add to cart' }).click();
            await expect(shop).toHaveURL(/\/cart$/);
            await expect(shop.locator('main')).toContainText('50 ml');
            await expect(shop.locator('main')).not.toContainText('30 ml');
            await expect(shop.locator('.cart-total')).toHaveText('£27.00');
        });

        await test.step('the other picker, straight to the checkout', async () => {
            await shop.goto(INK);
            await blockOf(shop, 'buttons').getByLabel('50 ml').check();
            await blockOf(shop, 'first').getByRole('button', { name: 'Buy now' }).click();
            await expect(shop).toHaveURL(/\/checkout$/);
            await expect(shop.locator('main')).toContainText('£40.50');
        });

        await test.step('in the pop-up, with the choice made outside it', async () => {
            await shop.goto(INK);
            await blockOf(shop, 'buttons').getByLabel('50 ml').check();
            await shop.getByRole('link', { name: 'To buy it' }).click();
            await blockOf(shop, 'inpopup').getByRole('button', { name: 'Add to cart' }).click();
            await expect(shop.locator('.cart-total')).toHaveText('£54.00');
        });

        await test.step('another product on the page has choices of its own', async () => {
            await shop.goto(INK);
            const colour = blockOf(shop, 'penpicker').getByRole('radio').nth(1);
            const label = await blockOf(shop, 'penpicker').locator('label').nth(1).getAttribute('title');
            await colour.check();
            await blockOf(shop, 'penbuy').getByRole('button', { name: 'Add to cart' }).click();
            await expect(shop.locator('main')).toContainText('Palette fountain pen');
            await expect(shop.locator('main')).toContainText(label ?? 'a colour');
        });

        await test.step('to see a choice buys nothing, and what is sold out says so', async () => {
            await shop.goto(INK);
            await blockOf(shop, 'buttons').getByLabel('100 ml').check();
            await blockOf(shop, 'buttons').getByRole('button', { name: 'Show this choice' }).click();
            await expect(shop).toHaveURL(/teal-tide-bottled-ink\?o/);
            await expect(blockOf(shop, 'first')).toContainText('Sold out in this choice');
            await shop.goto(INK);
            await blockOf(shop, 'buttons').getByLabel('100 ml').check();
            await blockOf(shop, 'second').getByRole('button', { name: 'Add to cart' }).click();
            await expect(shop.locator('.said')).toContainText('is sold out in this choice. Nothing was added.');
        });
    });

    test('on the phone the filters are folded, and open by a link', async ({ page: shop, browser, baseURL }) => {
        const owner = await browser.newContext({ javaScriptEnabled: true, baseURL });
        const studio = new Studio(await owner.newPage());
        await studio.signIn();
        const { id } = await studio.ask<{ id: number }>('/studio/templates', {
            name: 'Beside',
            start: 'beside',
            pageKind: 'category',
        });
        const reach = {
            format: 2,
            show: [[{ field: 'category', comparison: 'isIn', values: [await studio.id('category', 'Pens')] }]],
            keepOff: [],
            season: {},
            goesFirst: false,
        };
        const { revision } = await studio.ask<{ revision: number }>(`/studio/templates/${id.toString()}/edits`, {
            edits: [{ edit: 'reach', reach }],
        });
        await studio.ask('/studio/publish', { revisions: { [id]: revision } });
        await owner.close();

        await shop.setViewportSize({ width: 390, height: 844 });
        await shop.goto('/c/pens');
        expect((await shop.locator('.card').first().boundingBox())?.y).toBeLessThan(844);
        await expect(shop.locator('.filters-body')).toBeHidden();
        await shop.getByRole('link', { name: 'Filters' }).click();
        await expect(shop.locator('.filters-body')).toBeVisible();
        await shop.getByRole('checkbox', { name: /^Brindlace/ }).check();
        await shop.locator('.filters-body > .go').click();
        await expect(shop).toHaveURL(/brand=brindlace/);
        await expect(shop.locator('.filters-body')).toBeHidden();
        await shop.getByRole('link', { name: 'Filters' }).click();
        await shop.locator('.filters').getByRole('link', { name: 'Close' }).click();
        await expect(shop.locator('.filters-body')).toBeHidden();
        await shop.setViewportSize({ width: 1280, height: 800 });
        await expect(shop.locator('.filters-body')).toBeVisible();
        await expect(shop.locator('.filters-unfold')).toBeHidden();
    });
});

test('with scripts: all follow one choice, Enter buys what stands beside the number, and another product keeps to itself', async ({
    page: shop,
}) => {
    const studio = new Studio(shop);
    await studio.signIn();
    await page(studio);
    await shop.goto(INK);
    await expectAccessible(shop);
    await blockOf(shop, 'buttons').getByLabel('50 ml').check();
    await expect(blockOf(shop, 'picker').getByLabel('Bottle').locator('option:checked')).toHaveText('50 ml');
    await expect(blockOf(shop, 'price').locator('.price-now')).toHaveText('£13.50');
    const chosen = blockOf(shop, 'penpicker').getByRole('radio').nth(1);
    const was = await blockOf(shop, 'penprice').textContent();
    await chosen.check();
    await expect(shop).toHaveURL(/o%5B\d+%5D=\d+&of%5B\d+%5D/);
    await expect(chosen).toBeChecked();
    expect(was).not.toBe('');
    await expect(blockOf(shop, 'price').locator('.price-now')).toHaveText('£13.50');
    await expect(shop.getByText('That combination does not exist')).toHaveCount(0);

    await blockOf(shop, 'first').getByLabel('Quantity').fill('3');
    await blockOf(shop, 'first').getByLabel('Quantity').press('Enter');
    await expect(blockOf(shop, 'first').getByRole('status')).toContainText('is in your cart');
    await expect(shop.locator('[data-cart-count]')).toHaveText('3');
    await blockOf(shop, 'second').getByLabel('Quantity').fill('2');
    await blockOf(shop, 'second').getByLabel('Quantity').press('Enter');
    await expect(shop).toHaveURL(/\/cart$/);
    await expect(shop.locator('.cart-total')).toHaveText('£67.50');
    await shop.goBack();
    await expect(blockOf(shop, 'picker').getByLabel('Bottle').locator('option:checked')).toHaveText('50 ml');
});

test('a choice that is on its way is bought all the same', async ({ page: shop }) => {
    await shop.goto(INK);
    const bought = shop.waitForResponse((answer) => answer.request().method() === 'POST');
    await shop.route(`**${INK}?*`, async (route) => {
        await bought;
        await route.continue();
    });
    await shop.getByLabel('50 ml').check();
    await shop.getByRole('button', { name: 'Add to cart' }).click();
    await expect(shop.locator('.price').first()).toContainText('£13.50');
    await expect(shop.getByRole('status').filter({ hasText: 'is in your cart' })).toBeVisible();
    await shop.unrouteAll({ behavior: 'wait' });
    await shop.goto('/cart');
    await expect(shop.locator('main')).toContainText('50 ml');
    await expect(shop.locator('.cart-total')).toHaveText('£13.50');
});

test('“more” ends with the last product, and the number beside it goes along', async ({ page: shop }) => {
    const studio = new Studio(shop);
    await studio.signIn();
    const { id } = await studio.ask<{ id: number }>('/studio/templates', {
        name: 'More',
        start: 'beside',
        pageKind: 'category',
    });
    const reach = {
        format: 2,
        show: [[{ field: 'category', comparison: 'isIn', values: [await studio.id('category', 'Inks')] }]],
        keepOff: [],
        season: {},
        goesFirst: false,
    };
    const { revision } = await studio.ask<{ revision: number }>(`/studio/templates/${id.toString()}/edits`, {
        edits: [{ edit: 'reach', reach }],
    });
    await studio.ask('/studio/publish', { revisions: { [id]: revision } });
    const more = shop.getByRole('link', { name: 'More', exact: true });
    const cards = shop.locator('.product-grid .card');
    const count = shop.locator('.result-count');

    await shop.goto('/c/inks');
    const all = Number(/of (\d+)/.exec((await count.textContent()) ?? '')?.[1]);
    expect(all).toBeGreaterThan(24);
    for (let shown = 12; shown < all; shown += 12) {
        await expect(cards).toHaveCount(shown);
        await expect(count).toHaveText(`1 to ${shown.toString()} of ${all.toString()}`);
        await more.click();
    }
    await expect(cards).toHaveCount(all);
    await expect(count).toHaveText(`1 to ${all.toString()} of ${all.toString()}`);
    await expect(more).toBeHidden();
    expect(
        new Set(await cards.locator('.title a').evaluateAll((links) => links.map((link) => link.getAttribute('href'))))
            .size,
    ).toBe(all);
    await shop.goto('/c/inks?page=2');
    await more.click();
    await expect(count).toHaveText(`13 to ${Math.min(36, all).toString()} of ${all.toString()}`);
});

for (const address of ['/c/inks', INK, '/cart', '/studio/sign-in']) {
    test(`what a script hides is hidden, whatever its style says: ${address}`, async ({ page: shop }) => {
        await shop.goto(address);
        const seen = await shop.evaluate(() => {
            const all = [...document.querySelectorAll<HTMLElement>('body *')].filter(
                (one) => !(one instanceof SVGElement),
            );
            for (const one of all) one.hidden = true;
            return all
                .filter((one) => getComputedStyle(one).display !== 'none')
                .map((one) => one.outerHTML.slice(0, 80));
        });
        expect(seen).toEqual([]);
    });
}
