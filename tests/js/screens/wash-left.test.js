import { expect, it } from 'vitest';
import { isLeft } from '../../../public/js/screens/parts/wash-left.js';

const at = (time) => Date.parse(time);
const left = (opened, last, now, zone = 'Europe/Lisbon') => isLeft({ zone, openedMs: at(opened), lastMs: at(last), nowMs: at(now), quietHours: 3 });

it.each([
    ['the same day, however long', '2027-01-09T08:00Z', '2027-01-09T08:10Z', '2027-01-09T23:59Z', false],
    ['past midnight, with hands on it', '2027-01-09T22:00Z', '2027-01-09T23:50Z', '2027-01-10T00:30Z', false],
    ['past midnight, quiet for just less', '2027-01-09T22:00Z', '2027-01-09T22:00Z', '2027-01-10T00:59Z', false],
    ['past midnight, quiet for so long', '2027-01-09T22:00Z', '2027-01-09T22:00Z', '2027-01-10T01:00Z', true],
    ['the next morning', '2027-01-09T16:00Z', '2027-01-09T17:00Z', '2027-01-10T08:00Z', true],
    ['opened this morning to go on', '2027-01-10T08:00Z', '2027-01-09T17:00Z', '2027-01-10T08:01Z', false],
])('tells %s', (_, opened, last, now, is) => expect(left(opened, last, now)).toBe(is));

it('goes by the day of the salon', () => {
    const quiet = ['2027-01-09T20:00Z', '2027-01-09T20:00Z', '2027-01-09T23:30Z'];
    expect(left(...quiet)).toBe(false);
    expect(left(...quiet, 'Africa/Johannesburg')).toBe(true);
});
