import assert from 'node:assert/strict';
import { test } from 'node:test';

Object.assign(globalThis, await import('fake-indexeddb'));
globalThis.indexedDB ??= (await import('fake-indexeddb')).indexedDB;
const store = new Map();
globalThis.localStorage = { getItem: (key) => store.get(key) ?? null, setItem: (key, value) => store.set(key, value) };
const { default: deck } = await import('../../resources/js/deck/deck.js');

const rod = (lure, color, more = {}) => ({ key: `${lure}/${color}`, lure, color, name: lure.replace('_', ' '), weight_oz: 0.375, length_in: 3, retrieve: 'medium', depth_ft: 4, jobs: [], ...more });
const stint = (id, spot, casts, contacts = [], more = {}) => ({ id, at: `2026-04-20T08:${id.padStart(2, '0')}:00`, spot, casts, contacts, angler: null, lure_key: 'swim_jig', lure: 'swim jig', color: 'white', retrieve: 'medium', depth_ft: 4, weight_oz: 0.375, length_in: 3, rod: 'swim_jig/white', ...more });

/** A deck that shows this state and notes what it would log. */
function shows(state) {
    const one = deck();
    const said = [];
    one.log = (event) => said.push(event) && event;
    one.keepAwake = () => {};
    one.buzz = () => {};
    one.state = { timezone: 'UTC', units: 'us', leave_after: 8, rods: [rod('swim_jig', 'white'), rod('jerkbait', 'white')], spots: [], parts: {}, next: [], options: { kind: [] }, steps: { length: { start: 14 } }, ...state };
    return { one, said };
}

test('blank casts are counted over all that was shown at the place, from the last contact on', () => {
    const caught = [{ id: 'c', kind: 'caught', cast: 4 }];
    assert.equal(shows({ stints: [stint('1', 'A', 6, caught), stint('2', 'A', 3)] }).one.blankHere, 5);
    assert.equal(shows({ stints: [stint('1', 'A', 6), stint('2', 'B', 3), stint('3', 'A', 2)] }).one.blankHere, 2, 'a new visit');
    assert.equal(shows({ stints: [] }).one.blankHere, 0);
});

test('the cast key says when it is time to go, by the number that the server gave', () => {
    assert.match(shows({ stints: [stint('1', 'A', 7)] }).one.castSays, /leave after 8 blank here/);
    assert.match(shows({ stints: [stint('1', 'A', 8)] }).one.castSays, /8 blank here: time to go/);
});

test('what is in the hand already begins nothing, any other part, place or lure does', () => {
    const { one, said } = shows({ stints: [stint('1', 'A', 7)] });
    one.toRod('swim_jig/white');
    one.toSpot('A');
    one.take({ offer: { spot: 'A', lure: 'swim_jig', color: 'white', retrieve: 'medium', depth_ft: 4, weight_oz: 0.375, length_in: 3 } });
    assert.equal(said.length, 0);
    one.toSpot('B');
    one.toRod('jerkbait/white');
    one.take({ offer: { spot: 'A', lure: 'swim_jig', color: 'black', retrieve: 'medium', depth_ft: 4, weight_oz: 0.375, length_in: 3 } });
    assert.deepEqual(said.map((e) => [e.kind, e.spot, e.lure, e.color]), [['stint', 'B', 'swim_jig', 'white'], ['stint', 'A', 'jerkbait', 'white'], ['stint', 'A', 'swim_jig', 'black']]);
});

test('the first rod is taken in hand where the day was picked to be fished, else at the first spot', () => {
    const spots = [{ name: 'Wall', about: '' }];
    const begun = (state) => {
        const { one, said } = shows({ stints: [], ...state });
        one.toRod('swim_jig/white');
        return said[0].spot;
    };
    assert.equal(begun({ spots, here: 'Point' }), 'Point');
    assert.equal(begun({ spots }), 'Wall');
    assert.equal(begun({}), 'Spot 1');
});

test('a position that is noted goes with what is logged, and with nothing else', async () => {
    const { one, said } = shows({ stints: [stint('1', 'A', 7)] });
    one.position = { lat: 36.1, lon: -79.5 };
    await one.contact('boil');
    one.toSpot('B');
    one.turn('light');
    assert.deepEqual(said.map((e) => e.lat ?? null), [36.1, 36.1, null]);
});

test('a fish in hand and one that got off ask for more, the others do not', async () => {
    const { one } = shows({ stints: [stint('1', 'A', 7)] });
    for (const [kind, asks] of [['caught', true], ['boil', false], ['lost', true], ['follow', false]]) {
        await one.contact(kind);
        assert.equal(one.open !== null, asks, kind);
    }
});

test('two rods of a family are told apart by their colors', () => {
    const { one } = shows({ stints: [], rods: [rod('swim_jig', 'white'), rod('swim_jig', 'black'), rod('jerkbait', 'white')] });
    assert.deepEqual(one.rods.map((r) => r.words), ['swim jig, white', 'swim jig, black', 'jerkbait']);
});

test('a turn asks, an answer is an entry, and not known is an answer', async () => {
    const ask = [{ path: 'weather.sky', label: 'Sky', options: [{ value: 'clear', words: 'clear' }], unit: '' }];
    const { one, said } = shows({ stints: [stint('1', 'A', 7)], asks: { light: ask } });
    one.turn('light');
    assert.deepEqual(one.asks, ask);
    await one.answer('weather.sky', 'clear');
    assert.deepEqual([said[1].kind, said[1].path, said[1].value, one.asks], ['condition', 'weather.sky', 'clear', []]);
    one.turn('light');
    one.leaveAsks();
    assert.deepEqual([one.asks, said.length], [[], 3]);
});

test('goals are switched on and off', () => {
    const { one, said } = shows({ stints: [], manner: { goal: 'numbers', practice: 'yes' } });
    one.toggleBigFish();
    one.togglePractice();
    assert.deepEqual(said.map(({ kind, goal, practice }) => ({ kind, goal, practice })), [{ kind: 'manner', goal: 'big_fish', practice: undefined }, { kind: 'manner', goal: undefined, practice: 'no' }]);
});
