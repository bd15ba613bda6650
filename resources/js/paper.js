// The pen's ink on paper, where it is wanted: each stroke beside the line, figure or check it was drawn on.
import {allInk, boardOf, pathOf, placed} from './strokes.js';

/** So many units make a letter: strokes are drawn in it, and grow with what they keep to. */
const LETTER = 20;

/** All strokes of a board, whatever step they were drawn at, by what they keep to; '' where that is nothing. */
export const byThing = (steps) => {
    const found = {};
    for (const stroke of Object.values(steps).flat()) {
        const name = typeof stroke.on === 'string' ? stroke.on : '';
        (found[name] ??= []).push(stroke);
    }
    return found;
};

const layer = (page, strokes, outline) => {
    const svg = (name) => page.createElementNS('http://www.w3.org/2000/svg', name);
    const made = svg('svg');
    made.setAttribute('class', 'strokes is-on-paper');
    made.setAttribute('viewBox', `0 0 ${LETTER} ${LETTER}`);
    made.setAttribute('aria-hidden', 'true');
    for (const stroke of strokes) {
        const path = svg('path');
        path.setAttribute('class', `stroke-${stroke.tool} stroke-${stroke.ink}`);
        path.setAttribute('d', pathOf(stroke.tool, placed(stroke.points, {left: 0, top: 0, letter: LETTER}), outline));
        made.append(path);
    }
    return made;
};

/** The lines of a method's card: the pressed one lights the steps that do it. */
const card = (page) => {
    page.addEventListener('click', (event) => {
        const line = event.target.closest?.('.card-line');
        if (!line) return;
        const on = line.getAttribute('aria-pressed') !== 'true';
        page.querySelectorAll('.card-line').forEach(
            (one) => one.setAttribute('aria-pressed', String(one === line && on)),
        );
        page.querySelectorAll('.card-example [data-step]').forEach((step) =>
            step.classList.toggle('is-done', on && step.dataset.step === line.dataset.card));
    });
};

export const paper = (page, store) => {
    card(page);
    const button = page.getElementById('print-ink');
    const strokes = button ? byThing(allInk(store)[boardOf(page.location.search)] ?? {}) : {};
    if (Object.keys(strokes).length === 0) return;
    button.hidden = false;
    button.addEventListener('click', async () => {
        const on = button.getAttribute('aria-pressed') !== 'true';
        button.setAttribute('aria-pressed', String(on));
        const said = page.getElementById('print-ink-left');
        page.querySelectorAll('.is-on-paper').forEach((one) => one.remove());
        said.textContent = '';
        if (!on) return;
        const {getStroke} = await import('../../vendor/freehand.js');
        const outline = (points) => getStroke(points, {size: 3, thinning: 0.5});
        let left = 0;
        for (const [name, own] of Object.entries(strokes)) {
            const thing = page.querySelector(`[data-thing="${name.replaceAll('"', '')}"]`);
            if (thing && name !== '') thing.append(layer(page, own, outline));
            else left += own.length;
        }
        if (left > 0) said.textContent = (left === 1 ? said.dataset.one : said.dataset.many).replace(':count', left);
    });
};
