// What happens around a part of the page that is swapped: where the focus goes, what is shown and told.
import {fetchAhead} from './ahead.js';
import {announce, showNow, travel} from './work.js';

const toEnd = (field) => {
    field.focus();
    field.setSelectionRange(field.value.length, field.value.length);
};

/** What was sent and not taken is said beside it; nothing is swapped, so what was typed stays. */
const failed = (page) => (event) => {
    const form = event.target instanceof Element ? event.target.closest('form') : null;
    if (!form || event.detail.requestConfig?.verb !== 'post') return;
    const said = form.querySelector('.form-failed') ?? form.appendChild(page.createElement('p'));
    said.className = 'form-failed';
    said.setAttribute('role', 'alert');
    said.textContent = page.body.dataset.failed;
};

/** A field that was not swapped keeps its focus, or stays left, as the typist wants it. */
const focusAfter = (page, swapped, focused) => {
    const isNew = (field) => field && swapped.contains(field);
    const [answer, draft] = [page.getElementById('answer'), page.getElementById('draft')];
    if (isNew(answer)) answer.focus();
    else if (isNew(draft)) toEnd(draft);
    else if (focused) page.getElementById(focused)?.focus();
};

/** The forms beside a lesson's plan speak of the lesson as it is now. */
const sameVersion = (page, plan) => {
    const now = plan.querySelector('input[name=version]').value;
    page.querySelectorAll('input[name=version]').forEach((field) => { field.value = now; });
};

/** What is opened in the margin, by what opens it. */
const DEEPER = { 'pen-why': 'why-more', 'pen-calculator': 'keypad-more' };

/** Asked once more, what is deeper is closed. */
const closeDeeper = (page) => (event) => {
    const deeper = page.getElementById(DEEPER[event.target.closest?.('.why-open')?.id] ?? '');
    if (!deeper?.hasChildNodes()) return;
    deeper.replaceChildren();
    event.preventDefault();
    event.stopPropagation();
};

/**
 * @param clock    the quiet timer, which is shown where a part has one
 * @param rearrange called when a part may hold a list that can be sorted
 */
export const swaps = (page, clock, rearrange) => {
    let focused = null;
    page.addEventListener('htmx:beforeSwap', () => { focused = page.activeElement?.id || null; });
    page.addEventListener('click', closeDeeper(page), true);
    page.addEventListener('htmx:responseError', failed(page));
    page.addEventListener('htmx:sendError', failed(page));
    page.addEventListener('htmx:afterSwap', (event) => {
        const swapped = event.detail.target;
        focusAfter(page, swapped, focused);
        rearrange();
        if (swapped.id === 'plan') sameVersion(page, swapped);
        // A part that holds no work moves nothing and is nothing to tell.
        if (!swapped.querySelector('#work')) return;
        clock.show();
        showNow(page);
        travel(page);
        announce(page);
        fetchAhead(page);
    });
    const begin = () => {
        clock.show();
        showNow(page);
        // Once the shipped fonts are in, lines are as high as they stay.
        page.fonts.ready.then(() => showNow(page));
        page.getElementById('answer')?.focus();
        const draft = page.getElementById('draft');
        // In a lesson the keys are the lesson's until the field is chosen.
        if (draft && !page.querySelector('.lesson-line')) toEnd(draft);
        fetchAhead(page);
    };
    if (page.readyState === 'complete') begin();
    else page.addEventListener('DOMContentLoaded', begin);
    window.addEventListener('popstate', () => {
        if (page.querySelector('.pen-bar') && !location.hash) location.reload();
    });
};
