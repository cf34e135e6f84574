/** A part of a page that is fetched when the rest stands; without signal its link stays. */
export default () => ({
    init() {
        const fetchPart = async () => {
            try {
                const answer = await fetch(this.$root.dataset.part, { headers: { Accept: 'text/html' } });
                if (answer.ok && !answer.redirected) {
                    this.$root.innerHTML = await answer.text();
                }
            } catch {
                // The link to the page stays.
            }
        };
        'requestIdleCallback' in window ? requestIdleCallback(fetchPart, { timeout: 1500 }) : setTimeout(fetchPart, 300);
    },
});
