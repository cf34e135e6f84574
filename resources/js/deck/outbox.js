import { drop, setAside, waiting } from './queue.js';
import { send } from '../wire.js';

export const AT_ONCE = 250;

/** One page sends at a time, whichever it is. */
export const alone = (work) => navigator.locks.request('old-eddy-send', work);

/** What waits of a day for the sign-in it belongs to, in order. */
export async function waitingOf(trip, owner) {
    return (await waiting(trip)).filter((entry) => !entry.angler || entry.angler === owner);
}

/** A batch was answered: what was refused is set aside with its reason, the rest has arrived. Gives the reasons by id. */
export async function answered(trip, owner, batch, answers) {
    const refused = new Map(answers.filter((e) => e.became === 'refused').map((e) => [e.id, e.message]));
    // First aside, then out of the queue: between the two an entry is there twice rather than not at all.
    await Promise.all(batch.filter((e) => refused.has(e.event.id)).map((e) => setAside(trip, owner, e.event, refused.get(e.event.id))));
    await drop(batch.filter((e) => e.seq !== undefined));
    return refused;
}

/** Sends what waits of a day from a page that does not show the log. Gives the reasons of what was refused, or null where the server takes nothing now. */
export function sendWaiting(trip, owner, url) {
    return alone(async () => {
        const refused = new Map();
        let batch;
        while ((batch = (await waitingOf(trip, owner)).slice(0, AT_ONCE)).length) {
            const { status, data } = await send('POST', url, { events: batch.map((e) => e.event), more: true });
            if (status !== 200) {
                return null;
            }
            (await answered(trip, owner, batch, data.events)).forEach((message, id) => refused.set(id, message));
        }
        return refused;
    });
}
