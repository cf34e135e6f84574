/** Archives that are worked on: asks how far they are, and draws the page anew when one is done. */
const EVERY_MS = 1500;

export default () => ({
    init() {
        if (this.$root.dataset.waits) {
            this.timer = setInterval(() => this.ask(), EVERY_MS);
        }
    },
    destroy() {
        clearInterval(this.timer);
    },

    async ask() {
        const answer = await fetch(this.$root.dataset.url, { headers: { Accept: 'application/json' } }).catch(() => null);
        if (!answer?.ok) {
            return;
        }
        const all = (await answer.json()).archives;
        if (all.every((one) => one.state !== 'waiting')) {
            clearInterval(this.timer);
            location.reload();
            return;
        }
        for (const one of all.filter((a) => a.total > 0)) {
            const said = this.$root.querySelector(`[data-archive="${one.id}"] [data-progress]`);
            if (said) {
                said.textContent = `${one.done.toLocaleString('en')} of ${one.total.toLocaleString('en')} rows`;
            }
        }
    },
});
