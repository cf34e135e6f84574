import { OTHER_END, instrument, tries } from './instrument.js';

/** The water before anybody signs in: drawn by hand, kept nowhere. */
export default () => ({
    init() {
        this.said = {};
        this.tried = tries(this.$root.dataset.try, (data) => {
            document.getElementById('picture').innerHTML = data.picture;
            document.getElementById('lures').innerHTML = data.lures;
            this.picture.drawn(data);
        });
        this.picture = instrument(this.$root, {
            tryOut: (path, value) => this.tried.ask({ ...this.said, ...this.beside(path), [path]: value }),
            say: (path, value) => this.say({ ...this.beside(path), [path]: value }),
        });
        this.$root.addEventListener('change', (e) => this.set(e.target));
    },

    say(more) {
        Object.assign(this.said, more);
        this.tried.ask({ ...this.said });
    },

    /** A sky or a cover; of covers all that are in the water are said. */
    set(input) {
        if (!input.name || input.closest('form')) {
            return;
        }
        const checked = [...this.$root.querySelectorAll(`[name="${input.name}"]:checked`)].map((one) => one.value);
        this.say({ [input.name]: input.type === 'radio' ? checked[0] : checked.length ? checked : ['none'] });
    },

    beside(path) {
        const other = OTHER_END[path];
        return other && !(other in this.said) ? { [other]: this.picture.at(other) } : {};
    },
});
