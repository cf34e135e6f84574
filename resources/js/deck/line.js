import { metresFrom } from '../ground.js';
import { FEET_PER_M } from '../sketch/drawing.js';

/** Nearer than this is on the line, as the core has it. */
const ON_FT = 3;
const ON_DEG = 2;
const USUAL_FT = 75;

/** How far a boat stands off a line of the cast: feet to its right and ahead, degrees to the right; as the core reckons it. */
export function offOf({ lat, lon, bearing_deg }, boat, heading) {
    const [east, north] = metresFrom({ lat, lon }, boat).map((m) => m * FEET_PER_M);
    const turn = (bearing_deg * Math.PI) / 180;
    return {
        rightFt: east * Math.cos(turn) - north * Math.sin(turn),
        aheadFt: east * Math.sin(turn) + north * Math.cos(turn),
        rightDeg: heading === null ? null : ((((heading - bearing_deg + 540) % 360) + 360) % 360) - 180,
    };
}

/** The same in words, and where to go. */
export function offWords({ rightFt, aheadFt, rightDeg }, length) {
    const far = Math.hypot(rightFt, aheadFt);
    const moves = [];
    if (far > ON_FT) {
        if (Math.abs(rightFt) >= 1) {
            moves.push(`${length(Math.abs(rightFt))} to the ${rightFt > 0 ? 'left' : 'right'}`);
        }
        if (Math.abs(aheadFt) >= 1) {
            moves.push(`${length(Math.abs(aheadFt))} ${aheadFt > 0 ? 'back' : 'ahead'}`);
        }
    }
    if (rightDeg !== null && Math.abs(rightDeg) > ON_DEG) {
        moves.push(`cast ${Math.round(Math.abs(rightDeg))}° more to the ${rightDeg > 0 ? 'left' : 'right'}`);
    }
    if (!moves.length) {
        return 'On the line.';
    }
    return `Off by ${length(far)}${rightDeg === null ? '' : ` and ${Math.round(Math.abs(rightDeg))}°`}: ${moves.join(', ')}.`;
}

/** The part of the deck that keeps the line of a cast that gave a fish, and holds the next one against it. */
export const line = {
    lineCast: '',
    heading: null,
    lineWatch: null,

    get keptLine() {
        return this.state?.lines?.[this.stint?.spot] ?? null;
    },
    get lineUnit() {
        return this.state?.depth_unit ?? 'ft';
    },
    lineLength(feet) {
        return this.state.units === 'metric' ? `${Math.round((feet / FEET_PER_M) * 10) / 10} m` : `${Math.round(feet)} ft`;
    },
    get lineSays() {
        const { keptLine } = this;
        if (!keptLine) {
            return '';
        }
        // A guest knows which way and how far, not where.
        return this.position && keptLine.lat !== undefined ? offWords(offOf(keptLine, this.position, this.heading), (ft) => this.lineLength(ft))
            : `Kept here: cast toward ${Math.round(keptLine.bearing_deg)}°, ${this.lineLength(keptLine.length_ft)} far.`;
    },
    get lineHolds() {
        return this.lineWatch === null ? 'false' : 'true';
    },
    /** Position and compass are asked for when they are wanted, and let go again. */
    holdLine() {
        if (this.lineWatch !== null) {
            navigator.geolocation?.clearWatch(this.lineWatch);
            this.lineWatch = null;
            return;
        }
        this.lineWatch = navigator.geolocation?.watchPosition(
            ({ coords }) => (this.position = { lat: Number(coords.latitude.toFixed(7)), lon: Number(coords.longitude.toFixed(7)) }),
            () => {
                this.notice = this.position ? this.notice : 'This phone does not tell its position. The boat’s instruments may.';
            },
            { enableHighAccuracy: true, maximumAge: 2000 },
        ) ?? null;
        this.listenToCompass();
    },
    listenToCompass() {
        if (this.listens) {
            return;
        }
        this.listens = true;
        window.DeviceOrientationEvent?.requestPermission?.().catch(() => null);
        const turned = (e) => {
            const degrees = e.webkitCompassHeading ?? (e.absolute && e.alpha !== null ? 360 - e.alpha : null);
            if (degrees !== null && degrees !== undefined) {
                this.heading = ((Math.round(degrees) % 360) + 360) % 360;
            }
        };
        window.addEventListener('deviceorientationabsolute', turned);
        window.addEventListener('deviceorientation', turned);
    },
    /** What is not known here, the boat's instruments may know when the entry comes in. */
    keepLine() {
        const typed = Number(String(this.lineCast).replace(',', '.'));
        const feet = typed > 0 ? typed * (this.state.units === 'metric' ? FEET_PER_M : 1) : USUAL_FT;
        this.log({
            kind: 'line', spot: this.stint.spot, length_ft: Math.round(Math.max(5, Math.min(400, feet)) * 10) / 10,
            ...(this.position ? { lat: this.position.lat, lon: this.position.lon } : {}), ...(this.heading === null ? {} : { bearing_deg: this.heading }),
        });
        this.notice = 'The line of this cast is kept.';
    },
};
