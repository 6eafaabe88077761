import { readFileSync } from 'node:fs';
import { expect, test } from './fresh';
import { Studio } from './studio';
import type { Locator } from '@playwright/test';

/** As if it had been copied in another program. */
async function paste(into: Locator, html: string): Promise<void> {
    await into.evaluate((element, pasted) => {
        const clipboardData = new DataTransfer();
        clipboardData.setData('text/html', pasted);
        clipboardData.setData('text/plain', 'plain');
        element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    }, html);
}

test.beforeEach(async ({ page }) => {
    await new Studio(page).signIn();
});

test('HTML is shown as such, and what was taken out when it was made safe is said', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Own HTML');
    await studio.block('.price').click();
    await studio.place('HTML');
    const code = page.getByRole('region', { name: 'Settings of HTML' }).getByRole('textbox', { name: 'HTML' });
    await code.click();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.insertText(
        '<h3>By hand</h3><p onclick="alert(1)">Bound in <em>Larkfold</em>.</p><script>document.title = "taken over"</script>',
    );
    await studio.block('.title').first().click();
    await studio.saved();
    const shown = studio.block('.price + .rich-text');
    await expect(shown.locator('h3')).toHaveText('By hand');
    await expect(shown.locator('em')).toHaveText('Larkfold');
    await expect(shown.locator('script, [onclick]')).toHaveCount(0);
    expect(await page.title()).not.toBe('taken over');
    await shown.click();
    await expect(page.getByRole('region', { name: 'Settings of HTML' })).toContainText('script');
    await expect(page.getByRole('region', { name: 'Settings of HTML' })).toContainText('onclick');
});

for (const [file, rows] of [
    ['bullets-as-paragraphs', 2],
    ['wrapped-in-a-bold', 2],
    ['plain-markup', 2],
] as const) {
    test(`what a word processor copies (${file}) keeps its headings, lists and tables in the shop`, async ({
        page,
    }) => {
        const studio = new Studio(page);
        await studio.newTemplate('Pasted words');
        await studio.block('.price').click();
        await studio.place('Rich text');
        const field = page.getByRole('textbox', { name: 'Words', exact: true });
        await field.click();
        await page.keyboard.press('ControlOrMeta+a');
        await paste(field, readFileSync(`tests/Browser/clipboard/${file}.html`, 'utf8'));
        await expect(page.getByText('The words were pasted. Stayed behind:')).toBeVisible();
        await studio.saved();
        const words = studio.block('.rich-text');
        await expect(words.locator('h3', { hasText: 'Every week' })).toBeVisible();
        await expect(words.locator('ul > li > ul > li')).toHaveText('to the left');
        await expect(words.locator('ol > li').first()).toHaveText('First this');
        expect(await words.locator('table tr').count()).toBeGreaterThanOrEqual(rows);
        await page.reload();
        await expect(studio.block('.rich-text table')).toContainText('0.4 mm');
    });
}

test('what was typed a moment before another block is chosen goes to the block it was typed for', async ({ page }) => {
    const wrong: string[] = [];
    page.on('pageerror', (error) => wrong.push(error.message));
    page.on('console', (message) => message.type() === 'error' && wrong.push(message.text()));
    const studio = new Studio(page);
    await studio.newTemplate('In a hurry');
    await studio.block('.price').click();
    for (const name of ['Heading', 'Quote', 'Rich text']) await studio.place(name);
    const chosen = (name: string): Promise<void> => page.getByRole('treeitem').filter({ hasText: name }).click();
    await chosen('Rich text');
    const rich = page.getByRole('textbox', { name: 'Words', exact: true });
    await rich.click();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.insertText('Said at length');
    await chosen('Heading');
    await page
        .getByRole('region', { name: 'Settings of Heading' })
        .getByLabel('Words', { exact: true })
        .fill('Said loudly');
    await studio.block('.quote').click();
    await page
        .getByRole('region', { name: 'Settings of Quote' })
        .getByLabel('Words', { exact: true })
        .fill('Said by somebody');
    await studio.block('.title').first().click();
    await studio.saved();
    await page.reload();
    await expect(studio.block('.rich-text').first()).toHaveText('Said at length');
    await expect(studio.block('.heading')).toHaveText('Said loudly');
    await expect(studio.block('.quote')).toContainText('Said by somebody');
    expect(wrong).toEqual([]);
});

test('both days of a season, given one right after the other, are kept', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Advent');
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await page.getByRole('button', { name: 'change…' }).click();
    await page.getByLabel('From the beginning of').fill('2031-12-01');
    await page.getByLabel('From the beginning of').blur();
    await page.getByLabel('until the end of').fill('2031-12-24');
    await page.getByLabel('until the end of').blur();
    await page.getByRole('checkbox', { name: 'Goes first' }).check();
    await studio.saved();
    await page.reload();
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await expect(page.getByRole('region', { name: 'Season' })).toContainText(
        'from Monday 1 December 2031 00:00 until Thursday 25 December 2031 00:00',
    );
    await expect(page.getByRole('checkbox', { name: 'Goes first' })).toBeChecked();

    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByLabel('What is this for?').fill('A long season in the bar leaves the window where it is');
    const bar = await page.getByRole('banner').boundingBox();
    expect([bar?.x, bar?.width]).toEqual([0, 1280]);
});

test('a question is typed where it stands, and so is the label of a tab', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Asked');
    await studio.block('.price').click();
    await studio.place('Questions and answers');
    await studio.block('.questions summary').first().dblclick();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.type('Does it dry fast?');
    await page.keyboard.press('Enter');
    await studio.saved();
    await expect(studio.block('.questions summary').first()).toHaveText('Does it dry fast?');
    await page.reload();
    await expect(studio.block('.questions summary').first()).toHaveText('Does it dry fast?');

    const tab = studio.block('.tabs [data-words-of]').first();
    await tab.dblclick();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.type('All about it');
    await page.keyboard.press('Enter');
    await studio.saved();
    await expect(tab).toHaveText('All about it');
});

test('“select everything” means the page and never the Studio’s own words', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Everything');
    for (const place of [
        page.getByRole('heading', { level: 1 }),
        page.locator('[data-status]'),
        page.getByRole('treeitem').first(),
    ]) {
        await place.click();
        await page.keyboard.press('ControlOrMeta+a');
        expect(await page.evaluate(() => document.getSelection()?.toString() ?? '')).toBe('');
    }
});

test('the settings of what is selected next begin at their top', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Long settings');
    await studio.block('.buy').first().click();
    const settings = page.locator('[data-settings]');
    const scrolled = (): Promise<number> => settings.evaluate((element) => element.scrollTop);
    await settings.hover();
    await page.mouse.wheel(0, 2000);
    await expect.poll(scrolled).toBeGreaterThan(50);
    await studio.block('.price').first().click();
    await expect(page.getByRole('region', { name: 'Settings of Price' })).toBeVisible();
    await expect.poll(scrolled).toBe(0);
});

test('what is said lies over nothing, and the window does not slide', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Said');
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();
    await page.getByPlaceholder('Find a block…').fill('heading');
    await studio.block('.price').click();
    await page.keyboard.press('Delete');
    await expect(page.locator('[data-status]')).toContainText('Price');
    await studio.saved();
    const shelf = page.locator('[data-shelf="Heading"]');
    const covered = await shelf.evaluate((element) => {
        const box = element.getBoundingClientRect();
        return !element.contains(document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2));
    });
    expect(covered).toBe(false);
    await page.mouse.wheel(40, 40);
    expect(
        await page.evaluate(() => [
            scrollX,
            scrollY,
            document.documentElement.scrollWidth <= innerWidth,
            document.documentElement.scrollHeight <= innerHeight,
        ]),
    ).toEqual([0, 0, true, true]);
});

test('codes stand at the edge that all words stand at, and the days stay within the settings', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('At the edge');
    await studio.block('.price').click();
    await studio.place('Product codes');
    const codes = studio.block('.codes');
    await expect(codes).toBeVisible();
    const title = await studio.block('.title').first().boundingBox();
    for (const first of [codes.locator('.codes-bars rect').first(), codes.locator('dt').first()]) {
        const box = await first.boundingBox();
        expect(Math.abs((box?.x ?? 0) - (title?.x ?? 0))).toBeLessThanOrEqual(1);
    }
    const panel = await page.locator('[data-settings]').boundingBox();
    const days = page.getByRole('group', { name: 'On the days' });
    await expect(days.locator('.field')).toHaveCount(2);
    for (const field of await days.locator('.field').all()) {
        const box = await field.boundingBox();
        expect((box?.x ?? 9999) + (box?.width ?? 0)).toBeLessThanOrEqual((panel?.x ?? 0) + (panel?.width ?? 0));
    }
});

test('the caption of what is selected lies under it, over it where there is no room below, and never on it', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.newTemplate('Captions');
    const caption = page.locator('[data-chip]');
    const apart = async (block: Locator): Promise<'under' | 'over' | 'on'> => {
        const [words, own] = [await caption.boundingBox(), await block.boundingBox()];
        if (!words || !own) return 'on';
        return words.y >= own.y + own.height - 1 ? 'under' : words.y + words.height <= own.y + 1 ? 'over' : 'on';
    };
    for (const block of ['.title', '.price', '.short-description', '.buy']) {
        await studio.block(block).first().click();
        await expect.poll(() => apart(studio.block(block).first()), { message: block }).toMatch(/under|over/);
    }
    await page.getByRole('button', { name: 'phone 390' }).click();
    await studio.block('.price').click();
    await studio.block('.price').evaluate((element) => {
        const view = element.ownerDocument.defaultView;
        view?.scrollBy(0, element.getBoundingClientRect().bottom - view.innerHeight + 2);
    });
    await expect.poll(() => apart(studio.block('.price'))).toBe('over');
    await studio.block('.price').evaluate((element) => element.ownerDocument.defaultView?.scrollBy(0, 200));
    await expect.poll(() => apart(studio.block('.price'))).toBe('under');
});

test('after means after, inside means inside', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Holding');
    await studio.block('.price').click();
    await studio.place('Holder');
    const way = page.getByRole('group', { name: 'A click puts the block' });
    await expect(way.getByRole('button', { name: 'inside', pressed: true }), 'It is empty.').toBeVisible();
    await way.getByRole('button', { name: 'after' }).click();
    await studio.place('Heading');
    await expect(studio.block('.holder + .heading')).toBeVisible();
    await page.getByRole('treeitem', { name: 'Holder' }).click();
    await way.getByRole('button', { name: 'inside' }).click();
    await studio.place('Quote');
    await expect(studio.block('.holder .quote')).toBeVisible();
    await page.getByRole('treeitem', { name: 'Heading' }).click();
    await page.keyboard.press('Alt+ArrowUp');
    await studio.saved();
    await expect(studio.block('.holder .quote + .heading')).toBeVisible();
});

test('“Put it in” puts in what is missing, and the bar knows at once what was published', async ({ page }) => {
    const studio = new Studio(page);
    await studio.newTemplate('Without a price');
    await studio.block('.price').click();
    await page.keyboard.press('Delete');
    await studio.saved();
    await page.getByRole('button', { name: 'Publish…' }).click();
    await expect(page.getByRole('region', { name: 'Please decide' })).toContainText('shows no price');
    await page.getByRole('region', { name: 'Please decide' }).getByRole('button', { name: 'Put it in' }).click();
    await studio.saved();
    await expect(studio.block('.price')).toBeVisible();
    await expect(page.getByRole('treeitem', { name: 'Price', selected: true })).toBeVisible();

    await page.getByRole('button', { name: 'Where it appears' }).click();
    await page.getByRole('region', { name: 'Show on' }).getByRole('button', { name: 'a condition…' }).click();
    const picker = page.getByRole('dialog', { name: 'Condition' });
    await picker.getByRole('combobox').selectOption({ label: 'is on sale' });
    await picker.getByRole('button', { name: 'Done' }).click();
    await expect(page.locator('[data-counts]')).toContainText('shown on');
    await expect(page.getByRole('banner')).toContainText('draft, not in the shop');
    await page.getByRole('button', { name: 'Publish…' }).click();
    await expect(page.getByText('shows no price')).toBeHidden();
    await page.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByRole('heading', { name: '“Without a price” is live' })).toBeVisible();
    await expect(page.getByRole('banner')).toContainText('live · covers');
    await expect(page.getByRole('banner')).not.toContainText('not in the shop');
});

test('in “Who gets what” a name opens what it names', async ({ page }) => {
    await page.goto('/studio/who');
    const row = page.getByRole('row').nth(1);
    await expect(row.getByRole('link', { name: 'in the shop' })).toHaveAttribute('href', /\/p\//);
    await expect(row.getByRole('link', { name: 'why?' })).toHaveAttribute('href', /\/studio\/why\//);
    const product = await row.getByRole('link').first().getAttribute('href');
    expect(product).toMatch(/\/studio\//);
    expect(product).not.toMatch(/\/why\//);
});
