import { expect, test } from './fresh';
import { Studio } from './studio';

const INK = 'Night Mail bottled ink';

test('find out why a finished template does not show, for each of five reasons, and repair it', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const inks = await studio.id('category', 'Bottled inks');
    const brand = await studio.id('brand', 'Pellinray');
    const category = (id: number) => ({ field: 'category', comparison: 'isIn', values: [id] });
    const why = async (name: string) => {
        await page.goto('/p/night-mail-bottled-ink');
        await page.getByText('Studio', { exact: true }).click();
        await page.getByRole('link', { name: 'Why this template?' }).click();
        await expect(page.getByRole('heading', { name: `Why does ${INK} look like this?` })).toBeVisible();
        return page.getByRole('listitem').filter({ has: page.getByRole('heading', { name }) });
    };
    const wins = async (name: string) => {
        await why(name);
        await expect(page.locator('[data-rung="wins"]')).toContainText(name);
    };

    await test.step('it was never published', async () => {
        await studio.template('Finished', { show: [[category(inks)]] }, false);
        const rung = await why('Finished');
        await expect(rung).toContainText('Not live. It would win here if it were published.');
        await rung.getByRole('link', { name: 'Publish it…' }).click();
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: '“Finished” is live' })).toBeVisible();
        await wins('Finished');
    });

    await test.step('it has no rule', async () => {
        await studio.template('No rule', null);
        const rung = await why('No rule');
        await expect(rung).toContainText('It has no rule yet.');
        await rung.getByRole('link', { name: 'Change where it appears' }).click();
        await studio.condition('Show on', 'is the product', INK);
        await expect(page.locator('[data-counts]')).toContainText('Covers 1 product');
        await page.getByRole('button', { name: 'Publish…' }).click();
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: 'is live' })).toBeVisible();
        await wins('No rule');
    });

    await test.step('another is closer: pinned instead', async () => {
        const rung = await why('Finished');
        await expect(rung).toContainText('Matches too, but is less close: the winner names this very product.');
        await rung.getByRole('button', { name: 'Pin this product to it…' }).click();
        await expect(page.getByRole('region', { name: 'What this would do' })).toContainText('1 product page moves.');
        await page.getByRole('button', { name: 'Do it' }).click();
        await wins('Finished');
        await expect(page.locator('[data-rung="wins"]')).toContainText('the product is pinned to it');
    });

    await test.step('a pin decides: taken out', async () => {
        const rung = await why('No rule');
        await expect(rung).toContainText('Matches, but a pin decides.');
        await rung.getByRole('button', { name: 'Take the pin out…' }).click();
        await page.getByRole('button', { name: 'Do it' }).click();
        await wins('No rule');
    });

    await test.step('it keeps the product off', async () => {
        await studio.template('Keeps off', {
            show: [
                [
                    { field: 'product', comparison: 'isOneOf', values: [await studio.id('product', INK)] },
                    category(inks),
                ],
            ],
            keepOff: [[{ field: 'brand', comparison: 'isOneOf', values: [brand] }]],
        });
        const rung = await why('Keeps off');
        await expect(rung).toContainText('Matches, but keeps off this product.');
        await rung.getByRole('link', { name: 'Change what it keeps off' }).click();
        await page
            .getByRole('region', { name: 'Keep off' })
            .getByRole('button', { name: 'take out this part' })
            .click();
        await expect(page.locator('[data-counts]')).toContainText('shown on 1');
        await page.getByRole('button', { name: 'Publish…' }).click();
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByRole('heading', { name: 'is live' })).toBeVisible();
        await wins('Keeps off');
    });
});

test('the ladder for the sample on the drawing table, and for another day', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const inks = await studio.id('category', 'Bottled inks');
    await studio.template('Winter', {
        show: [[{ field: 'category', comparison: 'isIn', values: [inks] }]],
        season: { from: '2099-12-01', until: null },
    });
    await studio.newTemplate('Looking');
    await studio.seeWith('Teal Tide bottled ink');
    await page.getByRole('button', { name: 'More…' }).click();
    await page.getByRole('menuitem', { name: 'Why this template?' }).click();
    await expect(page.getByRole('heading', { name: 'Why does Teal Tide bottled ink look like this?' })).toBeVisible();
    await expect(page.locator('[data-rung="out-of-season"]')).toContainText(
        'Out of season. Within its season it would win here.',
    );
    await page.getByLabel('As on').fill('2099-12-02');
    await expect(page.locator('[data-rung="wins"]')).toContainText('Winter');
});
