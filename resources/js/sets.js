// Sets: the ladder is the control, one row has its moves, answers are shown by a key.
import {isTyping} from './keys.js';

/** What a rung that is pressed is taken with. */
const TAKEN = 4;

/** What stands on the button for so many problems. */
export const toMake = (count, words) => {
    if (count === 0) return words.none;
    return count === 1 ? words.one : words.many.replace('{count}', String(count));
};

/** The counts after a rung was pressed: it is taken or left; with Shift all up to the one pressed before, too. */
export const pressedRung = (counts, at, before, isRange) => {
    const [from, to] = isRange && before !== null ? [Math.min(at, before), Math.max(at, before)] : [at, at];
    const taken = counts[at] > 0 && !isRange ? 0 : TAKEN;
    return counts.map((count, place) => (place >= from && place <= to ? taken : count));
};

const number = (field) => (/^\d{1,2}$/.test(field.value.trim()) ? Number(field.value) : 0);

const ladder = (page) => {
    const rows = () => [...page.querySelectorAll('.ladder.is-counted .ladder-rung')];
    const field = (row) => row.querySelector('input');
    const show = () => {
        const button = page.getElementById('make');
        if (!button || rows().length === 0) return;
        rows().forEach((row) => {
            row.classList.toggle('is-picked', number(field(row)) > 0);
            row.querySelectorAll('[data-by]').forEach((one) => { one.hidden = false; });
        });
        const count = rows().reduce((all, row) => all + number(field(row)), 0);
        button.textContent = toMake(count, button.dataset);
        button.disabled = count === 0;
        const anew = page.getElementById('anew');
        if (anew) anew.disabled = count === 0;
    };
    let before = null;
    page.addEventListener('click', (event) => {
        const target = event.target instanceof Element ? event.target : null;
        const row = target?.closest('.ladder.is-counted .ladder-rung');
        if (!row || target.tagName === 'INPUT') return;
        const by = target.closest('[data-by]');
        if (by) field(row).value = String(Math.min(30, Math.max(0, number(field(row)) + Number(by.dataset.by))));
        else {
            const all = rows();
            const at = all.indexOf(row);
            const counts = pressedRung(all.map((one) => number(field(one))), at, before, event.shiftKey);
            all.forEach((one, place) => { field(one).value = String(counts[place]); });
            before = at;
        }
        show();
    });
    page.addEventListener('input', (event) => {
        if (event.target.closest?.('.rung-count')) show();
    });
    show();
};

/** Only the row that is chosen has its moves, so that the problems have the room. */
const made = (page) => {
    const list = page.querySelector('.made-list');
    if (!list) return;
    list.classList.add('has-choice');
    const choose = (row) => {
        list.querySelectorAll('.made').forEach((one) => one.classList.toggle('is-chosen', one === row));
    };
    list.addEventListener('click', (event) => choose(event.target.closest('.made')));
    list.addEventListener('focusin', (event) => choose(event.target.closest('.made')));
    const named = page.location.hash.startsWith('#item-') ? page.getElementById(page.location.hash.slice(1)) : null;
    choose(named ?? list.querySelector('.made'));
    const answers = page.getElementById('show-answers');
    answers.hidden = false;
    const toggle = () => {
        const isShown = list.classList.toggle('shows-answers');
        answers.setAttribute('aria-pressed', String(isShown));
    };
    answers.addEventListener('click', toggle);
    page.addEventListener('keydown', (event) => {
        if (event.key !== 'a' || isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
        toggle();
    });
    list.addEventListener('keydown', (event) => {
        const by = {ArrowDown: 1, ArrowUp: -1}[event.key];
        const rows = [...list.querySelectorAll('.made')];
        const next = by ? rows[rows.findIndex((row) => row.classList.contains('is-chosen')) + by] : null;
        if (!next) return;
        event.preventDefault();
        next.focus();
    });
};

export const sets = (page) => {
    if (!page.querySelector('.sets-desk')) return;
    ladder(page);
    made(page);
};
