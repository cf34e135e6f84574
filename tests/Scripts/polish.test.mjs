import assert from 'node:assert/strict';
import { test } from 'node:test';

const store = new Map();
globalThis.localStorage = { getItem: (key) => store.get(key) ?? null, setItem: (key, value) => store.set(key, value) };
globalThis.setInterval = () => 0;
const { default: polish, left } = await import('../../resources/js/polish.js');

function bench() {
    const marked = new Map();
    const one = Object.assign(Object.create(null), polish());
    one.$root = { dataset: { minutes: '5' }, querySelector: (of) => marked.get(of) ?? marked.set(of, { checked: false }).get(of) };
    one.marked = marked;
    one.init();
    return one;
}
const spoon = (key, name) => ({ currentTarget: { dataset: { dries: key, name, key } } });

test('what is left is told in minutes, and then what to do', () => {
    assert.deepEqual([300_000, 61_000, 59_001, 1, 0, -5].map(left), ['dries 5:00', 'dries 1:01', 'dries 1:00', 'dries 0:01', 'is dry: wipe it', 'is dry: wipe it']);
});

test('several dry at once, are marked as cleaned, and run on while the page is away', () => {
    const one = bench();
    one.dry(spoon('7', 'old silver'));
    one.dry(spoon('9', 'tin minnow'));
    one.dry(spoon('7', 'old silver'));
    assert.deepEqual(one.timers.map((t) => [t.name, t.says]), [['tin minnow', 'dries 5:00'], ['old silver', 'dries 5:00']], 'begun again, one clock');
    assert.equal(one.marked.get('input[value="7"]').checked, true);
    one.running[0].until = Date.now() - 1;
    one.tick();
    assert.equal(one.told, 'tin minnow is dry: wipe it.');
    const later = bench();
    assert.deepEqual(later.timers.map((t) => t.says), ['is dry: wipe it', 'dries 5:00']);
    later.done(spoon('9', 'tin minnow'));
    assert.deepEqual(later.timers.map((t) => t.name), ['old silver']);
    store.set('polish', 'no JSON');
    assert.deepEqual(bench().timers, []);
});
