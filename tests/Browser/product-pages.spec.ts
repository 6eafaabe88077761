import type { Locator, Page } from '@playwright/test';
import { expect, test } from './fresh';
import { Studio } from './studio';

/** Does what an owner does and counts it: a click, a drag, a filled field each count one. */
class Counted {
    readonly done: string[] = [];

    constructor(private readonly studio: Studio) {}

    async click(words: string, what: Locator): Promise<void> {
        this.done.push(`click ${words}`);
        await what.click();
    }

    async fill(words: string, what: Locator, value: string): Promise<void> {
        this.done.push(`fill ${words}: ${value}`);
        await what.fill(value);
    }

    async choose(words: string, what: Locator, label: string): Promise<void> {
        this.done.push(`choose ${words}: ${label}`);
        const drawn = what.getByRole('radio', { name: label, exact: true });
        if ((await what.evaluate((element) => element.tagName)) === 'SELECT') await what.selectOption({ label });
        else if ((await drawn.count()) > 0) await drawn.click();
        else {
            await what.click();
            await this.studio.page.getByRole('option', { name: label, exact: true }).click();
        }
        await this.studio.saved();
    }

    async drag(words: string, from: Locator, to: Locator, at: { x: number; y: number }): Promise<void> {
        this.done.push(`drag ${words}`);
        await this.studio.drag(from, to, at);
    }
}

const settings = (page: Page): Locator => page.locator('[data-settings]');
const shelf = (page: Page, name: string): Locator => page.locator(`[data-shelf="${name}"]`);

test('the example page from blank, in at most 60 actions', async ({ page }) => {
    test.setTimeout(120_000);
    const studio = new Studio(page);
    const counted = new Counted(studio);
    await studio.signIn();
    await page.goto('/studio/templates');
    await counted.click('New template', page.getByRole('button', { name: 'New template…' }));
    await counted.fill('its name', page.getByLabel('What is it called?'), 'The example');
    await counted.click('Blank', page.getByText('Blank', { exact: true }));
    await counted.click('Make it', page.getByRole('button', { name: 'Make it' }));
    await page.waitForURL(/templates\/\d+$/);
    await studio.loaded();
    await counted.click('Shelf', page.getByRole('button', { name: 'Shelf', exact: true }));

    const put = async (name: string, appears: string): Promise<void> => {
        await counted.click(`${name} on the shelf`, shelf(page, name));
        await expect(studio.block(appears).first()).toBeAttached();
        await studio.saved();
    };
    await put('Band, 3 : 2', '.band >> nth=1');
    const columns = studio.block('.band').nth(1).locator('.column');
    await counted.click(
        'Show, along the shelf',
        page.getByRole('group', { name: 'Go along the shelf to' }).getByRole('button', { name: 'Show', exact: true }),
    );
    await counted.drag('Gallery into the left column', shelf(page, 'Gallery'), columns.nth(0), { x: 0.5, y: 0.5 });
    await counted.drag('Title into the right column', shelf(page, 'Title'), columns.nth(1), { x: 0.5, y: 0.1 });
    await put('Rating', '.rating');
    await put('Price', '.price');
    await put('Note with an icon', '.note');
    await counted.fill('words', settings(page).getByLabel('Words', { exact: true }), 'Sent within two days');
    await put('Note with an icon', '.note + .note');
    await expect(settings(page).getByLabel('Words', { exact: true })).toHaveValue('A word about delivery');
    await counted.choose('icon', settings(page).getByLabel('Icon', { exact: true }), 'a way back');
    await counted.fill('words', settings(page).getByLabel('Words', { exact: true }), 'Thirty days to change your mind');
    await put('Variant picker', '.picker');
    await put('Quantity and buy', '.buy');
    await put('Strip of marks', '[data-b][data-absent*="no marks"]');
    await counted.click('a mark', settings(page).getByLabel('Packed by hand', { exact: true }));
    await expect(studio.block('.marks')).toContainText('Packed by hand');
    await counted.click(
        'the left column',
        page
            .getByRole('treeitem')
            .filter({ hasText: /^Column/ })
            .nth(1),
    );
    await counted.choose('stays in view', settings(page).getByLabel('Stays in view', { exact: true }), 'yes');
    await put('Band, one column', '.band >> nth=2');
    await put('Tabs', '.tabs');
    await counted.choose('tabs stand', settings(page).getByLabel('Tabs stand', { exact: true }), 'centred');
    await put('Band, one column', '.band >> nth=3');
    await put('Picked products', '[data-b][data-absent*="picked"]');
    await counted.click('Pick products', settings(page).getByRole('button', { name: 'Pick products…' }));
    for (const name of ['Daybook', 'Amber Post bottled ink', 'Archive Blue bottled ink', 'Birdwatcher’s log']) {
        await counted.click(name, settings(page).getByLabel(name, { exact: true }));
    }
    await expect(studio.block('.product-grid .card')).toHaveCount(4);
    await studio.saved();

    console.log(counted.done.map((action, at) => `${String(at + 1).padStart(2)}. ${action}`).join('\n'));
    expect(counted.done.length).toBeLessThanOrEqual(60);
    const [left, right] = [await columns.nth(0).boundingBox(), await columns.nth(1).boundingBox()];
    expect((left?.width ?? 0) / (right?.width ?? 1)).toBeCloseTo(1.5, 1);
    await expect(studio.block('.band:nth-child(2) .column:first-child .column-inner')).toHaveCSS('position', 'sticky');
    await expect(
        columns.nth(1).locator('.title + .rating + .price + .note + .note + .picker + .buy + .marks'),
    ).toBeVisible();
});

test('a page of its own for one product: its picture behind its title, a quote, questions, no header', async ({
    page,
}) => {
    test.setTimeout(120_000);
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Almanac alone');
    await studio.seeWith('Almanac fountain pen');
    const outline = page.getByRole('tree');
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();

    await test.step('a band with the product’s picture behind its title', async () => {
        await studio.fromShelf('Band, one column', studio.block('.breadcrumbs'), { x: 0.5, y: 0.4 });
        await settings(page)
            .getByLabel('Where picture behind comes from')
            .selectOption({ label: 'the product’s first picture' });
        await expect(studio.block('.band-back img')).toBeVisible();
        await settings(page).getByLabel('At least high', { exact: true }).fill('360');
        await studio.saved();
        await studio.drag(studio.block('.title'), studio.block('.band-pictured .column'), { x: 0.5, y: 0.5 });
        await expect(studio.block('.band-pictured .title')).toBeVisible();
    });

    await test.step('a quote and questions', async () => {
        await outline.getByRole('treeitem', { name: 'Tabs' }).click();
        await page.getByPlaceholder('Find a block…').fill('');
        await shelf(page, 'Quote').click();
        await page
            .getByRole('region', { name: 'Settings of Quote' })
            .getByLabel('Words', { exact: true })
            .fill('I write more since I have it.');
        await expect(studio.block('.quote blockquote')).toHaveText('I write more since I have it.');
        await studio.saved();
        await shelf(page, 'Questions and answers').click();
        await expect(studio.block('.questions .fold')).toHaveCount(2);
        await studio.saved();
    });

    await test.step('without the shop’s header', async () => {
        await page.keyboard.press('Escape');
        await page.getByRole('button', { name: 'More…' }).click();
        await page.getByRole('menuitem', { name: 'Settings of the page itself' }).click();
        await settings(page).getByLabel('Header', { exact: true }).selectOption({ label: 'none' });
        await expect(studio.canvas.locator('.header')).toHaveCount(0);
        await studio.saved();
    });

    await test.step('for this product alone', async () => {
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await studio.condition('Show on', 'is the product', 'Almanac fountain pen');
        await expect(page.locator('[data-counts]')).toHaveText('Covers 1 product, would be shown on 1');
        await page.getByRole('button', { name: 'Publish…' }).click();
        await expect(page.locator('[data-impact]')).toContainText(
            '1 product page moves, 0 get a new look. 108 stay as they are.',
        );
        // Without the header there is no way to the cart: said, and meant so.
        await expect(page.getByRole('region', { name: 'Please decide' })).toContainText(
            '“Almanac alone” has no way to the cart',
        );
        await page.getByLabel('I know, and want it so').check();
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: '“Almanac alone” is live' })).toBeVisible();
    });

    await page.goto('/p/almanac-fountain-pen');
    await expect(page.locator('header.header')).toHaveCount(0);
    await expect(page.locator('.band-pictured .title')).toHaveText('Almanac fountain pen');
    await page.getByText('A question that customers ask?').click();
    await expect(page.getByText('Your answer, in a sentence or two.').first()).toBeVisible();
    await page.goto('/p/teal-tide-bottled-ink');
    await expect(page.locator('header.header')).toBeVisible();
    await expect(page.locator('.quote')).toHaveCount(0);
});

test('care advice that stands only where there is some, in each product’s own words', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('With care');
    await page.getByRole('tree').getByRole('treeitem', { name: 'Tabs' }).click();
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();
    await shelf(page, 'Heading').click();
    await settings(page).getByLabel('Words', { exact: true }).fill('How to care for it');
    await studio.saved();
    await settings(page).locator('[data-conditions]').getByRole('button', { name: 'only where…' }).click();
    const picker = page.getByRole('dialog', { name: 'Condition' });
    await picker.getByRole('combobox').selectOption({ label: 'Care is filled in' });
    await picker.getByRole('button', { name: 'Done' }).click();
    await expect(settings(page).locator('[data-conditions]')).toContainText('Care is filled in');
    await studio.saved();
    await shelf(page, 'Rich text').click();
    await page
        .getByRole('region', { name: 'Settings of Rich text' })
        .getByLabel('Where words comes from')
        .selectOption({ label: 'the fact Care' });
    await studio.saved();

    await test.step('how many lack it is said, and they are one click away', async () => {
        await expect(settings(page).locator('[data-missing]')).toContainText(/missing on \d+ of 109/);
        await settings(page).getByRole('button', { name: 'see them' }).click();
        await expect(page.getByText(/without the fact Care/)).toBeVisible();
        await page.getByRole('radiogroup', { name: 'See the page with' }).getByRole('radio').nth(1).click();
        await studio.loaded();
        await expect(page.getByText('Heading: appears only where Care is filled in')).toBeVisible();
        await expect(page.getByText('Rich text: this product has no “Care”')).toBeVisible();
    });

    await test.step('the fitting groups what comes out empty by what to do', async () => {
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await studio.condition('Show on', 'category is in', 'Pens');
        await page.getByRole('button', { name: 'More…' }).click();
        await page.getByRole('menuitem', { name: 'Fitting: try it on every page' }).click();
        await expect(page.locator('[data-fitted]')).toBeVisible();
        const empty = page.getByRole('region', { name: 'Comes out empty' });
        await expect(empty).toContainText('Rich text has nothing to show');
        await empty.getByRole('listitem').first().getByRole('button').click();
        await studio.loaded();
        await expect(page.getByText('Rich text: this product has no “Care”')).toBeVisible();
    });
});

test('the page good on the phone', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('On the phone');
    await page.getByRole('button', { name: 'phone 390' }).click();
    await studio.loaded();
    await page.getByRole('tree').getByRole('treeitem', { name: 'Title' }).click();
    await settings(page).getByLabel('Size', { exact: true }).fill('24');
    await expect(studio.block('.title')).toHaveCSS('font-size', '24px');
    await page
        .getByRole('treeitem')
        .filter({ hasText: /^Column/ })
        .nth(1)
        .click();
    await settings(page).getByRole('button', { name: 'later', exact: true }).click();
    await expect(settings(page).locator('[data-style="order"]').getByRole('status')).toHaveText('last');
    await studio.saved();
    const above = async (): Promise<boolean> =>
        ((await studio.block('.title').boundingBox())?.y ?? 0) <
        ((await studio.block('.gallery').boundingBox())?.y ?? 0);
    await expect.poll(above).toBe(true);
    const overflow = await studio.block('html').evaluate((html) => html.scrollWidth - html.clientWidth);
    expect(overflow).toBe(0);

    await page.getByRole('button', { name: /^desktop/ }).click();
    await expect(studio.block('.title')).toHaveCSS('font-size', '34px');
    await expect.poll(above).toBe(false);
});
