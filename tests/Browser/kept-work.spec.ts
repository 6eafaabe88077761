import { expect, test } from './fresh';
import { Studio } from './studio';

/** As in a window whose browser keeps nothing: its stores throw, as they do where cookies are refused. */
function forbidden(): void {
    const refuse = (): never => {
        throw new DOMException('The user denied permission.', 'SecurityError');
    };
    Object.defineProperty(window, 'localStorage', { get: refuse });
    Object.defineProperty(window, 'sessionStorage', { get: refuse });
    Object.defineProperty(window, 'indexedDB', { value: { open: refuse } });
}

/** As in one whose store is full. */
function full(): void {
    const refuse = (): never => {
        throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
    Storage.prototype.setItem = refuse;
    IDBObjectStore.prototype.put = refuse;
}

for (const [how, spoil] of [
    ['forbidden', forbidden],
    ['full', full],
] as const) {
    test(`an edit reaches the server although the browser’s store is ${how}, and the line says what is true`, async ({
        page,
        browser,
        baseURL,
    }) => {
        const maker = new Studio(page);
        await maker.signIn();
        const id = await maker.template('Kept nowhere', null, false);
        const context = await browser.newContext({ baseURL: baseURL ?? '' });
        const studio = new Studio(await context.newPage());
        await studio.signIn();
        await studio.page.addInitScript(spoil);
        await studio.page.goto(`/studio/templates/${id.toString()}`);
        await studio.loaded();
        await studio.block('.price').click();
        const size = studio.page.getByRole('region', { name: 'Settings of Price' }).getByLabel('Size', { exact: true });
        await size.fill('44');
        await expect(studio.block('.price-now')).toHaveCSS('font-size', '44px');
        await studio.saved();
        await expect(studio.page.getByText('This browser keeps nothing: your work is sent at once')).toBeVisible();

        await studio.page.route('**/edits', (route) => route.abort());
        await size.fill('48');
        await expect(studio.page.getByText('leave this window open until it is sent')).toBeVisible();
        await expect(studio.page.getByText('Everything is saved')).toHaveCount(0);
        await studio.page.unroute('**/edits');
        await studio.saved();
        await page.goto(`/studio/templates/${id.toString()}`);
        await maker.loaded();
        await expect(maker.block('.price-now')).toHaveCSS('font-size', '48px');
        await context.close();
    });
}

test('what was begun before somebody else’s value came in is told with both values, however late it is sent', async ({
    page,
    browser,
    baseURL,
}) => {
    const one = new Studio(page);
    await one.signIn();
    const id = await one.template('Two at once', null, false);
    const { state } = (await (await page.request.get(`/studio/templates/${id.toString()}/news`)).json()) as {
        state: { tree: { id: string; children: { children: { id: string }[] }[] } };
    };
    const column = state.tree.children[0]?.children[0]?.id;
    await one.ask(`/studio/templates/${id.toString()}/edits`, {
        edits: [
            {
                edit: 'insert',
                parent: column,
                after: null,
                node: { id: 'hours', kind: 'opening-hours', what: { monday: '9–18', tuesday: '9–18' } },
            },
        ],
    });
    await page.goto(`/studio/templates/${id.toString()}`);
    await one.loaded();
    const context = await browser.newContext({ baseURL: baseURL ?? '' });
    const two = new Studio(await context.newPage());
    await two.signIn();
    await two.page.goto(`/studio/templates/${id.toString()}`);
    await two.loaded();
    const monday = (studio: Studio) =>
        studio.page.getByRole('region', { name: 'Settings of Opening hours' }).getByLabel('Monday', { exact: true });
    for (const studio of [one, two]) await studio.block('.opening-hours').click();

    // It counts as a whole, so that nothing is sent while it is typed.
    await monday(two).fill('8–12');
    await monday(one).fill('10–16');
    await monday(one).blur();
    await one.saved();
    // What the first has set is on the second's page by now, and the field still holds what is being typed.
    await expect(two.block('.opening-hours')).toContainText('10:00–16:00', { timeout: 15_000 });
    await expect(monday(two)).toHaveValue('8–12');
    await monday(two).blur();
    await expect(two.page.getByText(/theirs is .*10–16.*yours .*8–12/)).toBeVisible();
    await expect(one.block('.opening-hours')).toContainText('10:00–16:00');
    await two.page.getByRole('button', { name: 'Use mine' }).click();
    await expect(one.block('.opening-hours')).toContainText('08:00–12:00', { timeout: 15_000 });

    await test.step('what was seen before one began is no conflict', async () => {
        await expect(monday(one)).toHaveValue('8–12');
        await monday(one).fill('11–15');
        await monday(one).blur();
        await one.saved();
        await expect(two.block('.opening-hours')).toContainText('11:00–15:00', { timeout: 15_000 });
    });
    await context.close();
});

test('a template begins with its page, a reload goes on with the card, and a page without that list has none', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('With cards', 'Name, words, products', 'category pages');
    const address = page.url();
    await studio.seeWithCategory('inks', /^Inks/);
    await studio.block('.product-grid').click({ position: { x: 8, y: 8 } });
    await studio.block('.card').nth(1).click();
    const heading = page.getByRole('region', { name: 'The card' });
    await expect(heading).toBeVisible();
    await page.reload();
    await expect(heading).toBeVisible();
    await page.goto('/studio/templates');
    await page.goto(address);
    await studio.loaded();
    await expect(page.getByText('category page', { exact: true })).toBeVisible();
    await expect(heading).toHaveCount(0);
    await studio.block('.product-grid').click({ position: { x: 8, y: 8 } });
    await studio.block('.card').nth(1).click();
    await expect(heading).toBeVisible();
    await page.goto(
        `${address}?sample=${(await studio.id('category', 'Mending, cleaning and spare parts')).toString()}`,
    );
    await studio.loaded();
    await page.reload();
    await studio.loaded();
    await expect(studio.block('.product-grid-none')).toBeVisible();
    await expect(heading).toHaveCount(0);
});

test('a rule goes to the page, although a new card is still on its way', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('On its way', 'Name, words, products', 'category pages');
    await studio.seeWithCategory('inks', /^Inks/);
    await studio.block('.product-grid').click({ position: { x: 8, y: 8 } });
    const held: (() => void)[] = [];
    await page.route('**/studio/cards', async (route) => {
        await new Promise<void>((go) => held.push(go));
        await route.continue();
    });
    await page.getByLabel('As the card').selectOption('start quiet');
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await expect.poll(() => held.length).toBe(1);
    for (const go of held) go();
    await expect(page.getByRole('region', { name: 'Show on' })).toBeVisible();
    await studio.condition('Show on', 'category is exactly', 'Inks');
    await expect(page.locator('[data-counts]')).toHaveText('Covers 1 category, would be shown on 1');
    await studio.saved();
    await expect(page.getByText('A part has no rules')).toHaveCount(0);
    await page.getByRole('button', { name: 'Back to the page' }).first().click();
    await studio.loaded();
    await studio.block('.product-grid').click({ position: { x: 8, y: 8 } });
    await expect(page.getByLabel('As the card').locator('option:checked')).toHaveText(/Quiet and centred/);
});
