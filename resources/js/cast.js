import { fetchPart } from './wire.js';

/** Sends the dragged cast to the server's core and shows what comes back; the newest answer wins. */
export default () => ({
    asked: 0,

    init() {
        this.$root.addEventListener('input', (e) => {
            this.moved = this.moved ?? {};
            this.moved[e.target.name] = e.target.value;
            clearTimeout(this.timer);
            this.timer = setTimeout(() => this.ask(), 40);
        });
    },

    async ask() {
        const mine = ++this.asked;
        const answer = await fetchPart(`${this.$root.dataset.url}?${new URLSearchParams(this.moved)}`);
        if (mine !== this.asked) {
            return;
        }
        if (!answer) {
            this.$refs.warnings.textContent = 'No answer from the server: the picture is the last one.';
            return;
        }
        const data = await answer.json();
        document.getElementById('lure-slice').innerHTML = data.slice;
        this.$refs.along.textContent = data.along;
        this.$refs.near.textContent = data.near;
        this.$refs.across.textContent = data.across;
        this.$refs.warnings.textContent = data.warnings.join(' ');
        for (const shown of this.$root.querySelectorAll('[data-knob]')) {
            shown.textContent = data.knobs[shown.dataset.knob];
            shown.parentElement.querySelector('input').setAttribute('aria-valuetext', shown.textContent);
        }
    },
});
