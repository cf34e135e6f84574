import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { test } from 'node:test';

const store = new Map();
globalThis.localStorage = { getItem: (key) => store.get(key) ?? null, setItem: (key, value) => store.set(key, value), removeItem: (key) => store.delete(key) };
globalThis.window = { addEventListener: () => {} };
const reading = { innerHTML: '' };
const slice = { innerHTML: '' };
globalThis.document = {
    activeElement: null,
    cookie: '',
    documentElement: { dataset: { scheme: 'day' } },
    getElementById: (id) => ({ reading, 'lure-slice': slice })[id],
    querySelector: (what) => ({ content: what.includes('angler') ? '5' : 'token' }),
};
globalThis.matchMedia = () => ({ matches: false });
globalThis.requestAnimationFrame = () => {};

Object.defineProperty(globalThis, 'navigator', { configurable: true, value: { locks: { request: (name, work) => work() } } });
const { put, waiting } = await import('../../resources/js/deck/queue.js');
const conditions = (await import('../../resources/js/conditions.js')).default;
const cast = (await import('../../resources/js/cast.js')).default;
const scheme = (await import('../../resources/js/scheme.js')).default;
const newDay = (await import('../../resources/js/new-day.js')).default;
const strip = (await import('../../resources/js/strip.js')).default;
const layers = (await import('../../resources/js/layers.js')).default;

/** A field of the form: its inputs, what is said below it, its classes. */
function field(path, kind, inputs) {
    const said = { textContent: '' };
    const classes = new Set();
    return {
        dataset: { field: path, kind }, said, classes, inputs,
        classList: { toggle: (name, on) => (on ? classes.add(name) : classes.delete(name)) },
        querySelector: (what) => (what === '[data-assumed]' ? said : inputs.find((i) => !what.includes('number') || i.type === 'number') ?? null),
        querySelectorAll: () => inputs,
    };
}
const input = (value, more = {}) => ({ type: 'number', value, placeholder: '', min: '0', max: '130', dataset: { start: '4' }, setAttribute(name, to) { this[name] = to; }, ...more });

/** The form of a day with these fields, on a device of its own. */
function form(fields, trip) {
    const one = conditions();
    one.$root = {
        dataset: { trip: String(trip), url: '/conditions', log: '/log', angler: '5', zone: 'America/New_York', units: 'us', handles: '{}', tall: '{}', try: '/try' },
        addEventListener: () => {},
        querySelector: (what) => fields.find((f) => what === `[data-field="${f.dataset.field}"]`) ?? null,
        querySelectorAll: (what) => (what.startsWith('[data-field]') ? fields.filter((f) => !f.classes.has('wrong')) : []),
    };
    return one;
}
const answers = (status, data) => {
    const sent = [];
    globalThis.fetch = async (url, { body } = {}) => {
        sent.push(body === undefined ? url : JSON.parse(body));
        return { status, ok: status < 300, json: async () => data };
    };
    return sent;
};

/** Until the form has nothing under way. */
async function rest(one) {
    do {
        await new Promise((done) => setTimeout(done, 5));
    } while (one.busy);
}

test('a changed field is sent as it was typed, and what comes back is shown', async () => {
    const sent = answers(200, { reading: '<p>the reading</p>', handles: {}, values: { 'water.temp_f': '61' }, assumed: { 'weather.sky': 'partly' } });
    const temp = field('water.temp_f', 'stepper', [input('61')]);
    const sky = field('weather.sky', 'choice', [{ type: 'radio', value: 'clear', checked: false }, { type: 'radio', value: '', checked: true }]);
    const one = form([temp, sky], 1);
    await one.init();
    one.changed(temp);
    await rest(one);
    assert.deepEqual(sent, [{ field: 'water.temp_f', value: '61' }]);
    assert.equal(reading.innerHTML, '<p>the reading</p>');
    assert.equal(sky.said.textContent, 'assumed partly');
    assert.deepEqual([one.unsent, store.size], [{}, 0]);
});

test('a wrong value is named at its field and loses nothing that was typed', async () => {
    answers(422, { errors: [{ message: 'must be from 30 to 104 °F; 400 was given.' }] });
    const temp = field('water.temp_f', 'stepper', [input('400')]);
    const one = form([temp], 2);
    await one.init();
    one.changed(temp);
    await rest(one);
    assert.equal(temp.said.textContent, 'This must be from 30 to 104 °F; 400 was given.');
    assert.equal(temp.classes.has('wrong'), true);
    assert.equal(temp.inputs[0]['aria-invalid'], 'true');
    assert.equal(temp.inputs[0].value, '400');
});

test('without signal what is said becomes entries of the log, and is put back after a reload', async () => {
    globalThis.fetch = async () => { throw new TypeError('no network'); };
    const temp = field('water.temp_f', 'stepper', [input('58')]);
    const cover = field('spot.cover', 'choices', [{ type: 'checkbox', value: 'wood', checked: true }, { type: 'checkbox', value: 'rock', checked: false }]);
    const one = form([temp, cover], 3);
    await one.init();
    one.changed(temp);
    one.changed(cover);
    await rest(one);
    clearTimeout(one.again);
    assert.match(one.notice, /^No answer from the server\. What you changed is kept/);
    const kept = (await waiting('3')).map((e) => [e.angler, e.event.kind, e.event.path, e.event.value, e.event.units]);
    assert.deepEqual(kept, [[5, 'condition', 'water.temp_f', '58', 'us'], [5, 'condition', 'spot.cover', ['wood'], 'us']]);
    assert.equal(store.size, 0, 'nothing is kept twice');
    const again = [field('water.temp_f', 'stepper', [input('')]), field('spot.cover', 'choices', [{ type: 'checkbox', value: 'wood', checked: false }, { type: 'checkbox', value: 'rock', checked: true }])];
    const two = form(again, 3);
    await two.init();
    clearTimeout(two.again);
    assert.equal(again[0].inputs[0].value, '58');
    assert.deepEqual(again[1].inputs.map((i) => i.checked), [true, false]);
    await rest(two);
    clearTimeout(two.again);
});

test('what waits goes before what is said now, and what the server refuses is named at its field', async () => {
    const sent = [];
    globalThis.fetch = async (url, { method, body } = {}) => {
        const said = body === undefined ? null : JSON.parse(body);
        sent.push([method ?? 'GET', url, said?.events?.map((e) => e.value) ?? said?.value ?? null]);
        const data = said?.events ? { events: said.events.map((e, i) => ({ id: e.id, became: i ? 'refused' : 'taken', message: i ? 'Water is no number.' : null })) } : { reading: '<p>new</p>', handles: {}, values: {}, assumed: {} };
        return { status: 200, ok: true, json: async () => data };
    };
    for (const [path, value] of [['water.temp_f', '57'], ['water.visibility_ft', 'mud']]) {
        await put('8', 5, { id: crypto.randomUUID(), at: '2026-04-20T08:00:00', kind: 'condition', path, value, units: 'us' });
    }
    await put('8', 6, { id: crypto.randomUUID(), at: '2026-04-20T08:00:00', kind: 'condition', path: 'water.temp_f', value: '90', units: 'us' });
    const fields = [field('water.temp_f', 'stepper', [input('61')]), field('water.visibility_ft', 'stepper', [input('mud')])];
    const one = form(fields, 8);
    await one.init();
    await rest(one);
    fields[0].inputs[0].value = '61';
    one.changed(fields[0]);
    await rest(one);
    assert.deepEqual(sent.filter(([, , said]) => said !== null), [['POST', '/log', ['57', 'mud']], ['PATCH', '/conditions', '61']]);
    assert.equal(fields[1].said.textContent, 'Water is no number.');
    assert.deepEqual((await waiting('8')).map((e) => e.angler), [6], 'somebody else\'s waits for him');
});

test('what was typed and not yet answered is there again when the page comes back', async () => {
    globalThis.fetch = () => new Promise(() => {});
    const temp = field('water.temp_f', 'stepper', [input('58')]);
    const one = form([temp], 9);
    await one.init();
    one.changed(temp);
    assert.equal(store.get('old-eddy-conditions-of-5-9'), '{"water.temp_f":"58"}', 'written down before it is answered');
    await new Promise((done) => setTimeout(done, 20));
    const sent = answers(200, { reading: '', handles: {}, values: {}, assumed: {} });
    const again = field('water.temp_f', 'stepper', [input('')]);
    const two = form([again], 9);
    await two.init();
    await rest(two);
    assert.equal(again.inputs[0].value, '58');
    assert.deepEqual([sent, store.size], [[{ field: 'water.temp_f', value: '58' }], 0]);
});

test('a step goes by even steps and stays within the limits of the field', () => {
    const one = form([], 4);
    const press = (at, step) => {
        const its = field('water.visibility_ft', 'stepper', [at]);
        one.press({ target: { closest: (what) => (what === 'button' ? { dataset: { step }, closest: () => its } : null) } });
        [one.picture, one.tried] = [{ follow: () => {} }, { forget: () => {} }];
        clearTimeout(its.timer);
        return at.value;
    };
    assert.equal(press(input('3.3'), '0.5'), 4, 'from the nearest step');
    assert.equal(press(input(''), '0.5'), 4.5, 'from where stepping begins');
    assert.equal(press(input('', { placeholder: '6' }), '-0.5'), 5.5, 'from what is assumed');
    assert.equal(press(input('0.2'), '-0.5'), 0);
    assert.equal(press(input('130'), '0.5'), 130);
});

test('of what is tried while the hand moves the last one wins, and the bottom is tried whole', async () => {
    const asked = [];
    globalThis.fetch = async (url) => {
        asked.push(Object.fromEntries(new URLSearchParams(String(url).split('?')[1] ?? '')));
        return { ok: true, status: 200, json: async () => ({ reading: `<p>${url}</p>`, handles: {}, values: {}, assumed: {} }) };
    };
    const one = form([field('spot.deep_ft', 'stepper', [input('')]), field('spot.shallow_ft', 'stepper', [input('')])], 11);
    await one.init();
    await rest(one);
    one.picture.at = () => 2;
    const ask = (deep) => one.tried.ask({ ...one.beside('spot.deep_ft'), 'spot.deep_ft': deep });
    await Promise.all([ask(8), ask(9), ask(10)]);
    assert.deepEqual(asked, [{ 'said[spot.shallow_ft]': '2', 'said[spot.deep_ft]': '8' }, { 'said[spot.shallow_ft]': '2', 'said[spot.deep_ft]': '10' }]);
    assert.match(reading.innerHTML, /10/);
    one.handled('spot.deep_ft', 10);
    await rest(one);
    assert.deepEqual(one.unsent, {});
});

test('what is not known is put aside for the day, and the next question comes', () => {
    const one = form([], 12);
    one.trip = '12';
    const asks = ['spot', 'forage'].map((path) => ({ dataset: { ask: path }, hidden: true }));
    const all = { hidden: true };
    one.$refs = { asks: { querySelectorAll: () => asks, querySelector: () => all } };
    const shown = () => asks.filter((a) => !a.hidden).map((a) => a.dataset.ask);
    one.askOne();
    assert.deepEqual([shown(), all.hidden], [['spot'], true]);
    one.answered({ dataset: { unknown: '' }, closest: () => asks[0] });
    assert.deepEqual([shown(), all.hidden], [['forage'], true]);
    one.answered({ dataset: { unknown: '' }, closest: () => asks[1] });
    assert.deepEqual([shown(), all.hidden], [[], false]);
});

test('a handle lies where its value does, in even steps and within its limits', async () => {
    const { valueAfter, valueAt } = await import('../../resources/js/instrument.js');
    const depth = { zero: 28, per: 3, least: 0.5, most: 12, step: 0.5 };
    assert.equal(valueAt(depth, 0.28 + 0.03 * 4.2), 4, 'the nearest step');
    assert.deepEqual([valueAt(depth, 0), valueAt(depth, 1)], [0.5, 12]);
    assert.deepEqual(['ArrowDown', 'ArrowUp', 'PageDown', 'Home', 'End', 'x'].map((key) => valueAfter(depth, 4.2, key)), [4.5, 3.5, 6.5, 0.5, 12, null]);
    const warmth = { zero: 150, per: -1.6, least: 33, most: 95, step: 1 };
    assert.deepEqual(['ArrowUp', 'ArrowDown', 'ArrowRight'].map((key) => valueAfter(warmth, 60, key)), [61, 59, 61], 'up is warmer');
    assert.equal(valueAt(warmth, (150 - 1.6 * 72) / 100), 72);
});

test('each kind of control says what it holds', () => {
    const one = conditions();
    assert.deepEqual(one.said(field('x', 'choices', [{ checked: true, value: 'a' }, { checked: false, value: 'b' }])), ['a']);
    assert.equal(one.said(field('x', 'choice', [{ checked: true, value: '' }])), null);
    assert.equal(one.said(field('x', 'switch', [{ checked: false, value: '1' }, { checked: true, value: '0' }])), '0');
    assert.equal(one.said(field('x', 'date', [{ value: '' }])), null);
});

test('of two answers to a dragged cast the later question wins', async () => {
    const waiting = [];
    globalThis.fetch = () => new Promise((done) => waiting.push(done));
    const one = cast();
    const text = () => ({ textContent: '' });
    Object.assign(one, { moved: { cast_ft: '60' }, $root: { dataset: { url: '/cast' }, querySelectorAll: () => [] }, $refs: { warnings: text(), along: text(), near: text(), across: text() } });
    const answer = (along) => ({ ok: true, json: async () => ({ slice: `<svg>${along}</svg>`, along, near: '', across: '', warnings: [], knobs: {} }) });
    const [first, second] = [one.ask(), one.ask()];
    waiting[1](answer('second'));
    waiting[0](answer('first'));
    await Promise.all([first, second]);
    assert.equal(one.$refs.along.textContent, 'second');
    assert.equal(slice.innerHTML, '<svg>second</svg>');
    globalThis.fetch = async () => { throw new TypeError(); };
    await one.ask();
    assert.match(one.$refs.warnings.textContent, /^No answer from the server/);
    assert.equal(slice.innerHTML, '<svg>second</svg>', 'the picture is the last one');
});

test('the scheme is flipped on the page and kept for the next one', () => {
    const one = scheme();
    assert.equal(one.label ?? '', 'Night');
    one.flip();
    assert.equal(document.documentElement.dataset.scheme, 'night');
    assert.match(document.cookie, /^scheme=night; path=\//);
});

test('a new day knows today and its zone, and leaves what was typed', () => {
    const one = newDay();
    one.$refs = { zone: { value: '' }, date: { value: '2026-04-01' } };
    one.init();
    assert.equal(one.$refs.date.value, '2026-04-01');
    assert.equal(one.$refs.zone.value, Intl.DateTimeFormat().resolvedOptions().timeZone);
    one.$refs.date.value = '';
    one.init();
    assert.match(one.$refs.date.value, /^\d{4}-\d\d-\d\d$/);
});

test('the strip tells the beat it is at', () => {
    const one = strip();
    const dot = {};
    Object.assign(one, {
        $root: { querySelector: () => ({ textContent: 'ready' }), dataset: { points: JSON.stringify(Array.from({ length: 41 }, (_, i) => [i / 10, i, 2 * i])), beats: JSON.stringify([{ do: 'jerk', from: 0, to: 1.2, count: 3 }, { do: 'pause', from: 1.2, to: 4, count: null }]), seconds: '4' } },
        $refs: { dot: { setAttribute: (name, to) => (dot[name] = to) }, click: { checked: false } },
    });
    one.init();
    assert.deepEqual([one.told, one.label], ['ready', 'Play']);
    one.playing = true;
    one.from = performance.now() - 500;
    one.frame();
    assert.equal(one.told, 'jerk 2 of 3');
    one.from = performance.now() - 2000;
    one.frame();
    assert.match(one.told, /^pause (2\.0|1\.9) s$/);
    assert.ok(Math.abs(dot.cx - 20) <= 1 && dot.cy === 2 * dot.cx);
    one.toggle();
    assert.equal(one.label, 'Play');
});

test('a file that is being read tells how far, and the page is drawn anew when it is done', async () => {
    let reloaded = 0;
    globalThis.location = { reload: () => reloaded++ };
    const said = { textContent: '' };
    const one = layers();
    one.$root = { dataset: { url: '/layers' }, querySelectorAll: () => [{ dataset: { layer: '3' }, querySelector: () => said }] };
    answers(200, { layers: [{ id: 3, read: 12345, stuck: false }] });
    await one.ask();
    assert.deepEqual([said.textContent, reloaded], ['12,345 read', 0]);
    answers(200, { layers: [] });
    await one.ask();
    assert.equal(reloaded, 1);
    globalThis.fetch = async () => { throw new TypeError(); };
    await one.ask();
    assert.equal(reloaded, 1, 'no answer is no end');
});
