/** The part of the deck that keeps the bag and the knots: what they say is the server's. */
export const care = {
    beatTyped: '',

    get bagLines() {
        return this.state?.bag ?? [];
    },
    /** What the knot of the rod in hand went through. */
    get knot() {
        return this.state?.knots?.[this.stint?.rod] ?? '';
    },

    keepBeat() {
        this.log({ kind: 'manner', beat: Number(this.beatTyped) || 0, units: this.state.units });
    },
    retied() {
        this.careFor('retied');
    },
    lureLost() {
        this.careFor('lost');
    },
    careFor(what) {
        this.log({ kind: 'care', what, lure: this.stint.lure_key, color: this.stint.color });
    },
};
