import { Counted } from './counted';
import { expect, test } from './fresh';
import { Studio } from './studio';

test('a category’s page with its own banner picture and three cards in a row, from signing in to the shop: 15 actions', async ({
    page,
}) => {
    const studio = new Studio(page);
    const owner = new Counted(studio, page);
    await page.goto('/studio');
    owner.done.push('e-mail');
    await page.getByLabel('E-mail').fill('owner@larkfold.example');
    owner.done.push('password');
    await page.getByLabel('Password').fill('paper-and-ink');
    await owner.click('Sign in', page.getByRole('button', { name: 'Sign in' }));
    await owner.click('Templates', page.getByRole('link', { name: 'Templates', exact: true }));
    await owner.click('New template…', page.getByRole('button', { name: 'New template…' }));
    owner.done.push('its name');
    await page.getByLabel('What is it called?').fill('Pens');
    await owner.click('for categories', page.getByRole('radio', { name: 'category pages', exact: true }));
    await owner.click('its start', page.getByText('Banner and products', { exact: true }));
    await owner.click('Pens', page.getByRole('group', { name: 'Which category' }).getByLabel('Pens', { exact: true }));
    await owner.click('Choose a picture…', page.getByRole('button', { name: 'Choose a picture…' }));
    const picture = page.getByRole('group', { name: 'Which picture?' }).getByRole('button').nth(4);
    const shown = await picture.getByRole('img').getAttribute('src');
    await owner.click('a picture', picture);
    await owner.click('Make it', page.getByRole('button', { name: 'Make it' }));
    await page.waitForURL(/\/studio\/templates\/\d+$/);
    await studio.loaded();
    await owner.click('Publish…', page.getByRole('button', { name: 'Publish…' }));
    await owner.click('Publish', page.getByRole('main').getByRole('button', { name: /^Publish/ }));
    await owner.click('Open the shop', page.getByRole('link', { name: 'Open the shop' }));
    await page.waitForURL(/\/c\/pens$/);
    const name = (shown ?? '').replace(/^.*\//, '').split(/[-.]/)[0] ?? 'none';
    await expect(page.locator(`.band-back img[src*="${name}"]`)).toBeVisible();
    const cards = page.locator('.product-grid .card');
    const tops = await cards.evaluateAll((all) =>
        all.slice(0, 4).map((one) => Math.round(one.getBoundingClientRect().top)),
    );
    expect(new Set(tops.slice(0, 3)).size).toBe(1);
    expect(tops[3]).toBeGreaterThan(tops[0] ?? 0);
    owner.within(15);
});

test('a page of two columns with everything to choose, beside each other and staying in view, from blank: 80 actions', async ({
    page,
}) => {
    test.setTimeout(180_000);
    const studio = new Studio(page);
    const owner = new Counted(studio, page);
    await studio.signIn();
    await studio.keepOutlineOpen(false);
    await studio.newTemplate('Two columns', 'Blank');
    await studio.keepOutlineOpen(false);
    await page.reload();
    await studio.loaded();
    const along = page.getByRole('group', { name: 'Go along the shelf to' });
    const path = page.getByRole('navigation', { name: 'Where it stands' });
    const to = (group: string): Promise<void> =>
        owner.click(`${group}, along the shelf`, along.getByRole('button', { name: group, exact: true }));
    const columns = studio.block('.band').nth(1).locator('.column');

    await owner.click('Shelf', page.getByRole('button', { name: 'Shelf', exact: true }));
    await test.step('the way there, then two columns: gallery and tabs', async () => {
        await owner.put('Breadcrumbs');
        await to('Arrange');
        await owner.put('Band, 3 : 2');
        await to('Show');
        await owner.put('Gallery');
        await to('Arrange');
        await owner.put('Tabs');
        await expect(columns.nth(0).locator('.gallery + .tabs')).toBeVisible();
    });

    await test.step('what is to be chosen, in the other', async () => {
        await owner.click('the empty column', columns.nth(1));
        await to('Show');
        for (const name of ['Title', 'Rating', 'Price', 'Short description']) await owner.put(name);
        await expect(columns.nth(1).locator('.title + .rating + .price + .short-description')).toBeVisible();
    });

    await test.step('three notes in a box', async () => {
        await to('Arrange');
        await owner.put('Holder');
        await owner.colour('Ground', 'surface', owner.itself);
        await to('Reassure');
        for (let note = 1; note <= 3; note++) await owner.put('Note with an icon');
        await expect(studio.block('.holder .note')).toHaveCount(3);
        await owner.click('Holder, in the path', path.getByRole('button', { name: 'Holder' }));
    });

    await test.step('swatches, quantity beside buy, the code small', async () => {
        await to('Choose');
        await owner.put('Variant picker');
        await owner.put('Quantity and buy');
        await to('Show');
        await owner.put('Product codes');
        for (const block of ['.picker', '.buy', '.codes']) await expect(columns.nth(1).locator(block)).toHaveCount(1);
        await owner.fill('its size', owner.itself.getByLabel('Size', { exact: true }), '13');
        await expect(studio.block('.codes')).toHaveCSS('font-size', '13px');
        await owner.click('Column, in the path', path.getByRole('button', { name: 'Column' }));
        await owner.pick('Stays in view', 'yes');
        await expect(columns.nth(1).locator('.column-inner')).toHaveCSS('position', 'sticky');
        await studio.saved();
    });
    await test.step('on sale its saving is said; on the phone the gallery comes first', async () => {
        await studio.seeWith('Mulled Plum');
        await expect(columns.nth(1).locator('.price-saving')).toBeVisible();
        const [quantity, buy] = [columns.nth(1).getByLabel('Quantity'), columns.nth(1).locator('.buy button').last()];
        const middle = async (of: typeof buy): Promise<number> => {
            const box = await of.boundingBox();
            return (box?.y ?? 0) + (box?.height ?? 0) / 2;
        };
        expect(Math.abs((await middle(quantity)) - (await middle(buy)))).toBeLessThan(12);
        await page.getByRole('button', { name: /^phone \d+/ }).click();
        await expect
            .poll(async () => (await middle(studio.block('.gallery'))) < (await middle(studio.block('.title'))))
            .toBe(true);
    });
    owner.within(80);
});
