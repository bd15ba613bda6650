// A pasted worksheet demonstrated in turn: behind the last step of one problem the same key goes on to the next.
const KEPT = 'runel-sheet';

/** Which problem of a sheet an address shows, from 0; -1 where it is none of them. */
export const placeOf = (addresses, search) => {
    const asked = (query) => {
        const parts = new URLSearchParams(query);
        return `${parts.get('problem')} ${parts.get('job')}`;
    };
    return addresses.findIndex((address) => asked(address.split('?')[1] ?? '') === asked(search));
};

/** An address of the sheet, presenting where that is what is done. */
export const going = (address, search) =>
    address + (new URLSearchParams(search).has('present') ? '&present=1' : '');

const link = (page, id, href, text, key) => {
    const made = page.createElement('a');
    made.id = id;
    made.className = 'pen';
    made.href = href;
    made.append(text, ' ', Object.assign(page.createElement('kbd'), {textContent: key}));
    return made;
};

/** What stands in the head of a board that belongs to a sheet. */
const line = (page, sheet, place, search) => {
    const span = page.createElement('span');
    span.className = 'lesson-line sheet-line';
    const where = page.createElement('span');
    where.className = 'lesson-where';
    where.textContent = sheet.where.replace(':place', place + 1).replace(':count', sheet.addresses.length);
    span.append(where);
    const [before, next] = [sheet.addresses[place - 1], sheet.addresses[place + 1]];
    if (before) span.append(link(page, 'pen-item-back', going(before, search), sheet.before, 'b'));
    if (next) span.append(link(page, 'pen-item', going(next, search), sheet.next, 'n'));
    return span;
};

export const sheet = (page, kept) => {
    page.addEventListener('click', (event) => {
        const start = event.target.closest?.('#sheet-turn');
        if (!start) return;
        const addresses = [...page.querySelectorAll('.sheet-way')].map((way) => way.getAttribute('href'));
        kept.setItem(KEPT, JSON.stringify({addresses, ...start.dataset}));
        page.location.assign(addresses[0]);
    });
    const show = () => {
        page.getElementById('sheet-turn')?.removeAttribute('hidden');
        const head = page.querySelector('.board .masthead');
        if (!head || head.querySelector('.lesson-line')) return;
        const own = JSON.parse(kept.getItem(KEPT) ?? 'null');
        const place = own ? placeOf(own.addresses, page.location.search) : -1;
        if (place >= 0) head.append(line(page, own, place, page.location.search));
    };
    page.addEventListener('htmx:afterSettle', show);
    show();
};
