import { keepDeck, keptDeck } from './queue.js';
import { fetchPart } from '../wire.js';

/** So long after the deck has come to rest the other spots are asked for; and no sooner again while the water is the same. */
const SOON_MS = 4000;
const AGAIN_MS = 15 * 60_000;

const storedAs = (trip) => `ahead-${trip}`;

/**
 * A state as it is at the spot one has gone to since the server drew it: the water, the rods in it and what may be changed come from
 * what the server said of that spot before. Where it said nothing the state stays as it is.
 */
export function atSpot(state, drawnAt, spots) {
    const there = state.here === drawnAt ? undefined : spots?.[state.here];
    if (!there) {
        return state;
    }
    const rods = new Map(there.rods.map((rod) => [rod.key, rod]));
    return { ...state, water: there.water, reads: there.reads, says: there.says, parts: { ...state.parts, ...there.parts }, rods: state.rods.map((rod) => ({ ...rod, ...rods.get(rod.key) })) };
}

/** The part of the deck that keeps what the server says of the day's other spots. */
export const ahead = (book) => ({
    async readAhead() {
        const kept = await keptDeck(storedAs(this.trip)).catch(() => null);
        book.ahead = kept?.angler === this.owner ? kept : null;
    },
    askAhead() {
        const { drill, ground, water } = book.server;
        const isFresh = book.ahead && (book.ahead.ground === ground || (book.ahead.water === water && Date.now() - book.ahead.asked < AGAIN_MS));
        if (drill || isFresh) {
            return;
        }
        clearTimeout(this.aheadSoon);
        this.aheadSoon = setTimeout(async () => {
            const response = await fetchPart(this.url.replace(/log$/, 'ahead'));
            if (response) {
                const { spots } = await response.json();
                book.ahead = { angler: this.owner, ground, water, asked: Date.now(), spots };
                await keepDeck(storedAs(this.trip), book.ahead).catch(() => {});
                await this.redraw();
            }
        }, SOON_MS);
    },
});
