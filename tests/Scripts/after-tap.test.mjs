import assert from 'node:assert/strict';
import { test } from 'node:test';

globalThis.indexedDB ??= (await import('fake-indexeddb')).indexedDB;
Object.assign(globalThis, await import('fake-indexeddb'));
const { afterTap, withSlices } = await import('../../resources/js/deck/sender.js');

const stint = (id, at, casts, contacts = []) => ({ id, at, casts, contacts });
const before = { rods: ['r'], ribbon: 'old', next: ['before'], stints: [stint('a', '08:00', 5), stint('b', '08:30', 3, [{ id: 'c' }])] };

test('a stint that was touched is the server\'s, the others stay as they were', () => {
    const now = afterTap(before, { touched: [stint('b', '08:30', 9, [{ id: 'c' }, { id: 'd' }])], gone: [], count: [2, 14, 2], next: ['after'] });
    assert.deepEqual(now.stints.map((s) => [s.id, s.casts]), [['a', 5], ['b', 9]]);
    assert.deepEqual([now.next, now.rods, now.ribbon], [['after'], ['r'], 'old']);
    assert.equal(before.stints[1].casts, 3, 'what was known is not written over');
});

test('where nobody asked what to do next, what was said stands', () => {
    const now = afterTap(before, { touched: [stint('b', '08:30', 4, [{ id: 'c' }])], gone: [], count: [2, 9, 1] });
    assert.deepEqual(now.next, ['before']);
});

test('a new stint stands where its time puts it, one taken out is gone', () => {
    const now = afterTap(before, { touched: [stint('n', '08:10', 1)], gone: ['b'], count: [2, 6, 0] });
    assert.deepEqual(now.stints.map((s) => s.id), ['a', 'n']);
    assert.equal('touched' in now || 'gone' in now || 'count' in now, false);
});

test('sums that do not come out mean that another device has logged: all is asked for', () => {
    const news = { touched: [stint('b', '08:30', 9, [{ id: 'c' }])], gone: [] };
    assert.notEqual(afterTap(before, { ...news, count: [2, 14, 1] }), null);
    assert.equal(afterTap(before, { ...news, count: [3, 14, 1] }), null);
    assert.equal(afterTap(before, { ...news, count: [2, 15, 1] }), null);
    assert.equal(afterTap(before, { ...news, count: [2, 14, 2] }), null);
});

test('slices that were not sent again are those the device has', () => {
    const had = { rods: [{ slice_key: 'k1', slice: 'one' }, { slice_key: 'k2', slice: 'two' }] };
    const now = withSlices({ rods: [{ slice_key: 'k2', slice: null }, { slice_key: 'k3', slice: 'three' }] }, had);
    assert.deepEqual(now.rods.map((r) => r.slice), ['two', 'three']);
});
