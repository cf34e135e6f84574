import assert from 'node:assert/strict';
import { test } from 'node:test';

Object.assign(globalThis, await import('fake-indexeddb'));
globalThis.indexedDB ??= (await import('fake-indexeddb')).indexedDB;
const { default: keeps } = await import('../../resources/js/keeps.js');
const { waiting } = await import('../../resources/js/deck/queue.js');

const form = (more = {}) => {
    const sent = [];
    return { sent, submit: () => sent.push('sent'), dataset: { trip: '7', angler: '3', zone: 'America/New_York', entry: '{"kind":"pick","spot":"Wall"}', ...more } };
};
const asked = (target) => ({ target, prevented: false, preventDefault() { this.prevented = true; } });

test('with signal the form goes its way', async () => {
    globalThis.fetch = async () => ({ ok: true });
    const one = form();
    const e = asked(one);
    await keeps().submit(e);
    assert.deepEqual([one.sent, e.prevented], [['sent'], true]);
    assert.equal((await waiting('7')).length, 0);
});

test('without signal it becomes an entry of the same queue, with an id of its own', async () => {
    globalThis.fetch = async () => { throw new TypeError('no network'); };
    const one = form();
    const part = keeps();
    await part.submit(asked(one));
    await part.submit(asked(one));
    assert.deepEqual(one.sent, []);
    assert.match(part.kept, /kept on this device/);
    const entries = await waiting('7');
    assert.deepEqual(entries.map((e) => [e.angler, e.event.kind, e.event.spot]), [[3, 'pick', 'Wall'], [3, 'pick', 'Wall']]);
    assert.notEqual(entries[0].event.id, entries[1].event.id);
    assert.match(entries[0].event.at, /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d[+-]\d\d:\d\d$/);
});

test('a server that answers with an error is as good as none', async () => {
    globalThis.fetch = async () => ({ ok: false });
    const one = form({ trip: '8' });
    await keeps().submit(asked(one));
    assert.deepEqual([one.sent, (await waiting('8')).length], [[], 1]);
});

test('a device that cannot keep anything says so, and the form is not sent into nothing', async () => {
    globalThis.fetch = async () => ({ ok: false });
    const one = form({ entry: 'no json' });
    const part = keeps();
    await part.submit(asked(one));
    assert.match(part.kept, /do it again later/);
    assert.deepEqual(one.sent, []);
});

test('a whole form goes along as it was typed', async () => {
    globalThis.fetch = async () => { throw new TypeError('no network'); };
    const typed = new Map([['_token', 'secret'], ['from', '07:00'], ['fuel_per_hour', ''], ['wish[12]', 'must']]);
    globalThis.FormData = class { [Symbol.iterator]() { return typed[Symbol.iterator](); } };
    await keeps().submit(asked(form({ trip: '11', entry: '{"kind":"route","units":"us"}', whole: '' })));
    const [{ event }] = await waiting('11');
    assert.deepEqual([event.kind, event.form], ['route', { from: '07:00', fuel_per_hour: '', 'wish.12': 'must' }]);
});
