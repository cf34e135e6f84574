import assert from 'node:assert/strict';
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';
import { gunzipSync } from 'node:zlib';

const root = fileURLToPath(new URL('../..', import.meta.url));
const folder = () => mkdtempSync(join(tmpdir(), 'old-eddy-house-test-'));

test('logs that have grown are pressed aside, the oldest goes, and what writes goes on in the same file', () => {
    const house = folder();
    const log = join(house, 'nginx-error.log');
    writeFileSync(join(house, 'small.log'), 'short\n');
    for (const round of ['one', 'two', 'three', 'four']) {
        writeFileSync(log, `${round}\n${'x'.repeat(200)}`);
        const { ino } = statSync(log);
        execFileSync('bash', ['-c', `LOG_MOST=100; . bin/lib/serve.sh; rotate_logs "$1"`, 'bash', house], { cwd: root });
        assert.equal(statSync(log).size, 0);
        assert.equal(statSync(log).ino, ino);
    }
    assert.deepEqual(readdirSync(house).sort(), ['nginx-error.log', 'nginx-error.log.1.gz', 'nginx-error.log.2.gz', 'nginx-error.log.3.gz', 'small.log']);
    assert.match(gunzipSync(readFileSync(`${log}.1.gz`)).toString(), /^four/);
    assert.match(gunzipSync(readFileSync(`${log}.3.gz`)).toString(), /^two/);
});

test('a port that is none is named before anything else is done', () => {
    for (const port of ['abc', '0', '70000', '80 80']) {
        const { status, stderr } = spawnSync(join(root, 'bin/start'), [], { env: { ...process.env, OLD_EDDY_PORT: port }, encoding: 'utf8' });
        assert.equal(status, 1, port);
        assert.match(stderr, new RegExp(`OLD_EDDY_PORT is "${port}"`));
    }
});

test('a machine is made in no folder that holds something else, nor in one with a space', () => {
    const photos = folder();
    writeFileSync(join(photos, 'photo.jpg'), 'x');
    mkdirSync(join(photos, 'a space'));
    const bare = (...arguments_) => spawnSync(join(root, 'bin/bare'), arguments_, { encoding: 'utf8' });
    assert.match(bare(photos, 'start').stderr, /is not empty, and was not made by bin\/bare/);
    assert.match(bare(join(photos, 'a space')).stderr, /has a space in it/);
    assert.match(bare('/etc').stderr, /no folder for this/);
    assert.match(bare('one', 'two').stderr, /usage/);
    assert.match(bare('--help').stdout, /stock Debian 12/);
    assert.ok(existsSync(join(photos, 'photo.jpg')));
});
