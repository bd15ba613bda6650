// A pad of keys under a field, where a finger is what there is: it writes into the plain field.

/** A root's sign with its bracket: around what is chosen, or open for what comes. */
const root = (sign) => (before, chosen, after) => (chosen === ''
    ? [`${before}${sign}(`, `)${after}`]
    : [`${before}${sign}(${chosen})`, after]);

/** Keys that do more than write themselves, each with what stands before the cursor, is chosen, and stands behind. */
const KEYS = {
    '⌫': (before, chosen, after) => [chosen === '' ? before.slice(0, -1) : before, after],
    '←': (before, chosen, after) => [before.slice(0, -1), before.slice(-1) + chosen + after],
    '→': (before, chosen, after) => [before + chosen + after.slice(0, 1), after.slice(1)],
    // What was written before becomes the top: a number, a letter or a bracket.
    'a/b': (before, chosen, after) => {
        if (chosen !== '') return [`${before}(${chosen})/`, after];
        return /(\d+(?:\.\d+)?|[a-z][₀-₉]*(?:[²³]|\^\d+)?|\([^()]*\))$/i.test(before)
            ? [`${before}/`, after]
            : [`${before}(`, `)/()${after}`];
    },
    '√': root('√'),
    '∛': root('∛'),
    // The index is written first, what stands under the root behind the comma.
    'ⁿ√': (before, chosen, after) => [`${before}root(`, `,${chosen})${after}`],
    '↵': (before, chosen, after) => [`${before}\n`, after],
    'xⁿ': (before, chosen, after) => [`${before}${chosen}^`, after],
};

/** What a key makes of a text with the cursor in it. */
export const written = (text, from, to, key) => {
    // Behind a letter or a bracket the square is theirs; elsewhere the letter comes with it.
    const isSquare = /^[a-z][₀-₉]*²$/i.test(key) && /[a-z₀-₉)]$/i.test(text.slice(0, from));
    const own = KEYS[key] ?? ((before, chosen, after) => [before + (isSquare ? '²' : key), after]);
    const [before, after] = own(text.slice(0, from), text.slice(from, to), text.slice(to));
    return {text: before + after, at: before.length};
};

const isTouched = () => window.matchMedia('(pointer: coarse)').matches;

export const pad = (page) => {
    const fieldOf = (element) => page.getElementById(element.closest('[data-pad]').dataset.pad);
    const show = () => {
        page.querySelectorAll('[data-pad]').forEach((one) => {
            const field = page.getElementById(one.dataset.pad);
            if (!field || !isTouched()) return;
            one.hidden = false;
            // The system's own keyboard would cover the line.
            if (!field.dataset.own) field.setAttribute('inputmode', 'none');
        });
    };
    page.addEventListener('pointerdown', (event) => {
        // The field keeps the cursor while a key is pressed.
        if (event.target instanceof Element && event.target.closest('.pad-key')) event.preventDefault();
    });
    page.addEventListener('click', (event) => {
        const key = event.target instanceof Element ? event.target.closest('.pad-key') : null;
        if (!key) return;
        const field = fieldOf(key);
        if (key.dataset.write === '…') {
            const leaf = key.closest('.pad').querySelector('.pad-leaf');
            leaf.hidden = !leaf.hidden;
            return;
        }
        if (key.dataset.write === '↵' && field.matches('input, #problem')) {
            field.form.requestSubmit();
            return;
        }
        if (key.dataset.write === 'abc') {
            field.dataset.own = '1';
            field.removeAttribute('inputmode');
            field.focus();
            return;
        }
        const {text, at} = written(field.value, field.selectionStart, field.selectionEnd, key.dataset.write);
        field.value = text;
        field.focus();
        field.setSelectionRange(at, at);
        field.dispatchEvent(new Event('input', {bubbles: true}));
    });
    page.addEventListener('htmx:afterSettle', show);
    page.addEventListener('runel:part', show);
    show();
};
