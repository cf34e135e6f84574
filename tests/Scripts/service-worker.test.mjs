import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { beforeEach, test } from 'node:test';
import vm from 'node:vm';

const source = readFileSync(new URL('../../resources/js/service-worker.js', import.meta.url), 'utf8');
const HOME = 'https://eddy.example';

/** The browser's stores, as far as the worker uses them. */
class Stores {
    stores = new Map();
    constructor(net) {
        this.net = net;
    }
    async open(name) {
        if (!this.stores.has(name)) {
            this.stores.set(name, new Map());
        }
        const kept = this.stores.get(name);
        const path = (request) => (typeof request === 'string' ? request : new URL(request.url).pathname);
        return {
            put: async (request, answer) => void kept.set(path(request), { body: await answer.text(), headers: answer.headers }),
            match: async (request) => this.out(kept.get(path(request))),
            add: async (asset) => this.addTo(kept, asset),
            addAll: async (assets) => void (await Promise.all(assets.map((a) => this.addTo(kept, a)))),
            keys: async () => [...kept.keys()].map((p) => ({ url: HOME + p })),
            delete: async (request) => kept.delete(path(request)),
        };
    }
    async addTo(kept, asset) {
        const answer = await this.net(asset);
        if (!answer.ok) {
            throw new Error(`no ${asset}`);
        }
        kept.set(asset, { body: await answer.text(), headers: answer.headers });
    }
    out(one) {
        return one && Object.assign(new Response(one.body, { headers: one.headers }), {});
    }
    async match(request, { cacheName } = {}) {
        const path = typeof request === 'string' ? request : new URL(request.url).pathname;
        for (const [name, kept] of this.stores) {
            if ((!cacheName || name === cacheName) && kept.has(path)) {
                return this.out(kept.get(path));
            }
        }
    }
    async keys() {
        return [...this.stores.keys()];
    }
    async delete(name) {
        return this.stores.delete(name);
    }
}

let caches;
let server;
let net;

/** A worker of one build, with everything that it was told to do done. */
async function worker(assets) {
    const heard = {};
    const context = vm.createContext({
        ASSETS: assets, caches, Response, URL, Promise, setTimeout: (f) => setTimeout(f, 30), location: { origin: HOME },
        self: { addEventListener: (what, does) => (heard[what] = does), skipWaiting: async () => {}, clients: { claim: async () => {} } },
        fetch: (request) => net(typeof request === 'string' ? request : new URL(request.url).pathname),
    });
    vm.runInContext(source, context);
    const tell = async (what, more = {}) => {
        const waits = [];
        heard[what]({ waitUntil: (p) => waits.push(p), ...more });
        await Promise.all(waits);
    };
    await tell('install');
    await tell('activate');
    return {
        say: (data) => tell('message', { data }),
        get: async (path, mode = 'navigate') => {
            let answered;
            heard.fetch({ request: { method: 'GET', url: HOME + path, mode }, respondWith: (p) => (answered = p) });
            const answer = await answered;
            // What it keeps beside the answer.
            await new Promise((done) => setTimeout(done, 5));
            return answer.headers.get('Location') ?? answer.text();
        },
    };
}

beforeEach(() => {
    server = { angler: '7', build: 'one', up: true, files: new Set(['/build/assets/app-one.js', '/build/assets/app-one.css']) };
    net = async (path) => {
        if (!server.up) {
            throw new TypeError('no network');
        }
        if (path.startsWith('/build/')) {
            return server.files.has(path) ? new Response(path) : new Response('', { status: 404 });
        }
        const answer = new Response(`page ${path} of ${server.angler} <script src="${HOME}/build/assets/app-${server.build}.js"></script><link href="/build/assets/app-${server.build}.css">`, { headers: server.angler ? { 'X-Angler': server.angler } : {} });
        Object.defineProperty(answer, 'type', { value: 'basic' });
        const clone = answer.clone.bind(answer);
        answer.clone = () => Object.defineProperty(clone(), 'type', { value: 'basic' });
        return answer;
    };
    caches = new Stores((path) => net(path));
});

const assets = (build) => [`/build/assets/app-${build}.js`, `/build/assets/app-${build}.css`];

test('a page that was opened is there without signal, with its scripts and styles', async () => {
    const one = await worker(assets('one'));
    await one.get('/days/1/fish');
    server.up = false;
    assert.match(await one.get('/days/1/fish'), /page \/days\/1\/fish of 7/);
    assert.match(await one.get('/days/2/fish'), /No signal/);
    assert.equal(await one.get('/build/assets/app-one.js', 'no-cors'), '/build/assets/app-one.js');
});

test('the app opens on the last kept deck without signal, and says so where there is none', async () => {
    const one = await worker(assets('one'));
    server.up = false;
    assert.match(await one.get('/now'), /No signal/);
    server.up = true;
    await one.get('/days/3/fish');
    await one.get('/days/12/fish');
    await one.get('/days/12/confirm');
    server.up = false;
    assert.equal(await one.get('/now'), `${HOME}/days/12/fish`);
});

test('after an update a kept page finds the assets of its own build until it is renewed', async () => {
    await (await worker(assets('one'))).get('/days/1/fish');
    // The server is updated: the old files are gone, the new worker is installed.
    Object.assign(server, { build: 'two', files: new Set(assets('two')) });
    const two = await worker(assets('two'));
    await two.say({ keep: ['/days'] });
    server.up = false;
    assert.match(await two.get('/days/1/fish'), /app-one\.js/);
    assert.equal(await two.get('/build/assets/app-one.js', 'no-cors'), '/build/assets/app-one.js');
    server.up = true;
    await two.say({ keep: ['/days', '/days/1/fish'] });
    server.up = false;
    assert.match(await two.get('/days/1/fish'), /app-two\.js/);
    await assert.rejects(two.get('/build/assets/app-one.js', 'no-cors'), 'what nobody asks for any more is gone');
});

test('a page drawn by a newer build than the worker brings its assets along', async () => {
    const one = await worker(assets('one'));
    Object.assign(server, { build: 'two', files: new Set(assets('two')) });
    await one.say({ keep: ['/days/1/read'] });
    server.up = false;
    assert.equal(await one.get('/build/assets/app-two.css', 'no-cors'), '/build/assets/app-two.css');
});

test('pages of one angler are not shown to the next, whoever forgot to sign out', async () => {
    const one = await worker(assets('one'));
    await one.get('/days/1/fish');
    // The session ended; somebody else signs in. The first page of his drops the pages of the first.
    server.angler = '8';
    await one.get('/days');
    server.up = false;
    assert.match(await one.get('/days/1/fish'), /No signal/);
    assert.match(await one.get('/days'), /of 8/);
});

test('a page for nobody leaves the kept pages alone, a sign-out drops them', async () => {
    const one = await worker(assets('one'));
    await one.get('/days/1/fish');
    server.angler = '';
    await one.get('/');
    server.up = false;
    assert.match(await one.get('/days/1/fish'), /of 7/);
    await one.say({ leaves: true });
    assert.match(await one.get('/days/1/fish'), /No signal/);
});

test('a page that came late for another angler is kept under the angler it was drawn for', async () => {
    const one = await worker(assets('one'));
    await one.get('/days');
    server.angler = '8';
    await one.say({ keep: ['/days/9/read'] });
    server.up = false;
    assert.match(await one.get('/days/9/read'), /No signal/);
});
