import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { test } from 'node:test';

const { drop, forgetOthers, keepDeck, keptDeck, letGo, put, setAside, setAsides, waiting } = await import('../../resources/js/deck/queue.js');
const { sender, withSlices } = await import('../../resources/js/deck/sender.js');
const { NoSignal } = await import('../../resources/js/wire.js');

const page = { meta: 'token of the page' };
globalThis.document = { querySelector: () => ({ get content() { return page.meta; }, set content(value) { page.meta = value; } }) };
Object.defineProperty(globalThis, 'navigator', { configurable: true, value: { locks: { request: (name, work) => work() } } });

/** A server that answers as it is told, and notes what it was sent. */
function serverThat(...answers) {
    const sent = [];
    globalThis.fetch = async (url, { method, body }) => {
        sent.push({ url, method, body: body === undefined ? undefined : JSON.parse(body) });
        const answer = answers.length > 1 ? answers.shift() : answers[0];
        if (answer === 'gone') {
            throw new TypeError('no network');
        }
        const { status = 200, data = {} } = typeof answer === 'function' ? answer(sent.at(-1)) : answer;
        return { status, ok: status < 300, json: async () => data };
    };
    return sent;
}

const state = { angler: 1, rods: [{ key: 'a', slice_key: 'k1', slice: '<svg>one</svg>' }], stints: [] };
const taken = ({ body }) => ({ data: { events: body.events.map((e) => ({ id: e.id, became: 'taken' })), state } });

/** A deck with no more than what sending needs. */
function deck(trip) {
    const book = { server: structuredClone(state), sent: [], counted: new Set(), writes: 0 };
    return Object.assign(sender(book), { book, trip, owner: 1, url: '/log', stuck: [], unwritten: [], refused: [], notice: '', queued: 0, redraw: async () => {}, askAhead: () => {} });
}

test('entries wait in order, each day its own, until they are dropped', async () => {
    await put(1, 1, { id: 'a' });
    await put(2, 1, { id: 'b' });
    await put(1, 1, { id: 'c' });
    const queue = await waiting(1);
    assert.deepEqual(queue.map((e) => e.event.id), ['a', 'c']);
    await drop(queue.slice(0, 1));
    assert.deepEqual((await waiting(1)).map((e) => e.event.id), ['c']);
    assert.equal((await waiting(2)).length, 1);
    await drop([...(await waiting(1)), ...(await waiting(2))]);
});

test('what was refused lies aside with its reason until it is let go', async () => {
    await setAside(3, 1, { id: 'r' }, 'The depth must be a number.');
    assert.equal((await setAsides(3))[0].message, 'The depth must be a number.');
    await letGo('r');
    assert.deepEqual(await setAsides(3), []);
});

test('decks of other anglers are forgotten, what they have not sent is not', async () => {
    await keepDeck(1, { angler: 1 });
    await keepDeck(2, { angler: 2 });
    await put(2, 2, { id: 'theirs' });
    await forgetOthers(1);
    assert.deepEqual([(await keptDeck(1))?.angler, await keptDeck(2)], [1, null]);
    assert.equal((await waiting(2)).length, 1);
    await drop(await waiting(2));
});

test('a slice that was not sent again is the one the device has', () => {
    const next = withSlices({ rods: [{ key: 'a', slice_key: 'k1', slice: null }, { key: 'b', slice_key: 'k2', slice: '<svg>two</svg>' }] }, state);
    assert.deepEqual(next.rods.map((rod) => rod.slice), ['<svg>one</svg>', '<svg>two</svg>']);
});

test('what waits is sent, named with the slices that are here, and then waits no more', async () => {
    const sent = serverThat(taken);
    const one = deck(11);
    await put(11, 1, { id: 'e1', kind: 'casts' });
    await put(11, 1, { id: 'e2', kind: 'casts' });
    await one.flush();
    assert.deepEqual(sent[0].body.events.map((e) => e.id), ['e1', 'e2']);
    assert.deepEqual(sent[0].body.slices, ['k1']);
    assert.equal(sent[0].body.more, false);
    assert.deepEqual(await waiting(11), []);
    assert.equal(one.book.counted.has('e2'), true, 'the state that came counts them');
});

test('a long queue goes in batches, and only the last one asks for the state', async () => {
    const sent = serverThat(({ body }) => ({ data: { events: body.events.map((e) => ({ id: e.id, became: 'taken' })), state: body.more ? null : state } }));
    const one = deck(12);
    for (let i = 0; i < 260; i++) {
        await put(12, 1, { id: `e${i}`, kind: 'casts' });
    }
    await one.flush();
    assert.deepEqual(sent.map((s) => [s.body.events.length, s.body.more]), [[250, true], [10, false]]);
    assert.equal((await waiting(12)).length, 0);
});

test('without a server everything stays, and it is said so', async () => {
    serverThat('gone');
    const one = deck(13);
    await put(13, 1, { id: 'e1', kind: 'casts' });
    await one.flush();
    clearTimeout(one.retry);
    assert.equal(one.notice, 'No signal: 1 entry kept on this device.');
    assert.equal((await waiting(13)).length, 1);
    serverThat({ status: 502 });
    await assert.rejects(() => one.sendAll(), NoSignal);
    await drop(await waiting(13));
});

test('a lost sign-in is told apart, and keeps everything', async () => {
    serverThat({ status: 401 });
    const one = deck(14);
    await put(14, 1, { id: 'e1', kind: 'casts' });
    await one.flush();
    assert.match(one.notice, /^You are signed out\. 1 entry is kept/);
    assert.equal((await waiting(14)).length, 1);
    await drop(await waiting(14));
});

test('a stale token is renewed once and the batch sent again', async () => {
    const sent = serverThat({ status: 419 }, { data: { token: 'a fresh one' } }, taken);
    const one = deck(15);
    await put(15, 1, { id: 'e1', kind: 'casts' });
    await one.flush();
    assert.deepEqual(sent.map((s) => s.url), ['/log', '/token', '/log']);
    assert.equal(page.meta, 'a fresh one');
    assert.equal((await waiting(15)).length, 0);
});

test('one refused entry goes aside and holds up no other', async () => {
    serverThat(({ body }) => ({ data: { events: body.events.map((e) => (e.id === 'bad' ? { id: e.id, became: 'refused', message: 'No such stint.' } : { id: e.id, became: 'taken' })), state } }));
    const one = deck(16);
    await put(16, 1, { id: 'bad', kind: 'casts' });
    await put(16, 1, { id: 'good', kind: 'casts' });
    await one.flush();
    assert.deepEqual((await setAsides(16)).map((e) => [e.id, e.message]), [['bad', 'No such stint.']]);
    assert.equal((await waiting(16)).length, 0);
    assert.equal(one.book.counted.has('bad'), false);
    one.refused = await setAsides(16);
    await one.forgetRefused();
    assert.deepEqual(await setAsides(16), []);
});

test('a batch that is not taken at all stays where it is', async () => {
    serverThat({ status: 422, data: { message: 'The events must be a list.' } });
    const one = deck(17);
    await put(17, 1, { id: 'e1', kind: 'casts' });
    await one.flush();
    assert.equal(one.notice, 'The events must be a list.');
    assert.equal((await waiting(17)).length, 1);
    await drop(await waiting(17));
});

test('what another angler left on the device is not sent under this name', async () => {
    const sent = serverThat(taken);
    const one = deck(18);
    await put(18, 2, { id: 'theirs', kind: 'casts' });
    await put(18, 1, { id: 'mine', kind: 'casts' });
    await one.flush();
    assert.deepEqual(sent[0].body.events.map((e) => e.id), ['mine']);
    assert.deepEqual((await waiting(18)).map((e) => e.event.id), ['theirs']);
    await drop(await waiting(18));
});

test('entries that the store would not take are sent out of memory', async () => {
    const sent = serverThat(taken);
    const one = deck(19);
    one.stuck = [{ id: 'm1', kind: 'casts' }];
    await one.flush();
    assert.deepEqual(sent[0].body.events.map((e) => e.id), ['m1']);
    assert.deepEqual(one.stuck, []);
});

test('a clock that is off is spoken of once', async () => {
    serverThat(({ body }) => ({ data: { events: body.events.map((e) => ({ id: e.id, became: 'taken', message: 'It lies outside the day.' })), state } }));
    const one = deck(20);
    await put(20, 1, { id: 'e1', kind: 'casts' });
    await one.flush();
    assert.equal(one.notice, 'It lies outside the day. Is the clock of this device right?');
    one.notice = '';
    await put(20, 1, { id: 'e2', kind: 'casts' });
    await one.flush();
    assert.equal(one.notice, '');
});
