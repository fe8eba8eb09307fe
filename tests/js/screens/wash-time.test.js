import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { doneIn, partsOf } from '../../../public/js/screens/parts/wash-time.js';

const cases = JSON.parse(readFileSync('core/tests/fixtures/wash-time.json', 'utf8'));

describe('a wash day is done on the tablet when it is done in the core', () => {
    it.each(cases.map((one, i) => [i + 1, one]))('drawn %i', (_, { steps, expect: expected }) => {
        const { middle, late } = doneIn(steps);
        expect(middle).toBeCloseTo(expected.finish, 2);
        // Both draw 400 days, each its own.
        expect(Math.abs(late - expected.late)).toBeLessThan(0.08 * expected.late + 1);
        const { care, hands, drying } = partsOf(steps);
        expect(care).toBeCloseTo(expected.care, 0.5);
        expect(hands).toBeCloseTo(expected.hands, 0.5);
        expect(drying).toBeCloseTo(expected.drying, 0.5);
    });
});

describe('what is on already', () => {
    const step = (more) => ({ hands_on_minutes: 3, waiting_minutes: 0, beside: false, ...more });
    it('is waited for by the next step that is not done beside it', () => {
        expect(doneIn([step({})], [20]).middle).toBe(23);
        expect(doneIn([step({ beside: true }), step({})], [20]).middle).toBe(23);
        expect(doneIn([step({ beside: true, hands_on_minutes: 30 }), step({})], [20]).middle).toBe(33);
        expect(doneIn([step({ beside: true })], [20]).middle).toBe(20);
        expect(doneIn([], []).middle).toBe(0);
    });
    it('is as late as it is drawn, and the same each time', () => {
        const day = [step({ hands_on_minutes: 60, spread: 0.3 })];
        const { middle, late } = doneIn(day);
        expect(middle).toBe(60);
        expect(late).toBeGreaterThan(80);
        expect(late).toBeLessThan(96);
        expect(doneIn(day).late).toBe(late);
    });
});
