/** The log as this device knows it: the server's last state with what is still waiting written on top. It adds up, it does not judge. */

export function withEvents(state, events) {
    const now = structuredClone(state);
    events.forEach((event) => write(now, event));
    return now;
}

export function write(state, event) {
    const stint = state.stints.find((s) => s.id === event.stint);
    const contact = state.stints.flatMap((s) => s.contacts).find((c) => c.id === event.contact);
    switch (event.kind) {
        case 'stint':
            if (!stint) {
                state.stints.push({ id: event.stint, at: event.at, spot: event.spot, rod: `${event.lure}/${event.color}`, lure: event.lure.replaceAll('_', ' '), angler: event.angler ?? null, casts: 0, cover_part: null, light: null, contacts: [] });
                if (!state.spots.some((s) => s.name === event.spot)) {
                    state.spots.push({ name: event.spot, about: '' });
                }
            }
            break;
        case 'casts':
            if (stint) {
                stint.casts += event.count;
            }
            break;
        case 'contact':
            if (stint && !contact) {
                stint.contacts.push({ id: event.contact, kind: event.contact_kind, at: event.at, cast: Math.max(1, stint.casts) });
            }
            break;
        case 'detail':
            Object.assign(contact ?? {}, event.fields);
            break;
        case 'amend':
            Object.assign(stint ?? {}, event.fields);
            break;
        case 'remove':
            state.stints = state.stints.filter((s) => s.id !== (event.contact ? null : event.stint));
            state.stints.forEach((s) => (s.contacts = s.contacts.filter((c) => c.id !== event.contact)));
            break;
        case 'undo': {
            const done = (state.local ?? []).find((e) => e.id === event.target);
            if (done) {
                takeBack(state, done);
            }
            state.undo = state.undo.filter((e) => e.id !== event.target);
            return;
        }
    }
    state.local = [...(state.local ?? []), event];
    state.undo = [{ id: event.id, words: `${words(event)} at ${event.at.slice(11, 16)}` }, ...state.undo].slice(0, 10);
}

/** What an undone entry of this device changes back at once; the server has the last word. */
function takeBack(state, event) {
    const stint = state.stints.find((s) => s.id === event.stint);
    if (event.kind === 'casts' && stint) {
        stint.casts = Math.max(0, stint.casts - event.count);
    } else if (event.kind === 'contact' && stint) {
        stint.contacts = stint.contacts.filter((c) => c.id !== event.contact);
    } else if (event.kind === 'stint' && stint && stint.casts === 0 && stint.contacts.length === 0) {
        state.stints = state.stints.filter((s) => s !== stint);
    } else if (event.kind === 'detail') {
        const contact = state.stints.flatMap((s) => s.contacts).find((c) => c.id === event.contact);
        Object.assign(contact ?? {}, event.was);
    } else if (event.kind === 'amend') {
        Object.assign(stint ?? {}, event.was);
    }
}

function words(event) {
    return {
        casts: event.count === 1 ? 'a cast' : `${event.count} casts`,
        contact: 'a contact',
        stint: 'a change of lure or spot',
        turn: 'a turn of the day',
        remove: 'an entry taken out',
    }[event.kind] ?? 'a detail';
}
