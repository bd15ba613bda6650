import assert from 'node:assert/strict';
import test from 'node:test';
import {pressedRung, toMake} from '../../resources/js/sets.js';

test('a rung pressed is taken or left, with Shift all between', () => {
    assert.deepEqual(pressedRung([2, 2, 0, 0], 1, null, false), [2, 0, 0, 0]);
    assert.deepEqual(pressedRung([2, 0, 0, 0], 3, null, false), [2, 0, 0, 4]);
    assert.deepEqual(pressedRung([0, 4, 0, 0], 3, 1, true), [0, 4, 4, 4]);
    assert.deepEqual(pressedRung([0, 4, 0, 0], 0, 1, true), [4, 4, 0, 0]);
    assert.deepEqual(pressedRung([0, 4, 0, 0], 2, null, true), [0, 4, 4, 0]);
});

test('the button says what it makes', () => {
    const words = {one: 'Make one problem', many: 'Make {count} problems', none: 'Choose a rung first'};
    assert.equal(toMake(0, words), 'Choose a rung first');
    assert.equal(toMake(1, words), 'Make one problem');
    assert.equal(toMake(12, words), 'Make 12 problems');
});
