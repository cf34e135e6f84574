import { contours } from 'd3-contour';

/** How often a line is drawn toward the middle of its neighbors before it is drawn: the stairs of the grid go, the shape stays. */
const EASED = 2;

/** A closed line of the grid as a pen would draw it: eased, then through the middles of its pieces. */
export function smooth(ring) {
    let points = ring.slice(0, -1);
    for (let i = 0; i < EASED && points.length > 4; i++) {
        points = points.map(([x, y], n) => {
            const [[ax, ay], [bx, by]] = [points.at(n - 1), points[(n + 1) % points.length]];
            return [(ax + 2 * x + bx) / 4, (ay + 2 * y + by) / 4];
        });
    }
    const middle = (n) => [(points[n][0] + points[(n + 1) % points.length][0]) / 2, (points[n][1] + points[(n + 1) % points.length][1]) / 2];
    const pair = ([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`;
    return `M${pair(middle(points.length - 1))}${points.map((p, n) => `Q${pair(p)} ${pair(middle(n))}`).join('')}Z`;
}

/** The water plan: draws the depth lines from the grid that came with the page, pans and zooms by mouse, touch and keys. */
export default () => ({
    init() {
        this.svg = this.$root.querySelector('svg');
        this.home = this.svg.viewBox.baseVal;
        this.home = { x: this.home.x, y: this.home.y, width: this.home.width, height: this.home.height };
        this.at = { ...this.home };
        this.fingers = new Map();
        this.draw(JSON.parse(this.$root.querySelector('script').textContent));
        this.show();
        new ResizeObserver(() => this.name()).observe(this.svg);
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

    draw({ cols, rows, cell, depths, levels }) {
        // Unknown water is drawn as such: depth lines end before it.
        const filled = depths.map((d) => d ?? -1);
        const g = this.svg.querySelector('[data-depths]');
        const path = (rings) => rings.map((polygon) => polygon.map((ring) => smooth(ring.map(([x, y]) => [(x - 0.5) * cell, (y - 0.5) * cell]))).join('')).join('');
        const add = (attributes) => {
            const one = document.createElementNS('http://www.w3.org/2000/svg', 'path');
            Object.entries(attributes).forEach(([k, v]) => one.setAttribute(k, v));
            g.append(one);
        };
        contours().size([cols, rows]).thresholds(levels.map((l) => l || 0.05))(filled).forEach((band, i) => {
            if (band.coordinates.length) {
                add({ d: path(band.coordinates), class: `depth depth-${i}${levels[i] % 10 === 0 ? ' depth-main' : ''}` });
            }
        });
        const unknown = depths.map((d) => (d === null ? 1 : 0));
        if (unknown.includes(1)) {
            contours().size([cols, rows]).thresholds([0.5])(unknown).forEach((band) => add({ d: path(band.coordinates), class: 'depth-unknown' }));
        }
    },

    point(e) {
        const box = this.svg.getBoundingClientRect();
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
        this.svg.setAttribute('viewBox', `${this.at.x} ${this.at.y} ${this.at.width} ${this.at.height}`);
        this.svg.style.setProperty('--zoom', this.at.width / this.home.width);
        this.name();
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
        const box = this.svg.getBoundingClientRect();
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
