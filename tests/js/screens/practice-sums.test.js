import { describe, expect, it } from 'vitest';
import { secondsLeft } from '../../../public/js/screens/parts/drill-clock.js';
import { percents, washCost } from '../../../public/js/screens/parts/practice-sums.js';

describe('how likely sliders say things are', () => {
    it('comes to a hundred, whatever rounding leaves', () => {
        expect(percents([2, 2, 2])).toEqual([34, 33, 33]);
        expect(percents([2, 2, 2, 2, 2, 2, 2, 2, 2]).reduce((sum, share) => sum + share, 0)).toBe(100);
        expect(percents([20, 0, 5])).toEqual([80, 0, 20]);
    });

    it('is nothing where nothing is thought likely', () => {
        expect(percents([0, 0])).toEqual([0, 0]);
    });
});

describe('what a practice wash takes', () => {
    const sum = {
        adds: { plain: 56, 'rinse-out': 3, pass: 5, 'pre-wash': 30, 'mild-protein': 8, 'strong-protein': 13, 'scalp-care': 4 },
        prices: { mask: 3, 'mild-protein': 2.5, 'strong-protein': 6, clarifying: 1, 'co-wash': 1.5 },
    };

    it('is plain where nothing is added', () => {
        expect(washCost(sum, { cleanse: 'gentle', passes: '1', mask_minutes: '' })).toEqual({ minutes: 56, price: 0 });
    });

    it('counts a mask beside the rinse-out, typed with a comma or a point', () => {
        expect(washCost(sum, { cleanse: 'gentle', passes: '1', mask_minutes: '20,5' })).toEqual({ minutes: 73.5, price: 3 });
        expect(washCost(sum, { cleanse: 'gentle', passes: '1', mask_minutes: '20.5' }).minutes).toBe(73.5);
    });

    it('adds up all that is chosen', () => {
        expect(washCost(sum, { cleanse: 'chelating', passes: '2', pre_wash: 'oil', protein: 'strong-protein', mask_minutes: '10' }))
            .toEqual({ minutes: 56 + 5 + 30 + 13 + 7, price: 10 });
        expect(washCost(sum, { cleanse: 'scalp-care', passes: '1' }).minutes).toBe(60);
        expect(washCost(sum, { cleanse: 'co-wash', passes: '1' }).price).toBe(1.5);
    });
});

describe('the clock of a round', () => {
    it('counts a second that has begun, and stops at none', () => {
        expect(secondsLeft(1000, 1000, 60)).toBe(60);
        expect(secondsLeft(1000, 2500, 60)).toBe(59);
        expect(secondsLeft(1000, 61_000, 60)).toBe(0);
        expect(secondsLeft(1000, 99_000, 60)).toBe(0);
    });
});
