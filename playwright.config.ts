import { defineConfig } from '@playwright/test';
import { firstPort } from './tests/Browser/room';
import { launchOptions } from './tools/chromium.mjs';

export default defineConfig({
    testDir: 'tests/Browser',
    // What needs no shop has a run of its own (playwright.units.config.ts).
    testIgnore: 'units/**',
    fullyParallel: false,
    workers: 2,
    // A busy machine may make one try fail; what needed a second is listed as flaky.
    retries: 1,
    timeout: 90_000,
    expect: { timeout: 10_000 },
    reporter: [['list']],
    outputDir: 'test-results',
    use: {
        viewport: { width: 1280, height: 800 },
        launchOptions,
    },
    webServer: {
        command: 'bin/_test-server',
        url: `http://127.0.0.1:${firstPort.toString()}/`,
        reuseExistingServer: false,
        timeout: 120_000,
    },
});
