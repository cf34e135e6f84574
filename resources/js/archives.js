import { watch } from './watch.js';

/** Archives that are worked on. */
export default watch((root, { archives }) => {
    for (const one of archives.filter((a) => a.total > 0)) {
        const said = root.querySelector(`[data-archive="${one.id}"] [data-progress]`);
        if (said) {
            said.textContent = `${one.done.toLocaleString('en')} of ${one.total.toLocaleString('en')} rows`;
        }
    }
    return archives.every((one) => one.state !== 'waiting');
});
