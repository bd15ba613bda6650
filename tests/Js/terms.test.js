import assert from 'node:assert/strict';
import test from 'node:test';
import {degreeInFigure, degreeOf, termAt} from '../../resources/js/terms.js';

/** A piece of MathML with no browser around it. */
const piece = (tagName, attributes, ...children) => {
    const node = {
        tagName,
        getAttribute: (key) => attributes[key] ?? null,
        children: children.filter((child) => typeof child !== 'string'),
        textContent: children.map((child) => (typeof child === 'string' ? child : child.textContent)).join(''),
    };
    node.children.forEach((child) => { child.parentElement = node; });
    return node;
};
const letter = (name) => piece('mi', {}, name);
const number = (value) => piece('mn', {}, String(value));
const sign = (form, mark) => piece('mo', {form}, mark);
const row = (...children) => piece('mrow', {}, ...children);
const times = (...children) => row(children[0], ...children.slice(1).flatMap((one) => [piece('mo', {}, '⋅'), one]));
const power = (base, exponent) => piece('msup', {}, base, number(exponent));

test('degrees add in a product, multiply in a power, fall below a line', () => {
    assert.equal(degreeOf(number(7)), 0);
    assert.equal(degreeOf(times(number(3), power(letter('x'), 2), letter('y'))), 3);
    assert.equal(degreeOf(power(times(number(2), power(letter('t'), 3)), 2)), 6);
    assert.equal(degreeOf(piece('mfrac', {}, power(letter('x'), 5), power(letter('x'), 2))), 3);
    assert.equal(degreeOf(row(letter('x'), sign('infix', '+'), power(letter('x'), 4))), 4);
});

test('a piece belongs to its term, a sign between terms to none', () => {
    const three = number(3);
    const product = times(three, letter('x'));
    const plus = sign('infix', '+');
    const sum = row(product, plus, number(5));
    piece('math', {}, row(sum, piece('mo', {}, '='), number(0)));
    assert.equal(termAt(three), product);
    assert.equal(termAt(product), product);
    assert.equal(termAt(plus), null);
    assert.equal(termAt(sum), null);
});

test('a term in its ink is the term', () => {
    const ten = number(10);
    const inner = row(times(ten, letter('x')));
    piece('math', {}, row(piece('mrow', {class: 'ink ink-1'}, inner), number(1)));
    assert.equal(termAt(ten), inner);
});

test('in a figure an exponent is what stands raised behind a letter', () => {
    const at = (text, size, style) => piece('tspan', {'font-size': String(size), 'font-style': style}, text);
    const text = (...children) => piece('text', {}, ...children);
    assert.equal(degreeInFigure(text(at('2', 26), at('x', 26, 'italic'), at('3', 18.2))), 3);
    assert.equal(degreeInFigure(text(at('−', 26), at('10', 26), at('x', 26, 'italic'))), 1);
    assert.equal(degreeInFigure(text(at('15', 26))), 0);
});
