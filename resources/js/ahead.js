// The next step is fetched before it is asked for, where browsers may keep it: a key press then paints at once.

/** The address of what comes next, where all that it depends on stands in it; null where there is none. */
export const next = (control) => {
    const address = control?.getAttribute('hx-get') ?? '';
    const isOver = control?.getAttribute('aria-disabled') === 'true';
    return !isOver && /[?&]house=\d/.test(address) ? address : null;
};

export const fetchAhead = (page) => {
    const address = next(page.getElementById('pen-next'));
    if (!address || navigator.connection?.saveData) return;
    // What does not come is fetched again when it is wanted.
    fetch(address, {headers: {'HX-Request': 'true'}, priority: 'low'}).catch(() => null);
};
