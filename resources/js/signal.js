/** Says when the server is gone and the page comes out of the device's own store; keeps that store the signed-in angler's own. */
const STORE = 'old-eddy-pages';

export default () => ({
    gone: false,
    drawn: '',

    async init() {
        const time = this.$root.querySelector('time');
        this.drawn = new Date(time.dataset.drawn).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
        document.querySelector('form[data-leaves]')?.addEventListener('submit', () => caches.delete(STORE));
        window.addEventListener('online', () => this.ask());
        window.addEventListener('offline', () => (this.gone = true));
        await this.ask();
        const angler = document.querySelector('meta[name="angler"]')?.content;
        if (!('serviceWorker' in navigator) || !angler) {
            return;
        }
        // Pages kept for somebody else are not shown to this angler.
        if ((localStorage.getItem('old-eddy-angler') ?? angler) !== angler) {
            await caches.delete(STORE);
        }
        localStorage.setItem('old-eddy-angler', angler);
        await navigator.serviceWorker.register('/service-worker.js');
        const worker = await navigator.serviceWorker.ready;
        const pages = [...document.querySelectorAll('nav.steps a')].map((a) => a.pathname);
        if (!this.gone && pages.length) {
            worker.active?.postMessage({ keep: ['/days', location.pathname, ...pages] });
        }
    },

    async ask() {
        this.gone = !(await fetch('/up', { cache: 'no-store' }).then((r) => r.ok, () => false));
    },
});
