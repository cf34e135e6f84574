import { fetchPart } from './wire.js';

/** Moved so far, a finger on the tray sets its cover into the water rather than tapping it, points. */
const LIFTED = 14;

const clock = (minutes) => `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

/** The bottom has two ends: whoever takes one in hand has both, and the other is said where it is drawn. */
export const OTHER_END = { 'spot.deep_ft': 'spot.shallow_ft', 'spot.shallow_ft': 'spot.deep_ft' };

/**
 * Asks what the water would be while the hand still moves: one question is under way at a time, and of those that wait the last one wins.
 * What is said is by path; draw is given the answer and what was asked. Answers ask, and forget, which drops what waits.
 */
export function tries(url, draw) {
    let wanted = null;
    let under = false;
    return {
        async ask(said) {
            wanted = said;
            if (under) {
                return;
            }
            under = true;
            while (wanted) {
                const asked = wanted;
                wanted = null;
                const query = new URLSearchParams();
                for (const [path, value] of Object.entries(asked)) {
                    [value].flat().forEach((one) => query.append(Array.isArray(value) ? `said[${path}][]` : `said[${path}]`, one));
                }
                const answer = await fetchPart(`${url}?${query}`);
                const data = await answer?.json().catch(() => null);
                if (data) {
                    draw(data, asked);
                }
            }
            under = false;
        },
        forget() {
            wanted = null;
        },
    };
}

/** The value at a place of the picture, kept in its steps and limits. How values lie there comes from the server. */
export function valueAt(handle, share) {
    const value = Math.round((100 * share - handle.zero) / handle.per / handle.step) * handle.step;
    return Number(Math.max(handle.least, Math.min(handle.most, value)).toFixed(2));
}

/** The value after a key; null for keys that mean nothing. Up and down go the way the handle goes: a depth grows downward. */
export function valueAfter(handle, value, key) {
    const down = handle.per > 0 ? 1 : -1;
    const steps = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: down, ArrowUp: -down, PageDown: 5 * down, PageUp: -5 * down }[key];
    const stepped = (n) => Math.round((value + n * handle.step) / handle.step) * handle.step;
    const to = { Home: handle.least, End: handle.most }[key] ?? (steps === undefined ? null : stepped(steps));
    return to === null ? null : Number(Math.max(handle.least, Math.min(handle.most, to)).toFixed(2));
}

/**
 * The picture as an instrument: handles that are dragged or moved by keys, the hour and the wind, covers set from the tray. It draws
 * where the hand is and asks what becomes of it (tryOut); when the hand rests, the value is said (say). It reckons no water.
 */
export function instrument(root, { tryOut, say }) {
    const narrow = matchMedia('(max-width: 40rem)');
    let [wide, tall] = [JSON.parse(root.dataset.handles), JSON.parse(root.dataset.tall)];
    let handles = narrow.matches ? tall : wide;
    let held = null;
    const elements = [...root.querySelectorAll('[data-handle]')];
    const of = (element) => handles[element.dataset.handle];
    /** What the hand said last, until the picture says so too: an answer to what it said before does not move the handle. */
    const awaited = new Map();
    const heed = () => {
        for (const [element, value] of awaited) {
            if (Math.abs(of(element).value - value) < of(element).step / 2) {
                awaited.delete(element);
            } else {
                of(element).value = value;
            }
        }
    };

    function place(element, value) {
        const { zero, per, left, unit } = held?.element === element ? held.handle : of(element);
        element.style.left = `${left}%`;
        element.style.top = `${Math.max(0, Math.min(100, zero + per * value))}%`;
        element.setAttribute('aria-valuenow', value);
        element.setAttribute('aria-valuetext', `${value} ${unit}`);
        element.querySelector('[data-said-here]').textContent = `${value} ${unit}`;
        const line = root.querySelector(`[data-line="${element.dataset.handle}"]`);
        if (line) {
            line.style.left = `${left}%`;
            line.style.top = `${zero}%`;
            line.style.height = `${per * value}%`;
        }
    }

    const atHand = (event, handle, element) => {
        const box = element.parentElement.getBoundingClientRect();
        return valueAt(handle, (event.clientY - box.top) / box.height);
    };

    for (const element of elements) {
        element.addEventListener('pointerdown', (e) => {
            element.setPointerCapture(e.pointerId);
            held = { element, handle: of(element), value: of(element).value };
        });
        element.addEventListener('pointermove', (e) => {
            if (held?.element !== element) {
                return;
            }
            const value = atHand(e, held.handle, element);
            if (value !== held.value) {
                held.value = value;
                held.moved = true;
                place(element, value);
                tryOut(element.dataset.handle, value);
            }
        });
        const drop = () => {
            if (held?.element !== element) {
                return;
            }
            const { value, moved } = held;
            held = null;
            if (moved) {
                awaited.set(element, value);
                of(element).value = value;
                say(element.dataset.handle, value);
            }
        };
        element.addEventListener('pointerup', drop);
        element.addEventListener('pointercancel', drop);
        element.addEventListener('blur', () => awaited.delete(element));
        element.addEventListener('keydown', (e) => {
            const value = valueAfter(of(element), of(element).value, e.key);
            if (value === null) {
                return;
            }
            e.preventDefault();
            of(element).value = value;
            awaited.set(element, value);
            place(element, value);
            tryOut(element.dataset.handle, value);
            clearTimeout(element.rests);
            element.rests = setTimeout(() => say(element.dataset.handle, value), 400);
        });
    }

    for (const knob of root.querySelectorAll('[data-knob]')) {
        const value = () => (knob.dataset.knob === 'time' ? clock(Number(knob.value)) : knob.value);
        knob.addEventListener('input', () => {
            const said = knob.dataset.unit ? `${value()} ${knob.dataset.unit}` : value();
            root.querySelector(`[data-knob-said="${knob.dataset.knob}"]`).textContent = said;
            knob.setAttribute('aria-valuetext', said);
            tryOut(knob.dataset.knob, value());
        });
        knob.addEventListener('change', () => say(knob.dataset.knob, value()));
    }

    tray(root, (box) => {
        if (!box.checked) {
            box.checked = true;
            box.dispatchEvent(new Event('change', { bubbles: true }));
        }
    });

    const settle = () => {
        handles = narrow.matches ? tall : wide;
        elements.forEach((element) => place(element, of(element).value));
    };
    narrow.addEventListener?.('change', settle);
    if (narrow.matches) {
        settle();
    }

    return {
        /** Where a handle stands. */
        at: (path) => handles[path].value,
        /** The picture has another scale: handles go where their values lie now, but the one in the hand. */
        drawn(data) {
            [wide, tall] = [data.handles, data.tall];
            handles = narrow.matches ? tall : wide;
            heed();
            for (const element of elements.filter((e) => e !== held?.element)) {
                place(element, of(element).value);
            }
        },
        /** A field was said elsewhere: its knob follows. */
        follow(path, value) {
            const knob = root.querySelector(`[data-knob="${path}"]`);
            if (knob && value) {
                knob.value = path === 'time' ? String(value).split(':').reduce((sum, part) => sum * 60 + Number(part), 0) : value;
                root.querySelector(`[data-knob-said="${path}"]`).textContent = knob.dataset.unit ? `${value} ${knob.dataset.unit}` : value;
            }
        },
    };
}

/** Covers are taken from the tray into the water, by any pointer; a tap on one is its own checkbox's. */
function tray(root, set) {
    const water = root.querySelector('.read-water');
    for (const label of root.querySelectorAll('.read-tray label')) {
        label.addEventListener('pointerdown', (down) => {
            const lifted = (e) => Math.hypot(e.clientX - down.clientX, e.clientY - down.clientY) > LIFTED;
            const over = (e) => {
                const box = water.getBoundingClientRect();
                return e.clientX >= box.left && e.clientX <= box.right && e.clientY >= box.top && e.clientY <= box.bottom;
            };
            const move = (e) => water.classList.toggle('takes', lifted(e) && over(e));
            const up = (e) => {
                water.classList.remove('takes');
                window.removeEventListener('pointermove', move);
                window.removeEventListener('pointerup', up);
                window.removeEventListener('pointercancel', up);
                if (e.type === 'pointerup' && lifted(e) && over(e)) {
                    set(label.querySelector('input'));
                }
            };
            window.addEventListener('pointermove', move);
            window.addEventListener('pointerup', up);
            window.addEventListener('pointercancel', up);
        });
    }
}
