// Live rooms: a part of the page that is asked for again, the code as a picture, and what is typed set as mathematics.

const OFTEN = 2000;
const SELDOM = 15000;
const TYPED = 150;

/** How long to wait: less often where nobody looks, and after each time nothing was reached. */
export const pause = (isHidden, failures) => (isHidden ? SELDOM : Math.min(SELDOM, OFTEN * 2 ** Math.min(failures, 3)));

const draw = (page) => {
    const places = [...page.querySelectorAll('[data-qr]:empty')];
    if (places.length === 0) return;
    import('../../vendor/uqr.js').then(({encode}) => places.forEach((place) => {
        const {size, data} = encode(place.dataset.qr, {ecc: 'M', border: 2});
        const svg = page.createElementNS('http://www.w3.org/2000/svg', 'svg');
        svg.setAttribute('viewBox', `0 0 ${size} ${size}`);
        svg.setAttribute('role', 'img');
        svg.setAttribute('aria-label', place.dataset.qr);
        const path = page.createElementNS('http://www.w3.org/2000/svg', 'path');
        path.setAttribute('d', data.flatMap((row, y) =>
            row.map((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : ''))).join(''));
        svg.append(path);
        place.replaceChildren(svg);
    }));
};

/** The new part in the old one's place; a line half typed stays, as long as the question is the same. */
const swap = (page, old, html) => {
    const field = old.querySelector('[data-number]');
    const kept = field ? {
        number: field.dataset.number, value: field.value, focused: page.activeElement === field,
        at: field.selectionStart,
    } : null;
    const opened = [...old.querySelectorAll('details[open]')].map((one) => one.className);
    const holder = page.createElement('template');
    holder.innerHTML = html;
    const fresh = holder.content.firstElementChild;
    old.replaceWith(fresh);
    opened.forEach((name) => fresh.querySelectorAll(`details.${name}`).forEach((one) => { one.open = true; }));
    const now = fresh.querySelector('[data-number]');
    if (kept && now && now.dataset.number === kept.number && kept.value !== '') {
        now.value = kept.value;
        if (kept.focused) {
            now.focus();
            now.setSelectionRange(kept.at, kept.at);
        }
    }
    window.htmx?.process(fresh);
    draw(page);
    page.dispatchEvent(new window.CustomEvent('runel:part'));
};

const polling = (page) => {
    let failures = 0;
    const ask = async () => {
        const part = page.querySelector('[data-poll]');
        if (!part) return;
        try {
            const answer = await fetch(`${part.dataset.poll}?seen=${part.dataset.seen}`, {
                headers: {'HX-Request': 'true'},
            });
            failures = 0;
            part.querySelectorAll('.slate-lost').forEach((lost) => { lost.hidden = true; });
            if (answer.status === 200) swap(page, part, await answer.text());
            else if (answer.status === 205) page.location.reload();
        } catch {
            failures += 1;
            part.querySelectorAll('.slate-lost').forEach((lost) => { lost.hidden = false; });
        }
    };
    const again = () => setTimeout(async () => {
        await ask();
        again();
    }, pause(page.hidden, failures));
    again();
    page.addEventListener('visibilitychange', () => { if (!page.hidden) ask(); });
};

/** What is typed stands beneath as mathematics. */
const reading = (page) => {
    let waiting = null;
    page.addEventListener('input', (event) => {
        const place = event.target.form?.querySelector('[data-read]');
        if (!place || event.target.tagName !== 'INPUT') return;
        clearTimeout(waiting);
        waiting = setTimeout(async () => {
            const typed = event.target.value;
            const answer = typed.trim() === '' ? null : await fetch(
                `${place.dataset.read}&next=${encodeURIComponent(typed)}`,
                {headers: {'HX-Request': 'true'}},
            ).catch(() => null);
            const html = answer?.ok ? await answer.text() : '';
            if (event.target.value === typed) place.innerHTML = html;
        }, TYPED);
    });
};

/** An address, or all of them with their names, a line each. */
const addresses = (page) => page.addEventListener('click', (event) => {
    const button = event.target instanceof Element ? event.target.closest('.copy-address, #copy-all') : null;
    if (!button) return;
    const text = button.dataset.address ?? [...page.querySelectorAll('.handed-slip')].map((slip) =>
        `${slip.querySelector('strong').textContent}: ${slip.querySelector('.handed-short').textContent}`).join('\n');
    button.dataset.said = text;
    navigator.clipboard?.writeText(text).catch(() => null);
    button.firstChild.data = button.dataset.copied;
});

export const slates = (page) => {
    draw(page);
    addresses(page);
    reading(page);
    if (page.querySelector('[data-poll]')) polling(page);
};
