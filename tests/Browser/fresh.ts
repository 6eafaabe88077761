import { test as base } from '@playwright/test';
import { copyFileSync, rmSync } from 'node:fs';

/** Two shops stand ready (bin/_test-server), so that two tests can run side by side. */
const FIRST_PORT = 8123;

/** Every test begins with the demo shop as it was filled, whatever other tests have done. */
export const test = base.extend<{ fresh: string }>({
    baseURL: async ({ browserName }, use, info) => {
        void browserName;
        await use(`http://127.0.0.1:${FIRST_PORT + info.parallelIndex}`);
    },
    fresh: [
        async ({ browserName }, use, info) => {
            const database = `storage/app/browser-test-${FIRST_PORT + info.parallelIndex}.sqlite`;
            // What was counted to keep spam out.
            rmSync(`storage/app/browser-test-cache-${FIRST_PORT + info.parallelIndex}`, { recursive: true, force: true });
            for (const beside of ['-wal', '-shm']) rmSync(database + beside, { force: true });
            copyFileSync('storage/app/browser-test-fresh.sqlite', database);
            await use(browserName);
        },
        { auto: true },
    ],
});

export { expect } from '@playwright/test';
