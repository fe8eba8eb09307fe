import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { before, begun, due, refuses, tapped, timers } from '../../../public/js/screens/parts/wash-machine.js';
import { stepsOf } from '../../../public/js/screens/parts/wash-steps.js';

const cases = JSON.parse(readFileSync('tests/fixtures/wash-machine.json', 'utf8'));

describe('the wash day on the tablet comes to what it comes to at the salon', () => {
    it.each(cases.map((one) => [one.name, one]))('%s', (_, { plan, palette = [], acts, expect: expected }) => {
        let state = begun(plan, palette.map(({ key }) => key));
        const refused = acts.map((act) => {
            const why = refuses(state, act);
            state = tapped(state, act);
            return why;
        });
        expect(refused).toEqual(expected.refused);
        expect(state.order).toEqual(expected.order);
        expect(state.pauses).toEqual(expected.pauses ?? state.pauses);
        for (const [key, step] of Object.entries(expected.steps)) {
            expect(state.steps[key], key).toMatchObject(step);
        }
        stepsOf({ steps: plan, palette, part_minutes: 1 }, state).forEach((step, i) => {
            const { books, ...told } = expected.day?.[i] ?? { books: step.books };
            expect(step, `${i}`).toMatchObject(told);
            expect(step.books ?? {}).toEqual(books ?? {});
        });
    });
});

describe('what is due', () => {
    const plan = [{ key: 'mask', waiting_minutes: 10 }, { key: 'tidy', beside: true }, { key: 'rinse' }];
    const at = (minute) => `2027-01-09T10:${String(minute).padStart(2, '0')}:00Z`;
    const tap = (kind, step, minute = 0) => ({ kind, step, at: at(minute), device: 'one', by: 'Ilse', value: {} });
    it('is the first step that is open, and back takes the last before it', () => {
        let state = begun(plan);
        expect([due(state), before(state)]).toEqual(['mask', null]);
        state = tapped(tapped(state, tap('done', 'mask')), tap('skip', 'tidy'));
        expect([due(state), before(state)]).toEqual(['rinse', 'tidy']);
        state = tapped(state, tap('done', 'rinse'));
        expect([due(state), before(state)]).toEqual([null, 'rinse']);
    });
    it('waits for what is on, and rings anew for a second mask', () => {
        const once = tapped(begun(plan), tap('done', 'mask', 1));
        const [first] = timers(plan, once, Date.parse(at(5)));
        expect(first).toMatchObject({ leftSeconds: 360 });
        // Hands beside it take nothing off.
        expect(timers(plan, tapped(once, tap('done', 'tidy', 2)), Date.parse(at(5)))).toHaveLength(1);
        expect(timers(plan, tapped(once, tap('done', 'rinse', 12)), Date.parse(at(13)))).toEqual([]);
        const again = tapped(tapped(once, tap('repeat', 'mask', 12)), tap('done', 'mask', 13));
        const [second] = timers(plan, again, Date.parse(at(14)));
        expect(second.id).not.toBe(first.id);
        expect(second.leftSeconds).toBe(540);
    });
    it('leaves on what is worked under until that is done, however short its own time is', () => {
        const on = tapped(begun(plan), tap('done', 'mask', 1));
        expect(timers(plan, on, Date.parse(at(30)))[0]).toMatchObject({ leftSeconds: -19 * 60, isWorkedUnder: true });
        const done = tapped(on, tap('done', 'tidy', 30));
        expect(timers(plan, done, Date.parse(at(32)))[0]).toMatchObject({ leftSeconds: -120, isWorkedUnder: false });
        // What is left out keeps nothing on.
        const skipped = tapped(on, tap('skip', 'tidy', 30));
        expect(timers(plan, skipped, Date.parse(at(32)))[0]).toMatchObject({ leftSeconds: -21 * 60, isWorkedUnder: false });
    });
});
