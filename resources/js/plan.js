import { made, painted, unpacked } from './depths.js';
import { fetchPart } from './wire.js';

/** The drawing reaches beyond its frame by this share of it, so that it can be moved before it is drawn again. */
const MARGIN = 0.25;
/** It is drawn again so long after the last move, milliseconds; no finer than this many points a point of the screen. */
const REST_MS = 110;
const FINEST = 1.5;
/** From this size of a cell on the screen the lake's own cells are asked for, points. */
const COARSE = 7;

/** The water plan: draws the depth lines from the grid that came with the page, pans and zooms by mouse, touch and keys. */
export default () => ({
    init() {
        this.svg = this.$root.querySelector('svg');
        this.canvas = this.$root.querySelector('canvas');
        this.sheet = this.$root.querySelector('.plan-sheet');
        this.moved = this.$root.querySelector('.plan-moved');
        this.home = this.svg.viewBox.baseVal;
        this.home = { x: this.home.x, y: this.home.y, width: this.home.width, height: this.home.height };
        this.at = { ...this.home };
        this.fingers = new Map();
        this.given = JSON.parse(this.$root.querySelector('script').textContent);
        this.grid = { ...made(this.given, this.given.rise), cell: this.given.cell, x: 0, y: 0 };
        this.commit();
        // At once as it fits, then as fine as the screen is, with room to be moved.
        this.settle(1, 0);
        let isFirst = true;
        new ResizeObserver(() => {
            if (!isFirst) {
                this.settle();
            }
            isFirst = false;
        }).observe(this.svg);
        this.resting = setTimeout(() => this.settle(), 2 * REST_MS);
        // Another scheme has other inks.
        new MutationObserver(() => this.settle()).observe(document.documentElement, { attributes: true, attributeFilter: ['data-scheme'] });
        this.link();
        this.svg.addEventListener('wheel', (e) => {
            e.preventDefault();
            this.zoom(e.deltaY < 0 ? 0.8 : 1.25, ...this.point(e));
        }, { passive: false });
        this.svg.addEventListener('pointerdown', (e) => this.fingers.set(e.pointerId, e));
        window.addEventListener('pointerup', (e) => this.fingers.delete(e.pointerId));
        window.addEventListener('pointercancel', (e) => this.fingers.delete(e.pointerId));
        this.svg.addEventListener('pointermove', (e) => this.move(e));
        this.svg.addEventListener('keydown', (e) => this.key(e));
    },

    /** List and plan are one: what is under the hand or in focus here is lit there. */
    link() {
        const light = (e) => {
            const place = e.target.closest?.('[data-place]')?.dataset.place;
            document.querySelectorAll('[data-place]').forEach((one) => one.classList.toggle('lit', one.dataset.place === place));
        };
        ['pointerover', 'focusin'].forEach((on) => document.getElementById('main').addEventListener(on, light));
    },

    /** How the plan lies on the screen: points a metre, and where its corner is. */
    scale() {
        const [wide, high] = [this.svg.clientWidth, this.svg.clientHeight];
        const perMetre = Math.min(wide / this.at.width, high / this.at.height);
        return { wide, high, perMetre, left: (wide - this.at.width * perMetre) / 2, top: (high - this.at.height * perMetre) / 2 };
    },
    /** Draws the depths anew where the plan has come to rest, and lets the names find their places. */
    settle(fine = Math.min(FINEST, window.devicePixelRatio || 1), margin = MARGIN) {
        this.commit();
        const { wide, high, perMetre, left, top } = this.scale();
        if (!wide || !high) {
            return;
        }
        this.$root.classList.remove('moving');
        const [beyondX, beyondY] = [Math.round(wide * margin), Math.round(high * margin)];
        const [across, down] = [Math.round((wide + 2 * beyondX) * fine), Math.round((high + 2 * beyondY) * fine)];
        const metres = 1 / (perMetre * fine);
        const view = { x: this.at.x - (left + beyondX) / perMetre, y: this.at.y - (top + beyondY) / perMetre, metres, wide: across, high: down };
        const { canvas } = this;
        [canvas.width, canvas.height] = [across, down];
        canvas.getContext('2d').putImageData(new ImageData(painted(this.grid, view, this.look()), across, down), 0, 0);
        Object.assign(canvas.style, { width: `${wide + 2 * beyondX}px`, height: `${high + 2 * beyondY}px`, left: `${-beyondX}px`, top: `${-beyondY}px`, transform: '' });
        this.drawn = { x: view.x, y: view.y, perMetre, beyondX, beyondY };
        this.name();
        this.$root.dataset.drawn = this.grid.isWhole ? 'whole' : 'coarse';
        if (!this.grid.isWhole && this.grid.cell * perMetre > COARSE) {
            this.askWhole();
        }
    },
    /** Inks and water as the page has them now. */
    look() {
        const style = getComputedStyle(this.svg);
        const probe = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
        const ink = (color) => {
            probe.fillStyle = color;
            probe.fillRect(0, 0, 1, 1);
            return [...probe.getImageData(0, 0, 1, 1).data.slice(0, 3)];
        };
        const value = (name, otherwise) => style.getPropertyValue(name).trim() || otherwise;
        const dark = ink(value('--ink', '#000'));
        return {
            // The waterline of the chart is drawn as its shoreline, where there is one.
            levels: this.given.levels, first: this.given.rise === 0 && this.svg.querySelector('.plan-shore') ? 1 : 0, paper: ink(value('--paper', '#fff')), ink: dark, water: value('--water', '') ? ink(value('--water')) : dark,
            tone: Number(value('--tone', '0.035')),
        };
    },
    /** The lake's own cells, once somebody looks closely; without signal the coarser ones do. */
    async askWhole() {
        if (this.asked || !this.$root.dataset.cells) {
            return;
        }
        this.asked = true;
        const answer = await fetchPart(this.$root.dataset.cells);
        this.asked = answer !== null;
        const whole = answer && unpacked(await answer.arrayBuffer(), this.given);
        if (whole && whole.cell < this.given.cell) {
            this.grid = { ...made(whole, this.given.rise), cell: whole.cell, x: whole.x, y: whole.y, isWhole: true };
            this.settle();
        }
    },

    point(e) {
        const box = this.sheet.getBoundingClientRect();
        return [(e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height];
    },
    zoom(by, x = 0.5, y = 0.5) {
        const width = Math.max(this.home.width / 20, Math.min(this.home.width, this.at.width * by));
        const share = width / this.at.width;
        this.at = { x: this.at.x + x * this.at.width * (1 - share), y: this.at.y + y * this.at.height * (1 - share), width, height: this.at.height * share };
        this.show();
    },
    pan(x, y) {
        this.at.x += x * this.at.width;
        this.at.y += y * this.at.height;
        this.show();
    },
    show() {
        this.at.x = Math.max(this.home.x, Math.min(this.home.x + this.home.width - this.at.width, this.at.x));
        this.at.y = Math.max(this.home.y, Math.min(this.home.y + this.home.height - this.at.height, this.at.y));
        if (this.shown) {
            return;
        }
        // No oftener than the screen shows it.
        this.shown = requestAnimationFrame(() => {
            this.shown = null;
            const { perMetre, left, top } = this.scale();
            if (this.at.width === this.seen.width) {
                // Only moved: the drawing is shifted as it is.
                const [x, y] = [(this.seen.x - this.at.x) * perMetre, (this.seen.y - this.at.y) * perMetre];
                this.moved.style.transform = `translate(${x}px, ${y}px)`;
                if (this.drawn && (Math.abs(x) > this.drawn.beyondX || Math.abs(y) > this.drawn.beyondY)) {
                    // Past what was drawn: roughly, for the hand goes on.
                    this.settle(1);
                }
            } else {
                this.commit();
                if (this.drawn) {
                    const share = perMetre / this.drawn.perMetre;
                    const [x, y] = [left + (this.drawn.x - this.at.x) * perMetre + this.drawn.beyondX, top + (this.drawn.y - this.at.y) * perMetre + this.drawn.beyondY];
                    this.canvas.style.transform = `translate(${x}px, ${y}px) scale(${share})`;
                }
            }
            this.$root.classList.add('moving');
            clearTimeout(this.resting);
            this.resting = setTimeout(() => this.settle(), REST_MS);
        });
    },
    /** The window of the drawing becomes the one that is looked through. */
    commit() {
        this.seen = { ...this.at };
        this.svg.setAttribute('viewBox', `${this.at.x} ${this.at.y} ${this.at.width} ${this.at.height}`);
        this.svg.style.setProperty('--zoom', this.at.width / this.home.width);
        this.moved.style.transform = '';
    },
    /** Names that would lie on another mark or name go to its other side, or wait until one comes closer. The marks come best first. */
    name() {
        const room = this.svg.getBoundingClientRect().width;
        const scale = room / this.at.width;
        const marks = [...this.svg.querySelectorAll('.plan-spot')].map((mark) => {
            const { e, f } = mark.transform.baseVal.consolidate().matrix;
            return { words: mark.querySelector('.plan-name'), x: (e - this.at.x) * scale, y: (f - this.at.y) * scale, rank: Number(mark.dataset.rank ?? 999) };
        }).sort((a, b) => a.rank - b.rank);
        const taken = marks.map(({ x, y }) => [x - 12, y - 12, x + 12, y + 12]);
        // A name keeps off the numbers of a route's legs where it can.
        const legs = [...this.svg.querySelectorAll('.plan-leg-number')].map((leg) => {
            const [x, y] = [(Number(leg.getAttribute('x')) - this.at.x) * scale, (Number(leg.getAttribute('y')) - this.at.y) * scale];
            return [x - 9, y - 9, x + 9, y + 9];
        });
        marks.forEach(({ words, x, y }, own) => {
            const wide = 7 * words.textContent.length;
            const sides = [['start', 18, [x + 15, y - 7, x + 18 + wide, y + 7]], ['end', -18, [x - 18 - wide, y - 7, x - 15, y + 7]]];
            const clear = ([left, top, right, bottom], boxes) => !boxes.some(([l, t, r, b], i) => !(boxes === taken && i === own) && l < right && r > left && t < bottom && b > top);
            const fit = sides.filter(([, , box]) => box[0] >= 0 && box[2] <= room && clear(box, taken));
            const free = fit.find(([, , box]) => clear(box, legs)) ?? fit[0];
            words.style.display = free ? '' : 'none';
            if (free) {
                words.setAttribute('text-anchor', free[0]);
                words.setAttribute('x', free[1]);
                taken.push(free[2]);
            }
        });
    },
    move(e) {
        const before = this.fingers.get(e.pointerId);
        if (!before || (e.pointerType === 'mouse' && e.buttons === 0)) {
            return;
        }
        const box = this.sheet.getBoundingClientRect();
        const others = [...this.fingers.values()].filter((f) => f.pointerId !== e.pointerId);
        if (others.length) {
            const apart = (f) => Math.hypot(f.clientX - others[0].clientX, f.clientY - others[0].clientY);
            this.zoom(Math.max(0.5, Math.min(2, apart(before) / Math.max(1, apart(e)))), ...this.point(others[0]));
        } else {
            this.pan((before.clientX - e.clientX) / box.width, (before.clientY - e.clientY) / box.height);
        }
        this.fingers.set(e.pointerId, e);
    },
    key(e) {
        const by = { ArrowLeft: [-0.1, 0], ArrowRight: [0.1, 0], ArrowUp: [0, -0.1], ArrowDown: [0, 0.1] }[e.key];
        if (by) {
            this.pan(...by);
        } else if (e.key === '+' || e.key === '=') {
            this.zoom(0.8);
        } else if (e.key === '-') {
            this.zoom(1.25);
        } else if (e.key === '0') {
            this.at = { ...this.home };
            this.show();
        } else {
            return;
        }
        e.preventDefault();
    },
    closer() {
        this.zoom(0.7);
    },
    farther() {
        this.zoom(1.4);
    },
});
