/**
 * The log as this device knows it: the server's last state with what is still waiting written on top. It adds up, it does
 * not judge; tests/sequences/ holds it against the server.
 */

export function withEvents(state, events) {
    const now = structuredClone(state);
    events.forEach((event) => write(now, event));
    return now;
}

export function write(state, event) {
    if (event.kind === 'undo') {
        const done = (state.local ?? []).find((one) => one.event.id === event.target && !one.undone);
        if (done) {
            done.undone = true;
            done.back();
        }
        state.undo = state.undo.filter((e) => e.id !== event.target);
        return;
    }
    const back = KINDS[event.kind]?.(state, event);
    if (back) {
        state.local = [...(state.local ?? []), { event, back }];
        state.undo = [{ id: event.id, words: `${words(event)} at ${event.at.slice(11, 16)}` }, ...state.undo].slice(0, 10);
    }
}

/** What each kind of entry changes; each gives back how it is taken back, or nothing where it is about something that is not there. */
const KINDS = {
    stint(state, event) {
        if (state.stints.some((s) => s.id === event.stint)) {
            return null;
        }
        state.stints.push(begun(event));
        if (!state.spots.some((s) => s.name === event.spot)) {
            state.spots.push({ name: event.spot, about: '' });
        }
        // Whoever begins to fish elsewhere has gone there.
        const before = state.here;
        state.here = event.spot;
        return () => {
            state.here = state.here === event.spot ? before : state.here;
            state.stints = state.stints.filter((s) => s.id !== event.stint || s.casts > 0 || s.contacts.length > 0);
        };
    },
    casts(state, event) {
        const stint = stintOf(state, event.stint);
        if (!stint) {
            return null;
        }
        stint.casts += event.count;
        return () => (stint.casts = Math.max(0, stint.casts - event.count));
    },
    contact(state, event) {
        const stint = stintOf(state, event.stint);
        if (!stint || contactOf(state, event.contact)) {
            return null;
        }
        stint.contacts.push({ id: event.contact, kind: event.contact_kind, at: event.at, cast: Math.max(1, stint.casts) });
        return () => (stint.contacts = stint.contacts.filter((c) => c.id !== event.contact));
    },
    detail: (state, event) => said(contactOf(state, event.contact), event.fields),
    amend: (state, event) => said(stintOf(state, event.stint), event.fields),
    remove(state, event) {
        return event.contact ? takenOut(stintWith(state, event.contact)?.contacts, event.contact) : takenOut(state.stints, event.stint);
    },
    /** A line that goes out ends the run that it had before. */
    tow(state, event) {
        if (state.stints.some((s) => s.id === event.stint)) {
            return null;
        }
        const lifted = state.stints.filter((s) => s.line === event.line && !s.lifted);
        lifted.forEach((s) => (s.lifted = local(event.at)));
        state.stints.push({ ...begun(event), at: local(event.at), line: event.line, lifted: null });
        return () => {
            lifted.forEach((s) => (s.lifted = null));
            state.stints = state.stints.filter((s) => s.id !== event.stint || s.contacts.length > 0);
        };
    },
    lift(state, event) {
        return said(stintOf(state, event.stint), { lifted: local(event.at) });
    },
    turn: () => () => {},
    condition: () => () => {},
    route: () => () => {},
    pick(state, event) {
        return said(state, { here: event.spot });
    },
    rig(state, event) {
        const key = `${event.lure}/${event.color}`;
        const at = (state.rods ??= []).findIndex((rod) => rod.key === key);
        if (event.depth_ft === undefined || event.retrieve === undefined) {
            return at < 0 ? null : takenOut(state.rods, key, 'key');
        }
        if (at < 0) {
            const { lure, color, depth_ft, retrieve, weight_oz = null, length_in = null, cast_kind = null } = event;
            state.rods.push({ key, lure, color, depth_ft, retrieve, weight_oz, length_in, cast_kind, name: lure.replaceAll('_', ' '), cadence: '', slice: null, slice_key: '', jobs: [] });
        }
        return () => (state.rods = state.rods.filter((rod) => at >= 0 || rod.key !== key));
    },
    /** A knot that was tied anew has gone through nothing yet. */
    care(state, event) {
        return said((state.knots ??= {}), { [`${event.lure}/${event.color}`]: '' });
    },
    manner(state, event) {
        const fields = Object.fromEntries(['goal', 'practice', 'beat'].filter((field) => event[field] !== undefined).map((field) => [field, event[field]]));
        return said((state.manner ??= {}), fields);
    },
};

/** A stint as it begins. */
const begun = (event) => ({
    id: event.stint, at: event.at, spot: event.spot, rod: `${event.lure}/${event.color}`, lure_key: event.lure, lure: event.lure.replaceAll('_', ' '), color: event.color,
    retrieve: event.retrieve, depth_ft: event.depth_ft, weight_oz: event.weight_oz ?? null, length_in: event.length_in ?? null, cast_kind: event.cast_kind ?? null,
    angler: event.angler ?? null, casts: 0, cover_part: null, light: null, contacts: [],
});
/** A moment as the clock at the water shows it. */
const local = (at) => at.slice(0, 19);
const stintOf = (state, id) => state.stints.find((s) => s.id === id);
const stintWith = (state, contact) => state.stints.find((s) => s.contacts.some((c) => c.id === contact));
const contactOf = (state, id) => stintWith(state, id)?.contacts.find((c) => c.id === id);

/** Fields said of a stint or contact. Taken back is only what still stands; casts counted since stay. */
function said(subject, fields) {
    if (!subject) {
        return null;
    }
    const before = Object.fromEntries(Object.keys(fields).map((field) => [field, subject[field] ?? null]));
    Object.assign(subject, fields);
    return () => {
        for (const [field, value] of Object.entries(fields)) {
            if (field === 'casts') {
                subject.casts = Math.max(0, subject.casts + before.casts - value);
            } else if (subject[field] === value) {
                subject[field] = before[field];
            }
        }
    };
}

/** One of a list taken out of it, and how it comes back to its place. */
function takenOut(list, id, by = 'id') {
    const at = list?.findIndex((one) => one[by] === id) ?? -1;
    if (at < 0) {
        return null;
    }
    const [out] = list.splice(at, 1);
    return () => list.splice(at, 0, out);
}

function words(event) {
    return {
        casts: event.count === 1 ? 'a cast' : `${event.count} casts`,
        contact: 'a contact',
        stint: 'a change',
        turn: 'a turn of the day',
        condition: 'what the water is like',
        manner: 'how the day is fished',
        care: 'a rod cared for', line: 'the line of a cast', dock: 'a dock marked', tow: 'a line set out', lift: 'a line taken in',
        rig: 'a rod rigged',
        pick: 'a spot picked',
        route: 'a route asked for',
        remove: 'an entry taken out',
    }[event.kind] ?? 'a detail';
}
