// Enter goes straight to the first way; without this file it shows the cards.
export const bench = (page) => {
    const ask = page.getElementById('ask');
    const problem = page.getElementById('problem');
    ask?.addEventListener('submit', (event) => {
        event.preventDefault();
        const query = new URLSearchParams(new FormData(ask)).toString();
        fetch(`/reading?${query}`, {headers: {'HX-Request': 'true'}})
            .then((response) => response.text())
            .then((html) => {
                page.getElementById('reading').innerHTML = html;
                const turn = page.getElementById('sheet-turn');
                const way = page.getElementById('first-way');
                // A sheet is demonstrated from its first problem to its last.
                if (turn) turn.click();
                else if (way) location.assign(way.href);
                else problem.focus();
            });
    });
    // On a phone the evening is a line under the input, unfolded where it is wanted.
    const today = page.getElementById('today-fold');
    if (today && window.matchMedia('(max-width: 900px)').matches) {
        today.open = false;
        ask.after(today);
    }
    problem?.addEventListener('input', () => {
        problem.classList.toggle('is-sheet', problem.value.trim().includes('\n'));
    });
    // Enter asks; with shift it begins another line, of a sheet with several problems.
    problem?.addEventListener('keydown', (event) => {
        if (event.key !== 'Enter' || event.shiftKey || event.isComposing) return;
        event.preventDefault();
        ask.requestSubmit();
    });
};
