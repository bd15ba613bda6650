// The styles kept by name hang from the masthead until they are chosen or left.
export const keptStyles = (page) => {
    const show = (shown) => {
        const list = page.getElementById('kept-styles');
        const more = page.getElementById('more-styles');
        if (!list || !more) return;
        list.hidden = !shown;
        more.setAttribute('aria-expanded', String(shown));
    };
    page.addEventListener('htmx:afterSwap', (event) => {
        if (event.detail.target.id !== 'kept-styles') return;
        show(true);
        event.detail.target.querySelector('a')?.focus();
    });
    page.addEventListener('click', (event) => {
        if (!event.target.closest?.('.masthead-style')) show(false);
    });

    return {
        close: () => {
            if (!page.querySelector('.masthead-kept:not([hidden])')) return false;
            show(false);
            page.getElementById('more-styles').focus();
            return true;
        },
    };
};
