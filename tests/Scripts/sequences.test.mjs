import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { withEvents } from '../../resources/js/deck/log.js';

// The same sequences are sent to the server by tests/Feature/SequencesTest.php: what this device shows while it waits is what the server makes of it.
const sequences = JSON.parse(readFileSync(new URL('../sequences/log.json', import.meta.url), 'utf8'));
const usual = { at: '2026-04-20T08:00:00', color: 'bright', depth_ft: 3, retrieve: 'medium' };

/** What both sides show of a stint: nothing that is not said. */
const shown = (stint) => Object.fromEntries(
    ['id', 'spot', 'lure', 'angler', 'casts', 'cover_part', 'line', 'lifted', 'contacts'].filter((key) => (stint[key] ?? null) !== null).map((key) => [key, key === 'contacts' ? stint.contacts.map(shownContact) : stint[key]]),
);
const shownContact = (contact) => Object.fromEntries(['id', 'kind', 'cast', 'species', 'length', 'depth'].filter((key) => (contact[key] ?? null) !== null).map((key) => [key, contact[key]]));

for (const { name, events, stints, undo } of sequences) {
    test(name, () => {
        // The deck draws every entry once, by its id.
        const once = [...new Map(events.map((event) => [event.id, { ...usual, ...event }])).values()];
        const state = withEvents({ stints: [], spots: [], undo: [], local: [] }, once);
        assert.deepEqual(state.stints.map(shown), stints);
        assert.deepEqual(state.undo.map((entry) => entry.id), undo);
    });
}
