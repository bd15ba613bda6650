/** Which control a key stands for, by its id. */
export const CONTROLS = {
    ArrowRight: 'pen-next', ' ': 'pen-next', PageDown: 'pen-next',
    ArrowLeft: 'pen-back', PageUp: 'pen-back', Home: 'pen-first', End: 'pen-all',
    w: 'pen-another', p: 'pen-present', q: 'pen-ask', 2: 'pen-ways', g: 'pen-go-on',
    y: 'pen-turn', n: 'pen-item', h: 'pen-hint', u: 'pen-undo', v: 'pen-watch',
    '?': 'pen-help',
};

/** Whether something is typed into. */
export const isTyping = (element) => element.matches?.('input, textarea, select') || element.isContentEditable === true;

/** Whether a key may go to the controls, though something has the focus. */
export const isFree = (key, element) => {
    // An empty answer lets the arrows through: the tutor may reveal without typing.
    if (isTyping(element)) return element.id === 'answer' && element.value === '' && key.startsWith('Arrow');
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

/** At the end of an item one key goes on to the next. */
const press = (page, control) => {
    const isOver = control.getAttribute('aria-disabled') === 'true';
    if (!isOver) control.click();
    else if (control.id === 'pen-next') page.getElementById('pen-item')?.click();
};

const isCommand = (event) => event.ctrlKey || event.metaKey || event.altKey;

/** @param closing what Escape closes, the first that is open alone: each says whether it was */
export const keys = (page, closing) => {
    const escape = (element) => {
        if (closing.some((one) => one.close())) return;
        if (isTyping(element)) element.blur();
        else if (page.body.classList.contains('presenting')) page.getElementById('pen-present')?.click();
    };
    page.addEventListener('keydown', (event) => {
        if (isCommand(event)) return;
        if (event.key === 'Escape') {
            escape(event.target);
            return;
        }
        if (!isFree(event.key, event.target) || !page.querySelector('.pen-bar')) return;
        if (event.key === 'c') {
            closing.find((one) => one.open)?.open();
            return;
        }
        const control = page.getElementById(CONTROLS[event.key] ?? '');
        if (!control) return;
        event.preventDefault();
        press(page, control);
    });
};
