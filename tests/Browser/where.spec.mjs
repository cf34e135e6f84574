import { expect, test } from '@playwright/test';
import { sound } from './helpers.mjs';

test.beforeEach(({ page }) => {
    page.on('pageerror', (error) => {
        throw error;
    });
});

test('the water plan, a dock, the route and a spot picked for the day', async ({ page }, info) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Look around with the demo' }).click();
    const day = (await page.locator('.day-row a', { hasText: 'July ledges' }).getAttribute('href')).replace(/\/\w+$/, '');
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
    await form.getByRole('button', { name: 'Plan the route' }).click();
    await expect(page.locator('.route > li').first()).toBeVisible();
    await expect(page.locator('.plan-route')).toBeAttached();
    await expect(page.locator('.ribbon-planned').first()).toBeAttached();
    await sound(page);
    await page.getByRole('link', { name: 'On one page, with the rack' }).click();
    await expect(page.getByRole('heading', { name: 'The rack' })).toBeVisible();
    await sound(page);
    // The lake's own page.
    await page.getByRole('link', { name: 'Lakes' }).click();
    await page.getByRole('link', { name: 'Ottermark Reservoir' }).click();
    await expect(page.getByRole('region', { name: 'Read out of the shape' })).toContainText('Hump');
    await sound(page);
    expect(info.project.name).toMatch(/laptop|phone/);
});
