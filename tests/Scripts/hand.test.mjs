import assert from 'node:assert/strict';
import { test } from 'node:test';

const store = new Map();
globalThis.localStorage = { getItem: (key) => store.get(key) ?? null, setItem: (key, value) => store.set(key, value) };
const { joined } = await import('../../resources/js/deck/joined.js');
const { followed, hand, shown } = await import('../../resources/js/deck/hand.js');
const { care } = await import('../../resources/js/deck/care.js');
const { withEvents } = await import('../../resources/js/deck/log.js');
const { wet } = await import('../../resources/js/deck/wet.js');
const { fishOn } = await import('../../resources/js/deck/fish-on.js');
const { here } = await import('../../resources/js/deck/here.js');

const state = {
    units: 'us', timezone: 'UTC', steps: { length: { start: 14, step: 0.25 } },
    rods: [{ key: 'swim_jig/white', lure: 'swim_jig', color: 'white', weight_oz: 0.375, length_in: 3.5, retrieve: 'medium', depth_ft: 4, jobs: ['Ease the drag.'] }],
    parts: { swim_jig: {
        color: [{ value: 'white', words: 'white' }, { value: 'black', words: 'black' }],
        weight_oz: [{ value: 0.25, words: '1/4 oz' }, { value: 0.375, words: '3/8 oz' }],
        retrieve: [{ value: 'medium', words: 'medium' }],
    } },
};
const stint = { id: 's1', lure_key: 'swim_jig', spot: 'Wall', color: 'white', retrieve: 'medium', depth_ft: 4, weight_oz: null, length_in: null };

/** A deck of these parts that notes what it was asked to begin and to log. */
function deck(parts, more = {}) {
    const begun = [];
    const said = [];
    return joined(...parts, { state, stint, rod: state.rods[0], contacts: [], begun, said, begin: (...all) => begun.push(all), log: (event) => said.push(event), buzz() {}, settleClock() {}, ...more });
}

test('what an entry left open is as the rod is rigged', () => {
    assert.deepEqual(deck([hand]).now, { lure: 'swim_jig', color: 'white', retrieve: 'medium', depth_ft: 4, weight_oz: 0.375, length_in: 3.5, cast_kind: null });
    assert.deepEqual(shown({ lure: 'tube', color: 'perch', retrieve: 'crawl', depth_ft: 2 }), { lure: 'tube', color: 'perch', retrieve: 'crawl', depth_ft: 2, weight_oz: null, length_in: null, cast_kind: null });
});

test('each part is a key with its words, and one without a choice is fixed', () => {
    assert.deepEqual(deck([hand]).parts.map((p) => [p.part, p.words, p.fixed]), [['color', 'white', false], ['weight_oz', '3/8 oz', false], ['retrieve', 'medium', true]]);
});

test('two taps change one part and leave the others', () => {
    const one = deck([hand]);
    one.openPart('weight_oz');
    assert.equal(one.partOpen, true);
    assert.deepEqual(one.partOptions.map((o) => o.pressed), ['false', 'true']);
    one.changePart(0.25);
    assert.deepEqual(one.begun, [[{ lure: 'swim_jig', color: 'white', retrieve: 'medium', depth_ft: 4, weight_oz: 0.25, length_in: 3.5, cast_kind: null }, 'Wall']]);
    assert.equal(one.partOpen, false);
    one.openPart('color');
    one.changePart('white');
    assert.equal(one.begun.length, 1, 'what it is already begins nothing');
    one.openPart('color');
    one.openPart('color');
    assert.equal(one.partOpen, false, 'a second tap closes it');
});

test('a wet double tap counts once and is shown, two keys one after the other count both', () => {
    const one = deck([wet]);
    assert.equal(one.isFresh('cast', 1000), true);
    assert.equal(one.isFresh('cast', 1250), false);
    assert.match(one.twice, /counted once/);
    assert.equal(one.isFresh('caught', 1260), true);
    assert.equal(one.twice, '');
    assert.equal(one.isFresh('cast', 1270), true);
    assert.equal(one.isFresh('cast', 1571), true);
});

test('the ruler starts where the last fish ended, and says its kind with it', () => {
    const last = { id: 'c0', kind: 'caught', length: 16.5, species: 'largemouth_bass' };
    const open = { id: 'c1', kind: 'caught', length: null, species: null };
    const one = deck([fishOn], { contacts: [last], openContact: open, open: 'c1' });
    assert.equal(one.rulerFor, true);
    one.startRuler();
    assert.equal(one.ruler, 16.5);
    one.ruler = '20';
    one.keepRuler();
    assert.deepEqual(one.said, [{ kind: 'detail', contact: 'c1', fields: { length: 20, species: 'largemouth_bass' }, was: { length: null, species: null }, units: 'us' }]);
    assert.equal(one.open, null);
    const first = deck([fishOn], { openContact: open });
    first.startRuler();
    assert.equal(first.ruler, 14);
    assert.equal(deck([fishOn], { openContact: { ...open, kind: 'lost' } }).rulerFor, false);
});

test('while a fish is on the time is counted and the jobs are those of the rod', () => {
    const one = deck([fishOn]);
    one.hook();
    assert.equal(one.fishOn, true);
    one.onSince = Date.now() - 65_000;
    one.countFish();
    assert.equal(one.onFor, '1:05');
    assert.deepEqual(one.jobs, ['Ease the drag.']);
});

test('a place is made on the spot, with a name or without', () => {
    const one = deck([hand, here], { waterClock: () => '10:32' });
    one.pickStructure('flat');
    one.pickCover('reeds');
    assert.equal(one.isStructure('flat'), 'true');
    one.makeHere();
    const [shownNow, spot, more] = one.begun[0];
    assert.deepEqual([shownNow.lure, spot, more], ['swim_jig', 'Here 10:32', { structure: 'flat', cover: 'reeds' }]);
    assert.equal(one.isCover('reeds'), 'false', 'the next one starts anew');
    one.hereName = '  Gull rock ';
    one.makeHere();
    assert.deepEqual(one.begun[1].slice(1), ['Gull rock', { structure: null, cover: null }]);
});

test('the position is off until it is asked for, and a refusal is no trouble', () => {
    let asked = 0;
    Object.defineProperty(globalThis, 'navigator', { configurable: true, value: { geolocation: { getCurrentPosition: (found, refused) => (++asked === 1 ? found({ coords: { latitude: 36.12345678, longitude: -79.5 } }) : refused()) } } });
    const one = deck([here]);
    one.locate();
    assert.equal(asked, 0);
    one.togglePosition();
    assert.deepEqual(one.position, { lat: 36.123457, lon: -79.5 });
    assert.equal(store.get('old-eddy-position'), 'on');
    one.locate();
    assert.equal(one.positionOn, false);
    assert.match(one.notice, /works without it/);
});

test('what begins is told apart by whether a next move offered it', () => {
    const offer = { lure: 'tube', color: 'perch', retrieve: 'crawl', depth_ft: 2, spot: 'Wall' };
    const moves = [{ action: 'Change lure' }, { action: 'Change place', offer }];
    assert.deepEqual(followed(moves, { ...shown(offer), spot: 'Wall' }), { followed: 'yes' });
    assert.deepEqual(followed(moves, { ...shown(offer), spot: 'Point' }), { followed: 'no' });
    assert.deepEqual(followed([{ action: 'Go on' }], { ...shown(offer), spot: 'Wall' }), {}, 'nothing was offered');
    assert.deepEqual(followed(undefined, {}), {});
});

test('a rod is tied anew or its lure is lost by one tap each, and the knot begins again without signal', () => {
    const one = deck([care], { state: { ...state, bag: ['2 of 5: 4.3 lb'], knots: { 'swim_jig/white': '2 fish, 1.0 h on this knot' } }, stint: { ...stint, rod: 'swim_jig/white' } });
    assert.deepEqual([one.knot, one.bagLines], ['2 fish, 1.0 h on this knot', ['2 of 5: 4.3 lb']]);
    one.retied();
    one.lureLost();
    assert.deepEqual(one.said, ['retied', 'lost'].map((what) => ({ kind: 'care', what, lure: 'swim_jig', color: 'white' })));
    const event = { id: 'e1', at: '2026-04-20T08:00:00', ...one.said[0] };
    const now = withEvents({ stints: [], spots: [], undo: [], knots: one.state.knots }, [event]);
    assert.deepEqual([now.knots['swim_jig/white'], now.undo[0].words], ['', 'a rod cared for at 08:00']);
    const back = withEvents(now.local ? { stints: [], spots: [], undo: [], knots: one.state.knots } : null, [event, { id: 'e2', kind: 'undo', target: 'e1', at: '2026-04-20T08:01:00' }]);
    assert.equal(back.knots['swim_jig/white'], '2 fish, 1.0 h on this knot');
    one.beatTyped = '14.5';
    one.keepBeat();
    assert.deepEqual(one.said.at(-1), { kind: 'manner', beat: 14.5, units: 'us' });
});
