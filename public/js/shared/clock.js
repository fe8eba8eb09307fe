// Times as a screen shows them.

/** @returns {string} minutes and seconds, "4:07"; the sign is left to the words beside it */
export const face = (seconds) => `${Math.floor(Math.abs(seconds) / 60)}:${String(Math.floor(Math.abs(seconds) % 60)).padStart(2, '0')}`;

const HALF_A_DAY_MS = 12 * 60 * 60 * 1000;

const isoDay = (zone, ms) => new Intl.DateTimeFormat('en-CA', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(new Date(ms));

/** Minutes on the clock on the wall in a time zone, 0 to 1439. */
const minuteIn = (zone, ms) => {
    const [hour, minute] = new Intl.DateTimeFormat('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(new Date(ms)).split(':');
    return 60 * Number(hour) + Number(minute);
};

/**
 * @param {number} turns minute after midnight until which the night belongs to the day before, 0 to 360
 * @returns {string} the day it is in a time zone at a moment, "2027-01-09"
 */
export const dayIn = (zone, ms, turns = 0) => isoDay(zone, minuteIn(zone, ms) < turns ? ms - HALF_A_DAY_MS : ms);
