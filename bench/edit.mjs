// From pointer-up or last key to the server's confirmed HTML painted, on the drawing table, served by bin/start.
// node bench/edit.mjs [--blocks=60] [--edits=300] [--seed=1]
// node bench/edit.mjs --blocks=200 --styled=1: each block with ten style values in two states; --styled=2: and no two
// of them alike node bench/edit.mjs --cards=48: the card of that many products, edited where it stands
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { launchOptions } from '../tools/chromium.mjs';

const option = (name, otherwise) =>
    Number(process.argv.find((one) => one.startsWith(`--${name}=`))?.split('=')[1] ?? otherwise);
const cards = option('cards', 0);
const STYLES = {
    colour: 'ink',
    corner: 6,
    ground: 'surface',
    letterSpacing: '0.01em',
    line: 1,
    lineColour: 'line',
    opacity: 98,
    padding: 8,
    shadow: 'shadow-soft',
    slant: 'italic',
};
/** Ten values, and ten others while a hand is on the block. */
const styled = (nth) =>
    option('styled', 0) === 0
        ? {}
        : {
              how: {
                  desktop: Object.fromEntries(
                      Object.entries(
                          option('styled', 0) === 2
                              ? { ...STYLES, padding: nth % 20, corner: Math.floor(nth / 10) }
                              : STYLES,
                      ).flatMap(([name, value]) => [
                          [name, value],
                          [
                              `${name}:hovered`,
                              typeof value === 'number' ? Math.max(0, value - 1) : value === 'surface' ? 'line' : value,
                          ],
                      ]),
                  ),
              },
          };
const [blocks, edits, warmUp] = [option('blocks', 60), option('edits', 300), 20];
let seed = option('seed', 1);
const draw = (below) => (seed = (seed * 48271) % 2147483647) % below;
const base = 'http://127.0.0.1:8124';

const server = spawn('bin/start', {
    env: {
        ...process.env,
        PORT: '8124',
        DB_DATABASE: `${process.cwd()}/storage/app/bench.sqlite`,
        APP_CONFIG_CACHE: `${process.cwd()}/storage/app/bench-config.php`,
    },
    stdio: 'ignore',
    detached: true,
});
const stop = () => process.kill(-server.pid);

try {
    for (let tries = 0; ; tries++) {
        const up = await fetch(base).then(
            (answer) => answer.ok,
            () => false,
        );
        if (up) break;
        if (tries > 240) throw new Error('The server did not come up.');
        await new Promise((resolve) => setTimeout(resolve, 500));
    }
    const browser = await chromium.launch(launchOptions);
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${base}/studio`);
    await page.fill('[name=email]', 'owner@larkfold.example');
    await page.fill('[name=password]', 'paper-and-ink');
    await page.click('button');
    await page.waitForURL('**/studio/today');
    await page.evaluate(() => localStorage.setItem('vestibra-column', '344 260 open'));
    await page.goto(`${base}/studio/templates`);
    await page.getByRole('button', { name: 'New template…' }).click();
    await page.fill('#new-name', `Benchmark of ${cards || blocks}`);
    if (cards > 0) await page.getByLabel('the page of all products').check();
    await page.getByRole('button', { name: 'Make it' }).click();
    await page.waitForURL(/templates\/\d+$/);
    await (cards > 0 ? openCard(page) : fill(page));
    const samples = [...(cards > 0 ? [] : await selecting(page)), ...(await measure(page))];
    await browser.close();
    report(samples);
} finally {
    stop();
}

/** Fills the template with headings, texts and prices up to the number of blocks. */
async function fill(page) {
    await page.evaluate(
        async ([wanted, styles, format]) => {
            const state = JSON.parse(document.getElementById('screen').textContent).data.state;
            const columns = state.tree.children.flatMap((band) => band.children);
            const count = (node) => 1 + (node.children ?? []).reduce((sum, child) => sum + count(child), 0);
            const edit = (edits) =>
                fetch(`${location.pathname}/edits`, {
                    method: 'POST',
                    headers: {
                        'Content-Type': 'application/json',
                        Accept: 'application/json',
                        'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
                    },
                    body: JSON.stringify({ edits, sample: 1, format }),
                });
            for (let made = count(state.tree) - 1; made < wanted; made += 20) {
                await edit(
                    Array.from({ length: Math.min(20, wanted - made) }, (_, at) => ({
                        edit: 'insert',
                        parent: columns[(made + at) % columns.length].id,
                        after: null,
                        node: {
                            kind: ['heading', 'text', 'price', 'rating', 'short-description'][(made + at) % 5],
                            ...styles[made + at],
                        },
                    })),
                );
            }
        },
        [blocks, Array.from({ length: blocks }, (_, nth) => styled(nth)), 4],
    );
    await page.reload();
    await page.frameLocator('iframe').locator('.heading').first().waitFor();
}

/** So many products in the grid of the page, and the card of one of them opened, with eight blocks. */
async function openCard(page) {
    const frame = page.frameLocator('iframe');
    const shown = frame.locator('.product-grid .card');
    await page.getByRole('treeitem', { name: /^Products/ }).click();
    await page.getByLabel('At once').fill(String(cards));
    await page.getByLabel('At once').press('Enter');
    await shown.nth(cards - 1).waitFor();
    await page.getByLabel('As the card').selectOption('start to-buy');
    await page.getByRole('region', { name: 'The card' }).waitFor();
    await page.reload();
    await page.getByRole('region', { name: 'The card' }).waitFor();
    await frame.locator('.quick-buy').first().waitFor();
}

/** From the press on a block's row, or on the block itself, to its settings painted. */
async function selecting(page) {
    await page.evaluate(() => {
        window.chosen = { began: 0, painted: 0 };
        const begin = () => (window.chosen = { began: performance.now(), painted: 0 });
        window.addEventListener('pointerdown', begin, true);
        document.querySelector('iframe').contentDocument.addEventListener('pointerdown', begin, true);
        new MutationObserver(() => {
            const mine = window.chosen;
            if (mine.painted === 0) requestAnimationFrame(() => setTimeout(() => (mine.painted ||= performance.now())));
        }).observe(document.querySelector('[data-settings]'), { childList: true, subtree: true, characterData: true });
    });
    const rows = page.getByRole('treeitem');
    const onPage = page.frameLocator('iframe').locator('.column .heading, .column .price, .column .rating');
    const counts = { 'select, row': await rows.count(), 'select, page': await onPage.count() };
    const samples = [];
    for (let at = 0; at < 240 + warmUp; at++) {
        const name = Object.keys(counts)[at % 2];
        const block = (at % 2 === 0 ? rows : onPage).nth(draw(counts[name]));
        await page.keyboard.press('Escape');
        await block.scrollIntoViewIfNeeded();
        await block.click({ position: { x: 8, y: 4 } });
        await page.waitForFunction(() => window.chosen.painted > 0, undefined, { polling: 5 });
        const took = await page.evaluate(() => window.chosen.painted - window.chosen.began);
        if (at >= warmUp) samples.push({ name, took });
    }
    return samples;
}

async function measure(page) {
    await page.evaluate(() => {
        const frame = document.querySelector('iframe').contentWindow;
        const enhance = frame.vestibra.enhance;
        window.marks = { began: 0, painted: 0 };
        for (const kind of ['keydown', 'change', 'input', 'pointerup', 'click'])
            window.addEventListener(kind, () => (window.marks = { began: performance.now(), painted: 0 }), true);
        frame.vestibra.enhance = () => {
            enhance();
            frame.requestAnimationFrame(() => frame.setTimeout(() => (window.marks.painted = performance.now())));
        };
    });
    const samples = [];
    const inOutline = (kind, nth) =>
        page
            .getByRole('treeitem')
            .filter({ hasText: new RegExp(`^${kind}`) })
            .nth(nth);
    const settings = page.locator('[data-settings]');
    await page.getByRole('button', { name: 'Shelf', exact: true }).click();
    const kinds = {
        'typed word': async (round) => {
            await inOutline('Heading', draw(4)).click();
            return () => settings.getByLabel('Words', { exact: true }).pressSequentially(String(round % 10));
        },
        size: async (round) => {
            await inOutline('Heading', draw(4)).click();
            return () => settings.getByLabel('Size', { exact: true }).fill(String(14 + (round % 40)));
        },
        colour: async (round) => {
            await inOutline('Price', draw(4)).click();
            await page.keyboard.press('Escape');
            await settings.getByLabel('Colour', { exact: true }).click();
            const roles = page.getByRole('group', { name: 'Colours of the house style' });
            return () => roles.getByRole('button', { name: ['sale', 'quiet', 'ink', 'star'][round % 4] }).click();
        },
        insert: async () => {
            await inOutline('Heading', draw(4)).click();
            return () => page.locator('[data-shelf="Text"]').click();
        },
        move: async () => {
            await inOutline('Text', draw(3)).click();
            return () => page.keyboard.press('Alt+ArrowDown');
        },
        remove: async () => {
            await inOutline('Text', draw(3)).click();
            return () => page.keyboard.press('Delete');
        },
    };
    const ofCard = {
        size: async (round) => {
            await inOutline('Title', 0).click();
            return () => settings.getByLabel('Size', { exact: true }).fill(String(14 + (round % 20)));
        },
        level: async (round) => {
            await inOutline('Title', 0).click();
            return () => settings.getByLabel('Heading level').selectOption(round % 2 === 0 ? 'p' : 'h3');
        },
        insert: async () => {
            await inOutline('Title', 0).click();
            return () => page.locator('[data-shelf="Text"]').click();
        },
        move: async () => {
            await inOutline('Rating', 0).click();
            return (round) => page.keyboard.press(round % 2 === 0 ? 'Alt+ArrowDown' : 'Alt+ArrowUp');
        },
        remove: async () => {
            await inOutline('Text', 0).click();
            return () => page.keyboard.press('Delete');
        },
    };
    const made = cards > 0 ? ofCard : kinds;
    const names = Object.keys(made);
    for (let at = 0; at < edits + warmUp; at++) {
        const name = names[at % names.length];
        const act = await made[name](at);
        await page.evaluate(() => (window.marks = { began: 0, painted: 0 }));
        await act(at);
        await page.waitForFunction(
            () => window.marks.began > 0 && window.marks.painted > window.marks.began,
            undefined,
            { polling: 5 },
        );
        const took = await page.evaluate(() => window.marks.painted - window.marks.began);
        if (at >= warmUp) samples.push({ name, took });
    }
    return samples;
}

function report(samples) {
    const at = (list, part) =>
        list.sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * part))].toFixed(1);
    const line = (words, list) =>
        console.log(
            `${words.padEnd(12)} median ${at(list, 0.5).padStart(6)} ms   95th percentile ${at(list, 0.95).padStart(6)} ms   (${list.length})`,
        );
    console.log(`edit: ${cards > 0 ? `the card of ${cards} products` : `${blocks} blocks`}, seed ${option('seed', 1)}`);
    for (const name of new Set(samples.map((sample) => sample.name)))
        line(
            name,
            samples.filter((sample) => sample.name === name).map((sample) => sample.took),
        );
    line(
        'all edits',
        samples.filter((sample) => !sample.name.startsWith('select')).map((sample) => sample.took),
    );
    mkdirSync('storage/app/bench', { recursive: true });
    writeFileSync(`storage/app/bench/edit-${cards > 0 ? `card-${cards}` : blocks}.json`, JSON.stringify(samples));
}
