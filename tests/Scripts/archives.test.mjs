import assert from 'node:assert/strict';
import { test } from 'node:test';
import archives from '../../resources/js/archives.js';

/** The page of archives with one row, and a server that answers what it is told. */
function page(answers) {
    const said = { textContent: 'waits its turn' };
    const one = Object.assign(archives(), {
        $root: { dataset: { url: '/archive/progress', waits: '1' }, querySelector: (which) => (which === '[data-archive="7"] [data-progress]' ? said : null) },
    });
    globalThis.fetch = async () => answers.shift() ?? { ok: false };
    globalThis.location = { reload: () => (one.reloaded = true) };
    return { one, said };
}

const answer = (archives) => ({ ok: true, json: async () => ({ archives }) });

test('how far it is stands beside the archive that is worked on', async () => {
    const { one, said } = page([answer([{ id: 7, state: 'waiting', done: 1500, total: 20000 }])]);
    await one.ask();
    assert.equal(said.textContent, '1,500 of 20,000 rows');
    assert.equal(one.reloaded, undefined);
});

test('one that has not begun says nothing of rows', async () => {
    const { one, said } = page([answer([{ id: 7, state: 'waiting', done: 0, total: 0 }])]);
    await one.ask();
    assert.equal(said.textContent, 'waits its turn');
});

test('when nothing is worked on any more the page is drawn anew', async () => {
    const { one } = page([answer([{ id: 7, state: 'ready', done: 9, total: 9 }])]);
    await one.ask();
    assert.equal(one.reloaded, true);
});

test('without an answer it waits for the next', async () => {
    const { one, said } = page([]);
    await one.ask();
    assert.deepEqual([said.textContent, one.reloaded], ['waits its turn', undefined]);
});
