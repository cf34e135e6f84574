/** The spread under the hand: what is moved goes to the server's core, the drawings and depths come back; the newest answer wins. */
export default () => ({
    asked: 0,

    init() {
        this.$root.addEventListener('input', () => {
            clearTimeout(this.timer);
            this.timer = setTimeout(() => this.ask(), 40);
        });
        const above = this.$root.querySelector('[data-part="above"]');
        above.addEventListener('pointerdown', (down) => this.take(above, down));
    },

    /** A lure that is dragged along its line lets line out or takes it in. */
    take(above, down) {
        const key = down.target.closest('[data-line]')?.dataset.line;
        if (!key) {
            return;
        }
        down.preventDefault();
        above.setPointerCapture(down.pointerId);
        const svg = above.querySelector('svg');
        const feet = (Number(svg.dataset.feet) * svg.viewBox.baseVal.width) / svg.getBoundingClientRect().width;
        const out = this.$root.querySelector(`[data-out="${key}"]`);
        const from = Number(out.value);
        // The slider is in the angler's unit; the drawing says feet.
        const perFoot = Number(out.max) / Number(out.dataset.feet);
        const move = (e) => {
            out.value = from + (e.clientY - down.clientY) * feet * perFoot;
            out.dispatchEvent(new Event('input', { bubbles: true }));
        };
        above.addEventListener('pointermove', move);
        const end = () => above.removeEventListener('pointermove', move);
        above.addEventListener('pointerup', end, { once: true });
        above.addEventListener('pointercancel', end, { once: true });
    },

    async ask() {
        const mine = ++this.asked;
        const form = new FormData(this.$root);
        ['_token', '_method'].forEach((name) => form.delete(name));
        const answer = await fetch(`${this.$root.dataset.url}?${new URLSearchParams(form)}`, { headers: { Accept: 'application/json' } }).catch(() => null);
        const data = await answer?.json().catch(() => null);
        if (mine !== this.asked) {
            return;
        }
        const wrong = answer?.ok ? [] : (data?.errors?.map?.(({ path, message }) => `${path}: ${message}`) ?? ['No answer from the server: the picture is the last one.']);
        this.$refs.trouble.hidden = wrong.length === 0;
        this.$refs.trouble.textContent = wrong.join(' ');
        for (const part of this.$root.querySelectorAll('[data-part]')) {
            part.innerHTML = data?.parts?.[part.dataset.part] ?? part.innerHTML;
        }
        for (const said of this.$root.querySelectorAll('[data-said]')) {
            said.textContent = data?.said?.[said.dataset.said] ?? said.textContent;
        }
    },
});
