import assert from 'node:assert/strict';
import { test } from 'node:test';
import { metresFrom } from '../../resources/js/ground.js';
import { Drawing, isRing, offLine, scaleBar, thinned } from '../../resources/js/sketch/drawing.js';
import { Walk } from '../../resources/js/sketch/walk.js';

const sheet = (things = []) => new Drawing({ lat: 37, lon: -80, reach_ft: 200, things });
const depth = (x, y, ft) => ({ kind: 'depth', points: [[x, y]], ft });

test('every step can be taken back and made again', () => {
    const one = sheet();
    one.add(depth(0, 0, 5));
    one.add(depth(10, 0, 7));
    one.rub(0);
    assert.deepEqual(one.things.map((t) => t.ft), [7]);
    one.undo();
    one.undo();
    assert.deepEqual(one.things.map((t) => t.ft), [5]);
    one.redo();
    assert.deepEqual(one.things.map((t) => t.ft), [5, 7]);
    one.replace(1, depth(10, 0, 9));
    assert.equal(one.redo(), false, 'what was drawn since cannot be made again');
    for (let i = 0; i < 3; i++) {
        one.undo();
    }
    assert.deepEqual([one.things, one.undo()], [[], false]);
});

test('it is told to the centimetre, as the server takes it', () => {
    assert.deepEqual(sheet([depth(1.23456, -2, 5)]).told, { lat: 37, lon: -80, reach_ft: 200, things: [{ kind: 'depth', points: [[1.23, -2]], ft: 5 }] });
});

test('a hand takes hold of the nearest point, and rubs out the nearest line', () => {
    const one = sheet([depth(-30, 30, 5), { kind: 'shore', points: [[-50, -50], [50, -50], [50, 50]] }, { kind: 'bank', points: [[-50, 80], [50, 80]], ft: 30 }]);
    assert.deepEqual([one.nearest([48, 52], 5)?.thing, one.nearest([48, 52], 5)?.point, one.nearest([20, 20], 5)], [1, 2, null]);
    assert.deepEqual([one.thingAt([-30, 31], 3), one.thingAt([0, 79], 3), one.thingAt([10, 9], 3), one.thingAt([-20, 40], 3)], [0, 2, 1, -1], 'a ring has a closing side');
    assert.deepEqual([isRing('shore'), isRing('depth_line')], [true, false]);
    assert.equal(offLine([0, 5], [0, 0], [0, 0]), 5);
});

test('a freehand line becomes few points, none of them far off', () => {
    const wobbly = Array.from({ length: 200 }, (_, i) => [i, 20 * Math.sin(i / 30) + 0.3 * Math.sin(i * 7)]);
    const few = thinned(wobbly, 1);
    assert.ok(few.length < 40, `${few.length} points`);
    assert.deepEqual([few[0], few.at(-1)], [wobbly[0], wobbly.at(-1)]);
    for (const p of wobbly) {
        assert.ok(Math.min(...few.slice(1).map((to, i) => offLine(p, few[i], to))) <= 1.001);
    }
});

test('the scale bar is a round length of the angler’s units', () => {
    assert.deepEqual([scaleBar(70, false).words, scaleBar(70, true).words, scaleBar(2600, true).words, scaleBar(700, false).words], ['200 ft', '50 m', '2 km', '2,000 ft']);
    assert.ok(Math.abs(scaleBar(70, false).metres - 60.96) < 1e-9);
});

test('a walk draws along, leaves bad fixes out, and lays an empty sheet where it begins', () => {
    const one = sheet();
    const points = [];
    const said = [];
    let ended = 0;
    const walk = new Walk(one, { point: (at, isNew) => isNew && points.push(at), said: (w) => said.push(w), ended: () => ended++ });
    const fix = (latitude, longitude, accuracy = 4) => walk.take({ latitude, longitude, accuracy });
    fix(36.5, -79.5, 80);
    assert.deepEqual([points.length, one.lat], [0, 37], 'known to eighty metres only');
    fix(36.9, -80.1);
    fix(36.90001, -80.1);
    fix(36.9001, -80.1);
    assert.deepEqual([one.lat, one.lon, points.length], [36.9, -80.1, 2], 'a metre is standing still');
    assert.ok(Math.hypot(points[0][0], points[0][1]) < 0.01);
    assert.ok(Math.abs(points[1][1] - 11.1) < 0.1);
    walk.trouble({ code: 2, PERMISSION_DENIED: 1 });
    assert.equal(ended, 0, 'lost for a moment is not the end');
    Object.defineProperty(globalThis, 'navigator', { value: {}, configurable: true });
    walk.begin();
    assert.deepEqual([ended, /does not tell/.test(said.at(-1))], [1, true]);
});

test('degrees become metres east and north of the middle', () => {
    const [east, north] = metresFrom({ lat: 60, lon: 10 }, { lat: 60.001, lon: 10.001 });
    assert.ok(Math.abs(east - 55.66) < 0.01 && Math.abs(north - 111.32) < 0.01, 'at sixty degrees a degree of longitude is half as long');
});
