const DETAILS = ['species', 'lost_by', 'kept', 'weighed_by', 'hooked', 'forage', 'cover', 'cover_part', 'light'];

/** Where a field is asked for only of some contacts. */
const ASKED = { lost_by: (one) => one.kind === 'lost', kept: (one) => one.kind === 'caught', weighed_by: (one) => one.weight !== null && one.weight !== undefined };

/** The part of the deck that says more of one contact. */
export const detail = {
    get openContact() {
        return this.contacts.find((c) => c.id === this.open) ?? null;
    },
    get isOpen() {
        return this.openContact !== null;
    },
    get openTitle() {
        return this.openContact ? `${this.openContact.kind} at ${this.openContact.at.slice(11, 16)}` : '';
    },
    get openFields() {
        const one = this.openContact;
        return one === null ? [] : ['kind', ...DETAILS].filter((field) => this.state.options[field] && (ASKED[field]?.(one) ?? true)).map((field) => ({
            field,
            label: { kind: 'what it did', species: 'fish', lost_by: 'how it was lost', kept: 'kept, or let go', weighed_by: 'weighed', hooked: 'hook', forage: 'forage seen or spat up', cover: 'cover', cover_part: 'part of the cover', light: 'light' }[field],
            options: this.state.options[field].map((o) => ({ ...o, pressed: one[field] === o.value ? 'true' : 'false' })),
        }));
    },
    get openLength() {
        return this.openContact?.length ?? '–';
    },
    get openWeight() {
        return this.openContact?.weight ?? '–';
    },
    get openGirth() {
        return this.openContact?.girth ?? '–';
    },
    get openDepth() {
        return this.openContact?.depth ?? '–';
    },

    detail(field, value) {
        const was = this.openContact[field] ?? null;
        const now = field !== 'kind' && was === value ? null : value;
        this.log({ kind: 'detail', contact: this.openContact.id, fields: { [field]: now }, was: { [field]: was }, units: this.state.units });
    },
    step(field, way) {
        const was = this.openContact[field] ?? null;
        this.log({ kind: 'detail', contact: this.openContact.id, fields: { [field]: was === null ? this.state.steps[field].start : Math.max(0, Math.round((was + way * this.state.steps[field].step) * 100) / 100) }, was: { [field]: was }, units: this.state.units });
    },
    longer() {
        this.step('length', 1);
    },
    shorter() {
        this.step('length', -1);
    },
    deeper() {
        this.step('depth', 1);
    },
    shallower() {
        this.step('depth', -1);
    },
    heavier() {
        this.step('weight', 1);
    },
    lighter() {
        this.step('weight', -1);
    },
    wider() {
        this.step('girth', 1);
    },
    slimmer() {
        this.step('girth', -1);
    },
    removeOpen() {
        this.log({ kind: 'remove', contact: this.openContact.id });
        this.open = null;
    },
    show(id) {
        this.open = this.open === id ? null : id;
        this.$nextTick(() => this.$root.querySelector('.deck-detail')?.scrollIntoView({ block: 'nearest' }));
    },
    closeDetail() {
        this.open = null;
    },
};
