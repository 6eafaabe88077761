import { expect, test } from './fresh';
import { Studio } from './studio';

/** The day so many days from today, as the shop writes it. */
function day(from: Date, days: number): string {
    const date = new Date(from.getTime() + days * 86_400_000);
    return date.toISOString().slice(0, 10);
}

test('a sale’s page that starts on Friday at midnight, goes before the categories’ own, ends by itself, and is looked at as on Saturday before it is Saturday', async ({
    page,
}) => {
    const today = new Date();
    const toFriday = ((5 - today.getUTCDay() + 7) % 7) + 7;
    const [friday, saturday, sunday, monday] = [0, 1, 2, 3].map((more) => day(today, toFriday + more)) as [
        string,
        string,
        string,
        string,
    ];
    const studio = new Studio(page);
    await studio.signIn();
    const inks = await studio.id('category', 'Bottled inks');
    await studio.template('Inks’ own', { show: [[{ field: 'category', comparison: 'isIn', values: [inks] }]] });

    await studio.newTemplate('Autumn sale', 'Big picture and story');
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await page.getByRole('region', { name: 'Show on' }).getByRole('button', { name: 'a condition…' }).click();
    const picker = page.getByRole('dialog', { name: 'Condition' });
    await picker.getByRole('combobox').selectOption({ label: 'is on sale' });
    await picker.getByRole('button', { name: 'Done' }).click();
    await page.getByRole('button', { name: 'change…' }).click();
    await page.getByLabel('From the beginning of').fill(friday);
    await page.getByLabel('From the beginning of').blur();
    await expect(page.getByRole('region', { name: 'Season' })).toContainText('from Friday');
    await page.getByLabel('until the end of').fill(sunday);
    await page.getByLabel('until the end of').blur();
    await expect(page.getByRole('region', { name: 'Season' })).toContainText('until Monday');
    await page.getByRole('checkbox', { name: 'Goes first' }).check();
    await expect(page.locator('[data-counts]')).toContainText(
        /Will cover (\d+) products, and be shown on \1, from Friday/,
    );

    await page.getByRole('button', { name: 'Publish…' }).click();
    await expect(page.getByText('would be shown on no page')).toBeHidden();
    for (const turn of ['begins', 'ends']) {
        await expect(page.getByRole('region', { name: `When its season ${turn}` })).toContainText(
            /[1-9]\d* product pages? moves? then/,
        );
    }
    await page.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByRole('heading', { name: '“Autumn sale” is live' })).toBeVisible();
    await page.goto('/p/mulled-plum-bottled-ink');
    await page.getByText('Studio', { exact: true }).click();
    await expect(page.getByRole('complementary', { name: 'From the Studio' })).toContainText('Inks’ own');

    for (const [on, template] of [
        [saturday, 'Autumn sale'],
        [monday, 'Inks’ own'],
    ] as const) {
        await page.goto('/studio/today');
        await page.getByLabel('As on').fill(on);
        await page.getByRole('button', { name: 'Walk the shop like that' }).click();
        await page.waitForURL('/');
        await page.goto('/p/mulled-plum-bottled-ink');
        await page.getByText('Walking', { exact: true }).click();
        const tag = page.getByRole('complementary', { name: 'From the Studio' });
        await expect(tag).toContainText(template);
        await expect(tag).toContainText('You walk the shop as on');
        await tag.getByRole('button', { name: 'Back to the shop as it is' }).click();
    }
    await page.getByText('Studio', { exact: true }).click();
    await expect(page.getByRole('complementary', { name: 'From the Studio' })).toContainText('Inks’ own');
});

test('two changes of where a template appears are both kept, the second made before the first has arrived', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Quick hands');
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await expect(page.locator('[data-counts]')).toContainText('Covers 0 products');
    let letThrough: () => void = () => undefined;
    const held = new Promise<void>((resolve) => (letThrough = resolve));
    await page.route('**/edits', async (route) => {
        await held;
        await route.continue();
    });

    await page.getByRole('button', { name: 'every product', exact: true }).click();
    await page.getByRole('checkbox', { name: 'Goes first' }).check();
    letThrough();

    await studio.saved();
    await expect(page.locator('[data-counts]')).toContainText('Covers 109 products');
    await page.reload();
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await expect(page.getByRole('checkbox', { name: 'Goes first' })).toBeChecked();
    await expect(page.locator('[data-counts]')).toContainText('Covers 109 products');
});
