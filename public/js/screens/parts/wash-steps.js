// The steps of a wash day as they are done: planned or put in, and as somebody changed them. The salon does the same in
// App\Bridge\WashDays\WashStepChange; the cases in tests/fixtures/wash-machine.json hold both.

import { bottleOf } from './wash-bottle.js';

const BY_SECTION = ['style', 'part'];

/** Styling goes section by section; the rest is the same hair, and each section more costs its parting. */
const handsOf = (step, sections, partMinutes) => {
    const before = Math.max(1, step.sections);
    return BY_SECTION.includes(step.kind)
        ? step.hands_on_minutes * sections / before
        : Math.max(step.hands_on_minutes / 2, step.hands_on_minutes + (sections - before) * partMinutes);
};

/** @returns {object} the step with what was said of it */
export const changedBy = (step, set, partMinutes) => {
    const books = step.books ? { ...step.books } : null;
    const changed = { ...step, books };
    if (set.sections !== undefined && typeof step.sections === 'number') {
        changed.hands_on_minutes = handsOf(step, set.sections, partMinutes);
        changed.sections = set.sections;
    }
    if (set.hands !== undefined) {
        changed.hands_on_minutes = set.hands;
    }
    if (set.on !== undefined) {
        changed.waiting_minutes = set.on;
    }
    [['on', 'minutes'], ['tool', 'tool'], ['heat', 'heat'], ['mm', 'millimetres']].filter(([said]) => set[said] !== undefined).forEach(([said, name]) => {
        if (said !== 'on') {
            changed[name] = set[said];
        }
        if (books !== null) {
            books[name] = set[said];
        }
    });
    return changed;
};

/** @returns {object|null} the step under a key, as it is done; null for none */
export const stepOf = (plan, state, key) => {
    const of = state.steps[key];
    if (of === undefined) {
        return null;
    }
    const from = of.of === null || of.of === undefined ? plan.steps : plan.palette ?? [];
    const step = from.find((one) => one.key === (of.of ?? key));
    return step === undefined ? null : { ...changedBy(step, of.set ?? {}, plan.part_minutes ?? 0), key };
};

/** @returns {object[]} in the order they are done in, those skipped among them */
export const stepsOf = (plan, state) => state.order.map((key) => stepOf(plan, state, key)).filter((step) => step !== null);

/** What the order of the day hangs on, of the steps that are not skipped; none for a day kept before steps had kinds. */
export const orderedOf = (plan, state) => {
    const steps = stepsOf(plan, state).filter(({ key }) => state.steps[key].status !== 'skipped');
    return steps.some(({ kind }) => kind === undefined) ? [] : steps.map((step) => ({
        key: step.key,
        kind: step.kind,
        on: step.waiting_minutes,
        least: step.least_minutes,
        most: bottleOf(step, state.steps[step.key])?.label_minutes ?? step.most_minutes,
        strong: step.books?.kind === 'strong-protein',
        before: step.books?.evening_before === true,
    }));
};
