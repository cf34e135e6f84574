// Writes sun-years.json: where astronomy-engine 2.1.19 sees the sun, over years and latitudes, without refraction.
// Not part of bin/test; run by hand after npm install --no-save astronomy-engine@2.1.19
import { writeFileSync } from 'node:fs';
import { Body, Equator, Horizon, Observer } from 'astronomy-engine';

const rows = [];
for (const year of [1996, 2010, 2024, 2026, 2039]) {
    for (const lat of [-41.3, 0.4, 25.8, 36.9, 48.2, 61.5]) {
        for (const [month, hour] of [[0, 15], [2, 9], [5, 21], [8, 12], [10, 18]]) {
            const at = new Date(Date.UTC(year, month, 5 + (year % 20), hour, 37));
            const observer = new Observer(lat, -80.1, 0);
            const equator = Equator(Body.Sun, at, observer, true, true);
            const horizon = Horizon(at, observer, equator.ra, equator.dec, null);
            rows.push({ at: at.toISOString(), lat, azimuth: horizon.azimuth, elevation: horizon.altitude });
        }
    }
}
writeFileSync(new URL('sun-years.json', import.meta.url), `${JSON.stringify(rows)}\n`);
