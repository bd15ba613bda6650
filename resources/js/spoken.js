// What a part of the page says to those who listen.

const SILENT = ['BUTTON', 'FORM', 'DETAILS', 'KBD'];

const words = (node) => {
    if (node.nodeType === 3) return node.data;
    if (node.nodeType !== 1 || SILENT.includes(node.tagName)) return '';
    // Mathematics is said in the words it carries.
    if (node.classList.contains('maths')) return ` ${node.getAttribute('aria-label')} `;
    return [...node.childNodes].map(words).join('');
};

/** Its words in one line, mathematics in words, without what is pressed or typed into. */
export const spoken = (element) => words(element).replace(/\s+/g, ' ').trim();
