// The work on the sheet: its newest part is in view, comes from where it was, and is told once.
import {spoken} from './spoken.js';

const AIR = 24;
const CLOSE = 12;

/** The newest part is in view. */
export const showNow = (page) => {
    const now = page.getElementById('now');
    const sheet = page.querySelector('.sheet');
    if (!now || !sheet) return;
    const [own, all] = [now.getBoundingClientRect(), sheet.getBoundingClientRect()];
    if (own.bottom - all.bottom > -CLOSE) sheet.scrollTop += own.bottom - all.bottom + AIR;
    else if (own.top < all.top) now.scrollIntoView({block: 'nearest'});
};

/** What a step has written travels to its place from where the same stands in the line before, or from that line. */
export const travel = (page) => {
    if (matchMedia('(prefers-reduced-motion: reduce)').matches) return;
    page.querySelectorAll('.travels').forEach((number) => {
        const [right, down] = number.dataset.from.split(' ');
        const path = [{transform: `translate(${right}px, ${down}px)`}, {transform: 'none'}];
        number.animate?.(path, {duration: 900, easing: 'ease-in-out'});
    });
    const stands = (line) => !line.classList.contains('is-now') && !line.classList.contains('link-side');
    const before = [...page.querySelectorAll('.sheet .open .lines .line')].filter(stands).pop();
    if (!before) return;
    page.querySelectorAll('.is-now .mark-written').forEach((written) => {
        const alike = (other) => other.textContent === written.textContent;
        const same = [...before.querySelectorAll('math *')].filter(alike).pop();
        const from = (same ?? before).getBoundingClientRect();
        const to = written.getBoundingClientRect();
        const start = `translate(${same ? from.left - to.left : 0}px, ${from.top - to.top}px)`;
        const path = [{transform: start, opacity: .3}, {transform: 'none', opacity: 1}];
        written.animate?.(path, {duration: 420, easing: 'ease-out'});
    });
};

/** What a step says, once, for those who listen. */
export const announce = (page) => {
    const place = page.getElementById('announce');
    if (!place) return;
    const parts = [...page.querySelectorAll('.margin-what, .margin-why, .verdict, #now .line, #now.line')];
    place.textContent = parts.map(spoken).join('. ');
};
