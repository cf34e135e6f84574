import assert from 'node:assert/strict';
import { test } from 'node:test';

globalThis.matchMedia = (query) => ({ query, matches: false, addEventListener: () => {} });
const listeners = {};
globalThis.window = {
    addEventListener: (on, then) => (listeners[on] = then),
    removeEventListener: (on) => delete listeners[on],
};
const { OTHER_END, instrument, tries } = await import('../../resources/js/instrument.js');

/** An element that remembers who listens, and can be made to hear something. */
function element(dataset, more = {}) {
    const heard = {};
    const attributes = {};
    return {
        dataset, style: {}, attributes,
        addEventListener: (on, then) => (heard[on] = then),
        hear: (on, event = {}) => heard[on]({ preventDefault: () => {}, pointerId: 1, ...event }),
        setAttribute: (name, value) => (attributes[name] = value),
        setPointerCapture: () => {},
        ...more,
    };
}

/** A picture 400 points high with one handle for depth: zero at a quarter of it, 5 % of the height a foot. */
function picture({ narrow = false, knobs = [], labels = [] } = {}) {
    globalThis.matchMedia = () => ({ matches: narrow, addEventListener: () => {} });
    const handle = (per) => ({ 'spot.deep_ft': { zero: 25, per, left: 35, value: 6, least: 1, most: 30, step: 0.5, unit: 'ft' } });
    const said = { textContent: '' };
    const grip = element({ handle: 'spot.deep_ft' }, { querySelector: () => said, parentElement: { getBoundingClientRect: () => ({ top: 0, height: 400 }) } });
    const water = { classList: { toggle: () => {}, remove: () => {} }, getBoundingClientRect: () => ({ left: 0, right: 500, top: 0, bottom: 400 }) };
    const outputs = {};
    const root = {
        dataset: { handles: JSON.stringify(handle(5)), tall: JSON.stringify(handle(2.5)) },
        querySelectorAll: (what) => ({ '[data-handle]': [grip], '[data-knob]': knobs, '.read-tray label': labels })[what],
        querySelector: (what) => {
            const path = what.match(/data-knob-said="(.+)"/)?.[1];
            const knob = what.match(/data-knob="(.+)"/)?.[1];
            return path ? (outputs[path] ??= { textContent: '' }) : knob ? (knobs.find((k) => k.dataset.knob === knob) ?? null) : what === '.read-water' ? water : null;
        },
    };
    const tried = [];
    const told = [];
    const it = instrument(root, { tryOut: (path, value) => tried.push(value), say: (path, value) => told.push(value) });
    return { it, grip, said, outputs, tried, told, answer: (value, per = 5) => it.drawn({ handles: { 'spot.deep_ft': { ...handle(per)['spot.deep_ft'], value } }, tall: handle(2.5) }) };
}
const top = ({ grip }) => grip.style.top;

test('while it is dragged it asks at every step, keeps the scale it was taken hold of in, and says once when it is let go', () => {
    const p = picture();
    p.grip.hear('pointerdown');
    p.grip.hear('pointermove', { clientY: 240 });
    p.grip.hear('pointermove', { clientY: 241 });
    assert.deepEqual([p.tried, top(p), p.said.textContent], [[7], '60%', '7 ft'], 'one question a step');
    // The answer has another scale; the hand is still where it is.
    p.answer(7, 4);
    assert.equal(top(p), '60%');
    p.grip.hear('pointermove', { clientY: 260 });
    assert.deepEqual([p.tried, p.told, top(p)], [[7, 8], [], '65%'], 'drawn under the hand');
    p.grip.hear('pointerup');
    assert.deepEqual(p.told, [8]);
    p.answer(8, 4);
    assert.equal(top(p), '57%', 'let go, it lies where its value does now');
});

test('a handle that was only touched says nothing', () => {
    const p = picture();
    p.grip.hear('pointerdown');
    p.grip.hear('pointerup');
    p.grip.hear('pointermove', { clientY: 300 });
    assert.deepEqual([p.tried, p.told], [[], []]);
});

test('an answer to what the hand said before does not move its handle', async () => {
    const p = picture();
    p.grip.hear('keydown', { key: 'ArrowDown' });
    p.grip.hear('keydown', { key: 'ArrowDown' });
    p.answer(6.5);
    assert.equal(p.grip.attributes['aria-valuenow'], 7);
    p.grip.hear('keydown', { key: 'ArrowDown' });
    assert.deepEqual(p.tried, [6.5, 7, 7.5], 'the third step goes on from the second');
    p.answer(7.5);
    p.answer(9);
    assert.equal(p.grip.attributes['aria-valuenow'], 9, 'once the picture has caught up, it leads again');
    await new Promise((done) => setTimeout(done, 450));
    assert.deepEqual(p.told, [7.5], 'the keys came to rest once');
});

test('a value that the server would not have is put right when the handle is left', () => {
    const p = picture();
    p.grip.hear('keydown', { key: 'End' });
    p.answer(6);
    assert.equal(p.grip.attributes['aria-valuetext'], '30 ft');
    p.grip.hear('blur');
    p.answer(6);
    assert.equal(p.grip.attributes['aria-valuetext'], '6 ft');
    clearTimeout(p.grip.rests);
});

test('a key that means nothing is left to the page, and a narrow window has the tall picture', () => {
    const p = picture({ narrow: true });
    assert.equal(top(p), '40%');
    let stopped = false;
    p.grip.hear('keydown', { key: 'Tab', preventDefault: () => (stopped = true) });
    assert.deepEqual([stopped, p.tried], [false, []]);
    assert.equal(p.it.at('spot.deep_ft'), 6);
});

test('hour and wind are slid, said in words, and follow what is said elsewhere', () => {
    const hour = element({ knob: 'time' }, { value: '540' });
    const wind = element({ knob: 'weather.wind_mph', unit: 'mph' }, { value: '12' });
    const p = picture({ knobs: [hour, wind] });
    hour.hear('input');
    wind.hear('input');
    assert.deepEqual([p.outputs.time.textContent, wind.attributes['aria-valuetext'], p.tried], ['09:00', '12 mph', ['09:00', '12']]);
    wind.hear('change');
    assert.deepEqual(p.told, ['12']);
    p.it.follow('time', '17:30');
    p.it.follow('weather.wind_mph', '4');
    assert.deepEqual([hour.value, p.outputs['weather.wind_mph'].textContent], [1050, '4 mph']);
    p.it.follow('water.temp_f', '60');
});

test('a cover is carried from the tray into the water; a tap and a carry elsewhere set nothing', () => {
    const box = { checked: false, changes: 0, dispatchEvent: () => (box.changes += 1) };
    const label = element({}, { querySelector: () => box });
    picture({ labels: [label] });
    const carry = (from, to, how = 'pointerup') => {
        label.hear('pointerdown', from);
        listeners.pointermove(to);
        listeners[how]({ ...to, type: how });
        assert.deepEqual(Object.keys(listeners), [], 'nobody listens on');
    };
    carry({ clientX: 100, clientY: 390 }, { clientX: 104, clientY: 388 });
    carry({ clientX: 100, clientY: 450 }, { clientX: 100, clientY: 600 });
    carry({ clientX: 100, clientY: 450 }, { clientX: 200, clientY: 200 }, 'pointercancel');
    assert.deepEqual([box.checked, box.changes], [false, 0]);
    carry({ clientX: 100, clientY: 450 }, { clientX: 200, clientY: 200 });
    carry({ clientX: 100, clientY: 450 }, { clientX: 200, clientY: 200 });
    assert.deepEqual([box.checked, box.changes], [true, 1], 'set once');
});

test('one question is under way at a time, the last one wins, lists are lists, and what is forgotten is not asked', async () => {
    const asked = [];
    const waiting = [];
    globalThis.fetch = (url) => {
        asked.push(decodeURIComponent(url));
        return new Promise((done) => waiting.push(done));
    };
    const drawn = [];
    const one = tries('/try', (data, said) => drawn.push([data, said]));
    const answer = async (data, ok = true) => {
        waiting.shift()({ ok, json: async () => data });
        await new Promise((done) => setTimeout(done, 0));
    };
    one.ask({ a: 1 });
    one.ask({ a: 2 });
    one.ask({ a: 3, b: ['x', 'y'] });
    await answer('first');
    await answer('last');
    assert.deepEqual(asked, ['/try?said[a]=1', '/try?said[a]=3&said[b][]=x&said[b][]=y']);
    assert.deepEqual(drawn, [['first', { a: 1 }], ['last', { a: 3, b: ['x', 'y'] }]]);
    one.ask({ a: 4 });
    one.ask({ a: 5 });
    one.forget();
    await answer('refused', false);
    assert.deepEqual([asked.length, drawn.length], [3, 2]);
    globalThis.fetch = async () => { throw new TypeError('no network'); };
    await one.ask({ a: 6 });
    assert.equal(drawn.length, 2);
    assert.equal(OTHER_END[OTHER_END['spot.deep_ft']], 'spot.deep_ft');
});
