// The pictures in docs/screenshots/, one for each main view.
import { chromium } from '@playwright/test';

const base = process.argv[2];
const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', timezoneId: 'America/New_York' });
const page = await context.newPage();
await page.goto(base);
await page.getByRole('button', { name: 'Look around with the demo' }).click();
await page.waitForURL('**/days');
const path_of = (path) => (path.startsWith('http') ? path : base + path);
const rows = page.locator('.day-row a');
const open = (await rows.first().getAttribute('href')).replace(/\/\w+$/, '');
const finished = (await page.locator('.day-row a', { hasText: 'after the storm' }).getAttribute('href')).replace(/\/\w+$/, '');
const shots = [
    ['days', '/days', 'laptop'],
    ['read', `${open}/read`, 'laptop'],
    ['read-phone', `${open}/read`, 'phone'],
    ['choose', `${finished}/choose`, 'laptop'],
    ['bench', `${open}/bench`, 'laptop'],
    ['schools', `${finished}/schools`, 'laptop'],
    ['sections', `${finished}/sections`, 'laptop'],
    ['rule', `${finished}/rules/W6`, 'laptop'],
    ['fish', `${open}/fish`, 'laptop'],
    ['fish-phone', `${open}/fish`, 'phone'],
    ['fish-night', `${open}/fish`, 'phone', 'night'],
    ['confirm', `${finished}/confirm`, 'laptop'],
    ['entries', `${finished}/entries`, 'laptop'],
    ['boat', `${open}/boat`, 'laptop'],
    ['drill', '/drill', 'laptop'],
    ['where', `${open}/where`, 'laptop'],
    ['lake', '/lakes', 'laptop', 'day', 'Ottermark Reservoir'],
    ['where-dock', `${finished}/where?minute=840`, 'laptop', 'day', 'Slip row'],
    ['sheet', `${open}/where/sheet`, 'laptop'],
];
// A route on the plan of the open day.
await page.goto(path_of(`${open}/where`));
if (await page.getByLabel('back by').isVisible()) {
    await page.getByLabel('back by').fill('13:00');
    await page.getByRole('button', { name: 'Plan the route' }).click();
}
for (const [name, path, size, scheme, follow] of shots) {
    await page.setViewportSize(size === 'phone' ? { width: 390, height: 844 } : { width: 1280, height: 800 });
    await context.addCookies([{ name: 'scheme', value: scheme ?? 'day', url: base }]);
    await page.goto(path_of(path));
    if (follow) {
        await page.locator('a', { hasText: follow }).first().click();
    }
    await page.waitForTimeout(300);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
}
await browser.close();
