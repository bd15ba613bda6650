import assert from 'node:assert/strict';
import {test} from 'node:test';
import {going, placeOf} from '../../resources/js/sheet.js';
import {holds} from '../../resources/js/shelf.js';

const addresses = ['/board?job=factor&problem=x%5E2%2B5x%2B6&step=1', '/board?job=solve&problem=3x-4%3D11&step=1'];

test('a board is found on its sheet by problem and job, at whatever step', () => {
    assert.equal(placeOf(addresses, '?problem=3x-4%3D11&job=solve&step=5&method=balance'), 1);
    assert.equal(placeOf(addresses, '?problem=3x-4%3D11&job=show'), -1);
    assert.equal(placeOf(addresses, ''), -1);
});

test('presenting goes on to the next problem', () => {
    assert.equal(going(addresses[1], '?step=4&present=1'), `${addresses[1]}&present=1`);
    assert.equal(going(addresses[1], '?step=4'), addresses[1]);
});

test('a row of the shelf is found by any of its words', () => {
    assert.ok(holds('5x+2=2x+11 Balance of linear equations', 'linear BAL'));
    assert.ok(!holds('5x+2=2x+11 Balance of linear equations', 'linear cube'));
    assert.ok(holds('anything', ''));
});
