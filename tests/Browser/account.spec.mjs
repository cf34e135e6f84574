import { expect, test } from '@playwright/test';
import { freshDay, inStep, sound, tapCast } from './helpers.mjs';

test.beforeEach(({ page }) => {
    page.on('pageerror', (error) => {
        throw error;
    });
});

test('a phone is signed out from the computer, and what it logged meanwhile waits for its angler', async ({ page, browser }) => {
    // The computer.
    const day = await freshDay(page);
    await page.goto('/account');
    const email = await page.getByLabel('Email').inputValue();
    await sound(page);
    // The phone.
    const phone = await browser.newContext({ userAgent: 'Mobile' });
    const deck = await phone.newPage();
    const signIn = async (password) => {
        await deck.goto('/');
        await deck.getByLabel('Email').fill(email);
        await deck.getByLabel('Password').fill(password);
        await deck.getByRole('button', { name: 'Sign in' }).click();
        await expect(deck).toHaveURL(/\/(days|fish).*$/);
    };
    await signIn('long-enough');
    await deck.goto(`${day}/fish`);
    await deck.locator('[data-log="stint"]').first().click();
    await tapCast(deck);
    await inStep(deck);
    // A new password on the computer signs it out.
    await page.reload();
    await expect(page.locator('.devices')).toContainText('A phone');
    await page.getByLabel('The one you have').fill('long-enough');
    await page.getByLabel(/The new one/).fill('quite another one');
    await page.getByRole('button', { name: /Change it/ }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Every other device was signed out' })).toBeVisible();
    await expect(page.locator('.devices li')).toHaveCount(1);
    await tapCast(deck);
    await tapCast(deck);
    await expect(deck.locator('[data-count="casts"]')).toHaveText('3');
    await expect(deck.locator('[data-queue]')).toContainText('waiting');
    // Signed in again, the phone sends what waited, once.
    await signIn('quite another one');
    await deck.goto(`${day}/fish`);
    await inStep(deck);
    await expect(deck.locator('[data-count="casts"]')).toHaveText('3');
    await page.goto(`${day}/confirm`);
    await expect(page.locator('.log tbody tr').first().locator('td').nth(3)).toHaveText('3');
    await phone.close();
});
