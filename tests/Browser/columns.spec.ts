import type { Locator, Page } from '@playwright/test';
import { expect, test } from './fresh';
import { Studio } from './studio';

const settings = (page: Page): Locator => page.locator('[data-settings]');

/** The column that holds a block, chosen by the path of where it stands. */
async function columnOf(page: Page, block: Locator): Promise<void> {
    await block.click();
    await page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name: 'Column' }).click();
}

test('room inside a column changes nothing about its share of the band', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Shares');
    const band = studio.canvas.locator('.band-inner', { has: studio.canvas.locator('.column .gallery') });
    const columns = band.locator('> .column');
    await columnOf(page, studio.block('.gallery'));
    await settings(page).getByLabel('Share of the band', { exact: true }).fill('3');
    await columnOf(page, studio.block('.price'));
    await settings(page).getByLabel('Share of the band', { exact: true }).fill('2');
    await studio.saved();
    const share = async (): Promise<number> => {
        const [left, right] = [await columns.nth(0).boundingBox(), await columns.nth(1).boundingBox()];
        return (left?.width ?? 0) / (right?.width ?? 1);
    };
    await expect.poll(share).toBeCloseTo(1.5, 3);

    const whole = settings(page).getByRole('group', { name: /^The .*, how it looks$/ });
    await whole.getByRole('radio', { name: 'in pairs' }).click();
    await whole.getByLabel('Room inside on the left').fill('80');
    await studio.saved();
    const [own, inside] = [columns.nth(1), columns.nth(1).locator('.price').first()];
    await expect
        .poll(async () => ((await inside.boundingBox())?.x ?? 0) - ((await own.boundingBox())?.x ?? 0))
        .toBeCloseTo(80, 0);
    expect(await share()).toBeCloseTo(1.5, 3);

    await test.step('nor does it where a column has a part in per cent', async () => {
        await columnOf(page, studio.block('.gallery'));
        await settings(page).getByLabel('or of its width', { exact: true }).fill('60');
        await studio.saved();
        await expect
            .poll(
                async () =>
                    ((await columns.nth(0).boundingBox())?.width ?? 0) / ((await band.boundingBox())?.width ?? 1),
            )
            .toBeCloseTo(0.6, 2);
    });
});

test('columns side by side are put in order in words', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Numbers');
    const x = async (selector: string): Promise<number> => (await studio.block(selector).first().boundingBox())?.x ?? 0;
    await columnOf(page, studio.block('.price'));
    const order = settings(page).locator('[data-style="order"]');
    await expect(order.getByRole('status')).toHaveText('last');
    await expect(order.getByRole('button', { name: 'later' })).toBeDisabled();

    await order.getByRole('button', { name: 'earlier' }).click();
    await expect(order.getByRole('status')).toHaveText('first');
    await studio.saved();
    await expect.poll(async () => (await x('.price')) < (await x('.gallery'))).toBe(true);

    await columnOf(page, studio.block('.gallery'));
    await expect(order.getByRole('status')).toHaveText('last');
    await order.getByRole('button', { name: 'back to the order in which they are drawn' }).click();
    await expect(order.getByRole('status')).toHaveText('first');
    await expect.poll(async () => (await x('.gallery')) < (await x('.price'))).toBe(true);
});

test('a number says what it takes, and what is beyond is refused in words with what holds instead', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Limits');
    await columnOf(page, studio.block('.price'));
    const share = settings(page).getByLabel('Share of the band', { exact: true });
    await share.fill('120');
    await expect(settings(page).getByRole('status').filter({ hasText: 'It takes' })).toHaveText(
        'It takes 1 to 100, so it is 100.',
    );
    await share.blur();
    await studio.saved();
    await expect(share).toHaveValue('100');
});
