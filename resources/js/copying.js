// A line that is held, or called for with c, offers itself to be copied: one small tool, where wanted.

const mathMl = (line) => {
    // A line that runs over several pieces is one line again.
    const math = line.ownerDocument.createElementNS('http://www.w3.org/1998/Math/MathML', 'math');
    line.querySelectorAll('math').forEach((piece) => math.append(...piece.cloneNode(true).childNodes));
    math.querySelectorAll('[class]').forEach((piece) => piece.removeAttribute('class'));
    return new XMLSerializer().serializeToString(math);
};

/** What of a line is copied, by the name of the format. */
const FORMATS = {LaTeX: (line) => line.dataset.latex, MathML: mathMl, text: (line) => line.dataset.text};

const SAID = 1200;
/** Held so many milliseconds, a line is meant as a whole. */
const HELD = 500;

export const copying = (page) => {
    const words = page.body.dataset;
    const button = (format) => {
        const one = page.createElement('button');
        one.type = 'button';
        one.className = 'copy';
        one.dataset.format = format;
        one.textContent = format === 'text' ? words.copyText : format;
        return one;
    };
    const remove = () => page.querySelectorAll('.copy-tool').forEach((tool) => tool.remove());
    const put = (line) => {
        remove();
        const tool = page.createElement('span');
        tool.className = 'copy-tool';
        tool.setAttribute('role', 'group');
        tool.setAttribute('aria-label', words.copy);
        tool.append(...Object.keys(FORMATS).map(button));
        line.append(tool);
        return tool;
    };
    const copy = (pressed) => {
        const text = FORMATS[pressed.dataset.format](pressed.closest('.line'));
        pressed.dataset.copied = text;
        const name = pressed.textContent;
        const done = () => {
            pressed.textContent = words.copied;
            setTimeout(() => { pressed.textContent = name; }, SAID);
        };
        if (navigator.clipboard) navigator.clipboard.writeText(text).then(done, done);
        else done();
    };
    let holding = null;
    let held = false;
    page.addEventListener('pointerdown', (event) => {
        const line = event.target instanceof Element ? event.target.closest('.sheet .line, .way-sheet .line') : null;
        held = false;
        if (!line || event.target.closest('.copy') || page.body.classList.contains('is-writing')) return;
        holding = setTimeout(() => {
            held = true;
            put(line);
        }, HELD);
    });
    ['pointerup', 'pointercancel', 'scroll'].forEach((end) =>
        page.addEventListener(end, () => clearTimeout(holding), true));
    page.addEventListener('click', (event) => {
        const target = event.target instanceof Element ? event.target : null;
        const pressed = target?.closest('.copy');
        if (pressed) copy(pressed);
        else if (held) held = false;
        else remove();
        if (target?.id === 'print-now') window.print();
    });

    return {
        open: () => {
            const line = [...page.querySelectorAll('#now .line, #now.line, .sheet .line')].pop();
            if (line) put(line).querySelector('button').focus();
            else remove();
        },
        close: () => {
            const isOpen = page.querySelector('.copy-tool') !== null;
            remove();
            return isOpen;
        },
    };
};
