import type { Locator, Page } from '@playwright/test';
import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

/** What a hand meets on the drawing table: room for the settings, the outline, several blocks at once. */
const settings = (page: Page): Locator => page.locator('[data-settings]');
const row = (page: Page): Locator => page.locator('[data-area="row"]');
const outline = (page: Page): Locator => page.getByRole('tree');

async function asItComes(page: Page, start?: string): Promise<Studio> {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Hands', start);
    await studio.keepOutlineOpen(false);
    await page.reload();
    await studio.loaded();
    return studio;
}

test('while one styles, the settings have the room: 560 px and more at 1280 × 800, with the three questions in view', async ({
    page,
}) => {
    const studio = await asItComes(page);
    const height = (of: Locator): Promise<number> => of.evaluate((element) => element.clientHeight);
    await expect(row(page).getByRole('radio').first()).toBeVisible();
    await studio.block('.price').click();
    await expect(page.getByRole('tree')).toBeHidden();
    await expect(row(page).getByRole('radio')).toHaveCount(0);
    await expect.poll(() => height(settings(page))).toBeGreaterThanOrEqual(560);

    await test.step('each question leads to its place, from wherever one is', async () => {
        const questions = page.getByRole('group', { name: 'To the question' });
        for (const words of ['When it appears', 'What it shows', 'How it looks']) {
            await questions.getByRole('button', { name: words }).click();
            const heading = settings(page).getByRole('heading', { level: 3 }).filter({ hasText: words });
            await expect(heading).toBeInViewport();
            await expect(heading.locator('.question')).toBeFocused();
            await expect(questions).toBeInViewport();
        }
    });

    await test.step('the folded row says the sample, and leads to the next and back', async () => {
        const seen = row(page).getByText(/^Seen with /);
        const first = await seen.textContent();
        await row(page).getByRole('button', { name: 'next product' }).click();
        await expect(seen).not.toHaveText(first ?? '');
        await studio.loaded();
        await row(page).getByRole('button', { name: 'before this product' }).click();
        await expect(seen).toHaveText(first ?? '');
        await studio.loaded();
    });

    await test.step('asked for by its name it comes, and goes once one sets something', async () => {
        await row(page).getByRole('button', { name: 'Samples' }).click();
        await expect(row(page).getByRole('radio').first()).toBeVisible();
        await settings(page).getByRole('button', { name: 'What it shows' }).last().click();
        await expect(row(page).getByRole('radio')).toHaveCount(0);
    });

    await test.step('the shelf stays for whoever lays out and sets in turn', async () => {
        await row(page).getByRole('button', { name: 'Shelf' }).click();
        await settings(page).getByRole('button', { name: 'How it looks' }).click();
        await expect(page.locator('[data-shelf="Title"]')).toBeVisible();
        await expect.poll(() => height(settings(page))).toBeGreaterThanOrEqual(560);
        await row(page).getByRole('button', { name: 'Fold this row' }).click();
    });

    await test.step('with nothing selected it is back; what was chosen is remembered', async () => {
        await row(page).getByRole('button', { name: 'Unfold this row' }).click();
        await row(page).getByRole('button', { name: 'Samples' }).click();
        await page.reload();
        await studio.loaded();
        await studio.block('.price').click();
        await expect(row(page).getByRole('radio').first()).toBeVisible();
        await row(page).getByRole('button', { name: 'Fold this row' }).click();
        await expect(row(page).getByRole('radio')).toHaveCount(0);
        // Column, band, page, and nothing.
        for (let press = 0; press < 4; press++) await page.keyboard.press('Escape');
        await expect(row(page).getByRole('radio').first()).toBeVisible();
    });
});

test('what is set stands first, the rest folds under more', async ({ page }) => {
    const studio = await asItComes(page);
    await studio.block('.price').click();
    const now = settings(page).getByRole('group', { name: 'Now, how it looks' });
    const labels = (): Promise<string[]> => now.locator('[data-style] > label').allTextContents();
    expect((await labels())[0]).toBe('Size');
    await expect(now.getByLabel('Letter spacing')).toBeHidden();
    await now.getByRole('button', { name: /^more about now: \d+ settings/ }).click();
    await studio.pick(now, 'Letters', 'capitals');
    await studio.saved();
    expect((await labels())[0], 'A row stays where it stands while one works on it.').toBe('Size');
    await studio.block('.title').click();
    await studio.block('.price').click();
    await expect.poll(async () => (await labels())[0]).toBe('Letters');
    await expect(
        settings(page)
            .getByRole('group', { name: /, how it looks$/ })
            .first(),
    ).toHaveAccessibleName('Now, how it looks');
});

test('several blocks: chosen with Shift and Ctrl, set, moved, switched off and taken out together', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Several', 'Blank');
    for (const name of ['Heading', 'Text', 'Heading']) await studio.place(name);
    const headings = studio.block('.heading');
    await expect(headings).toHaveCount(2);

    await test.step('of one kind they are told apart by what they say', async () => {
        await headings.nth(1).dblclick();
        await page.keyboard.press('Control+A');
        await page.keyboard.type('Made by hand');
        await page.keyboard.press('Escape');
        await studio.saved();
        await expect(outline(page).getByRole('treeitem', { name: 'Heading: “Made by hand”' })).toBeVisible();
        await expect(outline(page).getByRole('treeitem', { name: /^Text/ })).toBeVisible();
    });

    const items = outline(page).getByRole('treeitem');
    const chosen = outline(page).locator('[aria-selected="true"]');
    await test.step('with Shift on the page, all between', async () => {
        await headings.nth(0).click();
        await headings.nth(1).click({ modifiers: ['Shift'] });
        await expect(chosen).toHaveCount(3);
        await expect(settings(page)).toContainText('3 blocks');
        await headings.nth(1).click({ modifiers: ['Control'] });
        await expect(chosen).toHaveCount(2);
    });

    await test.step('in the outline by keyboard: Shift on, Ctrl and space one more', async () => {
        await items.filter({ hasText: 'Heading: ' }).first().click();
        await page.keyboard.press('Shift+ArrowDown');
        await page.keyboard.press('Shift+ArrowDown');
        await expect(chosen).toHaveCount(3);
        await page.keyboard.press('Shift+ArrowUp');
        await expect(chosen).toHaveCount(2);
        await page.keyboard.press('Control+ArrowDown');
        await expect(chosen).toHaveCount(2);
        await page.keyboard.press('Control+Space');
        await expect(chosen).toHaveCount(3);
        await page.keyboard.press('Control+ArrowUp');
        await page.keyboard.press('Control+Space');
        await expect(chosen).toHaveText([/Heading: /, /Heading: /]);
    });

    await test.step('what they share is set on both, in one step; what differs is said', async () => {
        await expect(settings(page)).toContainText('Heading, 2 of them');
        await expect(settings(page).locator('[data-differs]').first()).toContainText('Made by hand');
        const itself = settings(page).getByRole('group', { name: 'The heading, how it looks' });
        const size = itself.getByLabel('Size', { exact: true });
        await size.fill('41');
        await size.press('Enter');
        await expect(headings.nth(0)).toHaveCSS('font-size', '41px');
        await expect(headings.nth(1)).toHaveCSS('font-size', '41px');
        await studio.saved();
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(headings.nth(0)).not.toHaveCSS('font-size', '41px');
        await expect(headings.nth(1)).not.toHaveCSS('font-size', '41px');
        await studio.saved();
    });

    await test.step('moved down as one', async () => {
        await headings.nth(0).click();
        await studio.block('.text').click({ modifiers: ['Control'] });
        await chosen.first().focus();
        await page.keyboard.press('Alt+ArrowDown');
        await expect(studio.block('.column [data-b]')).toHaveText([/Made by hand/, /A heading/, /words/]);
        await studio.saved();
    });

    await test.step('one dragged among several takes all along', async () => {
        await expect(chosen).toHaveCount(2);
        await items.filter({ hasText: 'Heading: section' }).hover();
        await page.mouse.down();
        const target = await items.filter({ hasText: 'Heading: “Made' }).boundingBox();
        if (!target) throw new Error('no row');
        await page.mouse.move(target.x + 60, target.y + 12, { steps: 5 });
        await page.mouse.move(target.x + 60, target.y + 3, { steps: 5 });
        await expect(outline(page).locator('[data-landing="above"]')).toHaveCount(1);
        await expect(page.getByText('2 blocks before Heading')).toBeVisible();
        await page.mouse.up();
        await studio.saved();
        await expect(studio.block('.column [data-b]')).toHaveText([/A heading/, /words/, /Made by hand/]);
    });

    await test.step('switched off and on, and taken out', async () => {
        await expect(chosen).toHaveCount(2);
        const menu = page.getByRole('button', { name: /^What can be done with/ });
        await menu.click();
        await page.getByRole('menuitem', { name: 'Switch off or on' }).click();
        await expect(outline(page).getByText('switched off')).toHaveCount(2);
        await studio.saved();
        await menu.click();
        await page.getByRole('menuitem', { name: 'Switch off or on' }).click();
        await expect(outline(page).getByText('switched off')).toHaveCount(0);
        await studio.saved();
        await page.keyboard.press('Delete');
        await expect(studio.block('.column [data-b]')).toHaveText([/Made by hand/]);
        await studio.saved();
    });
});

test('a press without Shift or Ctrl on one of several means it alone', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Several');
    await studio.block('.title').click();
    await studio.block('.price').click({ modifiers: ['Control'] });
    const chosen = outline(page).locator('[aria-selected="true"]');
    await expect(chosen).toHaveCount(2);
    await studio.block('.price').click();
    await expect(chosen).toHaveText([/Price/]);

    await test.step('a setting whose choices differ is not offered for both', async () => {
        await studio.place('Heading');
        await expect(settings(page).getByLabel('Heading level')).toBeVisible();
        await studio.block('.title').click({ modifiers: ['Control'] });
        await expect(chosen).toHaveCount(2);
        await expect(settings(page).getByLabel('Heading level')).toBeVisible();
        await expect(settings(page).getByRole('group', { name: 'The heading, how it looks' })).toBeVisible();
        await studio.place('Picture');
        await expect(settings(page).getByLabel('Shape', { exact: true })).toBeVisible();
        await studio.block('.gallery').click({ modifiers: ['Control'], position: { x: 40, y: 40 } });
        await expect(chosen).toHaveCount(2);
        await expect(settings(page).getByLabel('Shape', { exact: true })).toBeHidden();
    });
});

test('what is not there at this width, in a season or by a condition is said in the outline', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Seldom');
    await studio.block('.price').click();
    const line = outline(page).getByRole('treeitem', { name: /^Price/ });
    await page.getByRole('group', { name: 'On these widths' }).getByLabel('desktop').uncheck();
    await studio.saved();
    await expect(line).toContainText('not on the desktop');
    await page.getByRole('group', { name: 'On these widths' }).getByLabel('desktop').check();
    await studio.saved();
    await expect(line).not.toContainText('desktop');
    const from = page.getByRole('group', { name: 'On the days' }).getByRole('button').first();
    await expect(from).toBeVisible();
    await settings(page).getByRole('button', { name: 'only where…' }).click();
    const picker = page.getByRole('dialog', { name: 'Condition' });
    await picker.getByRole('combobox').selectOption({ label: 'is on sale' });
    await picker.getByRole('button', { name: 'Done' }).click();
    await studio.saved();
    await expect(line).toContainText('only where is on sale');
});

test('a click on the shelf fills what is empty: a tab, and a band’s first empty column; with a band, a band follows', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Filling', 'Blank');
    await studio.place('Tabs');
    await page.getByRole('button', { name: /^What can be done with/ }).click();
    await page.getByRole('menuitem', { name: 'Add a tab' }).click();
    await expect(page.getByRole('group', { name: 'A click puts the block' }).getByText('inside')).toHaveAttribute(
        'aria-pressed',
        'true',
    );
    await studio.place('Text');
    await expect(studio.canvas.locator('.tabs .tab').last().locator('.text')).toHaveCount(1);

    await outline(page).getByRole('treeitem', { name: /^Band/ }).first().click();
    await studio.place('Band, 1 : 1');
    const bands = studio.block('.band');
    await expect(bands).toHaveCount(2);
    await expect(bands.nth(1).locator('.column')).toHaveCount(2);
    await studio.place('Heading');
    await expect(bands.nth(1).locator('.column').nth(0).locator('.heading')).toHaveCount(1);
    await outline(page).getByRole('treeitem', { name: /^Band/ }).last().click();
    await studio.place('Quote');
    await expect(bands.nth(1).locator('.column').nth(1).locator('.quote')).toHaveCount(1);
});

test('the menus lie whole in the window, by what things are for; the caption keeps its size', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Menus');
    const inWindow = async (menu: Locator): Promise<void> => {
        const box = await menu.boundingBox();
        expect(box && box.y >= 0 && box.y + box.height <= 800 && box.x >= 0 && box.x + box.width <= 1280).toBe(true);
        expect(await menu.evaluate((element) => element.scrollHeight - element.clientHeight)).toBeLessThanOrEqual(1);
    };
    for (const block of ['.breadcrumbs', '.buy', '.gallery']) {
        await studio.block(block).click({ position: { x: 5, y: 5 } });
        await page.getByRole('button', { name: /^What can be done with/ }).click();
        const menu = page.getByRole('menu');
        await expect(menu.getByRole('group', { name: 'Place' })).toBeVisible();
        await inWindow(menu);
        await page.keyboard.press('Escape');
    }
    await page.getByRole('button', { name: 'More…' }).click();
    await expect(page.getByRole('menu').getByRole('group')).toHaveCount(4);
    expect(await page.getByRole('menuitem').count()).toBeLessThanOrEqual(12);
    await inWindow(page.getByRole('menu'));
    await page.keyboard.press('Escape');

    await studio.block('.price').click();
    const caption = page.locator('[data-chip]');
    const height = async (): Promise<number> => (await caption.boundingBox())?.height ?? 0;
    await expect.poll(height).toBeGreaterThan(0);
    const before = await height();
    await page.getByRole('button', { name: 'desktop 1280' }).click();
    await expect(page.getByText(/drawn at \d+ %/)).toBeVisible();
    await expect.poll(height).toBeCloseTo(before, 0);
});

test('rows of the outline are switched off and on where they stand', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Off and on');
    await studio.block('.title').click();
    const row = page.getByRole('treeitem', { name: /^Price/ });
    await row.hover();
    await row.getByRole('button', { name: 'Switch off: Price' }).click();
    await studio.saved();
    await expect(studio.block('.price')).toHaveCount(0);
    await expect(row).toHaveAccessibleName('Price switched off');
    await expect(page.getByRole('treeitem', { name: /^Title/ })).toHaveAttribute('aria-selected', 'true');
    await row.getByRole('button', { name: 'Switch on: Price' }).click();
    await expect(studio.block('.price')).toBeVisible();
    await expectAccessible(page);
});
