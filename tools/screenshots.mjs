// Takes the pictures in docs/screenshots from the demo data: node tools/screenshots.mjs
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { launchOptions } from './chromium.mjs';

const base = 'http://127.0.0.1:8123';
const server = spawn('bin/_test-server', { stdio: 'ignore', detached: true });
try {
    for (let tries = 0; tries < 240; tries++) {
        if (
            await fetch(base).then(
                (answer) => answer.ok,
                () => false,
            )
        )
            break;
        await new Promise((resolve) => setTimeout(resolve, 500));
    }
    const browser = await chromium.launch(launchOptions);
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    let asked = Date.now();
    let waiting = 0;
    page.on('request', () => ((asked = Date.now()), waiting++));
    page.on('requestfinished', () => waiting--);
    page.on('requestfailed', () => waiting--);
    /** Nothing is on its way, and nothing was asked for in a while. */
    const quiet = async () => {
        while (waiting > 0 || Date.now() - asked < 700) await new Promise((resolve) => setTimeout(resolve, 50));
    };
    const shoot = async (name) => {
        await quiet();
        await page.evaluate(() => document.fonts.ready);
        await page.screenshot({ path: `docs/screenshots/${name}.png` });
    };
    await page.goto(`${base}/studio`);
    await page.fill('[name=email]', 'owner@larkfold.example');
    await page.fill('[name=password]', 'paper-and-ink');
    await page.click('button');
    await page.waitForURL('**/studio/today');
    await page.goto(`${base}/studio/templates`);
    await page.getByRole('button', { name: 'New template…' }).click();
    await page.fill('#new-name', 'Bottled inks');
    await page.getByRole('button', { name: 'Make it' }).click();
    await page.waitForURL(/templates\/\d+$/);
    const made = page.url();
    const canvas = page.frameLocator('iframe');
    const saved = () => page.getByText('Everything is saved').waitFor();
    await canvas.locator('.price').waitFor();

    await page.getByRole('button', { name: 'Where it appears' }).click();
    for (const [section, words, value] of [
        ['Show on', 'category is in', 'Bottled inks'],
        ['Keep off', 'brand is one of', 'Hallorme'],
    ]) {
        await page.getByRole('region', { name: section }).getByRole('button', { name: 'a condition…' }).click();
        const picker = page.getByRole('dialog', { name: 'Condition' });
        await picker.getByRole('combobox').selectOption({ label: words });
        await picker.getByPlaceholder('Find…').fill(value);
        await picker.getByLabel(value, { exact: true }).check();
        await picker.getByRole('button', { name: 'Done' }).click();
    }
    await page.getByText('Covers 17 products').waitFor();
    await shoot('reach');
    await page
        .getByRole('region', { name: 'Show on' })
        .getByRole('button', { name: 'Back to the page' })
        .or(page.getByRole('button', { name: 'Back to the page' }))
        .first()
        .click();

    await page.getByRole('radio', { name: 'Mulled Plum' }).click();
    await canvas.locator('.title', { hasText: 'Mulled Plum' }).waitFor();
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();
    await page.getByPlaceholder('Find a block…').fill('Rating');
    await drag(page.locator('[data-shelf="Rating"]'), canvas.locator('.title'), 0.4, 0.95);
    await canvas.locator('.price').click();
    const settings = page.getByRole('region', { name: 'Settings of Price' });
    await settings.getByLabel('Size', { exact: true }).fill('38');
    await settings.getByLabel('Colour', { exact: true }).click();
    await page.getByRole('group', { name: 'Colours of the house style' }).getByRole('button', { name: 'sale' }).click();
    await page.keyboard.press('Escape');
    await canvas.locator('.gallery').click();
    await page
        .getByRole('region', { name: 'Settings of Gallery' })
        .getByLabel('Small pictures', { exact: true })
        .selectOption('left');
    await saved();
    await canvas.locator('.price').click();
    await page.getByRole('button', { name: 'Samples', exact: true }).click();
    await page.getByRole('button', { name: 'Fold this row' }).click();
    await page.mouse.move(5, 5);
    await shoot('drawing-table');
    await page.getByRole('button', { name: 'More…' }).click();
    await page.getByRole('menuitem', { name: 'Fitting: try it on every page' }).click();
    await page.locator('[data-fitted]').waitFor();
    await shoot('fitting');
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.locator('[data-impact]').waitFor();
    await shoot('publish');
    await page.getByRole('button', { name: 'Publish now' }).click();
    await page.getByRole('heading', { name: 'is live' }).waitFor();
    await page.goto(`${base}/studio/templates`);
    await shoot('templates');
    await page.goto(`${base}/studio/releases`);
    await shoot('releases');
    await page.goto(`${base}/studio/why/product/mulled-plum-bottled-ink`);
    await shoot('ladder');
    await page.goto(`${base}/studio/who`);
    await page.getByPlaceholder('of any title or number').fill('fountain');
    await page.getByRole('button', { name: /^select all \d+ that match/ }).click();
    await page.getByText('They are exactly').waitFor();
    await shoot('who');
    await page.getByRole('button', { name: 'select nothing' }).click();
    await page.goto(`${base}/studio/in-and-out`);
    await page.setInputFiles('input[type=file]', {
        name: 'autumn-stock.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(
            'Artikel-Nr.;Bestand neu;VK;Lagerplatz\nLF-0028-02;24;5,90;B-12\nLF-28-01;7;3,40;B-13\nLF-0001-01;lots;39,00;A-2\nLF-0004-01;51;12,90;A-7\nLF-0057-01;9;95,00;C-1\n',
        ),
    });
    for (const [called, is] of [
        ['Artikel-Nr.', 'stock number'],
        ['Bestand neu', 'stock'],
        ['VK', 'price'],
    ])
        await page.getByLabel(`What “${called}” goes to`).selectOption(is);
    await page.getByText('rows to mend').waitFor();
    await shoot('in-and-out');
    await page.goto(made);
    await canvas.locator('.price').click();
    await page.getByRole('region', { name: 'Settings of Price' }).getByLabel('Size', { exact: true }).fill('30');
    await saved();
    await page.goto(`${base}/studio/today`);
    await shoot('today');

    await page.goto(`${base}/studio/catalogue`);
    await shoot('products');
    await page.goto(`${base}/studio/products/1`);
    await page.getByRole('button', { name: /^out\s?: Bottled inks/ }).click();
    await page.getByText(/Saving moves the page/).waitFor();
    await page.evaluate(() => window.scrollTo(0, 0));
    await shoot('product-sheet');
    await page.getByRole('button', { name: 'Put back' }).click();
    await page.goto(`${base}/studio/templates`);
    const banner = await page.evaluate(bannerForInks);
    await page.goto(`${base}/studio/templates/${banner}`);
    await canvas.locator('.page-title').waitFor();
    await page.getByRole('button', { name: 'Samples', exact: true }).click();
    await page.getByRole('treeitem', { name: /^Products/ }).click();
    await page.getByLabel('As the card').selectOption('start to-buy');
    await page.getByRole('region', { name: 'The card' }).waitFor();
    await canvas.locator('.quick-buy').first().waitFor();
    await canvas.locator('.product-grid .card').nth(1).locator('.title').scrollIntoViewIfNeeded();
    await canvas.locator('.product-grid .card').nth(1).locator('.title').click();
    await page.mouse.move(5, 5);
    await shoot('card');
    await page.goto(`${base}/c/inks`);
    await shoot('category');
    await page.goto(`${base}/studio/house-style?style=2`);
    await page.frameLocator('[data-specimen="cart"] iframe').locator('.cart').waitFor();
    await page.getByRole('button', { name: /^main / }).click();
    await shoot('house-style');
    await page.goto(`${base}/studio/words?`);
    await page.getByRole('searchbox').fill('quantity');
    const label = page.locator('[data-words-of="buy.label"] input');
    await label.fill('Put in the basket');
    await label.press('Enter');
    await page.getByText('Kept in your draft').waitFor();
    await shoot('words');
    await example(page);
    await page.goto(`${base}/studio/templates`);
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.evaluate(filtersForPens);
    await page.goto(`${base}/c/pens`);
    await page.locator('label', { hasText: 'Brindlace' }).click();
    await page.locator('.chosen-filter').waitFor();
    await shoot('filters');
    const customer = await (await browser.newContext()).newPage();
    for (const words of ['jotter', 'teal ink', 'jotter', 'biro', 'diary', 'fountian pen', 'jotter', 'diary'])
        await customer.goto(`${base}/search?q=${encodeURIComponent(words)}`);
    await page.goto(`${base}/studio/search`);
    await page.locator('[data-search="jotter"] button').click();
    await page.getByText('It means the same as').waitFor();
    await shoot('search');
    await page.goto(`${base}/studio/templates`);
    const header = await page.evaluate(headerForWinter);
    await page.goto(`${base}/studio/templates/${header}`);
    await canvas.locator('.header').waitFor();
    await page.getByPlaceholder('Any page…').fill('inks');
    await page.getByRole('radio', { name: /^Inks/ }).first().click();
    await canvas.locator('.page-title', { hasText: 'Inks' }).waitFor();
    await canvas.locator('.header .navigation-list').click({ position: { x: 4, y: 4 } });
    await page.mouse.move(5, 5);
    await shoot('header');
    await browser.close();

    async function drag(from, to, x, y) {
        await page.getByRole('button', { name: 'Shelf', exact: true }).click();
        const [start, end] = [await from.boundingBox(), await to.boundingBox()];
        await page.mouse.move(start.x + 30, start.y + 20);
        await page.mouse.down();
        await page.mouse.move(end.x + end.width * x, end.y + end.height * y, { steps: 10 });
        await page.locator('[data-landing]').waitFor();
        await page.mouse.up();
        await saved();
    }
} finally {
    process.kill(-server.pid);
}

/** A template for the page of one category, with a banner, published: its number. */
async function bannerForInks() {
    const ask = async (address, body) =>
        (
            await fetch(address, {
                method: 'POST',
                headers: {
                    Accept: 'application/json',
                    'Content-Type': 'application/json',
                    'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
                },
                body: JSON.stringify(body),
            })
        ).json();
    const inks = (await (await fetch('/studio/names/category?q=inks')).json()).names.find(
        (one) => one.name === 'Inks',
    ).id;
    const { id } = await ask('/studio/templates', {
        name: 'Inks, with a banner',
        start: 'banner',
        pageKind: 'category',
    });
    const reach = {
        format: 2,
        show: [[{ field: 'category', comparison: 'isExactly', values: [inks] }]],
        keepOff: [],
        season: {},
        goesFirst: false,
    };
    const { revision } = await ask(`/studio/templates/${id}/edits`, {
        edits: [{ edit: 'reach', reach }],
        sample: inks,
    });
    await ask('/studio/publish', { revisions: { [id]: revision } });
    return id;
}

/** A template with filters beside the products, for pens, published. */
async function headerForWinter() {
    const token = document.querySelector('meta[name="csrf-token"]').content;
    const answer = await fetch('/studio/templates', {
        method: 'POST',
        headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': token },
        body: JSON.stringify({ name: 'Header for winter', start: 'two-rows', pageKind: 'header' }),
    });
    return (await answer.json()).id;
}

async function filtersForPens() {
    const ask = async (address, body) =>
        (
            await fetch(address, {
                method: 'POST',
                headers: {
                    Accept: 'application/json',
                    'Content-Type': 'application/json',
                    'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
                },
                body: JSON.stringify(body),
            })
        ).json();
    const pens = (await (await fetch('/studio/names/category?q=pens')).json()).names.find(
        (one) => one.name === 'Pens',
    ).id;
    const { id } = await ask('/studio/templates', {
        name: 'Pens, with filters',
        start: 'beside',
        pageKind: 'category',
    });
    const reach = {
        format: 2,
        show: [[{ field: 'category', comparison: 'isIn', values: [pens] }]],
        keepOff: [],
        season: {},
        goesFirst: false,
    };
    const { revision } = await ask(`/studio/templates/${id}/edits`, {
        edits: [{ edit: 'reach', reach }],
        sample: pens,
    });
    await ask('/studio/publish', { revisions: { [id]: revision } });
}

/** The example page that owners are shown to build: docs/examples/product.png. */
async function example(page) {
    await page.goto(`${base}/studio/templates`);
    const id = await page.evaluate(async () => {
        const ask = async (address, body) =>
            (
                await fetch(address, {
                    method: 'POST',
                    headers: {
                        Accept: 'application/json',
                        'Content-Type': 'application/json',
                        'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
                    },
                    body: JSON.stringify(body),
                })
            ).json();
        const made = await ask('/studio/templates', { name: 'The example', start: 'blank', pageKind: 'product' });
        const page = await ask(`/studio/templates/${made.id}/undo`, {});
        const note = (icon, text) => ({ kind: 'note', what: { icon, text } });
        const bands = [
            {
                kind: 'band',
                children: [
                    {
                        kind: 'column',
                        how: { desktop: { share: 3, staysInView: true } },
                        children: [{ kind: 'gallery', how: { desktop: { shape: 'wide' } } }],
                    },
                    {
                        kind: 'column',
                        how: { desktop: { share: 2 } },
                        children: [
                            { kind: 'title' },
                            { kind: 'rating' },
                            { kind: 'price' },
                            note('parcel', 'Sent within two days'),
                            note('return', 'Thirty days to change your mind'),
                            { kind: 'variant-picker' },
                            { kind: 'buy' },
                            { kind: 'marks' },
                        ],
                    },
                ],
            },
            {
                kind: 'band',
                children: [
                    {
                        kind: 'column',
                        children: [
                            {
                                kind: 'tabs',
                                how: { desktop: { align: 'center' } },
                                children: [
                                    {
                                        kind: 'tab',
                                        what: { title: 'Description' },
                                        children: [{ kind: 'description' }],
                                    },
                                    { kind: 'tab', what: { title: 'In detail' }, children: [{ kind: 'facts-table' }] },
                                ],
                            },
                        ],
                    },
                ],
            },
            {
                kind: 'band',
                children: [
                    {
                        kind: 'column',
                        children: [
                            { kind: 'product-grid', what: { feed: 'chosen', titled: true, products: [2, 5, 8, 12] } },
                        ],
                    },
                ],
            },
        ];
        const parent = page.state.tree.id;
        await ask(`/studio/templates/${made.id}/edits`, {
            edits: bands.reverse().map((node) => ({ edit: 'insert', node, parent, after: null })),
            sample: 1,
        });
        return made.id;
    });
    await page.setViewportSize({ width: 1280, height: 1500 });
    const product = await page.evaluate(
        async () => (await (await fetch('/studio/facts/rows?q=Sexton')).json()).rows[0].id,
    );
    await page.goto(`${base}/studio/templates/${id}/canvas/${product}`);
    await page.waitForLoadState('networkidle');
    await page.screenshot({ path: 'docs/examples/product.png' });
}
