// The salon's time. The device's own clock may be hours off or set while somebody works, so each answer of the salon says how far.

const KEPT = 'nagomi-clock';

/** A device's clock that differs so much from the steady one was set, or the device slept. */
const JUMP_MS = 2000;

/** An answer that took so long says little of the time; it counts only where nothing better is known. */
const SLOW_MS = 3000;

const kept = () => {
    try {
        const offsetMs = JSON.parse(localStorage.getItem(KEPT) ?? 'null');
        return Number.isFinite(offsetMs) ? offsetMs : null;
    } catch {
        return null;
    }
};

let offsetMs = kept();
/** What was kept may be of before the clock was set: acts carry only what was measured since the page is open. */
let isMeasured = false;
let anchor = { deviceMs: Date.now(), steadyMs: performance.now(), isGood: false };

/** The device's time, but never back: a clock set back would make minutes twice. One that leapt ahead was asleep meanwhile. */
const deviceNow = () => {
    const steady = anchor.deviceMs + (performance.now() - anchor.steadyMs);
    const said = Date.now();
    return said < steady - JUMP_MS ? steady : said;
};

/**
 * Learns from an answer.
 *
 * @param {number} salonMs milliseconds since 1970 by the salon's clock, as the answer said
 * @param {number} tookMs from asking to the answer, by the steady clock
 */
export const measure = (salonMs, tookMs) => {
    if (!Number.isFinite(salonMs) || (tookMs > SLOW_MS && anchor.isGood)) {
        return;
    }
    const deviceMs = Date.now();
    isMeasured = true;
    offsetMs = Math.round(salonMs + tookMs / 2 - deviceMs);
    anchor = { deviceMs, steadyMs: performance.now(), isGood: tookMs <= SLOW_MS };
    try {
        localStorage.setItem(KEPT, JSON.stringify(offsetMs));
    } catch {
        // It is measured again on the next page.
    }
};

/** @returns {number} milliseconds since 1970, as the salon would say; as the device says where no answer came yet */
export const salonNow = () => deviceNow() + (offsetMs ?? 0);

/**
 * @returns {{at: string, offset_ms: number|null}} when something is done: the device's time, and how far the salon's is ahead of it; null
 *     where no answer has said so yet, and the salon goes by when the act is sent
 */
export const stamp = () => ({ at: new Date(deviceNow()).toISOString(), offset_ms: isMeasured ? offsetMs : null });

/** @returns {number} milliseconds since 1970 by the salon's clock, as well as this device knows, of what carries a stamp */
export const salonTimeOf = ({ at, offset_ms: measured }) => Date.parse(at) + (measured ?? offsetMs ?? 0);
