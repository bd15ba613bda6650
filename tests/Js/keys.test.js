import assert from 'node:assert/strict';
import {test} from 'node:test';
import {CONTROLS, isFree, isTyping, rooms} from '../../resources/js/keys.js';

const element = (kinds, more = {}) => ({
    matches: (selector) => selector.split(', ').some((kind) => kinds.includes(kind)),
    closest(selector) { return this.matches(selector) ? this : null; },
    ...more,
});

test('a clicker and the arrows do the same', () => {
    assert.equal(CONTROLS.PageDown, CONTROLS.ArrowRight);
    assert.equal(CONTROLS.PageUp, CONTROLS.ArrowLeft);
    assert.equal(CONTROLS[' '], CONTROLS.ArrowRight);
});

test('what is typed is the field\'s', () => {
    const field = element(['input'], {id: 'draft', value: ''});
    assert.ok(isTyping(field));
    assert.ok(isTyping(element([], {isContentEditable: true})));
    for (const key of ['w', ' ', 'ArrowRight', '2']) assert.ok(!isFree(key, field), key);
});

test('an empty answer lets the arrows and a clicker through, and nothing else', () => {
    const answer = element(['input'], {id: 'answer', value: ''});
    assert.ok(isFree('ArrowRight', answer));
    assert.ok(isFree('PageDown', answer));
    assert.ok(isFree('PageUp', answer));
    assert.ok(!isFree('w', answer));
    assert.ok(!isFree('ArrowRight', {...answer, value: 'x'}));
});

test('space on a button is the button\'s', () => {
    assert.ok(!isFree(' ', element(['button'])));
    assert.ok(!isFree(' ', element(['summary'])));
    assert.ok(isFree('ArrowRight', element(['button'])));
    // The document itself can be what a key is sent to.
    assert.ok(isFree(' ', {}));
});

test('rooms are reached by their numbers while they are open', () => {
    const went = [];
    const leaf = {
        open: false,
        querySelector: (selector) => (selector.includes('"2"') ? {click: () => went.push(2)} : null),
    };
    const keys = rooms({getElementById: (id) => (id === 'rooms' ? leaf : null)});
    assert.ok(!keys.pressed('2'));
    assert.ok(keys.pressed('m'));
    assert.ok(keys.pressed('2'));
    assert.ok(!keys.pressed('9'));
    assert.ok(!keys.pressed('w'));
    assert.deepEqual(went, [2]);
    assert.ok(keys.close());
    assert.ok(!keys.close());
});
