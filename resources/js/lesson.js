// A lesson: its thin line while it is played, its items in another order while it is planned.
import {late} from './clock.js';
import {isTyping} from './keys.js';

const LOOKED_AT = 20000;
const GLANCE = 3000;

/** How far the clock is from the plan, since the first item was played in this window. */
export const lessonLine = (page) => {
    const look = () => {
        const line = page.querySelector('.lesson-line[data-lesson]');
        if (!line) return;
        const key = `lesson ${line.dataset.lesson}`;
        const begins = Number(line.dataset.begins);
        // Begun in the middle, the plan begins there, too.
        const first = sessionStorage.getItem(key) ?? String(Date.now() - begins * 1000);
        sessionStorage.setItem(key, first);
        const minutes = late(Number(first), begins, Date.now());
        const said = line.querySelector('.lesson-now');
        said.textContent = minutes === 0
            ? ''
            : `${Math.abs(minutes)} ${minutes > 0 ? said.dataset.behind : said.dataset.ahead}`;
    };
    look();
    setInterval(look, LOOKED_AT);
    order(page);
};

/** The clock is the tutor's: the room sees it for as long as it takes to read it. */
export const glance = (page) => {
    let hiding = null;
    page.addEventListener('keydown', (event) => {
        const line = page.querySelector('.lesson-line');
        if (event.key !== 't' || !line || isTyping(event.target) || event.ctrlKey || event.metaKey) return;
        line.classList.add('shows-clock');
        clearTimeout(hiding);
        hiding = setTimeout(() => line.classList.remove('shows-clock'), GLANCE);
    });
};

/** The items dragged by their handles. */
export const sorting = (page) => {
    const list = page.getElementById('sortable');
    if (!list || !window.Sortable || window.Sortable.get(list)) return;
    window.Sortable.create(list, {
        handle: '.lesson-handle',
        forceFallback: true,
        ghostClass: 'is-dragged',
        animation: matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : 150,
        onEnd: () => {
            const ids = [...list.children].map((item) => item.dataset.id).join(',');
            const now = page.getElementById('order-now');
            if (now.value === ids) return;
            now.value = ids;
            page.getElementById('order').requestSubmit();
        },
    });
};

/** The items moved by arrow keys on their handles, or by buttons. */
const order = (page) => {
    // The buttons stand outside their form: what they say goes along in its field.
    page.addEventListener('click', (event) => {
        const move = event.target instanceof Element ? event.target.closest('.lesson-move') : null;
        if (move) page.getElementById('order-now').value = move.value;
    });
    page.addEventListener('keydown', (event) => {
        const way = {ArrowUp: 'up', ArrowDown: 'down'}[event.key];
        const handle = event.target instanceof Element ? event.target.closest('.lesson-handle') : null;
        if (!way || !handle) return;
        event.preventDefault();
        page.getElementById(handle.id.replace('handle', way))?.click();
    });
};
