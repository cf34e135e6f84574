import assert from 'node:assert/strict';
import { test } from 'node:test';
import { crew } from '../../resources/js/deck/crew.js';
import { joined } from '../../resources/js/deck/joined.js';

const stint = (angler, spot = 'Wall', lure = 'tube') => ({ id: `${angler}${spot}`, angler, spot, lure, casts: 4 });
/** A deck with nothing but its crew, as Alpine makes one. */
const deck = (state, more = {}) => joined(crew, { state: { aboard: ['Wren'], owner: 'Wren', me: null, ...state }, angler: null, notice: '', get stint() { return this.stintOf(this.angler); }, get begun() { return this.stint !== null; }, ...more });

test('those who cast from this phone have keys, those with phones of their own have none', () => {
    const one = deck({ stints: [stint(null), stint('Ash'), stint('Tess')], aboard: ['Wren', 'Tess'] });
    one.meetCrew();
    assert.deepEqual(one.people.map((p) => [p.name, p.label, p.casts]), [[null, 'Wren', 4], ['Ash', 'Ash', 4]]);
    assert.equal(one.together, true);
});

test('a guest casts for himself alone, and holds what he held last', () => {
    const tess = deck({ stints: [stint(null), stint('Tess'), stint('Ash')], me: 'Tess', aboard: ['Wren', 'Tess'] });
    tess.meetCrew();
    assert.deepEqual([tess.angler, tess.together, tess.alone], ['Tess', false, true]);
});

test('nobody joins under the name of one who is aboard', () => {
    const one = deck({ stints: [], aboard: ['Wren', 'Tess'] });
    for (const name of ['tess', ' Wren ', 'Ash', 'Ash', '']) {
        one.newAngler = name;
        one.join();
    }
    assert.deepEqual([one.crew, one.angler], [['Ash'], 'Ash']);
});

test('a key of one without a rod asks for one instead of casting for another', () => {
    const one = deck({ stints: [stint(null)] }, { cast: () => 'cast' });
    one.crew = ['Ash'];
    assert.equal(one.castOf('Ash'), false);
    assert.match(one.notice, /Which rod/);
    assert.equal(one.castOf(null), 'cast');
});

test('when another phone took the boat elsewhere it is said, with several phones aboard only', () => {
    const state = { stints: [stint(null)], here: 'Point', aboard: ['Wren', 'Tess'] };
    assert.equal(deck(state).gone, true);
    assert.equal(deck({ ...state, here: 'Wall' }).gone, false);
    assert.equal(deck({ ...state, aboard: ['Wren'] }).gone, false);
});
