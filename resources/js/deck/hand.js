/** The parts of what is in the hand, in the order in which they are shown, with the words over their choices. */
const PARTS = { color: 'Color', weight_oz: 'Weight', length_in: 'Length', retrieve: 'Retrieve', cast_kind: 'Cast', depth_ft: 'Depth' };

const plain = (value) => String(value).replaceAll('_', ' ');

/** A number as it came from the database or from a list is the same number. */
const same = (a, b) => a === b || (a !== null && b !== null && a !== '' && b !== '' && Math.abs(Number(a) - Number(b)) < 1e-6);

/** What a stint shows, part by part. */
export const shown = (of) => ({ lure: of.lure_key ?? of.lure, color: of.color, retrieve: of.retrieve, depth_ft: of.depth_ft, weight_oz: of.weight_oz ?? null, length_in: of.length_in ?? null, cast_kind: of.cast_kind ?? null });

/** Whether what begins is what one of the next moves offered (Y3); nothing where none offered anything. */
export function followed(moves, next) {
    const offers = (moves ?? []).filter((move) => move.offer).map((move) => JSON.stringify({ ...shown(move.offer), spot: move.offer.spot }));
    return offers.length ? { followed: offers.includes(JSON.stringify(next)) ? 'yes' : 'no' } : {};
}

/** The part of the deck that changes color, weight, length, retrieve or depth of what is in the hand: two taps each. */
export const hand = {
    part: null,

    /** What is in the hand, part by part; what an entry left open is as the rod is rigged. */
    get now() {
        const now = this.stint ? shown(this.stint) : {};
        return Object.fromEntries(Object.entries(now).map(([part, value]) => [part, value ?? this.rod?.[part] ?? null]));
    },
    get parts() {
        const choices = this.state?.parts[this.stint?.lure_key] ?? {};
        return Object.entries(PARTS).filter(([part]) => choices[part] && (this.now[part] ?? null) !== null).map(([part, label]) => ({
            part,
            label,
            words: choices[part].find((o) => same(o.value, this.now[part]))?.words ?? plain(this.now[part]),
            expanded: this.part === part ? 'true' : 'false',
            fixed: choices[part].length < 2,
        }));
    },
    get partOptions() {
        const choices = this.state?.parts[this.stint?.lure_key]?.[this.part] ?? [];
        return choices.map((o) => ({ ...o, pressed: same(o.value, this.now[this.part]) ? 'true' : 'false' }));
    },
    get partLabel() {
        return PARTS[this.part] ?? '';
    },
    get partOpen() {
        return this.part !== null && this.partOptions.length > 1;
    },

    openPart(part) {
        this.part = this.part === part ? null : part;
    },
    /** Another color, weight, length, retrieve or depth: from here on it is counted apart. */
    changePart(value) {
        if (!same(this.now[this.part], value)) {
            this.begin({ ...this.now, [this.part]: value }, this.stint.spot);
        }
        this.part = null;
    },
};
