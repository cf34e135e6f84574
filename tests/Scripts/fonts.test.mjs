import assert from 'node:assert/strict';
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { test } from 'node:test';

const root = new URL('../../', import.meta.url);
const css = readFileSync(new URL('resources/css/fonts.css', root), 'utf8');
const faces = [...css.matchAll(/@font-face \{(.*?)\n\}/gs)].map(([, face]) => ({ file: /url\('?([^')]+)'?\)/.exec(face)[1], ranges: /unicode-range: ([^;]+);/.exec(face)[1] }));
const own = faces.filter((face) => face.file.startsWith('../fonts/'));

test('every file that the styles name is there, and the two that every page asks for are small', () => {
    for (const { file } of faces) {
        const at = file.startsWith('../') ? new URL(`resources/css/${file}`, root) : new URL(`node_modules/${file}`, root);
        assert.ok(existsSync(at), file);
    }
    assert.equal(own.length, 2);
    const bytes = own.reduce((sum, { file }) => sum + statSync(new URL(`resources/css/${file}`, root)).size, 0);
    assert.ok(bytes < 56 * 1024, `${bytes} bytes of type before the first word is read`);
});

test('what the pages themselves write with asks for no further file', () => {
    const ranges = own[0].ranges.split(',').map((range) => range.trim().slice(2).split('-').map((hex) => parseInt(hex, 16)));
    const covers = (code) => ranges.some(([from, to = from]) => code >= from && code <= to);
    for (const folder of ['resources/views', 'resources/js']) {
        for (const name of readdirSync(new URL(folder, root), { recursive: true }).filter((n) => /\.(php|js)$/.test(n))) {
            const odd = [...readFileSync(new URL(`${folder}/${name}`, root), 'utf8')].filter((c) => c > '~' && !covers(c.codePointAt(0)));
            assert.deepEqual(odd, [], `${name} writes ${odd.join('')}`);
        }
    }
});
