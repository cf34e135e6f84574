/**
 * Tries the doors of a running house from outside, as visitor, guest, reader and stranger: tests/doors http://127.0.0.1:8080 [FOLDER]
 * FOLDER is one that the house's user may read; a marker is planted there. Ends with 1 where a door stands open.
 */
import { randomUUID } from 'node:crypto';
import { chmodSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { deflateRawSync, crc32 } from 'node:zlib';

const base = (process.argv[2] ?? 'http://127.0.0.1:8080').replace(/\/$/, '');
const marker = `${process.argv[3] ?? tmpdir()}/old-eddy-marker-${randomUUID()}.txt`;
const pause = (ms) => new Promise((done) => setTimeout(done, ms));
let [shut, open] = [0, 0];

function door(name, isShut, saw = '') {
    isShut ? (shut += 1) : (open += 1);
    console.log(`${isShut ? 'shut' : 'OPEN'}  ${name}${isShut || !saw ? '' : ` (${saw})`}`);
}

/** Somebody with a browser of his own. */
class Somebody {
    jar = new Map();

    async ask(method, path, body = null, { json = false, headers = {} } = {}) {
        const sent = { Cookie: [...this.jar].map(([k, v]) => `${k}=${v}`).join('; '), Accept: json ? 'application/json' : 'text/html', 'X-XSRF-TOKEN': decodeURIComponent(this.jar.get('XSRF-TOKEN') ?? ''), ...headers };
        const isForm = body instanceof FormData;
        if (body && !isForm) {
            sent['Content-Type'] = json ? 'application/json' : 'application/x-www-form-urlencoded';
        }
        const answer = await fetch(path.startsWith('http') ? path : base + path, { method, headers: sent, redirect: 'manual', body: body && (isForm ? body : json ? JSON.stringify(body) : new URLSearchParams(body).toString()) });
        for (const cookie of answer.headers.getSetCookie()) {
            const [pair] = cookie.split(';');
            this.jar.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1));
        }
        return { status: answer.status, to: answer.headers.get('location') ?? '', text: await answer.text(), headers: answer.headers };
    }

    async form(page, path, fields) {
        await this.ask('GET', page);
        return this.ask('POST', path, fields);
    }

    log(day, events) {
        return this.ask('POST', `${day}/log`, { events }, { json: true }).then(({ status, text }) => ({ status, data: JSON.parse(text) }));
    }
}

async function visitor() {
    const one = new Somebody();
    await one.form('/', '/look-around', {});
    return one;
}

const event = (kind, more) => ({ id: randomUUID(), kind, at: '2026-04-20T08:00:00', ...more });
const begun = (stint, spot) => event('stint', { stint, spot, lure: 'tube', color: 'white', depth_ft: 4, retrieve: 'crawl' });

/** A zip, made by hand. */
function zip(files) {
    const [parts, heads, at] = [[], [], { n: 0 }];
    for (const [name, body] of Object.entries(files)) {
        const [path, whole, packed] = [Buffer.from(name), Buffer.from(body), deflateRawSync(Buffer.from(body))];
        const about = Buffer.alloc(26);
        about.writeUInt16LE(20, 0);
        about.writeUInt16LE(8, 4);
        about.writeUInt32LE(crc32(whole), 10);
        about.writeUInt32LE(packed.length, 14);
        about.writeUInt32LE(whole.length, 18);
        about.writeUInt16LE(path.length, 22);
        parts.push(Buffer.from('PK\x03\x04', 'latin1'), about, path, packed);
        const where = Buffer.alloc(4);
        where.writeUInt32LE(at.n);
        heads.push(Buffer.concat([Buffer.from('PK\x01\x02\x14\x00', 'latin1'), about, Buffer.alloc(10), where, path]));
        at.n += 30 + path.length + packed.length;
    }
    const list = Buffer.concat(heads);
    const end = Buffer.alloc(22);
    end.write('PK\x05\x06', 0, 'latin1');
    end.writeUInt16LE(heads.length, 8);
    end.writeUInt16LE(heads.length, 10);
    end.writeUInt32LE(list.length, 12);
    end.writeUInt32LE(at.n, 16);
    return Buffer.concat([...parts, list, end]);
}

/** A raster of 16 bytes at 36.9, -80.1 with words of its own. */
function tiff(words = '') {
    const doubles = (...numbers) => Buffer.concat(numbers.map((n) => { const b = Buffer.alloc(8); b.writeDoubleLE(n); return b; }));
    const shorts = (...numbers) => Buffer.concat(numbers.map((n) => { const b = Buffer.alloc(2); b.writeUInt16LE(n); return b; }));
    const parts = [[33550, 12, 8, doubles(0.001, 0.001, 0)], [33922, 12, 8, doubles(0, 0, 0, -80.1, 36.9, 0)], [34735, 3, 2, shorts(1, 1, 0, 3, 1024, 0, 1, 2, 1025, 0, 1, 1, 2048, 0, 1, 4326)], [42112, 2, 1, Buffer.from(`<GDALMetadata>${words}</GDALMetadata>\0`)]];
    const plain = [[256, 4], [257, 4], [258, 8], [259, 1], [262, 1], [277, 1], [278, 4], [279, 16], [339, 1]];
    let at = 10 + 12 * (parts.length + plain.length + 1) + 4;
    const entry = (tag, type, count, value) => { const b = Buffer.alloc(12); b.writeUInt16LE(tag, 0); b.writeUInt16LE(type, 2); b.writeUInt32LE(count, 4); b.writeUInt32LE(value, 8); return b; };
    const entries = plain.map(([tag, value]) => [tag, entry(tag, 3, 1, value)]);
    for (const [tag, type, size, body] of parts) {
        entries.push([tag, entry(tag, type, body.length / size, at)]);
        at += body.length;
    }
    entries.push([273, entry(273, 4, 1, at)]);
    const head = Buffer.alloc(10);
    head.write('II*\0', 0, 'latin1');
    head.writeUInt32LE(8, 4);
    head.writeUInt16LE(entries.length, 8);
    return Buffer.concat([head, ...entries.sort((a, b) => a[0] - b[0]).map(([, e]) => e), Buffer.alloc(4), ...parts.map((p) => p[3]), Buffer.from('0123456789abcdef')]);
}

async function files() {
    writeFileSync(marker, 'MARKER-OF-THE-SERVER');
    chmodSync(marker, 0o644);
    const one = await visitor();
    const made = await one.form('/lakes', '/lakes', { name: 'Behind the door' });
    const lake = made.to.replace(base, '');
    const length = tiff().length - 16;
    const region = (file, to, from, n) => `<SubfileRegion><Filename relative="0">${file}</Filename><DestinationOffset>${to}</DestinationOffset><SourceOffset>${from}</SourceOffset><RegionLength>${n}</RegionLength></SubfileRegion>`;
    const sparse = (head) => `<VSISparseFile><Length>${length + 16}</Length>${region(head, 0, 0, length)}${region(marker, length, 0, 16)}</VSISparseFile>`;
    const item = (n, name) => `<Item name="SUBDATASET_${n}_NAME" domain="SUBDATASETS">${name}</Item>`;
    for (const [name, body] of Object.entries({
        'a sparse virtual file': zip({ 'a.tif': tiff(item(1, '/vsisparse/s.asc') + item(2, '/vsisparse/f1_s.asc')), 's.asc': sparse('h.tif'), 'h.tif': tiff() }),
        'a part that is another file': tiff(item(1, marker)),
        'a part that is memory': tiff(item(1, 'MEM:::DATAPOINTER=4194304,PIXELS=4,LINES=4')),
        'KML that names a file': Buffer.from(`<?xml version="1.0"?><!DOCTYPE k [<!ENTITY m SYSTEM "file://${marker}">]><kml><Placemark><name>&m;</name><Point><coordinates>-80.1,36.9</coordinates></Point></Placemark></kml>`),
    })) {
        const form = new FormData();
        form.append('file', new Blob([body]), 'map');
        await one.ask('GET', lake);
        await one.ask('POST', `${lake}/file`, form);
        let seen = '';
        for (let i = 0; i < 40; i++) {
            const { layers } = JSON.parse((await one.ask('GET', `${lake}/layers`, null, { json: true })).text);
            const page = await one.ask('GET', lake);
            seen += page.text;
            for (const [, id] of page.text.matchAll(/layers\/(\d+)"/g)) {
                const about = await one.ask('GET', `${lake}/layers/${id}`);
                seen += about.text;
                const options = [...about.text.matchAll(/name="part" value="([^"]+)"/g)].map(([, value]) => value);
                if (about.text.includes('value="take"') && i < 12) {
                    await one.ask('POST', `${lake}/layers/${id}`, { then: 'take', unit: 'ft', sign: 'depth', shore: 'draw', deep: 'leave', ...(options.length ? { part: options[i % options.length] } : {}) });
                }
            }
            if (!layers.length && i > 3) {
                break;
            }
            await pause(500);
        }
        const csv = (await one.ask('GET', `${lake}/file/csv`)).text;
        // Only the marker has large letters and a line between: their numbers are in no raster of ours.
        const letters = csv.split('\n').map((line) => Math.round(Number(line.split(',')[2]))).filter((n) => n >= 65 && n <= 90);
        door(`${name} leads to no file of the server`, !seen.includes('MARKER') && !seen.includes(marker) && letters.length < 3, letters.join(' '));
    }
    rmSync(marker);
}

async function crew() {
    const owner = await visitor();
    const lakes = await owner.ask('GET', '/lakes');
    const lake = lakes.text.match(/\/lakes\/(\d+)"/)[1];
    const today = '2026-04-20';
    const day = (await owner.form('/days', '/days', { name: 'A day', species: 'largemouth_bass', date: today, lake, timezone: 'America/New_York', ask: randomUUID() })).to.replace(base, '').replace(/\/[a-z]+$/, '');
    const stint = randomUUID();
    const fish = randomUUID();
    await owner.log(day, [begun(stint, 'Quarry notch'), event('casts', { stint, count: 7 }), event('contact', { stint, contact: fish, contact_kind: 'caught' }),
        event('line', { spot: 'Quarry notch', lat: 36.9012345, lon: -80.1023456, bearing_deg: 40, length_ft: 60 })]);
    const code = async () => {
        await owner.form(`${day}/crew`, `${day}/crew`, {});
        return (await owner.ask('GET', `${day}/crew`)).text.match(/join\/([A-Z0-9]{8})/)[1];
    };
    const first = await code();
    const guest = new Somebody();
    await guest.form(`/join/${first}`, '/join', { code: first, name: 'Tess' });
    const own = randomUUID();
    const ownFish = randomUUID();
    await guest.log(day, [begun(own, 'Quarry notch'), event('contact', { stint: own, contact: ownFish, contact_kind: 'caught' })]);
    const mixed = await guest.log(day, [
        event('casts', { stint, contact: ownFish, count: 90 }), event('amend', { stint, contact: ownFish, fields: { casts: 90 }, was: {}, units: 'us' }),
        event('lift', { stint, contact: ownFish }), event('remove', { stint, contact: fish }), event('detail', { contact: fish, stint: own, fields: { length: 40 }, was: {}, units: 'us' }),
    ]);
    const stands = (await owner.log(day, [])).data.state.stints.find((one) => one.id === stint);
    door('a guest changes nothing of the owner, whatever ids he mixes', stands?.casts === 7 && stands.contacts.length === 1 && stands.contacts[0].length === null, JSON.stringify(mixed.data.events?.map((e) => e.became)));
    const seen = [(await guest.ask('GET', `${day}/fish`)).text, JSON.stringify((await guest.log(day, [])).data), (await guest.ask('GET', `${day}/ahead`, null, { json: true })).text, (await guest.ask('GET', `${day}/crew`)).text].join('\n');
    door('a guest is told no place of the owner', !/"lat"|"lon"|\b36\.\d{4,}|-80\.\d{4,}/.test(seen), (seen.match(/\b36\.\d{4,}|-80\.\d{4,}/) ?? [''])[0]);
    const ashore = (await owner.ask('GET', `${day}/crew`)).text.match(new RegExp(`${day}/crew/(\\d+)`))[1];
    await owner.ask('POST', `${day}/crew/${ashore}`, { _method: 'DELETE' });
    const back = await guest.form(`/join/${first}`, '/join', { code: first, name: 'Tess' });
    const logged = await guest.ask('POST', `${day}/log`, { events: [] }, { json: true });
    door('who is ashore does not come back by the code he knows', !back.to.includes('/fish') && logged.status === 404, `${back.to} ${logged.status}`);
    const second = await code();
    const many = await Promise.all(Array.from({ length: 10 }, async (_, i) => {
        const one = new Somebody();
        return one.form(`/join/${second}`, '/join', { code: second, name: `Guest ${i}` });
    }));
    const aboard = (await owner.log(day, [])).data.state.aboard.length - 1;
    door('ten who come at once do not pass the limit of seven', aboard <= 7, `${aboard} of ${many.length} aboard`);
    await owner.form(`${day}/look-back`, `${day}/share`, { _method: 'PUT', spots: 'hidden' });
    const link = (await owner.ask('GET', `${day}/look-back`)).text.match(/\/shared\/[A-Za-z0-9]{40}/)?.[0] ?? '/shared/none';
    const reader = new Somebody();
    const report = [(await reader.ask('GET', link)).text, (await reader.ask('GET', `${link}/text`)).text, (await reader.ask('GET', `${link}/picture.svg`)).text].join('\n');
    door('a reader of a report is told no place', !/\b36\.\d{4,}|-80\.\d{4,}|Quarry notch/.test(report));
    const stranger = await visitor();
    const answers = await Promise.all(['read', 'fish', 'confirm', 'look-back'].map((page) => stranger.ask('GET', `${day}/${page}`)));
    door('a stranger finds no day of another', answers.every(({ status }) => status === 404), answers.map(({ status }) => status).join(' '));
    const gone = await stranger.ask('GET', `${day}/fish`, null, { json: true });
    door('no class is named to a device', gone.status === 404 && !/App|Models|\\\\/.test(gone.text), gone.text);
    const wrong = await stranger.ask('GET', '/look-back?year=x', null, { headers: { Referer: 'https://elsewhere.example/' } });
    door('a wrong address leads to nobody else', !wrong.to.includes('elsewhere'), wrong.to);
    const icon = await stranger.ask('GET', '/icon.svg');
    door('files that lie ready are sent with the same care as pages', icon.headers.get('x-content-type-options') === 'nosniff' && icon.headers.get('content-security-policy') !== null);
    const shapes = await owner.log(day, [event('turn', { what: 'light', at: '2026-04-20T08:00:00+99:00' }), event('casts', { stint, count: 1 }), event('detail', { contact: fish, fields: { depth: 1e308 }, was: {}, units: 'us' })]);
    door('one bad entry holds up no other', shapes.status === 200 && shapes.data.events.map((e) => e.became).join() === 'refused,taken,refused', JSON.stringify(shapes.data.events ?? shapes.status));
}

for (const part of [crew, files]) {
    await part().catch((e) => door(`${part.name} could not be tried`, false, e.stack));
}
rmSync(marker, { force: true });
console.log(`${shut} passed, ${open} failed`);
process.exit(open ? 1 : 0);
