// How much of a round is left.

/**
 * @param {number} beganMs on a clock that only goes forward
 * @param {number} nowMs on the same
 * @returns {number} whole seconds, 0 at least; a second that has begun counts
 */
export const secondsLeft = (beganMs, nowMs, seconds) => Math.max(0, Math.ceil(seconds - (nowMs - beganMs) / 1000));
