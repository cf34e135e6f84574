const APART_MS = 300;
const AWAKE = 'old-eddy-awake';

/** The part of the deck for wet hands: a double tap counts once, a buzz confirms, the screen stays on. */
export const wet = {
    lastTap: { what: '', at: 0 },
    twice: '',
    awake: localStorage.getItem(AWAKE) !== 'off',
    wakeLock: null,

    /** Whether this is a tap of its own, and not the second half of a wet one. */
    isFresh(what, now = Date.now()) {
        const fresh = this.lastTap.what !== what || now - this.lastTap.at >= APART_MS;
        this.lastTap = { what, at: now };
        this.twice = fresh ? '' : 'A double tap, counted once.';
        return fresh;
    },
    buzz(ms) {
        navigator.vibrate?.(ms);
    },
    get awakeWords() {
        return this.awake ? 'Screen stays on' : 'Screen may sleep';
    },
    get awakePressed() {
        return this.awake ? 'true' : 'false';
    },
    toggleAwake() {
        this.awake = !this.awake;
        localStorage.setItem(AWAKE, this.awake ? 'on' : 'off');
        this.keepAwake();
    },
    /** Only while it is fished, only where the browser allows, and let go with the page. */
    async keepAwake() {
        try {
            if (this.awake && this.begun && document.visibilityState === 'visible') {
                this.wakeLock ??= await navigator.wakeLock?.request('screen') ?? null;
                this.wakeLock?.addEventListener('release', () => (this.wakeLock = null));
            } else if (!this.awake) {
                await this.wakeLock?.release();
                this.wakeLock = null;
            }
        } catch {
            this.wakeLock = null;
        }
    },
};
