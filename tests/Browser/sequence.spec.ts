import type { Locator, Page } from '@playwright/test';
import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

const settings = (page: Page): Locator => page.locator('[data-settings]');
const list = (page: Page, width = 'phone'): Locator =>
    settings(page).getByRole('list', { name: `Order on the ${width}` });
const grip = (page: Page, name: string): Locator =>
    settings(page).getByRole('button', { name: new RegExp(`^Move ${name}:`) });

async function bandOf(page: Page, block: Locator): Promise<void> {
    await block.click();
    await page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name: 'Band' }).click();
}

/** Blocks of a page from above to below. */
async function seen(root: { locator(selector: string): Locator }, ...selectors: string[]): Promise<string[]> {
    const places = await Promise.all(
        selectors.map(async (one) => ({
            one,
            y: (await root.locator(`.band:nth-child(2) ${one}`).first().boundingBox())?.y ?? -1,
        })),
    );
    return places.toSorted((one, other) => one.y - other.y).map(({ one }) => one);
}

test('on the phone blocks stand in an order of their own, across columns', async ({ page, context }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Order on the phone');
    await bandOf(page, studio.block('.gallery'));
    await settings(page).getByRole('button', { name: 'on the phone…' }).click();
    await expect(list(page).getByRole('listitem')).toHaveText([
        'Gallery',
        'Title',
        'Price',
        'Short description',
        'Variant picker',
        'Quantity and buy',
    ]);
    const first3 = (): Promise<string[]> => seen(studio.canvas, '.gallery', '.title', '.price');

    await test.step('by keys, with the place said in words', async () => {
        await grip(page, 'Gallery').focus();
        await page.keyboard.press('ArrowDown');
        await expect(settings(page).getByText('Gallery: after Title, before Price.')).toBeAttached();
        await expect(grip(page, 'Gallery')).toBeFocused();
        await studio.saved();
        await expect.poll(first3).toEqual(['.title', '.gallery', '.price']);
        await page.keyboard.press('End');
        await expect(list(page).getByRole('listitem').last()).toHaveText('Gallery');
        await page.keyboard.press('Home');
        await expect(list(page).getByRole('listitem').first()).toHaveText('Gallery');
    });
    await test.step('by drag', async () => {
        const [from, to] = [
            await grip(page, 'Gallery').boundingBox(),
            await list(page).getByRole('listitem').nth(2).boundingBox(),
        ];
        await page.mouse.move((from?.x ?? 0) + 8, (from?.y ?? 0) + 8);
        await page.mouse.down();
        await page.mouse.move((to?.x ?? 0) + 8, (to?.y ?? 0) + (to?.height ?? 0) - 3, { steps: 5 });
        await expect(settings(page).locator('[data-landing]')).toBeVisible();
        await page.mouse.up();
        await expect(list(page).getByRole('listitem')).toHaveText([
            'Title',
            'Price',
            'Gallery',
            'Short description',
            'Variant picker',
            'Quantity and buy',
        ]);
        await expect.poll(first3).toEqual(['.title', '.price', '.gallery']);
    });
    await test.step('the table says what older browsers read elsewhere', async () => {
        await expect(settings(page).locator('[data-read-elsewhere]')).toContainText(
            'Older ones go by the order of the desktop: Gallery first.',
        );
        await expectAccessible(page);
    });
    await test.step('where columns stand side by side they stay as they are', async () => {
        await page.getByRole('button', { name: /^desktop/ }).click();
        const [gallery, title] = [
            await studio.block('.gallery').first().boundingBox(),
            await studio.block('.title').first().boundingBox(),
        ];
        expect(gallery?.x).toBeLessThan(title?.x ?? 0);
        expect(Math.abs((gallery?.y ?? 0) - (title?.y ?? 0))).toBeLessThan(60);
    });
    await test.step('customers see it, and browsers that can read it so', async () => {
        const address = await page.locator('iframe').first().getAttribute('src');
        const shop = await context.newPage();
        await shop.setViewportSize({ width: 390, height: 800 });
        await shop.goto(`${(address ?? '').split('?')[0]}?draft=1`);
        await expect.poll(() => seen(shop, '.gallery', '.title', '.price')).toEqual(['.title', '.price', '.gallery']);
        await expect(shop.locator('.page .band-inner').nth(1)).toHaveCSS('reading-flow', 'flex-visual');
        await shop.close();
    });
    await test.step('and back', async () => {
        await page.getByRole('button', { name: /^phone 390/ }).click();
        await settings(page).getByRole('button', { name: 'back to the order of the columns' }).click();
        await expect.poll(first3).toEqual(['.gallery', '.title', '.price']);
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect.poll(first3).toEqual(['.title', '.price', '.gallery']);
    });
    await test.step('a copy of the band has the same order', async () => {
        await page.keyboard.press('Control+d');
        await studio.saved();
        await expect(list(page).getByRole('listitem').nth(2)).toHaveText(/Gallery/);
        await expect
            .poll(async () => {
                const [title, gallery] = ['.title', '.gallery'].map((one) =>
                    studio.canvas.locator(`.band:nth-child(3) ${one}`).first(),
                );
                return ((await title?.boundingBox())?.y ?? 0) < ((await gallery?.boundingBox())?.y ?? 0);
            })
            .toBe(true);
    });
});

test('a block says its place on the phone and goes elsewhere, by words, keys and drag on the page', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Places');
    await studio.keepOutlineOpen(false);
    await page.reload();
    await studio.loaded();
    await studio.block('.price').click();
    await page.getByRole('button', { name: /^phone 390/ }).click();
    const place = settings(page).locator('[data-place]');
    await expect(place.getByRole('status')).toHaveText('after Title, before Short description');
    const first3 = (): Promise<string[]> => seen(studio.canvas, '.gallery', '.title', '.price');

    await place.getByRole('button', { name: 'earlier' }).click();
    await expect(place.getByRole('status')).toHaveText('after Gallery, before Title');
    await page.keyboard.press('Alt+ArrowUp');
    await expect(place.getByRole('status')).toHaveText('first, before Gallery');
    await expect(place.getByRole('button', { name: 'earlier' })).toBeDisabled();
    await expect.poll(first3).toEqual(['.price', '.gallery', '.title']);

    await test.step('on the page it is dragged to where it is to be seen', async () => {
        const [price, gallery] = [
            await studio.block('.price').first().boundingBox(),
            await studio.block('.gallery').first().boundingBox(),
        ];
        await page.mouse.move((price?.x ?? 0) + 20, (price?.y ?? 0) + 8);
        await page.mouse.down();
        await page.mouse.move((gallery?.x ?? 0) + 60, (gallery?.y ?? 0) + 40, { steps: 4 });
        await page.mouse.move((gallery?.x ?? 0) + 60, (gallery?.y ?? 0) + 0.6 * (gallery?.height ?? 0), { steps: 4 });
        await page.mouse.up();
        await expect(place.getByRole('status')).toHaveText('after Gallery, before Title');
    });
    await test.step('and stays in its column for the desktop', async () => {
        await page.getByRole('button', { name: /^desktop/ }).click();
        const [price, title] = [
            await studio.block('.price').first().boundingBox(),
            await studio.block('.title').first().boundingBox(),
        ];
        expect(price?.x).toBeCloseTo(title?.x ?? 0, 0);
        expect(price?.y).toBeGreaterThan(title?.y ?? 0);
    });
});

test('a column with a ground moves as a whole, and says so; columns side by side come apart on the tablet', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Wholes');
    await studio.block('.price').click();
    await page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name: 'Column' }).click();
    await studio.colour(settings(page), 'Ground', 'surface');
    await studio.saved();
    await page.getByRole('button', { name: /^tablet 820/ }).click();
    await bandOf(page, studio.block('.gallery'));
    await expect(list(page, 'tablet')).toHaveCount(0);
    await settings(page).getByRole('button', { name: 'One below another, in an order of its own' }).click();
    await expect(list(page, 'tablet').getByRole('listitem')).toHaveText(['Gallery', /Column\s+as a whole/]);
    await expect(settings(page).getByText('Column moves as a whole: it stays in view.')).toBeVisible();
    const order = (): Promise<string[]> => seen(studio.canvas, '.gallery', '.title');
    await expect.poll(order).toEqual(['.gallery', '.title']);
    await grip(page, 'Column').focus();
    await page.keyboard.press('ArrowUp');
    await expect.poll(order).toEqual(['.title', '.gallery']);

    await studio.block('.price').click();
    await expect(settings(page).locator('[data-place]')).toContainText('It moves with Column, which moves as a whole');
    await page.getByRole('button', { name: /^phone 390/ }).click();
    await expect(settings(page).locator('[data-place]')).toContainText('it has a ground, lines or room of its own');
    await expect.poll(order).toEqual(['.title', '.gallery']);
});
