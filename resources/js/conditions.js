import { waterTime } from './clock.js';
import { sendWaiting, waitingOf } from './deck/outbox.js';
import { put } from './deck/queue.js';
import { OTHER_END, instrument, tries } from './instrument.js';
import { NoSignal, SignedOut, fetchPart, send } from './wire.js';

/** So long after the last change it is asked what is worth saying next. */
const ASK_AFTER_MS = 600;

/**
 * The conditions form: sends each changed field by itself and shows the reading that comes back; what cannot be sent becomes an
 * entry of the log. It decides nothing: values go to the server as typed.
 */
export default () => ({
    notice: '',
    told: '',
    busy: false,
    unsent: {},

    async init() {
        const { trip, angler } = this.$root.dataset;
        [this.trip, this.owner] = [trip, Number(angler)];
        this.takeOver();
        this.$root.addEventListener('click', (e) => this.press(e));
        this.$root.addEventListener('change', (e) => this.changed(e.target.closest('[data-field]')));
        // What was said in the meantime stands; a late guess is not drawn over it.
        this.tried = tries(this.$root.dataset.try, (data, asked) => !this.busy && !Object.keys(asked).some((path) => path in this.unsent) && this.show(data));
        this.picture = instrument(this.$root, {
            tryOut: (path, value) => this.tried.ask({ ...this.beside(path), [path]: value }), say: (path, value) => this.handled(path, value),
        });
        this.$root.addEventListener('submit', (e) => e.preventDefault());
        window.addEventListener('online', () => this.flush());
        this.takeForecasts();
        await this.putBack();
        this.flush();
        this.ask(0);
    },

    /** A forecast is chosen or dropped anywhere on the page; it goes to the server as it is. */
    takeForecasts() {
        const place = this.$root.querySelector('[data-forecast]');
        const take = async (text) => this.forecast(place, text);
        place?.querySelector('[data-forecast-file]').addEventListener('change', async (e) => e.target.files[0] && take(await e.target.files[0].text()));
        place?.querySelector('[data-forecast-away]').addEventListener('click', () => take(''));
        this.$root.addEventListener('dragover', (e) => e.preventDefault());
        this.$root.addEventListener('drop', async (e) => {
            const file = e.dataTransfer?.files[0];
            if (file) {
                e.preventDefault();
                take(await file.text());
            }
        });
    },

    async forecast(place, text) {
        const said = place.querySelector('[data-forecast-said]');
        const { status, data } = await send('PUT', place.dataset.forecast, { text }).catch(() => ({ status: 0, data: {} }));
        if (status !== 200) {
            said.textContent = status ? `This forecast ${data.errors?.[0] ? `(${data.errors[0].path}) ${data.errors[0].message}` : (data.message ?? 'was not taken.')}` : 'No answer from the server: try again.';
            return;
        }
        said.textContent = data.hours ? `${data.hours} hours are forecast` : 'none';
        place.querySelector('[data-forecast-away]').hidden = !data.hours;
        this.drawn(data);
    },

    /** What was typed when this page was left and had not been answered. It belongs to its angler; in the first version it could only be the one whose day this is. */
    takeOver() {
        this.journal = `old-eddy-conditions-of-${this.owner}-${this.trip}`;
        const first = `old-eddy-conditions-${this.trip}`;
        this.unsent = JSON.parse(localStorage.getItem(this.journal) ?? localStorage.getItem(first) ?? '{}');
        localStorage.removeItem(first);
        this.note();
    },

    /** Written down before it is on its way: whoever leaves the page in between loses nothing. */
    note() {
        if (Object.keys(this.unsent).length) {
            localStorage.setItem(this.journal, JSON.stringify(this.unsent));
        } else {
            localStorage.removeItem(this.journal);
        }
    },

    /** What is worth saying next, asked for once the fields have come to rest: one question, of those that were not put aside. */
    ask(after = ASK_AFTER_MS) {
        const place = this.$refs?.asks;
        if (!place) {
            return;
        }
        clearTimeout(this.asking);
        this.asking = setTimeout(async () => {
            const answer = await fetchPart(place.dataset.asks);
            if (answer) {
                place.innerHTML = await answer.text();
                this.askOne();
            }
        }, after);
    },

    askOne() {
        const aside = this.aside();
        const asks = [...this.$refs.asks.querySelectorAll('[data-ask]')];
        const first = asks.find((one) => !aside.includes(one.dataset.ask));
        asks.forEach((one) => (one.hidden = one !== first));
        this.$refs.asks.querySelector('[data-asked-all]').hidden = first !== undefined;
    },

    /** What the angler does not know is not asked again on this day. */
    aside(path = null) {
        const key = `old-eddy-not-known-${this.trip}`;
        const aside = JSON.parse(localStorage.getItem(key) ?? '[]');
        if (path !== null) {
            localStorage.setItem(key, JSON.stringify([...aside, path]));
        }
        return aside;
    },

    /** Whoever takes the bottom in hand has all of it in hand: the end he leaves where it is drawn is said with the other. */
    beside(path) {
        const other = OTHER_END[path];
        const input = other && this.$root.querySelector(`[data-field="${other}"]`)?.querySelector('input');
        return input?.value === '' ? { [other]: this.picture.at(other) } : {};
    },

    /** What the hand did to the picture. */
    handled(path, value) {
        Object.entries(this.beside(path)).forEach(([other, at]) => this.say(other, at));
        this.say(path, value);
    },

    /** Says a field in the units it is shown in. */
    say(path, value) {
        this.tried.forget();
        this.unsent[path] = value;
        this.put(path, value);
        this.note();
        this.flush();
    },

    put(path, value) {
        const inputs = [...(this.$root.querySelector(`[data-field="${path}"]`)?.querySelectorAll('input, select') ?? [])];
        for (const input of inputs) {
            if (['checkbox', 'radio'].includes(input.type)) {
                input.checked = [value].flat().map(String).includes(input.value);
            } else {
                input.value = value ?? '';
            }
        }
        this.picture.follow(path, value);
    },

    /** What waits is shown as it was typed, though the page was drawn without it. */
    async putBack() {
        const queued = (await this.queue()).map(({ event }) => [event.path, event.value]);
        for (const [path, value] of [...queued, ...Object.entries(this.unsent)]) {
            this.put(path, value);
        }
    },

    /** What was said of the conditions and waits in the log's own queue. */
    async queue() {
        const queue = await waitingOf(this.trip, this.owner).catch(() => []);
        return queue.filter(({ event }) => event.kind === 'condition');
    },

    press(e) {
        const button = e.target.closest('button');
        if (button && 'here' in button.dataset) {
            this.standHere();
            return;
        }
        if (this.answered(button) || this.opened(e.target.closest('a[href^="#f-"]'))) {
            return;
        }
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

    /** Where this device is, asked for by a key and said as any other field. */
    standHere() {
        navigator.geolocation?.getCurrentPosition(
            ({ coords }) => [['lat', coords.latitude], ['lon', coords.longitude]].forEach(([path, at]) => this.say(path, Number(at.toFixed(4)))),
            () => (this.notice = 'This device does not say where it is.'),
        );
    },

    /** A key of the question, or an assumption made said. */
    answered(button) {
        const { answer, chip, value, unknown } = button?.dataset ?? {};
        if (answer) {
            Object.entries(JSON.parse(answer)).forEach(([path, said]) => this.say(path, said));
        } else if (chip) {
            this.say(chip, value);
        } else if (unknown !== undefined) {
            this.aside(button.closest('[data-ask]').dataset.ask);
            this.askOne();
        } else {
            return false;
        }
        return true;
    },

    /** A field that is folded away is opened for whoever is sent to it. */
    opened(link) {
        const group = link && document.querySelector(link.hash)?.closest('details');
        if (group) {
            group.open = true;
        }
        return Boolean(link);
    },

    changed(field) {
        if (!field) {
            return;
        }
        this.say(field.dataset.field, this.said(field));
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

    /** No signal: what was said becomes entries of the log, in its queue and with ids of their own. */
    async keep() {
        const { zone, units } = this.$root.dataset;
        for (const [path, value] of Object.entries(this.unsent)) {
            await put(this.trip, this.owner, { id: crypto.randomUUID(), at: waterTime(zone || null), kind: 'condition', path, value, units });
            // Said anew in the meantime, it goes by itself.
            if (JSON.stringify(this.unsent[path]) === JSON.stringify(value)) {
                delete this.unsent[path];
                this.note();
            }
        }
    },

    async flush() {
        if (this.busy) {
            return;
        }
        this.busy = true;
        try {
            await this.sendQueued();
            let entry;
            let last = null;
            while ((entry = Object.entries(this.unsent)[0])) {
                const [field, value] = entry;
                const { status, data } = await send('PATCH', this.$root.dataset.url, { field, value });
                // Only an answer to the value itself ends its waiting: another sign-in's "not found" does not.
                if (status !== 200 && status !== 422) {
                    await this.keptFor('The server does not take this now.');
                    return;
                }
                if (JSON.stringify(this.unsent[field]) === JSON.stringify(value)) {
                    delete this.unsent[field];
                    this.note();
                }
                this.wrong(field, status === 200 ? null : `This ${data.errors?.[0]?.message ?? data.message ?? 'was not taken.'}`);
                last = status === 200 ? data : last;
            }
            // What was said together is drawn together.
            if (last) {
                this.drawn(last);
            }
            this.notice = '';
        } catch (e) {
            if (e instanceof SignedOut) {
                await this.keptFor('You are signed out: sign in again in another tab, then change anything here.');
            } else if (e instanceof NoSignal) {
                await this.keptFor('No answer from the server.');
                clearTimeout(this.again);
                this.again = setTimeout(() => this.flush(), 5000);
            } else {
                throw e;
            }
        } finally {
            this.busy = false;
        }
    },

    async keptFor(reason) {
        try {
            await this.keep();
            this.notice = `${reason} What you changed is kept on this device and goes with the log.`;
        } catch {
            this.notice = `${reason} This device cannot keep what you changed: leave this page open.`;
        }
    },

    /** What waits goes first, or it would be laid over what is said now. */
    async sendQueued() {
        const queue = await this.queue();
        if (queue.length === 0) {
            return;
        }
        const refused = await sendWaiting(this.trip, this.owner, this.$root.dataset.log);
        if (refused === null) {
            throw new NoSignal();
        }
        const { status, data } = await send('GET', this.$root.dataset.url);
        if (status === 200) {
            this.drawn(data);
        }
        for (const { event } of queue.filter(({ event }) => refused.has(event.id))) {
            this.wrong(event.path, refused.get(event.id));
        }
    },

    /** A field and what is wrong with it; null where nothing is. */
    wrong(path, message) {
        const field = this.$root.querySelector(`[data-field="${path}"]`);
        field?.classList.toggle('wrong', message !== null);
        field?.querySelector('input, select')?.setAttribute('aria-invalid', String(message !== null));
        if (field && message !== null) {
            field.querySelector('[data-assumed]').textContent = message;
        }
    },

    /** The parts of the page that follow the water. */
    show(data) {
        for (const part of ['picture', 'season', 'reading', 'chips', 'because']) {
            if (data[part] !== undefined) {
                document.getElementById(part).innerHTML = data[part];
            }
        }
        this.picture.drawn(data);
    },

    drawn(data) {
        this.show(data);
        this.told = document.querySelector('[data-says]')?.textContent ?? '';
        this.ask();
        for (const one of this.$root.querySelectorAll('[data-field]:not(.wrong)')) {
            const name = one.dataset.field;
            const input = one.querySelector('input[type="number"]');
            const pushed = data.values[name];
            if (input && pushed !== undefined && !(name in this.unsent) && document.activeElement !== input) {
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
