import { expect, test } from '@playwright/test';
import { freshDay, sound } from './helpers.mjs';

test.beforeEach(({ page }) => {
    page.on('pageerror', (error) => {
        throw error;
    });
});

/** How many tones the depths of the plan are drawn in. */
const tones = (page) => page.evaluate(() => {
    const { width, height } = document.querySelector('.plan canvas');
    const points = document.querySelector('.plan canvas').getContext('2d').getImageData(0, 0, width, height).data;
    const seen = new Map();
    for (let i = 0; i < points.length; i += 4) {
        seen.set(`${points[i]} ${points[i + 1]}`, (seen.get(`${points[i]} ${points[i + 1]}`) ?? 0) + 1);
    }
    return [...seen.values()].filter((n) => n > 200).length;
});

test('the water plan, a dock, the route and a spot picked for the day', async ({ page }, info) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Look around with the demo' }).click();
    const day = (await page.locator('.day-row a', { hasText: 'July ledges' }).getAttribute('href')).replace(/\/\w+$/, '');
    const river = (await page.locator('.day-row a', { hasText: 'September bar' }).getAttribute('href')).replace(/\/\w+$/, '');
    await page.goto(`${day}/where?minute=840`);
    await expect(page.locator('.plan[data-drawn]').first()).toBeVisible();
    expect(await tones(page)).toBeGreaterThan(5);
    await sound(page);
    // Keys zoom and pan, 0 shows all again.
    const svg = page.locator('.plan svg').first();
    const whole = await svg.getAttribute('viewBox');
    await svg.focus();
    await page.keyboard.press('+');
    await page.keyboard.press('ArrowRight');
    await expect.poll(() => svg.getAttribute('viewBox')).not.toBe(whole);
    await page.keyboard.press('0');
    await expect.poll(async () => (await svg.getAttribute('viewBox')).split(' ').map(Number)).toEqual(whole.split(' ').map(Number));
    // Two fingers: what lies between them grows.
    await page.evaluate(() => {
        const svg = document.querySelector('.plan svg');
        const { left, top } = svg.getBoundingClientRect();
        const finger = (type, id, x) => svg.dispatchEvent(new PointerEvent(type, { pointerId: id, pointerType: 'touch', clientX: left + x, clientY: top + 80, bubbles: true }));
        finger('pointerdown', 1, 100);
        finger('pointerdown', 2, 140);
        finger('pointermove', 2, 200);
        finger('pointerup', 1, 100);
        finger('pointerup', 2, 200);
    });
    await expect.poll(async () => Number((await svg.getAttribute('viewBox')).split(' ')[2])).toBeLessThan(Number(whole.split(' ')[2]) * 0.7);
    await svg.focus();
    await page.keyboard.press('0');
    await svg.hover();
    await page.mouse.wheel(0, -300);
    await expect.poll(() => svg.getAttribute('viewBox')).not.toBe(whole);
    // Closer still, every cell of the lake is asked for.
    await page.mouse.wheel(0, -300);
    await page.mouse.wheel(0, -300);
    await page.mouse.wheel(0, -300);
    await page.mouse.wheel(0, -300);
    await expect(page.locator('.plan[data-drawn="whole"]').first()).toBeVisible();
    // A dock is read.
    await page.goto(await page.locator('.ranked > li', { hasText: 'Slip row' }).locator('a', { hasText: 'Read it' }).getAttribute('href'));
    await expect(page.locator('.dock-plan')).toBeVisible();
    await expect(page.getByText('The row of docks')).toBeVisible();
    await sound(page);
    // The route.
    const form = page.locator('form', { has: page.getByRole('button', { name: 'Plan the route' }) });
    await page.locator('summary', { hasText: /^(Plan it|Wish otherwise)$/ }).click();
    await form.getByLabel('back by').fill('10:00');
    // The form asks for signal first, then goes: an earlier route may stand on the page until then.
    await Promise.all([page.waitForEvent('load'), form.getByRole('button', { name: 'Plan the route' }).click()]);
    await expect(page.locator('.route > li').first()).toBeVisible();
    await expect(page.locator('.plan-route')).toBeAttached();
    await expect(page.locator('.ribbon-planned').first()).toBeAttached();
    await sound(page);
    // Planned again on the water; a day that is not today goes on from its last stint.
    await Promise.all([page.waitForEvent('load'), page.getByRole('button', { name: 'From now on, anew' }).click()]);
    await expect(page.locator('.said, .trouble').first()).toBeVisible();
    await page.goto(`${day}/where`);
    await page.getByRole('link', { name: 'On one page, with the rack' }).click();
    await expect(page.getByRole('heading', { name: 'The rack' })).toBeVisible();
    await sound(page);
    // A place in current, seen from above.
    await page.goto(`${river}/where`);
    await page.goto(await page.locator('.ranked > li', { hasText: 'Long bar' }).locator('a', { hasText: 'Read it' }).getAttribute('href'));
    await expect(page.locator('.current-plan')).toBeVisible();
    await expect(page.locator('.spot-read')).toContainText('Stand below the bar');
    await sound(page);
    // The lake's own page.
    await page.getByRole('link', { name: 'Lakes' }).click();
    await page.getByRole('link', { name: 'Ottermark Reservoir' }).click();
    await expect(page.getByRole('region', { name: 'Read out of the shape' })).toContainText('Hump');
    await sound(page);
    expect(info.project.name).toMatch(/laptop|phone/);
});

test('a file that can be read in two ways asks, is laid, taken out and put back', async ({ page }) => {
    await freshDay(page);
    await page.goto('/lakes');
    await page.getByLabel('Name').fill('Farm pond');
    await page.getByRole('button', { name: 'Draw it' }).click();
    await sound(page);
    const rows = Array.from({ length: 400 }, (_, i) => `${(36.9 + Math.floor(i / 20) * 0.0001).toFixed(6)};${(-80.1 + (i % 20) * 0.0001).toFixed(6)};${(-2 - (i % 20) / 5).toFixed(1)}`.replaceAll('.', ','));
    await page.setInputFiles('#file', { name: 'pond.csv', mimeType: 'text/csv', buffer: Buffer.from(`lat;lon;depth\n${rows.join('\n')}\n`) });
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByText('Nothing of this file is in the lake yet')).toBeVisible();
    await expect(page.locator('.survey circle').first()).toBeAttached();
    await sound(page);
    await page.locator('.segments label', { hasText: 'metres' }).click();
    await page.getByRole('button', { name: 'Look again' }).click();
    await expect(page.getByText('6.6–19 ft')).toBeVisible();
    await page.getByRole('button', { name: 'Take it in like this' }).click();
    await expect(page.getByText('Taken in: 400 soundings.')).toBeVisible();
    await expect(page.locator('.plan[data-drawn]').first()).toBeVisible();
    await sound(page);
    await page.getByRole('button', { name: 'Take out pond.csv' }).click();
    await expect(page.getByText('Nothing is known of its shape yet')).toBeVisible();
    await page.getByRole('button', { name: 'Put back pond.csv' }).click();
    await expect(page.locator('.plan[data-drawn]').first()).toBeVisible();
});

test('a place is read: the line of the cast, the lanes of a drift, the wind of the days before', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Look around with the demo' }).click();
    const day = (await page.locator('.day-row a', { hasText: 'July ledges' }).getAttribute('href')).replace(/\/\w+$/, '');
    await page.goto(`${day}/where`);
    await page.goto(await page.locator('.ranked > li', { hasText: 'Gravel hook' }).locator('a', { hasText: 'Read it' }).getAttribute('href'));
    await expect(page.getByRole('heading', { name: 'The line of the cast' })).toBeVisible();
    await expect(page.locator('.plan-near .plan-boat')).toBeAttached();
    await expect(page.locator('.cast-stay')).toBeAttached();
    await sound(page);
    await page.goto(`${day}/where`);
    await page.goto(await page.locator('.ranked > li', { hasText: 'Red clay flat' }).locator('a', { hasText: 'Read it' }).getAttribute('href'));
    await expect(page.getByRole('heading', { name: 'Drift it' })).toBeVisible();
    await page.getByText('Lane by lane').click();
    await sound(page);
    await page.getByText('Wind of the days before').click();
    await page.locator('[name="days[0][wind]"]').fill('12');
    await page.locator('[name="days[0][from]"]').fill('200');
    await page.locator('form', { has: page.locator('[name="days[0][wind]"]') }).getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('Kept: the wind of the days before.')).toBeVisible();
});
