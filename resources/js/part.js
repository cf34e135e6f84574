import { fetchPart } from './wire.js';

/** A part of a page that is fetched when the rest stands; without signal its link stays. */
export default () => ({
    init() {
        const bring = async () => {
            const answer = await fetchPart(this.$root.dataset.part);
            if (answer) {
                this.$root.innerHTML = await answer.text();
            }
        };
        'requestIdleCallback' in window ? requestIdleCallback(bring, { timeout: 1500 }) : setTimeout(bring, 300);
    },
});
