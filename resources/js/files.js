// A field for a file: what was chosen or dropped is said in the page's own words.
const dress = (field) => {
    const said = field.querySelector('.file-said');
    const input = field.querySelector('input');
    if (field.classList.contains('is-dressed')) return;
    field.classList.add('is-dressed');
    field.querySelector('.file-face').hidden = false;
    const tell = () => { said.textContent = input.files[0]?.name ?? field.dataset.none; };
    input.addEventListener('change', tell);
    tell();
};

export const files = (page) => {
    const all = () => page.querySelectorAll('.file-field').forEach(dress);
    page.addEventListener('htmx:afterSettle', all);
    all();
};
