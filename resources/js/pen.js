// Pointing at the board and writing on it. Ink belongs to its step, stays in this browser and changes no address.
import {adopted, allInk, boardOf, changed, keepInk, kept, pathOf, placed, touches} from './strokes.js';
import {terms} from './terms.js';

const THINGS = '.sheet .line, .sheet figure, .sheet .check';
/** Pressed twice within so many milliseconds, x clears the step. */
const TWICE = 900;
const REACH = 12;

const svg = (page, name) => page.createElementNS('http://www.w3.org/2000/svg', name);

/** Which board is drawn on, and which step of it stands there: one that is still asked for has ink of its own. */
const placeOf = (page) => ({
    board: boardOf(page.location.search),
    step: parseInt(page.querySelector('.spine-count')?.textContent ?? '1', 10)
        + (page.getElementById('answer') ? '?' : ''),
});

/** The strokes of the step that stands there. */
const ink = (page, store) => ({
    strokes: () => {
        const {board, step} = placeOf(page);
        return allInk(store)[board]?.[step] ?? [];
    },
    keep: (strokes) => {
        const {board, step} = placeOf(page);
        keepInk(store, changed(allInk(store), board, step, strokes));
    },
});

/** A lesson's own ink: what is kept with its item is taken over once, and kept there again when that is wanted. */
const lessonInk = (page, store, show) => {
    const form = page.getElementById('ink-kept');
    if (!form) return;
    const {board} = placeOf(page);
    const all = allInk(store);
    const taken = adopted(all, board, JSON.parse(form.dataset.ink));
    if (taken !== all) {
        keepInk(store, taken);
        show();
    }
    const own = JSON.stringify(taken[board] ?? {});
    page.getElementById('ink-now').value = own;
    form.hidden = own === form.dataset.ink && !form.querySelector('[role=alert]');
};

/** Corners of the things on the sheet, in the pixels of what is scrolled. */
const corners = (page) => {
    const sheet = page.querySelector('.board .sheet');
    const [frame, letter] = [sheet.getBoundingClientRect(), parseFloat(getComputedStyle(sheet).fontSize)];
    const of = (thing) => {
        const box = thing.getBoundingClientRect();
        return {
            left: box.left - frame.left + sheet.scrollLeft, top: box.top - frame.top + sheet.scrollTop,
            right: box.right - frame.left + sheet.scrollLeft, bottom: box.bottom - frame.top + sheet.scrollTop,
            letter: parseFloat(getComputedStyle(thing).fontSize), name: thing.dataset.thing ?? null,
        };
    };
    const things = [...page.querySelectorAll(THINGS)].map(of);
    return {
        sheet: {left: 0, top: 0, letter},
        things,
        /** Older ink counts the things; what is not on view has no corner. */
        of: (on) => (on === null ? {left: 0, top: 0, letter}
            : typeof on === 'number' ? things[on] : things.find((one) => one.name === on)),
        at: ([x, y]) => things.findLastIndex(
            (one) => x >= one.left && x <= one.right && y >= one.top && y <= one.bottom,
        ),
    };
};

/** The layer of ink over the sheet. */
const layerOf = (page) => {
    const sheet = page.querySelector('.board .sheet');
    const layer = sheet.querySelector('.strokes') ?? sheet.appendChild(svg(page, 'svg'));
    layer.setAttribute('class', 'strokes');
    layer.setAttribute('aria-hidden', 'true');
    layer.setAttribute('width', sheet.scrollWidth);
    layer.setAttribute('height', sheet.scrollHeight);
    return layer;
};

const pathFor = (page, stroke, points, outline) => {
    const path = svg(page, 'path');
    path.setAttribute('class', `stroke-${stroke.tool} stroke-${stroke.ink}`);
    path.setAttribute('d', pathOf(stroke.tool, points, outline));
    return path;
};

const POINTING = {ArrowDown: 1, ArrowUp: -1};

/** A ring that follows the mouse or the finger; meanwhile arrows up and down light terms, u underlines the one lit. */
const pointer = (page, board) => {
    const lit = terms(page);
    const mark = Object.assign(page.createElement('div'), {className: 'pointer-ring', hidden: true});
    page.body.append(mark);
    page.addEventListener('pointermove', (event) => {
        if (mark.hidden) return;
        mark.style.translate = `${event.clientX}px ${event.clientY}px`;
    });
    page.addEventListener('keydown', (event) => {
        if (mark.hidden || event.ctrlKey || event.metaKey || event.altKey) return;
        const chosen = lit.chosen();
        if (event.key in POINTING) lit.move(POINTING[event.key]);
        else if (event.key === 'u' && chosen) board.underline(chosen);
        else return;
        event.preventDefault();
    });
    return {
        toggle: () => {
            mark.hidden = !mark.hidden;
            page.getElementById('pen-point')?.setAttribute('aria-pressed', String(!mark.hidden));
        },
        end: () => {
            if (lit.end()) return true;
            if (mark.hidden) return false;
            mark.hidden = true;
            page.getElementById('pen-point')?.setAttribute('aria-pressed', 'false');
            return true;
        },
    };
};

/** @param outline the free line's maker, fetched when the pen is first taken */
const drawing = (page, store, outline) => {
    const own = ink(page, store);
    const visible = (found) => own.strokes().filter((stroke) => found.of(stroke.on));
    const show = () => {
        if (!page.querySelector('.board .sheet')) return;
        const strokes = own.strokes();
        if (strokes.length === 0 && !page.querySelector('.strokes')) return;
        const found = corners(page);
        layerOf(page).replaceChildren(...visible(found).map(
            (stroke) => pathFor(page, stroke, placed(stroke.points, found.of(stroke.on)), outline()),
        ));
    };
    const told = () => {
        show();
        lessonInk(page, store, show);
    };
    const add = (tool, color, points) => {
        const found = corners(page);
        const on = found.at(points[0]);
        own.keep([...own.strokes(), {
            tool, ink: color, on: found.things[on]?.name ?? null, points: kept(points, found.things[on] ?? found.sheet),
        }]);
        told();
    };
    return {
        show,
        add,
        /** Under what stands there, from its left end to its right. */
        underline: (element, color) => {
            const sheet = page.querySelector('.board .sheet');
            const [box, frame] = [element.getBoundingClientRect(), sheet.getBoundingClientRect()];
            const place = (x, y) => [x - frame.left + sheet.scrollLeft, y - frame.top + sheet.scrollTop, 0.5];
            add('underline', color, [place(box.left, box.bottom + 2), place(box.right, box.bottom + 2)]);
        },
        rub: (place) => {
            const found = corners(page);
            own.keep(own.strokes().filter((stroke) => !found.of(stroke.on)
                || !touches(stroke.tool, placed(stroke.points, found.of(stroke.on)), place, REACH)));
            told();
        },
        clear: () => {
            own.keep([]);
            told();
        },
    };
};

/** From pressing to letting go: the growing stroke is drawn once a frame. */
const following = (page, board, state, outline) => {
    let points = null;
    const place = (event) => {
        const sheet = page.querySelector('.board .sheet');
        const frame = sheet.getBoundingClientRect();
        return [
            event.clientX - frame.left + sheet.scrollLeft, event.clientY - frame.top + sheet.scrollTop,
            event.pressure || 0.5,
        ];
    };
    const draw = () => {
        if (!points) return;
        const layer = layerOf(page);
        layer.querySelector('.is-growing')?.remove();
        const path = pathFor(page, {tool: state.tool ?? 'free', ink: state.ink}, points, outline());
        path.classList.add('is-growing');
        layer.append(path);
    };
    const draws = (event) => event.target.closest?.('.board .sheet')
        && (event.pointerType === 'pen' || (state.tool !== null && !(event.pointerType === 'touch' && state.stylus)));
    page.addEventListener('pointerdown', (event) => {
        if (!draws(event) || event.button !== 0) return;
        state.stylus ||= event.pointerType === 'pen';
        event.preventDefault();
        if (state.tool === 'rub') board.rub(place(event));
        points = state.tool === 'rub' ? null : [place(event)];
        state.rubbing = state.tool === 'rub';
    });
    page.addEventListener('pointermove', (event) => {
        if (state.rubbing) board.rub(place(event));
        if (!points) return;
        points.push(...(event.getCoalescedEvents?.() ?? [event]).map(place));
        requestAnimationFrame(draw);
    });
    const finish = () => {
        state.rubbing = false;
        const drawn = points;
        points = null;
        if (drawn && drawn.length > 1) board.add(state.tool ?? 'free', state.ink, drawn);
    };
    page.addEventListener('pointerup', finish);
    page.addEventListener('pointercancel', finish);
    // What is drawn on is not pressed: no line is copied meanwhile.
    page.addEventListener('click', (event) => {
        if (state.tool !== null && event.target.closest?.('.board .sheet')) event.stopPropagation();
    }, true);
};

/** The pen's own bar, which takes the place of the other one. */
const tools = (page, state, board) => {
    const bar = page.getElementById('pen-tools');
    const tell = () => {
        bar.hidden = state.tool === null;
        page.body.classList.toggle('is-writing', state.tool !== null);
        page.getElementById('pen-pen')?.setAttribute('aria-pressed', String(state.tool !== null));
        bar.querySelectorAll('[data-tool]').forEach((one) =>
            one.setAttribute('aria-pressed', String(one.dataset.tool === state.tool)));
        bar.querySelectorAll('[data-ink]').forEach((one) =>
            one.setAttribute('aria-pressed', String(one.dataset.ink === state.ink)));
    };
    const take = (tool) => {
        state.tool = tool;
        tell();
    };
    bar.addEventListener('click', (event) => {
        const pressed = event.target.closest('button');
        if (pressed?.dataset.tool) take(pressed.dataset.tool);
        if (pressed?.dataset.ink) {
            state.ink = pressed.dataset.ink;
            tell();
        }
        if (pressed?.id === 'ink-clear') board.clear();
        if (pressed?.id === 'ink-done') take(null);
    });
    let rubbed = 0;
    page.addEventListener('keydown', (event) => {
        if (state.tool === null || event.key !== 'x' || event.ctrlKey || event.metaKey) return;
        event.preventDefault();
        if (event.timeStamp - rubbed < TWICE) {
            board.clear();
            take('free');
            rubbed = 0;
        } else {
            take('rub');
            rubbed = event.timeStamp;
        }
    });
    return {take, tell};
};

export const pen = (page, store) => {
    if (!page.getElementById('pen-tools')) return {close: terms(page).end};
    const state = {tool: null, ink: 'black', stylus: false, rubbing: false};
    let maker = null;
    const outline = () => (points) => (maker ? maker(points, {size: 5, thinning: 0.5}) : points);
    const board = drawing(page, store, outline);
    // Fetched once, when there is something to draw with it.
    const ready = () => {
        if (maker || (state.tool === null && !page.querySelector('.strokes'))) return;
        maker = (points) => points;
        import('../../vendor/freehand.js').then((module) => {
            maker = module.getStroke;
            board.show();
        });
    };
    const bar = tools(page, state, board);
    const ring = pointer(page, {underline: (term) => board.underline(term, state.ink)});
    following(page, board, state, outline);
    const show = () => {
        page.querySelectorAll('#pen-pen, #pen-point').forEach((button) => { button.hidden = false; });
        bar.tell();
        lessonInk(page, store, board.show);
        board.show();
        ready();
    };
    page.addEventListener('click', (event) => {
        if (event.target.closest?.('#pen-pen')) {
            bar.take(state.tool === null ? 'free' : null);
            ready();
        }
        if (event.target.closest?.('#pen-point')) ring.toggle();
    });
    page.addEventListener('htmx:afterSettle', show);
    new ResizeObserver(() => board.show()).observe(page.body);
    show();
    return {
        close: () => {
            if (state.tool === null) return ring.end();
            bar.take(null);
            return true;
        },
    };
};
