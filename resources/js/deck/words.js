/** A plural of entries, as the notices say it. */
export const entries = (n) => `${n} ${n === 1 ? 'entry' : 'entries'}`;
