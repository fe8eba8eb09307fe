// Where a wash day stands, from its taps alone. The salon does the same in App\Bridge\WashDays\WashSessionState; the cases in
// tests/fixtures/wash-machine.json hold both.

const openStep = () => ({ status: 'open', at: null, by: '', device: '', sections: [], repeats: 0, ml: null, bottle: null, notes: {} });

/** @param {{key: string}[]} plan its steps in order */
export const begun = (plan) => ({ steps: Object.fromEntries(plan.map(({ key }) => [key, openStep()])), order: plan.map(({ key }) => key) });

/**
 * Why a tap does not count: a step that is done or skipped stays so until somebody takes it back; the device that did it may do it once more.
 *
 * @returns {string|null} no-step, done or skipped; null where it counts
 */
export const refuses = ({ steps }, { kind, step, device }) => {
    const of = steps[step];
    if (of === undefined) {
        return 'no-step';
    }
    const isThere = of.status !== 'open' && ['done', 'skip', 'repeat'].includes(kind);
    return isThere && (kind !== 'repeat' || of.device !== device) ? of.status : null;
};

const ends = (status) => (of, { at, by = '', device = '' }) => ({ ...of, status, at, by, device });
const CHANGES = {
    done: ends('done'),
    skip: ends('skipped'),
    back: (of) => ({ ...of, status: 'open', at: null }),
    repeat: (of) => ({ ...of, status: 'open', at: null, sections: [], repeats: of.repeats + 1 }),
    section: (of, { value }) => ({ ...of, sections: [...new Set([...of.sections, value.section])] }),
    amount: (of, { value }) => ({ ...of, ml: value.ml }),
    // What was said of the first bottle's amount is not the other's.
    bottle: (of, { value }) => ({ ...of, bottle: value.product, ml: null }),
    note: (of, { value }) => ({ ...of, notes: { ...of.notes, [value.note]: (of.notes[value.note] ?? 0) + 1 } }),
};
/** The step trades places with the next one that is still open. */
const swapped = ({ steps, order }, key) => {
    const at = order.indexOf(key);
    const next = order.findIndex((other, i) => i > at && steps[other].status === 'open');
    return next < 0 ? order : order.with?.(at, order[next]).with(next, key) ?? order.map((other, i) => (i === at ? order[next] : i === next ? key : other));
};

/** @returns {object} the state after a tap; the same one where it does not count */
export const tapped = (state, act) => {
    if (refuses(state, act) !== null) {
        return state;
    }
    if (act.kind === 'swap') {
        return { ...state, order: swapped(state, act.step) };
    }
    const change = CHANGES[act.kind];
    return change === undefined ? state : { ...state, steps: { ...state.steps, [act.step]: change(state.steps[act.step], act) } };
};

/** @returns {string|null} the key of the step that is due; null when all are through */
export const due = ({ steps, order }) => order.find((key) => steps[key].status === 'open') ?? null;

/** @returns {string|null} the step that "back" takes back: the last one before the one that is due that is not open */
export const before = (state) => {
    const until = due(state);
    return state.order.slice(0, until === null ? state.order.length : state.order.indexOf(until)).reverse().find((key) => state.steps[key].status !== 'open') ?? null;
};

/**
 * What goes on by itself: from when it was put on until a step that had to wait for it is done.
 *
 * @param {object[]} plan
 * @param {number} nowMs the salon's time
 * @returns {{id: string, step: object, leftSeconds: number}[]} told apart by step and by when it was put on: put on again, it is another
 */
export const timers = (plan, { steps }, nowMs) => plan.flatMap((step, i) => {
    const of = steps[step.key];
    const taken = plan.slice(i + 1).find((later) => !later.beside && steps[later.key].status !== 'open');
    return !(step.waiting_minutes > 0) || of.status !== 'done' || taken
        ? []
        : [{ id: `${step.key} ${of.at}`, step, leftSeconds: step.waiting_minutes * 60 - (nowMs - Date.parse(of.at)) / 1000 }];
});
