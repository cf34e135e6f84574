/**
 * The clock at the water: what a clock there shows at an instant, as YYYY-MM-DDTHH:MM:SS with its offset from UTC. A day
 * without a time zone goes by the device's own.
 */
export function waterTime(zone, now = new Date()) {
    const parts = Object.fromEntries(
        new Intl.DateTimeFormat('en-GB', { timeZone: zone ?? undefined, hourCycle: 'h23', year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit', second: '2-digit' })
            .formatToParts(now)
            .map(({ type, value }) => [type, value]),
    );
    const local = `${parts.year}-${parts.month}-${parts.day}T${parts.hour}:${parts.minute}:${parts.second}`;
    const minutes = Math.round((Date.parse(`${local}Z`) - Math.floor(now.getTime() / 1000) * 1000) / 60000);
    const two = (n) => String(n).padStart(2, '0');
    return `${local}${minutes < 0 ? '-' : '+'}${two(Math.floor(Math.abs(minutes) / 60))}:${two(Math.abs(minutes) % 60)}`;
}

/** Minutes of the day at the water. */
export function waterMinute(zone, now = new Date()) {
    const at = waterTime(zone, now);
    return Number(at.slice(11, 13)) * 60 + Number(at.slice(14, 16));
}
