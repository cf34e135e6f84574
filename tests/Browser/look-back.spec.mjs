import { expect, test } from '@playwright/test';
import { freshDay, inStep, sound, tapCast } from './helpers.mjs';

test.beforeEach(({ page }) => {
    page.on('pageerror', (error) => {
        throw error;
    });
});

test('the logbook, the season and the box of two seasons are sound and open to their days', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Look around with the demo' }).click();
    await expect(page).toHaveURL(/\/days$/);
    await page.goto('/look-back');
    await sound(page);
    await expect(page.locator('.log-day').first()).toBeVisible();
    const years = await page.locator('.calendar-stroke').count();
    expect(years).toBeGreaterThan(10);
    await page.getByLabel('a word in it').fill('mud line');
    await page.getByRole('button', { name: 'Find' }).click();
    await expect(page.locator('.log-day')).toHaveCount(1);
    await page.goto('/look-back/season');
    await sound(page);
    await expect(page.locator('.lessons li').first()).toContainText('% sure');
    const row = page.locator('[data-factor="lure"] tbody tr').first();
    const lure = await row.locator('td a').textContent();
    await row.locator('td a').click();
    await expect(page.locator('h1')).toContainText(lure);
    expect(await page.locator('.log-day').count()).toBeGreaterThan(0);
    await page.goto('/box/start');
    await sound(page);
    await page.goto('/box');
    await sound(page);
    await page.locator('[data-dries]').first().click();
    await expect(page.locator('.timers')).toContainText(/dries [45]:/);
    await page.locator('.timers button').click();
});

test('a day is fished against a weight to beat, looked back on and shown to somebody', async ({ page, browser }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-rod]').first().click();
    await tapCast(page);
    await page.locator('[data-kind="caught"]').click();
    await page.locator('[data-ruler]').fill('18');
    await page.locator('[data-keep-length]').click();
    await expect(page.locator('.deck-bag')).toContainText('1 of 5');
    await page.locator('[data-beat]').fill('9.5');
    await page.locator('.deck-bag').getByRole('button', { name: 'Note it' }).click();
    await expect(page.locator('.deck-bag')).toContainText('to 9.5 lb');
    await page.locator('[data-retied]').click();
    await inStep(page);
    await sound(page);
    await page.goto(`${day}/bag`);
    await sound(page);
    await page.goto(`${day}/before`);
    await sound(page);
    await page.goto(`${day}/look-back`);
    await sound(page);
    await expect(page.locator('.report')).toContainText('18 in');
    await page.getByLabel('Your notes').fill('Came back for the wall.');
    await page.getByRole('button', { name: 'Keep them' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Your notes are kept' })).toBeVisible();
    await page.getByRole('button', { name: 'Make a link' }).click();
    const link = await page.locator('a[href*="/shared/"]').getAttribute('href');
    const nobody = await browser.newContext();
    const reader = await nobody.newPage();
    await reader.goto(link);
    await expect(reader.locator('.report')).toContainText('18 in');
    await expect(reader.locator('body')).not.toContainText('Came back for the wall');
    await sound(reader);
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.getByRole('button', { name: 'Make a link' })).toBeVisible();
    expect((await reader.goto(link)).status()).toBe(404);
    await nobody.close();
});
