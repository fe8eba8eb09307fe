import { describe, expect, it } from 'vitest';
import { dayIn, face } from '../../../public/js/shared/clock.js';

describe('clock', () => {
    it.each([[0, '0:00'], [7, '0:07'], [60, '1:00'], [247.9, '4:07'], [-65, '1:05'], [3600, '60:00']])('shows %d s as %s', (seconds, shown) => {
        expect(face(seconds)).toBe(shown);
    });
    it('says the day it is at the salon, also at its very end and over both changes of the clock', () => {
        expect(dayIn('Europe/Lisbon', Date.parse('2027-01-09T23:59:59Z'))).toBe('2027-01-09');
        expect(dayIn('Europe/Lisbon', Date.parse('2027-01-10T00:00:00Z'))).toBe('2027-01-10');
        expect(dayIn('Pacific/Auckland', Date.parse('2027-01-09T11:00:00Z'))).toBe('2027-01-10');
        expect(dayIn('Europe/Lisbon', Date.parse('2027-03-28T23:30:00Z'))).toBe('2027-03-29');
        expect(dayIn('Europe/Lisbon', Date.parse('2027-10-30T23:30:00Z'))).toBe('2027-10-31');
        expect(dayIn('Europe/Lisbon', Date.parse('2027-10-31T23:30:00Z'))).toBe('2027-10-31');
    });
    it('lets a night belong to the day before until it turns, also in the nights in which the clocks change', () => {
        expect(dayIn('Europe/Lisbon', Date.parse('2027-01-10T03:59:59Z'), 240)).toBe('2027-01-09');
        expect(dayIn('Europe/Lisbon', Date.parse('2027-01-10T04:00:00Z'), 240)).toBe('2027-01-10');
        // Summer time begins at one, so that 3:59 is two hours after midnight; it ends at two, so that it is five.
        expect(dayIn('Europe/Lisbon', Date.parse('2027-03-28T02:59:00Z'), 240)).toBe('2027-03-27');
        expect(dayIn('Europe/Lisbon', Date.parse('2027-03-28T03:00:00Z'), 240)).toBe('2027-03-28');
        expect(dayIn('Europe/Lisbon', Date.parse('2027-10-31T03:59:00Z'), 240)).toBe('2027-10-30');
        expect(dayIn('Europe/Lisbon', Date.parse('2027-10-31T04:00:00Z'), 240)).toBe('2027-10-31');
    });
});
