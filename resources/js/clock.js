// What clocks show, without a clock of their own: times in milliseconds, as Date.now() gives them.

/** How much of the seconds is over, from 0 to 1. */
export const part = (start, seconds, now) => Math.min(Math.max(0, (now - start) / 1000 / seconds), 1);

/** How many seconds are left, never less than none. */
export const rest = (end, now) => Math.max(0, end - now) / 1000;

/** Minutes and seconds; a second that has begun still counts. */
export const shown = (seconds) => {
    const whole = Math.ceil(seconds);
    return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
};

/** By how many whole minutes it is later than planned; less than none is earlier. */
export const late = (first, begins, now) => Math.round(((now - first) / 1000 - begins) / 60) || 0;
