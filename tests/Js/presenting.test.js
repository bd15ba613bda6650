import assert from 'node:assert/strict';
import {test} from 'node:test';
import {seatAfter, touched} from '../../resources/js/presenting.js';

test('the furthest seat goes from one distance to the next, and stays at either end', () => {
    assert.deepEqual([3, 6, 10].map((seat) => seatAfter(seat, 1)), [6, 10, 10]);
    assert.deepEqual([3, 6, 10].map((seat) => seatAfter(seat, -1)), [3, 3, 6]);
});

test('a hand on the right third goes on, on the left sixth back, and elsewhere does nothing', () => {
    assert.deepEqual([100, 250, 700, 900].map((x) => touched(x, 1200)), ['pen-back', null, null, 'pen-next']);
    assert.equal(touched(800, 1200), null);
    assert.equal(touched(199, 1200), 'pen-back');
});
