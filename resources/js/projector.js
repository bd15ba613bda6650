// A problem on the projector: when its time is over, its answer is shown.
import {rest, shown} from './clock.js';

const TICK = 200;

export const projector = (page) => {
    const counting = page.querySelector('[data-countdown]');
    if (!counting) return;
    const seconds = Number(counting.dataset.countdown);
    const end = Date.now() + seconds * 1000;
    const count = () => {
        const left = rest(end, Date.now());
        counting.querySelector('.countdown-left').textContent = shown(left);
        counting.querySelector('progress').value = left / seconds;
        if (left > 0) setTimeout(count, TICK);
        else page.getElementById('pen-next').click();
    };
    count();
};
