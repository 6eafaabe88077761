import type { Locator, Page } from '@playwright/test';
import { hex } from 'wcag-contrast';
import { expect, test } from './fresh';
import { Studio } from './studio';

const settings = (page: Page): Locator => page.locator('[data-settings]');
const path = (page: Page, name: string): Locator =>
    page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name });

test('over a picture contrast is not computed and says so; over a tint that hides the picture it is, as WCAG 2.2 has it', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Read over a picture', 'Long launch page');
    const title = studio.block('.band-pictured .title').first();
    await title.click();
    const colour = settings(page)
        .getByRole('group', { name: /^The .*, how it looks$/ })
        .getByRole('button', { name: 'Colour', exact: true });
    await expect(colour).toContainText('over a picture');
    await expect(colour).not.toContainText('contrast');

    await test.step('for every colour that is offered too', async () => {
        await colour.click();
        const offered = page.getByRole('group', { name: 'Colours of the house style' }).getByRole('button');
        await expect(offered.filter({ hasText: 'ink' })).toBeVisible();
        await expect(page.getByText('Over a picture: how well words are read there is not computed.')).toBeVisible();
        await expect(offered.filter({ hasText: /\d\.\d/ })).toHaveCount(0);
        await page.keyboard.press('Escape');
    });

    await test.step('a tint that nothing shines through is a ground like any other', async () => {
        await path(page, 'Band').click();
        await studio.colour(settings(page), 'Tint over the picture', 'surface');
        await settings(page).getByLabel('Strength', { exact: true }).fill('100');
        await settings(page).getByLabel('Strength', { exact: true }).blur();
        await studio.saved();
        await title.click();
        const [words, ground] = await Promise.all([
            title.evaluate((element) => getComputedStyle(element).color),
            studio.canvas
                .locator('.band-tint')
                .first()
                .evaluate((element) => getComputedStyle(element).backgroundColor),
        ]);
        const asHex = (rgb: string): string =>
            `#${[...rgb.matchAll(/\d+/g)].map(([one]) => Number(one).toString(16).padStart(2, '0')).join('')}`;
        await expect(colour).toContainText(new RegExp(`\\b${hex(asHex(words), asHex(ground)).toFixed(1)}\\s*contrast`));
    });

    await test.step('half of it lets the picture through again', async () => {
        await path(page, 'Band').click();
        await settings(page).getByLabel('Strength', { exact: true }).fill('50');
        await settings(page).getByLabel('Strength', { exact: true }).blur();
        await studio.saved();
        await title.click();
        await expect(colour).toContainText('over a picture');
    });
});
