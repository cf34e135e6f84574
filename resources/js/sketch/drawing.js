/** What is drawn on the sheet, in metres east and north of its middle; every step can be taken back and made again. */
export class Drawing {
    constructor({ lat, lon, reach_ft, things }) {
        Object.assign(this, { lat, lon, reach: reach_ft, things });
        [this.past, this.future] = [[], []];
    }

    /** As the server takes it. */
    get told() {
        const round = (v) => Math.round(v * 100) / 100;
        return {
            lat: this.lat, lon: this.lon, reach_ft: this.reach,
            things: this.things.map((thing) => ({ ...thing, points: thing.points.map((p) => p.map(round)) })),
        };
    }

    change(things) {
        this.past.push(this.things);
        this.future = [];
        this.things = things;
    }
    add(thing) {
        this.change([...this.things, thing]);
    }
    rub(index) {
        this.change(this.things.filter((_, i) => i !== index));
    }
    replace(index, thing) {
        this.change(this.things.map((old, i) => (i === index ? thing : old)));
    }
    undo() {
        return this.step(this.past, this.future);
    }
    redo() {
        return this.step(this.future, this.past);
    }
    step(from, to) {
        if (!from.length) {
            return false;
        }
        to.push(this.things);
        this.things = from.pop();
        return true;
    }

    /** The point nearest to a place, within so many metres: its thing and its number; null where there is none. */
    nearest([x, y], within) {
        let best = null;
        this.things.forEach(({ points }, thing) => points.forEach(([px, py], point) => {
            const far = Math.hypot(px - x, py - y);
            if (far <= (best?.far ?? within)) {
                best = { far, thing, point };
            }
        }));
        return best;
    }

    /** The thing whose line or point lies nearest to a place, within so many metres; -1 where there is none. */
    thingAt(at, within) {
        let [best, near] = [-1, within];
        this.things.forEach(({ points, kind }, i) => {
            const line = isRing(kind) ? [...points, points[0]] : points;
            const far = line.length === 1 ? apart(line[0], at) : Math.min(...line.slice(1).map((to, n) => offLine(at, line[n], to)));
            if (far <= near) {
                [best, near] = [i, far];
            }
        });
        return best;
    }
}

export const isRing = (kind) => ['shore', 'island', 'section', 'no_wake'].includes(kind);

export const apart = ([ax, ay], [bx, by]) => Math.hypot(bx - ax, by - ay);

/** How far a place lies from a piece of line. */
export function offLine([x, y], [ax, ay], [bx, by]) {
    const long = (bx - ax) ** 2 + (by - ay) ** 2;
    const t = long === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / long));
    return Math.hypot(ax + t * (bx - ax) - x, ay + t * (by - ay) - y);
}

/** A line as few points draw it, none of those left out farther off than so much (Douglas and Peucker). */
export function thinned(points, off) {
    if (points.length < 3) {
        return points;
    }
    let [worst, at] = [0, 0];
    for (let i = 1; i < points.length - 1; i++) {
        const far = offLine(points[i], points[0], points.at(-1));
        if (far > worst) {
            [worst, at] = [far, i];
        }
    }
    return worst <= off ? [points[0], points.at(-1)] : [...thinned(points.slice(0, at + 1), off).slice(0, -1), ...thinned(points.slice(at), off)];
}

export const FEET_PER_M = 1 / 0.3048;

/** A round length for a scale bar of about so many metres: 1, 2 or 5 and noughts, in feet or metres. */
export function scaleBar(metres, isMetric) {
    const unit = isMetric ? 1 : 1 / FEET_PER_M;
    const most = metres / unit;
    const ten = 10 ** Math.floor(Math.log10(most));
    const count = [5, 2, 1].find((n) => n * ten <= most) * ten;
    return { metres: count * unit, words: isMetric ? (count >= 1000 ? `${count / 1000} km` : `${count} m`) : `${count.toLocaleString('en')} ft` };
}
