/* Keeps the pages of the day and everything they need on the device. ASSETS is put in front of this file by the server. */
/* global ASSETS */
const SHIPPED = 'old-eddy-shipped';
const PAGES = 'old-eddy-pages-';
const WHO = 'old-eddy-who';
const PATIENCE_MS = 6000;

self.addEventListener('install', (event) => {
    event.waitUntil(caches.open(SHIPPED).then((store) => store.addAll(ASSETS)).then(() => self.skipWaiting()));
});

// An update takes the new assets first. The old ones stay as long as a kept page asks for them; the queue lives elsewhere and is not touched.
self.addEventListener('activate', (event) => {
    event.waitUntil(caches.delete('old-eddy-pages').then(() => self.clients.claim()));
});

self.addEventListener('message', (event) => {
    if (event.data.keep) {
        event.waitUntil(renew(event.data.keep));
    }
    if (event.data.leaves) {
        event.waitUntil(belongsTo(''));
    }
});

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.method !== 'GET' || url.origin !== location.origin) {
        return;
    }
    if (url.pathname.startsWith('/build/') || /^\/(lures\.svg|icon[\w-]*\.(svg|png)|manifest\.webmanifest)$/.test(url.pathname)) {
        event.respondWith(caches.match(event.request).then((known) => known ?? fetch(event.request)));
    } else if (event.request.mode === 'navigate') {
        event.respondWith(page(event.request, url));
    }
});

async function renew(paths) {
    await Promise.all(paths.map((path) => fetch(path, { headers: { Accept: 'text/html', 'X-Keeps-Page': '1' } }).then((r) => keep(path, r), () => {})));
    await tidy();
}

async function page(request, url) {
    const known = await caches.match(url.pathname, { cacheName: PAGES + (await who()) });
    const asked = fetch(request);
    try {
        // A server that does not answer is as good as gone, but only where the device has the page.
        const answer = await (known ? Promise.race([asked, late()]) : asked);
        if (answer.status >= 500) {
            return known ?? answer;
        }
        // Before anything of it is shown: the pages kept for somebody else go.
        await belongsTo(answer.headers.get('X-Angler') ?? (await who()));
        keep(url.pathname, answer);
        return answer;
    } catch {
        return known ?? (url.pathname === '/now' ? await lastDeck() : undefined) ?? new Response('<!DOCTYPE html><meta charset="utf-8"><title>No signal</title><p>No signal, and this page was not opened on this device before. <a href="/days">The days</a>', { status: 503, headers: { 'Content-Type': 'text/html' } });
    }
}

/** Where the app opens without signal: the deck that was kept last. */
async function lastDeck() {
    const pages = await caches.open(PAGES + (await who()));
    const decks = (await pages.keys()).filter((request) => /^\/days\/\d+\/fish$/.test(new URL(request.url).pathname));
    return decks.length ? Response.redirect(decks.at(-1).url, 302) : undefined;
}

function late() {
    return new Promise((_, refuse) => setTimeout(() => refuse(new Error('late')), PATIENCE_MS));
}

/** The angler whose pages are kept on this device; empty for nobody. */
async function who() {
    const said = await caches.match('/who', { cacheName: WHO });
    return said ? said.text() : '';
}

async function belongsTo(angler) {
    if (angler === (await who())) {
        return;
    }
    await Promise.all((await caches.keys()).filter((name) => name.startsWith(PAGES) && name !== PAGES + angler).map((name) => caches.delete(name)));
    await (await caches.open(WHO)).put('/who', new Response(angler));
}

async function keep(path, answer) {
    // A redirect leads to the sign-in: that is not this page. A page is kept for the angler it was drawn for.
    const angler = answer.headers.get('X-Angler');
    if (answer.ok && answer.type === 'basic' && !answer.redirected && angler && /^\/days(\/|$)/.test(path)) {
        const copy = answer.clone();
        const text = await answer.clone().text();
        await (await caches.open(PAGES + angler)).put(path, copy);
        const store = await caches.open(SHIPPED);
        await Promise.all(assetsOf(text).map(async (asset) => (await caches.match(asset)) ?? store.add(asset).catch(() => {})));
    }
}

/** What a page asks for of the application's own files. */
function assetsOf(text) {
    return [...new Set([...text.matchAll(/\/build\/assets\/[\w.-]+/g)].map(([asset]) => asset))];
}

/** Drops the files of earlier versions that no kept page asks for. Fonts are asked for by styles, not by pages: those of this version stay. */
async function tidy() {
    const needed = new Set(ASSETS);
    for (const name of (await caches.keys()).filter((n) => n.startsWith(PAGES))) {
        const pages = await caches.open(name);
        for (const request of await pages.keys()) {
            assetsOf(await (await pages.match(request)).text()).forEach((asset) => needed.add(asset));
        }
    }
    for (const name of (await caches.keys()).filter((n) => n.startsWith(SHIPPED))) {
        const store = await caches.open(name);
        for (const request of await store.keys()) {
            const path = new URL(request.url).pathname;
            // A page with older styles needs their fonts too, which only the styles name.
            if (!needed.has(path) && (/\.(css|js)$/.test(path) || [...needed].every((n) => ASSETS.includes(n)))) {
                await store.delete(request);
            }
        }
    }
}
