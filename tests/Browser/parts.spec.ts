import { expect, test } from './fresh';
import { Studio } from './studio';

test('a promise kept once stands on two templates as shared, changes on both when it is published, and goes its own way as a copy', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    for (const [name, category] of [
        ['Every pen', 'Pens'],
        ['Every ink', 'Inks'],
    ] as const) {
        await studio.newTemplate(name);
        await page.getByRole('button', { name: 'Shelf', exact: true }).click();
        await page.getByPlaceholder('Find a block…').fill('promise');
        await page.locator('[data-shelf="Our promise"]').click();
        await expect(studio.block('.note').first()).toContainText('Packed in paper');
        await expect(page.getByRole('treeitem', { name: 'Our promise shared part' })).toBeVisible();
        await studio.saved();
        await page.getByRole('button', { name: 'Where it appears' }).click();
        await studio.condition('Show on', 'category is in', category);
        await studio.saved();
        await page.getByRole('button', { name: 'Publish…' }).click();
        await page.getByRole('button', { name: 'Publish now' }).click();
        await expect(page.getByText(`“${name}” is live`)).toBeVisible();
    }

    await page.goto('/studio/templates');
    const part = page.locator('[data-part="Our promise"]');
    await expect(part).toContainText('Every ink, Every pen');
    await expect(part.getByRole('button', { name: /let go/ })).toBeHidden();
    await part.getByRole('link', { name: 'Our promise' }).click();
    await studio.loaded();
    await expect(page.getByText('stands on “Every ink”, “Every pen”')).toBeVisible();
    await studio.block('.note [data-words="text"]').first().dblclick();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.type('Packed in card');
    await page.keyboard.press('Escape');
    await studio.saved();
    await page.goto('/p/wherry-fountain-pen');
    await expect(page.getByText('Packed in paper, nothing else')).toBeVisible();

    await page.goBack();
    await studio.loaded();
    await page.getByRole('button', { name: 'Publish…' }).click();
    await expect(page.locator('[data-move="new look"]')).toHaveCount(2);
    await page.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByText('“Our promise” is live')).toBeVisible();
    for (const slug of ['wherry-fountain-pen', 'teal-tide-bottled-ink']) {
        await page.goto(`/p/${slug}`);
        await expect(page.getByText('Packed in card')).toBeVisible();
    }

    await page.goto('/studio/templates');
    await page.getByRole('link', { name: 'Every pen' }).first().click();
    await studio.loaded();
    await page.getByRole('treeitem', { name: 'Our promise shared part' }).click();
    await page.getByRole('button', { name: 'make it a copy here' }).click();
    await expect(page.getByText('“Our promise” is a copy here now')).toBeVisible();
    await expect(page.getByRole('treeitem', { name: 'Our promise shared part' })).toBeHidden();
    await page.goto('/studio/templates');
    await expect(part).toContainText('Every pen');
    await page.getByRole('link', { name: 'Every pen' }).first().click();
    await studio.loaded();
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByText('“Every pen” is live')).toBeVisible();
    await page.goto('/studio/templates');
    await expect(part).not.toContainText('Every pen');
});

test('one product’s own story is laid out on the drawing table and stands on its page alone', async ({ page }) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Inks with stories');
    await studio.block('.price').click();
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();
    await page.getByPlaceholder('Find a block…').fill('own blocks');
    await page.locator('[data-shelf="Product’s own blocks"]').click();
    await page.getByLabel('The fact').selectOption({ label: 'Story' });
    await studio.saved();
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await studio.condition('Show on', 'category is in', 'Bottled inks');
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByText('“Inks with stories” is live')).toBeVisible();
    await page.goto('/p/teal-tide-bottled-ink');
    await expect(page.getByRole('heading', { name: 'How Teal Tide got its name' })).toBeVisible();
    await page.goto('/p/mulled-plum-bottled-ink');
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByText('got its name')).toBeHidden();

    await page.goto('/studio/facts?q=mulled+plum+bottled');
    await page.getByRole('rowheader').getByRole('link', { name: 'Mulled Plum bottled ink' }).click();
    await page.getByRole('button', { name: 'Lay it out on the drawing table' }).click();
    await expect(studio.canvas.locator('.stage')).toBeVisible();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Story of Mulled Plum bottled ink');
    await expect(page.getByRole('button', { name: 'Where it appears' })).toBeHidden();
    await studio.fromShelf('Heading', studio.block('.stage'), { x: 0.5, y: 0.3 });
    await studio.block('.heading').dblclick();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.type('Plums, cloves and a cold evening');
    await page.keyboard.press('Enter');
    await studio.saved();
    await page.getByRole('button', { name: 'Publish…' }).click();
    await expect(page.locator('[data-impact]')).toContainText('1 gets a new look');
    await page.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByText('“Story of Mulled Plum bottled ink” is live')).toBeVisible();
    await page.goto('/p/mulled-plum-bottled-ink');
    await expect(page.getByRole('heading', { name: 'Plums, cloves and a cold evening' })).toBeVisible();
    await page.goto('/p/night-mail-bottled-ink');
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByText('Plums, cloves')).toBeHidden();
});

test('a film behind the title plays, can be stopped, and keeps still for those who want it so', async ({
    page,
    browser,
    baseURL,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('With a film');
    await page.getByRole('treeitem', { name: /^Band/ }).first().click();
    await page.getByRole('group', { name: 'Film behind' }).getByRole('button', { name: 'Choose a film…' }).click();
    await page.getByRole('button', { name: /A line of ink.webm/ }).click();
    await expect(studio.block('.band-back video')).toBeAttached();
    await studio.saved();
    await page.getByRole('button', { name: 'Where it appears' }).click();
    await studio.condition('Show on', 'category is in', 'Bottled inks');
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByRole('button', { name: 'Publish now' }).click();
    await expect(page.getByText('“With a film” is live')).toBeVisible();

    await page.goto('/p/teal-tide-bottled-ink');
    const paused = (): Promise<boolean> =>
        page.locator('[data-film-behind]').evaluate((film: HTMLVideoElement) => film.paused);
    await expect.poll(paused).toBe(false);
    await page.getByRole('button', { name: 'Stop the film' }).click();
    await expect.poll(paused).toBe(true);
    await page.getByRole('button', { name: 'Play the film' }).click();
    await expect.poll(paused).toBe(false);

    const still = await browser.newPage({ reducedMotion: 'reduce' });
    await still.goto(`${baseURL}/p/teal-tide-bottled-ink`);
    await expect(still.getByRole('button', { name: 'Play the film' })).toBeVisible();
    expect(await still.locator('[data-film-behind]').evaluate((film: HTMLVideoElement) => film.paused)).toBe(true);
    await still.close();
});

test('parts of the page are named and found, a holder shows another product, and a held key shows the page before', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Beside another');
    await studio.block('.short-description').click();
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();
    await page.getByPlaceholder('Find a block…').fill('holder');
    await page.locator('[data-shelf="Holder"]').click();
    await studio.saved();
    await page.getByRole('button', { name: 'Pick a product…' }).click();
    await page.getByPlaceholder('Find…').fill('wherry fountain');
    await page.getByLabel('Wherry fountain pen').check();
    await studio.saved();
    await page.keyboard.press('Escape');
    await page.getByRole('treeitem', { name: 'Holder' }).click();
    await page.keyboard.press('F2');
    await page.getByLabel('Name of this part').fill('The pen beside it');
    await page.keyboard.press('Enter');
    await studio.saved();
    await page.getByPlaceholder('Find a block…').fill('title');
    await page.getByRole('treeitem', { name: 'The pen beside it' }).click();
    await page.getByRole('group', { name: 'A click puts the block' }).getByRole('button', { name: 'inside' }).click();
    await page.locator('[data-shelf="Title"]').click();
    await studio.saved();
    await expect(studio.block('.holder .title')).toHaveText('Wherry fountain pen');
    await expect(studio.block('.title').first()).not.toHaveText('Wherry fountain pen');

    await page.getByLabel('Find a part of the page').fill('pen beside');
    await expect(page.getByRole('treeitem')).toHaveCount(1);
    await page.getByLabel('Find a part of the page').fill('');
    await page.getByRole('treeitem', { name: 'The pen beside it' }).click();
    await page.keyboard.press('Delete');
    await expect(studio.block('.holder')).toBeHidden();
    await studio.saved();
    await page.keyboard.down('F7');
    const before = page.frameLocator('iframe[title="Before the last change"]');
    await expect(before.locator('.holder .title')).toHaveText('Wherry fountain pen');
    await page.keyboard.up('F7');
    await expect(page.locator('iframe[title="Before the last change"]')).toBeHidden();
});

test('blocks copied years ago are pasted still, and what is no block or unknown says so and changes nothing', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Pasted into');
    const paste = (text: string): Promise<void> =>
        page.locator('body').evaluate((body, words) => {
            const clipboardData = new DataTransfer();
            clipboardData.setData('text/plain', words);
            body.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
        }, text);
    // As format 1 wrote it, and as it is to be read from now on.
    const old =
        '{"vestibra":"blocks","format":1,"blocks":[{"kind":"text","what":{"text":"From the first version"},"how":{"desktop":{"size":18}}}]}';
    await page.getByRole('treeitem', { name: 'Price' }).click();
    await paste(old);
    await expect(studio.block('.text').filter({ hasText: 'From the first version' })).toBeVisible();
    const dated =
        '{"vestibra":"blocks","format":1,"blocks":[{"kind":"text","what":{"text":"With a condition"},"when":{"product":[{"field":"stock","comparison":"isIn","values":[]}]}}]}';
    await paste(dated);
    await expect(studio.block('.text').filter({ hasText: 'With a condition' })).toBeVisible();
    await expect(page.getByText('pasted.')).toBeVisible();
    await studio.saved();
    const parts = await page.getByRole('treeitem').count();
    await paste('{"vestibra":"blocks","format":1,"blocks":[{"kind":"spinner"}]}');
    await expect(
        page.getByText('This Vestibra does not know blocks of the kind “spinner”. Nothing was pasted.'),
    ).toBeVisible();
    await paste('{"vestibra":"blocks","format":9,"blocks":[{"kind":"text"}]}');
    await expect(page.getByText('These blocks were copied from a newer Vestibra. Nothing was pasted.')).toBeVisible();
    await paste('<html><body><table><tr><td>A whole page</td></tr></table></body></html>');
    await expect(page.getByText('What was copied are no blocks.')).toBeVisible();
    await expect(page.getByRole('treeitem')).toHaveCount(parts);
});

test('a word processor’s table or a whole web page pasted into rich text keeps its words and says what stayed behind', async ({
    page,
}) => {
    const studio = new Studio(page);
    await studio.signIn();
    await studio.newTemplate('Pasted words');
    await studio.block('.price').click();
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();
    await page.getByPlaceholder('Find a block…').fill('rich text');
    await page.locator('[data-shelf="Rich text"]').click();
    const field = page.getByRole('textbox', { name: 'Words', exact: true });
    await expect(field).toBeVisible();
    await field.click();
    await page.keyboard.press('ControlOrMeta+a');
    const html = `<html><head><style>td { mso-number-format: General }</style></head><body>
        <table class="MsoTable"><tr><td><p class="MsoNormal"><b>Nib</b></p></td><td>0.4 mm</td></tr></table>
        <script>document.title = 'taken over'</script><img src="x" onerror="document.title = 'taken over'">
        <h3>How to fill it</h3><ul><li>Dip the <a href="/c/inks" onclick="alert(1)">whole nib</a></li></ul></body></html>`;
    await field.evaluate((element, pasted) => {
        const clipboardData = new DataTransfer();
        clipboardData.setData('text/html', pasted);
        clipboardData.setData('text/plain', 'plain');
        element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    }, html);
    await expect(page.getByText('The words were pasted. Stayed behind: 1 picture.')).toBeVisible();
    const words = studio.block('.rich-text');
    await expect(words).toContainText('0.4 mm');
    await expect(words.locator('td strong')).toHaveText('Nib');
    await expect(words.locator('li a')).toHaveAttribute('href', '/c/inks');
    await expect(words.locator('img, script, [onclick], [class*="Mso"]')).toHaveCount(0);
    expect(await page.title()).not.toBe('taken over');
    await studio.saved();
});
