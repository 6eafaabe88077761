import type { Locator, Page } from '@playwright/test';
import { expect, test } from './fresh';
import { Studio } from './studio';

const INK = '/p/teal-tide-bottled-ink';
const settings = (page: Page): Locator => page.locator('[data-settings]');

async function find(page: Page, words: string): Promise<void> {
    await page.getByRole('button', { name: 'find a setting…' }).click();
    await page.getByLabel('Find a setting').fill(words);
}

/** A template whose gallery is selected, and the address at which its draft is seen as a page. */
async function withGallery(page: Page, name: string, set: () => Promise<void>): Promise<string> {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate(name);
    await studio.block('.gallery-stage').click({ position: { x: 40, y: 40 } });
    await set();
    await studio.saved();
    return (await page.locator('iframe').first().getAttribute('src')) ?? '';
}

test('arrows on the picture lead through all of them, and the small ones follow', async ({ page }) => {
    const address = await withGallery(page, 'With arrows', async () => {
        await find(page, 'arrows');
        await settings(page).getByLabel('Arrows on the picture').check();
    });
    await page.goto(address);
    const stage = page.locator('.gallery-stage');
    const [back, on] = [
        page.getByRole('button', { name: 'Back', exact: true }),
        page.getByRole('button', { name: 'On', exact: true }),
    ];
    const marked = (): Promise<number> =>
        page
            .locator('.gallery-thumbs a')
            .evaluateAll((all) => all.findIndex((one) => one.hasAttribute('aria-current')));
    const pictures = await stage.locator('img').count();
    expect(pictures).toBeGreaterThan(1);
    await expect(back).toHaveAttribute('aria-disabled', 'true');
    for (let at = 1; at < pictures; at++) {
        await on.click();
        await expect.poll(marked).toBe(at);
    }
    await expect(on).toHaveAttribute('aria-disabled', 'true');
    await back.click();
    await expect.poll(marked).toBe(pictures - 2);
    // The arrows stand on the picture, not beside it.
    const [frame, arrow] = [await stage.boundingBox(), await on.boundingBox()];
    expect(arrow?.x).toBeGreaterThan((frame?.x ?? 0) + (frame?.width ?? 0) / 2);
    expect((arrow?.x ?? 0) + (arrow?.width ?? 0)).toBeLessThanOrEqual((frame?.x ?? 0) + (frame?.width ?? 0));
    expect(arrow?.y).toBeGreaterThan(frame?.y ?? 0);
    expect(arrow?.y).toBeLessThan((frame?.y ?? 0) + (frame?.height ?? 0));
});

test('what is under the pointer is shown larger, follows it, and goes with Escape', async ({ page }) => {
    const address = await withGallery(page, 'Magnifies', async () => {
        await find(page, 'pointer');
        await settings(page).getByLabel('Under the pointer', { exact: true }).selectOption('thrice');
    });
    await page.goto(address);
    const frame = await page.locator('.gallery-stage').boundingBox();
    const lens = page.locator('.gallery-magnified');
    const to = (across: number, down: number): Promise<void> =>
        page.mouse.move((frame?.x ?? 0) + (frame?.width ?? 0) * across, (frame?.y ?? 0) + (frame?.height ?? 0) * down);
    await to(0.5, 0.5);
    await expect(lens).toBeVisible();
    const largest = await page.locator('.gallery-stage img').first().getAttribute('data-largest');
    await expect(lens).toHaveCSS('background-image', new RegExp(`${largest ?? 'none'}"`));
    const [box, wide] = [
        await lens.boundingBox(),
        await lens.evaluate((one) => parseFloat(getComputedStyle(one).backgroundSize)),
    ];
    expect(box?.width).toBeCloseTo(frame?.width ?? 0, 0);
    expect(wide).toBeCloseTo(3 * Math.min(frame?.width ?? 0, frame?.height ?? 0), -1);
    const stands = (): Promise<string> => lens.evaluate((one) => getComputedStyle(one).backgroundPosition);
    const before = await stands();
    await to(0.6, 0.5);
    await expect.poll(stands).not.toBe(before);
    await page.keyboard.press('Escape');
    await expect(lens).toHaveCount(0);
    await to(0.5, 0.6);
    await expect(lens).toHaveCount(0);
    await page.mouse.move(2, 2);
    await to(0.5, 0.5);
    await expect(lens).toBeVisible();
    await page.mouse.move(2, 2);
    await expect(lens).toHaveCount(0);
});

test('enlarged, a picture comes in its largest size, and closer by a button, a click, or two fingers', async ({
    browser,
    baseURL,
}) => {
    const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 }, hasTouch: true });
    const page = await context.newPage();
    await page.goto(INK);
    await page.getByRole('button', { name: 'Enlarge' }).tap();
    const picture = page.locator('.enlarged img');
    await expect(picture).toHaveAttribute('src', /-1600\.webp$/);
    const wide = async (): Promise<number> => (await picture.boundingBox())?.width ?? 0;
    const whole = await wide();
    await page.getByRole('button', { name: 'Nearer' }).tap();
    await expect.poll(wide).toBeCloseTo(whole * 2.5, 0);
    await page.getByRole('button', { name: 'Whole picture' }).tap();
    await expect.poll(wide).toBeCloseTo(whole, 0);

    const fingers = await context.newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', apart: number): Promise<unknown> =>
        fingers.send('Input.dispatchTouchEvent', {
            type,
            touchPoints:
                type === 'touchEnd'
                    ? []
                    : [
                          { x: 195 - apart, y: 400, id: 1 },
                          { x: 195 + apart, y: 400, id: 2 },
                      ],
        });
    await touch('touchStart', 40);
    for (const apart of [50, 60, 70, 80]) await touch('touchMove', apart);
    await touch('touchEnd', 0);
    await expect.poll(wide).toBeGreaterThan(whole * 1.7);
    expect(await wide()).toBeLessThan(whole * 2.3);
    await page.getByRole('button', { name: 'Whole picture' }).tap();
    await picture.tap();
    await expect.poll(wide).toBeCloseTo(whole * 2.5, 0);
    await page.getByRole('button', { name: 'Next' }).tap();
    await expect.poll(wide).toBeCloseTo(whole, 0);
    await context.close();
});

test('a gallery of one’s own pictures stands on a category’s page, in the order in which they were put', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Category with pictures', 'Blank', 'category pages');
    await studio.place('Gallery');
    await settings(page).getByLabel('Shows', { exact: true }).selectOption('own');
    await settings(page).getByRole('button', { name: 'Pictures', exact: true }).click();
    for (const nth of [0, 1]) {
        await settings(page).locator('ul button[aria-pressed] img').nth(nth).click();
        await expect(studio.block('.gallery-stage img')).toHaveCount(nth + 1);
    }
    const order = (): Promise<string[]> =>
        studio.block('.gallery-stage img').evaluateAll((all) => all.map((one) => one.getAttribute('alt') ?? ''));
    const before = await order();
    await settings(page).getByRole('button', { name: 'Picture 2 earlier' }).click();
    await expect.poll(order).toEqual(before.toReversed());
    await settings(page).getByRole('button', { name: 'Take picture 1 off' }).click();
    await expect(studio.block('.gallery-stage img')).toHaveCount(1);
});
