import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';

globalThis.localStorage = { getItem: () => null, setItem() {} };
const { line, offOf, offWords } = await import('../../resources/js/deck/line.js');
const { drive } = await import('../../resources/js/deck/drive.js');
const { joined } = await import('../../resources/js/deck/joined.js');

const deck = (more = {}) => joined(line, drive, {
    state: { units: 'us', depth_unit: 'ft', lines: { Wall: { lat: 37, lon: -80, bearing_deg: 90, length_ft: 70 } } }, stint: { spot: 'Wall' }, position: null, notice: '', logged: [],
    log(event) { this.logged.push(event); }, ...more,
});

test('the deck and the core say the same of how far one stands off a line', () => {
    for (const { line: kept, boat, heading, words } of JSON.parse(readFileSync(new URL('../sequences/off.json', import.meta.url)))) {
        assert.equal(offWords(offOf(kept, boat, heading), (ft) => `${Math.round(ft)} ft`), words);
    }
});

test('a kept line is told, and held against where the phone is', () => {
    const one = deck();
    assert.equal(one.lineSays, 'Kept here: cast toward 90°, 70 ft far.');
    one.position = { lat: 36.9999, lon: -80 };
    assert.equal(one.lineSays, 'Off by 37 ft: 37 ft to the left.');
    one.state.units = 'metric';
    assert.match(one.lineSays, /^Off by 11\.1 m/);
    one.stint = { spot: 'Elsewhere' };
    assert.equal(one.lineSays, '');
});

test('what is not known of a line is left to the boat', () => {
    const one = deck();
    one.keepLine();
    assert.deepEqual(one.logged, [{ kind: 'line', spot: 'Wall', length_ft: 75 }]);
    Object.assign(one, { position: { lat: 37, lon: -80 }, heading: 120, lineCast: '60' });
    one.keepLine();
    assert.deepEqual(one.logged[1], { kind: 'line', spot: 'Wall', length_ft: 60, lat: 37, lon: -80, bearing_deg: 120 });
});

test('a dock is one tap where it is and four what it is', () => {
    Object.defineProperty(globalThis, 'navigator', { value: { geolocation: { getCurrentPosition: (found) => found({ coords: { latitude: 36.9, longitude: -80.1 } }) } }, configurable: true });
    const one = deck();
    assert.deepEqual([one.dockAsks, one.dockChoices], ['', []]);
    one.markDock();
    const asked = [];
    for (const answer of ['floating', 3, 8, 'long']) {
        asked.push(one.dockAsks);
        assert.ok(one.dockChoices.some((c) => c.value === answer));
        one.sayDock(answer);
    }
    assert.deepEqual(asked, ['What kind?', 'How deep inside?', 'How deep outside?', 'Its walkway?']);
    assert.deepEqual(one.logged, [{ kind: 'dock', dock_kind: 'floating', inside_ft: 3, outside_ft: 8, walkway_ft: 40, lat: 36.9, lon: -80.1 }]);
    assert.equal(one.dockAt, null);
});
