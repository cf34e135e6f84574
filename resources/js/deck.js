import { drop, put, waiting } from './queue.js';
import { NoSignal, SignedOut, send } from './wire.js';

const AT_ONCE = 50;

function localTime() {
    const now = new Date();
    return new Date(now.getTime() - now.getTimezoneOffset() * 60000).toISOString().slice(0, 19);
}

/**
 * The deck: turns taps into events with ids of their own, keeps them on the device and sends them in order. Numbers on
 * the keys count what is waiting as well, so that a tap is seen at once.
 */
export default () => ({
    notice: '',
    sending: false,
    retry: null,

    init() {
        this.trip = this.$root.dataset.trip;
        this.done = [];
        this.$root.addEventListener('click', (e) => this.tap(e.target.closest('[data-log]')));
        document.addEventListener('keydown', (e) => this.key(e));
        window.addEventListener('online', () => this.flush());
        this.flush();
    },

    key(e) {
        if (e.ctrlKey || e.metaKey || e.altKey || e.target.closest('input, select, textarea')) {
            return;
        }
        const keys = { c: '[data-log="casts"]', f: '[data-kind="caught"]', l: '[data-kind="lost"]', m: '[data-kind="missed"]', b: '[data-kind="bump"]', o: '[data-kind="boil"]', w: '[data-kind="follow"]', u: '[data-log="undo"]' };
        this.tap(this.$root.querySelector(keys[e.key.toLowerCase()] ?? 'none'));
    },

    async tap(key) {
        if (!key) {
            return;
        }
        const stint = this.$root.querySelector('[data-stint]').dataset.stint || null;
        const event = { id: crypto.randomUUID(), kind: key.dataset.log, at: localTime() };
        switch (event.kind) {
            case 'casts':
                Object.assign(event, { stint, count: 1 });
                break;
            case 'contact':
                Object.assign(event, { stint, contact: crypto.randomUUID(), contact_kind: key.dataset.kind });
                break;
            case 'stint': {
                const { spot, lure, color, depth, retrieve } = key.dataset;
                if (key.getAttribute('aria-pressed') === 'true' && stint) {
                    return;
                }
                Object.assign(event, { stint: crypto.randomUUID(), spot, lure, color, depth_ft: Number(depth), retrieve });
                break;
            }
            case 'undo': {
                const target = this.done.pop() ?? this.lastKnown();
                if (!target) {
                    return;
                }
                event.target = target;
            }
        }
        if (event.kind !== 'undo') {
            this.done = [...this.done.slice(-9), event.id];
        }
        const count = key.querySelector('[data-count]');
        if (count) {
            count.textContent = Number(count.textContent) + 1;
        }
        await put(this.trip, event);
        this.flush();
    },

    lastKnown() {
        return this.$root.querySelector('.deck').dataset.last || null;
    },

    async flush() {
        if (this.sending) {
            return;
        }
        this.sending = true;
        clearTimeout(this.retry);
        try {
            let entries;
            while ((entries = await waiting(this.trip)).length) {
                const batch = entries.slice(0, AT_ONCE);
                const { status, data } = await send('POST', this.$root.dataset.url, { events: batch.map((e) => e.event) });
                if (status !== 200) {
                    this.notice = data.message ?? 'The log was not taken.';
                    return;
                }
                await drop(batch);
                const refused = data.events.filter((e) => e.became === 'refused');
                this.notice = refused.length ? `Not taken: ${refused[0].message}` : '';
                if (entries.length === batch.length && (await waiting(this.trip)).length === 0) {
                    document.getElementById('deck').innerHTML = data.html;
                }
            }
        } catch (e) {
            const left = (await waiting(this.trip)).length;
            if (e instanceof SignedOut) {
                this.notice = `You are signed out. ${left} ${left === 1 ? 'entry is' : 'entries are'} kept on this device and sent when you sign in again.`;
            } else if (e instanceof NoSignal) {
                this.notice = `No signal: ${left} ${left === 1 ? 'entry' : 'entries'} kept on this device.`;
                this.retry = setTimeout(() => this.flush(), 4000);
            } else {
                throw e;
            }
        } finally {
            this.sending = false;
        }
    },
});
