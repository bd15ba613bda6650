// Terms on the sheet: which one is pressed, of which degree it is, and which others are of the same.

const name = (node) => node.tagName.toLowerCase();
const isSign = (node, form) => name(node) === 'mo' && node.getAttribute('form') === form;

const isSum = (node) => name(node) === 'mrow' && [...node.children].some((one) => isSign(one, 'infix'));

/** What a sum, a relation, a fraction or a bracket has as its parts. */
const holdsTerms = (node) => ['math', 'mfrac', 'msqrt', 'mtd'].includes(name(node)) || isSum(node)
    // A term in its ink has a frame of its own.
    || /\bink\b/.test(node.getAttribute('class') ?? '')
    || (name(node) === 'mrow' && [...node.children].some((one) =>
        name(one) === 'mtext' || (name(one) === 'mo' && /^[=≈≠()]$/.test(one.textContent))));

/** The term a piece of mathematics belongs to; null for a sign between terms. */
export const termAt = (piece) => {
    if (name(piece) === 'mo' && holdsTerms(piece.parentElement)) return null;
    let term = piece;
    while (name(term) !== 'math' && !holdsTerms(term.parentElement)) term = term.parentElement;
    return name(term) === 'math' || isSum(term) ? null : term;
};

const number = (node) => (/^\d+$/.test(node.textContent) ? Number(node.textContent) : 0);

/** How high a power of letters a term is: 3x²y is of degree 3, a number of degree 0. */
export const degreeOf = (node) => {
    const parts = [...node.children];
    switch (name(node)) {
    case 'mi': return 1;
    case 'mn': case 'mo': case 'mtext': return 0;
    case 'msup': return degreeOf(parts[0]) * number(parts[1]);
    case 'mfrac': return degreeOf(parts[0]) - degreeOf(parts[1]);
    case 'msqrt': return degreeOf(parts[0]) / 2;
    default: {
        const degrees = parts.map(degreeOf);
        return isSum(node) ? Math.max(...degrees) : degrees.reduce((all, one) => all + one, 0);
    }
    }
};

/** The same for a term in a figure: letters stand slanted, exponents smaller behind them. */
export const degreeInFigure = (text) => {
    const pieces = [...text.children];
    const size = Math.max(...pieces.map((one) => Number(one.getAttribute('font-size'))));
    return pieces.reduce((all, one, place) => {
        if (one.getAttribute('font-style') !== 'italic') return all;
        const next = pieces[place + 1];
        const isRaised = next && Number(next.getAttribute('font-size')) < size && /^\d+$/.test(next.textContent);
        return all + (isRaised ? Number(next.textContent) : 1);
    }, 0);
};

const LIT = 'is-pressed';
const WHERE = '.sheet, .way-sheet';

const isTerm = (text) => text.children.length > 0 && !/[=+?]|.−/.test(text.textContent);

/** All terms of a place, each with what tells whether two are alike. */
const termsIn = (place) => [
    ...[...place.querySelectorAll('.line math *')]
        .filter((one) => name(one) !== 'mo' && one.parentElement && termAt(one) === one)
        .map((one) => ({element: one, degree: degreeOf(one)})),
    ...[...place.querySelectorAll('figure svg text')].filter(isTerm)
        .map((one) => ({element: one, degree: degreeInFigure(one)})),
];

const textOf = (element) => element.textContent.replace(/[\s⁢⋅·]/gu, '');

export const terms = (page) => {
    const dark = () => page.querySelectorAll(`.${LIT}`).forEach((one) => one.classList.remove(LIT, 'is-chosen'));
    const all = () => [...page.querySelectorAll(WHERE)].flatMap(termsIn);
    /** On two ways the same product is lit in both; on a board all of one degree. */
    const light = (element) => {
        const found = all();
        const own = found.find((one) => one.element === element);
        dark();
        if (!own) return;
        const alike = page.querySelector('.way-sheet')
            ? (one) => textOf(one.element) === textOf(element)
            : (one) => one.degree === own.degree;
        found.filter(alike).forEach((one) => one.element.classList.add(LIT));
        element.classList.add('is-chosen');
    };
    const pressed = (target) => {
        const figure = target.closest('figure svg text');
        if (figure) return figure;
        const piece = target.closest('.line math *');
        return piece ? termAt(piece) : null;
    };
    page.addEventListener('click', (event) => {
        const target = event.target instanceof Element ? event.target : null;
        if (!target?.closest(WHERE) || target.closest('button, a, summary')) return;
        const term = pressed(target);
        if (term === null || term.classList.contains('is-chosen')) dark();
        else light(term);
    });
    page.addEventListener('htmx:afterSwap', dark);
    return {
        /** The next term up or down the sheet, by keys. */
        move: (by) => {
            const found = all().map((one) => one.element);
            const at = found.findIndex((one) => one.classList.contains('is-chosen'));
            const next = at < 0 ? found.length - 1 : Math.min(found.length - 1, Math.max(0, at + by));
            if (found[next]) light(found[next]);
        },
        chosen: () => page.querySelector('.is-chosen'),
        end: () => {
            const isLit = page.querySelector(`.${LIT}`) !== null;
            dark();
            return isLit;
        },
    };
};
