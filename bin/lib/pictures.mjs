// The pictures in docs/screenshots/, one for each main view.
import { chromium } from '@playwright/test';

const base = process.argv[2];
const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', timezoneId: 'America/New_York' });
const page = await context.newPage();
await page.goto(base);
await page.waitForTimeout(300);
await page.screenshot({ path: 'docs/screenshots/first-look.png' });
await page.getByRole('button', { name: 'Look around with the demo' }).click();
await page.waitForURL('**/days');
const path_of = (path) => (path.startsWith('http') ? path : base + path);
const rows = page.locator('.day-row a');
const open = (await rows.first().getAttribute('href')).replace(/\/\w+$/, '');
/** A finished day by its name, found in the logbook: the list of days has only the last of them. */
const day = async (name, at = 1) => {
    await page.goto(`${base}/look-back?page=${at}`);
    // The days of a copy may still be added up: the page goes on by itself.
    await page.waitForSelector('.log-day', { timeout: 60000 }).catch(() => {});
    const row = page.locator('main a[href*="/days/"]', { hasText: name }).first();
    if (!(await page.locator('.log-day').count())) {
        throw new Error(`no day of the demo is called ${name}`);
    }
    return (await row.count()) ? (await row.getAttribute('href')).replace(/^.*(\/days\/\d+).*$/, '$1') : day(name, at + 1);
};
const finished = await day('after the storm');
const july = await day('July ledges');
const shots = [
    ['days', '/days', 'laptop'],
    ['read', `${open}/read`, 'laptop'],
    ['read-phone', `${open}/read`, 'phone'],
    ['choose', `${finished}/choose`, 'laptop'],
    ['fish', `${open}/fish`, 'laptop'],
    ['fish-phone', `${open}/fish`, 'phone'],
    ['confirm', `${finished}/confirm`, 'laptop'],
    ['logbook', '/look-back', 'laptop'],
    ['season', '/look-back/season', 'laptop'],
    ['report', `${finished}/look-back`, 'laptop'],
    ['box', '/box', 'laptop'],
    ['crew', `${open}/crew`, 'laptop'],
    ['spread', `${await day('walleye trolled')}/troll`, 'laptop'],
    ['drill', '/drill', 'laptop'],
    ['where', `${july}/where`, 'laptop'],
    ['lake', '/lakes', 'laptop', 'day', 'Ottermark Reservoir'],
    ['where-spot', `${july}/where`, 'laptop', 'day', 'Gravel hook'],
    ['sketch', '/lakes', 'laptop', 'day', 'Tannery hole', 'Draw on it'],
];
// Somebody aboard, to be seen on the crew's page.
await page.goto(path_of(`${open}/crew`));
await page.getByRole('button', { name: 'Ask somebody aboard' }).click();
// A route on the plan.
await page.goto(path_of(`${july}/where`));
await page.locator('summary', { hasText: /^(Plan it|Wish otherwise)$/ }).click();
await page.getByLabel('from', { exact: true }).fill('06:30');
await page.getByLabel('back by').fill('11:00');
await page.getByRole('button', { name: 'Plan the route' }).click();
// The form asks for signal first.
await page.getByText(/stops, back by/).waitFor();
for (const [name, path, size, scheme, ...follow] of shots) {
    await page.setViewportSize(size === 'phone' ? { width: 390, height: 844 } : { width: 1280, height: 800 });
    await context.addCookies([{ name: 'scheme', value: scheme ?? 'day', url: base }]);
    await page.goto(path_of(path));
    for (const link of follow) {
        await page.locator('a', { hasText: link }).first().click();
        await page.waitForLoadState();
        await page.waitForTimeout(400);
    }
    if (path.endsWith('/read')) {
        await page.locator('[data-ask]:visible, [data-asked-all]:visible').first().waitFor();
    }
    await page.waitForTimeout(300);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
}
await browser.close();
