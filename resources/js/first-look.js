import { instrument } from './instrument.js';

/** The water before anybody signs in: drawn by hand, kept nowhere. Of several questions the last one wins. */
export default () => ({
    init() {
        this.said = {};
        this.picture = instrument(this.$root, {
            tryOut: (path, value) => this.ask({ ...this.said, ...this.beside(path), [path]: value }),
            say: (path, value) => {
                this.said = { ...this.said, ...this.beside(path), [path]: value };
                this.ask(this.said);
            },
        });
        this.$root.addEventListener('change', (e) => this.set(e.target));
    },

    /** A sky or a cover; of covers all that are in the water are said. */
    set(input) {
        if (!input.name || input.closest('form')) {
            return;
        }
        const checked = [...this.$root.querySelectorAll(`[name="${input.name}"]:checked`)].map((one) => one.value);
        this.said[input.name] = input.type === 'radio' ? checked[0] : [...(checked.length ? checked : ['none']), ''].join(',');
        this.ask(this.said);
    },

    /** Both ends of the bottom are said together. */
    beside(path) {
        const other = { 'spot.deep_ft': 'spot.shallow_ft', 'spot.shallow_ft': 'spot.deep_ft' }[path];
        return other && !(other in this.said) ? { [other]: this.picture.at(other) } : {};
    },

    async ask(said) {
        this.wanted = said;
        if (this.asking) {
            return;
        }
        this.asking = true;
        while (this.wanted) {
            const query = new URLSearchParams(Object.entries(this.wanted).map(([path, value]) => [`said[${path}]`, value]));
            this.wanted = null;
            const answer = await fetch(`${this.$root.dataset.try}?${query}`, { headers: { Accept: 'application/json' } }).catch(() => null);
            const data = answer?.ok ? await answer.json().catch(() => null) : null;
            if (data) {
                document.getElementById('picture').innerHTML = data.picture;
                document.getElementById('lures').innerHTML = data.lures;
                this.picture.drawn(data);
            }
        }
        this.asking = false;
    },
});
