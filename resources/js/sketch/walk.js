import { metresFrom } from '../ground.js';
import { apart } from './drawing.js';

/** A fix worse than this says nothing about a shore, metres; nearer than this to the last one is standing still. */
const WORST_M = 25;
const STEP_M = 4;

/** Draws along as the phone is carried: each place it tells becomes the next point. It goes nowhere but onto the sheet. */
export class Walk {
    constructor(drawing, { point, said, ended }) {
        Object.assign(this, { drawing, point, said, ended, last: null, watch: null });
    }

    begin() {
        if (!navigator.geolocation) {
            this.fail();
            return;
        }
        this.watch = navigator.geolocation.watchPosition((fix) => this.take(fix.coords), (e) => this.trouble(e), { enableHighAccuracy: true, maximumAge: 0 });
        this.said('Looking for the position…');
    }

    take({ latitude, longitude, accuracy }) {
        const at = { lat: latitude, lon: longitude };
        if (accuracy > WORST_M) {
            this.said(`The position is known to ${Math.round(accuracy)} m only: waiting for a better one.`);
            return;
        }
        // An empty sheet lies where one begins to walk.
        if (!this.drawing.things.length && !this.last) {
            [this.drawing.lat, this.drawing.lon] = [Number(latitude.toFixed(6)), Number(longitude.toFixed(6))];
        }
        const place = metresFrom(this.drawing, at);
        const moved = this.last === null || apart(this.last, place) >= Math.max(STEP_M, accuracy / 3);
        this.said(`Known to ${Math.round(accuracy)} m.`);
        if (moved) {
            this.last = place;
        }
        this.point(place, moved);
    }

    /** Under trees a phone may lose its position for a while; only who is not allowed to ask gives up. */
    trouble({ code, PERMISSION_DENIED }) {
        if (code === PERMISSION_DENIED) {
            this.fail();
        } else {
            this.said('The position is lost for the moment.');
        }
    }

    fail() {
        this.end();
        this.said('This device does not tell its position. Everything else works without it.');
    }

    end() {
        if (this.watch !== null) {
            navigator.geolocation.clearWatch(this.watch);
        }
        this.watch = null;
        this.ended();
    }
}
