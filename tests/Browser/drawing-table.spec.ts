import { expect, test } from './fresh';
import { Studio } from './studio';

test.beforeEach(async ({ page }) => {
    await new Studio(page).signIn();
});

test('words are typed where they stand, and survive a reload', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Words');
    await studio.fromShelf('Heading', studio.block('.price'), { x: 0.4, y: 0.1 });
    await studio.block('.heading').dblclick();
    await page.keyboard.press('ControlOrMeta+A');
    await page.keyboard.type('Why we like it <b>');
    await page.keyboard.press('Enter');
    await studio.saved();
    await page.reload();
    await studio.loaded();
    await expect(studio.block('.heading')).toHaveText('Why we like it <b>');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(studio.block('.heading')).toHaveText('A heading');
});

test('a style for the phone leaves the desktop alone', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Phone');
    await page.getByRole('button', { name: 'phone 390' }).click();
    await studio.block('.title').click();
    const settings = page.getByRole('region', { name: 'Settings of Title' });
    await expect(settings.getByText('on the phone')).toBeVisible();
    await settings.getByLabel('Size', { exact: true }).fill('22');
    await expect(studio.block('.title')).toHaveCSS('font-size', '22px');
    await page.getByRole('button', { name: 'desktop 1280' }).click();
    await expect(studio.block('.title')).toHaveCSS('font-size', '34px');
    await page.getByRole('button', { name: 'phone 390' }).click();
    await settings.getByRole('button', { name: 'back to the house style: Size' }).click();
    await expect(studio.block('.title')).not.toHaveCSS('font-size', '22px');
});

test('blocks are moved, duplicated and taken out by keyboard', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Keys');
    const outline = page.getByRole('tree', { name: 'Outline of the page' });
    const names = (): Promise<string[]> => outline.getByRole('treeitem').locator('span:first-child').allTextContents();
    await outline.getByRole('treeitem', { name: 'Price' }).click();
    await page.keyboard.press('Alt+ArrowUp');
    await expect.poll(names).toEqual(expect.arrayContaining(['Price', 'Title']));
    await expect.poll(async () => (await names()).indexOf('Price') < (await names()).indexOf('Title')).toBe(true);
    await page.keyboard.press('Control+d');
    await expect(studio.block('.price')).toHaveCount(2);
    await page.keyboard.press('Delete');
    await expect(studio.block('.price')).toHaveCount(1);
    await page.keyboard.press('Control+z');
    await expect(studio.block('.price')).toHaveCount(2);
    await page.keyboard.press('Control+Shift+z');
    await expect(studio.block('.price')).toHaveCount(1);
    await outline.getByRole('treeitem', { name: 'Gallery' }).click();
    await page.keyboard.press('ArrowDown');
    await expect(outline.getByRole('treeitem', { selected: true })).toHaveText(/Column/);
});

test('a block without anything to show says why, and the shop leaves it out', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Empty');
    await studio.seeWith('Heather bottled ink');
    await studio.fromShelf('Rating', studio.block('.title'), { x: 0.4, y: 0.95 });
    await expect(
        page.getByRole('button', { name: 'Rating: nothing to show: this product has no reviews' }),
    ).toBeVisible();
    await studio.seeWith('Teal Tide bottled ink');
    await expect(studio.block('.title + .rating')).toBeVisible();
});

test('the shelf opens where the next block is to go', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('In place');
    const price = await studio.block('.price').boundingBox();
    if (!price) throw new Error('No price');
    await page.mouse.move(price.x + 100, price.y + 30);
    await page.mouse.move(price.x + 100, price.y - 9, { steps: 4 });
    await page.getByRole('button', { name: '+ put a block here' }).click();
    const shelf = page.getByRole('dialog', { name: 'Put a block here' });
    await shelf.getByPlaceholder('Find a block…').fill('star');
    await shelf.getByRole('button', { name: 'Rating' }).click();
    await expect(page.getByRole('treeitem', { name: 'Rating' })).toBeVisible();
    await expect(studio.block('.title + *')).toHaveAttribute('data-b', /.+/);
});

test('holders and tabs take blocks, and a band of two columns comes from the shelf', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Arranged', 'Blank');
    await studio.fromShelf('Holder', studio.block('.column').first(), { x: 0.5, y: 0.5 });
    await studio.fromShelf('Title', studio.block('.holder'), { x: 0.5, y: 0.5 });
    await expect(studio.block('.holder .title')).toBeVisible();
    await studio.fromShelf('Tabs', studio.block('.holder'), { x: 0.5, y: 0.98 });
    await expect(studio.block('.column .tabs')).toBeVisible();
    await expect(studio.block('.holder .tabs')).toHaveCount(0);
    await studio.fromShelf('Band, 3 : 2', studio.block('.tabs'), { x: 0.5, y: 0.9 });
    await expect(studio.block('.band')).toHaveCount(2);
    await expect(studio.block('.band').nth(1).locator('.column')).toHaveCount(2);
});

test('an edit whose connection was lost is sent again, and the indicator says so', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Offline');
    await page.route('**/edits', (route) => route.abort());
    await studio.block('.price').click();
    await page.getByRole('region', { name: 'Settings of Price' }).getByLabel('Size', { exact: true }).fill('44');
    await expect(page.getByText('No connection; kept here, trying again…')).toBeVisible();
    await page.unroute('**/edits');
    await studio.saved();
    await expect(studio.block('.price-now')).toHaveCSS('font-size', '44px');
});

test('a block that somebody else took out: said, and the page shows how it stands', async ({ page, context }) => {
    const studio = new Studio(page);
    await page.route('**/news*', (route) => route.abort());
    await studio.newTemplate('Two windows');
    const other = await context.newPage();
    await other.goto(page.url());
    const second = new Studio(other);
    await second.loaded();
    await second.block('.price').click();
    await other.keyboard.press('Delete');
    await second.saved();
    await expect(second.block('.price')).toHaveCount(0);
    await studio.block('.price').click();
    await page.getByRole('region', { name: 'Settings of Price' }).getByLabel('Size', { exact: true }).fill('44');
    await expect(page.getByText('The block is not there any more')).toBeVisible();
    await expect(studio.block('.price')).toHaveCount(0);
});
