import { NoSignal, SignedOut, send } from './wire.js';

/** So long after the last change it is asked what is worth saying next. */
const ASK_AFTER_MS = 600;

/**
 * The conditions form: sends each changed field by itself, shows the reading that comes back, and keeps what could not
 * be sent until it can. It decides nothing: values go to the server as typed.
 */
export default () => ({
    notice: '',
    busy: false,
    waiting: {},

    init() {
        // What waits belongs to its angler. Before it did, it could only be the one whose day this is.
        const before = `old-eddy-conditions-${this.$root.dataset.trip}`;
        this.kept = `old-eddy-conditions-of-${document.querySelector('meta[name="angler"]').content}-${this.$root.dataset.trip}`;
        this.waiting = JSON.parse(localStorage.getItem(this.kept) ?? localStorage.getItem(before) ?? '{}');
        localStorage.removeItem(before);
        this.keep();
        this.putBack();
        this.$root.addEventListener('click', (e) => this.press(e));
        this.$root.addEventListener('change', (e) => this.changed(e.target.closest('[data-field]')));
        this.$root.addEventListener('submit', (e) => e.preventDefault());
        window.addEventListener('online', () => this.flush());
        this.flush();
        this.ask(0);
    },

    /** What is worth saying next, asked for once the fields have come to rest. */
    ask(after = ASK_AFTER_MS) {
        const place = this.$refs?.asks;
        if (!place) {
            return;
        }
        clearTimeout(this.asking);
        this.asking = setTimeout(async () => {
            const answer = await fetch(place.dataset.asks).catch(() => null);
            if (answer?.ok) {
                place.innerHTML = await answer.text();
            }
        }, after);
    },

    /** What waits is shown as it was typed, though the page was drawn without it. */
    putBack() {
        for (const [path, value] of Object.entries(this.waiting)) {
            const inputs = [...(this.$root.querySelector(`[data-field="${path}"]`)?.querySelectorAll('input, select') ?? [])];
            for (const input of inputs) {
                if (['checkbox', 'radio'].includes(input.type)) {
                    input.checked = [value].flat().includes(input.value);
                } else {
                    input.value = value ?? '';
                }
            }
        }
    },

    press(e) {
        const button = e.target.closest('button');
        const field = button?.closest('[data-field]');
        if (!field) {
            return;
        }
        const input = field.querySelector('input');
        if ('clear' in button.dataset) {
            input.value = '';
        } else {
            const from = input.value === '' ? Number(input.placeholder) || Number(input.dataset.start) : Number(input.value);
            const step = Number(button.dataset.step);
            const to = Math.round(from / Math.abs(step)) * Math.abs(step) + step;
            input.value = Number(Math.max(Number(input.min), Math.min(Number(input.max), to)).toFixed(2));
        }
        clearTimeout(field.timer);
        field.timer = setTimeout(() => this.changed(field), 150);
    },

    changed(field) {
        if (!field) {
            return;
        }
        this.waiting[field.dataset.field] = this.said(field);
        this.keep();
        this.flush();
    },

    said(field) {
        const inputs = [...field.querySelectorAll('input, select')];
        switch (field.dataset.kind) {
            case 'choices':
                return inputs.filter((i) => i.checked).map((i) => i.value);
            case 'choice':
            case 'switch':
                return inputs.find((i) => i.checked)?.value || null;
            default:
                return inputs[0].value === '' ? null : inputs[0].value;
        }
    },

    keep() {
        if (Object.keys(this.waiting).length) {
            localStorage.setItem(this.kept, JSON.stringify(this.waiting));
        } else {
            localStorage.removeItem(this.kept);
        }
    },

    async flush() {
        if (this.busy) {
            return;
        }
        this.busy = true;
        try {
            let entry;
            while ((entry = Object.entries(this.waiting)[0])) {
                const [field, value] = entry;
                const { status, data } = await send('PATCH', this.$root.dataset.url, { field, value });
                // Only an answer to the value itself ends its waiting: another sign-in's "not found" does not.
                if (status !== 200 && status !== 422) {
                    this.notice = 'The server does not take this now. What you changed is kept on this device.';
                    return;
                }
                if (JSON.stringify(this.waiting[field]) === JSON.stringify(value)) {
                    delete this.waiting[field];
                    this.keep();
                }
                this.shown(field, status, data);
            }
            this.notice = '';
        } catch (e) {
            if (e instanceof SignedOut) {
                this.notice = 'You are signed out. What you changed is kept on this device: sign in again in another tab, then change anything here.';
            } else if (e instanceof NoSignal) {
                this.notice = 'No answer from the server. What you changed is kept and sent when it answers.';
                setTimeout(() => this.flush(), 5000);
            } else {
                throw e;
            }
        } finally {
            this.busy = false;
        }
    },

    shown(path, status, data) {
        const field = this.$root.querySelector(`[data-field="${path}"]`);
        const wrong = status !== 200;
        field?.classList.toggle('wrong', wrong);
        field?.querySelector('input, select')?.setAttribute('aria-invalid', String(wrong));
        if (wrong) {
            const message = data.errors?.[0]?.message ?? data.message ?? 'was not taken.';
            if (field) {
                field.querySelector('[data-assumed]').textContent = `This ${message}`;
            }
            return;
        }
        document.getElementById('reading').innerHTML = data.html;
        this.ask();
        for (const one of this.$root.querySelectorAll('[data-field]:not(.wrong)')) {
            const name = one.dataset.field;
            const input = one.querySelector('input[type="number"]');
            const pushed = data.values[name];
            if (input && pushed !== undefined && !(name in this.waiting) && document.activeElement !== input) {
                input.value = pushed ?? '';
            }
            const assumed = data.assumed[name];
            one.querySelector('[data-assumed]').textContent = assumed === undefined ? '' : `assumed ${assumed}`;
            if (input && assumed !== undefined) {
                input.placeholder = assumed;
            }
        }
    },
});
