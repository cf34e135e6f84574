import { expect, test } from '@playwright/test';
import { freshDay, inStep, sound } from './helpers.mjs';

test.beforeEach(({ page }) => {
    page.on('pageerror', (error) => {
        throw error;
    });
});

test('a spread is laid out, a lure dragged on its line, what a turn does is seen, and it is kept', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/troll`);
    await sound(page);
    await expect(page.locator('[data-part="above"] [data-line]')).toHaveCount(6);
    const out = page.locator('[data-said="out-port_outside"]');
    const before = Number.parseFloat(await out.textContent());
    const lure = await page.locator('[data-line="port_outside"]').boundingBox();
    await page.mouse.move(lure.x + lure.width / 2, lure.y + lure.height / 2);
    await page.mouse.down();
    await page.mouse.move(lure.x + lure.width / 2, lure.y + lure.height / 2 - 60, { steps: 5 });
    await page.mouse.up();
    await expect.poll(async () => Number.parseFloat(await out.textContent())).toBeLessThan(before - 8);
    await page.getByRole('radio', { name: 'to starboard' }).check();
    await page.locator('[name="radius"]').fill('100');
    await expect(page.locator('[data-part="minded"]')).toContainText('all but stops');
    const kept = await out.textContent();
    await page.getByRole('button', { name: 'Keep this spread' }).click();
    await expect(page.getByText('The spread is kept for this day.')).toBeVisible();
    await expect(page.locator('[data-said="out-port_outside"]')).toHaveText(kept);
    await page.getByRole('button', { name: 'Lay it out anew' }).click();
    await expect(page.getByText('A spread of 6 lines is laid out.')).toBeVisible();
    await sound(page);
});

test('lines are set, one is struck and cleared by its card, without signal as with it', async ({ page, context }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/troll`);
    await page.getByRole('button', { name: 'Keep this spread' }).click();
    await page.goto(`${day}/fish`);
    await page.locator('[data-set="port_inside"]').click();
    await inStep(page);
    await context.setOffline(true);
    await page.locator('[data-set-all]').click();
    await expect(page.locator('[data-struck]:visible')).toHaveCount(6);
    await page.locator('.tow-deck [data-line="port_outside"] text').first().click();
    await expect(page.locator('.struck')).toContainText('On port outside');
    await expect(page.locator('.struck')).toContainText('the net waits to port');
    await page.locator('[data-strike-was="caught"]').click();
    await expect(page.locator('.struck')).toBeHidden();
    await expect(page.locator('[data-set="port_outside"]')).toBeVisible();
    await page.locator('[data-keep-length]').click();
    await context.setOffline(false);
    await inStep(page);
    await page.locator('[data-set="port_outside"]').click();
    await inStep(page);
    await page.reload();
    await expect(page.locator('.deck[data-drawn] [data-struck]:visible')).toHaveCount(6);
    await expect(page.locator('.tow-of').first()).toContainText('1 contact');
    await sound(page);
    await page.goto(`${day}/confirm`);
    await expect(page.getByRole('heading', { name: 'What fired' })).toBeVisible();
    await expect(page.getByText('1 contact in')).toBeVisible();
    await sound(page);
});

test('who leaves the band of the spread is told, by where the phone is', async ({ page, context }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/troll`);
    await page.getByRole('button', { name: 'Keep this spread' }).click();
    await context.grantPermissions(['geolocation']);
    await context.setGeolocation({ latitude: 44, longitude: -80, accuracy: 5 });
    await page.goto(`${day}/fish`);
    await page.locator('[data-set-all]').click();
    await inStep(page);
    await page.getByRole('button', { name: 'Follow the speed' }).click();
    await page.waitForTimeout(6000);
    // A hundred metres in six seconds: far too fast.
    await context.setGeolocation({ latitude: 44.0009, longitude: -80, accuracy: 5 });
    await expect(page.getByText(/Too fast for this spread: \d+\.\d mph/)).toBeVisible();
    await expect(page.locator('.tow-speed')).toHaveClass(/leaves/);
    await page.locator('.tow-deck [data-line="port_outside"] text').first().click();
    await page.locator('[data-strike-was="missed"]').click();
    await inStep(page);
    await page.goto(`${day}/entries`);
    await sound(page);
});

test('a hidden trolling day is towed, a line moved, and the water tells what it hid', async ({ page }) => {
    await freshDay(page);
    await page.goto('/drill');
    await page.getByLabel(/Number of the day/).fill('12');
    await page.getByRole('button', { name: 'Begin a day of trolling' }).click();
    await expect(page.getByRole('heading', { name: /Hidden trolling day 12/ })).toContainText('360 of 360 minutes left');
    for (const left of [340, 320, 300]) {
        await page.getByRole('button', { name: 'Tow on 20 minutes' }).click();
        await expect(page.getByRole('heading', { name: /Hidden trolling day 12/ })).toContainText(`${left} of 360 minutes left`);
    }
    await sound(page);
    await page.getByRole('button', { name: 'Do that' }).click();
    await expect(page.getByText(/^Done: .* is moved\.$/)).toBeVisible();
    await page.getByRole('link', { name: 'The secret' }).click();
    await expect(page.getByRole('heading', { name: /^The water hid: / })).toBeVisible();
    await expect(page.locator('.curve-mine')).not.toHaveCount(0);
    await sound(page);
});
