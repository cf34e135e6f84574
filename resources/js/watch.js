import { fetchPart } from './wire.js';

/** Long work that a page waits for: asks how far it is, and draws the page anew when it is done. */
const EVERY_MS = 1500;

/** @param {(root: Element, told: object) => boolean} done writes what was told beside each, and says whether there is nothing more to wait for */
export const watch = (done) => () => ({
    init() {
        if (this.$root.dataset.waits) {
            this.timer = setInterval(() => this.ask(), EVERY_MS);
        }
    },
    destroy() {
        clearInterval(this.timer);
    },

    async ask() {
        const answer = await fetchPart(this.$root.dataset.url);
        if (answer && done(this.$root, await answer.json())) {
            clearInterval(this.timer);
            location.reload();
        }
    },
});
