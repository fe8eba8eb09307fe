import { describe, expect, it } from 'vitest';
import { CARD_MM, CSS_PIXELS, RINGS_MM, pixelsOf } from '../../../public/js/screens/parts/curl-gauge.js';
import { stepped } from '../../../public/js/screens/parts/question-cards.js';

describe('a new client by questions', () => {
    it('steps from card to card and never beyond the first or last', () => {
        expect(stepped(0, 1, 9)).toBe(1);
        expect(stepped(8, 1, 9)).toBe(8);
        expect(stepped(0, -1, 9)).toBe(0);
        expect(stepped(4, -1, 9)).toBe(3);
    });

    it('draws a ring as wide as the bank card says, and as CSS does where that cannot be', () => {
        // ISO/IEC 7810 ID-1.
        expect(CARD_MM).toEqual({ width: 85.6, height: 53.98 });
        expect(pixelsOf(428)).toBeCloseTo(5, 10);
        expect(RINGS_MM.map((mm) => mm * pixelsOf(428))[0]).toBeCloseTo(20, 10);
        for (const silly of [0, -5, 20, 99999, Number.NaN, 'card']) {
            expect(pixelsOf(silly)).toBe(CSS_PIXELS);
        }
        expect(RINGS_MM).toEqual([...RINGS_MM].sort((a, b) => a - b));
    });
});
