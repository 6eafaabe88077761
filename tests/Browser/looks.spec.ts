import { expect, test } from './fresh';
import { Studio } from './studio';
import type { Request } from '@playwright/test';

test('small pictures in the list of templates: those in view come, two at a time, and nothing runs in them', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    let underWay = 0;
    let most = 0;
    const asked = new Set<string>();
    const complaints: string[] = [];
    page.on('console', (message) => {
        if (message.type() === 'error') complaints.push(message.text());
    });
    const isLook = (address: string) => address.endsWith('/look');
    page.on('request', (request) => {
        if (!isLook(request.url())) return;
        asked.add(new URL(request.url()).pathname);
        most = Math.max(most, ++underWay);
    });
    const over = (request: Request): void => {
        // What the way leads to is another request.
        const first = request.redirectedFrom();
        if (first !== null && isLook(first.url())) underWay -= 1;
    };
    page.on('requestfinished', over);
    page.on('requestfailed', over);
    /** All that are in view have come, and no more are asked for. */
    const settled = async (): Promise<void> => {
        let before = -1;
        await expect
            .poll(
                () => {
                    const isQuiet = underWay === 0 && asked.size > 0 && asked.size === before;
                    before = asked.size;
                    return isQuiet;
                },
                { intervals: [700], timeout: 30_000 },
            )
            .toBe(true);
    };
    await page.setViewportSize({ width: 1280, height: 500 });
    await page.goto('/studio/templates');
    const rows = page.locator('tr[data-template], tr[data-card]');
    const all = await rows.count();
    await expect(rows.first().locator('iframe')).toBeAttached();
    await settled();
    const inView = asked.size;
    expect(inView).toBeGreaterThan(0);
    expect(inView).toBeLessThan(all);
    expect(most).toBeLessThanOrEqual(2);
    await expect(rows.last().locator('iframe')).toHaveCount(0);

    await rows.last().scrollIntoViewIfNeeded();
    const last = rows.last().frameLocator('iframe');
    await expect(last.locator('main, .card').first()).toBeAttached();
    await expect(rows.last().locator('iframe')).toHaveAttribute('sandbox', 'allow-same-origin');
    expect(asked.size).toBeGreaterThan(inView);
    expect(complaints).toEqual([]);
    expect(most).toBeLessThanOrEqual(2);
});
