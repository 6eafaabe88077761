import { expect, test } from './fresh';
import { Studio } from './studio';

test('bring back the release before the last, after seeing what that would do', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const inks = await studio.id('category', 'Bottled inks');
    const pens = await studio.id('category', 'Pens');
    await studio.template('Inks', { show: [[{ field: 'category', comparison: 'isIn', values: [inks] }]] });
    await studio.template('Pens', { show: [[{ field: 'category', comparison: 'isIn', values: [pens] }]] });

    await page.goto('/studio/releases');
    const first = page.locator('[data-release="1"]');
    await expect(first).toContainText('“Inks” live for the first time');
    await first.getByRole('button', { name: 'Take back… release 1' }).click();
    await expect(first).toContainText('Now this would move 23 pages');
    await first.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.locator('[data-release="3"]')).toContainText('Release 1 taken back: “Inks” taken off');
    await page.goto('/studio/who?q=');
    await page.getByLabel('Template').selectOption({ label: 'Pens' });
    await expect(page.getByText('26 products')).toBeVisible();
    await page.getByLabel('Template').selectOption({ label: 'Inks' });
    await expect(page.getByText('0 products')).toBeVisible();
});

test('a release that waits is changed and called off', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Later');
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await studio.condition('Show on', 'category is in', 'Pencils');
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByRole('button', { name: 'At a time…' }).click();
    await page.getByLabel('At', { exact: true }).fill('2099-01-02T09:30');
    await page.getByRole('button', { name: 'Publish then' }).click();
    await expect(page.getByRole('heading', { name: /It waits until 2 January/ })).toBeVisible();
    await page.goto('/studio/releases');
    await page.getByRole('button', { name: 'Another time…' }).click();
    await page.getByLabel('At', { exact: true }).fill('2099-02-03T10:00');
    await page.getByRole('button', { name: 'Then instead' }).click();
    await expect(page.getByRole('heading', { name: /3 February/ })).toBeVisible();
    await page.getByRole('button', { name: 'Call it off' }).click();
    await expect(page.locator('[data-release="1"]')).toContainText('called off');
});

test('taking off, the hand order by mouse and by menu, and deleting', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const inks = await studio.id('category', 'Bottled inks');
    const rule = { show: [[{ field: 'category', comparison: 'isIn', values: [inks] }]] };
    await studio.template('First', rule);
    await studio.template('Second', rule);
    await page.goto('/studio/templates');
    const names = page.getByRole('region', { name: 'Product pages' }).locator('[data-template] a.font-name');
    const menu = async (name: string, item: string) => {
        await page.getByRole('button', { name: `Do… with ${name}` }).click();
        await page.getByRole('menuitem', { name: item }).click();
    };
    await menu('Second', 'Up in the list…');
    await expect(page.getByRole('region', { name: 'What this would do' })).toContainText('23 product pages move');
    await page.getByRole('button', { name: 'Do it' }).click();
    await expect(names).toHaveText(['Everything else', 'Second', 'First']);

    const grip = page
        .locator('[data-template]')
        .nth(2)
        .getByTitle(/Drag it/);
    const [from, to] = [await grip.boundingBox(), await page.locator('[data-template]').nth(1).boundingBox()];
    await page.mouse.move((from?.x ?? 0) + 4, (from?.y ?? 0) + 6);
    await page.mouse.down();
    await page.mouse.move((to?.x ?? 0) + 20, (to?.y ?? 0) + 4, { steps: 6 });
    await page.mouse.up();
    await expect(page.getByRole('region', { name: 'What this would do' })).toContainText('“First” before “Second”');
    await page.getByRole('button', { name: 'Do it' }).click();
    await expect(names).toHaveText(['Everything else', 'First', 'Second']);

    await menu('Second', 'Take it off…');
    await page.getByRole('button', { name: 'Do it' }).click();
    await expect(page.locator('[data-template]').nth(2)).toContainText('draft, not in the shop yet');
    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(page.locator('[data-template]').nth(2)).toContainText('live');
    await menu('Second', 'Take it off…');
    await page.getByRole('button', { name: 'Do it' }).click();
    await expect(page.locator('[data-template]').nth(2)).toContainText('draft, not in the shop yet');
    await menu('Second', 'Delete');
    await expect(names).toHaveText(['Everything else', 'First']);
});

test('draft and live are compared in words and side by side, and the draft is thrown away', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const id = await studio.template('Compared', { show: [[{ field: 'sale', comparison: 'isOn', values: [] }]] });
    await page.goto(`/studio/templates/${id}`);
    await studio.loaded();
    await studio.block('.price').click();
    await page.getByRole('region', { name: 'Settings of Price' }).getByLabel('Size', { exact: true }).fill('50');
    await studio.saved();
    await studio.block('.short-description').click();
    await page.keyboard.press('Delete');
    await studio.saved();
    await page.getByRole('button', { name: 'More…' }).click();
    await page.getByRole('menuitem', { name: 'Draft and live beside each other' }).click();
    await expect(page.getByText('2 things are different.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Price: now, size, from the house style to 50 px' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Short description taken out' })).toBeVisible();
    await expect(page.frameLocator('iframe[title="The draft"]').locator('.price-now')).toHaveCSS('font-size', '50px');
    await page.getByRole('button', { name: 'Throw the draft away' }).click();
    await expect(page.getByText('They are the same.')).toBeVisible();
    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(page.getByText('2 things are different.')).toBeVisible();
});
