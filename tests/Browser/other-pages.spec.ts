import { expect, test } from './fresh';
import { Studio } from './studio';

test('a whole page is copied into one of another kind; what says nothing there is named and left out', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('From product pages');
    await page.getByRole('button', { name: 'More…' }).click();
    await page.getByRole('menuitem', { name: 'Copy the whole page' }).click();
    await expect(page.getByText('The whole page copied.')).toBeVisible();

    await studio.newTemplate('To category pages', 'Blank', 'category pages');
    await page.getByRole('button', { name: 'More…' }).click();
    await page.getByRole('menuitem', { name: 'Paste what was copied' }).click();
    const said = page.getByText(/pasted\. Left out, as it says nothing on a category page: /);
    await expect(said).toContainText('Price');
    await expect(said).not.toContainText('Gallery');
    await expect(said).not.toContainText('Breadcrumbs');
    await studio.saved();
    await expect(studio.block('.breadcrumbs')).toBeVisible();
    await expect(studio.canvas.locator('.gallery, .price')).toHaveCount(0);
    await expect(page.getByText('this category has no pictures of its own: choose them here')).toBeVisible();

    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(studio.block('.breadcrumbs')).toHaveCount(0);
});

test('blocks of which nothing fits are not pasted, and why', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('One block of it');
    await studio.block('.price').click();
    await page.keyboard.press('Control+c');
    await expect(page.getByText('Price copied.')).toBeVisible();
    await studio.newTemplate('Nowhere for it', 'Blank', 'category pages');
    await page.getByRole('button', { name: 'More…' }).click();
    await page.getByRole('menuitem', { name: 'Paste what was copied' }).click();
    await expect(
        page.getByText('Nothing was pasted. Left out, as it says nothing on a category page: Price.'),
    ).toBeVisible();
});
