import { forgetOthers } from './deck/queue.js';

/** Says when the server is gone and the page comes out of the device's own store; keeps that store the signed-in angler's own. */
export default () => ({
    gone: false,
    drawn: '',

    async init() {
        const time = this.$root.querySelector('time');
        this.drawn = new Date(time.dataset.drawn).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
        document.querySelector('form[data-leaves]')?.addEventListener('submit', () => navigator.serviceWorker?.controller?.postMessage({ leaves: true }));
        window.addEventListener('online', () => this.ask());
        window.addEventListener('offline', () => (this.gone = true));
        await this.ask();
        const angler = document.querySelector('meta[name="angler"]')?.content;
        if (!angler) {
            return;
        }
        // What this device drew for somebody else is forgotten; what somebody else has not sent yet waits for him.
        forgetOthers(Number(angler)).catch(() => {});
        if (!('serviceWorker' in navigator)) {
            return;
        }
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
