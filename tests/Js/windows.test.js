import assert from 'node:assert/strict';
import test from 'node:test';
import {shownInRoom} from '../../resources/js/windows.js';

test('the room is presented what stands at the desk, without what is typed there', () => {
    assert.equal(
        shownInRoom('/board?problem=x%5E2-4&step=3&ask=1&answer=x%2B2'),
        '/board?problem=x%5E2-4&step=3&ask=1&present=1',
    );
    assert.equal(shownInRoom('/your-turn?problem=x%5E2-4&lines=x'), '/your-turn?problem=x%5E2-4&stage=open');
    assert.equal(shownInRoom('/your-turn?problem=x&stage=answer'), '/your-turn?problem=x&stage=answer');
    assert.equal(shownInRoom('/plays/3/items/2'), '/plays/3/items/2?present=1');
    assert.equal(shownInRoom('/two-ways?problem=x'), '/two-ways?problem=x');
});
