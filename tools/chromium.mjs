/** How Debian's headless browser is started: by the tests, the benchmarks and the pictures. */
export const launchOptions = {
    executablePath: '/usr/bin/chromium-headless-shell',
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
    ],
};
