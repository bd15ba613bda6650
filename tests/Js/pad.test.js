import assert from 'node:assert/strict';
import test from 'node:test';
import {written} from '../../resources/js/pad.js';

const press = (keys, start = '') => keys.reduce(
    ({text, at}, key) => written(text, at, at, key),
    {text: start, at: start.length},
);

test('keys write where the cursor is, and rub out before it', () => {
    assert.deepEqual(press(['3', 'x²', '+', '5', 'x']), {text: '3x²+5x', at: 6});
    assert.deepEqual(press(['7', '⌫']), {text: '', at: 0});
    assert.deepEqual(press(['⌫']), {text: '', at: 0});
    assert.deepEqual(press(['1', '2', '←', '.']), {text: '1.2', at: 2});
    assert.deepEqual(press(['←', '→', '→'], '4'), {text: '4', at: 1});
});

test('the square is that of what stands before it, a letter or a bracket', () => {
    assert.equal(press(['3', 'x²']).text, '3x²');
    assert.equal(press(['3', 'R₁', 'R₁²']).text, '3R₁²');
    assert.equal(press(['x', 'x²']).text, 'x²');
    assert.equal(press(['(', 'x', '+', '7', ')', 'x²']).text, '(x+7)²');
});

test('in a page of lines Enter begins another one', () => {
    assert.deepEqual(press(['x', '↵', '4']), {text: 'x\n4', at: 3});
});

test('a fraction takes what stands before it as its top, or leaves a place for one', () => {
    assert.deepEqual(press(['3', 'a/b', '4']), {text: '3/4', at: 3});
    assert.equal(press(['x', '+', '2', 'a/b']).text, 'x+2/');
    assert.deepEqual(press(['+', 'a/b']), {text: '+()/()', at: 2});
    assert.deepEqual(written('x+2', 0, 3, 'a/b'), {text: '(x+2)/', at: 6});
});

test('a root and a power leave the cursor where they go on', () => {
    assert.deepEqual(press(['√', '5']), {text: '√(5)', at: 3});
    assert.deepEqual(written('x+1', 0, 3, '√'), {text: '√(x+1)', at: 6});
    assert.deepEqual(press(['x', 'xⁿ', '4']), {text: 'x^4', at: 3});
    assert.deepEqual(press(['2', '∛', '5']), {text: '2∛(5)', at: 4});
    assert.deepEqual(press(['ⁿ√', '4', '→', '7']), {text: 'root(4,7)', at: 8});
    assert.deepEqual(written('7', 0, 1, 'ⁿ√'), {text: 'root(,7)', at: 5});
});
