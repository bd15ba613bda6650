// Two windows: the desk, where the tutor steers and reads what is theirs, and the room's, which shows the board alone.

/** The name of the room's window; the browser keeps it over every page the window goes to. */
const ROOM = 'runel-room';
const CHANNEL = 'runel-room';
/** What the room's window hands on to the desk, so that a clicker works wherever the focus is. */
const HANDED = ['ArrowRight', 'ArrowLeft', 'PageDown', 'PageUp', ' ', 'Home', 'End', 'n', 'b'];

/** The room sees what the desk sees, presented; what is typed at the desk is not carried over. */
export const shownInRoom = (path) => {
    const address = new globalThis.URL(path, 'http://runel.invalid');
    if (address.pathname === '/your-turn') {
        if (!address.searchParams.has('stage')) address.searchParams.set('stage', 'open');
    } else if (address.pathname !== '/two-ways') address.searchParams.set('present', '1');
    ['answer', 'pair', 'lines', 'draft'].forEach((own) => address.searchParams.delete(own));
    return address.pathname + address.search;
};

const isBoard = (path) => path.startsWith('/board?');

/** The room's window follows: a board becomes the next one in place, anything else is opened. */
const follow = (page, to) => {
    const here = page.location.pathname + page.location.search;
    if (to === here) return;
    if (!isBoard(to) || !isBoard(here) || !window.htmx) {
        page.location.replace(to);
        return;
    }
    window.history.replaceState(window.history.state, '', to);
    window.htmx.ajax('GET', to, {target: '#board', swap: 'innerHTML'});
};

const room = (page, channel) => {
    page.body.classList.add('room-view');
    channel.addEventListener('message', ({data}) => {
        if (typeof data.to === 'string' && data.to.startsWith('/')) follow(page, data.to);
    });
    page.addEventListener('keydown', (event) => {
        if (!HANDED.includes(event.key) || event.ctrlKey || event.metaKey || event.altKey) return;
        event.preventDefault();
        event.stopPropagation();
        channel.postMessage({key: event.key});
    }, true);
    channel.postMessage({asks: true});
};

const desk = (page, channel) => {
    let other = null;
    const tell = () => {
        if (page.querySelector('#board, #turn, #ways')) {
            channel.postMessage({to: shownInRoom(page.location.pathname + page.location.search)});
        }
    };
    const isOpen = () => {
        page.body.classList.add('is-desk');
        tell();
    };
    channel.addEventListener('message', ({data}) => {
        if (data.asks || data.here) isOpen();
        if (HANDED.includes(data.key)) {
            page.body.dispatchEvent(new window.KeyboardEvent('keydown', {key: data.key, bubbles: true}));
        }
    });
    page.addEventListener('click', (event) => {
        if (!(event.target instanceof Element) || !event.target.closest('#pen-second')) return;
        other = window.open(shownInRoom(page.location.pathname + page.location.search), ROOM, 'popup');
        if (other) isOpen();
    });
    const ready = () => page.querySelectorAll('#pen-second').forEach((button) => { button.hidden = false; });
    page.addEventListener('htmx:afterSettle', () => {
        ready();
        tell();
    });
    ready();
    channel.postMessage({asked: true});
};

export const windows = (page) => {
    if (!('BroadcastChannel' in window)) return;
    const channel = new window.BroadcastChannel(CHANNEL);
    if (window.name === ROOM) {
        room(page, channel);
        // A desk that has gone to another page asks whether there is a room.
        channel.addEventListener('message', ({data}) => { if (data.asked) channel.postMessage({here: true}); });
    } else desk(page, channel);
};
