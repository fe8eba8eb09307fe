import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { convert, rounded, typedNumber, unitsOf } from '../../../public/js/shared/units.js';

// What the server hands out, and what it makes of the same numbers: core/tests/Readings/UnitTest.php holds PHP to the same file.
const { factors, cases } = JSON.parse(readFileSync('tests/fixtures/units.json', 'utf8'));
const units = unitsOf(JSON.stringify(factors));

describe('units', () => {
    it.each(cases)('makes of $typed $unit what the server makes of it', ({ unit, typed, book }) => {
        expect(units.inBook(typed, unit)).toBeCloseTo(book, 9);
        expect(units.fromBook(book, unit)).toBeCloseTo(typed, 9);
    });
    it('goes from one unit to another and back', () => {
        for (const [from, to] of [['mm', 'in'], ['°C', '°F'], ['g', 'oz'], ['mg/L CaCO₃', 'grains/US gal']]) {
            expect(units.convert(units.convert(12.3, from, to), to, from)).toBeCloseTo(12.3, 9);
        }
        expect(convert(0, factors['°C'], factors['°F'])).toBeCloseTo(32, 9);
    });
    it('leaves alone what is measured in a unit nobody knows', () => {
        expect(unitsOf(undefined).inBook(5, 'hairs')).toBe(5);
        expect(unitsOf('{}').fromBook(5, undefined)).toBe(5);
    });
    it('writes no zeros at the end', () => {
        expect(rounded(2.5, 2)).toBe(2.5);
        expect(rounded(1 / 3, 2)).toBe(0.33);
    });
    it.each([['1,5', 1.5], [' 12 ', 12], ['-3', -3], ['', null], ['  ', null], ['long', null], ['1e999', null], ['1.2.3', null]])('reads %j as %j', (text, number) => {
        expect(typedNumber(text)).toBe(number);
    });
});
