import { defineConfig } from '@playwright/test';
import { launchOptions } from './tools/chromium.mjs';

export default defineConfig({
    testDir: 'tests/Browser',
    fullyParallel: false,
    workers: 2,
    // A busy machine may make one try fail; what needed a second is listed as flaky.
    retries: process.env.CI ? 1 : 0,
    timeout: 90_000,
    expect: { timeout: 10_000 },
    reporter: [['list']],
    outputDir: 'test-results',
    use: {
        viewport: { width: 1280, height: 800 },
        launchOptions,
    },
    webServer: { command: 'bin/_test-server', url: 'http://127.0.0.1:8123/', reuseExistingServer: false, timeout: 120_000 },
});
