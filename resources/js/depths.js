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

/** The weights of three cells beside a place: a smooth curve through a row of them (a quadratic spline). */
function weights(at, count) {
    const middle = Math.max(0, Math.min(count - 1, Math.round(at)));
    const t = Math.max(-0.5, Math.min(0.5, at - middle));
    return [Math.max(0, middle - 1), middle, Math.min(count - 1, middle + 1), 0.5 * (0.5 - t) ** 2, 0.75 - t * t, 0.5 * (0.5 + t) ** 2];
}

/**
 * Paints a part of it.
 *
 * @param grid made ready, with cell (metres) and x, y of the middle of its first cell
 * @param view x, y of the first point and the side of a point, metres; wide and high in points
 * @param look levels in feet and the first of which a line is drawn; paper, water, ink as [red, green, blue]; tone a band adds
 * @return the points, red, green, blue, opacity
 */
export function painted(grid, view, look) {
    const { cols, depth, unknown } = grid;
    const { wide, high } = view;
    const points = new Uint8ClampedArray(4 * wide * high);
    const across = Array.from({ length: wide }, (_, i) => weights((view.x + i * view.metres - grid.x) / grid.cell, cols));
    const inside = Array.from({ length: wide }, (_, i) => Math.abs((view.x + i * view.metres - grid.x) / grid.cell - (cols - 1) / 2) <= cols / 2);
    const tones = look.levels.map((_, i) => 1 - (1 - look.tone) ** (i + 1));
    const levels = look.levels.map((l) => l || 0.05);
    const [pr, pg, pb] = look.paper;
    const [wr, wg, wb] = look.water;
    const [ir, ig, ib] = look.ink;
    let above = new Float32Array(wide).fill(NaN);
    let row = new Float32Array(wide);
    for (let j = 0; j < high; j++) {
        const at = (view.y + j * view.metres - grid.y) / grid.cell;
        if (Math.abs(at - (grid.rows - 1) / 2) > grid.rows / 2) {
            above.fill(NaN);
            continue;
        }
        const [t, m, b, wt, wm, wbelow] = weights(at, grid.rows);
        const [top, mid, low] = [t * cols, m * cols, b * cols];
        for (let i = 0; i < wide; i++) {
            if (!inside[i]) {
                row[i] = NaN;
                continue;
            }
            const [l, c, r, wl, wc, wr2] = across[i];
            const d = wt * (wl * depth[top + l] + wc * depth[top + c] + wr2 * depth[top + r])
                + wm * (wl * depth[mid + l] + wc * depth[mid + c] + wr2 * depth[mid + r])
                + wbelow * (wl * depth[low + l] + wc * depth[low + c] + wr2 * depth[low + r]);
            row[i] = d;
            const o = 4 * (j * wide + i);
            if (unknown && unknown[mid + c]) {
                const line = (Math.round(view.left ?? 0) + i + j) % HATCH === 0 ? 0.45 : 0;
                points[o] = pr + (ir - pr) * line;
                points[o + 1] = pg + (ig - pg) * line;
                points[o + 2] = pb + (ib - pb) * line;
                points[o + 3] = 255;
                continue;
            }
            let band = -1;
            while (band + 1 < levels.length && d > levels[band + 1]) {
                band++;
            }
            // How near a line is, in points: by how fast the depth changes from the points before.
            const left = i > 0 ? row[i - 1] : NaN;
            const slope = Math.max(1e-6, Math.hypot(Number.isNaN(left) ? 0 : d - left, Number.isNaN(above[i]) ? 0 : d - above[i]));
            let ink = 0;
            for (let k = Math.max(look.first ?? 0, band); k <= Math.min(levels.length - 1, band + 1); k++) {
                const [half, strong] = k === 0 ? [1, 1] : [0.5, look.levels[k] % 10 === 0 ? 0.95 : 0.55];
                ink = Math.max(ink, strong * Math.max(0, Math.min(1, half + 0.5 - Math.abs(d - levels[k]) / slope)));
            }
            const tone = band < 0 ? 0 : tones[band];
            const red = pr + (wr - pr) * tone;
            const green = pg + (wg - pg) * tone;
            const blue = pb + (wb - pb) * tone;
            points[o] = red + (ir - red) * ink;
            points[o + 1] = green + (ig - green) * ink;
            points[o + 2] = blue + (ib - blue) * ink;
            points[o + 3] = 255;
        }
        [above, row] = [row, above];
    }
    return points;
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
