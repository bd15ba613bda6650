// Presenting: how far away the last seat is, a bar that comes with a movement, a hand on the picture, a blank sheet.
import {isTyping} from './keys.js';
import {showNow} from './work.js';

/** The distance of the furthest seat, in metres. */
export const SEATS = [3, 6, 10];
const KEPT = 'runel seat';
const BAR = 3000;

/** The distance after the one there is, nearer or further; the same at either end. */
export const seatAfter = (seat, by) => {
    const place = SEATS.indexOf(seat) + by;
    return SEATS[Math.min(SEATS.length - 1, Math.max(0, place))];
};

/** What a touch on the picture asks for: its right third the next step, its left sixth the one before. */
export const touched = (x, width) => {
    if (x > width * 2 / 3) return 'pen-next';
    return x < width / 6 ? 'pen-back' : null;
};

const kept = () => {
    const seat = Number(localStorage.getItem(KEPT));
    return SEATS.includes(seat) ? seat : 6;
};

export const presenting = (page) => {
    const {body} = page;
    const isOn = () => body.classList.contains('board') && body.classList.contains('presenting');
    const sit = (seat) => {
        SEATS.forEach((one) => body.classList.toggle(`seat-${one}`, one === seat));
        localStorage.setItem(KEPT, String(seat));
        page.querySelectorAll('.seat-now').forEach((said) => { said.textContent = `${seat} m`; });
        showNow(page);
    };
    /** At ten metres either the last lines are shown or the figure. */
    const turn = () => {
        const isFigure = body.classList.toggle('shows-figure');
        page.getElementById('seat-figure')?.setAttribute('aria-pressed', String(isFigure));
        showNow(page);
    };
    let hiding = null;
    const showBar = () => {
        if (!isOn()) return;
        body.classList.add('shows-bar');
        clearTimeout(hiding);
        hiding = setTimeout(() => body.classList.remove('shows-bar'), BAR);
    };
    if (isOn()) sit(kept());
    page.addEventListener('htmx:afterSwap', () => { if (isOn()) sit(kept()); });
    page.addEventListener('pointermove', showBar);
    page.addEventListener('click', (event) => {
        const further = event.target instanceof Element ? event.target.closest('[data-seat]') : null;
        if (further) sit(seatAfter(kept(), Number(further.dataset.seat)));
        if (event.target instanceof Element && event.target.closest('#seat-figure')) turn();
    });
    const does = {
        '+': () => sit(seatAfter(kept(), 1)),
        '=': () => sit(seatAfter(kept(), 1)),
        '-': () => sit(seatAfter(kept(), -1)),
        f: turn,
    };
    page.addEventListener('keydown', (event) => {
        if (!isOn() || isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
        does[event.key]?.();
        body.classList.toggle('is-blank', event.key === '.' && !body.classList.contains('is-blank'));
    });
    page.addEventListener('pointerup', (event) => {
        if (!isOn() || event.pointerType !== 'touch' || !(event.target instanceof Element)) return;
        if (event.target.closest('a, button, input, summary, label, .margin')) return;
        const id = touched(event.clientX, window.innerWidth);
        const control = id === null ? null : page.getElementById(id);
        if (control && control.getAttribute('aria-disabled') !== 'true') control.click();
    });
};
