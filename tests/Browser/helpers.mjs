import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';

let number = 0;
let email = '';
/** Who opened which day. */
const anglers = new Map();

/** Signs the angler out, or the one of a day in again, in a tab of its own. */
export async function signOut(context) {
    const tab = await context.newPage();
    await tab.goto('/days');
    await tab.getByRole('button', { name: 'Sign out' }).click();
    await expect(tab).toHaveURL(/\/$/);
    await tab.close();
}

export async function signIn(context, day) {
    const tab = await context.newPage();
    await tab.goto('/');
    await tab.getByLabel('Email').fill((day && anglers.get(new URL(day).pathname)) || email);
    await tab.getByLabel('Password').fill('long-enough');
    await tab.getByRole('button', { name: 'Sign in' }).click();
    await expect(tab).toHaveURL(/\/days$/);
    await tab.close();
}

/** Registers a fresh angler and opens a day; answers the day's address. */
export async function freshDay(page) {
    await page.goto('/register');
    await page.getByLabel('Name in the log').fill('Wren');
    email = `wren-${process.pid}-${Date.now()}-${number++}@old-eddy.example`;
    await page.getByLabel('Email').fill(email);
    await page.getByLabel(/Password/).fill('long-enough');
    await page.getByRole('button', { name: 'Register' }).click();
    await expect(page).toHaveURL(/\/days$/);
    await page.getByLabel('Water').fill('Ladle Creek arm');
    await page.getByLabel('Fish').selectOption('largemouth_bass');
    await expect(page.getByLabel('Date')).not.toHaveValue('');
    await page.getByLabel('Date').fill('2026-04-12');
    await page.getByRole('button', { name: 'Read the water' }).click();
    await expect(page).toHaveURL(/\/read$/);
    const day = page.url().replace(/\/read$/, '');
    anglers.set(new URL(day).pathname, email);
    return day;
}

/** Fails on any violation of WCAG 2.2 A and AA that axe can find, and on anything wider than the window. */
export async function sound(page) {
    const { violations } = await new AxeBuilder({ page })
        // Only what is wrong is told with all its places.
        .options({ resultTypes: ['violations'] })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).analyze();
    expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).slice(0, 3).join(' | ')}`)).toEqual([]);
    const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
    expect(over, 'the page is wider than the window').toBeLessThanOrEqual(0);
}

/** A cast of its own: two taps within 300 ms are a wet double tap, and count once. */
export async function tapCast(page) {
    await page.locator('[data-log="casts"]').click();
    await page.waitForTimeout(320);
}

/** Waits until everything logged has reached the server. */
export async function inStep(page) {
    await expect
        .poll(() =>
            page.evaluate(
                () =>
                    new Promise((resolve) => {
                        const ask = indexedDB.open('old-eddy');
                        ask.onsuccess = () => {
                            const count = ask.result.transaction('events').objectStore('events').count();
                            count.onsuccess = () => {
                                ask.result.close();
                                resolve(count.result);
                            };
                        };
                    }),
            ),
            { timeout: 20000 },
        )
        .toBe(0);
}
