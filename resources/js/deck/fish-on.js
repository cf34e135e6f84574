/** The part of the deck for the minutes with a fish on the line or in the hand. */
export const fishOn = {
    fishOn: false,
    onSince: 0,
    onFor: '',
    ruler: null,

    hook() {
        this.fishOn = true;
        this.onSince = Date.now();
        this.onFor = '0:00';
        this.settleClock();
        this.buzz(40);
    },
    countFish() {
        if (this.fishOn) {
            const seconds = Math.floor((Date.now() - this.onSince) / 1000);
            this.onFor = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
        }
    },
    /** What a fish did on a rod in the hand or on a towed line; what comes right after it is logged first. */
    async logContact(kind, on, after = []) {
        const id = crypto.randomUUID();
        this.fishOn = false;
        this.resume();
        this.buzz(kind === 'caught' ? 80 : 12);
        await this.log({ kind: 'contact', contact: id, contact_kind: kind, ...on, ...(this.position ?? {}) });
        for (const entry of after) {
            await this.log(entry);
        }
        // A fish in hand is measured, one that got off says why; all of it may be left out.
        this.open = ['caught', 'lost'].includes(kind) ? id : null;
        if (kind === 'caught') {
            this.startRuler();
        }
    },
    get jobs() {
        return this.rod?.jobs ?? [];
    },

    // A fish measured: one slide, one tap.
    get rulerFor() {
        return this.openContact?.kind === 'caught';
    },
    get rulerSpan() {
        return this.state?.steps.ruler ?? { from: 4, to: 30, step: 0.25 };
    },
    /** Starts where the last fish ended: the next is likely as long. */
    startRuler() {
        const last = this.contacts.find((c) => c.length);
        this.ruler = this.openContact?.length ?? last?.length ?? this.state.steps.length.start;
    },
    keepRuler() {
        const length = Number(this.ruler);
        const contact = this.openContact;
        const species = contact.species ?? this.remembered();
        if (length > 0) {
            this.log({ kind: 'detail', contact: contact.id, fields: { length, ...(species && !contact.species ? { species } : {}) }, was: { length: contact.length ?? null, ...(species && !contact.species ? { species: null } : {}) }, units: this.state.units });
        }
        this.open = null;
    },
    /** The fish said last is taken for the next one, until another is said. */
    remembered() {
        return this.contacts.find((c) => c.species)?.species ?? null;
    },
};
