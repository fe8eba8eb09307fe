import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { broken, newlyBroken } from '../../../public/js/screens/parts/wash-order.js';

const cases = JSON.parse(readFileSync('core/tests/fixtures/wash-order.json', 'utf8'));

describe('the order of a wash day breaks on the tablet what it breaks in the core', () => {
    it.each(cases.map((one) => [one.name, one]))('%s', (_, { steps, broken: expected }) => {
        const whole = steps.map((step) => ({ on: 0, least: null, most: null, strong: false, before: false, ...step }));
        expect(broken(whole).map(({ rule, key }) => `${rule} ${key}`)).toEqual(expected);
    });
});

describe('a change', () => {
    it('is asked about only for what was whole before it', () => {
        const day = [{ key: 'wet', kind: 'wet-through' }, { key: 'protein', kind: 'protein', strong: true }, { key: 'mask', kind: 'mask', on: 10 }, { key: 'rinse', kind: 'rinse' }];
        expect(newlyBroken(day, day)).toEqual([]);
        expect(newlyBroken(day, day.filter(({ key }) => key !== 'mask'))).toEqual([{ rule: 'mask-after-strong-protein', key: 'protein' }]);
        // The tools were missing before.
        expect(newlyBroken(day, [...day, { key: 'style', kind: 'style' }])).toEqual([]);
    });
});
