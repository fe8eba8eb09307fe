import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const HOUR = 3_600_000;
const SALON = Date.parse('2027-01-09T10:00:00Z');
/** A device that many hours off, and a page just opened on it. */
const open = (hoursOff) => {
    vi.resetModules();
    vi.useRealTimers();
    vi.useFakeTimers({ now: SALON + hoursOff * HOUR, toFake: ['Date', 'performance'] });
    return import('../../../public/js/shared/salon-clock.js');
};
beforeEach(() => localStorage.clear());
afterEach(() => vi.useRealTimers());

describe('the salon’s time', () => {
    it.each([-13, -3, 0, 3, 13])('is known on a device %i hours off after one answer', async (hours) => {
        const clock = await open(hours);
        clock.measure(SALON, 0);
        expect(clock.salonNow()).toBe(SALON);
        const { at, offset_ms: offset } = clock.stamp();
        expect(Date.parse(at) + offset).toBe(SALON);
        vi.advanceTimersByTime(90_000);
        expect(clock.salonNow()).toBe(SALON + 90_000);
    });
    it('is the device’s where no answer came yet, and says so', async () => {
        const clock = await open(3);
        expect(clock.salonNow()).toBe(SALON + 3 * HOUR);
        expect(clock.stamp().offset_ms).toBeNull();
    });
    it('is remembered by the next page', async () => {
        (await open(3)).measure(SALON, 0);
        expect((await open(3)).salonNow()).toBe(SALON);
    });
    it('stamps nothing with what another page measured: the clock may have been set since', async () => {
        (await open(13)).measure(SALON, 0);
        const clock = await open(0);
        const stamp = clock.stamp();
        expect(stamp.offset_ms).toBeNull();
        // What is shown goes by the best that is known.
        expect(clock.salonTimeOf(stamp)).toBe(clock.salonNow());
        clock.measure(SALON, 0);
        expect(clock.stamp().offset_ms).toBe(0);
        expect(clock.salonTimeOf({ at: '2027-01-09T09:00:00Z', offset_ms: HOUR })).toBe(SALON);
    });
    it('does not go back when somebody sets the device’s clock back', async () => {
        const clock = await open(0);
        clock.measure(SALON, 0);
        vi.advanceTimersByTime(60_000);
        const before = performance.now();
        vi.setSystemTime(SALON - HOUR);
        expect(performance.now()).toBe(before);
        expect(clock.salonNow()).toBe(SALON + 60_000);
    });
    it('counts the minutes a device slept', async () => {
        const clock = await open(0);
        clock.measure(SALON, 0);
        vi.setSystemTime(SALON + 20 * 60_000);
        expect(clock.salonNow()).toBe(SALON + 20 * 60_000);
    });
    it('takes half of the way for the way back, and a slow answer only where there is no better', async () => {
        const clock = await open(0);
        clock.measure(SALON - 500, 1000);
        expect(clock.stamp().offset_ms).toBe(0);
        clock.measure(SALON + HOUR, 9000);
        expect(clock.stamp().offset_ms).toBe(0);
        clock.measure(Number.NaN, 10);
        expect(clock.stamp().offset_ms).toBe(0);
    });
});
