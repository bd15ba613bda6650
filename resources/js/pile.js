// What a tutor has typed into a marked pile waits in this browser, for this pile, until it is cleared.
export const pile = (page) => {
    const marked = page.getElementById('pile');
    const drafted = page.getElementById('pile-draft');
    if (!marked || !drafted) return;
    const fields = () => [...marked.querySelectorAll('.piece [name]')];
    const key = `pile ${drafted.dataset.pileDraft}`;
    const typed = JSON.parse(localStorage.getItem(key) ?? '{}');
    fields().forEach((field) => {
        if (field.value === '' && typed[field.name]) field.value = typed[field.name];
        if (field.value !== '') field.closest('details')?.setAttribute('open', '');
    });
    const keep = () => {
        fields().forEach((field) => { typed[field.name] = field.value; });
        localStorage.setItem(key, JSON.stringify(typed));
        drafted.hidden = !Object.values(typed).some((value) => value !== '');
    };
    // What is proposed becomes the mark by one press; it can be changed like any other.
    marked.addEventListener('click', (event) => {
        const take = event.target.closest('[data-take-mark]');
        const field = take === null ? null : page.getElementById(take.dataset.takeMark);
        if (field === null) return;
        field.value = take.dataset.mark;
        field.focus();
        keep();
    });
    marked.addEventListener('input', keep);
    keep();
    page.getElementById('draft-clear').addEventListener('click', () => {
        localStorage.removeItem(key);
        Object.keys(typed).forEach((name) => { delete typed[name]; });
        fields().forEach((field) => { field.value = ''; });
        drafted.hidden = true;
    });
};
