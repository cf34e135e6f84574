import { NoSignal, SignedOut, send } from '../wire.js';
import { metresFrom } from '../ground.js';
import { apart, Drawing, FEET_PER_M, isRing, scaleBar, thinned } from './drawing.js';
import { PictureBelow } from './picture.js';
import { Walk } from './walk.js';

const SVG = 'http://www.w3.org/2000/svg';
/** How near a hand must come, points of the screen; a drag shorter than this is a tap; a freehand line is as exact as this. */
const NEAR = 20;
const TAP = 6;
const EXACT = 1.5;

/** The sheet a water is drawn on: by mouse, finger, keys, or by walking its shore. */
class Sheet {
    constructor(root) {
        this.root = root;
        this.svg = root.querySelector('svg');
        this.form = root.querySelector('form');
        this.given = JSON.parse(root.querySelector('script').textContent);
        this.kinds = new Map(this.given.kinds.map((k) => [k.key, k]));
        this.key = `old-eddy-sketch-${this.given.id}`;
        const draft = this.draft();
        this.drawing = new Drawing(draft?.drawing ?? this.given.drawing);
        this.number = draft?.number ?? this.given.number;
        this.line = [];
        this.fingers = new Map();
        this.cross = [0, 0];
        this.picture = new PictureBelow(this, draft?.placing ?? this.given.placing);
        this.walk = null;
        this.whole();
        this.listen();
        if (draft) {
            this.say('What you drew last on this device is here; it is not kept yet.');
            this.part('drop').hidden = false;
        }
        new ResizeObserver(() => this.show()).observe(this.svg);
        this.draw();
        root.dataset.ready = 'yes';
    }

    part(name) {
        return this.root.querySelector(`[data-part="${name}"]`);
    }
    say(words) {
        this.part('said').textContent = words;
    }
    get tool() {
        return this.form.elements.tool.value;
    }
    get kind() {
        return this.kinds.get(this.tool);
    }
    get perPoint() {
        return this.view.metres / this.svg.clientWidth;
    }

    /** What was drawn on this device and not kept; where the server has gone on since, it is still there to be looked at. */
    draft() {
        try {
            const draft = JSON.parse(localStorage.getItem(this.key));
            return draft?.drawing?.things ? draft : null;
        } catch {
            return null;
        }
    }
    remember() {
        try {
            localStorage.setItem(this.key, JSON.stringify({ drawing: this.drawing.told, number: this.number, placing: this.picture.placing }));
            this.part('drop').hidden = false;
        } catch {
            this.say('This device keeps no drafts: keep the water often.');
        }
    }

    /** The whole drawing in sight, or a sheet of about a pond's size. */
    whole() {
        const { rings, spots } = this.given.known;
        const points = [
            ...this.drawing.things.flatMap((t) => t.points), ...rings.flat().map(([lon, lat]) => metresFrom(this.drawing, { lat, lon })), ...spots.map((s) => metresFrom(this.drawing, s)),
        ];
        const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
        const [wide, high] = points.length > 1 ? [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)] : [0, 0];
        const ratio = this.svg.clientWidth / Math.max(1, this.svg.clientHeight);
        const metres = wide + high === 0 ? 400 : 1.15 * Math.max(wide, high * ratio, 40);
        const middle = (v) => (v.length ? (Math.max(...v) + Math.min(...v)) / 2 : 0);
        this.view = { x: middle(xs), y: middle(ys), metres };
        this.cross = [this.view.x, this.view.y];
    }

    listen() {
        const at = (e) => {
            const box = this.svg.getBoundingClientRect();
            return [this.view.x + (e.clientX - box.left - box.width / 2) * this.perPoint, this.view.y - (e.clientY - box.top - box.height / 2) * this.perPoint];
        };
        this.svg.addEventListener('pointerdown', (e) => {
            this.svg.setPointerCapture(e.pointerId);
            this.fingers.set(e.pointerId, e);
            this.from = { screen: [e.clientX, e.clientY], at: at(e), moved: false, view: { ...this.view } };
            if (this.fingers.size > 1) {
                this.stroke = null;
            } else {
                this.down(at(e));
            }
        });
        this.svg.addEventListener('pointermove', (e) => {
            const before = this.fingers.get(e.pointerId);
            if (!before) {
                return;
            }
            if (this.fingers.size > 1) {
                this.pinch(before, e);
            } else if (apart(this.from.screen, [e.clientX, e.clientY]) > TAP || this.from.moved) {
                this.from.moved = true;
                this.drag(at(e), before, e);
            }
            this.fingers.set(e.pointerId, e);
        });
        const up = (e) => {
            if (this.fingers.delete(e.pointerId) && this.fingers.size === 0 && this.from) {
                this.up(at(e));
                this.from = null;
            }
        };
        this.svg.addEventListener('pointerup', up);
        this.svg.addEventListener('pointercancel', (e) => {
            this.fingers.delete(e.pointerId);
            [this.stroke, this.from] = [null, null];
            this.draw();
        });
        this.svg.addEventListener('wheel', (e) => {
            e.preventDefault();
            this.zoom(e.deltaY < 0 ? 0.8 : 1.25, at(e));
        }, { passive: false });
        this.svg.addEventListener('keydown', (e) => this.typed(e));
        this.form.addEventListener('change', (e) => this.chosen(e.target));
        this.form.addEventListener('submit', (e) => {
            e.preventDefault();
            this.keep();
        });
        this.root.addEventListener('click', (e) => {
            const button = e.target.closest('[data-do]');
            if (button) {
                this[button.dataset.do](button.dataset.index);
            }
        });
        this.chosen(this.form.elements.tool[0]);
    }

    down(at) {
        this.stroke = null;
        this.held = null;
        if (this.picture.takes(at)) {
            return;
        }
        if (this.tool === 'hand') {
            this.held = this.drawing.nearest(at, NEAR * this.perPoint);
        } else if (this.kind && this.kind.most > 2) {
            this.stroke = [at];
        }
    }
    drag(at, before, e) {
        if (this.picture.isHeld()) {
            this.picture.drag(at);
        } else if (this.held) {
            this.held.to = at;
        } else if (this.stroke) {
            if (apart(this.stroke.at(-1), at) > 3 * this.perPoint) {
                this.stroke.push(at);
            }
        } else if (this.tool === 'hand' || !this.kind) {
            this.view.x -= (e.clientX - before.clientX) * this.perPoint;
            this.view.y += (e.clientY - before.clientY) * this.perPoint;
        } else if (this.kind.most === 2) {
            this.stretch = [this.from.at, at];
        }
        this.draw();
    }
    up(at) {
        if (this.picture.isHeld()) {
            this.picture.release();
            this.remember();
        } else if (this.held?.to) {
            const thing = this.drawing.things[this.held.thing];
            this.drawing.replace(this.held.thing, { ...thing, points: thing.points.map((p, i) => (i === this.held.point ? this.held.to : p)) });
            this.changed();
        } else if (this.from.moved && this.stroke) {
            this.line.push(...thinned(this.stroke, EXACT * this.perPoint));
            this.closeWhenRound(this.stroke.length > 8, this.line.at(-1), 2 * NEAR);
        } else if (this.stretch) {
            this.line = this.stretch;
            this.end();
        } else if (!this.from.moved) {
            this.tap(at);
        }
        [this.held, this.stroke, this.stretch] = [null, null, null];
        this.draw();
    }

    tap(at) {
        if (this.tool === 'rub') {
            const index = this.drawing.thingAt(at, NEAR * this.perPoint);
            if (index >= 0) {
                this.drawing.rub(index);
                this.changed();
            }
        } else if (this.kind) {
            if (this.kind.most === 1) {
                this.line = [at];
                this.end();
            } else if (!this.closeWhenRound(true, at)) {
                this.line.push(at);
                if (this.kind.most === 2 && this.line.length === 2) {
                    this.end();
                }
            }
        }
        this.draw();
    }
    /** A line that comes back to where it began is closed. */
    closeWhenRound(mayClose, at, near = NEAR) {
        const round = mayClose && isRing(this.tool) && this.line.length >= 3 && apart(this.line[0], at) < near * this.perPoint;
        if (round) {
            if (apart(this.line[0], this.line.at(-1)) < NEAR * this.perPoint && this.line.length > 3) {
                this.line.pop();
            }
            this.end();
        }
        return round;
    }

    /** The line that is being drawn becomes a thing of the tool it is drawn with. */
    end(kind = this.kind) {
        if (!kind || this.line.length < kind.least) {
            this.say(kind && this.line.length ? `Needs ${kind.least} points.` : 'Nothing is being drawn.');
            return;
        }
        const { ft, called, structure, cover } = this.form.elements;
        const thing = { kind: kind.key, points: this.line };
        if (kind.feet || (kind.key === 'spot' && ft.value !== '')) {
            const value = Number(ft.value.replace(',', '.'));
            if (ft.value === '' || !(value >= 0)) {
                this.say('Say how much first.');
                ft.setAttribute('aria-invalid', 'true');
                ft.focus();
                return;
            }
            thing.ft = Math.round(value * (this.given.metric ? FEET_PER_M : 1) * 100) / 100;
        }
        if (called.value.trim() && ['spot', 'dock', 'creek', 'section'].includes(kind.key)) {
            thing.name = called.value.trim().slice(0, 80);
            called.value = '';
        }
        if (kind.key === 'section' && !thing.name) {
            this.say('A section needs a name: write it first.');
            called.focus();
            return;
        }
        if (kind.key === 'spot') {
            Object.assign(thing, structure.value && { structure: structure.value }, cover.value && { cover: cover.value });
        }
        // There is one ramp.
        const others = kind.key === 'ramp' ? this.drawing.things.filter((t) => t.kind !== 'ramp') : this.drawing.things;
        this.drawing.change([...others, thing]);
        this.line = [];
        this.say('');
        this.changed();
    }
    /** Another tool ends what was being drawn with the last one; too short, it was a slip. */
    leave() {
        if (this.last && this.line.length >= this.last.least) {
            this.end(this.last);
        }
        this.line = [];
    }
    takeBack() {
        this.line.pop();
        this.draw();
    }
    undo() {
        if (this.line.length) {
            this.line = [];
        } else if (!this.drawing.undo()) {
            this.say('Nothing to take back.');
        }
        this.changed();
    }
    redo() {
        this.drawing.redo();
        this.changed();
    }
    rubOne(index) {
        this.drawing.rub(Number(index));
        this.changed();
    }
    changed() {
        this.remember();
        this.draw();
    }

    /** The same by keys: a cross is moved, and sets points where it stands. */
    typed(e) {
        const far = (e.shiftKey ? 1 : 12) * this.perPoint;
        const by = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, far], ArrowDown: [0, -far] }[e.key];
        const does = {
            Enter: () => this.tap([...this.cross]), c: () => this.end(), Backspace: () => this.takeBack(), Escape: () => (this.line = []),
            '+': () => this.zoom(0.8, this.cross), '=': () => this.zoom(0.8, this.cross), '-': () => this.zoom(1.25, this.cross), 0: () => this.whole(),
        }[e.key];
        if (by) {
            this.cross = [this.cross[0] + by[0], this.cross[1] + by[1]];
            // The sheet goes along where the cross would leave it.
            const room = [0.45 * this.view.metres, 0.45 * this.svg.clientHeight * this.perPoint];
            this.view.x = Math.max(this.cross[0] - room[0], Math.min(this.cross[0] + room[0], this.view.x));
            this.view.y = Math.max(this.cross[1] - room[1], Math.min(this.cross[1] + room[1], this.view.y));
        } else if (e.key === 'z' && (e.ctrlKey || e.metaKey)) {
            this[e.shiftKey ? 'redo' : 'undo']();
        } else if (does && !e.ctrlKey && !e.metaKey) {
            does();
        } else {
            return;
        }
        e.preventDefault();
        this.draw();
    }

    zoom(by, [x, y]) {
        const metres = Math.max(15, Math.min(60_000, this.view.metres * by));
        const share = metres / this.view.metres;
        this.view = { x: x + (this.view.x - x) * share, y: y + (this.view.y - y) * share, metres };
        this.draw();
    }
    closer() {
        this.zoom(0.7, [this.view.x, this.view.y]);
    }
    farther() {
        this.zoom(1.4, [this.view.x, this.view.y]);
    }
    all() {
        this.whole();
        this.draw();
    }
    pinch(before, e) {
        const other = [...this.fingers.values()].find((f) => f.pointerId !== e.pointerId);
        const far = (f) => Math.hypot(f.clientX - other.clientX, f.clientY - other.clientY);
        this.view.x -= ((e.clientX - before.clientX) / 2) * this.perPoint;
        this.view.y += ((e.clientY - before.clientY) / 2) * this.perPoint;
        this.zoom(Math.max(0.5, Math.min(2, far(before) / Math.max(1, far(e)))), [this.view.x, this.view.y]);
        this.from.moved = true;
    }

    chosen(field) {
        if (field.name === 'tool') {
            this.leave();
            const { kind } = this;
            this.last = kind;
            this.form.dataset.tool = this.tool;
            this.part('ft-label').textContent = this.tool === 'bank' ? 'How high is what stands on it' : 'How deep';
            this.say(kind ? (kind.most === 1 ? 'Tap where it is.' : kind.most === 2 ? 'Draw it, or tap both ends.' : 'Draw it in one go, or tap its points.') : '');
        } else if (field.name === 'ft') {
            field.removeAttribute('aria-invalid');
        } else if (field.name === 'reach') {
            this.drawing.reach = Number(field.value);
            this.remember();
        } else if (field.name === 'lat' || field.name === 'lon') {
            const value = Number(field.value);
            if (field.value !== '' && Math.abs(value) <= (field.name === 'lat' ? 85 : 180)) {
                this.drawing[field.name] = value;
                this.remember();
            } else {
                field.setAttribute('aria-invalid', 'true');
            }
        } else {
            this.picture.chosen(field);
        }
        this.draw();
    }

    /** Along the shore with the phone in the pocket, or idling in the boat. */
    walkOn() {
        if (this.walk) {
            this.walk.end();
            return;
        }
        this.part('walk').setAttribute('aria-pressed', 'true');
        this.walk = new Walk(this.drawing, {
            said: (words) => this.say(words),
            ended: () => {
                this.walk = null;
                this.part('walk').setAttribute('aria-pressed', 'false');
                this.draw();
            },
            point: (at, isNew) => {
                this.me = at;
                this.cross = at;
                if (isNew && this.kind && this.kind.most > 2) {
                    this.line.push(at);
                }
                this.view.x = at[0];
                this.view.y = at[1];
                this.remember();
                this.draw();
            },
        });
        this.walk.begin();
    }
    /** What the tool sets, where the phone is. */
    setHere() {
        if (this.me) {
            this.tap([...this.me]);
        } else {
            this.say('Begin to walk first: then this phone knows where it is.');
        }
    }

    async keep() {
        this.leave();
        const errors = this.part('errors');
        errors.hidden = true;
        this.part('keep').disabled = true;
        this.say('Keeping it…');
        try {
            const { status, data } = await send('PUT', this.root.dataset.url, { drawing: this.drawing.told, number: this.number, picture: this.picture.placing });
            if (status === 200) {
                this.number = data.number;
                localStorage.removeItem(this.key);
                this.part('drop').hidden = true;
                this.say(`Kept. ${data.said}`);
                this.part('lake').hidden = false;
            } else {
                this.say('');
                errors.hidden = false;
                const problems = Array.isArray(data.errors) ? data.errors.map((p) => `${p.path} ${p.message}`) : Object.values(data.errors ?? {}).flat();
                errors.textContent = problems.slice(0, 4).join(' ') || data.message || 'It could not be kept. It stays on this device.';
            }
        } catch (e) {
            if (!(e instanceof NoSignal || e instanceof SignedOut)) {
                throw e;
            }
            this.say(e instanceof SignedOut ? 'You are signed out: sign in and come back. The drawing stays on this device.' : 'No signal: the drawing stays on this device. Keep it again with signal.');
        }
        this.part('keep').disabled = false;
    }
    drop() {
        localStorage.removeItem(this.key);
        location.reload();
    }

    draw() {
        this.show();
        const { ft, lat, lon, reach } = this.form.elements;
        [lat.value, lon.value, reach.value] = [this.drawing.lat, this.drawing.lon, this.drawing.reach];
        this.part('reach-said').textContent = this.length(this.drawing.reach);
        ft.placeholder = this.given.metric ? 'm' : 'ft';
        const things = this.svg.querySelector('[data-things]');
        things.replaceChildren(...this.drawing.things.map((thing, i) => this.drawn(thing, i)));
        const line = this.stroke ? [...this.line, ...this.stroke] : this.stretch ?? this.line;
        this.svg.querySelector('[data-line]').replaceChildren(...(line.length ? [this.one('polyline', { points: this.points(line), class: 'sketch-line' }), ...line.slice(0, 1).map((p) => this.one('circle', { cx: p[0], cy: -p[1], r: 7 * this.perPoint, class: 'sketch-first' }))] : []));
        const known = this.svg.querySelector('[data-known]');
        known.replaceChildren(
            ...this.given.known.rings.map((ring) => this.one('polygon', { points: this.points(ring.map(([lon, lat]) => metresFrom(this.drawing, { lat, lon }))), class: 'sketch-known' })),
            ...this.given.known.spots.map((s) => this.mark(metresFrom(this.drawing, s), '×', s.name, 'sketch-known')),
        );
        const [x, y] = this.cross;
        const arm = 11 * this.perPoint;
        this.svg.querySelector('[data-cross]').setAttribute('d', `M${x - arm} ${-y}H${x + arm}M${x} ${-y - arm}V${-y + arm}`);
        this.part('me').setAttribute('cx', this.me?.[0] ?? 0);
        this.part('me').setAttribute('cy', -(this.me?.[1] ?? 0));
        this.part('me').setAttribute('r', this.me ? 6 * this.perPoint : 0);
        this.picture.draw();
        this.list();
        this.part('end').disabled = this.line.length === 0;
        this.part('back').disabled = this.line.length === 0;
        this.part('undo').disabled = !this.drawing.past.length && !this.line.length;
        this.part('redo').disabled = !this.drawing.future.length;
    }
    show() {
        const high = this.svg.clientHeight * this.perPoint;
        this.svg.setAttribute('viewBox', `${this.view.x - this.view.metres / 2} ${-this.view.y - high / 2} ${this.view.metres} ${high}`);
        this.svg.style.setProperty('--point', this.perPoint);
        const bar = scaleBar(this.view.metres / 4, this.given.metric);
        this.part('bar').style.width = `${bar.metres / this.perPoint}px`;
        this.part('bar-said').textContent = bar.words;
    }
    one(name, attributes) {
        const one = document.createElementNS(SVG, name);
        Object.entries(attributes).forEach(([k, v]) => one.setAttribute(k, v));
        return one;
    }
    points(line) {
        return line.map(([x, y]) => `${x.toFixed(2)},${(-y).toFixed(2)}`).join(' ');
    }
    mark([x, y], sign, words, cls) {
        const g = this.one('g', { class: `sketch-mark ${cls}`, transform: `translate(${x} ${-y}) scale(${this.perPoint})` });
        const text = (x2, content, anchor) => {
            const t = this.one('text', { x: x2, y: 5, 'text-anchor': anchor });
            t.textContent = content;
            return t;
        };
        g.append(text(0, sign, 'middle'), ...(words ? [text(12, words, 'start')] : []));
        return g;
    }
    drawn(thing, i) {
        const held = this.held?.to && this.held.thing === i;
        const points = held ? thing.points.map((p, n) => (n === this.held.point ? this.held.to : p)) : thing.points;
        const [first] = points;
        const { kind } = thing;
        switch (kind) {
            case 'depth': return this.mark(first, this.depth(thing.ft), '', 'sketch-depth');
            case 'creek': return this.mark(first, 'v', thing.name ?? 'creek', '');
            case 'spot': return this.mark(first, '×', thing.name ?? '', '');
            case 'ramp': return this.mark(first, '^', 'ramp', '');
            case 'dock': {
                const g = this.one('g', {});
                const [[ax, ay], [bx, by]] = points.length > 1 ? points : [first, [first[0] + 6, first[1]]];
                g.append(this.one('line', { x1: ax, y1: -ay, x2: bx, y2: -by, class: 'sketch-dock' }), this.mark(first, '', thing.name ?? 'dock', ''));
                return g;
            }
            case 'cast': return this.one('line', { x1: first[0], y1: -first[1], x2: points[1][0], y2: -points[1][1], class: 'sketch-cast' });
            default: {
                const g = this.one('g', {});
                g.append(this.one(isRing(kind) ? 'polygon' : 'polyline', { points: this.points(points), class: `sketch-${kind.replace('_', '-')}` }));
                const words = { depth_line: () => this.depth(thing.ft), bank: () => `${this.length(thing.ft)} high`, section: () => thing.name, no_wake: () => 'no wake' }[kind]?.();
                if (words) {
                    g.append(this.mark(points[Math.floor(points.length / 2)], '', words, ''));
                }
                return g;
            }
        }
    }
    depth(ft) {
        return String(this.given.metric ? Math.round((ft / FEET_PER_M) * 10) / 10 : Math.round(ft * 10) / 10);
    }
    length(ft) {
        return this.given.metric ? `${Math.round(ft / FEET_PER_M)} m` : `${Math.round(ft)} ft`;
    }
    /** All that is drawn, in words; each can be rubbed out there. */
    list() {
        const list = this.part('list');
        const words = (t) => [this.form.querySelector(`[name="tool"][value="${t.kind}"]`).nextElementSibling.textContent, t.name, t.ft === undefined ? '' : this.length(t.ft)].filter(Boolean).join(' ');
        list.replaceChildren(...this.drawing.things.map((thing, i) => {
            const item = document.createElement('li');
            const button = Object.assign(document.createElement('button'), { type: 'button', className: 'quiet', textContent: 'Rub out' });
            Object.assign(button.dataset, { do: 'rubOne', index: i });
            button.setAttribute('aria-label', `Rub out ${words(thing)}`);
            item.append(`${words(thing)} `, button);
            return item;
        }));
        this.part('count').textContent = this.drawing.things.length;
    }

    putPicture() {
        this.picture.choose();
    }
    scalePicture() {
        this.picture.scale();
    }
    takePicture() {
        this.picture.takeAway();
    }
    herePlace() {
        navigator.geolocation?.getCurrentPosition(({ coords }) => {
            [this.drawing.lat, this.drawing.lon] = [Number(coords.latitude.toFixed(6)), Number(coords.longitude.toFixed(6))];
            this.changed();
        }, () => this.say('This device does not tell its position.'), { enableHighAccuracy: true, timeout: 20_000 });
    }
}

/** Opens a sheet on the page. */
export const open = (root) => new Sheet(root);
