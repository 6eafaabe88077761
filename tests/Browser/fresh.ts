import { test as base } from '@playwright/test';
import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, symlinkSync } from 'node:fs';
import { firstPort, room as root } from './room';

/**
 * Two shops stand ready (bin/_test-server), so that two tests can run side by side. A shop of its own for each test,
 * and one switch of a link: a request of the test before may still have its own open.
 */
function layBeside(port: number): void {
    const rooms = `${root}/shops`;
    const link = `${rooms}/${port}`;
    const before = readdirSync(rooms).filter((name) => name.startsWith(`${port}-`));
    const room = `${link}-${Date.now()}`;
    mkdirSync(room);
    copyFileSync(`${root}/fresh.sqlite`, `${room}/shop.sqlite`);
    symlinkSync(room, `${link}.next`);
    renameSync(`${link}.next`, link);
    for (const name of before.sort().slice(0, -1)) rmSync(`${rooms}/${name}`, { recursive: true, force: true });
}

function putAway(folder: string): void {
    if (!existsSync(folder)) return;
    const away = `${folder}-${Date.now()}`;
    renameSync(folder, away);
    rmSync(away, { recursive: true, force: true, maxRetries: 20, retryDelay: 50 });
}

/** Every test begins with the demo shop as it was filled, whatever other tests have done. */
export const test = base.extend<{ fresh: string }>({
    baseURL: async ({ browserName }, use, info) => {
        void browserName;
        await use(`http://127.0.0.1:${firstPort + info.parallelIndex}`);
    },
    fresh: [
        async ({ browserName }, use, info) => {
            const port = firstPort + info.parallelIndex;
            // What was counted to keep spam out; an answer to the test before may still be writing there.
            putAway(`${root}/cache-${port}`);
            putAway(`${root}/errands-${port}`);
            layBeside(port);
            await use(browserName);
        },
        { auto: true },
    ],
});

export { expect } from '@playwright/test';
