import { waterTime } from './clock.js';
import { put } from './deck/queue.js';

const PATIENCE_MS = 3000;

/** Whether the server answers, soon. */
const reached = () => fetch('/up', { cache: 'no-store', signal: AbortSignal.timeout(PATIENCE_MS) }).then((r) => r.ok, () => false);

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
            await put(trip, Number(angler), { id: crypto.randomUUID(), at: waterTime(zone || null), ...JSON.parse(entry) });
            this.kept = 'No signal: kept on this device, sent with the log.';
        } catch {
            this.kept = 'No signal, and this device cannot keep it: do it again later.';
        }
    },
});
