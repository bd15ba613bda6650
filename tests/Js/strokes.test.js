import assert from 'node:assert/strict';
import {test} from 'node:test';
import {byThing} from '../../resources/js/paper.js';
import {adopted, boardOf, changed, kept, pathOf, placed, touches} from '../../resources/js/strokes.js';

test('a stroke comes back to the thing it was drawn on, larger where its letters are', () => {
    const points = [[30, 40, 0.5], [50, 60, 0.7]];
    const own = kept(points, {left: 10, top: 20, letter: 20});
    assert.deepEqual(own, [[1, 1, 0.5], [2, 2, 0.7]]);
    assert.deepEqual(placed(own, {left: 10, top: 20, letter: 20}), points);
    assert.deepEqual(placed(own, {left: 0, top: 100, letter: 40}), [[40, 140, 0.5], [80, 180, 0.7]]);
});

test('each tool has a path of its own', () => {
    const points = [[0, 0, 0.5], [10, 5, 0.5], [40, 20, 0.5]];
    const outline = (some) => some.map(([x, y]) => [x + 1, y]);
    assert.equal(pathOf('free', points, outline), 'M1.0 0.0L11.0 5.0L41.0 20.0Z');
    assert.equal(pathOf('underline', points, outline), 'M0.0 0.0L40.0 0.0');
    assert.match(pathOf('ring', points, outline), /^M0\.0 10\.0A20\.0 10\.0 0 0 1 40\.0 10\.0A/);
    assert.match(pathOf('arrow', points, outline), /^M0\.0 0\.0L40\.0 20\.0M.*L40\.0 20\.0L/);
    assert.equal(pathOf('cover', points, outline), 'M0.0 0.0L40.0 0.0L40.0 20.0L0.0 20.0Z');
});

test('what is rubbed is what is touched', () => {
    const points = [[0, 0], [100, 60]];
    assert.ok(touches('ring', points, [50, 30], 12));
    assert.ok(!touches('free', points, [50, 30], 12));
    assert.ok(!touches('underline', points, [50, 30], 12));
    assert.ok(touches('underline', points, [50, 8], 12));
});

test('ink belongs to its step; a board without ink is forgotten, and the oldest of many', () => {
    let all = changed({}, 'a', '3', [1]);
    all = changed(all, 'a', '4', [2]);
    assert.deepEqual(all, {a: {3: [1], 4: [2]}});
    assert.deepEqual(changed(changed(all, 'a', '3', []), 'a', '4', []), {});
    for (let number = 0; number < 40; number++) all = changed(all, `b${number}`, '1', [number]);
    assert.equal(Object.keys(all).length, 30);
    assert.ok(!('a' in all) && 'b39' in all);
});

test('a lesson’s ink is taken over only by a board without ink of its own', () => {
    assert.equal(boardOf('?problem=x%2B1&method=grid&step=4'), 'x+1||grid');
    const [none, own] = [{}, {a: {1: ['mine']}}];
    assert.deepEqual(adopted(none, 'a', {2: ['theirs']}), {a: {2: ['theirs']}});
    assert.equal(adopted(own, 'a', {2: ['theirs']}), own);
    assert.equal(adopted(none, 'a', {}), none);
});

test('on paper all steps’ strokes stand together by what they keep to', () => {
    const [one, two, free, old] = [{on: 'read 0'}, {on: 'read 0'}, {on: null}, {on: 3}];
    assert.deepEqual(byThing({1: [one, free], '2?': [two, old]}), {'read 0': [one, two], '': [free, old]});
});
