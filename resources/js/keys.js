/** Which control a key stands for, by its id. */
export const CONTROLS = {
    ArrowRight: 'pen-next', ' ': 'pen-next', PageDown: 'pen-next',
    ArrowLeft: 'pen-back', PageUp: 'pen-back', Home: 'pen-first', End: 'pen-all',
    w: 'pen-another', p: 'pen-present', q: 'pen-ask', 2: 'pen-ways', g: 'pen-go-on',
    y: 'pen-turn', n: 'pen-item', b: 'pen-item-back', i: 'pen-items', h: 'pen-hint', u: 'pen-undo', v: 'pen-watch',
    r: 'pen-room', o: 'pen-open', s: 'pen-stopped', t: 'pen-told',
    e: 'pen-why', k: 'pen-calculator', l: 'pen-point', d: 'pen-pen', '?': 'pen-help',
};

/** Whether something is typed into. */
export const isTyping = (element) => element.matches?.('input, textarea, select') || element.isContentEditable === true;

/** Whether a key may go to the controls, though something has the focus. */
export const isFree = (key, element) => {
    // An empty answer lets the arrows and a clicker through: the tutor may reveal without typing.
    if (isTyping(element)) return element.id === 'answer' && element.value === '' && /^(Arrow|Page)/.test(key);
    // Space on a focused control is that control's.
    return !(key === ' ' && element.closest?.('summary, button'));
};

/** The page of keys, which is shown as long as its name stands in the address. */
export const help = (page) => ({
    close: () => {
        if (page.location.hash !== '#help') return false;
        // :target only follows a real navigation.
        page.location.replace('#work');
        page.getElementById('pen-help')?.focus();
        return true;
    },
});

/** The rooms, opened by a key, and reached by their numbers while they are open. */
export const rooms = (page) => {
    const leaf = () => page.getElementById('rooms');
    return {
        close: () => {
            if (!leaf()?.open) return false;
            leaf().open = false;
            page.getElementById('work')?.focus();
            return true;
        },
        pressed: (key) => {
            if (!leaf()) return false;
            if (key === 'm') leaf().open = !leaf().open;
            const row = leaf().open && /^\d$/.test(key) ? leaf().querySelector(`[data-digit="${key}"]`) : null;
            row?.click();
            return key === 'm' || row !== null;
        },
    };
};

/** Where a step more or a step back is none of the item's, it is the lesson's; where nothing is watched, v reads. */
const BEYOND = {
    'pen-next': 'pen-item', 'pen-back': 'pen-item-back', 'pen-watch': 'pen-aloud', 'pen-open': 'pen-changed',
};

/** What a key presses; null where there is nothing for it. */
const pressed = (page, id) => {
    const control = page.getElementById(id);
    return control && control.getAttribute('aria-disabled') !== 'true'
        ? control
        : page.getElementById(BEYOND[id] ?? '') ?? control;
};

const isCommand = (event) => event.ctrlKey || event.metaKey || event.altKey;

/**
 * @param closing what Escape closes, the first that is open alone: each says whether it was
 * @param room    what the keys of the rooms are pressed on
 */
export const keys = (page, closing, room) => {
    const escape = (element) => {
        if (closing.some((one) => one.close())) return;
        if (isTyping(element)) element.blur();
        else if (page.body.classList.contains('presenting') && page.getElementById('pen-present')) {
            page.getElementById('pen-present').click();
        } else page.getElementById('pen-leave')?.click();
    };
    /** Whether a key was one of the controls' on the page. */
    const steered = (key) => {
        if (!page.querySelector('.pen-bar')) return false;
        if (key === 'c') {
            closing.find((one) => one.open)?.open();
            return false;
        }
        const control = pressed(page, CONTROLS[key] ?? '');
        if (control && control.getAttribute('aria-disabled') !== 'true') control.click();
        return control !== null;
    };
    page.addEventListener('keydown', (event) => {
        if (isCommand(event)) return;
        if (event.key === 'Escape') {
            escape(event.target);
            return;
        }
        if (!isFree(event.key, event.target)) return;
        const isTaken = !isTyping(event.target) && room.pressed(event.key);
        if (isTaken || steered(event.key)) event.preventDefault();
    });
};
