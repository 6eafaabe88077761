import { expect, test } from './fresh';
import { Studio } from './studio';

test('choosing a variant changes price, stock and address without a reload', async ({ page }) => {
    await page.goto('/p/teal-tide-bottled-ink');
    await page.evaluate(() => (document.title = 'still here'));
    await page.getByLabel('50 ml').check();
    await expect(page.locator('.price-now')).toHaveText('£13.50');
    await page.getByLabel('Quantity').fill('4');
    await page.getByLabel('30 ml').check();
    await expect(page.locator('.price-now')).toHaveText('£9.50');
    await expect(page.getByLabel('Quantity')).toHaveValue('4');
    await page.getByLabel('100 ml').check();
    await expect(page.locator('.buy')).toContainText('Sold out');
    expect(await page.title()).toBe('still here');
    await page.reload();
    await expect(page.locator('.price-now')).toHaveText('£17.50');
});

test('where another variant has other styles, as after a release, the whole page is taken over, and words in a form stay', async ({
    page,
}) => {
    await page.goto('/p/teal-tide-bottled-ink');
    await page.route('**/p/teal-tide-bottled-ink?*', async (route) => {
        const body = await (await route.fetch()).text();
        const restyled = body
            .replace(/(<style[^>]*id="departures">)/, '$1.price-now{color:rgb(1, 2, 3)}')
            .replace('</main>', '<p class="fresh">A block that was not there.</p></main>');
        await route.fulfill({ body: restyled, contentType: 'text/html' });
    });
    await page.getByLabel('Quantity').fill('3');
    await page.getByLabel('50 ml').check();
    await expect(page.locator('.price-now').first()).toHaveCSS('color', 'rgb(1, 2, 3)');
    await expect(page.getByText('A block that was not there.')).toBeVisible();
    await expect(page.getByLabel('50 ml')).toBeChecked();
    await expect(page.getByLabel('Quantity')).toHaveValue('3');
    await page.unroute('**/p/teal-tide-bottled-ink?*');
    await page.getByLabel('30 ml').check();
    await expect(page.locator('.price-now').first()).not.toHaveCSS('color', 'rgb(1, 2, 3)');
    await expect(page.getByText('A block that was not there.')).toHaveCount(0);
});

test('the picture follows the chosen colour', async ({ page }) => {
    await page.goto('/p/postbox-fountain-pen');
    const first = page.locator('.gallery-stage img').first();
    const before = await first.getAttribute('src');
    await page.locator('.picker-swatches').nth(2).click();
    await expect(first).not.toHaveAttribute('src', before ?? '');
});

test('adding to the cart says so and counts', async ({ page }) => {
    await page.goto('/p/teal-tide-bottled-ink');
    await page.getByLabel('Quantity').fill('2');
    await page.getByRole('button', { name: 'Add to cart' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'is in your cart' })).toBeVisible();
    await expect(page.locator('[data-cart-count]')).toHaveText('2');
    await page.getByRole('link', { name: 'See the cart' }).click();
    await expect(page.locator('.cart-total')).toHaveText('£19.00');
});

test('tabs work by keyboard', async ({ page }) => {
    await page.goto('/p/teal-tide-bottled-ink');
    const tab = page.getByRole('tab', { name: 'Description' });
    await expect(tab).toHaveAttribute('aria-selected', 'true');
    await expect(page.getByRole('tabpanel', { name: 'Description' })).toContainText('Teal Tide');
});

test('room is kept for pictures: nothing jumps while the page loads', async ({ page }) => {
    await page.addInitScript(() => {
        (window as unknown as { shifts: number }).shifts = 0;
        new PerformanceObserver((list) => {
            for (const entry of list.getEntries())
                (window as unknown as { shifts: number }).shifts += (entry as unknown as { value: number }).value;
        }).observe({ type: 'layout-shift', buffered: true });
    });
    await page.goto('/p/teal-tide-bottled-ink', { waitUntil: 'networkidle' });
    expect(await page.evaluate(() => (window as unknown as { shifts: number }).shifts)).toBeLessThanOrEqual(0.01);
});

for (const address of ['/', '/p/teal-tide-bottled-ink', '/p/palette-fountain-pen', '/c/bottled-inks']) {
    test(`on a phone nothing jumps when the fonts come late: ${address}`, async ({ page }) => {
        await page.setViewportSize({ width: 390, height: 844 });
        await page.addInitScript(() => {
            (window as unknown as { shifts: number }).shifts = 0;
            new PerformanceObserver((list) => {
                for (const entry of list.getEntries())
                    (window as unknown as { shifts: number }).shifts += (entry as unknown as { value: number }).value;
            }).observe({ type: 'layout-shift', buffered: true });
        });
        const held: (() => void)[] = [];
        await page.route('**/*.woff2', async (route) => {
            await new Promise<void>((go) => held.push(go));
            await route.continue();
        });
        await page.goto(address, { waitUntil: 'domcontentloaded' });
        const frames = () =>
            page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
        await expect.poll(() => held.length).toBeGreaterThan(0);
        await frames();
        expect(
            await page.evaluate(
                () =>
                    [...document.fonts].filter((font) => font.status === 'loaded' && !font.family.includes('room'))
                        .length,
            ),
        ).toBe(0);
        for (const go of held) go();
        await page.unrouteAll({ behavior: 'wait' });
        await page.evaluate(() => document.fonts.ready);
        await frames();
        expect(
            await page.evaluate(() => [...document.fonts].filter((font) => font.status === 'loaded').length),
        ).toBeGreaterThan(0);
        expect(await page.evaluate(() => (window as unknown as { shifts: number }).shifts)).toBeLessThanOrEqual(0.01);
    });
}

test('on a phone the largest picture does not wait and small ones are fetched small', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const fetched: string[] = [];
    page.on('request', (request) => fetched.push(request.url()));
    await page.goto('/p/palette-fountain-pen', { waitUntil: 'networkidle' });
    await expect(page.locator('.gallery-stage img').first()).not.toHaveAttribute('loading', 'lazy');
    const small = page.locator('.gallery img').filter({ visible: true });
    const sizes = await small.evaluateAll((images) =>
        images
            .filter((image) => image.clientWidth > 0 && image.clientWidth <= 80)
            .map((image) => (image as HTMLImageElement).currentSrc),
    );
    expect(sizes.length).toBeGreaterThan(1);
    for (const source of sizes) expect(source).toMatch(/-160\./);
    expect(fetched.filter((address) => address.includes('-160.')).length).toBeGreaterThan(1);
});

test('on a phone the owner’s tag lies over neither the shop’s name nor its navigation', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await new Studio(page).signIn();
    await page.goto('/p/teal-tide-bottled-ink');
    const tag = await page.getByRole('complementary', { name: 'From the Studio' }).boundingBox();
    const links = page.getByRole('banner').getByRole('link');
    expect(tag).not.toBeNull();
    for (const link of await links.all()) {
        const box = await link.boundingBox();
        if (!tag || !box) continue;
        const apart =
            tag.x + tag.width <= box.x ||
            box.x + box.width <= tag.x ||
            tag.y + tag.height <= box.y ||
            box.y + box.height <= tag.y;
        expect(apart, await link.innerText()).toBe(true);
    }
});

test('its own styles and scripts are at most 40 kB compressed', async ({ page }) => {
    const { gzipSync } = await import('node:zlib');
    const sizes: Promise<number>[] = [];
    page.on('response', (response) => {
        if (/\.(css|js)(\?|$)/.test(response.url())) sizes.push(response.body().then((body) => gzipSync(body).length));
    });
    await page.goto('/p/teal-tide-bottled-ink', { waitUntil: 'networkidle' });
    const bytes = (await Promise.all(sizes)).reduce((sum, one) => sum + one, 0);
    expect(bytes).toBeGreaterThan(1000);
    expect(bytes).toBeLessThanOrEqual(40_000);
});

test.describe('without scripts', () => {
    test.use({ javaScriptEnabled: false });

    test('a variant is chosen, put into the cart, changed and taken out', async ({ page }) => {
        await page.goto('/p/teal-tide-bottled-ink');
        await page.getByLabel('50 ml').check();
        await page.getByRole('button', { name: 'Show this choice' }).click();
        await expect(page.locator('.price-now')).toHaveText('£13.50');
        await page.getByRole('button', { name: 'Add to cart' }).click();
        await expect(page).toHaveURL(/\/cart$/);
        await expect(page.locator('.said')).toContainText('is in your cart');
        await page.getByLabel(/Quantity of/).fill('3');
        await page.getByRole('button', { name: 'Change', exact: true }).click();
        await expect(page.locator('.cart-total')).toHaveText('£40.50');
        await page.getByRole('button', { name: 'Take out' }).click();
        await expect(page.getByText('Your cart is empty')).toBeVisible();
    });

    test('everything in the tabs can be read', async ({ page }) => {
        await page.goto('/p/teal-tide-bottled-ink');
        await expect(page.getByText('mixed for long letters')).toBeVisible();
    });

    test('a listing is sorted and paged', async ({ page }) => {
        await page.goto('/c/bottled-inks');
        await page.getByLabel('In order').selectOption('cheap');
        await page.getByRole('button', { name: 'Show' }).click();
        await page.getByRole('link', { name: 'Next' }).click();
        await expect(page).toHaveURL(/sort=cheap&page=2/);
        await expect(page.locator('.card')).toHaveCount(11);
    });
});
