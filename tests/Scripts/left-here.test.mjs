import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { test } from 'node:test';

const { allOf, put, setAside } = await import('../../resources/js/deck/queue.js');
const { leftOver, leftWords } = await import('../../resources/js/left-here.js');
const { default: part } = await import('../../resources/js/left-here.js');
const { sender } = await import('../../resources/js/deck/sender.js');

globalThis.document = { querySelector: () => ({ content: 'token' }) };
Object.defineProperty(globalThis, 'navigator', { configurable: true, value: { locks: { request: (name, work) => work() } } });
const casts = (id, count, at) => ({ id, kind: 'casts', count, at });
/** A server on which only day 5 is this angler's. */
globalThis.fetch = async (url) => ({ status: url.includes('/5/') ? 200 : 404, ok: url.includes('/5/'), json: async () => ({ events: [], message: 'There is nothing at this address, or it is not yours.' }) });

test('what is kept of a day one is not aboard any more is shown, and nothing of the others', async () => {
    await put(5, 1, casts('a', 3, '2026-04-20T08:00:00'));
    await put(7, 1, casts('b', 4, '2026-04-20T08:10:00'));
    await put(7, 1, { id: 'c', kind: 'contact', at: '2026-04-20T08:20:00' });
    await setAside(7, 1, casts('d', 1, '2026-04-20T09:05:00'), 'refused');
    await put(8, 2, casts('e', 9, '2026-04-20T08:00:00'));
    const left = await leftOver(await allOf(1), '/days/DAY/log');
    assert.deepEqual(left.map((one) => one.trip), [7]);
    assert.equal(left[0].words, '3 entries (5 casts, 1 contact), logged 2026-04-20 from 08:10 to 09:05');
});

test('they are forgotten only when somebody says so', async () => {
    const one = Object.assign(part(), { $root: { dataset: { angler: '1', log: '/days/DAY/log' } } });
    await one.init();
    assert.ok(one.hasLeft);
    await one.forget(one.left[0]);
    assert.ok(!one.hasLeft);
    assert.deepEqual((await allOf(1)).map((kept) => kept.trip), [5]);
    assert.equal((await allOf(2)).length, 1);
});

test('without signal nothing is said to be left over', async () => {
    const there = globalThis.fetch;
    globalThis.fetch = async () => { throw new TypeError('no network'); };
    assert.deepEqual(await leftOver(await allOf(2), '/days/DAY/log'), []);
    globalThis.fetch = there;
});

test('a deck says that one is ashore, in place of a code', async () => {
    await put(7, 1, casts('f', 2, '2026-04-20T08:10:00'));
    const deck = { trip: 7, owner: 1, url: '/days/7/log', stuck: [], unwritten: [], notice: '', ...sender({ server: { rods: [], ground: '' }, sent: [], counted: new Set() }) };
    await deck.flush();
    assert.match(deck.notice, /not aboard this day any more\. 1 entry stays on this device/);
    assert.equal((await allOf(1)).filter((kept) => kept.trip === 7).length, 1, 'kept');
});

test('a single cast is one cast', () => assert.equal(leftWords([casts('x', 1, '2026-04-20T08:00:00')]), '1 entry (1 cast), logged 2026-04-20 from 08:00 to 08:00'));
