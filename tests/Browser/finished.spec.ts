import type { Locator, Page } from '@playwright/test';
import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

const WIDTHS = [390, 820, 1920];
const settings = (page: Page): Locator => page.locator('[data-settings]');

interface Said {
    block: string;
    setting: string;
    value: unknown;
    question?: 'what' | 'how';
}

/** Says several settings at once, and answers the address at which the draft is seen as a page. */
async function say(page: Page, studio: Studio, said: Said[]): Promise<string> {
    const id = page.url().split('/').at(-1) ?? '';
    const edits = await Promise.all(
        said.map(async ({ block, setting, value, question }) => ({
            edit: 'set',
            id: (await studio.block(block).first().getAttribute('data-b')) ?? '',
            question: question ?? 'what',
            width: 'desktop',
            setting,
            value,
        })),
    );
    await studio.ask(`/studio/templates/${id}/edits`, { edits });
    await page.reload();
    await studio.loaded();
    return (await page.locator('iframe').first().getAttribute('src')) ?? '';
}

async function atEachWidth(page: Page, address: string, look: (width: number) => Promise<void>): Promise<void> {
    for (const width of WIDTHS) {
        await page.setViewportSize({ width, height: 900 });
        await page.goto(address);
        await look(width);
        const beyond = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
        expect(beyond, `nothing slides sideways at ${width}`).toBeLessThanOrEqual(0);
    }
}

test('distances in pixels, typed beside the steps of the house style', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('In pixels');
    await studio.block('.gallery').click({ position: { x: 40, y: 40 } });
    await page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name: 'Band' }).click();
    await page.getByRole('button', { name: 'find a setting…' }).click();
    await page.getByLabel('Find a setting').fill('between columns');
    await studio.pick(settings(page), 'Between columns', 'in px, as I type it');
    await settings(page).getByLabel('Between columns, in px').fill('17');
    await expect(studio.block('.band-inner').nth(1)).toHaveCSS('column-gap', '17px');
    await studio.saved();
    await settings(page).getByLabel('Between columns, in px').fill('900');
    await settings(page).getByLabel('Between columns, in px').blur();
    await expect(settings(page).getByLabel('Between columns, in px')).toHaveValue('400');
    await studio.pick(settings(page), 'Between columns', 'as usual');
    await expect(settings(page).getByLabel('Between columns, in px')).toHaveCount(0);
    await expect(studio.block('.band-inner').nth(1)).toHaveCSS('column-gap', '48px');
});

test('a band and a column are at most so wide, and stand in the middle', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('At most so wide', 'Blank');
    await studio.place('Text');
    const address = await say(page, studio, [
        { block: '.band', setting: 'most', value: 1000, question: 'how' },
        { block: '.column', setting: 'most', value: 500, question: 'how' },
    ]);
    await atEachWidth(page, address, async (width) => {
        const band = await page.locator('.page .band').first().boundingBox();
        expect(band?.width).toBeCloseTo(Math.min(1000, width), 0);
        expect(band?.x).toBeCloseTo((width - (band?.width ?? 0)) / 2, 0);
        const column = await page.locator('.page .column').first().boundingBox();
        expect(column?.width).toBeLessThanOrEqual(500);
        expect(column?.width).toBeGreaterThan(Math.min(500, width) - 60);
    });
});

test('a block in the middle that is at most so wide is as wide as there is room', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Wide in the middle', 'Blank');
    await studio.place('Note with an icon');
    const address = await say(page, studio, [
        { block: '.note', setting: 'mostWidth', value: 700, question: 'how' },
        { block: '.note', setting: 'place', value: 'center', question: 'how' },
    ]);
    await atEachWidth(page, address, async () => {
        const [note, column] = await Promise.all(
            ['.note', '.page .column'].map((one) => page.locator(one).first().boundingBox()),
        );
        expect(note?.width).toBeCloseTo(Math.min(700, column?.width ?? 0), 0);
    });
});

test('pictures of cards go on by arrows', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Cards that slide', 'Name, words, products', 'category pages');
    await page.getByPlaceholder('Any category…').fill('Bottled inks');
    await page.getByRole('radio', { name: 'Bottled inks' }).first().click();
    await studio.loaded();
    await page.getByRole('treeitem', { name: /^Products/ }).click();
    await page.getByLabel('As the card').selectOption('start plain');
    await page.getByRole('treeitem', { name: /^Product’s picture/ }).click();
    await settings(page).getByLabel('Its other pictures', { exact: true }).selectOption('slider');
    await expect(studio.block('.product-picture-slides').first()).toBeAttached();
    await studio.saved();
    const address = (await page.locator('iframe').first().getAttribute('src')) ?? '';
    await atEachWidth(page, address, async () => {
        const picture = page.locator('.product-picture-slides').first();
        const track = picture.locator('[data-carousel-track]');
        const room = await picture.boundingBox();
        for (const image of await picture.locator('img').all())
            expect((await image.boundingBox())?.width).toBeCloseTo(room?.width ?? 0, 0);
        await picture.getByRole('button', { name: /^On/ }).click();
        await expect.poll(() => track.evaluate((one) => one.scrollLeft)).toBeGreaterThan((room?.width ?? 0) * 0.9);
    });
    await expectAccessible(page);
});

test('ticks of a filter, the link to the cart and the number that is few are the owner’s', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Few', 'Gallery and buy box');
    const address = await say(page, studio, [
        { block: '.buy', setting: 'few', value: 99 },
        { block: '.buy', setting: 'toCart.decoration', value: 'none', question: 'how' },
    ]);
    await page.goto(address);
    await expect(page.locator('.buy-left')).toBeVisible();
    await page.getByRole('button', { name: 'Add to cart' }).click();
    await expect(page.locator('.buy-said a')).toHaveCSS('text-decoration-line', 'none');

    await page.goto('/studio/today');
    await studio.newTemplate('Ticks', 'Blank', 'category pages');
    await studio.place('Filter');
    const list = await say(page, studio, [{ block: '.filter', setting: 'tick', value: '#b3261e', question: 'how' }]);
    await page.goto(list);
    await expect(page.locator('.filter-value input').first()).toHaveCSS('accent-color', 'rgb(179, 38, 30)');
});

test('a note has a picture of one’s own above a heading and words with marks', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('A note', 'Blank');
    await studio.place('Note with an icon');
    const address = await say(page, studio, [
        { block: '.note', setting: 'picture', value: 1 },
        { block: '.note', setting: 'level', value: 'h3' },
        { block: '.note', setting: 'more', value: '<p>Within <strong>two days</strong>.</p>' },
        { block: '.note', setting: 'iconStands', value: 'above', question: 'how' },
        { block: '.note', setting: 'iconSize', value: 96, question: 'how' },
    ]);
    await atEachWidth(page, address, async () => {
        const note = page.locator('.note');
        const [icon, words] = [
            await note.locator('.note-icon img').boundingBox(),
            await note.getByRole('heading', { level: 3 }).boundingBox(),
        ];
        expect([icon?.width, icon?.height]).toEqual([96, 96]);
        expect(words?.y).toBeGreaterThanOrEqual((icon?.y ?? 0) + 96);
        expect(words?.x).toBeCloseTo(icon?.x ?? -1, 0);
        await expect(note.locator('.note-more strong')).toHaveText('two days');
    });
    await expectAccessible(page);
});

test('how many is asked by a block of its own, with scripts and without, and by Enter', async ({
    page,
    browser,
    baseURL,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Quantity apart');
    await studio.block('.title').click();
    await studio.place('Quantity');
    await expect(studio.block('.quantity')).toBeVisible();
    await expect(studio.block('.buy-quantity')).toHaveCount(0);
    const address = (await page.locator('iframe').first().getAttribute('src')) ?? '';
    const count = (one: Page): Promise<number> =>
        one
            .goto('/cart')
            .then(() => one.getByRole('spinbutton').first().inputValue())
            .then(Number);
    for (const javaScriptEnabled of [true, false]) {
        const context = await browser.newContext({
            baseURL,
            javaScriptEnabled,
            storageState: await page.context().storageState(),
        });
        const one = await context.newPage();
        const before = javaScriptEnabled ? 0 : await count(one);
        await one.goto(address);
        await one.getByLabel('Quantity').fill('3');
        await one.getByRole('button', { name: 'Add to cart' }).click();
        if (javaScriptEnabled)
            await expect(one.getByRole('status').filter({ hasText: 'is in your cart' })).toBeVisible();
        else await one.waitForURL('**/cart');
        expect((await count(one)) - before).toBe(3);
        if (javaScriptEnabled) {
            await one.goto(address);
            await one.getByLabel('Quantity').fill('2');
            await one.keyboard.press('Enter');
            await expect(one.getByRole('status').filter({ hasText: 'is in your cart' })).toBeVisible();
            expect(await count(one)).toBe(5);
        }
        await context.close();
    }
});
