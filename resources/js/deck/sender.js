import { AT_ONCE, alone, answered, waitingOf } from './outbox.js';
import { keepDeck, letGo, put } from './queue.js';
import { NoSignal, SignedOut, fetchPart, send } from '../wire.js';
import { entries } from './words.js';

const RIBBON_MS = 8000;

/** So often a deck with others aboard asks what they logged. */
const LOOK_MS = 20_000;

/** A state with the slices that the server did not send again, since the device has them. */
export function withSlices(state, before) {
    const had = new Map(before.rods.map((rod) => [rod.slice_key, rod.slice]));
    return { ...state, rods: state.rods.map((rod) => ({ ...rod, slice: rod.slice ?? had.get(rod.slice_key) })) };
}

/**
 * The state after a tap: what the server says of the entries it was sent, laid over what this device knew. Null where the sums do
 * not come out: then another device has logged as well, and all is asked for.
 */
export function afterTap(before, { touched, gone, count, ...now }) {
    const news = new Map(touched.map((stint) => [stint.id, stint]));
    const known = before.stints.filter((stint) => !gone.includes(stint.id)).map((stint) => news.get(stint.id) ?? stint);
    const ids = new Set(known.map((stint) => stint.id));
    const stints = [...known, ...touched.filter((stint) => !ids.has(stint.id))].sort((a, b) => (a.at < b.at ? -1 : Number(a.at > b.at)));
    const contacts = stints.flatMap((stint) => stint.contacts);
    const sums = [stints.length, stints.reduce((sum, stint) => sum + stint.casts, 0), contacts.length];
    return sums.every((sum, i) => sum === count[i]) ? { ...before, ...now, stints } : null;
}

/** The part of the deck that sends what waits, and takes the server's answer. The book is the deck's own. */
export const sender = (book) => ({
    async takeState(state) {
        await this.takeBook(withSlices(state, book.server));
    },
    async takeAfter(after) {
        const known = afterTap(book.server, after);
        if (known) {
            await this.takeBook(known);
            this.freshRibbon();
        } else {
            await this.askWhole();
        }
    },
    /** The day as the server has it; a device that says what ground it knows may get no more than what changed. */
    async askWhole(known = {}) {
        const { status, data } = await send('POST', this.url, { events: [], slices: this.sliceKeys(), ...known });
        if (status === 200) {
            await (data.after ? this.takeAfter(data.after) : this.takeState(data.state));
        }
    },
    sliceKeys: () => book.server.rods.map((rod) => rod.slice_key),
    /** The ribbon follows at its leisure: it is no thing to wait for after a tap. */
    freshRibbon() {
        clearTimeout(this.ribbonSoon);
        this.ribbonSoon = setTimeout(async () => {
            const response = await fetchPart(this.url.replace(/log$/, 'ribbon'));
            if (response) {
                book.server = { ...book.server, ribbon: await response.text() };
                await this.redraw();
            }
        }, RIBBON_MS);
    },
    async takeBook(state) {
        book.server = state;
        book.sent.forEach((e) => book.counted.add(e.id));
        book.sent = [];
        await keepDeck(this.trip, book.server);
        await this.redraw();
        this.askAhead();
    },

    /** Others aboard log on phones of their own: what they did is seen without a tap. */
    async seeOthers(now = Date.now()) {
        if ((book.server.aboard?.length ?? 1) < 2 || document.visibilityState !== 'visible' || this.sending || now - (this.looked ?? now) < LOOK_MS) {
            this.looked ??= now;
            return;
        }
        this.looked = now;
        await alone(() => this.askWhole({ ground: book.server.ground })).catch(() => {});
    },

    async sendRefused() {
        for (const one of this.refused) {
            await put(this.trip, one.angler, one.event);
            await letGo(one.id);
        }
        await this.redraw();
        this.flush();
    },
    async forgetRefused() {
        await Promise.all(this.refused.map((one) => letGo(one.id)));
        await this.redraw();
    },

    /** The queue: one tab sends at a time, in order, until nothing waits. */
    async flush() {
        if (this.sending) {
            return;
        }
        this.sending = true;
        clearTimeout(this.retry);
        try {
            await alone(() => this.sendAll());
        } catch (e) {
            const left = (await waitingOf(this.trip, this.owner)).length;
            if (e instanceof SignedOut) {
                this.notice = `You are signed out. ${entries(left)} ${left === 1 ? 'is' : 'are'} kept on this device and sent when you sign in again.`;
            } else if (e instanceof NoSignal) {
                this.notice = left ? `No signal: ${entries(left)} kept on this device.` : '';
                this.retry = setTimeout(() => this.flush(), 4000);
            } else {
                throw e;
            }
        } finally {
            this.sending = false;
        }
    },
    async sendAll() {
        let queue;
        while ((queue = [...(await waitingOf(this.trip, this.owner)), ...this.stuck.map((event) => ({ event }))]).length) {
            const batch = queue.slice(0, AT_ONCE);
            const { status, data } = await send('POST', this.url, { events: batch.map((e) => e.event), more: queue.length > batch.length, slices: this.sliceKeys(), ground: book.server.ground });
            if (status === 404) {
                this.notice = `You are not aboard this day any more. ${entries(batch.length)} ${batch.length === 1 ? 'stays' : 'stay'} on this device; your Days page shows ${batch.length === 1 ? 'it' : 'them'}.`;
                return;
            }
            if (status !== 200) {
                this.notice = data.message ?? 'The log was not taken.';
                return;
            }
            // Before it leaves the queue it is in the book: no redraw in between misses it.
            const refusals = new Set(data.events.filter((e) => e.became === 'refused').map((e) => e.id));
            book.sent.push(...batch.map((e) => e.event).filter((e) => !refusals.has(e.id)));
            await answered(this.trip, this.owner, batch, data.events);
            const odd = data.events.find((e) => e.became === 'taken' && e.message);
            // Said once: who logs a day afterwards knows it.
            if (odd && !this.oddSaid) {
                this.oddSaid = this.notice = `${odd.message} Is the clock of this device right?`;
            }
            const gone = new Set(batch.map((e) => e.event));
            this.stuck = this.stuck.filter((e) => !gone.has(e));
            this.unwritten = this.unwritten.filter((e) => !gone.has(e));
            if (data.state) {
                await this.takeState(data.state);
            } else if (data.after) {
                await this.takeAfter(data.after);
            } else {
                this.queued = (await waitingOf(this.trip, this.owner)).length;
            }
        }
        this.notice = this.notice.startsWith('No signal') ? '' : this.notice;
    },
});
