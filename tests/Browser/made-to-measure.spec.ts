import type { Locator, Page } from '@playwright/test';
import { expect, test } from './fresh';
import { Studio } from './studio';

const settings = (page: Page): Locator => page.locator('[data-settings]');
const bottom = async (one: Locator): Promise<number> => {
    const box = await one.boundingBox();
    return box === null ? Infinity : box.y + box.height;
};

test('a gallery and its small pictures are seen in the first screen, unless somebody says how high it is', async ({
    page,
}) => {
    await page.goto('/p/first-pen-fountain-pen');
    for (const height of [720, 800, 1000]) {
        await page.setViewportSize({ width: 1280, height });
        await expect.poll(() => bottom(page.locator('.gallery-thumbs'))).toBeLessThan(height);
    }
    const [stage, gallery] = [page.locator('.gallery-stage'), page.locator('.gallery')];
    expect((await stage.boundingBox())?.width).toBeCloseTo((await gallery.boundingBox())?.width ?? 0, 0);

    await page.setViewportSize({ width: 1280, height: 800 });
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('A high gallery');
    await studio.block('.gallery').click({ position: { x: 40, y: 40 } });
    await page.getByRole('button', { name: 'find a setting…' }).click();
    await page.getByLabel('Find a setting').fill('height');
    await settings(page).locator('[data-style="main.height"] input').fill('700');
    await studio.saved();
    await expect.poll(async () => (await studio.block('.gallery-stage').boundingBox())?.height).toBeCloseTo(700, 0);
});

test('notes in a box begin on one edge', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Notes', 'Blank');
    await studio.place('Holder');
    await settings(page).getByRole('radio', { name: 'one below another' }).click();
    for (const words of ['Short', 'A note that is a good deal longer than the first']) {
        await page.getByRole('navigation', { name: 'Where it stands' }).getByText('Holder').click();
        await page.getByRole('button', { name: /^What can be done with/ }).click();
        await page.getByRole('menuitem', { name: 'Put the next block inside this…' }).click();
        await studio.place('Note with an icon');
        await settings(page).getByLabel('Words', { exact: true }).fill(words);
        await studio.saved();
    }
    const [first, second] = [studio.block('.note').nth(0), studio.block('.note').nth(1)];
    expect((await first.boundingBox())?.x).toBeCloseTo((await second.boundingBox())?.x ?? -1, 0);
});

test('cards are as wide and as high as somebody wants', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Wide cards', 'Banner and products', 'category pages');
    await studio.block('.product-grid-bar').first().click();
    const columns = (): Promise<number> =>
        studio.canvas
            .locator('.product-grid-cards')
            .first()
            .evaluate((grid) => getComputedStyle(grid).gridTemplateColumns.split(' ').length);
    const before = await columns();
    await settings(page).getByLabel('or each at least so wide').fill('400');
    await studio.saved();
    await expect.poll(columns).toBeLessThan(before);
    const cards = studio.canvas.locator('.card');
    await expect.poll(async () => (await cards.first().boundingBox())?.width).toBeGreaterThan(399);

    await cards.first().click({ position: { x: 60, y: 60 } });
    await page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name: 'Card' }).click();
    await settings(page).getByLabel('At least high', { exact: true }).fill('900');
    await studio.saved();
    await expect.poll(async () => (await cards.first().boundingBox())?.height).toBeCloseTo(900, 0);
    const rows = Math.ceil((await cards.count()) / (await columns()));
    const grid = studio.canvas.locator('.product-grid-cards').first();
    expect((await grid.boundingBox())?.height).toBeGreaterThanOrEqual(rows * 900);
    const lines = await cards
        .first()
        .locator('> [data-line]')
        .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().bottom - one.getBoundingClientRect().top));
    expect(Math.max(...lines)).toBeLessThan(600);
});

test('a countdown counts to an hour of every day', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Until two', 'Blank');
    await studio.place('Countdown');
    await settings(page).getByLabel('Counts to').selectOption('an hour of every day');
    await expect(settings(page).getByLabel('The day', { exact: true })).toHaveCount(0);
    await settings(page).getByLabel('The hour', { exact: true }).fill('14:00');
    await studio.saved();
    const until = new Date((await studio.block('.countdown time').getAttribute('datetime')) ?? 0);
    const clock = new Intl.DateTimeFormat('en-GB', { timeZone: 'Europe/London', timeStyle: 'short' });
    expect(clock.format(until)).toBe('14:00');
    expect(until.getTime() - Date.now()).toBeLessThanOrEqual(25 * 3_600_000);
    expect(until.getTime()).toBeGreaterThan(Date.now());
});

test('another picture stands on the phone', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Two pictures', 'Blank');
    await studio.place('Picture');
    await settings(page).getByLabel('Another when narrow').click();
    await settings(page)
        .getByRole('button', { name: /ink|pen|paper/i })
        .last()
        .click();
    await studio.saved();
    const shown = (): Promise<string> =>
        studio.block('.picture').evaluate((one) => new URL((one as HTMLImageElement).currentSrc).pathname);
    const wide = await shown();
    await page.getByRole('button', { name: /^phone 390/ }).click();
    await expect.poll(shown).not.toBe(wide);
    await settings(page).getByRole('button', { name: 'without one' }).click();
    await studio.saved();
    await expect.poll(async () => (await shown()).replace(/-\d+\.\w+$/, '')).toBe(wide.replace(/-\d+\.\w+$/, ''));
});

test('a band with a picture behind it takes round corners and a height by the screen', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Round', 'Blank');
    await studio.block('.band').first().click();
    await page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name: 'Band' }).click();
    await settings(page)
        .locator('#what, [data-question="what"]')
        .getByRole('button', { name: /picture/i })
        .first()
        .click();
    await settings(page)
        .getByRole('button', { name: /ink|pen|paper/i })
        .last()
        .click();
    await settings(page).getByLabel('or of the screen').fill('60');
    await settings(page).getByLabel('Corner above right').fill('40');
    await studio.saved();
    const back = studio.block('.band-back');
    await expect(back).toHaveCSS('border-top-right-radius', '40px');
    await expect(back).toHaveCSS('clip-path', 'border-box');

    const address = (await page.locator('iframe').first().getAttribute('src')) ?? '';
    for (const [width, height] of [
        [390, 844],
        [820, 1100],
        [1920, 1000],
    ] as const) {
        await page.setViewportSize({ width, height });
        await page.goto(address);
        const high = (await page.locator('.page .band').first().boundingBox())?.height ?? 0;
        expect(Math.abs(high - 0.6 * height), width.toString()).toBeLessThanOrEqual(1);
    }
});

test('a picture on a ground that two colours cover says so', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Covered', 'Blank');
    await studio.place('Note with an icon');
    const id = page.url().split('/').at(-1) ?? '';
    const note = (await studio.block('.note').getAttribute('data-b')) ?? '';
    const set = (setting: string, value: unknown) => ({
        edit: 'set',
        id: note,
        question: 'how',
        width: 'desktop',
        setting,
        value,
    });
    await studio.ask(`/studio/templates/${id}/edits`, {
        edits: [set('groundPicture', 1), set('ground', 'surface'), set('groundTo', 'ground')],
    });
    await page.reload();
    await studio.loaded();
    await studio.block('.note').click();
    await page.getByRole('button', { name: 'find a setting…' }).click();
    await page.getByLabel('Find a setting').fill('picture on it');
    const row = settings(page).locator('[data-style="groundPicture"]');
    await expect(row).toContainText('no effect: the colours that change lie over it');
    await studio.ask(`/studio/templates/${id}/edits`, { edits: [set('ground', 'surface/60')] });
    await expect(row).not.toContainText('no effect');
});
