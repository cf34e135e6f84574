import { waterMinute, waterTime } from '../clock.js';
import { send } from '../wire.js';
import { ahead, atSpot } from './ahead.js';
import { care } from './care.js';
import { castClock } from './cast-clock.js';
import { crew } from './crew.js';
import { detail } from './detail.js';
import { drive } from './drive.js';
import { fishOn } from './fish-on.js';
import { followed, hand, shown } from './hand.js';
import { here } from './here.js';
import { joined } from './joined.js';
import { line } from './line.js';
import { keys } from './keys.js';
import { withEvents, write } from './log.js';
import { waitingOf } from './outbox.js';
import { keepDeck, keptDeck, put, setAsides } from './queue.js';
import { sender } from './sender.js';
import { steady } from './steady.js';
import { tow } from './tow.js';
import { wet } from './wet.js';
import { entries } from './words.js';

/**
 * The deck: turns taps into events with ids of their own, keeps them on the device and sends them in order. What is
 * drawn is the server's last state with the waiting events on top, so that a tap is seen at once, with or without signal.
 */
export default () => {
    const book = {
        // Outside of what is watched: it is copied as a whole and goes into the device's store.
        server: null,
        // What the server said of the day's other spots.
        ahead: null,
        // Entries that the server has, but not yet in its last state; and the ids of those that its last state counts.
        sent: [],
        counted: new Set(),
        // Goes up with every entry that is made or written: what was read from the store before is old then.
        writes: 0,
    };

    return joined(ahead(book), care, castClock, crew, detail, drive, fishOn, hand, here, keys, line, tow, wet, sender(book), {
        state: null,
        notice: '',
        oddSaid: null,
        queued: 0,
        refused: [],
        sending: false,
        angler: null,
        open: null,
        dismissed: '',
        dismissedNext: false,
        others: false,
        help: false,
        clock: { running: false, seconds: 0, since: 0 },
        clockSays: '',
        afterwards: false,
        castsTyped: 0,
        asked: null,
        duskSaid: false,

        async init() {
            this.url = this.$root.dataset.url;
            this.unwritten = [];
            // Entries that the device's own store would not take: sent out of memory.
            this.stuck = [];
            this.trip = this.$root.dataset.trip;
            this.owner = Number(this.$root.dataset.angler);
            book.server = JSON.parse(document.getElementById('deck-state').textContent);
            this.clock = steady(this.trip, book.server.limits.cast_s);
            const kept = await keptDeck(this.trip).catch(() => null);
            // A page out of the device's own store may be older than what the deck saw last.
            if (kept && kept.drawn > book.server.drawn && kept.angler === this.owner) {
                book.server = kept;
            } else {
                await keepDeck(this.trip, book.server);
            }
            await this.readAhead();
            await this.redraw();
            // Only now is anything under the title shown: no key moves under a thumb that is already coming down.
            await this.$nextTick();
            this.$root.dataset.drawn = '';
            this.meetCrew();
            document.addEventListener('keydown', (e) => this.key(e));
            window.addEventListener('online', () => this.flush());
            document.addEventListener('visibilitychange', () => {
                this.tick();
                this.keepAwake();
            });
            setInterval(() => {
                this.tick();
                this.countFish();
                this.towTick();
                this.duskSpeaks();
                this.seeOthers();
            }, 1000);
            this.tick();
            this.keepAwake();
            this.locate();
            this.askAhead();
            this.flush();
        },

        // What is drawn.
        get stint() {
            return this.stintOf(this.angler);
        },
        get begun() {
            return this.stint !== null;
        },
        get rod() {
            const rods = this.state?.rods ?? [];
            return rods.find((r) => r.key === this.stint?.rod) ?? rods.find((r) => r.lure === this.stint?.lure_key) ?? null;
        },
        get title() {
            return this.stint ? this.stint.lure : this.towing ? 'The spread' : 'Nothing in hand yet';
        },
        /** What this place asks for, known without signal as well. */
        get firstHere() {
            const here = this.state?.spots.find((s) => s.name === this.stint?.spot);
            return here?.first ? `First here: ${here.first}` : '';
        },
        get place() {
            return this.stint ? `at ${this.stint.spot}` : '';
        },
        /** What dock, current and shade say here. */
        get says() {
            return this.state?.says ?? [];
        },
        get reads() {
            return this.state?.reads ?? '';
        },
        get cadence() {
            return this.rod?.cadence ?? '';
        },
        drawSlice() {
            this.$refs.slice.innerHTML = (this.rod ?? this.state?.rods[0])?.slice ?? '';
        },
        drawRibbon() {
            this.$refs.ribbon.innerHTML = this.state?.ribbon ?? '';
            this.markNow();
        },
        get swatch() {
            return `swatch swatch-${this.stint?.color ?? ''}`;
        },
        get hasRod() {
            return this.rod !== null;
        },
        get casts() {
            return this.stint?.casts ?? 0;
        },
        get kinds() {
            return (this.state?.options.kind ?? []).map((k) => ({ ...k, count: this.stint?.contacts.filter((c) => c.kind === k.value).length ?? 0 }));
        },
        get rods() {
            const all = this.state?.rods ?? [];
            return all.map((r) => ({
                ...r,
                pressed: r.key === this.stint?.rod ? 'true' : 'false',
                swatch: `swatch swatch-${r.color}`,
                words: all.some((o) => o.lure === r.lure && o.key !== r.key) ? `${r.name}, ${r.color.replaceAll('_', ' ')}` : r.name,
            }));
        },
        get spots() {
            const all = this.state?.spots ?? [];
            const fresh = this.state?.drill || all.some((s) => s.about === 'new') ? [] : [{ name: `Spot ${all.length + 1}`, about: 'new' }];
            return [...all, ...fresh].map((s) => ({ ...s, pressed: s.name === this.stint?.spot ? 'true' : 'false', words: s.about ? `${s.name} (${s.about})` : s.name }));
        },
        get contacts() {
            return (this.state?.stints ?? []).flatMap((s) => s.contacts.map((c) => ({ ...c, words: [c.kind, c.lost_by ? c.lost_by : null, c.length ? `${c.length} ${this.state.size_unit}` : null, c.weight ? `${c.weight} ${this.state.weight_unit}` : c.about ?? null, `${c.at.slice(11, 16)}, ${s.lure}`].filter(Boolean).join(' · ') }))).reverse().slice(0, 12);
        },
        get move() {
            return this.state?.next[0] ?? null;
        },
        /** Hidden at once, not when the browser next draws: with a fish on nothing may be left standing. */
        get moveAway() {
            return this.move === null || this.fishOn || this.nothingCast || this.dismissed === this.move.text;
        },
        get movesLeft() {
            return this.others ? this.state.next.slice(1) : [];
        },
        get moveKeys() {
            return this.moreMoves || Boolean(this.move?.offer);
        },
        get moreMoves() {
            return (this.state?.next.length ?? 0) > 1;
        },
        get stale() {
            return this.queued > 0 ? `As of the last signal, ${entries(this.queued)} ago.` : '';
        },
        get undoWords() {
            return this.state?.undo.length ? `Undo ${this.state.undo[0].words}` : 'Nothing to undo';
        },
        get sum() {
            const stints = this.state?.stints ?? [];
            const casts = stints.reduce((n, s) => n + s.casts, 0);
            const contacts = stints.flatMap((s) => s.contacts);
            const kinds = Object.entries(Object.groupBy ? Object.groupBy(contacts, (c) => c.kind) : contacts.reduce((by, c) => ({ ...by, [c.kind]: [...(by[c.kind] ?? []), c] }), {})).map(([k, all]) => `${all.length} ${k}`);
            return `Today: ${casts} ${casts === 1 ? 'cast' : 'casts'}, ${contacts.length} ${contacts.length === 1 ? 'contact' : 'contacts'}${kinds.length ? ` (${kinds.join(', ')})` : ''}. ${this.state?.sum ?? ''}`;
        },
        get hasRefused() {
            return this.refused.length > 0;
        },
        get refusedWords() {
            return this.hasRefused ? `${entries(this.refused.length)} not taken, kept on this device: ${this.refused[0].message}` : '';
        },
        get inStep() {
            return this.queued === 0 ? 'In step' : `${entries(this.queued)} waiting`;
        },
        get steadyLabel() {
            return this.clock.running ? 'Stop the clock' : 'Count by the clock';
        },
        get notRunning() {
            return !this.clock.running;
        },
        /** Blank casts at this place in a row, over all that was shown there. */
        get blankHere() {
            let blank = 0;
            for (const stint of [...(this.state?.stints ?? [])].reverse()) {
                if (stint.spot !== this.stint?.spot) {
                    break;
                }
                const last = Math.max(0, ...stint.contacts.map((c) => c.cast));
                blank += stint.casts - last;
                if (stint.contacts.length) {
                    break;
                }
            }
            return blank;
        },
        get castSays() {
            const leave = this.state?.leave_after ?? 0;
            return this.blankHere < leave ? `casts · leave after ${leave} blank here` : `casts · ${this.blankHere} blank here: time to go`;
        },
        waterClock() {
            return waterTime(this.state.timezone).slice(11, 16);
        },
        /** The last hour speaks up once. */
        duskSpeaks() {
            const dusk = this.state?.last_hour;
            if (!this.duskSaid && dusk && book.server.today && waterMinute(book.server.timezone) >= dusk.from) {
                this.duskSaid = true;
                this.notice ||= dusk.text;
            }
        },
        get showed() {
            return this.state?.showed ?? [];
        },
        get disputes() {
            return this.state?.disputes ?? [];
        },
        get turns() {
            return this.state?.options.turn ?? [];
        },
        async redraw() {
            let queue, before;
            do {
                before = book.writes;
                queue = (await waitingOf(this.trip, this.owner)).map((e) => e.event);
                this.refused = (await setAsides(this.trip)).filter((e) => !e.angler || e.angler === this.owner);
            } while (before !== book.writes);
            // On top of the server's state come, once each: what was sent since it was drawn, what waits, what is just being written.
            const once = new Map([...book.sent, ...queue, ...this.unwritten].map((e) => [e.id, e]));
            const events = [...once.values()].filter((e) => !book.counted.has(e.id));
            this.queued = events.length;
            this.state = atSpot(withEvents(book.server, events), book.server.here, book.ahead?.spots);
        },

        markNow() {
            const ribbon = this.$refs.ribbon?.querySelector('.ribbon');
            const share = ribbon ? (waterMinute(book.server.timezone) - ribbon.dataset.from) / (ribbon.dataset.to - ribbon.dataset.from) : -1;
            ribbon?.querySelector('[data-now]')?.setAttribute('transform', `translate(${share >= 0 && share <= 1 && book.server.today ? 10 + share * 540 : -20} 0)`);
        },

        // What is tapped.
        async log(event) {
            this.notice = this.notice === this.oddSaid ? '' : this.notice;
            const whole = { id: crypto.randomUUID(), at: waterTime(this.state.timezone), ...event };
            write(this.state, whole);
            this.queued += 1;
            this.unwritten.push(whole);
            book.writes += 1;
            try {
                await put(this.trip, this.owner, whole);
                this.unwritten = this.unwritten.filter((e) => e !== whole);
                book.writes += 1;
            } catch {
                this.stuck.push(whole);
                this.notice = 'This device cannot keep entries: leave this page open until they are sent.';
            }
            this.flush();
            return whole;
        },
        cast() {
            if (!this.begun || !this.isFresh(`cast ${this.angler ?? ''}`)) {
                return false;
            }
            this.fishOn = false;
            this.open = null;
            this.buzz(12);
            return this.log({ kind: 'casts', stint: this.stint.id, count: 1 });
        },
        async contact(kind) {
            if (!this.begun || !this.isFresh(kind)) {
                return;
            }
            await this.logContact(kind, { stint: this.stint.id });
        },
        /** What is shown at a place; nothing begins where nothing changes. */
        begin(presentation, spot, more = {}) {
            const now = this.stint ? { ...this.now, spot: this.stint.spot } : null;
            const next = { ...shown(presentation), spot };
            if (JSON.stringify(now) !== JSON.stringify(next)) {
                this.log({ kind: 'stint', stint: crypto.randomUUID(), ...next, angler: this.angler, ...(this.begun ? followed(this.state.next, next) : {}), ...more, ...(this.position ?? {}) });
                this.keepAwake();
            }
        },
        toRod(key) {
            this.begin(this.state.rods.find((r) => r.key === key), this.stint?.spot ?? this.state.here ?? this.state.spots[0]?.name ?? 'Spot 1');
        },
        /** The boat goes, and with it all who cast from this phone, each with his own rod. */
        toSpot(spot) {
            const who = this.angler;
            for (const one of this.people.filter((p) => p.name !== who && this.stintOf(p.name))) {
                this.angler = one.name;
                this.begin(this.now, spot);
            }
            this.angler = who;
            this.begin(this.stint ? this.now : this.state.rods[0], spot);
        },
        take(move) {
            this.begin(move.offer, move.offer.spot);
        },
        undo() {
            const last = this.state.undo[0];
            return last && this.log({ kind: 'undo', target: last.id });
        },
        turn(what) {
            this.log({ kind: 'turn', what });
            this.asked = what;
        },
        get asks() {
            return this.asked === null ? [] : this.state.asks[this.asked] ?? [];
        },
        /** What the water or the sky is like now: the day knows it, and all advice follows. */
        async answer(path, value) {
            this.asked = null;
            await this.log({ kind: 'condition', path, value: String(value), units: this.state.units });
        },
        answerTyped(path) {
            const value = this.$root.querySelector(`[data-asks="${path}"]`)?.value;
            return value ? this.answer(path, value) : null;
        },
        leaveAsks() {
            this.asked = null;
        },
        get practice() {
            return this.state?.manner?.practice === 'yes' ? 'true' : 'false';
        },
        get bigFish() {
            return this.state?.manner?.goal === 'big_fish' ? 'true' : 'false';
        },
        togglePractice() {
            this.log({ kind: 'manner', practice: this.practice === 'true' ? 'no' : 'yes' });
        },
        toggleBigFish() {
            this.log({ kind: 'manner', goal: this.bigFish === 'true' ? 'numbers' : 'big_fish' });
        },
        said(field, value) {
            const was = this.stint[field] ?? null;
            this.log({ kind: 'amend', stint: this.stint.id, fields: { [field]: was === value ? null : value }, was: { [field]: was }, units: this.state.units });
        },
        isSaid(field, value) {
            return this.stint?.[field] === value ? 'true' : 'false';
        },
        dismiss() {
            this.dismissed = this.move.text;
            this.others = false;
        },
        toggleOthers() {
            this.others = !this.others;
        },
        toggleHelp() {
            this.help = !this.help;
        },
        setAfterwards() {
            this.castsTyped = this.casts;
            this.afterwards = !this.afterwards;
        },
        more(by) {
            this.castsTyped = Math.max(0, Math.min(this.state.limits.casts, Number(this.castsTyped) + by));
        },
        keepCasts() {
            const casts = Math.max(0, Math.min(this.state.limits.casts, Math.round(Number(this.castsTyped)) || 0));
            if (casts !== this.casts) {
                this.log({ kind: 'amend', stint: this.stint.id, fields: { casts }, was: { casts: this.casts }, units: this.state.units });
            }
            this.afterwards = false;
        },

        async settle(dispute, take) {
            try {
                const { data } = await send('POST', `${this.url.replace(/log$/, 'disputes')}/${dispute.id}`, { take });
                this.takeState(data.state);
            } catch {
                this.notice = 'No signal: this can be settled when the server answers.';
            }
        },
        keepKept(dispute) {
            this.settle(dispute, 'kept');
        },
        takeOther(dispute) {
            this.settle(dispute, 'other');
        },

    });
};
