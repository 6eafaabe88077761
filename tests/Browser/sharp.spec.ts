import type { Page } from '@playwright/test';
import { Buffer } from 'node:buffer';
import { artisan } from './console';
import { expect, test } from './fresh';
import { Studio } from './studio';

interface Offered {
    picture: string;
    said: number;
    real: number;
}

/** How wide pictures are, beside what `sizes` says of them, as the browser computes it (HTML, source size list). */
async function offered(page: Page): Promise<Offered[]> {
    return page.evaluate(() =>
        [...document.querySelectorAll<HTMLImageElement>('img[srcset]')]
            .filter((img) => img.clientWidth > 0)
            .map((img) => {
                const sources = img.parentElement?.matches('picture')
                    ? [...img.parentElement.querySelectorAll('source')]
                    : [];
                const taken = sources.find(({ media }) => media === '' || matchMedia(media).matches) ?? img;
                const length = taken.sizes
                    .split(/,(?![^(]*\))/)
                    .map((one) => /^\s*(\(.+?\))?\s*(.*)$/.exec(one) ?? [])
                    .find(([, media]) => media === undefined || matchMedia(media).matches)?.[2];
                const probe = document.createElement('div');
                probe.style.cssText = `position:fixed;inline-size:${length ?? ''}`;
                document.body.append(probe);
                const said = probe.getBoundingClientRect().width;
                probe.remove();
                return { picture: img.currentSrc, said, real: img.getBoundingClientRect().width };
            }),
    );
}

/** A picture as a camera gives it: wide, and with something in it. */
async function drawn(page: Page, width: number, height: number): Promise<Buffer> {
    const base64 = await page.evaluate(
        ([across, down]) => {
            const canvas = Object.assign(document.createElement('canvas'), { width: across, height: down });
            const pen = canvas.getContext('2d');
            const ground = pen?.createLinearGradient(0, 0, across, down);
            ground?.addColorStop(0, '#274690');
            ground?.addColorStop(1, '#e8c47c');
            if (pen && ground) pen.fillStyle = ground;
            pen?.fillRect(0, 0, across, down);
            return canvas.toDataURL('image/jpeg', 0.9).split(',')[1] ?? '';
        },
        [width, height] as const,
    );
    return Buffer.from(base64, 'base64');
}

test('what a page says of the width of its pictures is how wide they are, at every width', async ({ page }) => {
    for (const width of [390, 820, 1280, 1920]) {
        await page.setViewportSize({ width, height: 900 });
        for (const address of ['/', '/c/inks', '/p/first-pen-fountain-pen', '/search?q=ink']) {
            await page.goto(address);
            const all = await offered(page);
            expect(all.length, `${address} at ${width}`).toBeGreaterThan(0);
            for (const { picture, said, real } of all)
                expect(Math.abs(said - real), `${picture} on ${address} at ${width}: ${said} for ${real}`).toBeLessThan(
                    Math.max(3, real * 0.05),
                );
        }
    }
});

test('a picture of 2400 px behind a wide band is shown as fine as it is; phones get 800', async ({
    page,
    browser,
    baseURL,
}, info) => {
    test.slow();
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/pictures');
    await page
        .locator('input[type=file]')
        .first()
        .setInputFiles({
            name: 'A wide desk.jpg',
            mimeType: 'image/jpeg',
            buffer: await drawn(page, 2400, 1350),
        });
    await expect(page.locator('[data-picture][aria-pressed="true"]')).toBeVisible();
    artisan(info.parallelIndex, ['queue:work', '--stop-when-empty', '--quiet']);

    await studio.newTemplate('A wide band');
    await studio.block('.gallery').click({ position: { x: 40, y: 40 } });
    await page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name: 'Band' }).click();
    await page.locator('[data-settings]').getByRole('button', { name: 'Picture behind' }).click();
    await page.locator('[data-settings] ul button[aria-pressed] img').first().click();
    await expect(studio.block('.band-back img')).toBeAttached();
    await studio.saved();
    const address = (await page.locator('iframe').first().getAttribute('src')) ?? '';

    const shown = async (width: number, fine: number): Promise<number> => {
        const context = await browser.newContext({
            baseURL,
            viewport: { width, height: 900 },
            deviceScaleFactor: fine,
            storageState: await page.context().storageState(),
        });
        const one = await context.newPage();
        await one.goto(address);
        const picture = one.locator('.band-back img').first();
        await expect
            .poll(() => picture.evaluate((img: HTMLImageElement) => img.complete && img.currentSrc))
            .toBeTruthy();
        // What is fetched has so many pixels of its own; `naturalWidth` tells them by the density that was taken.
        const pixels = await picture.evaluate(async (img: HTMLImageElement) => {
            const bitmap = await createImageBitmap(await (await fetch(img.currentSrc)).blob());
            return bitmap.width;
        });
        await context.close();
        return pixels;
    };
    expect(await shown(1600, 1)).toBe(1600);
    expect(await shown(1920, 1)).toBe(2400);
    expect(await shown(1600, 2)).toBe(2400);
    expect(await shown(820, 1)).toBe(1600);
    expect(await shown(390, 1)).toBe(400);
    expect(await shown(390, 3)).toBe(800);
});

test('what lies on a ground is as fine as the screen', async ({ browser, baseURL, page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('A picture on the ground');
    const id = page.url().split('/').at(-1) ?? '';
    const band = (await studio.block('.band').first().getAttribute('data-b')) ?? '';
    await studio.ask(`/studio/templates/${id}/edits`, {
        edits: [{ edit: 'set', id: band, question: 'how', width: 'desktop', setting: 'groundPicture', value: 1 }],
    });
    await page.reload();
    await studio.loaded();
    const address = (await page.locator('iframe').first().getAttribute('src')) ?? '';
    for (const [width, fine, file] of [
        [1280, 1, '-1600.webp'],
        [820, 1, '-1600.webp'],
        [390, 3, '-800.webp'],
    ] as const) {
        const context = await browser.newContext({
            baseURL,
            viewport: { width, height: 900 },
            deviceScaleFactor: fine,
            storageState: await page.context().storageState(),
        });
        const one = await context.newPage();
        const asked: string[] = [];
        one.on('request', (request) => asked.push(request.url()));
        await one.goto(address);
        await expect.poll(() => asked.some((each) => each.endsWith(file)), `${width} × ${fine}`).toBe(true);
        await context.close();
    }
});
