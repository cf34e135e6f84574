import assert from 'node:assert/strict';
import { test } from 'node:test';

const { default: part } = await import('../../resources/js/part.js');

/** A page with one such part; answers when it was fetched. */
async function page(answer) {
    const asked = [];
    globalThis.window = globalThis;
    delete globalThis.requestIdleCallback;
    globalThis.setTimeout = (then) => then();
    globalThis.fetch = async (url, options) => {
        asked.push([url, options.headers]);
        if (answer instanceof Error) {
            throw answer;
        }
        return { ok: true, redirected: false, text: async () => '<h2>Same time</h2>', ...answer };
    };
    const one = Object.assign(part(), { $root: { dataset: { part: '/days/1/before?part=1' }, innerHTML: '<a>the page</a>' } });
    one.init();
    for (let i = 0; i < 9; i++) {
        await null;
    }
    return { asked, shown: one.$root.innerHTML };
}

test('a part is fetched when the page stands, and takes the place of its link', async () => {
    assert.deepEqual(await page({}), { asked: [['/days/1/before?part=1', { 'X-Requested-With': 'XMLHttpRequest' }]], shown: '<h2>Same time</h2>' });
});

test('without signal, signed out or broken, the link to the page stays', async () => {
    for (const answer of [new Error('no signal'), { redirected: true }, { ok: false }]) {
        assert.equal((await page(answer)).shown, '<a>the page</a>');
    }
});

test('where the browser says when it is idle, it is asked then', async () => {
    let waits = null;
    globalThis.window = globalThis;
    globalThis.requestIdleCallback = (then, options) => (waits = [then, options.timeout]);
    const one = Object.assign(part(), { $root: { dataset: { part: '/x' }, innerHTML: '' } });
    one.init();
    assert.equal(waits[1], 1500);
    delete globalThis.requestIdleCallback;
});
