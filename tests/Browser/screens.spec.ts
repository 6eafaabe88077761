import { expect, test } from './fresh';
import { expectAccessible } from './axe';
import { Studio } from './studio';

/** Each looks at several screens, by day and in the evening. */
test.describe.configure({ timeout: 180_000 });

const shopPages = {
    home: '/',
    'all products': '/all',
    category: '/c/bottled-inks',
    collection: '/collection/winter-letters',
    search: '/search?q=ink',
    'search without a hit': '/search?q=zeppelin',
    product: '/p/teal-tide-bottled-ink',
    'product with 30 variants': '/p/palette-fountain-pen',
    'product without a picture': '/p/archive-blue-bottled-ink',
    'product with a long title':
        '/p/fern-draft-bottled-ink-for-slow-winter-letters-mixed-in-small-batches-and-rested-for-a-year',
    'sold out product': '/p/night-mail-bottled-ink',
    'product in no category': '/p/gift-card',
    'empty cart': '/cart',
    checkout: '/checkout',
    nothing: '/p/nothing-here',
};

for (const [name, address] of Object.entries(shopPages)) {
    test(`shop, ${name}: accessible, and no sideways scrolling on a phone`, async ({ page }) => {
        const troubles: string[] = [];
        page.on(
            'console',
            (message) => message.type() === 'error' && !message.text().includes('404') && troubles.push(message.text()),
        );
        page.on('pageerror', (error) => troubles.push(error.message));
        await page.goto(address);
        await expectAccessible(page);
        await page.setViewportSize({ width: 390, height: 800 });
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
        expect(troubles).toEqual([]);
    });
}

test('shop: on a phone of 320 px the header takes 120 px at most, and nothing slides sideways', async ({ page }) => {
    await page.setViewportSize({ width: 320, height: 640 });
    for (const address of ['/', '/c/bottled-inks', '/p/palette-fountain-pen', '/search?q=ink', '/cart']) {
        await page.goto(address);
        const header = await page.locator('header.header').boundingBox();
        expect(header?.height ?? 999, address).toBeLessThanOrEqual(120);
        expect(await page.evaluate(() => document.documentElement.scrollWidth), address).toBeLessThanOrEqual(320);
        await expect(page.getByRole('link', { name: /Cart/ }).first()).toBeVisible();
        await expectAccessible(page);
    }
});

test('Studio: every screen is accessible', async ({ page }) => {
    const studio = new Studio(page);
    await page.goto('/studio/sign-in');
    await expectAccessible(page);
    await studio.signIn();
    await expectAccessible(page);
    await page.goto('/studio/templates');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'New template…' }).click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Not now' }).click();
    await page.goto('/studio/releases');
    await expectAccessible(page);
    await page.goto('/studio/house-style');
    await page.frameLocator('[data-specimen="cart"] iframe').locator('.cart').waitFor();
    await expectAccessible(page);
    await page.goto('/studio/who');
    await expectAccessible(page);
    await page.goto('/studio/why/product/teal-tide-bottled-ink');
    await expectAccessible(page);
});

test('Studio: the lists and forms of the catalogue are accessible', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    for (const address of [
        '',
        '/sheet',
        '/category',
        '/collection',
        '/brand',
        '/tag',
        '/option',
        '/option/3',
        '/brand/1',
        '/collection/11',
        '/money',
        '/history',
    ]) {
        await page.goto(`/studio/catalogue${address}`);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        await expectAccessible(page);
    }
});

test('Studio: facts, pictures, reviews, fitting and private links are accessible', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/facts?q=bottled+ink+for');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Define a fact…' }).click();
    await page.getByRole('button', { name: 'Do… with Care' }).click();
    await page.getByRole('menuitem', { name: 'Delete…' }).click();
    await expect(page.getByRole('region', { name: 'Deleting Care' })).toBeVisible();
    await page
        .getByRole('button', { name: /^Care of/ })
        .first()
        .click();
    await expect(page.getByRole('textbox', { name: 'Care', exact: true })).toBeVisible();
    await expectAccessible(page);
    await page.goto('/studio/pictures');
    await page.locator('[data-picture]').first().click();
    await expect(page.getByRole('region', { name: 'The chosen picture' })).toContainText('Put it on products…');
    await expectAccessible(page);
    await page.goto('/studio/search');
    await expect(page.getByRole('heading', { name: 'What customers looked for' })).toBeVisible();
    await expectAccessible(page);
    await page.goto('/studio/reviews');
    await page.getByRole('button', { name: 'In the shop' }).click();
    await expect(page.locator('[data-review]').first()).toBeVisible();
    await expectAccessible(page);
    await studio.template('For the eyes', { show: [[]] }, false);
    await page.goto('/studio/templates');
    await page.getByRole('link', { name: 'For the eyes' }).first().click();
    await studio.loaded();
    await page.getByRole('button', { name: 'More…' }).click();
    await page.getByRole('menuitem', { name: 'Private links…' }).click();
    await page.getByRole('button', { name: 'Make a link' }).click();
    await expect(page.getByLabel('The private link')).toHaveValue(/\/look\//);
    await expectAccessible(page);
});

test('Studio: the drawing table and where a template appears are accessible', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('For the eyes');
    await expectAccessible(page);
    await studio.block('.price').click();
    await expectAccessible(page);
    await page.getByRole('button', { name: /What can be done with Price/ }).click();
    await expect(page.getByRole('menuitem', { name: /Duplicate/ })).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await page.getByRole('button', { name: 'a condition…' }).first().click();
    await expect(page.getByLabel('Pens', { exact: true })).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'change…' }).click();
    await expect(page.getByRole('application', { name: /Season/ })).toBeVisible();
    await expectAccessible(page);
});

test('Studio: publishing, the commands and the ladder are accessible', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('For the eyes');
    await page.getByRole('button', { name: 'Publish…' }).click();
    await expect(page.getByText('would be shown on no page')).toBeVisible();
    await page.getByRole('button', { name: 'At a time…' }).click();
    await expectAccessible(page);
    await page.keyboard.press('Control+.');
    await expect(page.getByRole('dialog', { name: 'What to do' })).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'More…' }).click();
    await page.getByRole('menuitem', { name: /All shortcuts/ }).click();
    await expect(page.getByRole('dialog', { name: 'Shortcuts' })).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'More…' }).click();
    await page.getByRole('menuitem', { name: 'Why this template?' }).click();
    await expect(page.locator('[data-rung="wins"]')).toBeVisible();
    await expectAccessible(page);
});

test('Studio: publishing with before and after, the ladder asking, and draft beside live are accessible', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    const inks = await studio.id('category', 'Bottled inks');
    const id = await studio.template('Inks', { show: [[{ field: 'category', comparison: 'isIn', values: [inks] }]] });
    await page.goto('/studio/why/product/wherry-fountain-pen');
    await page.getByRole('button', { name: 'Pin this product to it…' }).first().click();
    await expect(page.getByRole('region', { name: 'What this would do' })).toBeVisible();
    await expectAccessible(page);
    await page.goto('/studio/templates');
    await page.getByRole('button', { name: 'Do… with Inks' }).click();
    await expect(page.getByRole('menuitem', { name: 'Take it off…' })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('menuitem', { name: 'Take it off…' }).click();
    await expect(page.getByRole('region', { name: 'What this would do' })).toBeVisible();
    await expectAccessible(page);
    await page.goto(`/studio/templates/${id}`);
    await studio.loaded();
    await studio.block('.price').click();
    await page.keyboard.press('Delete');
    await studio.saved();
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByRole('button', { name: 'Which 23?' }).click();
    await page.getByRole('button', { name: 'before and after' }).first().click();
    await expect(page.getByTitle('and then')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'What is different?' }).click();
    await expect(page.getByText('1 thing is different.')).toBeVisible();
    await expectAccessible(page);
    await page.goto('/p/teal-tide-bottled-ink');
    await page.getByText('Studio', { exact: true }).click();
    await expectAccessible(page);
});

test('Studio: the evening light is readable too', async ({ page }) => {
    await page.emulateMedia({ colorScheme: 'dark' });
    const studio = new Studio(page);
    await studio.signIn();
    await expectAccessible(page);
    await page.goto('/studio/house-style');
    await page.frameLocator('[data-specimen="cart"] iframe').locator('.cart').waitFor();
    await expectAccessible(page);
    await studio.newTemplate('By lamplight');
    await studio.block('.price').click();
    await expectAccessible(page);
    await studio.place('HTML');
    const code = page.getByRole('region', { name: 'Settings of HTML' }).getByRole('textbox', { name: 'HTML' });
    await code.click();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.insertText('<p class="a">1 <!-- b --></p><script>var c = "d"; // e</script>');
    await expect(page.locator('[data-taken-out]')).toContainText('<script>');
    await expectAccessible(page);
});
