import assert from 'node:assert/strict';
import test from 'node:test';
import {pause} from '../../resources/js/slates.js';

test('a part is asked for every two seconds, less often where nobody looks or nothing is reached', () => {
    assert.equal(pause(false, 0), 2000);
    assert.equal(pause(true, 0), 15000);
    assert.deepEqual([1, 2, 3, 9].map((failures) => pause(false, failures)), [4000, 8000, 15000, 15000]);
});
