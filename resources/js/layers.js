/** The files of a lake: while one is being read, asks how far it is, and draws the page anew when it is done. */
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
        const waiting = new Map((await answer.json()).layers.map((l) => [String(l.id), l]));
        for (const row of this.$root.querySelectorAll('li')) {
            const said = row.querySelector('[data-progress]');
            const layer = waiting.get(row.dataset.layer);
            if (said && (!layer || layer.stuck)) {
                clearInterval(this.timer);
                location.reload();
                return;
            }
            if (said && layer.read > 0) {
                said.textContent = `${layer.read.toLocaleString('en')} read`;
            }
        }
    },
});
