// What a customer's phone gets: bytes, requests, unused styles, the largest paint and the shift; and what a desk gets,
// 1920 px wide on a screen twice as fine. Median of five cold visits with 150 ms, 1.6 Mbit/s and a processor four times
// slower, served by bin/start. node bench/weight.mjs
// [--base=http://127.0.0.1:8000]
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { launchOptions } from '../tools/chromium.mjs';

const VISITS = 5;
const PAGES = {
    home: '/',
    category: '/c/bottled-inks',
    product: '/p/teal-tide-bottled-ink',
    'product, 30 variants': '/p/palette-fountain-pen',
    search: '/search?q=ink',
};
const SCREENS = {
    phone: { viewport: { width: 390, height: 844 }, deviceScaleFactor: 2, isMobile: true, hasTouch: true },
    desk: { viewport: { width: 1920, height: 1080 }, deviceScaleFactor: 2 },
};
const MOST_SHIFT = 0.01;
const given = process.argv.find((one) => one.startsWith('--base='))?.slice(7);
const base = given ?? 'http://127.0.0.1:8125';
const server = given
    ? null
    : spawn('bin/start', {
          env: { ...process.env, PORT: '8125', DATA_FOLDER: `${process.cwd()}/storage/app/bench-data` },
          stdio: 'ignore',
          detached: true,
      });

const middle = (list) => [...list].sort((one, other) => one - other)[Math.floor(list.length / 2)];

async function reached() {
    for (let tries = 0; tries < 480; tries++) {
        const up = await fetch(base).then(
            (answer) => answer.ok,
            () => false,
        );
        if (up) return;
        await new Promise((resolve) => setTimeout(resolve, 500));
    }
    throw new Error('The server did not come up.');
}

async function visit(browser, address, screen) {
    const context = await browser.newContext(screen);
    const page = await context.newPage();
    const wire = await context.newCDPSession(page);
    await wire.send('Network.enable');
    await wire.send('Network.emulateNetworkConditions', {
        offline: false,
        latency: 150,
        downloadThroughput: 1.6e6 / 8,
        uploadThroughput: 1.6e6 / 8,
    });
    await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    const kinds = new Map();
    const bytes = { all: 0, Document: 0, Stylesheet: 0, Script: 0, Font: 0, Image: 0 };
    let requests = 0;
    wire.on('Network.responseReceived', (event) => kinds.set(event.requestId, event.type));
    wire.on('Network.loadingFinished', (event) => {
        requests++;
        bytes.all += event.encodedDataLength;
        const kind = kinds.get(event.requestId);
        if (kind in bytes) bytes[kind] += event.encodedDataLength;
    });
    await page.addInitScript(() => {
        window.shift = 0;
        window.largest = 0;
        new PerformanceObserver((list) =>
            list.getEntries().forEach((one) => !one.hadRecentInput && (window.shift += one.value)),
        ).observe({
            type: 'layout-shift',
            buffered: true,
        });
        new PerformanceObserver((list) => list.getEntries().forEach((one) => (window.largest = one.startTime))).observe(
            {
                type: 'largest-contentful-paint',
                buffered: true,
            },
        );
    });
    await page.coverage.startCSSCoverage({ resetOnNavigation: false });
    await page.goto(base + address, { waitUntil: 'networkidle' });
    await page.evaluate(() => document.fonts.ready);
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
    const [shift, largest] = await page.evaluate(() => [window.shift, window.largest]);
    const sheets = (await page.coverage.stopCSSCoverage()).filter((sheet) => sheet.url.includes('/build/'));
    const total = sheets.reduce((sum, sheet) => sum + sheet.text.length, 0);
    const used = sheets.reduce(
        (sum, sheet) => sum + sheet.ranges.reduce((part, range) => part + range.end - range.start, 0),
        0,
    );
    await context.close();
    return { requests, ...bytes, unused: total === 0 ? 0 : 1 - used / total, largest, shift };
}

try {
    await reached();
    const browser = await chromium.launch(launchOptions);
    const raw = {};
    let good = true;
    const rows = Object.entries(SCREENS).flatMap(([on, screen]) =>
        Object.entries(PAGES).map(([page, address]) => [`${on}: ${page}`, address, screen]),
    );
    for (const [name, address, screen] of rows) {
        raw[name] = [];
        for (let number = 0; number < VISITS; number++) raw[name].push(await visit(browser, address, screen));
        const of = (what) => middle(raw[name].map((one) => one[what]));
        const kilo = (what) => `${(of(what) / 1024).toFixed(1)} kB`;
        good &&= of('shift') <= MOST_SHIFT;
        console.log(
            `${name.padEnd(28)} ${String(of('requests')).padStart(3)} requests  ${kilo('all').padStart(9)}  (HTML ${kilo('Document')}, styles ${kilo('Stylesheet')}, scripts ${kilo('Script')}, fonts ${kilo('Font')}, pictures ${kilo('Image')})`,
        );
        console.log(
            `${''.padEnd(28)} styles unused ${Math.round(100 * of('unused'))} %  largest paint ${(of('largest') / 1000).toFixed(2)} s  shift ${of('shift').toFixed(3)} (${MOST_SHIFT})`,
        );
    }
    await browser.close();
    mkdirSync('storage/app/bench', { recursive: true });
    writeFileSync('storage/app/bench/weight.json', JSON.stringify(raw, null, 1));
    process.exitCode = good ? 0 : 1;
} finally {
    if (server) process.kill(-server.pid);
}
