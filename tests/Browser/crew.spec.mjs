import { expect, test } from '@playwright/test';
import { freshDay, inStep, signIn, signOut, sound, tapCast } from './helpers.mjs';

/** One boat, one log, several thumbs (G2). */
const phone = { viewport: { width: 390, height: 844 }, timezoneId: 'America/New_York' };

/** The stints of the day as a deck shows them, casts by angler. */
const casts = (page) => page.evaluate(async () => {
    const answer = await fetch(document.querySelector('[data-url$="/log"]').dataset.url, { method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content }, body: '{"events":[]}' });
    const { state } = await answer.json();
    return state.stints.reduce((by, s) => ({ ...by, [s.angler ?? 'owner']: (by[s.angler ?? 'owner'] ?? 0) + s.casts }), {});
});

const tap = async (page, n) => {
    for (let i = 0; i < n; i++) {
        await page.locator('.deck-keys .cast-key:visible').first().click();
        await page.waitForTimeout(320);
    }
};

test('a guest comes aboard by the square, both phones lose the signal, and afterwards agree', async ({ browser }) => {
    const [ownerContext, guestContext] = await Promise.all([browser.newContext(phone), browser.newContext(phone)]);
    const owner = await ownerContext.newPage();
    const day = await freshDay(owner);
    await owner.goto(`${day}/crew`);
    await owner.getByRole('button', { name: 'Ask somebody aboard' }).click();
    await expect(owner.locator('.square svg')).toBeVisible();
    await sound(owner);
    const guest = await guestContext.newPage();
    await guest.goto(await owner.locator('[data-link]').getAttribute('data-link'));
    await sound(guest);
    await guest.getByLabel('What they call you aboard').fill('Tess');
    await guest.getByRole('button', { name: 'Come aboard' }).click();
    await expect(guest).toHaveURL(/\/fish$/);
    await owner.goto(`${day}/fish`);
    for (const page of [owner, guest]) {
        await page.locator('[data-rod]').first().click();
        await inStep(page);
    }
    await sound(guest);
    await Promise.all([ownerContext.setOffline(true), guestContext.setOffline(true)]);
    await tap(owner, 3);
    await tap(guest, 4);
    await expect(guest.locator('[data-queue]')).toContainText('waiting');
    await Promise.all([ownerContext.setOffline(false), guestContext.setOffline(false)]);
    for (const page of [owner, guest]) {
        await page.evaluate(() => window.dispatchEvent(new Event('online')));
        await inStep(page);
    }
    expect(await casts(owner)).toEqual({ owner: 3, Tess: 4 });
    expect(await casts(guest)).toEqual({ owner: 3, Tess: 4 });
    // What the guest catches is seen by the owner without a tap.
    await guest.locator('[data-kind="caught"]').click();
    await inStep(guest);
    await expect(owner.locator('[data-contact]')).toHaveCount(1, { timeout: 30000 });
    await guest.locator('button', { hasText: 'Fish on' }).click();
    await expect(guest.locator('.hands')).toContainText('Wren reels in, then nets');
    await Promise.all([ownerContext.close(), guestContext.close()]);
});

test('two cast keys stand side by side on one phone, each with a rod of its own', async ({ browser }) => {
    const context = await browser.newContext(phone);
    const page = await context.newPage();
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-rod]').first().click();
    // What the server says of the first entry comes when it comes.
    await expect(page.locator('.afloat')).toContainText('which is not in this day');
    await page.locator('summary', { hasText: 'Something turned' }).click();
    await page.getByLabel('somebody else who casts from this phone').fill('Ash');
    await page.getByRole('button', { name: 'Join', exact: true }).click();
    await page.locator('[data-cast-of="Ash"]').click();
    await expect(page.locator('.afloat')).toContainText('Which rod?');
    await page.locator('[data-rod]').nth(1).click();
    for (const name of ['Ash', 'Wren', 'Ash', 'Wren', 'Ash']) {
        await page.locator(`[data-cast-of="${name}"]`).click();
    }
    await inStep(page);
    expect(await casts(page)).toEqual({ owner: 2, Ash: 3 });
    const lures = await page.locator('.cast-keys .cast-key span').allTextContents();
    expect(new Set(lures.map((words) => words.split(', ')[1])).size).toBe(2);
    await sound(page);
    await context.close();
});

test('on a device that two of one boat share, neither sends nor sees what waits for the other', async ({ page, context }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/crew`);
    await page.getByRole('button', { name: 'Ask somebody aboard' }).click();
    const link = await page.locator('[data-link]').getAttribute('data-link');
    await page.goto(`${day}/fish`);
    await page.locator('[data-rod]').first().click();
    await inStep(page);
    await signOut(context);
    await tapCast(page);
    await expect(page.locator('.deck .afloat')).toContainText('You are signed out. 1 entry is kept');
    await page.goto(link);
    await page.getByLabel('What they call you aboard').fill('Tess');
    await page.getByRole('button', { name: 'Come aboard' }).click();
    await expect(page).toHaveURL(/\/fish$/);
    await page.locator('[data-rod]').first().click();
    await tap(page, 2);
    await expect(page.locator('[data-queue]')).toContainText('In step');
    expect(await casts(page)).toEqual({ owner: 0, Tess: 2 });
    await signOut(context);
    await signIn(context, day);
    await page.goto(`${day}/fish`);
    await inStep(page);
    expect(await casts(page)).toEqual({ owner: 1, Tess: 2 });
});
