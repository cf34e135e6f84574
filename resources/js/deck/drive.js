import { FEET_PER_M } from '../sketch/drawing.js';

/** Depths and walkways that are one tap each, feet. */
const INSIDE_FT = [1, 2, 3, 4, 5, 6, 8];
const OUTSIDE_FT = [4, 6, 8, 10, 12, 15, 20];
const WALKWAY_FT = { short: 10, long: 40 };

/** The part of the deck that marks docks while idling along a row: one tap where it is, three more what it is. */
export const drive = {
    dockAt: null,
    dockKind: '',
    dockInside: null,

    markDock() {
        [this.dockKind, this.dockInside] = ['', null];
        // Where the boat is now, not where it is when the last tap is made; without a phone's word the boat's own counts.
        this.dockAt = { at: this.position };
        navigator.geolocation?.getCurrentPosition(
            ({ coords }) => (this.dockAt = this.dockAt && { at: { lat: Number(coords.latitude.toFixed(6)), lon: Number(coords.longitude.toFixed(6)) } }),
            () => null, { enableHighAccuracy: true, maximumAge: 4000, timeout: 8000 },
        );
    },
    dockLength(feet) {
        return this.state.units === 'metric' ? `${Math.round((feet / FEET_PER_M) * 10) / 10} m` : `${feet} ft`;
    },
    get dockAsks() {
        return !this.dockAt ? '' : !this.dockKind ? 'What kind?' : this.dockInside === null ? 'How deep inside?' : this.dockOutside === null ? 'How deep outside?' : 'Its walkway?';
    },
    dockOutside: null,
    get dockChoices() {
        if (!this.dockAt) {
            return [];
        }
        if (!this.dockKind) {
            return ['floating', 'piling'].map((kind) => ({ words: kind, value: kind }));
        }
        if (this.dockInside === null || this.dockOutside === null) {
            return (this.dockInside === null ? INSIDE_FT : OUTSIDE_FT).map((ft) => ({ words: this.dockLength(ft), value: ft }));
        }
        return Object.keys(WALKWAY_FT).map((long) => ({ words: long, value: long }));
    },
    sayDock(value) {
        if (!this.dockKind) {
            [this.dockKind, this.dockOutside] = [value, null];
        } else if (this.dockInside === null) {
            this.dockInside = value;
        } else if (this.dockOutside === null) {
            this.dockOutside = value;
        } else {
            this.log({ kind: 'dock', dock_kind: this.dockKind, inside_ft: this.dockInside, outside_ft: this.dockOutside, walkway_ft: WALKWAY_FT[value], ...(this.dockAt.at ?? {}) });
            [this.dockAt, this.dockKind, this.dockInside, this.dockOutside] = [null, '', null, null];
            this.notice = 'The dock is marked.';
        }
    },
    letDockGo() {
        this.dockAt = null;
    },
};
