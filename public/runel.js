'use strict';
// The pages work without this file; it adds keys, focus and the keypad.
(() => {
    const KEYS = {
        ArrowRight: 'pen-next', ' ': 'pen-next', PageDown: 'pen-next',
        ArrowLeft: 'pen-back', PageUp: 'pen-back', Home: 'pen-first', End: 'pen-all',
        w: 'pen-another', p: 'pen-present', q: 'pen-ask', 2: 'pen-ways', g: 'pen-go-on',
        y: 'pen-turn', n: 'pen-item', h: 'pen-hint', u: 'pen-undo', v: 'pen-watch',
        '?': 'pen-help',
    };
    const typing = (element) => element instanceof HTMLElement
        && (element.matches('input, textarea, select') || element.isContentEditable);
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
            else if (document.querySelector('.copy-tool')) putTool(null);
            else if (document.querySelector('.masthead-kept:not([hidden])')) {
                showStyles(false);
                document.getElementById('more-styles').focus();
            }
            else if (typing(event.target)) event.target.blur();
            else if (document.body.classList.contains('presenting')) document.getElementById('pen-present')?.click();
            return;
        }
        // An empty answer lets the arrows through: the tutor may reveal without typing.
        const waiting = event.target.id === 'answer' && event.target.value === '' && event.key.startsWith('Arrow');
        if ((typing(event.target) && !waiting) || !document.querySelector('.pen-bar')) return;
        // Space and Enter on a focused control are that control's.
        if (event.key === ' ' && event.target instanceof HTMLElement && event.target.closest('summary, button')) return;
        if (event.key === 'c') {
            const lines = document.querySelectorAll('#now .line, #now.line, .sheet .line');
            putTool(lines[lines.length - 1])?.querySelector('button').focus();
            return;
        }
        const target = document.getElementById(KEYS[event.key] ?? '');
        if (!target) return;
        event.preventDefault();
        // At the end of an item one key goes on to the next.
        const isOver = target.getAttribute('aria-disabled') === 'true';
        if (!isOver) target.click();
        else if (target.id === 'pen-next') document.getElementById('pen-item')?.click();
    });

    const showNow = () => {
        const now = document.getElementById('now');
        const sheet = document.querySelector('.sheet');
        if (!now || !sheet) return;
        const bottom = now.getBoundingClientRect().bottom - sheet.getBoundingClientRect().bottom;
        if (bottom > -12) sheet.scrollTop += bottom + 24;
        else if (now.getBoundingClientRect().top < sheet.getBoundingClientRect().top) {
            now.scrollIntoView({block: 'nearest'});
        }
    };
    // What a step says, once, for those who listen: mathematics in the words it carries.
    const spoken = (element) => {
        const copy = element.cloneNode(true);
        copy.querySelectorAll('.maths').forEach((maths) => {
            maths.replaceWith(' ' + maths.getAttribute('aria-label') + ' ');
        });
        copy.querySelectorAll('button, form, details, kbd').forEach((part) => part.remove());
        return copy.textContent.replace(/\s+/g, ' ').trim();
    };
    // What a step has written travels to its place from where the same stands in the line before, or from that line.
    const travel = () => {
        if (matchMedia('(prefers-reduced-motion: reduce)').matches) return;
        document.querySelectorAll('.travels').forEach((number) => {
            const [right, down] = number.dataset.from.split(' ');
            const path = [{transform: `translate(${right}px, ${down}px)`}, {transform: 'none'}];
            number.animate?.(path, {duration: 900, easing: 'ease-in-out'});
        });
        const lines = [...document.querySelectorAll('.sheet .open .lines .line')];
        const standing = (line) => !line.classList.contains('is-now') && !line.classList.contains('link-side');
        const before = lines.filter(standing).pop();
        if (!before) return;
        document.querySelectorAll('.is-now .mark-written').forEach((part) => {
            const alike = (other) => other.textContent === part.textContent;
            const same = [...before.querySelectorAll('math *')].filter(alike).pop();
            const from = (same ?? before).getBoundingClientRect();
            const to = part.getBoundingClientRect();
            const start = `translate(${same ? from.left - to.left : 0}px, ${from.top - to.top}px)`;
            const path = [{transform: start, opacity: .3}, {transform: 'none', opacity: 1}];
            part.animate?.(path, {duration: 420, easing: 'ease-out'});
        });
    };
    const announce = () => {
        const place = document.getElementById('announce');
        if (!place) return;
        const parts = [...document.querySelectorAll('.margin-what, .margin-why, .verdict, #now .line, #now.line')];
        place.textContent = parts.map(spoken).join('. ');
    };
    const toEnd = (field) => { field.focus(); field.setSelectionRange(field.value.length, field.value.length); };
    let focused = null;
    document.addEventListener('htmx:beforeSwap', () => { focused = document.activeElement?.id ?? null; });
    // What was sent and not taken is said beside it; nothing is swapped, so what was typed stays.
    const failed = (event) => {
        const form = event.target instanceof Element ? event.target.closest('form') : null;
        if (!form || event.detail.requestConfig?.verb !== 'post') return;
        const said = form.querySelector('.form-failed') ?? form.appendChild(document.createElement('p'));
        said.className = 'form-failed';
        said.setAttribute('role', 'alert');
        said.textContent = document.body.dataset.failed;
    };
    document.addEventListener('htmx:responseError', failed);
    document.addEventListener('htmx:sendError', failed);
    document.addEventListener('htmx:afterSwap', (event) => {
        // A field that was not swapped keeps its focus, or stays left, as the typist wants it.
        const isNew = (field) => event.detail.target.contains(field);
        const answer = document.getElementById('answer');
        const draft = document.getElementById('draft');
        if (answer && isNew(answer)) answer.focus();
        else if (draft && isNew(draft)) toEnd(draft);
        else if (focused && document.getElementById(focused)) document.getElementById(focused).focus();
        sorting();
        if (event.detail.target.id === 'plan') {
            // The forms beside the plan speak of the lesson as it is now.
            const now = event.detail.target.querySelector('input[name=version]').value;
            document.querySelectorAll('input[name=version]').forEach((field) => { field.value = now; });
        }
        // A part that holds no work moves nothing and is nothing to tell.
        if (!event.detail.target.querySelector('#work')) return;
        enhance();
        showNow();
        travel();
        announce();
    });
    document.addEventListener('DOMContentLoaded', () => {
        enhance();
        showNow();
        // Once the shipped fonts are in, lines are as high as they stay.
        document.fonts.ready.then(showNow);
        document.getElementById('answer')?.focus();
        const draft = document.getElementById('draft');
        if (draft) toEnd(draft);
    });
    window.addEventListener('popstate', () => {
        if (document.querySelector('.pen-bar') && !location.hash) location.reload();
    });

    // A line that is clicked, tapped or called for with c offers itself to be copied: one small tool, where wanted.
    const enhance = () => {
        const timer = document.querySelector('.timer');
        if (!timer) return;
        timer.hidden = false;
        // A try that was given its time begins to run when it is opened, once.
        if (timer.dataset.start && !started) startTimer(Number(timer.dataset.start));
        tick();
    };
    const mathMl = (line) => {
        // A line that runs over several pieces is one line again.
        const math = document.createElementNS('http://www.w3.org/1998/Math/MathML', 'math');
        line.querySelectorAll('math').forEach((piece) => math.append(...piece.cloneNode(true).childNodes));
        math.querySelectorAll('[class]').forEach((part) => part.removeAttribute('class'));
        return new XMLSerializer().serializeToString(math);
    };
    const FORMATS = {LaTeX: (line) => line.dataset.latex, MathML: mathMl, text: (line) => line.dataset.text};
    const putTool = (line) => {
        document.querySelectorAll('.copy-tool').forEach((tool) => tool.remove());
        if (!line) return;
        const tool = document.createElement('span');
        tool.className = 'copy-tool';
        tool.setAttribute('role', 'group');
        tool.setAttribute('aria-label', document.body.dataset.copy);
        Object.keys(FORMATS).forEach((format) => {
            const button = document.createElement('button');
            button.type = 'button';
            button.className = 'copy';
            button.dataset.format = format;
            button.textContent = format === 'text' ? document.body.dataset.copyText : format;
            tool.append(button);
        });
        line.append(tool);
        return tool;
    };
    const copied = (button) => {
        const text = FORMATS[button.dataset.format](button.closest('.line'));
        button.dataset.copied = text;
        const name = button.textContent;
        const done = () => {
            button.textContent = document.body.dataset.copied;
            setTimeout(() => { button.textContent = name; }, 1200);
        };
        if (navigator.clipboard) navigator.clipboard.writeText(text).then(done, done); else done();
    };
    // The styles kept by name hang from the masthead until they are chosen or left.
    const showStyles = (shown) => {
        const list = document.getElementById('kept-styles');
        const more = document.getElementById('more-styles');
        if (!list || !more) return;
        list.hidden = !shown;
        more.setAttribute('aria-expanded', String(shown));
    };
    document.addEventListener('htmx:afterSwap', (event) => {
        if (event.detail.target.id !== 'kept-styles') return;
        showStyles(true);
        event.detail.target.querySelector('a')?.focus();
    });
    document.addEventListener('click', (event) => {
        if (!event.target.closest?.('.masthead-style')) showStyles(false);
        const target = event.target instanceof Element ? event.target : null;
        const button = target?.closest('.copy');
        const line = target?.closest('.sheet .line, .way-sheet .line');
        if (button) copied(button);
        else if (line && !String(getSelection())) putTool(line.querySelector('.copy-tool') ? null : line);
        else if (document.querySelector('.copy-tool')) putTool(null);
        if (event.target instanceof Element && event.target.id === 'print-now') window.print();
        const chosen = event.target instanceof Element ? event.target.closest('[data-seconds]') : null;
        if (chosen) startTimer(Number(chosen.dataset.seconds));
    });

    // The quiet timer: fills a bar, says so once, reveals nothing by itself.
    let timer = null;
    let started = false;
    const startTimer = (seconds) => {
        if (!(seconds > 0)) return;
        started = true;
        timer = {start: Date.now(), seconds};
        tick();
    };
    const tick = () => {
        const bar = document.querySelector('.timer-bar');
        if (!bar || !timer) return;
        const part = (Date.now() - timer.start) / 1000 / timer.seconds;
        bar.hidden = false;
        bar.value = Math.min(part, 1);
        if (part < 1) { clearTimeout(timer.next); timer.next = setTimeout(tick, 200); return; }
        const over = document.querySelector('.timer-over');
        if (over) over.textContent = over.dataset.over;
        timer = null;
    };
    document.addEventListener('change', (event) => {
        if (event.target instanceof HTMLInputElement && event.target.matches('[data-own]')) {
            startTimer(Number(event.target.value));
        }
    });

    // A lesson's thin line: how far the clock is from the plan, since the first item was played in this window.
    const lessonLine = () => {
        const line = document.querySelector('.lesson-line[data-lesson]');
        if (!line) return;
        const key = 'lesson ' + line.dataset.lesson;
        // Begun in the middle, the plan begins there, too.
        const first = sessionStorage.getItem(key) ?? String(Date.now() - Number(line.dataset.begins) * 1000);
        sessionStorage.setItem(key, first);
        const late = Math.round(((Date.now() - Number(first)) / 1000 - Number(line.dataset.begins)) / 60);
        const now = line.querySelector('.lesson-now');
        now.textContent = late === 0 ? '' : Math.abs(late) + ' ' + (late > 0 ? now.dataset.behind : now.dataset.ahead);
    };
    lessonLine();
    setInterval(lessonLine, 20000);

    // The items of a lesson, in another order: dragged by their handles, or moved by arrow keys on them.
    const sorting = () => {
        const list = document.getElementById('sortable');
        if (!list || !window.Sortable || window.Sortable.get(list)) return;
        window.Sortable.create(list, {
            handle: '.lesson-handle',
            forceFallback: true,
            ghostClass: 'is-dragged',
            animation: matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : 150,
            onEnd: () => {
                const ids = [...list.children].map((item) => item.dataset.id).join(',');
                const now = document.getElementById('order-now');
                if (now.value === ids) return;
                now.value = ids;
                document.getElementById('order').requestSubmit();
            },
        });
    };
    sorting();
    // The buttons stand outside their form: what they say goes along in its field.
    document.addEventListener('click', (event) => {
        const move = event.target instanceof Element ? event.target.closest('.lesson-move') : null;
        if (move) document.getElementById('order-now').value = move.value;
    });
    document.addEventListener('keydown', (event) => {
        const way = {ArrowUp: 'up', ArrowDown: 'down'}[event.key];
        const handle = event.target instanceof Element ? event.target.closest('.lesson-handle') : null;
        if (!way || !handle) return;
        event.preventDefault();
        document.getElementById(handle.id.replace('handle', way))?.click();
    });

    // What a tutor has typed into a marked pile waits in this browser, for this pile, until it is cleared.
    const pile = document.getElementById('pile');
    const drafted = document.getElementById('pile-draft');
    const own = () => [...pile.querySelectorAll('.piece [name]')];
    if (pile && drafted) {
        const key = 'pile ' + drafted.dataset.pileDraft;
        const typed = JSON.parse(localStorage.getItem(key) ?? '{}');
        own().forEach((field) => {
            if (field.value === '' && typed[field.name]) field.value = typed[field.name];
            if (field.value !== '') field.closest('details')?.setAttribute('open', '');
        });
        const keep = () => {
            own().forEach((field) => { typed[field.name] = field.value; });
            localStorage.setItem(key, JSON.stringify(typed));
            drafted.hidden = !Object.values(typed).some((value) => value !== '');
        };
        pile.addEventListener('input', keep);
        keep();
        document.getElementById('draft-clear').addEventListener('click', () => {
            localStorage.removeItem(key);
            Object.keys(typed).forEach((name) => { delete typed[name]; });
            own().forEach((field) => { field.value = ''; });
            drafted.hidden = true;
        });
    }

    // A problem on the projector: when its time is over, its answer is shown.
    const counting = document.querySelector('[data-countdown]');
    if (counting) {
        const seconds = Number(counting.dataset.countdown);
        const end = Date.now() + seconds * 1000;
        const left = counting.querySelector('.countdown-left');
        const count = () => {
            const rest = Math.max(0, end - Date.now()) / 1000;
            const whole = Math.ceil(rest);
            left.textContent = Math.floor(whole / 60) + ':' + String(whole % 60).padStart(2, '0');
            counting.querySelector('progress').value = rest / seconds;
            if (rest > 0) setTimeout(count, 200);
            else document.getElementById('pen-next').click();
        };
        count();
    }

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
