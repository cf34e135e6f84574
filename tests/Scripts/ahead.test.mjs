import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { test } from 'node:test';

const { ahead, atSpot } = await import('../../resources/js/deck/ahead.js');
const { withEvents } = await import('../../resources/js/deck/log.js');

const rod = (more) => ({ key: 'jig/brown', lure: 'jig', color: 'brown', slice: '<svg>wall</svg>', cadence: 'hop', depth_ft: 6, ...more });
const drawn = () => ({ here: 'Wall', water: '60 °F', reads: 'deep', says: [], rods: [rod(), rod({ key: 'tube/green', slice: '<svg>tube</svg>' })], parts: { jig: { depth_ft: [6] }, tube: {} }, stints: [], spots: [{ name: 'Wall' }, { name: 'Pond' }], undo: [] });
const spots = { Pond: { water: '66 °F', reads: 'shallow', says: ['The post first.'], rods: [rod({ slice: '<svg>pond</svg>', depth_ft: 2 })], parts: { jig: { depth_ft: [2] } } } };
const gone = (spot) => ({ id: '1', kind: 'stint', stint: 's', at: '2026-04-20T08:00:00', spot, lure: 'jig', color: 'brown' });

test('where one has gone without signal the water is that of the place', () => {
    const server = drawn();
    const there = atSpot(withEvents(server, [gone('Pond')]), 'Wall', spots);
    assert.deepEqual([there.water, there.reads, there.says, there.rods[0].slice, there.rods[0].depth_ft, there.parts.jig], ['66 °F', 'shallow', ['The post first.'], '<svg>pond</svg>', 2, { depth_ft: [2] }]);
    assert.deepEqual([there.rods[1], there.parts.tube], [server.rods[1], {}], 'a rod that was rigged since stays as it is');
});

test('a spot that was picked counts as gone to, and what is taken back is left again', () => {
    const pick = { id: '2', kind: 'pick', spot: 'Pond', at: '2026-04-20T08:00:00' };
    assert.equal(atSpot(withEvents(drawn(), [pick]), 'Wall', spots).water, '66 °F');
    const back = { id: '3', kind: 'undo', target: '1', at: '2026-04-20T08:01:00' };
    assert.equal(atSpot(withEvents(drawn(), [gone('Pond'), back]), 'Wall', spots).water, '60 °F');
});

test('where nothing is known of a place, or one is where the server thinks, the state stays', () => {
    for (const [events, known] of [[[gone('Nowhere')], spots], [[gone('Wall')], spots], [[gone('Pond')], null], [[], spots]]) {
        assert.equal(atSpot(withEvents(drawn(), events), 'Wall', known).water, '60 °F');
    }
});

test('the other spots are asked for once for a water, kept for their angler, and there again after a reload', async (t) => {
    t.mock.timers.enable({ apis: ['setTimeout', 'Date'], now: Date.parse('2026-04-20T12:00:00Z') });
    const asked = [];
    globalThis.fetch = async (url) => {
        asked.push(url);
        return { ok: true, redirected: false, json: async () => ({ spots }) };
    };
    const book = { server: { ground: 'g1', water: '60 °F', drill: false }, ahead: null };
    const part = Object.assign(ahead(book), { trip: '4', owner: 7, url: '/days/4/log', redraw: async () => {} });
    const settle = async () => {
        t.mock.timers.tick(5000);
        for (let i = 0; i < 50; i++) {
            await new Promise(setImmediate);
        }
    };
    part.askAhead();
    part.askAhead();
    await settle();
    assert.deepEqual([asked, book.ahead.spots], [['/days/4/ahead'], spots]);
    Object.assign(book.server, { ground: 'g2' });
    part.askAhead();
    await settle();
    assert.equal(asked.length, 1, 'another ten minutes in the same water ask for nothing');
    Object.assign(book.server, { water: '58 °F' });
    part.askAhead();
    await settle();
    assert.equal(asked.length, 2, 'other water does');
    const again = { server: {}, ahead: null };
    await Object.assign(ahead(again), { trip: '4', owner: 7 }).readAhead();
    assert.deepEqual(again.ahead.spots, spots);
    await Object.assign(ahead(again), { trip: '4', owner: 8 }).readAhead();
    assert.equal(again.ahead, null, 'nobody else sees them');
    Object.assign(book.server, { ground: 'g3', water: '50 °F', drill: true });
    part.askAhead();
    await settle();
    assert.equal(asked.length, 2, 'a hidden water tells nothing ahead');
});
