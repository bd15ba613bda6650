// What the pen has drawn: strokes as plain data, and how each becomes a path. A stroke keeps to the thing it was drawn
// on: its points are counted from that thing's corner, in units of its letters, so that it stays when letters grow.

const KEPT = 'runel-ink';
/** So many boards' ink is remembered; those drawn on longest ago go first. */
const BOARDS = 30;
/** So many points a stroke has at most. */
const POINTS = 4000;

const line = (points) => points.map(
    ([x, y], place) => `${place === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`,
).join('');

const ring = ([x, y], [u, v]) => {
    const [wide, high] = [Math.max(Math.abs(u - x) / 2, 4), Math.max(Math.abs(v - y) / 2, 4)];
    const [middle, left] = [(y + v) / 2, (x + u) / 2 - wide];
    const half = (to) => `A${wide.toFixed(1)} ${high.toFixed(1)} 0 0 1 ${to.toFixed(1)} ${middle.toFixed(1)}`;
    return `M${left.toFixed(1)} ${middle.toFixed(1)}${half(left + 2 * wide)}${half(left)}`;
};

const arrow = (from, to) => {
    const turn = Math.atan2(to[1] - from[1], to[0] - from[0]);
    const barb = (side) => [to[0] - 16 * Math.cos(turn + side * 0.5), to[1] - 16 * Math.sin(turn + side * 0.5)];
    return line([from, to]) + line([barb(1), to, barb(-1)]);
};

const cover = ([x, y], [u, v]) => `${line([[x, y], [u, y], [u, v], [x, v]])}Z`;

/**
 * The path of a stroke whose points stand in pixels.
 *
 * @param outline what makes the outline of a free line: points with pressure in, a polygon out
 */
export const pathOf = (tool, points, outline) => {
    const [first, last] = [points[0], points[points.length - 1]];
    return {
        free: () => `${line(outline(points))}Z`,
        ring: () => ring(first, last),
        underline: () => line([first, [last[0], first[1]]]),
        arrow: () => arrow(first, last),
        cover: () => cover(first, last),
    }[tool]();
};

/** Points in pixels as they are kept: from a corner, in units of letters. */
export const kept = (points, corner) => points.slice(0, POINTS).map(([x, y, pressure]) => [
    (x - corner.left) / corner.letter, (y - corner.top) / corner.letter, pressure,
].map((number) => Math.round(number * 1000) / 1000));

/** And back. */
export const placed = (points, corner) => points.map(([x, y, pressure]) => [
    corner.left + x * corner.letter, corner.top + y * corner.letter, pressure,
]);

/** Whether a place touches a stroke in pixels: what encloses is touched anywhere inside. */
export const touches = (tool, points, [x, y], reach) => {
    if (tool === 'free') return points.some(([u, v]) => Math.hypot(u - x, v - y) < reach);
    const [first, last] = [points[0], points[points.length - 1]];
    const within = (one, from, to) => one > Math.min(from, to) - reach && one < Math.max(from, to) + reach;
    return within(x, first[0], last[0]) && within(y, first[1], tool === 'underline' ? first[1] : last[1]);
};

/** Which board an address shows: its problem, job and method. */
export const boardOf = (search) => {
    const parts = new URLSearchParams(search);
    return ['problem', 'job', 'method'].map((part) => parts.get(part) ?? '').join('|');
};

/** The ink of all boards, as it is kept; what cannot be read is as if nothing had been drawn. */
export const allInk = (store) => {
    try {
        return JSON.parse(store.getItem(KEPT) ?? '{}');
    } catch {
        return {};
    }
};

/** Keeps it; a full store keeps what it has. */
export const keepInk = (store, all) => {
    try {
        store.setItem(KEPT, JSON.stringify(all));
    } catch {
        // The board stays as it is.
    }
};

/** The ink of all boards with that of a lesson taken over where a board has none of its own. */
export const adopted = (all, board, steps) =>
    (all[board] || Object.keys(steps).length === 0 ? all : {...all, [board]: steps});

/** The strokes of all boards with those of one step changed. */
export const changed = (all, board, step, strokes) => {
    const own = {...all[board], [step]: strokes};
    if (strokes.length === 0) delete own[step];
    const others = Object.entries(all).filter(([name]) => name !== board).slice(1 - BOARDS);
    return Object.fromEntries(Object.keys(own).length === 0 ? others : [...others, [board, own]]);
};
