/** The part of the deck for several who cast: from this phone each has a key and a rod of his own, all others have phones of theirs. */
export const crew = {
    crew: [],
    newAngler: '',

    /** Who casts from this phone: its holder first. Nobody is told apart until a second one joins. */
    get people() {
        const me = this.state?.me ?? null;
        return [{ name: me, label: me ?? this.state?.owner ?? '' }, ...this.crew.map((name) => ({ name, label: name }))].map((one) => {
            const stint = this.stintOf(one.name);
            return { ...one, casts: stint?.casts ?? 0, words: stint ? `${one.label}, ${stint.lure}` : `${one.label}: take a rod`, pressed: one.name === this.angler ? 'true' : 'false' };
        });
    },
    get together() {
        return this.crew.length > 0;
    },
    /** Keys side by side, once there is more than one to have a key. */
    get pairs() {
        return this.together ? this.people : [];
    },
    get alone() {
        return this.crew.length === 0 && this.begun;
    },
    get anyBegun() {
        return this.begun || this.crew.some((name) => this.stintOf(name)) || this.stintOf(this.state?.me ?? null) !== null;
    },
    /** What each aboard does with this fish. */
    get hands() {
        return this.state?.hands?.[this.angler ?? this.state.me ?? this.state.owner] ?? [];
    },
    stintOf(name) {
        return this.state?.stints.filter((s) => !s.line && (s.angler ?? null) === (name ?? null)).at(-1) ?? null;
    },
    /** Those who cast from this phone in the log so far: not those who log for themselves. */
    meetCrew() {
        const me = this.state.me ?? null;
        const apart = new Set([...(this.state.aboard ?? []), me]);
        this.crew = me ? [] : [...new Set(this.state.stints.map((s) => s.angler).filter((name) => name && !apart.has(name)))];
        const here = [me, ...this.crew];
        this.angler = this.state.stints.map((s) => s.angler ?? null).filter((name) => here.includes(name)).at(-1) ?? me;
    },
    who(name) {
        this.angler = name;
    },
    join() {
        const name = this.newAngler.trim().slice(0, 40);
        const taken = [this.state.owner, ...(this.state.aboard ?? [])].map((one) => one.toLowerCase());
        if (name && !taken.includes(name.toLowerCase()) && !this.crew.includes(name)) {
            this.crew = [...this.crew, name];
        }
        this.angler = this.crew.includes(name) ? name : this.angler;
        this.newAngler = '';
    },
    castOf(name) {
        this.angler = name;
        if (!this.begun) {
            this.notice = 'Which rod? Take one below; the key counts from then on.';
            return false;
        }
        return this.cast();
    },
    /** Another phone took the boat elsewhere. */
    get gone() {
        return this.begun && Boolean(this.state.here) && this.state.here !== this.stint.spot && this.state.aboard.length > 1;
    },
    goAlong() {
        this.toSpot(this.state.here);
    },
};
