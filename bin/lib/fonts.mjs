// Makes resources/fonts/ anew from the packages of the two families: what the pages write with, in the weights they use, so that the
// first page comes quickly. Letters of other scripts, as in names, stay in the packages' own files and come when they are asked for.
import { readFileSync, writeFileSync } from 'node:fs';
import subsetFont from 'subset-font';

const root = new URL('../../', import.meta.url);
const span = (from, to) => Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)).join('');
const letters = span(0x20, 0x7e) + span(0xa0, 0xff) + '–—‘’“”…•→←↑↓−×÷°′″≤≥½¼¾✓\u2009\u202f';

for (const [name, from] of [
    ['serif', 'source-serif-4/files/source-serif-4-latin-wght-normal.woff2'],
    ['sans', 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2'],
]) {
    const whole = readFileSync(new URL(`node_modules/@fontsource-variable/${from}`, root));
    const small = await subsetFont(whole, letters, { targetFormat: 'woff2', variationAxes: { wght: { min: 400, max: 700 } } });
    writeFileSync(new URL(`resources/fonts/${name}.woff2`, root), small);
    console.log(`${name}: ${whole.length} → ${small.length} bytes`);
}
