import assert from 'node:assert/strict';
import { test } from 'node:test';
import encode from 'qr';
import decode from 'qr/decode.js';
import square from '../../resources/js/square.js';

const LINK = 'https://eddy.example.org/join/WWNRWPXF';

test('the square is drawn for the link', async () => {
    const one = Object.assign(square(), { $root: { dataset: { link: LINK } }, $refs: { square: {} } });
    await one.init();
    assert.match(one.$refs.square.innerHTML, /^<svg[^]*<\/svg>$/);
});

test('a phone that looks at it reads the link, as the same library reads pictures', () => {
    const cells = encode(LINK, 'raw', { border: 4 });
    const side = 6;
    const size = cells.length * side;
    const data = new Uint8ClampedArray(size * size * 4).fill(255);
    cells.forEach((row, y) => row.forEach((dark, x) => {
        for (let i = 0; dark && i < side * side; i++) {
            const at = ((y * side + Math.floor(i / side)) * size + x * side + (i % side)) * 4;
            data.set([0, 0, 0], at);
        }
    }));
    assert.equal(decode({ width: size, height: size, data }), LINK);
});
