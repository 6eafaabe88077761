import { pasted } from '../../studio/parts/facts/sheet';
import { expect, test } from './fresh';
import type { Row } from '../../studio/parts/facts/types';
import { Studio } from './studio';

test('what is pasted beyond the sheet is left out', () => {
    const fact = { name: '', kind: 'text' as const, unit: '', decimals: 0, choices: [], group: '', filled: 0 };
    const facts = [
        { ...fact, id: 1 },
        { ...fact, id: 2, kind: 'list' as const },
    ];
    const rows: Row[] = [
        { id: 7, title: 'A', values: {} },
        { id: 8, title: 'B', values: { 2: ['old'] } },
    ];
    expect(pasted('x\ty\tz\nu; v\tw\nbeyond', rows, facts, 0, 1)).toEqual([
        { product: 7, fact: 2, written: ['x'], before: [] },
        { product: 8, fact: 2, written: ['u', 'v'], before: ['old'] },
    ]);
});

test('facts of several products are pasted, refused as a whole when one is wrong, and taken back as one', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/facts');
    const material = (product: string) => page.getByLabel(`Material of ${product}`, { exact: true });
    const paste = (text: string): Promise<void> =>
        material('Amber Post bottled ink').evaluate((field, words) => {
            const clipboardData = new DataTransfer();
            clipboardData.setData('text/plain', words);
            field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
        }, text);
    const before = await material('Ash pen tray').inputValue();

    await paste('Glass\t2020-02-30\nPaper\t2021-05-04');
    await expect(page.getByText('“First made” takes a day, as 2026-12-31. Nothing was changed.')).toBeVisible();
    await expect(page.getByLabel('First made of Amber Post bottled ink')).toHaveAttribute('aria-invalid', 'true');
    await expect(material('Amber Post bottled ink')).toHaveValue('');

    await paste('Glass\t2020-02-29\nPaper\t2021-05-04');
    await expect(page.getByText('4 fields were pasted.')).toBeVisible();
    await expect(material('Amber Post cartridges')).toHaveValue('Paper');
    await page.reload();
    await expect(material('Amber Post bottled ink')).toHaveValue('Glass');

    await material('Ash pen tray').fill('Ash wood');
    await material('Ash pen tray').press('Tab');
    await expect(page.getByText('Material of Ash pen tray is filled in.')).toBeVisible();
    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(material('Ash pen tray')).toHaveValue(before);
});

test('what is done twice in a row, before the first is stored, is done twice', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    const product = await studio.id('product', 'Palette fountain pen');
    let go = (): void => undefined;
    const held = new Promise<void>((resolve) => (go = resolve));
    await page.route(/\/(pictures|values)$/, async (route) => {
        await held;
        await route.continue();
    });
    await page.goto(`/studio/products/${product}`);
    const shown = page.locator('[data-picture]');
    const third = await shown.nth(2).getAttribute('data-picture');
    await page.getByRole('button', { name: 'Picture 3 earlier' }).click();
    await page.getByRole('button', { name: 'Picture 3 earlier' }).click();
    const first = page.locator('[data-fact]').getByRole('textbox').first();
    await first.fill('0.5');
    await first.blur();
    await first.fill('0.7');
    await first.blur();
    go();
    await expect(shown.first()).toHaveAttribute('data-picture', third ?? '');
    await page.unrouteAll({ behavior: 'wait' });
    await expect
        .poll(async () => {
            await page.reload();
            return [await first.inputValue(), await shown.first().getAttribute('data-picture')];
        })
        .toEqual(['0.7', third]);
});
