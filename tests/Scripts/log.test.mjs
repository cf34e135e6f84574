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
    assert.deepEqual(now.stints[0], { id: 's1', at, spot: 'Wall', rod: 'swim_jig/white', lure_key: 'swim_jig', color: 'white', retrieve: undefined, depth_ft: undefined, weight_oz: null, length_in: null, cast_kind: null, lure: 'swim jig', angler: null, casts: 3, cover_part: null, light: null, contacts: [{ id: 'c1', kind: 'caught', at, cast: 3 }] });
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

test('a rod rigged without signal stands on the rack at once, and comes off it again', () => {
    const rig = { id: 'r1', kind: 'rig', at, lure: 'tube', color: 'perch', depth_ft: 6, retrieve: 'drag_pause' };
    const rods = (events) => (withEvents({ ...empty(), rods: [] }, events).rods ?? []).map((rod) => rod.key);
    assert.deepEqual(rods([rig]), ['tube/perch']);
    assert.deepEqual(rods([rig, { ...rig, id: 'r2' }]), ['tube/perch'], 'rigged twice, it is there once');
    assert.deepEqual(rods([rig, { id: 'u1', kind: 'undo', at, target: 'r1' }]), []);
    const off = { id: 'r3', kind: 'rig', at, lure: 'tube', color: 'perch' };
    assert.deepEqual(rods([rig, off]), []);
    assert.deepEqual(rods([rig, off, { id: 'u2', kind: 'undo', at, target: 'r3' }]), ['tube/perch']);
    assert.deepEqual(rods([off]), []);
});

test('the spot picked and the way the day is fished are known before the server knows', () => {
    const now = withEvents(empty(), [{ id: 'p1', kind: 'pick', at, spot: 'Wall' }, { id: 'm1', kind: 'manner', at, practice: 'yes' }]);
    assert.deepEqual([now.here, now.manner], ['Wall', { practice: 'yes' }]);
    assert.deepEqual(now.undo.map((one) => one.words), ['how the day is fished at 08:00', 'a spot picked at 08:00']);
    const back = withEvents(empty(), [{ id: 'p1', kind: 'pick', at, spot: 'Wall' }, { id: 'u1', kind: 'undo', at, target: 'p1' }]);
    assert.equal(back.here, null);
});
