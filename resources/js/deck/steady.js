/** Counts casts by the clock: a start, a pace, and how many are due. Kept on the device, so that it survives a reload or a sleeping phone. */
const key = (trip) => `old-eddy-steady-${trip}`;

export function steady(trip, seconds) {
    return JSON.parse(localStorage.getItem(key(trip)) ?? 'null') ?? { running: false, seconds, since: 0 };
}

export function keepSteady(trip, clock) {
    localStorage.setItem(key(trip), JSON.stringify(clock));
}

/** Whole casts due at this moment, no more than one entry takes, and the clock after they were counted. */
export function due(clock, now, most) {
    const casts = clock.running ? Math.floor((now - clock.since) / (clock.seconds * 1000)) : 0;
    return { casts: Math.min(most, casts), clock: casts > 0 ? { ...clock, since: clock.since + casts * clock.seconds * 1000 } : clock };
}
