import { describe, expect, it } from 'vitest';
import { dayAt, todayOf } from '../../../public/js/screens/parts/balance-picture.js';

const days = [16, 22, 28, 34, 40].map((x) => ({ x }));

describe('the day of a place on the hair balance', () => {
    it('is the nearest, and never beyond the picture', () => {
        expect(dayAt(days, 16)).toBe(0);
        expect(dayAt(days, 24.9)).toBe(1);
        expect(dayAt(days, 25.1)).toBe(2);
        expect(dayAt(days, -400)).toBe(0);
        expect(dayAt(days, 4000)).toBe(4);
        expect(dayAt([{ x: 16 }], 300)).toBe(0);
    });

    it('knows today among the days', () => {
        expect(todayOf(days, 28)).toBe(2);
        expect(todayOf(days, 16)).toBe(0);
        expect(todayOf(days, 99)).toBe(0);
    });
});
