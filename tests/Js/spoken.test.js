import assert from 'node:assert/strict';
import {test} from 'node:test';
import {spoken} from '../../resources/js/spoken.js';

const text = (data) => ({nodeType: 3, data});
const tag = (tagName, children, attributes = {}) => ({
    nodeType: 1,
    tagName,
    childNodes: children,
    classList: {contains: (name) => (attributes.class ?? '').split(' ').includes(name)},
    getAttribute: (name) => attributes[name] ?? null,
});

test('mathematics is said in the words it carries, once', () => {
    const maths = tag('SPAN', [tag('math', [text('x2')])], {class: 'maths wide', 'aria-label': 'x squared'});
    assert.equal(spoken(tag('P', [text('Write'), maths, text('here.')])), 'Write x squared here.');
});

test('what is pressed or typed into is not read out', () => {
    const silent = ['BUTTON', 'FORM', 'DETAILS', 'KBD'].map((name) => tag(name, [text(name)]));
    assert.equal(spoken(tag('P', [text(' Next \n step '), ...silent])), 'Next step');
});

test('remarks in the page are not read out', () => {
    assert.equal(spoken(tag('P', [{nodeType: 8, data: 'remark'}, text('said')])), 'said');
});
