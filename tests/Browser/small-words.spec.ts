import { expect, test } from './fresh';
import { Studio } from './studio';

/** What is small and read by everybody: words that say why, days as they are written here, prices as prices. */
test('a search among the settings without a hit says so and offers other words', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Sought');
    await studio.block('.price').click();
    await page.getByRole('button', { name: 'find a setting…' }).click();
    await page.getByLabel('Find a setting').fill('zebra');
    const said = page.locator('[data-settings]').getByRole('status');
    await expect(said).toHaveText(
        'Price has no setting called “zebra”. Try another word: size, room, ground, corner …',
    );
    await page.getByLabel('Find a setting').fill('weight');
    await expect(said).toHaveCount(0);
});

test('without a name nothing can be made, and it is said before anybody presses', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/templates');
    await page.getByRole('button', { name: 'New template…' }).click();
    const make = page.getByRole('button', { name: 'Make it' });
    await expect(make).toBeDisabled();
    await expect(make).toHaveAccessibleDescription(/Give it a name first/);
    await page.getByLabel('What is it called?').fill('  ');
    await expect(make).toBeDisabled();
    await page.getByLabel('What is it called?').fill('Named');
    await expect(make).toBeEnabled();
    await expect(make).not.toHaveAccessibleDescription(/name/);
});

test('the days of a calendar are read out with the day before the month', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Days');
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await page.getByRole('button', { name: 'change…' }).click();
    await page.getByLabel('From the beginning of').fill('2031-12-01');
    await page.getByLabel('From the beginning of').blur();
    await expect(page.getByRole('button', { name: /^Tuesday,? 2 December 2031/ })).toBeVisible();
    await expect(page.getByRole('button', { name: /December 2,/ })).toHaveCount(0);
});

test('the row below stays within itself, folded and open, beside what stands under it', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Rows');
    const row = page.locator('[data-area="row"]');
    for (const name of ['Fold', 'Unfold']) {
        const [button, area] = [
            await row.getByRole('button', { name: `${name} this row`, exact: true }).boundingBox(),
            await row.boundingBox(),
        ];
        expect((button?.y ?? 0) + (button?.height ?? 0), `${name} ends within the row`).toBeLessThanOrEqual(
            (area?.y ?? 0) + (area?.height ?? 0),
        );
        expect(button?.y ?? 0).toBeGreaterThanOrEqual(area?.y ?? 0);
        await row.getByRole('button', { name: `${name} this row`, exact: true }).click();
    }
});

test('a price stands with its minor units wherever it is changed, and a tie to a template is a sentence of its own', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    const id = await studio.id('product', 'Teal Tide bottled ink');
    const brand = await studio.id('brand', 'Ostrelve');
    for (const name of ['First', 'Second']) {
        await studio.template(name, { show: [[{ field: 'brand', comparison: 'isOneOf', values: [brand] }]] });
    }
    await page.goto(`/studio/products/${id}`);
    await expect(page.getByLabel(/^Price/).first()).toHaveValue(/^\d+\.\d\d$/);
    await page.goto(`/studio/catalogue/brand/${brand}`);
    await expect(page.locator('[data-uses]')).toContainText(
        'The template First names it. The template Second names it.',
    );
});

test('what is new gets its address name from its title, as the server has it, and one that was typed stays', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/catalogue/brand/new');
    const address = page.getByLabel('Address name');
    await page.getByLabel('Name', { exact: true }).fill('Łódź & Straße');
    await expect(address).toHaveValue('lodz-strasse');
    await page.getByLabel('Name', { exact: true }).fill('Ostrelve');
    await expect(address).toHaveValue('ostrelve-2');
    await address.fill('by-hand');
    await page.getByLabel('Name', { exact: true }).fill('Another');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.waitForURL(/\/brand\/\d+$/);
    await expect(address).toHaveValue('by-hand');

    await test.step('whoever saves at once has it too', async () => {
        await page.goto('/studio/catalogue/tag/new');
        await page.getByLabel('Name', { exact: true }).fill('Quick as ink');
        await page.getByRole('button', { name: 'Save', exact: true }).click();
        await page.waitForURL(/\/tag\/\d+$/);
        await expect(page.getByLabel('Address name')).toHaveValue('quick-as-ink');
    });
});

test('another like one there is follows its own title, and a name that could not be asked for is not taken away', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto(`/studio/products/${await studio.id('product', 'Almanac fountain pen')}`);
    await page.getByRole('button', { name: 'Make another one like it…' }).click();
    await page.waitForURL(/products\/new/);
    const address = page.getByLabel('Address name');
    await expect(address).toHaveValue('almanac-fountain-pen-another');
    const title = page.getByRole('region', { name: 'What it is' }).getByLabel('Title', { exact: true });
    await title.fill('Leap year pen');
    await expect(address).toHaveValue('leap-year-pen');
    await page.route('**/studio/address-name?**', (route) => route.abort());
    const refused = page.waitForEvent('requestfailed');
    await title.fill('Leap year pen, blue');
    await refused;
    await expect(address).toHaveValue('leap-year-pen');
});
