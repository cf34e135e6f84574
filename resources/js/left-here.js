import { allOf, drop, letGo } from './deck/queue.js';
import { entries } from './deck/words.js';
import { send } from './wire.js';

/** Entries of days that are not this angler's any more, by day: what was logged aboard, and never sent. The server says which those are. */
export async function leftOver(all, url) {
    const byDay = all.reduce((days, one) => days.set(one.trip, [...(days.get(one.trip) ?? []), one]), new Map());
    const left = [];
    for (const [trip, kept] of byDay) {
        const { status } = await send('POST', url.replace('DAY', trip), { events: [], more: true }).catch(() => ({}));
        if (status === 404) {
            left.push({ trip, kept, words: leftWords(kept.map((one) => one.event)) });
        }
    }
    return left;
}

/** What they are, in one sentence. */
export function leftWords(events) {
    const casts = events.filter((e) => e.kind === 'casts').reduce((sum, e) => sum + e.count, 0);
    const fish = events.filter((e) => e.kind === 'contact').length;
    const [first, last] = [events.map((e) => e.at).sort()[0], events.map((e) => e.at).sort().at(-1)];
    const what = [casts && `${casts} ${casts === 1 ? 'cast' : 'casts'}`, fish && `${fish} ${fish === 1 ? 'contact' : 'contacts'}`].filter(Boolean).join(', ');
    return `${entries(events.length)}${what ? ` (${what})` : ''}, logged ${first.slice(0, 10)} from ${first.slice(11, 16)} to ${last.slice(11, 16)}`;
}

/** The part of the Days page that shows what is kept on this device of days one is not aboard any more. */
export default () => ({
    left: [],

    async init() {
        this.angler = Number(this.$root.dataset.angler);
        this.left = await leftOver(await allOf(this.angler), this.$root.dataset.log);
    },
    get hasLeft() {
        return this.left.length > 0;
    },
    /** As a file of lines, which says all that was logged. */
    save(one) {
        const link = document.createElement('a');
        link.href = URL.createObjectURL(new Blob([`${one.kept.map(({ event }) => JSON.stringify(event)).join('\n')}\n`], { type: 'application/x-ndjson' }));
        link.download = `day-${one.trip}.jsonl`;
        link.click();
        setTimeout(() => URL.revokeObjectURL(link.href), 1000);
    },
    async forget(one) {
        await drop(one.kept.filter((each) => each.seq !== undefined));
        await Promise.all(one.kept.filter((each) => each.seq === undefined).map((each) => letGo(each.id)));
        this.left = this.left.filter((each) => each !== one);
    },
});
