import type { Locator, Page } from '@playwright/test';
import { Counted } from './counted';
import { expect, test } from './fresh';
import { Studio } from './studio';

/** How each block and what is in it looks on the canvas, by the rules of the page's own styles. */
function looks(page: Page): Promise<string[]> {
    return page
        .frameLocator('iframe[title^="The page with"]')
        .locator('main')
        .evaluate((main) =>
            [...main.querySelectorAll('*')].flatMap((element) => {
                if (element.closest('[data-held], form, svg *') || element.matches('source')) return [];
                const style = getComputedStyle(element);
                return [
                    [
                        'color',
                        'background-color',
                        'font-size',
                        'font-weight',
                        'padding',
                        'border',
                        'border-radius',
                        'box-shadow',
                        'display',
                        'order',
                    ]
                        .map((name) => style.getPropertyValue(name))
                        .join(' | '),
                ];
            }),
        );
}

test('a page for writing sets from blank, in at most 90 actions', async ({ page }) => {
    test.setTimeout(240_000);
    const studio = new Studio(page);
    const owner = new Counted(studio, page);
    await studio.signIn();
    await studio.keepOutlineOpen(false);
    await page.goto('/studio/templates');
    await owner.click('New template', page.getByRole('button', { name: 'New template…' }));
    await page.getByLabel('What is it called?').fill('Writing sets');
    owner.done.push('fill its name: Writing sets');
    await owner.click('Blank', page.getByText('Blank', { exact: true }));
    await owner.click('Make it', page.getByRole('button', { name: 'Make it' }));
    await page.waitForURL(/templates\/\d+$/);
    await studio.loaded();
    await owner.click('Shelf', page.getByRole('button', { name: 'Shelf', exact: true }));
    const column = (at: number): Locator => studio.block('.band').nth(1).locator('.column').nth(at);

    await test.step('a path across the top', async () => {
        await owner.put('Breadcrumbs');
        await expect(studio.block('.breadcrumbs')).toBeVisible();
    });

    await test.step('a narrow column of words, and a wide one of pictures that stays in view', async () => {
        await owner.put('Band, 3 : 7');
        await expect(studio.block('.band')).toHaveCount(2);
        await owner.click(
            'Show, along the shelf',
            page
                .getByRole('group', { name: 'Go along the shelf to' })
                .getByRole('button', { name: 'Show', exact: true }),
        );
        owner.done.push('drag Gallery into the wide column');
        await studio.drag(page.locator('[data-shelf="Gallery"]'), column(1), { x: 0.5, y: 0.5 });
        await owner.click(
            'Column, in the path',
            page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name: 'Column' }),
        );
        await owner.pick('Stays in view', 'yes');
        await expect(column(1).locator('.column-inner')).toHaveCSS('position', 'sticky');
    });

    await test.step('title one level down, rating with pale empty stars', async () => {
        owner.done.push('drag Title into the narrow column');
        await studio.drag(page.locator('[data-shelf="Title"]'), column(0), { x: 0.5, y: 0.1 });
        await owner.pick('Heading level', 'section (2)');
        await expect(studio.block('h2.title')).toBeVisible();
        await owner.put('Rating');
        const empty = await owner.open('Empty stars');
        await owner.colour('Colour', 'surface', empty);
        await expect(studio.block('.rating-off')).toHaveCSS('color', 'rgb(238, 241, 239)');
    });

    await test.step('price bold, the old one small and quiet', async () => {
        await owner.put('Price');
        await owner.pick('Weight', 'bold', owner.piece('Now'));
        const was = await owner.open('Was');
        await owner.fill('size of the old price', was.getByLabel('Size', { exact: true }), '14');
        await owner.colour('Colour', 'quiet', was);
        await expect(studio.block('.price-now')).toHaveCSS('font-weight', '700');
    });

    await test.step('a box with a thin line for the engraving offer', async () => {
        await owner.put('Text');
        await owner.fill(
            'words',
            owner.settings.getByLabel('Words', { exact: true }),
            'Engraving is free until Sunday',
        );
        const whole = owner.itself;
        await owner.fill('line', whole.getByLabel('Line', { exact: true }), '1');
        await owner.click('in pairs', whole.getByRole('radio', { name: 'in pairs' }));
        await owner.fill('room above and below', whole.getByLabel('Room inside above'), '8');
        await owner.fill('room left and right', whole.getByLabel('Room inside on the left'), '12');
        await owner.fill('corners', whole.getByLabel('Corner above right'), '4');
        for (const [property, value] of Object.entries({
            'padding-top': '8px',
            'padding-bottom': '8px',
            'padding-left': '12px',
            'padding-right': '12px',
            'border-top-width': '1px',
            'border-top-left-radius': '4px',
        }))
            await expect(studio.block('.text').first()).toHaveCSS(property, value);
    });

    await test.step('picker with larger labels, chosen values on the shop’s colour', async () => {
        await owner.put('Variant picker');
        const labels = await owner.open('Labels');
        await owner.fill('size of labels', labels.getByLabel('Size', { exact: true }), '18');
        const values = owner.piece('Values');
        await owner.click('chosen', values.getByRole('button', { name: /^chosen/ }));
        await owner.colour('Ground', 'main', values);
        await owner.colour('Colour', 'on main', values);
        await expect(studio.block('.picker-buttons:has(:checked) > span').first()).toHaveCSS(
            'background-color',
            'rgb(32, 52, 63)',
        );
        await expect(studio.block('.picker-buttons:not(:has(:checked)) > span').first()).not.toHaveCSS(
            'background-color',
            'rgb(32, 52, 63)',
        );
    });

    await test.step('buy button in its own words, full width, darker when hovered', async () => {
        await owner.put('Quantity and buy');
        await owner.fill(
            'label',
            owner.settings.getByLabel('Words on the button', { exact: true }),
            'Put it in the bag',
        );
        await owner.pick('Button fills the row', 'yes');
        const button = owner.piece('Button');
        await owner.click('hovered', button.getByRole('button', { name: /^hovered/ }));
        await owner.colour('Ground', 'ink', button);
        await expect(studio.block('.buy-button')).toHaveCSS('background-color', 'rgb(31, 42, 48)');
        await owner.click('usual', button.getByRole('button', { name: /^usual/ }));
        await expect(studio.block('.buy-button')).toHaveCSS('background-color', 'rgb(32, 52, 63)');
    });

    await test.step('two tinted boxes with icons that rise when hovered, the second made by duplicating', async () => {
        await owner.put('Note with an icon');
        await owner.fill('words', owner.settings.getByLabel('Words', { exact: true }), 'Posted the same day');
        const whole = owner.itself;
        await owner.colour('Ground', 'surface', whole);
        await owner.fill('room inside', whole.getByLabel('Room inside above'), '20');
        await owner.fill('corners', whole.getByLabel('Corner above right'), '8');
        await owner.click('hovered', whole.getByRole('button', { name: /^hovered/ }));
        await owner.more(whole);
        await owner.fill('rises by', whole.getByLabel('Rises by', { exact: true }), '4');
        await expect(studio.block('.note')).toHaveCSS('translate', '0px -4px');
        await owner.click('do…', page.getByRole('button', { name: /^What can be done with/ }));
        await owner.click('Duplicate', page.getByRole('menuitem', { name: /^Duplicate/ }));
        await expect(studio.block('.note')).toHaveCount(2);
        await owner.fill(
            'words',
            owner.settings.getByLabel('Words', { exact: true }),
            'Thirty days to change your mind',
        );
        for (const at of [0, 1]) await expect(studio.block('.note').nth(at)).toHaveCSS('padding-left', '20px');
    });

    await test.step('below, folds whose open heading is coloured', async () => {
        await owner.put('Band, one column');
        await owner.put('Accordion');
        const headings = owner.piece('Headings');
        await owner.click('chosen', headings.getByRole('button', { name: /^chosen/ }));
        await owner.colour('Colour', 'sale', headings);
        await expect(studio.block('.fold[open] > summary').first()).toHaveCSS('color', 'rgb(163, 38, 42)');
    });

    await test.step('and cards with a soft shadow', async () => {
        await owner.put('Products by rule');
        await expect(studio.block('.product-grid .card').first()).toBeVisible();
        await owner.pick('As the card', 'Picture, name, price');
        await expect(page.getByRole('region', { name: 'Settings of Card' })).toBeVisible();
        const whole = owner.itself;
        await owner.pick('Shadow', 'soft', whole);
        await owner.fill('room inside', whole.getByLabel('Room inside above'), '20');
        await owner.fill('corners', whole.getByLabel('Corner above right'), '10');
        await expect(studio.block('.product-grid .card').nth(1)).toHaveCSS('border-top-left-radius', '10px');
        await expect(studio.block('.product-grid .card').nth(1)).not.toHaveCSS('box-shadow', 'none');
    });

    await test.step('what was drawn bit by bit is what the whole page is', async () => {
        const drawn = await looks(page);
        await page.reload();
        await expect(studio.block('.product-grid .card').nth(1)).toHaveCSS('border-top-left-radius', '10px');
        expect(await looks(page)).toEqual(drawn);
    });

    console.log(owner.done.map((action, at) => `${String(at + 1).padStart(2)}. ${action}`).join('\n'));
    expect(owner.done.length).toBeLessThanOrEqual(90);
    expect(owner.done.join('\n')).not.toMatch(/[{};]|#[0-9a-f]{6}/);
});

test('all buttons and sale prices of the shop another colour, in one place, and back', async ({ page }) => {
    test.setTimeout(120_000);
    const studio = new Studio(page);
    await studio.signIn();
    await page.goto('/studio/house-style');
    const specimen = page.frameLocator('[data-specimen="product"] iframe');
    const pieces = page.frameLocator('[data-specimen="pieces"] iframe');
    await expect(specimen.locator('.buy-button').first()).toBeVisible();
    await page.getByRole('button', { name: /^main buttons/ }).click();
    await page.getByLabel('as #rrggbb').fill('#1f5b50');
    await page.getByLabel('as #rrggbb').press('Tab');
    await expect(specimen.locator('.buy-button').first()).toHaveCSS('background-color', 'rgb(31, 91, 80)');
    await expect(pieces.locator('[data-specimen="main"] [data-held="usual"]')).toHaveCSS(
        'background-color',
        'rgb(31, 91, 80)',
    );
    await page.getByRole('button', { name: /^Prices, stars, badges/ }).click();
    await studio.pick(page, 'price on sale', 'sale');
    await expect(specimen.locator('.price-now').first()).toHaveCSS('color', 'rgb(163, 38, 42)');
    await expect(page.getByText('2 changes not published')).toBeVisible();

    await test.step('undo takes back one decision, and a colour that cannot be read is said', async () => {
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(specimen.locator('.price-now').first()).toHaveCSS('color', 'rgb(31, 42, 48)');
        await studio.pick(page, 'price on sale', 'sale');
        await page.getByLabel('as #rrggbb').fill('#d9e4e0');
        await page.getByLabel('as #rrggbb').press('Tab');
        await expect(page.getByText(/words on buttons: 1\.\d, wants 4\.5/)).toBeVisible();
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(page.getByText(/words on buttons: 7\.\d, fine/)).toBeVisible();
    });

    await test.step('what the server does not take is not shown as kept, and can be taken back still', async () => {
        await page.route('**/studio/house-style/*', (route) =>
            route.request().method() === 'PATCH'
                ? route.fulfill({ status: 500, json: { message: 'Something failed on our side.' } })
                : route.continue(),
        );
        await page.getByLabel('as #rrggbb').fill('#a02020');
        await page.getByLabel('as #rrggbb').press('Tab');
        await expect(page.getByText('Something failed on our side.')).toBeVisible();
        await expect(specimen.locator('.buy-button').first()).toHaveCSS('background-color', 'rgb(31, 91, 80)');
        await expect(page.getByLabel('Colour: main')).toHaveValue('#1f5b50');
        await page.unroute('**/studio/house-style/*');
        await expect(page.getByText('2 changes not published')).toBeVisible();
    });

    await test.step('the draft survives a reload and is nowhere in the shop', async () => {
        await page.reload();
        await expect(page.getByText('2 changes not published')).toBeVisible();
        expect(await (await page.request.get('/p/teal-tide-bottled-ink')).text()).toContain('--colour-accent:#20343f');
    });

    await test.step('published after seeing what that does, and brought back', async () => {
        await page.getByRole('button', { name: 'Publish…' }).click();
        const box = page.locator('[data-publish-house]');
        await expect(box.getByRole('status')).toContainText('Every page gets a new look: 109 product pages');
        await box.getByLabel('A note, for whoever looks back at it').fill('Harbour green');
        await box.getByRole('button', { name: 'Publish', exact: true }).click();
        await expect(page.getByText('The shop stands in “Larkfold plain” now.')).toBeVisible();
        for (const address of ['/p/teal-tide-bottled-ink', '/c/inks', '/cart'])
            expect(await (await page.request.get(address)).text()).toContain('--colour-accent:#1f5b50');
        await page.getByRole('button', { name: 'Bring back what was' }).click();
        await expect
            .poll(async () => (await page.request.get('/p/teal-tide-bottled-ink')).text())
            .toContain('--colour-accent:#20343f');
    });
});

test('two windows on one house style hear of each other, and what was decided is taken back after a reload too', async ({
    page,
    context,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    const other = await context.newPage();
    const { style } = await studio.ask<{ style: { id: number } }>('/studio/house-style', { name: 'For two windows' });
    for (const window of [page, other]) {
        await window.goto(`/studio/house-style?style=${style.id}`);
        await expect(window.getByRole('group', { name: 'Letters', exact: true })).toBeVisible();
    }
    const decide = async (window: typeof page, label: string, value: string): Promise<void> => {
        await window.getByLabel(label, { exact: true }).fill(value);
        await window.getByLabel(label, { exact: true }).press('Tab');
    };
    await decide(other, 'base', '18');
    await expect(other.getByText('1 change not published')).toBeVisible();
    await page.evaluate(() => window.dispatchEvent(new Event('focus')));
    await expect(page.getByText('Somebody else has decided letters: base.')).toBeVisible();
    await expect(page.getByLabel('base', { exact: true })).toHaveValue('18');

    await decide(page, 'growth from size to size', '1.4');
    await expect(page.getByText('2 changes not published')).toBeVisible();
    await page.reload();
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(page.getByLabel('growth from size to size', { exact: true })).toHaveValue('1.25');
    await expect(page.getByText('1 change not published')).toBeVisible();

    await page.route('**/news?*', (route) => route.abort());
    await decide(other, 'titles', '40');
    await expect(other.getByText('2 changes not published')).toBeVisible();
    await decide(page, 'titles', '44');
    await expect(page.getByText('Somebody has decided this meanwhile. titles: theirs is 40, yours 44.')).toBeVisible();
    await page.getByRole('button', { name: 'Use mine' }).click();
    await expect(page.getByLabel('titles', { exact: true })).toHaveValue('44');
    await other.evaluate(() => window.dispatchEvent(new Event('focus')));
    await expect(other.getByLabel('titles', { exact: true })).toHaveValue('44');

    await test.step('sizes by hand, step by step', async () => {
        await page
            .getByRole('group', { name: 'Sizes, step by step' })
            .getByRole('button', { name: /^Sizes/ })
            .click();
        await expect(page.getByLabel('size 2', { exact: true })).toHaveValue('22.5');
        await decide(page, 'size 2', '24');
        await expect(page.getByRole('group', { name: 'Sizes, step by step' })).toContainText('1 by hand');
        await page.getByRole('button', { name: 'back to the usual: size 2' }).click();
        await expect(page.getByLabel('size 2', { exact: true })).toHaveValue('22.5');
    });
});

test('one category in its own colours; the rest of the shop stays', async ({ page }) => {
    test.setTimeout(120_000);
    const studio = new Studio(page);
    const owner = new Counted(studio, page);
    await studio.signIn();
    await studio.newTemplate('Inks by night');
    await studio.block('.buy-button').click();
    await owner.colour('Ground', 'star', owner.piece('Button'));
    await page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name: 'Page' }).click();
    const whole = owner.itself;
    await owner.colour('Ground', 'ink', whole);
    await owner.colour('Colour', 'ground', whole);
    await expect(studio.block('.page')).toHaveCSS('background-color', 'rgb(31, 42, 48)');
    await expect(whole.getByLabel('Colour', { exact: true })).toContainText('14.');
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await studio.condition('Show on', 'category is in', 'Bottled inks');
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.locator('[data-impact]').waitFor();
    await page.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByText(/published|is live/i).first()).toBeVisible();
    await expect
        .poll(async () => (await page.request.get('/p/teal-tide-bottled-ink')).text())
        .toContain('background-color:var(--colour-ink)');
    expect(await (await page.request.get('/p/almanac-fountain-pen')).text()).not.toContain(
        'background-color:var(--colour-ink)',
    );
});

test('good on the phone, beside the desktop: pictures first, a smaller title, boxes hidden', async ({ page }) => {
    test.setTimeout(120_000);
    const studio = new Studio(page);
    const owner = new Counted(studio, page);
    await studio.signIn();
    await studio.newTemplate('On the phone', 'Big picture and story');
    await page.getByRole('button', { name: 'phone beside desktop' }).click();
    const phone = page.frameLocator('iframe[title="The page on the phone"]');
    const wide = page.frameLocator('iframe[title^="The page with"]');
    await phone.locator('.title').click();
    await expect(owner.settings.getByText('on the phone')).toBeVisible();
    await owner.fill('size', owner.itself.getByLabel('Size', { exact: true }), '22');
    await expect(phone.locator('.title')).toHaveCSS('font-size', '22px');
    await expect(wide.locator('.title')).toHaveCSS('font-size', '48.8px');
    await test.step('what comes from the desktop is said', async () => {
        await owner.itself.getByRole('button', { name: 'back to the house style: Size' }).click();
        await expect(owner.itself.getByText('from the desktop')).toBeVisible();
    });
    await test.step('hidden on the phone alone', async () => {
        await phone.locator('.description').first().click();
        await owner.settings.getByLabel('phone', { exact: true }).uncheck();
        await expect(phone.locator('.description').first()).toBeHidden();
        await expect(wide.locator('.description').first()).toBeVisible();
    });
    await test.step('the column of the way to buy first', async () => {
        await phone.locator('.buy').click();
        await page.getByRole('navigation', { name: 'Where it stands' }).getByRole('button', { name: 'Column' }).click();
        await page.locator('iframe[title="The page on the phone"]').waitFor();
        await expect(owner.settings.getByText('on the phone')).toBeVisible();
        const order = owner.settings.locator('[data-style="order"]');
        await order.getByRole('button', { name: 'earlier' }).click();
        await expect(order.getByRole('status')).toHaveText('first');
        await studio.saved();
    });
    await test.step('on the wide page styles go to the desktop again', async () => {
        await wide.locator('.title').click();
        await expect(page.getByText('styles go to the desktop')).toBeVisible();
    });
    await test.step('what was taken back leaves nothing, and the wide page is as it is after a reload', async () => {
        await page.keyboard.press('ControlOrMeta+z');
        await studio.saved();
        await page.getByRole('button', { name: 'phone beside desktop' }).click();
        await expect(phone.locator('.title')).toHaveCount(0);
        const drawn = await looks(page);
        await page.reload();
        await expect(wide.locator('.title')).toHaveCSS('font-size', '48.8px');
        expect(await looks(page)).toEqual(drawn);
    });
});

test('the finish of one block is given to others; what does not fit is named', async ({ page }) => {
    const studio = new Studio(page);
    const owner = new Counted(studio, page);
    await studio.signIn();
    await studio.newTemplate('Finishes');
    await studio.block('.short-description').click();
    await owner.fill('size', owner.itself.getByLabel('Size', { exact: true }), '21');
    await owner.colour('Ground', 'surface', owner.itself);
    await owner.itself.getByRole('button', { name: /^take its finish/ }).click();
    await expect(page.getByText('is taken: 2 values.')).toBeVisible();

    await test.step('to the whole of another block, also in another template', async () => {
        await studio.newTemplate('Finishes elsewhere');
        await studio.block('.title').click();
        await owner.itself
            .getByRole('button', { name: 'give it the finish of Short description' })
            .click()
            .catch(() => undefined);
        await page.keyboard.press('Alt+Shift+V');
        await expect(studio.block('.title')).toHaveCSS('font-size', '21px');
        await expect(studio.block('.title')).toHaveCSS('background-color', 'rgb(238, 241, 239)');
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(studio.block('.title')).toHaveCSS('font-size', '34px');
    });

    await test.step('a picture takes the ground and not the letters', async () => {
        await studio.block('.gallery').click();
        await page.keyboard.press('Alt+Shift+V');
        await expect(studio.block('.gallery')).toHaveCSS('background-color', 'rgb(238, 241, 239)');
    });

    const keep = (finish: object | string): Promise<void> =>
        page.evaluate(
            (text) => localStorage.setItem('vestibra-finish', text),
            typeof finish === 'string' ? finish : JSON.stringify({ vestibra: 'finish', from: 'Price', ...finish }),
        );

    await test.step('one that an earlier version took is brought forward', async () => {
        await keep({ format: 3, kind: 'price', how: { desktop: { size: 41, colour: 'sale', spaceAbove: 4 } } });
        await studio.block('.price').click();
        await page.keyboard.press('Alt+Shift+V');
        await expect(studio.block('.price-now')).toHaveCSS('font-size', '41px');
        await expect(studio.block('.price-now')).toHaveCSS('color', 'rgb(163, 38, 42)');
        await expect(studio.block('.price')).toHaveCSS('margin-block-start', '20px');
    });

    await test.step('of one that a later version took, what is known is taken and the rest is named', async () => {
        await keep({
            format: 99,
            kind: 'price',
            how: { desktop: { 'now.size': 37, 'now.glow': 4 }, watch: { 'now.size': 9 } },
        });
        await page.keyboard.press('Alt+Shift+V');
        await expect(studio.block('.price-now')).toHaveCSS('font-size', '37px');
        await expect(page.getByText('Left out: glow.')).toBeVisible();
    });

    await test.step('what is no finish, or has values that nothing takes, changes nothing and says so', async () => {
        await keep('{"vestibra":"finish"');
        await studio.block('.title').click();
        await studio.block('.price').click();
        await expect(page.getByRole('button', { name: /^give it the finish of/ })).toHaveCount(0);
        await keep({ format: 4, kind: 'price', how: { desktop: { 'now.size': '9999px;}body{display:none}' } } });
        await page.keyboard.press('Alt+Shift+V');
        await expect(page.getByText(/The value before was kept|was not/).first()).toBeVisible();
        await expect(studio.block('.price-now')).toHaveCSS('font-size', '37px');
    });
});

test('the settings: find one, what has no effect says why, and the outline folds to the path', async ({ page }) => {
    const studio = new Studio(page);
    const owner = new Counted(studio, page);
    await studio.signIn();
    await page.goto('/studio/templates');
    await studio.newTemplate('Settings');
    await studio.keepOutlineOpen(false);
    await page.reload();
    await studio.loaded();
    await studio.block('.price').click();
    await expect(page.getByRole('tree')).toBeHidden();
    await expect(page.getByRole('navigation', { name: 'Where it stands' })).toContainText(/Page.*Band.*Column.*Price/);
    const room = await page.locator('[data-settings]').boundingBox();
    expect(room?.height).toBeGreaterThanOrEqual(480);
    expect(await page.evaluate(() => document.documentElement.scrollHeight <= window.innerHeight)).toBe(true);
    await page.getByRole('button', { name: 'outline' }).click();
    await expect(page.getByRole('treeitem', { name: 'Price' })).toBeVisible();
    await page.getByRole('button', { name: 'outline' }).click();

    await owner.settings.getByRole('button', { name: 'find a setting…' }).click();
    await page.keyboard.type('line’s colour');
    const saving = owner.piece('Saving');
    await owner.colour('Line’s colour', 'sale', saving);
    await expect(saving.getByText('no effect: there is no line')).toBeVisible();
    await owner.settings.getByRole('button', { name: 'all settings' }).click();
    await expect(owner.piece('Saving').getByRole('button', { name: /^Saving/ })).toContainText('1 differs');
});
