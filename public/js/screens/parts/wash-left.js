// A wash that nobody goes on with: the page that was left open overnight makes room for the one that asks how it ended.

import { dayIn } from '../../shared/clock.js';

const HOUR_MS = 60 * 60 * 1000;

/**
 * The same as App\Bridge\WashDays\LeftOpen says at the salon. A page that was opened today was shown by somebody who knows.
 *
 * @param {{zone: string, openedMs: number, lastMs: number, nowMs: number, quietHours: number}} of moments by the salon's clock: when the
 *     page was opened, when anything was tapped last, and now
 */
export const isLeft = ({ zone, openedMs, lastMs, nowMs, quietHours }) => dayIn(zone, openedMs) < dayIn(zone, nowMs)
    && nowMs - lastMs >= quietHours * HOUR_MS;
