import { describe, expect, it } from 'vitest';
import { laidOnTime, showLine } from '../../../public/js/screens/parts/wash-line.js';
import { begun, isPaused, restedMs, tapped } from '../../../public/js/screens/parts/wash-machine.js';

const at = (minute) => new Date(Date.parse('2027-01-09T10:00:00Z') + minute * 60000).toISOString();
const minute = (ms) => Math.round((ms - Date.parse(at(0))) / 60000);
const day = [
    { key: 'ready', kind: 'ready', hands_on_minutes: 5, waiting_minutes: 0 }, { key: 'oil', kind: 'pre-wash', hands_on_minutes: 3, waiting_minutes: 30 },
    { key: 'part', kind: 'part', hands_on_minutes: 6, waiting_minutes: 0, beside: true }, { key: 'wet', kind: 'wet-through', hands_on_minutes: 4, waiting_minutes: 0 },
    { key: 'style', kind: 'style', hands_on_minutes: 20, waiting_minutes: 0 },
];
const tap = (kind, step, minutes) => ({ kind, step, at: at(minutes), device: 'one', by: 'Ilse', value: {} });

describe('the line of a wash day', () => {
    it('lays what is to come after now, and lets what waits go on beside the hands', () => {
        const state = [tap('done', 'ready', 5), tap('done', 'oil', 9)].reduce(tapped, begun(day));
        const line = laidOnTime(day, state, Date.parse(at(0)), Date.parse(at(12)));
        expect(line.map(({ is }) => is)).toEqual(['done', 'done', 'now', 'open', 'open']);
        expect(line.map(({ fromMs }) => minute(fromMs))).toEqual([0, 5, 9, 39, 43]);
        expect(minute(line[1].onUntilMs)).toBe(39);
        expect(minute(line[4].untilMs)).toBe(63);
    });
    it('ends what was on when it came off', () => {
        const state = [tap('done', 'ready', 5), tap('done', 'oil', 9), tap('done', 'part', 15), tap('done', 'wet', 20)].reduce(tapped, begun(day));
        expect(minute(laidOnTime(day, state, Date.parse(at(0)), Date.parse(at(21)))[1].onUntilMs)).toBe(20);
    });
    it('is drawn within its width, whatever the hour', () => {
        const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
        [0, 12, 600].forEach((now) => {
            showLine(svg, { day, state: begun(day), beganMs: Date.parse(at(0)), nowMs: Date.parse(at(now)) });
            [...svg.querySelectorAll('rect')].forEach((bar) => {
                expect(Number(bar.getAttribute('x'))).toBeGreaterThanOrEqual(0);
                expect(Number(bar.getAttribute('x')) + Number(bar.getAttribute('width'))).toBeLessThanOrEqual(1131);
            });
        });
    });
});

describe('a pause', () => {
    it('stops the hands until somebody goes on, or ends a step', () => {
        let state = tapped(begun(day), tap('pause', 'ready', 2));
        expect(isPaused(state)).toBe(true);
        expect(restedMs(state, Date.parse(at(0)), Date.parse(at(6)))).toBe(4 * 60000);
        state = tapped(tapped(state, tap('pause', 'ready', 3)), tap('resume', 'ready', 5));
        expect(restedMs(state, Date.parse(at(0)), Date.parse(at(9)))).toBe(3 * 60000);
        expect(tapped(state, tap('resume', 'ready', 6)).pauses).toEqual(state.pauses);
        state = tapped(tapped(state, tap('pause', 'ready', 10)), tap('done', 'ready', 12));
        expect(isPaused(state)).toBe(false);
        expect(restedMs(state, Date.parse(at(0)), Date.parse(at(20)))).toBe(5 * 60000);
        expect(restedMs(state, Date.parse(at(4)), Date.parse(at(11)))).toBe(2 * 60000);
    });
});
