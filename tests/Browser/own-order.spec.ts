import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

test('the products of a category in the owner’s order: by dragging, by keyboard, by place, and back', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/catalogue/category');
    await page.getByRole('link', { name: 'Inks', exact: true }).first().click();
    await page.getByRole('link', { name: 'Put its products in your own order' }).click();
    const rows = page.locator('[data-row]');
    const names = (): Promise<string[]> => rows.locator('a').allInnerTexts();
    const shop = async (): Promise<string[]> => {
        const html = await (await page.request.get('/c/inks')).text();
        return [...html.matchAll(/class="title title-h3"[^>]*><a href="[^"]+">([^<]+)</g)].map(
            (found) => found[1] ?? '',
        );
    };
    await expect(page.getByRole('status').first()).toContainText('The newest come first.');
    await expectAccessible(page);
    const before = await names();

    await test.step('dragged', async () => {
        const from = await page.locator('[data-handle]').nth(4).boundingBox();
        const to = await rows.nth(1).boundingBox();
        if (!from || !to) throw new Error('Nothing to drag');
        await page.mouse.move(from.x + 12, from.y + 12);
        await page.mouse.down();
        await page.mouse.move(from.x + 12, to.y + 4, { steps: 10 });
        await expect(page.locator('[data-landing]')).toBeVisible();
        await page.mouse.up();
        await expect(rows.nth(1)).toContainText(before[4] ?? '');
        expect(await names()).toEqual([before[0], before[4], ...before.slice(1, 4), ...before.slice(5)]);
        await expect(page.getByRole('status').first()).toContainText('2 products have a place of your own');
        expect((await shop()).slice(0, 3)).toEqual([before[0], before[4], before[1]]);
    });

    await test.step('by keyboard, the focus stays on what is moved', async () => {
        await page.getByRole('button', { name: new RegExp(`^Move ${before[4] ?? ''}`) }).focus();
        await page.keyboard.press('ArrowDown');
        await expect(rows.nth(2)).toContainText(before[4] ?? '');
        await expect(
            page.getByRole('button', { name: new RegExp(`^Move ${before[4] ?? ''}, now at place 3`) }),
        ).toBeFocused();
        await page.keyboard.press('Home');
        await expect(rows.nth(0)).toContainText(before[4] ?? '');
        expect((await shop())[0]).toBe(before[4]);
    });

    await test.step('whoever presses faster than the server answers loses no press', async () => {
        const handle = page.getByRole('button', { name: new RegExp(`^Move ${before[4] ?? ''}`) });
        await expect(handle).toBeFocused();
        for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowDown');
        await expect(rows.nth(3)).toContainText(before[4] ?? '');
        await expect(handle).toBeFocused();
        for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowUp');
        await expect(rows.nth(0)).toContainText(before[4] ?? '');
        await expect.poll(async () => (await shop())[0]).toBe(before[4]);
        await expect(handle).toBeFocused();
    });

    await test.step('by its place, and taken back', async () => {
        await page.getByLabel(`Place of ${before[4] ?? ''}`, { exact: true }).fill('6');
        await page.keyboard.press('Tab');
        await expect(rows.nth(5)).toContainText(before[4] ?? '');
        await page.getByRole('button', { name: 'Take this back' }).click();
        await expect(rows.nth(0)).toContainText(before[4] ?? '');
        await page.reload();
        await expect(rows.nth(0)).toContainText(before[4] ?? '');
    });

    await test.step('somebody else’s move is seen within seconds; what is dragged from a stale look is told', async () => {
        const other = await page.context().newPage();
        await other.goto(page.url());
        await other.getByLabel(`Place of ${before[2] ?? ''}`, { exact: true }).fill('1');
        await other.keyboard.press('Tab');
        await expect(rows.nth(0)).toContainText(before[2] ?? '');
        await expect(page.getByText('Somebody else has changed this order.')).toBeVisible();

        // This window hears nothing for a while, and moves what it still shows.
        await page.route('**/order/rows*', (route) => route.abort());
        await other.getByLabel(`Place of ${before[3] ?? ''}`, { exact: true }).fill('1');
        await other.keyboard.press('Tab');
        await expect(other.locator('[data-row]').nth(0)).toContainText(before[3] ?? '');
        await page.getByRole('button', { name: new RegExp(`^Move ${before[2] ?? ''}`) }).focus();
        await page.keyboard.press('ArrowDown');
        await expect(page.getByText('Somebody else has changed this order meanwhile. Nothing was moved')).toBeVisible();
        await page.unroute('**/order/rows*');
        await expect(rows.nth(0)).toContainText(before[3] ?? '');
        await expect(rows.nth(1)).toContainText(before[2] ?? '');
        await other.close();
    });

    await test.step('the newest first again', async () => {
        await page.getByRole('button', { name: 'the newest first again' }).click();
        await expect(page.getByRole('status').first()).toContainText('The newest come first.');
        expect(await names()).toEqual(before);
    });
});
