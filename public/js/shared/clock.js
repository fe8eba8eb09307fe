// Times as a screen shows them.

/** @returns {string} minutes and seconds, "4:07"; the sign is left to the words beside it */
export const face = (seconds) => `${Math.floor(Math.abs(seconds) / 60)}:${String(Math.floor(Math.abs(seconds) % 60)).padStart(2, '0')}`;

/** @returns {string} the day it is in a time zone at a moment, "2027-01-09" */
export const dayIn = (zone, ms) => new Intl.DateTimeFormat('en-CA', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(new Date(ms));
