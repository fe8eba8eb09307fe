import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { chosen, did, looked, opened, ticked } from '../../../public/js/screens/parts/home-day.js';
import { dayIn } from '../../../public/js/shared/clock.js';

const cases = JSON.parse(readFileSync('tests/fixtures/home-day.json', 'utf8'));
const DOES = {
    look: (state, _, today) => looked(state, today),
    tick: (state, step) => ticked(state, step, true),
    untick: (state, step) => ticked(state, step, false),
    choose: (state, day) => chosen(state, day),
};

describe('a day at home is sent as what it was', () => {
    it.each(cases.map((one) => [one.name, one]))('%s', (_, { zone, turns = 0, pageDay, events }) => {
        let state = opened(pageDay);
        for (const { at, does, value, expect: expected } of events) {
            const today = dayIn(zone, Date.parse(at), turns);
            if (does === 'send') {
                const { missing, steps, date } = did(state, today);
                expect({ missing, ...missing === null ? { steps, date } : {} }).toEqual({ missing: expected.missing, ...expected.missing === null ? { steps: expected.steps, date: expected.date } : {} });
            } else {
                state = DOES[does](state, value, today);
                expect({ on: state.on, isAsked: state.isAsked }).toMatchObject(expected ?? {});
            }
        }
    });
});
