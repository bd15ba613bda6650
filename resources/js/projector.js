// A problem on the projector: when its time is over, it says so, and waits.
import {rest, shown} from './clock.js';

const TICK = 200;
/** What is given when the time is over, in seconds. */
const MORE = 60;

export const projector = (page) => {
    const counting = page.querySelector('[data-countdown]');
    if (!counting) return;
    const more = counting.querySelector('.countdown-more');
    const run = (seconds) => {
        const end = Date.now() + seconds * 1000;
        more.hidden = true;
        const count = () => {
            const left = rest(end, Date.now());
            counting.querySelector('.countdown-left').textContent = shown(left);
            counting.querySelector('progress').value = left / seconds;
            if (left > 0) setTimeout(count, TICK);
            else more.hidden = false;
        };
        count();
    };
    more.querySelector('button').addEventListener('click', () => run(MORE));
    run(Number(counting.dataset.countdown));
};
