import { expect, test } from '@playwright/test';
import { freshDay, sound } from './helpers.mjs';

test.beforeEach(({ page }) => {
    page.on('pageerror', (error) => {
        throw error;
    });
});

test('the water plan, a dock, the route and a spot picked for the day', async ({ page }, info) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Look around with the demo' }).click();
    const day = (await page.locator('.day-row a', { hasText: 'July ledges' }).getAttribute('href')).replace(/\/\w+$/, '');
    const river = (await page.locator('.day-row a', { hasText: 'September bar' }).getAttribute('href')).replace(/\/\w+$/, '');
    await page.goto(`${day}/where?minute=840`);
    await expect(page.locator('.plan [data-depths] path').first()).toBeAttached();
    expect(await page.locator('.plan [data-depths] path').count()).toBeGreaterThan(5);
    await sound(page);
    // Keys zoom and pan, 0 shows all again.
    const svg = page.locator('.plan svg');
    const whole = await svg.getAttribute('viewBox');
    await svg.focus();
    await page.keyboard.press('+');
    await page.keyboard.press('ArrowRight');
    expect(await svg.getAttribute('viewBox')).not.toBe(whole);
    await page.keyboard.press('0');
    expect((await svg.getAttribute('viewBox')).split(' ').map(Number)).toEqual(whole.split(' ').map(Number));
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
    expect(Number((await svg.getAttribute('viewBox')).split(' ')[2])).toBeLessThan(Number(whole.split(' ')[2]) * 0.7);
    await svg.focus();
    await page.keyboard.press('0');
    await svg.hover();
    await page.mouse.wheel(0, -300);
    expect(await svg.getAttribute('viewBox')).not.toBe(whole);
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
    await expect(page.locator('.plan [data-depths] path').first()).toBeAttached();
    await sound(page);
    await page.getByRole('button', { name: 'Take out pond.csv' }).click();
    await expect(page.getByText('Nothing is known of its depths yet')).toBeVisible();
    await page.getByRole('button', { name: 'Put back pond.csv' }).click();
    await expect(page.locator('.plan [data-depths] path').first()).toBeAttached();
});
