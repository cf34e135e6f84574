// Writes sun.json: the sun as the library suncalc sees it, for comparison with our own equations.
// node tests/Core/references/make-sun.mjs > tests/Core/references/sun.json
import { getPosition } from 'suncalc';

const places = [[37.1, -79.9], [52.3, 4.9], [-33.9, 151.2], [64.1, -21.9], [0.5, 32.5]];
const instants = ['2024-02-29T15:00:00Z', '2026-04-12T11:30:00Z', '2026-06-21T18:00:00Z', '2026-09-22T08:00:00Z', '2026-12-21T13:00:00Z', '2031-08-10T21:15:00Z'];
const rows = places.flatMap(([lat, lon]) =>
    instants.map((at) => {
        const { azimuth, altitude } = getPosition(new Date(at), lat, lon);
        return { at, lat, lon, azimuth, altitude };
    }),
);
console.log(JSON.stringify(rows, null, 1));
