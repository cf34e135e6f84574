import { expect, test } from '@playwright/test';
import { freshDay, inStep, sound, tapCast } from './helpers.mjs';

test.beforeEach(({ page }) => {
    page.on('pageerror', (error) => {
        throw error;
    });
});

test('nothing on the deck jumps while it is being drawn', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await inStep(page);
    await page.addInitScript(() => {
        window.shifted = 0;
        new PerformanceObserver((list) => {
            for (const entry of list.getEntries()) {
                window.shifted += entry.value;
            }
        }).observe({ type: 'layout-shift', buffered: true });
    });
    await page.reload();
    await expect(page.locator('.deck[data-drawn] .cast-key')).toBeVisible();
    await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 300))));
    expect(await page.evaluate(() => window.shifted)).toBeLessThan(0.05);
});

test('casts by the clock, set afterwards, a fish on, the next move and its alternatives', async ({ page }) => {
    await page.clock.install({ time: new Date('2026-04-12T09:00:00-04:00') });
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await inStep(page);
    await page.getByRole('button', { name: 'Count by the clock' }).click();
    await page.clock.fastForward(45 * 4 * 1000 + 2000);
    await expect(page.locator('[data-count="casts"]')).toHaveText('4');
    // A fish on: the clock waits, the advice keeps quiet.
    await page.getByRole('button', { name: 'Fish on' }).click();
    await expect(page.locator('.deck-next')).toBeHidden();
    await page.clock.fastForward(45 * 5 * 1000);
    await expect(page.locator('[data-count="casts"]')).toHaveText('4');
    await page.locator('[data-kind="caught"]').click();
    await expect(page.locator('.deck-next')).toContainText('be back within');
    await page.clock.fastForward(46 * 1000);
    await expect(page.locator('[data-count="casts"]')).toHaveText('5');
    await page.getByRole('button', { name: 'Stop the clock' }).click();
    await page.getByRole('button', { name: 'Set casts' }).click();
    await page.getByLabel('casts here with this').fill('30');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await inStep(page);
    await expect(page.locator('[data-count="casts"]')).toHaveText('30');
    await expect(page.locator('.deck-next')).toContainText(/26 casts here without a contact|26 blank casts here/);
    await sound(page);
    // One tap does what is proposed; put away, it stays away until it changes.
    const proposed = page.locator('[data-offer]');
    const words = await proposed.textContent();
    await proposed.click({ timeout: 10000 });
    await inStep(page);
    await expect(page.locator('.deck-now')).toContainText(words.trim().split(' ')[0], { ignoreCase: true });
    await page.getByRole('button', { name: 'put away' }).click();
    await expect(page.locator('.deck-next')).toBeHidden();
    await page.getByRole('button', { name: 'Keys (?)' }).click();
    await expect(page.locator('.keys')).toContainText('start or stop the cast clock');
    await sound(page);
});

test('undo goes back ten entries, and part, light, turns and a second angler are a tap each', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    for (let i = 0; i < 11; i++) {
        await tapCast(page);
    }
    await inStep(page);
    for (let i = 0; i < 10; i++) {
        await page.getByRole('button', { name: /^Undo/ }).click();
    }
    await inStep(page);
    await expect(page.locator('[data-count="casts"]')).toHaveText('1');
    await page.locator('[data-said="cover_part"]').filter({ hasText: 'edge' }).click();
    await page.locator('[data-said="light"]').filter({ hasText: 'shade' }).click();
    await page.getByText('Something turned, or somebody else casts').click();
    await page.locator('[data-log="turn"]').filter({ hasText: 'front' }).click();
    await page.getByLabel('somebody else who casts from this phone').fill('Marlo');
    await page.getByRole('button', { name: 'Join' }).click();
    await expect(page.locator('.deck-now')).toContainText('Nothing in hand yet');
    await page.locator('[data-log="stint"]').nth(1).click();
    await inStep(page);
    await page.reload();
    await expect(page.locator('.ribbon')).toContainText('front');
    await page.getByText('Something turned, or somebody else casts').click();
    await expect(page.getByRole('button', { name: 'Marlo', exact: true })).toHaveAttribute('aria-pressed', 'true', { timeout: 10000 });
    await page.goto(`${day}/entries`);
    await sound(page);
    await expect(page.getByText('0 casts, 0 contacts')).toBeVisible();
    await page.goto(`${day}/boat`);
    await sound(page);
});

test('each part of what is in the hand is changed in two taps, and a place is made on the spot', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await tapCast(page);
    for (const part of ['color', 'weight_oz', 'depth_ft']) {
        const key = page.locator(`[data-part="${part}"]`);
        if (await key.count() === 0 || await key.isDisabled()) {
            continue;
        }
        const before = await key.textContent();
        await key.click();
        await page.locator('[data-part-option][aria-pressed="false"]').first().click();
        await expect(key).not.toHaveText(before);
        await expect(page.locator('[data-count="casts"]')).toHaveText('0');
        await tapCast(page);
    }
    await page.locator('[data-here]').click();
    await page.getByRole('group', { name: 'Structure' }).getByRole('button', { name: 'flat', exact: true }).click();
    await page.getByRole('group', { name: 'Cover', exact: true }).getByRole('button', { name: 'reeds', exact: true }).click();
    await sound(page);
    await page.locator('[data-here-make]').click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Here ');
    await inStep(page);
    await page.goto(`${day}/read`);
    await expect(page.getByRole('group', { name: 'Cover', exact: true }).getByRole('checkbox', { name: 'reeds' })).toBeChecked();
});

test('a fish of twenty inches takes three taps after caught, and what turned is asked', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await tapCast(page);
    await page.locator('[data-kind="caught"]').click();
    await page.locator('#ruler').fill('20');
    await sound(page);
    await page.locator('[data-keep-length]').click();
    await inStep(page);
    await expect(page.locator('[data-contact]').first()).toContainText('20 in');
    await expect(page.locator('[data-contact]').first()).toContainText('about');
    await page.getByText('Something turned, or somebody else casts').click();
    await page.locator('[data-log="turn"]').filter({ hasText: 'clarity' }).click();
    await page.locator('[data-asks="water.visibility_ft"]').fill('0.5');
    await page.getByRole('region', { name: 'What is it like now' }).getByRole('button', { name: 'Keep' }).click();
    await inStep(page);
    await expect(page.locator('.deck-water')).toContainText('0.5 ft visible');
});

test('a wet double tap counts once and says so', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await page.locator('[data-log="casts"]').dblclick();
    await expect(page.locator('[data-count="casts"]')).toHaveText('1');
    await expect(page.getByText('A double tap, counted once.')).toBeVisible();
});

test('a hidden day is drilled on the real deck', async ({ page }) => {
    await freshDay(page);
    await page.goto('/drill');
    await sound(page);
    await page.getByLabel(/Number of the day/).fill('7');
    await page.getByRole('button', { name: 'Begin a day of casts' }).click();
    await page.locator('[data-log="stint"]').first().click();
    await page.getByRole('button', { name: /^Boathouse/ }).click();
    for (let i = 0; i < 30; i++) {
        await tapCast(page);
    }
    await inStep(page);
    await expect(page.locator('[data-count="casts"]')).toHaveText('30');
    await page.getByRole('link', { name: /End the drill/ }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('The water hid');
    await expect(page.getByRole('region', { name: 'What the advice did' })).toBeVisible();
    await expect(page.getByRole('img', { name: /Contacts over casts: you [\d.]+, the advice [\d.]+/ })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'What your choices cost' })).toBeVisible();
    await sound(page);
});

test('with a fish on the deck says what to do, counts the minutes and keeps its advice to itself', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await tapCast(page);
    await page.getByRole('button', { name: 'Fish on' }).click();
    const card = page.getByRole('region', { name: 'A fish is on' });
    await expect(card).toContainText('cut the line');
    await expect(card).toContainText(/0:0[2-9]/, { timeout: 6000 });
    await expect(page.locator('.deck-next')).toBeHidden();
    await sound(page);
    await page.locator('[data-kind="lost"]').click();
    await expect(card).toBeHidden();
    await page.locator('[data-detail="lost_by"]').filter({ hasText: 'bitten' }).click();
    await inStep(page);
    await expect(page.getByText('Bitten off: tie a bite-proof trace')).toBeVisible();
    await sound(page);
});

test('the first screen of a phone holds place, rod, cast key, six contacts and the advice', async ({ page }, info) => {
    test.skip(info.project.name !== 'phone', 'the deck of the phone');
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await inStep(page);
    for (const one of ['.deck-now h1', '.hand', '.cast-key', '[data-kind="follow"]', '.deck-next .move p']) {
        const box = await page.locator(one).first().boundingBox();
        expect(box.y + box.height, one).toBeLessThanOrEqual(info.project.use.viewport.height);
        expect(box.x + box.width, one).toBeLessThanOrEqual(info.project.use.viewport.width);
    }
});
