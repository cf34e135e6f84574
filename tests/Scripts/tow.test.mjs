import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fishOn } from '../../resources/js/deck/fish-on.js';
import { inBand, minutesOf, tow, wayBetween } from '../../resources/js/deck/tow.js';
import { write } from '../../resources/js/deck/log.js';

// T10, T12: what the deck adds up of towed lines, and what it takes along at a strike.
const line = { key: 'port_inside', number: 1, words: 'port inside', about: '', card: 'Slow down.', entry: { line: 'port_inside', lure: 'trolling_spoon', color: 'silver', depth_ft: 12, retrieve: 'troll_steady' } };
/** A deck that writes its entries down as the real one does. */
function onDeck(stints = []) {
    const one = Object.defineProperties({}, { ...Object.getOwnPropertyDescriptors(fishOn), ...Object.getOwnPropertyDescriptors(tow) });
    Object.assign(one, {
        state: { timezone: 'UTC', units: 'us', here: 'Long point', stints, spots: [], undo: [], local: [], spread: { mph: 2, range_mph: [1.5, 2.8], lines: [line] } },
        stint: null, entries: [], notice: '', buzz() {}, isFresh: () => true, resume() {}, startRuler() {}, hook() { this.fishOn = true; },
        log(entry) {
            const whole = { id: String(this.entries.length), at: '2026-06-10T08:00:00+00:00', ...entry };
            this.entries.push(whole);
            write(this.state, whole);
            return Promise.resolve(whole);
        },
    });
    return one;
}

test('minutes of a line run from going out to coming in, and on while it is in the water', () => {
    assert.equal(minutesOf([], '2026-06-10T09:00:00'), 0);
    const runs = [{ at: '2026-06-10T07:00:00', lifted: '2026-06-10T07:20:00' }, { at: '2026-06-10T08:00:00', lifted: null }];
    assert.equal(minutesOf(runs, '2026-06-10T08:45:30+00:00'), 65.5);
    assert.equal(minutesOf([{ at: '2026-06-10T10:00:00', lifted: null }], '2026-06-10T09:00:00'), 0, 'a clock that was put back');
});

test('a speed is in the band, below it or above it, and nothing where it is not known', () => {
    assert.deepEqual([1.4, 1.5, 2.8, 2.9].map((mph) => inBand(mph, [1.5, 2.8])), ['below', 'in', 'in', 'above']);
    assert.deepEqual([inBand(null, [1, 2]), inBand(2, null)], [null, null]);
});

test('a tap sets a line that is out and is a strike on one that is in; the strike keeps the moment, the speed and the heading', async () => {
    const one = onDeck();
    const tap = { target: { closest: () => ({ dataset: { line: 'port_inside' } }) } };
    one.tapTow(tap);
    assert.equal(one.entries[0].kind, 'tow');
    assert.equal(one.entries[0].spot, 'Long point');
    assert.equal(one.towLines[0].isIn, true);
    Object.assign(one, { boatMph: 2.1, boatHeading: 220, turning: true });
    one.tapTow(tap);
    assert.equal(one.entries.length, 1, 'what became of it is said after');
    assert.equal(one.strikeCard, 'Slow down.');
    one.boatMph = 0.4;
    await one.strikeWas('caught');
    const [, strike, lift] = one.entries;
    assert.deepEqual([strike.kind, strike.contact_kind, strike.mph, strike.heading_deg, strike.in_turn], ['contact', 'caught', 2.1, 220, 'yes']);
    assert.equal(strike.stint, one.entries[0].stint);
    assert.deepEqual([lift.kind, lift.stint], ['lift', strike.stint]);
    assert.equal(one.towLines[0].isOut, true, 'the line is out of the water until it is set again');
    assert.match(one.towLines[0].sum, /1 contact/);
});

test('a strike that was nothing leaves the line where it is', () => {
    const one = onDeck([{ id: 's1', line: 'port_inside', at: '2026-06-10T07:00:00', lifted: null, contacts: [] }]);
    one.struck('port_inside');
    assert.equal(one.noneStruck, false);
    one.noStrike();
    assert.deepEqual([one.entries.length, one.fishOn, one.noneStruck, one.towLines[0].isIn], [0, false, true, true]);
});

test('a day that is cast tows nothing', () => {
    const one = onDeck();
    one.state.spread = null;
    assert.deepEqual([one.towing, one.towLines, one.speedSays, one.someOut], [false, [], '', false]);
});

test('a phone that tells places alone has its speed and heading reckoned', () => {
    const at = { lat: 44, lon: -80, at: 0 };
    // 22.352 m in ten seconds are five miles an hour; a degree of longitude is shorter here by the cosine of the latitude.
    const north = wayBetween(at, { lat: 44 + 22.352 / 111320, lon: -80, at: 10000 });
    assert.ok(Math.abs(north.mph - 5) < 0.01 && Math.abs(north.heading) < 1e-6);
    const west = wayBetween(at, { lat: 44, lon: -80 - 22.352 / (111320 * Math.cos((44 * Math.PI) / 180)), at: 10000 });
    assert.ok(Math.abs(west.mph - 5) < 0.01 && Math.abs(west.heading - 270) < 1e-6);
    assert.equal(wayBetween(at, { lat: 44.1, lon: -80, at: 2000 }), null, 'two seconds tell nothing');
    const deck = onDeck();
    deck.boatGoes(null, at);
    assert.equal(deck.boatMph, null);
    deck.boatGoes(null, { ...at, at: 2000 });
    deck.boatGoes(null, { lat: 44 + 22.352 / 111320, lon: -80, at: 10000 });
    assert.deepEqual([deck.boatMph, deck.boatHeading], [5, 0], 'counted from the first place on');
    deck.boatGoes({ mph: 2.004, heading: 359.7 }, { ...at, at: 12000 });
    assert.deepEqual([deck.boatMph, deck.boatHeading], [2, 0], 'what the phone tells itself goes first');
});
