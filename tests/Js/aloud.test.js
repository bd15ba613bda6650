import assert from 'node:assert/strict';
import test from 'node:test';
import {voiceFor} from '../../resources/js/aloud.js';

const voice = (lang, localService = true) => ({lang, localService});

test('only a voice that lives on the machine reads, the dialect’s own first', () => {
    const british = voice('en-GB');
    assert.equal(voiceFor([voice('en-GB', false), voice('en-US', false)], 'en-GB'), null);
    assert.equal(voiceFor([voice('en-US'), british], 'en-GB'), british);
    assert.equal(voiceFor([voice('de-DE'), british], 'en'), british);
    assert.equal(voiceFor([voice('de-DE')], 'en'), null);
    assert.equal(voiceFor([], 'en'), null);
});
