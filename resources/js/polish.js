const KEPT = 'polish';

/** Polish that dries: one clock a spoon, several at once; they run on while the page is away. */
export default () => ({
    running: [],
    timers: [],
    told: '',

    init() {
        this.lasts = Number(this.$root.dataset.minutes) * 60000;
        try {
            this.running = JSON.parse(localStorage.getItem(KEPT) ?? '[]');
        } catch {
            this.running = [];
        }
        this.tick();
        setInterval(() => this.tick(), 1000);
    },
    dry(event) {
        const { dries, name } = event.currentTarget.dataset;
        this.running = [...this.running.filter((one) => one.key !== dries), { key: dries, name, until: Date.now() + this.lasts, said: false }];
        const box = this.$root.querySelector(`input[value="${dries}"]`);
        box.checked = true;
        this.tick();
    },
    done(event) {
        this.running = this.running.filter((one) => one.key !== event.currentTarget.dataset.key);
        this.tick();
    },
    tick() {
        for (const one of this.running) {
            if (!one.said && Date.now() >= one.until) {
                one.said = true;
                this.told = `${one.name} is dry: wipe it.`;
                globalThis.navigator?.vibrate?.(200);
            }
        }
        this.timers = this.running.map((one) => ({ key: one.key, name: one.name, says: left(one.until - Date.now()) }));
        localStorage.setItem(KEPT, JSON.stringify(this.running));
    },
});

/** What is left of a time in milliseconds. */
export const left = (ms) => {
    const seconds = Math.ceil(ms / 1000);
    return seconds <= 0 ? 'is dry: wipe it' : `dries ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};
