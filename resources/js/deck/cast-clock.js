import { due, keepSteady } from './steady.js';

/** How short and how long a cast may take by the clock, seconds. */
const SECONDS = [10, 300];

/** The part of the deck that counts casts by the clock. */
export const castClock = {
    toggleClock() {
        this.clock = { ...this.clock, running: !this.clock.running, since: Date.now() };
        keepSteady(this.trip, this.clock);
        this.tick();
    },
    slower() {
        this.pace(5);
    },
    faster() {
        this.pace(-5);
    },
    pace(by) {
        this.clock = { ...this.clock, seconds: Math.max(SECONDS[0], Math.min(SECONDS[1], this.clock.seconds + by)) };
        keepSteady(this.trip, this.clock);
        this.tick();
    },
    /** A fish is on: what was due is counted, the clock waits. */
    settleClock() {
        this.tick();
        if (this.clock.running) {
            this.clock = { ...this.clock, running: false, waits: true };
            keepSteady(this.trip, this.clock);
        }
    },
    resume() {
        if (this.clock.waits) {
            this.clock = { seconds: this.clock.seconds, running: true, since: Date.now() };
            keepSteady(this.trip, this.clock);
        }
    },
    tick() {
        const { casts, clock } = due(this.clock, Date.now(), this.state?.limits.casts_at_once);
        if (casts > 0 && this.begun) {
            this.clock = clock;
            keepSteady(this.trip, clock);
            this.log({ kind: 'casts', stint: this.stint.id, count: casts });
        }
        const left = this.clock.seconds - Math.floor((Date.now() - this.clock.since) / 1000);
        this.clockSays = this.clock.running ? `every ${this.clock.seconds} s, next in ${Math.max(0, left)} s` : `every ${this.clock.seconds} s`;
    },
};
