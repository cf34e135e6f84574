import { waterTime } from '../clock.js';
import { metresFrom } from '../ground.js';

const KM_PER_MILE = 1.609344;
const MPH_PER_M_S = 3.6 / KM_PER_MILE;

/** Minutes of all runs of one line; one that is in the water counts until now. */
export function minutesOf(runs, now) {
    const at = (moment) => Date.parse(`${moment.slice(0, 19)}Z`);
    return runs.reduce((sum, run) => sum + Math.max(0, at(run.lifted ?? now) - at(run.at)) / 60000, 0);
}

/** How a speed stands to the band of the spread: below, in or above it; nothing where either is unknown. */
export function inBand(mph, band) {
    return mph === null || !band ? null : mph < band[0] ? 'below' : mph > band[1] ? 'above' : 'in';
}

const LEAST_S = 5;

/** Speed (mph) and heading (degrees) from one place to another where a phone tells places alone; nothing before some seconds have passed. */
export function wayBetween(from, to) {
    const seconds = (to.at - from.at) / 1000;
    const [east, north] = metresFrom(from, to);
    return seconds < LEAST_S ? null : { mph: (Math.hypot(east, north) / seconds) * MPH_PER_M_S, heading: ((Math.atan2(east, north) * 180) / Math.PI + 360) % 360 };
}

/** The part of the deck for lines that are towed: what is in the water, the boat's speed, a strike on a line. */
export const tow = {
    strike: null,
    turning: false,
    boatMph: null,
    boatHeading: null,
    speedWatch: null,
    lastPlace: null,
    band: null,
    towNow: '',

    get spread() {
        return this.state?.spread ?? null;
    },
    get towing() {
        return this.spread !== null;
    },
    /** Who tows and casts nothing is told nothing about casting. */
    get nothingCast() {
        return this.towing && !this.begun;
    },
    get nothingYet() {
        return !this.towing && !this.begun;
    },
    drawTow() {
        this.$refs.tow.innerHTML = this.spread?.above ?? '';
        for (const line of this.towLines.filter((one) => one.isIn)) {
            this.$refs.tow.querySelector(`[data-line="${CSS.escape(line.key)}"]`)?.classList.add('wet');
        }
    },
    get towSays() {
        return this.state?.tow_says ?? [];
    },
    runsOf(key) {
        return this.state.stints.filter((s) => s.line === key);
    },
    openRun(key) {
        return this.runsOf(key).filter((s) => !s.lifted).at(-1) ?? null;
    },
    get towLines() {
        const now = this.towNow || (this.state ? waterTime(this.state.timezone) : '');
        return (this.spread?.lines ?? []).map((line) => {
            const runs = this.runsOf(line.key);
            const isIn = runs.some((s) => !s.lifted);
            const minutes = Math.floor(minutesOf(runs, now));
            const contacts = runs.reduce((n, s) => n + s.contacts.length, 0);
            return { ...line, isIn, isOut: !isIn, title: `${line.number} ${line.words}`, sum: `· ${minutes} min in the water${contacts ? `, ${contacts} ${contacts === 1 ? 'contact' : 'contacts'}` : ''}` };
        });
    },
    get someOut() {
        return this.towLines.some((line) => line.isOut);
    },
    towTick() {
        this.towNow = this.towing ? waterTime(this.state.timezone) : '';
    },

    lineOf(key) {
        return this.spread.lines.find((line) => line.key === key);
    },
    known() {
        return this.boatMph === null ? {} : { mph: this.boatMph };
    },
    setLine(key) {
        const place = this.stint?.spot ?? this.state.here ?? 'Open water';
        this.buzz(12);
        return this.log({ kind: 'tow', stint: crypto.randomUUID(), spot: place, ...this.lineOf(key).entry, ...this.known() });
    },
    async setAll() {
        for (const line of this.towLines.filter((one) => one.isOut)) {
            await this.setLine(line.key);
        }
    },
    liftLine(key) {
        const run = this.openRun(key);
        return run && this.log({ kind: 'lift', stint: run.id });
    },
    /** A tap on a line in the drawing: out of the water it goes in, in the water it was struck. */
    tapTow(event) {
        const key = event.target.closest('[data-line]')?.dataset.line;
        if (key && this.isFresh(`line ${key}`)) {
            this.openRun(key) ? this.struck(key) : this.setLine(key);
        }
    },
    /** The moment counts: how the boat went is taken now, what became of it is said after. */
    struck(key) {
        this.strike = { stint: this.openRun(key).id, key, at: waterTime(this.state.timezone), ...this.known(), ...(this.boatHeading === null ? {} : { heading_deg: this.boatHeading }), ...(this.turning ? { in_turn: 'yes' } : {}) };
        this.hook();
    },
    get noneStruck() {
        return this.strike === null;
    },
    /** With a fish on a towed line its own card stands. */
    get fishOnCast() {
        return this.fishOn && this.strike === null;
    },
    get strikeTitle() {
        return this.strike ? `On ${this.lineOf(this.strike.key)?.words ?? 'a line'}` : '';
    },
    get strikeCard() {
        return this.strike ? this.lineOf(this.strike.key)?.card ?? '' : '';
    },
    async strikeWas(kind) {
        if (!this.strike || !this.isFresh(`strike ${kind}`)) {
            return;
        }
        const { key, ...how } = this.strike;
        this.strike = null;
        await this.logContact(kind, how, [{ kind: 'lift', stint: how.stint }]);
        this.notice = `${this.lineOf(key).words} is out of the water: tap it when it is back.`;
    },
    noStrike() {
        this.strike = null;
        this.fishOn = false;
        this.resume();
    },

    get turningPressed() {
        return this.turning ? 'true' : 'false';
    },
    toggleTurning() {
        this.turning = !this.turning;
    },
    get speedPressed() {
        return this.speedWatch === null ? 'false' : 'true';
    },
    speedIn(mph) {
        return this.state.units === 'metric' ? `${(mph * KM_PER_MILE).toFixed(1)} km/h` : `${mph.toFixed(1)} mph`;
    },
    get speedSays() {
        if (!this.spread) {
            return '';
        }
        const band = this.spread.range_mph;
        const wanted = band ? `the spread runs ${this.speedIn(band[0])} to ${this.speedIn(band[1])}` : `set for ${this.speedIn(this.spread.mph)}`;
        return this.boatMph === null ? wanted : `${this.speedIn(this.boatMph)}; ${wanted}`;
    },
    get speedClass() {
        return { 'tow-speed': true, leaves: ['below', 'above'].includes(this.band) };
    },
    /** As the phone tells it, or else by where it was before. */
    boatGoes(told, place) {
        const way = told ?? (this.lastPlace ? wayBetween(this.lastPlace, place) : null);
        if (way !== null) {
            this.boatMph = Math.round(way.mph * 100) / 100;
            this.boatHeading = way.heading === null ? null : Math.round(way.heading) % 360;
        }
        if (way !== null || this.lastPlace === null) {
            this.lastPlace = place;
        }
    },
    /** The phone's own speed and heading; who leaves the band of the spread is told once. */
    followSpeed() {
        if (this.speedWatch !== null) {
            navigator.geolocation.clearWatch(this.speedWatch);
            this.speedWatch = null;
            this.boatMph = this.boatHeading = this.band = this.lastPlace = null;
            return;
        }
        this.speedWatch = navigator.geolocation?.watchPosition(
            ({ coords, timestamp }) => {
                const heading = coords.heading === null || Number.isNaN(coords.heading) ? null : coords.heading;
                this.boatGoes(coords.speed === null ? null : { mph: coords.speed * MPH_PER_M_S, heading }, { lat: coords.latitude, lon: coords.longitude, at: timestamp });
                const now = inBand(this.boatMph, this.spread?.range_mph);
                if (now !== this.band && (now === 'below' || now === 'above')) {
                    this.notice = now === 'above' ? `Too fast for this spread: ${this.speedIn(this.boatMph)}.` : `Too slow for this spread: ${this.speedIn(this.boatMph)}.`;
                    this.buzz(120);
                }
                this.band = now;
            },
            () => {
                this.speedWatch = null;
                this.notice = 'This phone does not tell its speed. The boat\u2019s instruments may.';
            },
            { enableHighAccuracy: true, maximumAge: 2000 },
        ) ?? null;
    },
};
