// Writes nmea.json: what two independent libraries read out of sentences, nmea-simple 3.3.0 and @signalk/nmea0183-signalk
// 3.20.1. The lines of the simulated boat are among them. Not part of bin/test; run by hand after
//   npm install --no-save nmea-simple@3.3.0 @signalk/nmea0183-signalk@3.20.1
import { execSync } from 'node:child_process';
import { createRequire } from 'node:module';
import { writeFileSync } from 'node:fs';
import { parseNmeaSentence } from 'nmea-simple';

const Second = createRequire(import.meta.url)('@signalk/nmea0183-signalk');
const second = new Second();
const sum = (body) => [...body].reduce((a, c) => a ^ c.charCodeAt(0), 0).toString(16).toUpperCase().padStart(2, '0');
const lines = [
    'GPRMC,000001.50,A,0003.0001,S,17959.9999,E,0.0,,010126,,,A',
    'GPRMC,235959.00,A,3359.9999,S,15112.5000,E,12.4,359.9,311225,,,A',
    'GPGGA,143005.00,3654.2000,N,08006.0000,W,1,09,0.9,210.0,M,-33.0,M,,',
    'GPGLL,3654.3456,N,08006.5432,W,143010.00,A,A',
    'GPVTG,120.5,T,,M,5.5,N,10.2,K,A',
    'SDDPT,4.3,0.5,',
    'SDDBT,14.1,f,4.3,M,2.3,F',
    'HCHDT,271.3,T',
    'HCHDG,101.2,1.5,E,7.3,W',
    'WIMWV,045.5,T,9.7,N,A',
    'WIMWV,300.0,R,5.2,M,A',
    'WIMDA,29.87,I,1.0116,B,9.1,C,10.3,C,,,,,198.0,T,205.0,M,8.7,N,4.5,M',
].map((body) => `$${body}*${sum(body)}`);
const boat = execSync('php artisan eddy:boat --print', { encoding: 'utf8' }).split('\r\n');
const paths = { 'environment.water.temperature': 'kelvin', 'environment.wind.directionTrue': 'from_rad', 'environment.wind.speedTrue': 'wind_m_s', 'environment.wind.speedOverGround': 'wind_m_s', 'environment.depth.belowSurface': 'surface_m', 'environment.outside.pressure': 'pascal' };

const read = (line) => {
    const got = {};
    try {
        const p = parseNmeaSentence(line);
        for (const [key, name] of Object.entries({ latitude: 'lat', longitude: 'lon', speedKnots: 'knots', trackTrue: 'course', depthMeters: 'metres' })) {
            if (Number.isFinite(p[key])) got[name] = p[key];
        }
        if (p.sentenceId === 'HDT') got.heading = p.heading;
        if (p.sentenceId === 'HDG') got.heading = p.heading + (p.deviationDirection === 'W' ? -p.deviation : p.deviation) + (p.variationDirection === 'W' ? -p.variation : p.variation);
        if (p.sentenceId === 'MWV') got.bow = [p.windAngle, p.speed * { N: 1852 / 3600, K: 1 / 3.6, M: 1 }[p.units], p.reference === 'true'];
        if (p.sentenceId === 'RMC') got.at = p.datetime.toISOString();
    } catch {
        // A type this library does not know; the second one does.
    }
    for (const update of second.parse(line)?.updates ?? []) {
        for (const { path, value } of update.values) {
            if (paths[path] !== undefined) got[paths[path]] = value;
        }
    }
    return { line, got };
};
const played = [...boat.slice(0, 8), ...boat.slice(700, 706)].filter((line) => !line.includes('XDR'));
writeFileSync(new URL('nmea.json', import.meta.url), `${JSON.stringify({ sentences: lines.map(read), boat: played.map(read) }, null, 1)}\n`);
