import assert from 'node:assert/strict';
import { test } from 'node:test';
import { waterMinute, waterTime } from '../../resources/js/clock.js';

// Offsets of the zones at these instants: the time zone database, as the runtime ships it; the expected texts by hand.
test('the clock at the water is told with its offset, wherever the device is', () => {
    const noon = new Date('2026-04-20T16:05:09Z');
    assert.equal(waterTime('America/New_York', noon), '2026-04-20T12:05:09-04:00');
    assert.equal(waterTime('America/Los_Angeles', noon), '2026-04-20T09:05:09-07:00');
    assert.equal(waterTime('Asia/Kolkata', noon), '2026-04-20T21:35:09+05:30');
    assert.equal(waterTime('UTC', noon), '2026-04-20T16:05:09+00:00');
    assert.equal(waterMinute('America/New_York', noon), 725);
});

test('midnight is hour 0 of the next day, and the clock is set back in its night', () => {
    assert.equal(waterTime('America/New_York', new Date('2026-04-21T04:00:00Z')), '2026-04-21T00:00:00-04:00');
    assert.equal(waterTime('America/New_York', new Date('2026-11-01T05:30:00Z')), '2026-11-01T01:30:00-04:00');
    assert.equal(waterTime('America/New_York', new Date('2026-11-01T06:30:00Z')), '2026-11-01T01:30:00-05:00');
});

test('what is told is the instant itself', () => {
    for (const zone of ['America/St_Johns', 'Australia/Lord_Howe', 'Pacific/Chatham', undefined, null]) {
        for (let month = 0; month < 12; month++) {
            const at = new Date(Date.UTC(2026, month, 15, 3, 4, 5));
            assert.equal(new Date(waterTime(zone, at)).getTime(), at.getTime());
        }
    }
});
