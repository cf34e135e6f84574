import assert from 'node:assert/strict';
import { test } from 'node:test';
import { castClock } from '../../resources/js/deck/cast-clock.js';
import { detail } from '../../resources/js/deck/detail.js';
import { joined } from '../../resources/js/deck/joined.js';
import { keys } from '../../resources/js/deck/keys.js';
import { due, steady } from '../../resources/js/deck/steady.js';
import { entries } from '../../resources/js/deck/words.js';

const store = new Map();
globalThis.localStorage = { getItem: (key) => store.get(key) ?? null, setItem: (key, value) => store.set(key, value), removeItem: (key) => store.delete(key) };

/** A deck of these parts that notes what it was asked to do. */
function deck(parts, more = {}) {
    const said = [];
    return joined(...parts, {
        said,
        trip: 7,
        log: (event) => said.push(event),
        ...more,
    });
}

test('a getter of a part stays a getter', () => {
    let n = 0;
    const whole = joined({ get count() { return ++n; } }, { add() { return this.count + 10; } });
    assert.equal(n, 0, 'nothing was asked when the parts were joined');
    assert.equal(whole.count, 1);
    assert.equal(whole.add(), 12);
});

test('one entry is an entry, two are entries', () => {
    assert.deepEqual([0, 1, 2].map(entries), ['0 entries', '1 entry', '2 entries']);
});

test('the clock is kept for its day, and begins as the server says', () => {
    assert.deepEqual(steady(7, 45), { running: false, seconds: 45, since: 0 });
    const one = deck([castClock], { clock: steady(7, 45), state: { limits: { casts_at_once: 500 } }, begun: false });
    one.toggleClock();
    assert.equal(one.clock.running, true);
    one.slower();
    assert.equal(one.clock.seconds, 50);
    assert.deepEqual(steady(7, 45), one.clock);
    assert.equal(steady(8, 45).running, false, 'another day has its own');
    one.toggleClock();
});

test('a pace stays between ten seconds and five minutes', () => {
    const one = deck([castClock], { clock: { running: false, seconds: 12, since: 0 }, state: { limits: { casts_at_once: 500 } } });
    one.faster();
    assert.equal(one.clock.seconds, 10);
    one.faster();
    assert.equal(one.clock.seconds, 10);
    one.clock = { ...one.clock, seconds: 298 };
    one.slower();
    one.slower();
    assert.equal(one.clock.seconds, 300);
});

test('casts that fell due are logged at once, and no more than one entry takes', () => {
    const since = Date.now() - 100_000;
    const one = deck([castClock], { clock: { running: true, seconds: 45, since }, state: { limits: { casts_at_once: 500 } }, begun: true, stint: { id: 's1' } });
    one.tick();
    assert.deepEqual(one.said, [{ kind: 'casts', stint: 's1', count: 2 }]);
    assert.equal(one.clock.since, since + 90_000, 'what is left of a cast is not lost');
    assert.match(one.clockSays, /^every 45 s, next in 3\d s$/);
    assert.equal(due({ running: true, seconds: 1, since: 0 }, 10_000_000, 500).casts, 500);
});

test('a fish on stops the clock, and a contact lets it go on', () => {
    const one = deck([castClock], { clock: { running: true, seconds: 45, since: Date.now() }, state: { limits: { casts_at_once: 500 } }, begun: true, stint: { id: 's1' } });
    one.settleClock();
    assert.deepEqual([one.clock.running, one.clock.waits], [false, true]);
    one.resume();
    assert.deepEqual([one.clock.running, one.clock.waits], [true, undefined]);
    one.toggleClock();
    one.resume();
    assert.equal(one.clock.running, false, 'one that was stopped by hand stays so');
});

const contact = { id: 'c1', kind: 'caught', at: '2026-04-20T08:05:00', length: null, depth: 4, species: null };
const opened = (more = {}) => deck([detail], {
    open: 'c1',
    contacts: [{ ...contact, ...more }],
    state: { units: 'us', steps: { length: { start: 14, step: 0.25 }, depth: { start: 4, step: 1 } }, options: Object.fromEntries(['kind', 'species', 'hooked', 'forage', 'cover', 'cover_part', 'light'].map((f) => [f, [{ value: 'caught', words: 'caught' }]])) },
    $nextTick: (done) => done(),
    $root: { querySelector: () => null },
});

test('the fields of an open contact show what was said', () => {
    const one = opened();
    assert.equal(one.isOpen, true);
    assert.equal(one.openTitle, 'caught at 08:05');
    assert.deepEqual(one.openFields.map((f) => f.field), ['kind', 'species', 'hooked', 'forage', 'cover', 'cover_part', 'light']);
    assert.equal(one.openFields[0].options[0].pressed, 'true');
    assert.deepEqual([one.openLength, one.openDepth], ['–', 4]);
    one.closeDetail();
    assert.deepEqual([one.isOpen, one.openFields, one.openTitle], [false, [], '']);
});

test('what is taken of a fish in the hand is asked for where it can be said', () => {
    const more = { options: Object.fromEntries(['kind', 'species', 'lost_by', 'kept', 'weighed_by', 'hooked'].map((f) => [f, [{ value: f, words: f }]])), steps: { girth: { start: 10, step: 0.25 }, weight: { start: 2, step: 0.1 } }, units: 'us' };
    const fields = (of) => Object.assign(opened(of), { state: more }).openFields.map((f) => f.field);
    assert.deepEqual(fields({ weight: null }), ['kind', 'species', 'kept', 'hooked'], 'a caught fish is kept or let go; nothing was weighed yet');
    assert.deepEqual(fields({ weight: 2.4 }), ['kind', 'species', 'kept', 'weighed_by', 'hooked']);
    assert.deepEqual(fields({ kind: 'lost', weight: null }), ['kind', 'species', 'lost_by', 'hooked']);
    assert.deepEqual(fields({ kind: 'bump', weight: null }), ['kind', 'species', 'hooked']);
    const one = Object.assign(opened({ girth: null, weight: 2.4 }), { state: more });
    assert.equal(one.openGirth, '–');
    one.wider();
    assert.deepEqual(one.said.at(-1), { kind: 'detail', contact: 'c1', fields: { girth: 10 }, was: { girth: null }, units: 'us' });
    const two = Object.assign(opened({ girth: 12, weight: 2.4 }), { state: more });
    two.slimmer();
    assert.deepEqual([two.openGirth, two.said.at(-1).fields], [12, { girth: 11.75 }]);
    two.detail('kept', 'kept');
    assert.deepEqual(two.said.at(-1).fields, { kept: 'kept' });
});

test('a length begins where fish of this water do, and then goes by steps', () => {
    const one = opened();
    one.longer();
    assert.deepEqual(one.said.at(-1), { kind: 'detail', contact: 'c1', fields: { length: 14 }, was: { length: null }, units: 'us' });
    const two = opened({ length: 14 });
    two.shorter();
    assert.deepEqual(two.said.at(-1).fields, { length: 13.75 });
    const none = opened({ depth: 0.5 });
    none.shallower();
    assert.deepEqual(none.said.at(-1).fields, { depth: 0 }, 'no depth is less than none');
    none.deeper();
    assert.deepEqual(none.said.at(-1).fields, { depth: 1.5 });
});

test('a detail said again is unsaid, but what the fish did always stands', () => {
    const one = opened({ species: 'walleye' });
    one.detail('species', 'walleye');
    assert.deepEqual(one.said.at(-1), { kind: 'detail', contact: 'c1', fields: { species: null }, was: { species: 'walleye' }, units: 'us' });
    one.detail('kind', 'caught');
    assert.deepEqual(one.said.at(-1).fields, { kind: 'caught' });
    one.removeOpen();
    assert.deepEqual(one.said.at(-1), { kind: 'remove', contact: 'c1' });
    assert.equal(one.isOpen, false);
});

const pressed = (key, more = {}) => ({ key, target: { closest: () => null }, ...more });

test('keys do what their buttons do', () => {
    const done = [];
    const note = (what) => (...args) => done.push([what, ...args]);
    const one = joined(keys, {
        contact: note('contact'), cast: note('cast'), undo: note('undo'), hook: note('hook'), show: note('show'), take: note('take'), toggleClock: note('clock'), toggleHelp: note('help'),
        contacts: [{ id: 'c1' }], move: { offer: { words: 'x' } }, help: true, open: 'c1',
    });
    for (const key of ['f', 'L', 'm', 'b', 'o', 'w', 'c', 'u', 'h', 'd', 'n', 't', '?']) {
        one.key(pressed(key));
    }
    assert.deepEqual(done.slice(0, 6), ['caught', 'lost', 'missed', 'bump', 'boil', 'follow'].map((kind) => ['contact', kind]));
    assert.deepEqual(done.slice(6).map(([what]) => what), ['cast', 'undo', 'hook', 'show', 'take', 'clock', 'help']);
    one.key(pressed('Escape'));
    assert.deepEqual([one.help, one.open], [false, null]);
});

test('keys meant for the browser or for a field are left alone', () => {
    const done = [];
    const one = joined(keys, { cast: () => done.push('cast'), contacts: [], move: null });
    one.key(pressed('c', { ctrlKey: true }));
    one.key(pressed('c', { metaKey: true }));
    one.key(pressed('c', { target: { closest: () => ({}) } }));
    one.key(pressed('d'));
    one.key(pressed('n'));
    one.key(pressed('x'));
    assert.deepEqual(done, []);
    one.key(pressed('C'));
    assert.deepEqual(done, ['cast']);
});
