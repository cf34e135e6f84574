/* Keeps the pages of the day and everything they need on the device. VERSION and ASSETS are put in front of this file by the server. */
/* global VERSION, ASSETS */
const SHIPPED = `old-eddy-shipped-${VERSION}`;
const PAGES = 'old-eddy-pages';
const PATIENCE_MS = 6000;

self.addEventListener('install', (event) => {
    event.waitUntil(caches.open(SHIPPED).then((store) => store.addAll(ASSETS)).then(() => self.skipWaiting()));
});

// An update takes the new assets first and drops the old ones after; the queue lives elsewhere and is not touched.
self.addEventListener('activate', (event) => {
    event.waitUntil(
        caches
            .keys()
            .then((names) => Promise.all(names.filter((n) => n.startsWith('old-eddy-shipped-') && n !== SHIPPED).map((n) => caches.delete(n))))
            .then(() => self.clients.claim()),
    );
});

self.addEventListener('message', (event) => {
    event.waitUntil(Promise.all((event.data.keep ?? []).map((path) => fetch(path, { headers: { Accept: 'text/html', 'X-Keeps-Page': '1' } }).then((r) => keep(path, r), () => {}))));
});

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.method !== 'GET' || url.origin !== location.origin) {
        return;
    }
    if (url.pathname.startsWith('/build/') || url.pathname === '/icon.svg') {
        event.respondWith(caches.match(event.request).then((known) => known ?? fetch(event.request)));
    } else if (event.request.mode === 'navigate') {
        event.respondWith(page(event.request, url));
    }
});

async function page(request, url) {
    const known = await caches.match(url.pathname, { cacheName: PAGES });
    const asked = fetch(request);
    try {
        // A server that does not answer is as good as gone, but only where the device has the page.
        const answer = await (known ? Promise.race([asked, late()]) : asked);
        if (answer.status >= 500) {
            return known ?? answer;
        }
        keep(url.pathname, answer);
        return answer;
    } catch {
        return known ?? new Response('<!DOCTYPE html><meta charset="utf-8"><title>No signal</title><p>No signal, and this page was not opened on this device before. <a href="/days">The days</a>', { status: 503, headers: { 'Content-Type': 'text/html' } });
    }
}

function late() {
    return new Promise((_, refuse) => setTimeout(() => refuse(new Error('late')), PATIENCE_MS));
}

async function keep(path, answer) {
    // A redirect leads to the sign-in: that is not this page.
    if (answer.ok && answer.type === 'basic' && !answer.redirected && /^\/days(\/|$)/.test(path)) {
        const copy = answer.clone();
        await (await caches.open(PAGES)).put(path, copy);
    }
}
