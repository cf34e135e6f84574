import { defineConfig } from '@playwright/test';

const launchOptions = {
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
};

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'runtime/test/browser',
    // Files side by side, each with anglers of its own; bin/test says how many.
    fullyParallel: false,
    retries: 0,
    // Long on purpose: a busy machine is no failed check.
    timeout: 300000,
    expect: { timeout: 20000 },
    reporter: [['list']],
    use: { baseURL: process.env.APP_URL ?? 'http://127.0.0.1:8080', launchOptions, reducedMotion: 'reduce', timezoneId: 'America/New_York', locale: 'en-US' },
    projects: [
        // What a phone keeps and sends without signal does not depend on the size of its window.
        { name: 'laptop', testIgnore: 'nosignal.spec.mjs', use: { viewport: { width: 1280, height: 800 } } },
        { name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true } },
    ],
});
