import assert from 'node:assert/strict';
import {test} from 'node:test';
import {next} from '../../resources/js/ahead.js';

const control = (attributes) => ({getAttribute: (name) => attributes[name] ?? null});

test('only what is the same for everybody is fetched ahead', () => {
    assert.equal(next(control({'hx-get': '/board?step=4&house=1'})), '/board?step=4&house=1');
    assert.equal(next(control({'hx-get': '/board?step=4'})), null);
    assert.equal(next(control({'hx-get': '/board?step=4&house=1', 'aria-disabled': 'true'})), null);
    assert.equal(next(control({href: '/play'})), null);
    assert.equal(next(null), null);
});
