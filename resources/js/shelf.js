// The shelf: filtered while one types; what is taken off it can be put back for eight seconds.
const SECONDS = 8;

/** Whether a row is to be seen: every word typed stands in it. */
export const holds = (text, typed) =>
    typed.toLowerCase().split(/\s+/).every((word) => text.toLowerCase().includes(word));

const filter = (page, field) => {
    page.querySelectorAll('.shelf-group').forEach((group) => {
        let shown = 0;
        group.querySelectorAll('li').forEach((row) => {
            row.hidden = !holds(row.dataset.find, field.value.trim());
            shown += row.hidden ? 0 : 1;
        });
        group.hidden = shown === 0;
        if (field.value.trim() !== '' && shown > 0) group.open = true;
    });
};

/** The row gives way to a line with Undo; only after that is it asked to go. */
const removed = (page, button) => {
    const row = button.closest('li');
    const undo = Object.assign(page.createElement('button'), {
        type: 'button', className: 'button is-small', textContent: button.dataset.undo,
    });
    const said = page.createElement('p');
    said.className = 'shelf-gone';
    said.setAttribute('role', 'status');
    said.append(button.dataset.gone, ' ', undo);
    row.classList.add('is-gone');
    row.append(said);
    const send = () => {
        page.removeEventListener('visibilitychange', send);
        clearTimeout(waiting);
        // What the button itself says goes along: of several names the one that is meant.
        const form = new FormData(button.form, button);
        fetch(button.getAttribute('formaction') ?? button.form.action, {method: 'POST', body: form, keepalive: true});
        row.remove();
    };
    const waiting = setTimeout(send, SECONDS * 1000);
    page.addEventListener('visibilitychange', send);
    undo.addEventListener('click', () => {
        clearTimeout(waiting);
        page.removeEventListener('visibilitychange', send);
        row.classList.remove('is-gone');
        said.remove();
        button.focus();
    });
    undo.focus();
};

export const shelf = (page) => {
    const field = page.getElementById('shelf-filter');
    if (field) {
        field.hidden = false;
        field.addEventListener('input', () => filter(page, field));
    }
    page.querySelectorAll('.shelf-remove[data-undo]').forEach((button) => button.addEventListener('click', (event) => {
        event.preventDefault();
        removed(page, button);
    }));
};
