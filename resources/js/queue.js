import { openDB } from 'idb';

/** What was logged on this device and has not reached the server yet, in order, in the browser's own database. */
const opened = openDB('old-eddy', 1, {
    upgrade(db) {
        db.createObjectStore('events', { keyPath: 'seq', autoIncrement: true }).createIndex('trip', 'trip');
    },
});

export async function put(trip, event) {
    await (await opened).add('events', { trip, event });
}

export async function waiting(trip) {
    return (await opened).getAllFromIndex('events', 'trip', trip);
}

export async function drop(entries) {
    const tx = (await opened).transaction('events', 'readwrite');
    await Promise.all([...entries.map((e) => tx.store.delete(e.seq)), tx.done]);
}
