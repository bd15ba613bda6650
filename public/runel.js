'use strict';
// The pages work without this file; it adds keys, focus and the keypad.
(() => {
    const KEYS = {
        ArrowRight: 'pen-next', ' ': 'pen-next', PageDown: 'pen-next', ArrowLeft: 'pen-back', PageUp: 'pen-back', Home: 'pen-first', End: 'pen-all',
        w: 'pen-another', p: 'pen-present', '?': 'pen-help',
    };
    const typing = (element) => element instanceof HTMLElement && (element.matches('input, textarea, select') || element.isContentEditable);
    const helpIsOpen = () => location.hash === '#help';

    const closeHelp = () => {
        // :target only follows a real navigation.
        location.replace('#work');
        document.getElementById('pen-help')?.focus();
    };

    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.altKey) return;
        if (event.key === 'Escape') {
            if (helpIsOpen()) closeHelp();
            else if (typing(event.target)) event.target.blur();
            else if (document.body.classList.contains('presenting')) document.getElementById('pen-present')?.click();
            return;
        }
        if (typing(event.target) || !document.getElementById('board')) return;
        // Space and Enter on a focused control are that control's.
        if (event.key === ' ' && event.target instanceof HTMLElement && event.target.closest('summary, button')) return;
        const target = document.getElementById(KEYS[event.key] ?? '');
        if (!target) return;
        event.preventDefault();
        if (target.getAttribute('aria-disabled') !== 'true') target.click();
    });

    const showNow = () => {
        const now = document.getElementById('now');
        const sheet = document.querySelector('.sheet');
        if (!now || !sheet) return;
        const bottom = now.getBoundingClientRect().bottom - sheet.getBoundingClientRect().bottom;
        if (bottom > -12) sheet.scrollTop += bottom + 24;
        else if (now.getBoundingClientRect().top < sheet.getBoundingClientRect().top) now.scrollIntoView({block: 'nearest'});
    };
    let focused = null;
    document.addEventListener('htmx:beforeSwap', () => { focused = document.activeElement?.id ?? null; });
    document.addEventListener('htmx:afterSwap', () => {
        if (focused && focused.startsWith('pen-')) document.getElementById(focused)?.focus();
        showNow();
    });
    document.addEventListener('DOMContentLoaded', showNow);
    window.addEventListener('popstate', () => { if (document.getElementById('board') && !location.hash) location.reload(); });

    // Enter goes straight to the first way; without this file it shows the cards.
    const ask = document.getElementById('ask');
    const problem = document.getElementById('problem');
    ask?.addEventListener('submit', (event) => {
        event.preventDefault();
        const query = new URLSearchParams(new FormData(ask)).toString();
        fetch('/reading?' + query, {headers: {'HX-Request': 'true'}})
            .then((response) => response.text())
            .then((html) => {
                document.getElementById('reading').innerHTML = html;
                const way = document.getElementById('first-way');
                if (way) location.assign(way.href);
                else problem.focus();
            });
    });
    document.querySelectorAll('[data-key]').forEach((key) => key.addEventListener('click', () => {
        problem.setRangeText(key.dataset.key, problem.selectionStart, problem.selectionEnd, 'end');
        problem.focus();
        problem.dispatchEvent(new Event('input', {bubbles: true}));
    }));
})();
