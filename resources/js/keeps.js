import { waterTime } from './clock.js';
import { put } from './deck/queue.js';

const PATIENCE_MS = 3000;

/** Whether the server answers, soon. */
const reached = () => fetch('/up', { cache: 'no-store', signal: AbortSignal.timeout(PATIENCE_MS) }).then((r) => r.ok, () => false);

/** What a form says, field by field, as it was typed; "wish[7]" is said as "wish.7". */
const typed = (form) => Object.fromEntries([...new FormData(form)].filter(([name]) => name !== '_token').map(([name, value]) => [name.replace(/\[(\w+)\]/g, '.$1'), value]));

/** A form that becomes an entry of the log where there is no signal: same queue, same ids. The deck sends it. */
export default () => ({
    kept: '',

    async submit(e) {
        e.preventDefault();
        const form = e.target;
        if (await reached()) {
            form.submit();
            return;
        }
        const { trip, angler, entry, zone } = form.dataset;
        try {
            await put(trip, Number(angler), { id: crypto.randomUUID(), at: waterTime(zone || null), ...JSON.parse(entry), ...('whole' in form.dataset ? { form: typed(form) } : {}) });
            this.kept = 'No signal: kept on this device, sent with the log.';
        } catch {
            this.kept = 'No signal, and this device cannot keep it: do it again later.';
        }
    },
});
