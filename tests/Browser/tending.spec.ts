import { expectAccessible } from './axe';
import { expect, test } from './fresh';
import { Studio } from './studio';

const is = (field: string, comparison: string, ...values: (number | string)[]) => ({ field, comparison, values });

test('what rules need stands on Today and beside the list: what is nearly taken is taken, what is idle or gone is taken out', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    const [desk, ostrelve, gift] = [
        await studio.id('category', 'Desk'),
        await studio.id('brand', 'Ostrelve'),
        await studio.id('tag', 'gift'),
    ];
    await studio.template('Desk gifts', {
        show: [[is('category', 'isIn', desk), is('tag', 'hasAnyOf', gift)], [is('brand', 'isOneOf', 999_999)]],
    });
    await studio.template('Brand first', { show: [[is('brand', 'isOneOf', ostrelve)]] });
    await studio.template('Brand again', { show: [[is('brand', 'isOneOf', ostrelve)]] });

    await page.goto('/studio/today');
    const idle = page.locator('[data-matter="rule-idle"]');
    await expect(idle).toContainText('“Brand again”: “brand is one of Ostrelve” decides nothing. “Brand first” holds');
    const gone = page.locator('[data-matter="names-deleted"]');
    await expect(gone).toContainText('“Desk gifts” names what was deleted: “brand is one of something deleted”.');
    await expectAccessible(page);
    await gone.getByRole('button', { name: 'Take it out' }).press('Enter');
    await expect(page.getByText('Taken out. Every page keeps its template.')).toBeVisible();
    await expect(gone).toHaveCount(0);
    await page.getByRole('button', { name: 'Take this back' }).click();
    await expect(gone).toHaveCount(1);
    await idle.getByRole('button', { name: 'Take it out' }).click();
    await expect(idle).toHaveCount(0);

    const near = page.locator('[data-matter="nearly-taken"]').filter({ hasText: '“tag is any of gift” does not hold' });
    const count = Number(/^(\d+) product page/.exec((await near.textContent()) ?? '')?.[1]);
    expect(count).toBeGreaterThan(1);
    await near.getByRole('link', { name: 'Which, and why?' }).click();
    await expect(page.getByRole('status').first()).toHaveText(`${count} products`);
    await page.getByText('in the rules for these pages to look at').click();
    await expect(near).toContainText(
        `${count} product pages are on the fallback though nearly shown with “Desk gifts”`,
    );
    const panel = page.getByRole('region', { name: 'Make it a rule of a template' });
    await expect(panel.getByLabel('With which template')).toHaveValue(/\d/);
    await expect(panel.getByText(/^[1-9]\d* product pages? moves?\./)).toBeVisible();
    await expectAccessible(page);
    await panel.getByRole('button', { name: 'Do it' }).click();
    await expect(page.getByText('Done: a rule of “Desk gifts”.')).toBeVisible();
    await expect(page.getByRole('status').first()).toHaveText('0 products');
    await expect(near).toHaveCount(0);
});
