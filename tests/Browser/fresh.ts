import { test as base } from '@playwright/test';
import { copyFileSync, rmSync } from 'node:fs';

const database = 'storage/app/browser-test.sqlite';

/** Every test begins with the demo shop as it was filled, whatever other tests have done. */
export const test = base.extend<{ fresh: string }>({
    fresh: [
        async ({ browserName }, use) => {
            for (const beside of ['-wal', '-shm']) rmSync(database + beside, { force: true });
            copyFileSync(database.replace('.sqlite', '-fresh.sqlite'), database);
            await use(browserName);
        },
        { auto: true },
    ],
});

export { expect } from '@playwright/test';
