import { watch } from './watch.js';

/** Days that are added up before one can look back. */
export default watch((root, { left }) => {
    const bar = root.querySelector('progress');
    bar.value = bar.max - left;
    root.querySelector('[data-left]').textContent = left === 1 ? 'One day to go.' : `${left.toLocaleString('en')} days to go.`;
    return left <= Number(root.dataset.enough);
});
