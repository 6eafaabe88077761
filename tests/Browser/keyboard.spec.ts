import { expectLandmarks } from './axe';
import type { Page } from '@playwright/test';
import { expect, test } from './fresh';
import { Studio } from './studio';

/** Tabs until something with these words has the focus. */
async function tabTo(page: Page, words: RegExp, most = 80): Promise<void> {
    for (let presses = 0; presses < most; presses++) {
        await page.keyboard.press('Tab');
        const focused = await page.evaluate(() => {
            const element = document.activeElement as HTMLInputElement | null;
            // While a page is coming nothing on it has the focus: its body holds all words there are.
            if (element === document.body) return '';
            const label = element?.labels?.[0]?.textContent ?? element?.closest('label')?.textContent;
            return [
                element?.getAttribute('aria-label'),
                label,
                element?.getAttribute('placeholder'),
                element?.textContent,
            ]
                .filter(Boolean)
                .join(' ');
        });
        if (words.test(focused)) return;
    }
    throw new Error(`Nothing that says ${words} takes the focus`);
}

/** F6 until the focus is in an area. */
async function area(page: Page, name: string): Promise<void> {
    for (let presses = 0; presses < 5; presses++) {
        if (
            await page.evaluate(
                (wanted) => document.activeElement?.closest<HTMLElement>('[data-area]')?.dataset.area === wanted,
                name,
            )
        )
            return;
        await page.keyboard.press('F6');
    }
    throw new Error(`F6 does not lead to ${name}`);
}

async function doing(page: Page, words: string): Promise<void> {
    await page.keyboard.press('Control+.');
    await expect(page.getByRole('combobox', { name: 'Find something to do' })).toBeFocused();
    await page.keyboard.type(words);
    await page.keyboard.press('Enter');
}

async function choose(page: Page, condition: string, value: string): Promise<void> {
    const picker = page.getByRole('dialog', { name: 'Condition' });
    await expect(picker).toBeVisible();
    await expect(picker.getByLabel('Find a condition')).toBeFocused();
    await page.keyboard.type(condition);
    await tabTo(page, /Find a/);
    await page.keyboard.type(value);
    await expect(picker.getByLabel(value, { exact: true })).toBeVisible();
    await tabTo(page, new RegExp(`^\\s*${value}`));
    await page.keyboard.press('Space');
    await tabTo(page, /Done/);
    await page.keyboard.press('Enter');
    await expect(picker).toBeHidden();
}

test('the first task by keyboard alone: sign in, make, lay out, style, say where, publish, see', async ({ page }) => {
    const studio = new Studio(page);
    await page.goto('/studio');
    await tabTo(page, /E-mail/);
    await page.keyboard.type('owner@larkfold.example');
    await tabTo(page, /Password/);
    await page.keyboard.type('paper-and-ink');
    await page.keyboard.press('Enter');
    await page.waitForURL(/today$/);
    await tabTo(page, /^Templates$/);
    await page.keyboard.press('Enter');
    await page.waitForURL(/templates$/);

    await test.step('makes a template from a ready-made start', async () => {
        await tabTo(page, /New template/);
        await page.keyboard.press('Enter');
        await expect(page.getByLabel('What is it called?')).toBeFocused();
        await page.keyboard.type('Bottled inks');
        await page.keyboard.press('Enter');
        await page.waitForURL(/templates\/\d+$/);
        await studio.loaded();
    });

    await test.step('sees it with an ink without a picture, and with one on sale', async () => {
        await tabTo(page, /Any product/);
        await page.keyboard.type('archive blue');
        await expect(page.getByRole('radio')).toHaveCount(1);
        await tabTo(page, /Archive Blue/, 4);
        await page.keyboard.press('Enter');
        await expect(studio.block('.gallery-stand-in')).toBeVisible();
        await page.keyboard.press('Shift+Tab');
        await page.keyboard.press('Control+A');
        await page.keyboard.type('mulled plum bottled');
        await expect(page.getByRole('radio')).toHaveText([/Mulled Plum/]);
        await tabTo(page, /Mulled Plum/, 4);
        await page.keyboard.press('Enter');
        await expect(studio.block('.price-saving')).toHaveText('save 20 %');
        await studio.loaded();
    });

    await test.step('moves the gallery to the other column, and puts a rating under the title', async () => {
        await area(page, 'outline');
        const outline = page.getByRole('tree');
        for (
            let at = 0;
            at < 12 && (await outline.locator('[aria-selected="true"]', { hasText: 'Gallery' }).count()) === 0;
            at++
        )
            await page.keyboard.press('ArrowDown');
        await page.keyboard.press('Alt+ArrowRight');
        const columns = studio.block('.band').nth(1).locator('.column');
        await expect(columns.nth(1).locator('.gallery')).toBeVisible();
        await studio.saved();
        for (
            let at = 0;
            at < 12 && (await outline.locator('[aria-selected="true"]', { hasText: 'Title' }).count()) === 0;
            at++
        )
            await page.keyboard.press('ArrowUp');
        await doing(page, 'put in rating');
        await expect(studio.block('.title + .rating')).toBeVisible();
    });

    await test.step('changes the price’s size and colour, and takes one back', async () => {
        await area(page, 'outline');
        const outline = page.getByRole('tree');
        for (
            let at = 0;
            at < 12 && (await outline.locator('[aria-selected="true"]', { hasText: 'Price' }).count()) === 0;
            at++
        )
            await page.keyboard.press('ArrowDown');
        await area(page, 'settings');
        await tabTo(page, /^Size/);
        await page.keyboard.press('Control+A');
        await page.keyboard.type('40');
        await expect(studio.block('.price-now')).toHaveCSS('font-size', '40px');
        await tabTo(page, /^Colour/);
        await page.keyboard.press('Enter');
        await tabTo(page, /\bsale\b/);
        await page.keyboard.press('Enter');
        await page.keyboard.press('Escape');
        await expect(studio.block('.price-now')).toHaveCSS('color', 'rgb(163, 38, 42)');
        await studio.saved();
        await area(page, 'outline');
        await page.keyboard.press('Control+z');
        await expect(studio.block('.price-now')).toHaveCSS('color', 'rgb(31, 42, 48)');
        await expect(studio.block('.price-now')).toHaveCSS('font-size', '40px');
        await studio.saved();
    });

    await test.step('says where it appears', async () => {
        await doing(page, 'where it appears');
        await expect(page.getByRole('heading', { name: 'Where “Bottled inks” appears' })).toBeVisible();
        await tabTo(page, /^a condition…$/);
        await page.keyboard.press('Enter');
        await choose(page, 'category is in', 'Bottled inks');
        await expect(page.locator('[data-counts]')).toContainText('Covers 23 products');
        await page.getByRole('region', { name: 'Keep off' }).getByRole('button', { name: 'a condition…' }).focus();
        await page.keyboard.press('Enter');
        await choose(page, 'brand is one of', 'Hallorme');
        await expect(page.locator('[data-counts]')).toHaveText('Covers 17 products, would be shown on 17');
    });

    await test.step('publishes and sees the ink in the shop', async () => {
        await doing(page, 'publish');
        await expect(page.locator('[data-impact]')).toContainText('17 product pages move');
        await tabTo(page, /Publish now/);
        await page.keyboard.press('Enter');
        await expect(page.getByRole('heading', { name: '“Bottled inks” is live' })).toBeVisible();
        await tabTo(page, /Open the shop/);
        await page.keyboard.press('Enter');
        await expect(page.locator('.title + .rating, .title + .price').first()).toBeVisible();
    });
});

test('several blocks are copied into another template; the shortcuts are listed under ?', async ({ page, context }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('From');
    await studio.block('.title').click();
    await studio.block('.price').click({ modifiers: ['Control'] });
    await expect(page.getByRole('heading', { name: '2 blocks', exact: true })).toBeVisible();
    await page.keyboard.press('Control+c');
    await expect(page.getByText('2 blocks copied.')).toBeVisible();
    const to = new Studio(await context.newPage());
    await to.newTemplate('To', 'Blank');
    await to.page.getByRole('treeitem', { name: 'Column' }).click();
    await to.page.getByRole('button', { name: /What can be done with Column/ }).click();
    await to.page.getByRole('menuitem', { name: /Paste after this/ }).click();
    await expect(to.block('.title + .price')).toBeVisible();
    await to.page.keyboard.press('Control+z');
    await expect(to.block('.title')).toHaveCount(0);
    await to.page.keyboard.press('?');
    await expect(to.page.getByRole('dialog', { name: 'Shortcuts' })).toContainText('Find something to do');
});

test('what opens has the cursor at its heading, and what led there has it again', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const id = await studio.template('The wall', { show: [[]] }, false);
    await page.goto(`/studio/templates/${id}`);
    await expect(page.getByRole('heading', { name: 'The wall', level: 1 })).toBeFocused();
    await studio.loaded();
    await expectLandmarks(page);
    const where = page.getByRole('banner').getByRole('button', { name: /^Where it appears/ });
    await where.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Where “The wall” appears' })).toBeFocused();
    await expectLandmarks(page);
    await page.getByRole('main').getByRole('button', { name: 'Back to the page' }).focus();
    await page.keyboard.press('Enter');
    await expect(where).toBeFocused();
    const publish = page.getByRole('banner').getByRole('button', { name: /^Publish/ });
    await publish.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Publish “The wall”' })).toBeFocused();
    await expectLandmarks(page);
    const go = page
        .getByRole('main')
        .getByRole('button', { name: /^Publish/ })
        .last();
    await go.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: '“The wall” is live' })).toBeFocused();
    await page.getByRole('banner').getByRole('button', { name: 'Back to the page' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('header :focus')).toHaveCount(1);
});

test('a category’s template with three blocks and a rule, published, by at most 90 keys', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/templates');
    await expect(page.getByRole('button', { name: 'New template…' })).toBeVisible();
    let keys = 0;
    const press = async (...names: string[]): Promise<void> => {
        for (const name of names) await page.keyboard.press(name);
        keys += names.length;
    };
    const type = async (words: string): Promise<void> => {
        await page.keyboard.type(words);
        keys += words.length;
    };
    /** Tab until something with these words has the cursor. */
    const tab = async (words: RegExp): Promise<void> => {
        for (let most = 40; most > 0; most--) {
            await press('Tab');
            const said = await page.evaluate(() => {
                const element = document.activeElement as HTMLInputElement | null;
                return `${element?.getAttribute('aria-label') ?? ''} ${element?.closest('label')?.textContent ?? element?.textContent ?? ''}`;
            });
            if (words.test(said)) return;
        }
        throw new Error(`Tab does not lead to ${words.source}`);
    };

    await test.step('what it is for, and where', async () => {
        await tab(/New template/);
        await press('Enter');
        await expect(page.getByLabel('What is it called?')).toBeFocused();
        await type('Inks');
        await press('Tab', 'ArrowDown');
        await expect(page.getByRole('radio', { name: 'category pages', exact: true })).toBeChecked();
        await tab(/Find a category/);
        await type('bot');
        await expect(page.getByRole('group', { name: 'Which category' }).getByRole('checkbox')).toHaveCount(1);
        await press('Tab', 'Space', 'Enter');
        await page.waitForURL(/templates\/\d+$/);
        await studio.loaded();
    });
    await test.step('three blocks', async () => {
        for (const [words, block] of [
            ['quote', '.quote'],
            ['heading', '.heading'],
            ['divider', '.divider'],
        ] as const) {
            await press('Control+.');
            await expect(page.getByRole('combobox', { name: 'Find something to do' })).toBeFocused();
            await type(words);
            await press('Enter');
            await expect(studio.block(block)).toHaveCount(1);
            await studio.saved();
        }
    });
    await test.step('published', async () => {
        await press('Control+.');
        await type('publ');
        await press('Enter');
        const button = page.getByRole('main').getByRole('button', { name: /^Publish/ });
        await expect(button).toBeEnabled();
        await tab(/^\s*Publish/);
        await press('Enter');
        await expect(page.getByRole('heading', { name: '“Inks” is live' })).toBeFocused();
    });
    expect(keys).toBeLessThanOrEqual(90);
    test.info().annotations.push({ type: 'keys', description: String(keys) });
});
