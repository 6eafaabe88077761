import { defineConfig } from '@playwright/test';

/** What needs no shop, no port and no browser. */
export default defineConfig({
    testDir: 'tests/Browser/units',
    fullyParallel: true,
    reporter: [['list']],
    outputDir: 'test-results/units',
});
