/** Talks to the server as JSON. A stale page token is renewed once; a lost sign-in is told apart from a lost network. */
export class SignedOut extends Error {}
export class NoSignal extends Error {}

/**
 * A part of a page that stands, or what it is drawn from, asked for as such: signed out it is refused, not led to the sign-in, which would
 * come back to the part afterwards. Null where it cannot be had.
 */
export async function fetchPart(url) {
    const answer = await fetch(url, { headers: { 'X-Requested-With': 'XMLHttpRequest' } }).catch(() => null);
    return answer?.ok && !answer.redirected ? answer : null;
}

const token = () => document.querySelector('meta[name="csrf-token"]');

async function ask(method, url, body) {
    try {
        return await fetch(url, {
            method,
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': token().content },
            body: body === undefined ? undefined : JSON.stringify(body),
        });
    } catch {
        throw new NoSignal();
    }
}

export async function send(method, url, body) {
    let response = await ask(method, url, body);
    if (response.status === 419) {
        const fresh = await ask('GET', '/token');
        if (fresh.ok) {
            token().content = (await fresh.json()).token;
            response = await ask(method, url, body);
        } else {
            throw new SignedOut();
        }
    }
    if (response.status === 401) {
        throw new SignedOut();
    }
    if (response.status >= 500) {
        throw new NoSignal();
    }
    return { status: response.status, data: await response.json().catch(() => ({})) };
}
