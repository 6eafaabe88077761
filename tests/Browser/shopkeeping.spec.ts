import { expect, test } from './fresh';
import type { Page } from '@playwright/test';
import { expectAccessible } from './axe';
import { Studio } from './studio';

/** A picture as somebody has it on their computer. */
async function drawn(page: Page, colour: string): Promise<Buffer> {
    const base64 = await page.evaluate((fill) => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [640, 480];
        const context = canvas.getContext('2d');
        if (!context) throw new Error('No canvas');
        context.fillStyle = fill;
        context.fillRect(0, 0, 640, 480);
        return canvas.toDataURL('image/png').split(',')[1] ?? '';
    }, colour);
    return Buffer.from(base64, 'base64');
}

test('a new picture is taken in, described, put on a product and first in its gallery; what is no picture is refused by name', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/pictures');
    const chooser = page.locator('input[type=file][multiple]').first();
    await chooser.setInputFiles([
        { name: 'letter.png', mimeType: 'image/png', buffer: Buffer.from('a letter, not a picture') },
        { name: 'Harbour evening.png', mimeType: 'image/png', buffer: await drawn(page, '#0f6f74') },
    ]);
    await expect(page.getByRole('alert')).toContainText('letter.png');
    const sheet = page.getByRole('region', { name: 'The chosen picture' });
    await expect(sheet).toContainText('640 × 480');
    await sheet.getByLabel('Said to those who cannot see it').fill('The harbour in the evening');
    await sheet.getByRole('button', { name: 'Column 1, row 2' }).click();
    await expect(sheet.getByRole('button', { name: 'Column 1, row 2' })).toHaveAttribute('aria-pressed', 'true');
    await sheet.getByRole('button', { name: 'Put it on products…' }).click();
    await sheet.getByPlaceholder('Find…').fill('gift card');
    await sheet.getByLabel('Gift card').check();
    await expect(page.getByText('It is on the product now.')).toBeVisible();

    await page.goto('/studio/facts?q=gift+card');
    await page.getByRole('rowheader').getByRole('link', { name: 'Gift card' }).click();
    const pictures = page.getByRole('region', { name: 'Pictures' }).getByRole('listitem');
    await expect(pictures.last()).toContainText('The harbour in the evening');
    const count = await pictures.count();
    await expect(pictures.nth(count - 1)).toContainText('The harbour in the evening');
    for (let at = count; at > 1; at--) {
        await page.getByRole('button', { name: `Picture ${at} earlier` }).click();
        await expect(pictures.nth(at - 2)).toContainText('The harbour in the evening');
    }
    await page.goto('/p/gift-card');
    await expect(page.locator('.gallery img').first()).toHaveAttribute('alt', 'The harbour in the evening');
    const loaded = await page
        .locator('.gallery img')
        .first()
        .evaluate((image: HTMLImageElement) => image.decode().then(() => image.naturalWidth));
    expect(loaded).toBeGreaterThan(0);
});

test('facts of a product are filled on its own page: a file, a link that is refused first, products, and taken back', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/facts?q=gift+card');
    await page.getByRole('rowheader').getByRole('link', { name: 'Gift card' }).click();
    await expectAccessible(page);
    const fact = (name: string) => page.locator(`[data-fact="${name}"]`);
    await fact('More about it').getByRole('textbox').fill('javascript:alert(1)');
    await page.keyboard.press('Tab');
    await expect(fact('More about it')).toContainText('takes a page of the shop, as /c/inks');
    await fact('More about it').getByRole('textbox').fill('/c/inks');
    await page.keyboard.press('Tab');
    await expect(page.getByText('More about it is filled in.')).toBeVisible();

    await fact('Leaflet').getByRole('button', { name: 'Choose a file…' }).click();
    await fact('Leaflet')
        .locator('input[type=file]')
        .setInputFiles({
            name: 'Terms.pdf',
            mimeType: 'application/pdf',
            buffer: Buffer.from('%PDF-1.4\n1 0 obj\n<< >>\nendobj\ntrailer << >>\n%%EOF\n'),
        });
    await expect(page.getByText('Leaflet is filled in.')).toBeVisible();
    await expect(fact('Leaflet').getByRole('link', { name: 'Terms.pdf' })).toBeVisible();
    const save = page.waitForEvent('download');
    await fact('Leaflet').getByRole('link', { name: 'Terms.pdf' }).click();
    expect((await save).suggestedFilename()).toBe('Terms.pdf');

    await fact('Also try').getByRole('button', { name: 'Pick products…' }).click();
    await fact('Also try').getByPlaceholder('Find…').fill('wherry fountain');
    await fact('Also try').getByLabel('Wherry fountain pen').check();
    await expect(page.getByText('Also try is filled in.')).toBeVisible();
    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(page.getByText('Also try is as it was.')).toBeVisible();
    await page.reload();
    await expect(fact('More about it').getByRole('textbox')).toHaveValue('/c/inks');
    await expect(fact('Also try').getByRole('listitem')).toHaveCount(0);
    await expect(fact('Leaflet')).toContainText('Terms.pdf');

    await page.goto('/studio/pictures');
    const file = page.locator('[data-file="Terms.pdf"]');
    await file.getByRole('button', { name: /where is it used/ }).click();
    await expect(file).toContainText('Used by Leaflet of Gift card');
    await file.getByRole('button', { name: /delete/ }).click();
    await expect(
        page.getByText('It is used by Leaflet of Gift card. Take it out there first; nothing was deleted.'),
    ).toBeVisible();
});

test('a customer’s review is read first, stands in the shop then, and is taken out again', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('With reviews', 'Long launch page');
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await studio.condition('Show on', 'category is in', 'Bottled inks');
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByText('“With reviews” is live')).toBeVisible();

    await page.goto('/p/teal-tide-bottled-ink');
    await page.getByText('Write a review').click();
    await page.getByLabel('Your name').fill('Odile');
    await page.getByRole('radio', { name: '4' }).check();
    await page.getByLabel('Your words').fill('Dries a little slowly, <b>reads well</b>.');
    await page.getByRole('button', { name: 'Send it' }).click();
    await expect(page.locator('.reviews [role=status]')).toBeVisible();
    await expect(page.locator('.reviews li')).not.toContainText(['Odile']);

    await page.goto('/studio/reviews');
    const review = page.locator('[data-review]').filter({ hasText: 'Odile' });
    await expect(review).toContainText('Dries a little slowly, <b>reads well</b>.');
    await review.getByRole('button', { name: 'Show it in the shop' }).click();
    await expect(page.getByText('It stands in the shop now.')).toBeVisible();
    await page.goto('/p/teal-tide-bottled-ink');
    await expect(page.locator('.reviews li').filter({ hasText: 'Odile' })).toContainText('<b>reads well</b>');

    await page.goto('/studio/reviews');
    await page.getByRole('button', { name: 'In the shop' }).click();
    await page
        .locator('[data-review]')
        .filter({ hasText: 'Odile' })
        .getByRole('button', { name: 'Take it out' })
        .click();
    await expect(page.getByText('It is kept here and not shown.')).toBeVisible();
    await page.goto('/p/teal-tide-bottled-ink');
    await expect(page.locator('.reviews')).not.toContainText('Odile');
});

test('somebody without an account sees the draft by a private link, on any product, until it is withdrawn', async ({
    page,
    browser,
    baseURL,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Shown to a friend');
    await studio.block('.title').click();
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();
    await page.getByPlaceholder('Find a block…').fill('quote');
    await page.locator('[data-shelf="Quote"]').click();
    await studio.saved();
    await page.getByRole('button', { name: 'More…' }).click();
    await page.getByRole('menuitem', { name: 'Private links…' }).click();
    await page.getByRole('button', { name: 'Make a link' }).click();
    const address = await page.getByLabel('The private link').inputValue();

    const friend = await (await browser.newContext()).newPage();
    await friend.goto(address);
    await friend.goto(`${baseURL}/p/wherry-fountain-pen`);
    await expect(friend.locator('.quote')).toBeVisible();
    await expect(friend.locator('meta[name=robots]')).toHaveAttribute('content', /noindex/);
    const stranger = await (await browser.newContext()).newPage();
    await stranger.goto(`${baseURL}/p/wherry-fountain-pen`);
    await expect(stranger.locator('.quote')).toBeHidden();

    await page.getByRole('button', { name: 'Withdraw it' }).click();
    await expect(page.getByText('The link shows nothing any more.')).toBeVisible();
    await friend.reload();
    await expect(friend.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(friend.locator('.quote')).toBeHidden();
    await friend.context().close();
    await stranger.context().close();
});

test('what nobody replaced is marked in the outline and listed before publishing', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Half written');
    await studio.block('.price').click();
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();
    await page.getByPlaceholder('Find a block…').fill('heading');
    await page.locator('[data-shelf="Heading"]').click();
    await expect(page.getByRole('treeitem', { name: 'Heading words it came with' })).toBeVisible();
    await studio.saved();
    await page.getByRole('button', { name: 'Publish…' }).click();
    const list = page.getByRole('region', { name: 'Words that nobody replaced' });
    await list.getByRole('button', { name: 'Heading' }).click();
    await studio.block('.heading').dblclick();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.type('Made by hand');
    await page.keyboard.press('Enter');
    await studio.saved();
    await expect(page.getByRole('treeitem', { name: 'Heading words it came with' })).toBeHidden();
    await page.getByRole('button', { name: 'Publish…' }).click();
    await expect(page.getByText('would be shown on no page')).toBeVisible();
    await expect(list).toBeHidden();
});

test('an empty page begins with a start, taken back as one; the template is renamed and noted, and seen in the list', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Anew', 'Blank');
    await page.getByRole('button', { name: 'Facts first' }).click();
    await expect(studio.block('.facts-table')).toBeVisible();
    await studio.saved();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(studio.block('.facts-table')).toBeHidden();
    await page.getByRole('button', { name: 'Long launch page' }).click();
    await expect(studio.block('.quote')).toBeVisible();
    await studio.saved();
    await expect(page.getByRole('button', { name: 'Facts first' })).toBeHidden();

    await page.goto('/studio/templates');
    await page.getByRole('button', { name: 'Do… with Anew' }).click();
    await page.getByRole('menuitem', { name: 'Rename' }).click();
    await page.getByLabel('New name').fill('The spring page');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Do… with The spring page' }).click();
    await page.getByRole('menuitem', { name: 'Write a note' }).click();
    await page.getByLabel('Note about The spring page').fill('Asked for by Ada');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Asked for by Ada')).toBeVisible();
    await page.reload();
    await page.getByPlaceholder('Find by name').fill('by ada');
    await expect(page.getByRole('link', { name: 'The spring page' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Everything else' })).toBeHidden();
    await expect(page.frameLocator('iframe[title="The spring page as it looks"]').locator('.quote')).toBeAttached();
});

test('pictures are enlarged by mouse and keyboard, gone through, and closed again', async ({ page }) => {
    await page.goto('/p/wherry-fountain-pen');
    await page.getByRole('button', { name: 'Enlarge' }).click();
    const dialog = page.getByRole('dialog', { name: 'Pictures of Wherry fountain pen' });
    const first = await dialog.getByRole('img').getAttribute('alt');
    await expectAccessible(page);
    await page.keyboard.press('ArrowRight');
    await expect(dialog.getByRole('img')).not.toHaveAttribute('alt', first ?? '');
    await dialog.getByRole('button', { name: 'Previous' }).click();
    await expect(dialog.getByRole('img')).toHaveAttribute('alt', first ?? '');
    await expect(dialog.getByRole('img')).toHaveAttribute('src', /-1600\.webp$/);
    await page.keyboard.press('Escape');
    await expect(dialog).toBeHidden();
    await page.getByRole('group', { name: 'Pictures of Wherry fountain pen' }).focus();
    await page.keyboard.press('Enter');
    await expect(dialog).toBeVisible();
    await dialog.getByRole('button', { name: 'Close' }).click();
    await page.locator('.picker-swatches').nth(2).click();
    await expect(page.getByRole('button', { name: 'Enlarge' })).toBeVisible();
    await page.locator('.gallery-stage img').first().click();
    await expect(dialog).toBeVisible();
});
