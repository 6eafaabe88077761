// What every screen of the Studio asks of the server when it is opened: milliseconds of the answer and queries, the
// quicker of two visits. Screens are found by opening every address that may be one. Called by `vestibra:bench
// screens`. node bench/screens.mjs --base=http://127.0.0.1:8127 --addresses=FILE --products=N
import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { launchOptions } from '../tools/chromium.mjs';

const VISITS = 2;
const MOST = 120_000;
const QUIET = 400;
const given = (name) => process.argv.find((one) => one.startsWith(`--${name}=`))?.slice(name.length + 3) ?? '';
const base = given('base');
const addresses = JSON.parse(readFileSync(given('addresses'), 'utf8'));
/** What a drawing table asks when its next questions are opened. */
const DOINGS = [
    ['where it appears', (page) => page.getByRole('button', { name: 'Where it appears' })],
    ['publish', (page) => page.getByRole('button', { name: 'Publish…' })],
];

/** One kind of question, whatever it names. */
const shape = (address) => address.replace(/\/\d+(?=\/|$)/g, '/{n}').replace(/=[^&]+/g, '=…');

const found = new Map();
function take(screen, response) {
    const measured = /answer;dur=([\d.]+), queries;dur=(\d+)/.exec(response.headers()['server-timing'] ?? '');
    const address = new URL(response.url());
    if (!measured || address.origin !== base) return;
    const key = `${screen}\t${response.request().method()} ${shape(address.pathname + address.search)}`;
    const row = found.get(key) ?? { ms: [], queries: [] };
    row.ms.push(Number(measured[1]));
    row.queries.push(Number(measured[2]));
    found.set(key, row);
}

/** Until nothing is asked any more; what takes longer than anybody waits for is let be. */
async function quiet(page, pending) {
    const begin = Date.now();
    for (let since = begin; Date.now() - since < QUIET;) {
        await new Promise((resolve) => setTimeout(resolve, 50));
        if (pending.size > 0) since = Date.now();
        if (Date.now() - begin > MOST) {
            console.error(
                `Still asked after ${MOST} ms on ${page.url()}: ${[...pending].map((one) => one.url()).join(' ')}`,
            );
            return;
        }
    }
}

const browser = await chromium.launch(launchOptions);
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
await context.request.post(`${base}/studio/sign-in`, {
    form: { email: 'owner@larkfold.example', password: 'paper-and-ink' },
});
for (const address of addresses) {
    const first = await context.request.get(base + address, { timeout: MOST });
    if (!first.ok() || !(await first.text()).includes('<div id="studio">')) continue;
    for (let visit = 0; visit < VISITS; visit++) {
        const page = await context.newPage();
        page.setDefaultTimeout(MOST);
        let screen = shape(address);
        const pending = new Set();
        page.on('request', (request) => pending.add(request));
        page.on('requestfailed', (request) => pending.delete(request));
        page.on('requestfinished', (request) => pending.delete(request));
        page.on('response', (response) => take(screen, response));
        await page.goto(base + address, { waitUntil: 'commit', timeout: MOST });
        await quiet(page, pending);
        for (const [words, button] of DOINGS) {
            const one = button(page);
            if ((await one.count()) !== 1 || !(await one.isEnabled())) continue;
            screen = `${shape(address)}: ${words}`;
            await one.click();
            await quiet(page, pending);
            await page.keyboard.press('Escape');
        }
        await page.close();
    }
}
await browser.close();
const rows = [...found].map(([key, { ms, queries }]) => {
    const [screen, request] = key.split('\t');
    return {
        screen,
        request,
        products: Number(given('products')),
        ms: Math.min(...ms),
        queries: Math.min(...queries),
        samples: ms,
    };
});
console.log(JSON.stringify(rows));
