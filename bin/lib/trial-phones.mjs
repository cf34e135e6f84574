/**
 * Phones that log into one day: an owner and guests, each with a queue of its own. They send again whatever was not answered, and now and
 * then what was; they are cut off in the middle of an answer; at the end every cast that was made must be counted once, by each of them.
 */
import { randomUUID } from 'node:crypto';
import { writeFileSync } from 'node:fs';

const [base, seconds, count] = [process.argv[2], Number(process.argv[3]), Number(process.argv[4])];
const DONE_BY = Date.now() + (seconds + 120) * 1000;
const pause = (ms) => new Promise((r) => setTimeout(r, ms));

class Phone {
    constructor(name) {
        Object.assign(this, { name, jar: new Map(), waits: [], made: 0, sent: 0, answered: 0, failed: 0, repeated: 0, slowest: 0, last: [] });
    }

    async ask(method, path, body = null, json = false, cutAfter = 0) {
        const stop = new AbortController();
        const timer = setTimeout(() => stop.abort(), cutAfter || 15000);
        const headers = { Cookie: [...this.jar].map(([k, v]) => `${k}=${v}`).join('; '), Accept: json ? 'application/json' : 'text/html' };
        if (method !== 'GET') {
            headers['X-XSRF-TOKEN'] = decodeURIComponent(this.jar.get('XSRF-TOKEN') ?? '');
            headers['Content-Type'] = json ? 'application/json' : 'application/x-www-form-urlencoded';
        }
        try {
            const answer = await fetch(base + path, { method, headers, redirect: 'manual', signal: stop.signal, body: body && (json ? JSON.stringify(body) : new URLSearchParams(body).toString()) });
            for (const cookie of answer.headers.getSetCookie()) {
                const [pair] = cookie.split(';');
                this.jar.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1));
            }
            return { status: answer.status, to: answer.headers.get('location') ?? '', text: await answer.text() };
        } finally {
            clearTimeout(timer);
        }
    }

    async form(page, path, fields, patience = 20) {
        for (let i = 0; ; i++) {
            await this.ask('GET', page);
            const answer = await this.ask('POST', path, fields);
            if (answer.status === 302 && !answer.to.endsWith(page)) {
                return answer;
            }
            if (i === patience) {
                const said = (await this.ask('GET', page)).text.match(/class="(?:trouble|said)"[^]*?<\/(?:ul|p|div)>/)?.[0].replace(/<[^>]+>/g, ' ') ?? '';
                throw new Error(`${this.name}: ${path} answered ${answer.status} ${answer.to} ${said}`);
            }
            // Many come aboard at once: the door lets in so many a minute.
            await pause(answer.status === 429 ? 7000 : 300);
        }
    }

    begin(day, spot) {
        this.day = day;
        this.stint = randomUUID();
        this.waits.push({ id: randomUUID(), kind: 'stint', at: '2026-04-20T08:00:00', stint: this.stint, spot, lure: 'tube', color: 'white', depth_ft: 4, retrieve: 'crawl' });
    }

    cast() {
        this.waits.push({ id: randomUUID(), kind: 'casts', at: '2026-04-20T08:00:00', stint: this.stint, count: 1 });
        this.made += 1;
    }

    /** Sends what waits; true when all of it was taken. */
    async flush() {
        const batch = this.waits.slice(0, 50);
        // Some of what was answered before goes along once more, as after a lost answer.
        const again = Math.random() < 0.2 ? this.last.slice(0, 5) : [];
        this.repeated += again.length;
        const began = Date.now();
        try {
            this.sent += 1;
            const answer = await this.ask('POST', `${this.day}/log`, { events: [...again, ...batch], more: true }, true, Math.random() < 0.1 ? 5 + Math.random() * 40 : 0);
            this.slowest = Math.max(this.slowest, Date.now() - began);
            if (answer.status === 401 || answer.status === 419) {
                await this.ask('GET', '/days');
            }
            if (answer.status !== 200) {
                throw new Error(String(answer.status));
            }
            const became = new Map(JSON.parse(answer.text).events.map((e) => [e.id, e]));
            const refused = batch.filter((e) => became.get(e.id)?.became === 'refused');
            if (refused.length) {
                throw Object.assign(new Error(`${this.name}: refused: ${became.get(refused[0].id).message}`), { fatal: true });
            }
            this.waits = this.waits.slice(batch.length);
            this.last = batch;
            this.answered += 1;
        } catch (e) {
            if (e.fatal) {
                throw e;
            }
            this.failed += 1;
            await pause(50 + Math.random() * 200);
        }
        return this.waits.length === 0;
    }

    /** The day as the server has it; the last of the misfortune may still hit the question. */
    async asked() {
        for (;;) {
            const answer = await this.ask('POST', `${this.day}/log`, { events: [] }, true).catch(() => null);
            if (answer?.status === 200) {
                return answer.text;
            }
            if (Date.now() > DONE_BY) {
                throw new Error(`${this.name}: the day is not answered`);
            }
            await pause(300);
        }
    }

    async live(until) {
        while (Date.now() < until) {
            this.cast();
            if (Math.random() < 0.5) {
                await this.flush();
            }
            await pause(count > 8 ? 120 : 15);
        }
        while (!(await this.flush())) {
            if (Date.now() > DONE_BY) {
                throw new Error(`${this.name}: ${this.waits.length} entries were never taken`);
            }
        }
    }
}

const owner = new Phone('Owner');
await owner.form('/register', '/register', { name: 'Owner', email: `owner-${Date.now()}@old-eddy.example`, password: 'quiet-water-9' });
const opened = await owner.form('/days', '/days', { name: 'Trial pond', species: 'largemouth_bass', date: '2026-04-20', ask: randomUUID() });
const day = new URL(opened.to, base).pathname.replace(/\/read$/, '');
const phones = [owner];
if (count > 8) {
    // A crowd is many boats: each phone has a day of its own.
    for (let n = 1; n < count; n++) {
        const phone = new Phone(`Angler ${n}`);
        await phone.form('/register', '/register', { name: phone.name, email: `a${n}-${Date.now()}@old-eddy.example`, password: 'quiet-water-9' });
        const own = await phone.form('/days', '/days', { name: 'Trial pond', species: 'largemouth_bass', date: '2026-04-20', ask: randomUUID() });
        phone.begin(new URL(own.to, base).pathname.replace(/\/read$/, ''), 'Wall');
        phones.push(phone);
    }
} else {
    await owner.form(`${day}/crew`, `${day}/crew`, {}, 0).catch(() => null);
    const code = (await owner.ask('GET', `${day}/crew`)).text.match(/join\/([A-Z0-9]{8})/)[1];
    for (let n = 1; n < count; n++) {
        const phone = new Phone(`Guest ${n}`);
        await phone.form(`/join/${code}`, '/join', { code, name: phone.name });
        phone.begin(day, 'Wall');
        phones.push(phone);
    }
}
owner.begin(day, 'Wall');
// From here on, misfortune may come.
if (process.argv[5]) {
    writeFileSync(process.argv[5], '');
}
const began = Date.now();
await Promise.all(phones.map((phone) => phone.live(began + seconds * 1000)));

let wrong = 0;
for (const phone of phones) {
    const counted = JSON.parse(await phone.asked()).state.stints.filter((s) => s.id === phone.stint).reduce((sum, s) => sum + s.casts, 0);
    wrong += counted === phone.made ? 0 : 1;
    if (counted !== phone.made || count <= 8) {
        console.log(`  ${phone.name}: ${phone.made} casts made, ${counted} counted; ${phone.sent} sendings, ${phone.failed} unanswered, ${phone.repeated} entries sent once more, slowest answer ${phone.slowest} ms`);
    }
}
const sum = (of) => phones.reduce((all, phone) => all + phone[of], 0);
console.log(`  ${phones.length} phones: ${sum('made')} casts, ${sum('sent')} sendings of which ${sum('failed')} had no answer, ${sum('repeated')} entries sent once more; ${wrong === 0 ? 'every cast counted once' : `${wrong} PHONES COUNTED WRONG`}`);
process.exit(wrong === 0 ? 0 : 1);
