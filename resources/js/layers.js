import { watch } from './watch.js';

/** The files of a lake: while one is being read, how much of it was. */
export default watch((root, { layers }) => {
    const waiting = new Map(layers.map((l) => [String(l.id), l]));
    for (const row of root.querySelectorAll('li')) {
        const said = row.querySelector('[data-progress]');
        const layer = waiting.get(row.dataset.layer);
        if (said && (!layer || layer.stuck)) {
            return true;
        }
        if (said && layer.read > 0) {
            said.textContent = `${layer.read.toLocaleString('en')} read`;
        }
    }
    return false;
});
