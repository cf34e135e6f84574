/**
 * Depths as a survey draws them: a tone for each band, ink lines at the levels, hatching where nothing was measured. Painted point by
 * point out of the grid, so that what is in sight costs the same, however many cells the lake has.
 */

/** How far a hatch line is from the next, points, and how it is mixed. */
const HATCH = 9;

/** The grid made ready: what is not known takes the depth beside it, so that lines run on into it, and is marked. */
export function made({ cols, rows, depths }, rise = 0) {
    const depth = new Float32Array(cols * rows);
    const unknown = new Uint8Array(cols * rows);
    let open = [];
    depths.forEach((d, i) => {
        if (d === null || Number.isNaN(d)) {
            unknown[i] = 1;
            open.push(i);
        } else {
            depth[i] = d > 0 ? d + rise : Math.min(0, d);
        }
    });
    const isAny = open.length > 0;
    // Three rings are as far as a smoothed line looks.
    for (let ring = 0; ring < 3 && open.length; ring++) {
        const known = new Map();
        open = open.filter((i) => {
            const col = i % cols;
            const beside = [col > 0 ? i - 1 : -1, col < cols - 1 ? i + 1 : -1, i - cols, i + cols].filter((j) => j >= 0 && j < depth.length && (unknown[j] === 0 || unknown[j] === 2));
            if (beside.length) {
                known.set(i, beside.reduce((sum, j) => sum + depth[j], 0) / beside.length);
            }
            return !beside.length;
        });
        known.forEach((d, i) => {
            depth[i] = d;
            unknown[i] = 2;
        });
    }
    return { cols, rows, depth, unknown: isAny ? unknown.map((u) => (u ? 1 : 0)) : null };
}

/** For each point of a row: the three cells beside it and their weights, a smooth curve through them (a quadratic spline). */
function weights(first, step, points, count) {
    const cells = new Int32Array(3 * points);
    const shares = new Float32Array(3 * points);
    const inside = new Uint8Array(points);
    for (let i = 0; i < points; i++) {
        const at = first + i * step;
        const middle = Math.max(0, Math.min(count - 1, Math.round(at)));
        const t = Math.max(-0.5, Math.min(0.5, at - middle));
        cells[3 * i] = Math.max(0, middle - 1);
        cells[3 * i + 1] = middle;
        cells[3 * i + 2] = Math.min(count - 1, middle + 1);
        shares[3 * i] = 0.5 * (0.5 - t) ** 2;
        shares[3 * i + 1] = 0.75 - t * t;
        shares[3 * i + 2] = 0.5 * (0.5 + t) ** 2;
        inside[i] = at >= -0.5 && at <= count - 0.5 ? 1 : 0;
    }
    return { cells, shares, inside };
}

/** A color of the points' own four bytes, red first. */
const packed = (red, green, blue) => ((255 << 24) | (Math.round(blue) << 16) | (Math.round(green) << 8) | Math.round(red)) >>> 0;
const mixed = (from, to, share) => from.map((v, i) => v + (to[i] - v) * share);

/**
 * Paints a part of it.
 *
 * @param grid made ready, with cell (metres) and x, y of the middle of its first cell
 * @param view x, y of the first point and the side of a point, metres; wide and high in points
 * @param look levels in feet and the first of which a line is drawn; paper, water, ink as [red, green, blue]; tone a band adds
 * @return the points, red, green, blue, opacity
 */
export function painted(grid, view, look) {
    const { cols, rows, depth, unknown } = grid;
    const { wide, high } = view;
    const bytes = new Uint8ClampedArray(4 * wide * high);
    const points = new Uint32Array(bytes.buffer);
    const levels = look.levels.map((l) => l || 0.05);
    const tones = [look.paper, ...levels.map((_, i) => mixed(look.paper, look.water, 1 - (1 - look.tone) ** (i + 1)))];
    const plain = tones.map((color) => packed(...color));
    const strong = look.levels.map((l, i) => (i === 0 ? 1 : l % 10 === 0 ? 0.95 : 0.55));
    const [bare, hatched] = [packed(...look.paper), packed(...mixed(look.paper, look.ink, 0.45))];
    const first = look.first ?? 0;
    const across = weights((view.x - grid.x) / grid.cell, view.metres / grid.cell, wide, cols);
    const down = weights((view.y - grid.y) / grid.cell, view.metres / grid.cell, high, rows);
    const [left, right] = [across.cells[0], across.cells[3 * wide - 1]];
    // The rows of cells beside a row of points are brought together first: what is left is one sum a point.
    const beside = new Float32Array(cols);
    let above = new Float32Array(wide);
    let row = new Float32Array(wide);
    let isFirst = true;
    for (let j = 0; j < high; j++) {
        if (!down.inside[j]) {
            isFirst = true;
            continue;
        }
        const [top, mid, low] = [down.cells[3 * j] * cols, down.cells[3 * j + 1] * cols, down.cells[3 * j + 2] * cols];
        const [wt, wm, wb] = [down.shares[3 * j], down.shares[3 * j + 1], down.shares[3 * j + 2]];
        for (let c = left; c <= right; c++) {
            beside[c] = wt * depth[top + c] + wm * depth[mid + c] + wb * depth[low + c];
        }
        let band = 0;
        for (let i = 0, k = 0, o = j * wide; i < wide; i++, k += 3, o++) {
            const d = across.shares[k] * beside[across.cells[k]] + across.shares[k + 1] * beside[across.cells[k + 1]] + across.shares[k + 2] * beside[across.cells[k + 2]];
            row[i] = d;
            if (!across.inside[i]) {
                continue;
            }
            if (unknown !== null && unknown[mid + across.cells[k + 1]] === 1) {
                points[o] = (i + j) % HATCH === 0 ? hatched : bare;
                continue;
            }
            while (band < levels.length && d > levels[band]) {
                band++;
            }
            while (band > 0 && d <= levels[band - 1]) {
                band--;
            }
            // How near a line is, in points: by how fast the depth changes from the points before.
            const dx = i > 0 ? d - row[i - 1] : 0;
            const dy = isFirst ? 0 : d - above[i];
            const slope = Math.sqrt(dx * dx + dy * dy) + 1e-6;
            let ink = 0;
            for (let n = band - 1; n <= band; n++) {
                if (n >= first && n < levels.length) {
                    const near = (n === 0 ? 1.5 : 1) - Math.abs(d - levels[n]) / slope;
                    ink = near > 0 ? Math.max(ink, strong[n] * Math.min(1, near)) : ink;
                }
            }
            points[o] = ink === 0 ? plain[band] : packed(...mixed(tones[band], look.ink, ink));
        }
        [above, row] = [row, above];
        isFirst = false;
    }
    return bytes;
}

/** What the server sends of a whole grid: where it lies and how large its cells are, then tenths of feet; -32768 is unknown. */
export function unpacked(buffer, frame) {
    const head = new DataView(buffer);
    const [north, west, cell] = [0, 8, 16].map((at) => head.getFloat64(at, true));
    const [cols, rows] = [24, 28].map((at) => head.getUint32(at, true));
    const tenths = new Int16Array(buffer, 32, cols * rows);
    const depths = Array.from(tenths, (d) => (d === -32768 ? null : d / 10));
    return { cols, rows, depths, cell, x: (west - frame.west) * frame.per_lon, y: (frame.north - north) * frame.per_lat };
}
