import assert from 'node:assert/strict';
import { test } from 'node:test';
import { made, painted, unpacked } from '../../resources/js/depths.js';

const LOOK = { levels: [0, 5, 10], first: 0, paper: [250, 250, 250], water: [0, 0, 200], ink: [0, 0, 0], tone: 0.2 };
const grid = (cols, rows, depth, more = {}) => ({
    ...made({ cols, rows, depths: Array.from({ length: cols * rows }, (_, i) => depth(i % cols, Math.floor(i / cols))) }), cell: 10, x: 0, y: 0, ...more,
});
const look = (one, view, more = {}) => {
    const points = painted(one, view, { ...LOOK, ...more });
    return (x, y) => [...points.slice(4 * (y * view.wide + x), 4 * (y * view.wide + x) + 4)];
};
const isInk = ([r, g, b]) => r + g + b < 150;

test('depth lines lie where the depth is theirs, and a slope is a straight line, without the stairs of the grid', () => {
    // A foot deeper every ten metres down and across: the 5 ft line runs from corner to corner.
    const one = grid(20, 20, (c, r) => (c + r) / 2);
    const at = look(one, { x: 0, y: 0, metres: 1, wide: 190, high: 190 });
    for (const x of [20, 45, 60, 85]) {
        // (x + y) / 20 = 5 feet.
        const near = [-2, -1, 0, 1, 2].map((d) => at(x, 100 - x + d)[0]);
        const far = at(x + 8, 108 - x)[0];
        assert.ok(Math.min(...near) < 0.7 * far, `a line at ${x}: ${near} beside ${far}`);
    }
    assert.deepEqual(at(30, 30).slice(0, 2), at(31, 30).slice(0, 2), 'one band, one tone');
    assert.ok(at(120, 40)[0] < at(30, 40)[0] || at(150, 100)[0] < at(30, 40)[0], 'deeper is darker');
});

test('what nobody measured is hatched, and lines do not close around it', () => {
    const one = grid(20, 20, (c) => (c < 10 ? 8 : null));
    const at = look(one, { x: 0, y: 0, metres: 1, wide: 190, high: 190, left: 0 });
    const row = Array.from({ length: 60 }, (_, i) => at(120 + i, 100).join());
    assert.ok(new Set(row).size >= 2, 'paper and hatching');
    assert.ok(row.filter((c) => c === '250,250,250,255').length > 40, 'mostly paper');
    assert.ok(!isInk(at(96, 100)), 'no shore where the known ends');
    const plain = grid(4, 4, () => 8);
    assert.equal(plain.unknown, null, 'where all is known nothing is looked up');
});

test('beyond the grid nothing is painted, and a rise of the level moves the lines', () => {
    const one = grid(10, 10, (c) => c);
    const at = look(one, { x: -50, y: -50, metres: 1, wide: 60, high: 60 });
    assert.equal(at(2, 2)[3], 0);
    assert.equal(at(58, 58)[3], 255);
    const line = (rise) => {
        const lake = { ...made({ cols: 20, rows: 3, depths: Array.from({ length: 60 }, (_, i) => (i % 20) / 2) }, rise), cell: 10, x: 0, y: 0 };
        const points = look(lake, { x: 0, y: 0, metres: 1, wide: 190, high: 20 }, { levels: [0, 5], first: 1 });
        return Array.from({ length: 170 }, (_, i) => [points(i + 10, 10)[2], i + 10]).sort((a, b) => a[0] - b[0])[0][1];
    };
    const [before, after] = [line(0), line(2)];
    assert.ok(Math.abs(before - 100) < 3, `five feet at ${before} m`);
    assert.ok(Math.abs(after - 60) < 3, `two feet more water: at ${after} m`);
});

test('a part of a large lake costs what is in sight', () => {
    const one = grid(600, 600, (c, r) => 10 + 5 * Math.sin(c / 30) * Math.cos(r / 20));
    const points = painted(one, { x: 1000, y: 1000, metres: 2, wide: 80, high: 50 }, LOOK);
    assert.equal(points.length, 4 * 80 * 50);
});

test('every cell of a lake comes as two-byte tenths of feet with where it lies', () => {
    const buffer = new ArrayBuffer(32 + 2 * 6);
    const view = new DataView(buffer);
    [37.001, -80.002, 5].forEach((v, i) => view.setFloat64(8 * i, v, true));
    view.setUint32(24, 3, true);
    view.setUint32(28, 2, true);
    [0, 12, 105, -32768, 7, 200].forEach((v, i) => view.setInt16(32 + 2 * i, v, true));
    const whole = unpacked(buffer, { north: 37.002, west: -80.003, per_lat: 111_320, per_lon: 89_000 });
    assert.deepEqual(whole.depths, [0, 1.2, 10.5, null, 0.7, 20]);
    assert.deepEqual([whole.cols, whole.rows, whole.cell, Math.round(whole.x), Math.round(whole.y)], [3, 2, 5, 89, 111]);
});
