import { openDB } from 'idb';

/**
 * What was logged on this device and has not reached the server yet, in order, in the browser's own database; and the
 * last state of each day's deck, to go on with when the server is gone. Entries carry their angler: a queue waits for
 * the sign-in it belongs to. What the server would not take stays as well, until the angler says what becomes of it.
 */
const opened = openDB('old-eddy', 3, {
    upgrade(db, from) {
        if (from < 1) {
            db.createObjectStore('events', { keyPath: 'seq', autoIncrement: true }).createIndex('trip', 'trip');
        }
        if (from < 2) {
            db.createObjectStore('decks', { keyPath: 'trip' });
        }
        if (from < 3) {
            db.createObjectStore('refused', { keyPath: 'id' }).createIndex('trip', 'trip');
        }
    },
    // A page of a newer version wants to upgrade: let it, this page reopens on its next load.
    blocking: async () => (await opened).close(),
});

export async function put(trip, angler, event) {
    await (await opened).add('events', { trip, angler, event });
}

export async function waiting(trip) {
    return (await opened).getAllFromIndex('events', 'trip', trip);
}

/** All that waits or was refused on this device for an angler, whatever the day. */
export async function allOf(angler) {
    const db = await opened;
    const [queued, refused] = await Promise.all([db.getAll('events'), db.getAll('refused')]);
    return [...queued, ...refused].filter((one) => one.angler === angler);
}

/** Entries that the server refused, with its reason: out of the queue's way, but not lost. */
export async function setAside(trip, angler, event, message) {
    await (await opened).put('refused', { id: event.id, trip, angler, event, message });
}

export async function setAsides(trip) {
    return (await opened).getAllFromIndex('refused', 'trip', trip);
}

export async function letGo(id) {
    await (await opened).delete('refused', id);
}

export async function drop(entries) {
    const tx = (await opened).transaction('events', 'readwrite');
    await Promise.all([...entries.map((e) => tx.store.delete(e.seq)), tx.done]);
}

/** Forgets the decks that were drawn for other anglers. Their entries stay: they were not sent yet. */
export async function forgetOthers(angler) {
    const tx = (await opened).transaction('decks', 'readwrite');
    for (const deck of await tx.store.getAll()) {
        if (deck.state.angler !== angler) {
            await tx.store.delete(deck.trip);
        }
    }
    await tx.done;
}

export async function keepDeck(trip, state) {
    await (await opened).put('decks', { trip, state });
}

export async function keptDeck(trip) {
    return (await (await opened).get('decks', trip))?.state ?? null;
}
