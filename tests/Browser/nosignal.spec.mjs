import { createServer, request as ask } from 'node:http';
import { expect, test } from '@playwright/test';
import { freshDay, inStep, signIn, signOut, sound, tapCast } from './helpers.mjs';

/** A way to the server that can be cut, killed in the middle of an answer, and mended again. */
async function brittleWay(target) {
    const to = new URL(target);
    const way = { cut: false, dieAfter: null, seen: 0, posts: 0 };
    const server = createServer((incoming, outgoing) => {
        if (way.cut) {
            return incoming.socket.destroy();
        }
        const onward = ask({ host: to.hostname, port: to.port, path: incoming.url, method: incoming.method, headers: { ...incoming.headers, host: `127.0.0.1:${way.port}` } }, (answer) => {
            if (incoming.url.endsWith('/log') && incoming.method === 'POST') {
                way.posts += 1;
                // The server took it, and dies before it can say so.
                if (way.dieAfter !== null && way.posts >= way.dieAfter) {
                    way.cut = true;
                    answer.resume();
                    return incoming.socket.destroy();
                }
            }
            outgoing.writeHead(answer.statusCode, answer.headers);
            answer.pipe(outgoing);
        });
        onward.on('error', () => incoming.socket.destroy());
        incoming.pipe(onward);
    });
    await new Promise((ready) => server.listen(0, '127.0.0.1', ready));
    way.port = server.address().port;
    way.url = `http://127.0.0.1:${way.port}`;
    way.close = () => new Promise((done) => {
        server.closeAllConnections();
        server.close(done);
    });
    return way;
}

const tapCasts = async (page, n) => {
    for (let i = 0; i < n; i++) {
        await tapCast(page);
    }
};

/** Opens a day through the brittle way and waits until the device could go on alone. */
async function readyDay(browser, baseURL, options = {}) {
    const way = await brittleWay(baseURL);
    const context = await browser.newContext({ timezoneId: 'America/New_York', ...options, baseURL: way.url });
    const page = await context.newPage();
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await inStep(page);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
    await expect.poll(() => page.evaluate(async (path) => (await Promise.all((await caches.keys()).filter((n) => n.startsWith('old-eddy-pages-')).map(async (n) => (await caches.open(n)).match(path)))).some(Boolean), new URL(`${day}/confirm`).pathname), { timeout: 20000 }).toBe(true);
    await page.reload();
    await expect(page.locator('[data-log="casts"]')).toBeVisible();
    return { way, context, page, day };
}

test('the deck loads and works with the server gone, and the queue survives closing the browser', async ({ browser, baseURL }, info) => {
    const { way, context, page, day } = await readyDay(browser, baseURL, info.project.use);
    way.cut = true;
    await page.goto(`${day}/fish`);
    await expect(page.locator('[data-log="casts"]')).toBeVisible();
    await expect(page.getByText('No signal: this page is as it was at')).toBeVisible();
    await tapCasts(page, 3);
    await page.locator('[data-kind="missed"]').click();
    // Another lure, another spot, details, all without signal.
    await page.locator('[data-log="stint"][aria-pressed="false"]').first().click();
    await page.getByRole('button', { name: /\(new\)/ }).click();
    await expect(page.locator('.deck-now')).toContainText('Spot 2');
    await tapCasts(page, 2);
    await page.locator('[data-kind="caught"]').click();
    // A fish in hand opens its details by itself.
    await page.locator('[data-detail="hooked"]').filter({ hasText: 'inside' }).click();
    await page.getByRole('button', { name: '+ longer' }).click();
    await expect(page.locator('[data-queue]')).toContainText('waiting');
    await expect(page.locator('.deck-sum')).toContainText('5 casts, 2 contacts');
    await sound(page);
    // The page closes and opens again: nothing is lost, the other screens are there too.
    await page.close();
    const again = await context.newPage();
    await again.goto(`${day}/fish`);
    await expect(again.locator('.deck-sum')).toContainText('5 casts, 2 contacts');
    await again.goto(`${day}/confirm`);
    await expect(again.getByRole('heading', { name: 'The evidence' })).toBeVisible();
    await again.goto(`${day}/fish`);
    way.cut = false;
    await inStep(again);
    await expect(again.locator('.deck-sum')).toContainText('5 casts, 2 contacts');
    await again.goto(`${day}/confirm`);
    await expect(again.locator('.log')).toContainText('1 caught');
    await expect(again.locator('.log')).toContainText('14 in');
    await context.close();
    await way.close();
});

test('a server that dies in the middle of a send gets every entry once', async ({ browser, baseURL }, info) => {
    const { way, context, page, day } = await readyDay(browser, baseURL, info.project.use);
    for (const round of [1, 2, 3]) {
        way.dieAfter = way.posts + 1;
        await tapCasts(page, 4);
        await expect(page.locator('.deck .afloat')).toContainText('No signal', { timeout: 20000 });
        expect(way.cut, `round ${round}: the server died after it took the entries`).toBe(true);
        way.dieAfter = null;
        way.cut = false;
        await inStep(page);
    }
    await page.goto(`${day}/confirm`);
    await expect(page.locator('.log')).toContainText('12');
    await expect(page.locator('.lede')).toContainText('12 casts');
    await context.close();
    await way.close();
});

test('a phone with two thousand entries is in step again, each counted once', async ({ browser, baseURL }, info) => {
    const { way, context, page, day } = await readyDay(browser, baseURL, info.project.use);
    way.cut = true;
    await page.evaluate(async () => {
        const deck = document.querySelector('.deck');
        const [trip, angler] = [deck.dataset.trip, Number(deck.dataset.angler)];
        const db = await new Promise((open) => (indexedDB.open('old-eddy').onsuccess = (e) => open(e.target.result)));
        const stint = JSON.parse(document.getElementById('deck-state').textContent).stints[0].id;
        const store = db.transaction('events', 'readwrite').objectStore('events');
        for (let i = 0; i < 2000; i++) {
            store.add({ trip, angler, event: { id: crypto.randomUUID(), kind: 'casts', stint, count: 1, at: '2026-04-12T09:00:00' } });
        }
        await new Promise((done) => (store.transaction.oncomplete = done));
        db.close();
    });
    await page.reload();
    await expect(page.locator('[data-count="casts"]')).toHaveText('2000');
    await expect(page.locator('[data-queue]')).toContainText('2000 entries waiting');
    way.cut = false;
    await expect(page.locator('[data-queue]')).toContainText('In step', { timeout: 60000 });
    await page.reload();
    await expect(page.locator('[data-count="casts"]')).toHaveText('2000');
    // Sent once more by hand, from another tab that held them as well: known, not counted.
    await page.goto(`${day}/confirm`);
    await expect(page.locator('.lede')).toContainText('2000 casts');
    await context.close();
    await way.close();
});

test('a queue of the first version of the store is taken over by an update', async ({ page }) => {
    const day = await freshDay(page);
    // The store as it was before the deck kept its state: no owner at the entries, no second table.
    await page.evaluate(async () => {
        await new Promise((gone) => (indexedDB.deleteDatabase('old-eddy').onsuccess = gone));
        const ask = indexedDB.open('old-eddy', 1);
        ask.onupgradeneeded = () => ask.result.createObjectStore('events', { keyPath: 'seq', autoIncrement: true }).createIndex('trip', 'trip');
        const db = await new Promise((open) => (ask.onsuccess = () => open(ask.result)));
        const [trip, stint] = [location.pathname.match(/\d+/)[0], crypto.randomUUID()];
        const store = db.transaction('events', 'readwrite').objectStore('events');
        const at = '2026-04-12T08:00:00';
        store.add({ trip, event: { id: crypto.randomUUID(), kind: 'stint', at, stint, spot: 'Old spot', lure: 'jerkbait', color: 'white', depth_ft: 4, retrieve: 'jerk_pause' } });
        store.add({ trip, event: { id: crypto.randomUUID(), kind: 'casts', at, stint, count: 7 } });
        await new Promise((done) => (store.transaction.oncomplete = done));
        db.close();
    });
    await page.goto(`${day}/fish`);
    await inStep(page);
    await expect(page.locator('.deck-sum')).toContainText('7 casts');
    await expect(page.locator('.deck-now')).toContainText('Old spot');
});

test('an entry that the server refuses is kept until the angler says what becomes of it', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await inStep(page);
    // Written by something broken: no server takes a count of nothing. What comes after it is taken all the same.
    await page.evaluate(async () => {
        const deck = document.querySelector('.deck');
        const db = await new Promise((open) => (indexedDB.open('old-eddy').onsuccess = (e) => open(e.target.result)));
        const stint = JSON.parse(document.getElementById('deck-state').textContent).stints[0]?.id ?? crypto.randomUUID();
        const store = db.transaction('events', 'readwrite').objectStore('events');
        store.add({ trip: deck.dataset.trip, angler: Number(deck.dataset.angler), event: { id: crypto.randomUUID(), kind: 'casts', stint, count: 0, at: '2026-04-12T09:00:00' } });
        await new Promise((done) => (store.transaction.oncomplete = done));
        db.close();
    });
    await tapCasts(page, 2);
    await inStep(page);
    await expect(page.getByText('1 entry not taken, kept on this device')).toBeVisible();
    await page.reload();
    await expect(page.getByText('1 entry not taken, kept on this device')).toBeVisible();
    await expect(page.locator('[data-count="casts"]')).toHaveText('2');
    await sound(page);
    await page.getByRole('button', { name: 'Send again' }).click();
    await expect(page.getByText('1 entry not taken')).toBeVisible();
    await page.getByRole('button', { name: 'Let go' }).click();
    await expect(page.getByText('not taken')).toHaveCount(0);
    await page.reload();
    await expect(page.getByText('not taken')).toBeHidden();
});

test('a device whose store is shut still sends what is tapped', async ({ page }) => {
    const day = await freshDay(page);
    await page.addInitScript(() => {
        const add = IDBObjectStore.prototype.add;
        IDBObjectStore.prototype.add = function (...entry) {
            if (this.name === 'events') {
                throw new DOMException('full', 'QuotaExceededError');
            }
            return add.apply(this, entry);
        };
    });
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await tapCasts(page, 3);
    await expect(page.getByText('This device cannot keep entries')).toBeVisible();
    await expect(page.locator('[data-queue]')).toContainText('In step', { timeout: 20000 });
    await page.reload();
    await expect(page.locator('[data-count="casts"]')).toHaveText('3');
});

test('a queue waits for the sign-in it belongs to', async ({ page, context }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await inStep(page);
    await signOut(context);
    await tapCast(page);
    await expect(page.locator('.deck .afloat')).toContainText('You are signed out. 1 entry is kept');
    // Somebody else signs in on this device: the entry is not theirs and stays.
    const other = await freshDay(page);
    await page.goto(`${other}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await expect(page.locator('[data-queue]')).toContainText('In step');
    await expect.poll(() => page.evaluate(() => new Promise((count) => {
        indexedDB.open('old-eddy').onsuccess = (e) => (e.target.result.transaction('events').objectStore('events').count().onsuccess = (c) => count(c.target.result));
    }))).toBe(1);
});

test('kept pages and typed conditions of one angler are not the next one\'s, and are not lost', async ({ browser, baseURL }, info) => {
    const { way, context, page, day } = await readyDay(browser, baseURL, info.project.use);
    await page.goto(`${day}/read`);
    // Typed while the server is gone; then the session ends without a sign-out.
    way.cut = true;
    await page.locator('summary', { hasText: 'The sky' }).click();
    await page.locator('[data-field="weather.wind_mph"] input').fill('17');
    await page.locator('[data-field="weather.wind_mph"] input').blur();
    await expect(page.getByText('What you changed is kept')).toBeVisible();
    way.cut = false;
    // Left first: an answer still under way would bring the session's cookie back.
    await page.goto('about:blank');
    await context.clearCookies();
    const other = await freshDay(page);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    way.cut = true;
    await page.goto(`${day}/fish`);
    await expect(page.getByText('was not opened on this device before')).toBeVisible();
    way.cut = false;
    // The first one signs in again and opens the day: what was typed is sent.
    await page.goto(other);
    await page.goto('about:blank');
    await context.clearCookies();
    await signIn(context, day);
    await page.goto(`${day}/read`);
    await expect(page.locator('[data-field="weather.wind_mph"] input')).toHaveValue('17');
    // Read anew only once it was sent: a page asked for in the same moment may be older than the answer.
    await inStep(page);
    await page.reload();
    await expect(page.locator('[data-field="weather.wind_mph"] input')).toHaveValue('17');
    await context.close();
    await way.close();
});

test('two devices on one stint add up, and what they differ on is told', async ({ page, context, browser, baseURL }, info) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await tapCasts(page, 2);
    await page.locator('[data-kind="caught"]').click();
    await inStep(page);
    const second = await browser.newContext({ ...info.project.use, baseURL, storageState: await context.storageState() });
    const other = await second.newPage();
    await other.goto(`${day}/fish`);
    await expect(other.locator('.deck-sum')).toContainText('2 casts, 1 contact');
    for (const [device, longer] of [[page, 2], [other, 5]]) {
        // Neither has heard of the other's entries.
        await device.context().setOffline(true);
        await tapCast(device);
        await device.locator('[data-contact]').first().click();
        for (let i = 0; i < longer; i++) {
            await device.getByRole('button', { name: '+ longer' }).click();
        }
        await device.context().setOffline(false);
        await inStep(device);
    }
    await other.reload();
    await expect(other.locator('.deck-sum')).toContainText('4 casts, 1 contact');
    await expect(other.getByText('Two devices differ on the length')).toBeVisible();
    await other.getByRole('button', { name: /^Take / }).last().click();
    await expect(other.getByText('Two devices differ')).toHaveCount(0);
    await expect(other.locator('[data-contact]')).toContainText('14.25 in');
    await sound(other);
    await second.close();
});

test('the log goes on without signal and is sent once', async ({ page, context }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await inStep(page);
    await context.setOffline(true);
    for (let i = 0; i < 4; i++) {
        await tapCast(page);
    }
    await page.locator('[data-log="contact"][data-kind="follow"]').click();
    await expect(page.locator('.deck .afloat')).toContainText('No signal: 5 entries kept');
    await expect(page.locator('[data-count="casts"]')).toHaveText('4');
    await context.setOffline(false);
    await inStep(page);
    await expect(page.locator('.deck-sum')).toContainText('4 casts, 1 contact');
});

test('a lost answer does not double an entry', async ({ page }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await inStep(page);
    // The server takes the entry, but its answer is lost once.
    let lost = false;
    await page.route('**/log', async (route) => {
        if (lost) {
            return route.continue();
        }
        lost = true;
        await route.fetch();
        return route.abort();
    });
    await tapCast(page);
    await inStep(page);
    expect(lost).toBe(true);
    await page.reload();
    await expect(page.locator('[data-count="casts"]')).toHaveText('1');
});

test('an expired session in the middle of an entry loses nothing', async ({ page, context }) => {
    const day = await freshDay(page);
    await page.goto(`${day}/fish`);
    await page.locator('[data-log="stint"]').first().click();
    await inStep(page);
    await signOut(context);
    await tapCast(page);
    await page.getByRole('button', { name: /^missed/ }).click();
    await expect(page.locator('.deck .afloat')).toContainText('You are signed out. 2 entries are kept');
    await signIn(context);
    await page.goto(`${day}/fish`);
    await inStep(page);
    await expect(page.locator('.deck-sum')).toContainText('1 cast, 1 contact');
});

test('two tabs on one day keep what each of them said', async ({ page, context }) => {
    const day = await freshDay(page);
    const other = await context.newPage();
    await other.goto(`${day}/read`);
    await page.getByRole('radiogroup', { name: 'Sky' }).getByRole('radio', { name: 'overcast' }).check();
    await expect(page.getByText('Clouds lift the fish')).toBeVisible();
    await other.locator('summary', { hasText: 'The water' }).click();
    await other.getByRole('radiogroup', { name: 'Current' }).getByRole('radio', { name: 'strong' }).check();
    await expect(other.getByText('slack behind whatever breaks it')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('radiogroup', { name: 'Sky' }).getByRole('radio', { name: 'overcast' })).toBeChecked();
    await page.locator('summary', { hasText: 'The water' }).click();
    await expect(page.getByRole('radiogroup', { name: 'Current' }).getByRole('radio', { name: 'strong' })).toBeChecked();
});
