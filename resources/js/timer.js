// The quiet timer: fills a bar, says so once, reveals nothing by itself.
import {part} from './clock.js';

const TICK = 200;

export const timer = (page) => {
    let running = null;
    let isStarted = false;
    const tick = () => {
        const bar = page.querySelector('.timer-bar');
        if (!bar || !running) return;
        const over = part(running.start, running.seconds, Date.now());
        bar.hidden = false;
        bar.value = over;
        if (over < 1) {
            clearTimeout(running.next);
            running.next = setTimeout(tick, TICK);
            return;
        }
        const said = page.querySelector('.timer-over');
        if (said) said.textContent = said.dataset.over;
        running = null;
    };
    const start = (seconds) => {
        if (!(seconds > 0)) return;
        isStarted = true;
        running = {start: Date.now(), seconds};
        tick();
    };
    page.addEventListener('click', (event) => {
        const chosen = event.target instanceof Element ? event.target.closest('[data-seconds]') : null;
        if (chosen) start(Number(chosen.dataset.seconds));
    });
    page.addEventListener('change', (event) => {
        if (event.target instanceof HTMLInputElement && event.target.matches('[data-own]')) {
            start(Number(event.target.value));
        }
    });

    return {
        show: () => {
            const own = page.querySelector('.timer');
            if (!own) return;
            own.hidden = false;
            // A try that was given its time begins to run when it is opened, once.
            if (own.dataset.start && !isStarted) start(Number(own.dataset.start));
            tick();
        },
    };
};
