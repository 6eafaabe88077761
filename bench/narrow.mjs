// What a customer on a phone waits for after a click on a filter: until the new list is painted, and how large the
// answer is. With 150 ms, 1.6 Mbit/s and a processor four times slower. The shop has to have filters beside the list of
// /all (vestibra:bench filters makes such shops in storage/app/bench). node bench/narrow.mjs
// --base=http://127.0.0.1:8010 [--clicks=20]
import { chromium } from '@playwright/test';
import { mkdirSync, writeFileSync } from 'node:fs';
import { launchOptions } from '../tools/chromium.mjs';

const said = (name, otherwise) =>
    process.argv.find((one) => one.startsWith(`--${name}=`))?.slice(name.length + 3) ?? otherwise;
const base = said('base', 'http://127.0.0.1:8000');
const clicks = Number(said('clicks', '20'));
const browser = await chromium.launch(launchOptions);
const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    deviceScaleFactor: 2,
    isMobile: true,
    hasTouch: true,
});
await page.goto(`${base}/all`, { waitUntil: 'networkidle' });
const wire = await page.context().newCDPSession(page);
await wire.send('Network.enable');
await wire.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 150,
    downloadThroughput: 1.6e6 / 8,
    uploadThroughput: 1.6e6 / 8,
});
await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 });
const sizes = [];
const asked = new Set();
wire.on(
    'Network.responseReceived',
    (event) => event.response.mimeType === 'application/json' && asked.add(event.requestId),
);
wire.on('Network.loadingFinished', (event) => asked.has(event.requestId) && sizes.push(event.encodedDataLength));
const times = [];
for (let click = 0; click < clicks; click++) {
    times.push(
        await page.evaluate(
            (at) =>
                new Promise((resolve) => {
                    const boxes = [...document.querySelectorAll('.filter input[type=checkbox]:not(:disabled)')];
                    const list = document.querySelector('[data-list]');
                    const start = performance.now();
                    // Painted: two frames after the list has changed.
                    new MutationObserver((_, observer) => {
                        observer.disconnect();
                        requestAnimationFrame(() => requestAnimationFrame(() => resolve(performance.now() - start)));
                    }).observe(list.closest('[data-part]'), {
                        childList: true,
                        subtree: true,
                        attributes: true,
                        characterData: true,
                    });
                    setTimeout(() => resolve(null), 3_000);
                    boxes[(at * 5) % boxes.length].click();
                }),
            click,
        ),
    );
    await page.waitForTimeout(300);
}
await browser.close();
// A click that leaves the list as it is paints none.
const painted = times.filter((one) => one !== null);
const ordered = [...painted].sort((one, other) => one - other);
const figure = {
    median: Math.round(ordered[Math.floor(painted.length / 2)]),
    late: Math.round(ordered[Math.floor(0.95 * (painted.length - 1))]),
    largest: Math.max(...sizes),
};
mkdirSync('storage/app/bench', { recursive: true });
writeFileSync('storage/app/bench/narrow.json', JSON.stringify({ times, sizes }));
console.log(
    `a filter click, until painted: median ${figure.median} ms, 95th percentile ${figure.late} ms (500); largest answer ${(figure.largest / 1000).toFixed(1)} kB (10)`,
);
