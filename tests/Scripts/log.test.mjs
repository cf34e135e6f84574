import assert from 'node:assert/strict';
import { test } from 'node:test';
import { withEvents } from '../../resources/js/deck/log.js';
import { due } from '../../resources/js/deck/steady.js';

const empty = () => ({ stints: [], spots: [], undo: [], local: [] });
const at = '2026-04-20T08:00:00-04:00';
const stint = { id: 'e1', kind: 'stint', at, stint: 's1', spot: 'Wall', lure: 'swim_jig', color: 'white' };

test('what waits is written on top of the server\'s last state, which stays as it was', () => {
    const server = empty();
    const now = withEvents(server, [stint, { id: 'e2', kind: 'casts', at, stint: 's1', count: 3 }, { id: 'e3', kind: 'contact', at, stint: 's1', contact: 'c1', contact_kind: 'caught' }]);
    assert.deepEqual(now.stints[0], { id: 's1', at, spot: 'Wall', rod: 'swim_jig/white', lure_key: 'swim_jig', color: 'white', retrieve: undefined, depth_ft: undefined, weight_oz: null, length_in: null, lure: 'swim jig', angler: null, casts: 3, cover_part: null, light: null, contacts: [{ id: 'c1', kind: 'caught', at, cast: 3 }] });
    assert.deepEqual(server, empty());
    assert.equal(now.undo[0].words, 'a contact at 08:00');
});

test('an undo takes back what this device did last', () => {
    const done = [stint, { id: 'e2', kind: 'casts', at, stint: 's1', count: 3 }, { id: 'e3', kind: 'undo', at, target: 'e2' }];
    assert.equal(withEvents(empty(), done).stints[0].casts, 0);
    assert.deepEqual(withEvents(empty(), [stint, { id: 'e4', kind: 'undo', at, target: 'e1' }]).stints, []);
});

test('an entry for a stint that is not there changes nothing', () => {
    assert.deepEqual(withEvents(empty(), [{ id: 'e2', kind: 'casts', at, stint: 'gone', count: 3 }]).stints, []);
});

test('the clock counts whole casts and keeps what is left of one', () => {
    const { casts, clock } = due({ running: true, seconds: 45, since: 0 }, 100_000, 500);
    assert.equal(casts, 2);
    assert.equal(clock.since, 90_000);
    assert.equal(due({ running: false, seconds: 45, since: 0 }, 100_000, 500).casts, 0);
});
