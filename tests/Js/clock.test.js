import assert from 'node:assert/strict';
import {test} from 'node:test';
import {late, part, rest, shown} from '../../resources/js/clock.js';

test('a bar fills from nothing to all of it and no further', () => {
    assert.equal(part(1000, 10, 1000), 0);
    assert.equal(part(1000, 10, 3500), .25);
    assert.equal(part(1000, 10, 11000), 1);
    assert.equal(part(1000, 10, 60000), 1);
    // A clock that was set back does not run backwards.
    assert.equal(part(1000, 10, 0), 0);
});

test('what is left is shown in minutes and seconds, a second that has begun counting', () => {
    assert.equal(rest(5000, 3000), 2);
    assert.equal(rest(5000, 9000), 0);
    assert.equal(shown(0), '0:00');
    assert.equal(shown(.2), '0:01');
    assert.equal(shown(59.2), '1:00');
    assert.equal(shown(61), '1:01');
    assert.equal(shown(600), '10:00');
});

test('a lesson is late or early by whole minutes', () => {
    assert.equal(late(0, 300, 300_000), 0);
    assert.equal(late(0, 300, 329_000), 0);
    assert.equal(late(0, 300, 420_000), 2);
    assert.equal(late(0, 300, 180_000), -2);
    assert.ok(Object.is(late(0, 300, 299_000), 0));
});
