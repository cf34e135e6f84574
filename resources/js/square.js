/** A link as a square code, drawn when it is needed. */
export default () => ({
    async init() {
        const { default: encode } = await import('qr');
        this.$refs.square.innerHTML = encode(this.$root.dataset.link, 'svg', { border: 2 });
    },
});
