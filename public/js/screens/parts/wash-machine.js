// Where a wash day stands, from its taps alone. The salon does the same in App\Bridge\WashDays\WashSessionState; the cases in
// tests/fixtures/wash-machine.json hold both.

const openStep = (of = null) => ({ status: 'open', at: null, by: '', device: '', sections: [], repeats: 0, ml: null, bottle: null, notes: {}, of, set: {} });

/** Steps of a day, beyond which somebody is playing. */
const MOST_STEPS = 60;

/**
 * @param {{key: string}[]} plan its steps in order
 * @param {string[]} palette keys of what can be put in
 */
export const begun = (plan, palette = []) => ({ steps: Object.fromEntries(plan.map(({ key }) => [key, openStep()])), order: plan.map(({ key }) => key), palette, pauses: [] });

/**
 * Why a tap does not count: a step that is done or skipped stays so until somebody takes it back; the device that did it may do it once more.
 *
 * @returns {string|null} no-step, done or skipped, or why it cannot be put in; null where it counts
 */
export const refuses = ({ steps, palette = [] }, { kind, step, device, value }) => {
    const after = value?.after ?? null;
    const hasPlace = after === null || (steps[after] !== undefined && after !== step);
    if (kind === 'add') {
        return refusesToAdd(steps, palette, step, value, hasPlace);
    }
    if (kind === 'pause' || kind === 'resume') {
        // Whoever pauses a day that rests, or goes on with one that goes on, says nothing new.
        return null;
    }
    const of = steps[step];
    if (of === undefined || (kind === 'move' && !hasPlace)) {
        return 'no-step';
    }
    const isThere = of.status !== 'open' && ['done', 'skip', 'repeat', 'move', 'set'].includes(kind);
    return isThere && (kind !== 'repeat' || of.device !== device) ? of.status : null;
};

const refusesToAdd = (steps, palette, step, value, hasPlace) => {
    if (steps[step] !== undefined) {
        return 'there';
    }
    if (!palette.includes(value?.of)) {
        return 'no-template';
    }
    if (Object.keys(steps).length >= MOST_STEPS) {
        return 'too-many';
    }
    return hasPlace ? null : 'no-step';
};

/** What was said of the step, without why. */
const changed = (value) => Object.fromEntries(Object.entries(value).filter(([name]) => name !== 'because' && name !== 'rule'));
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
    set: (of, { value }) => ({ ...of, set: { ...of.set, ...changed(value) } }),
    note: (of, { value }) => ({ ...of, notes: { ...of.notes, [value.note]: (of.notes[value.note] ?? 0) + 1 } }),
};
/** Times at which hands rested, from and until; null: still. */
const paused = (pauses, { kind, at }) => {
    const rests = pauses.length > 0 && pauses.at(-1)[1] === null;
    if (kind === 'pause') {
        return rests ? pauses : [...pauses, [at, null]];
    }
    return rests ? [...pauses.slice(0, -1), [pauses.at(-1)[0], at]] : pauses;
};
export const isPaused = ({ pauses = [] }) => pauses.length > 0 && pauses.at(-1)[1] === null;
/** Milliseconds between two times in which hands rested. */
export const restedMs = ({ pauses = [] }, fromMs, untilMs) => pauses.reduce((sum, [from, until]) => sum
    + Math.max(0, Math.min(untilMs, until === null ? untilMs : Date.parse(until)) - Math.max(fromMs, Date.parse(from))), 0);
/** @param {string|null} after the step it comes after; null: before all others */
const placed = (order, key, after) => {
    const others = order.filter((other) => other !== key);
    const at = after === null ? 0 : others.indexOf(after) + 1;
    return [...others.slice(0, at), key, ...others.slice(at)];
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
    if (act.kind === 'add') {
        const steps = { ...state.steps, [act.step]: openStep(act.value.of) };
        return { ...state, steps, order: placed(state.order, act.step, act.value.after ?? null) };
    }
    if (act.kind === 'pause' || act.kind === 'resume') {
        return { ...state, pauses: paused(state.pauses ?? [], act) };
    }
    if (act.kind === 'move') {
        return { ...state, order: placed(state.order, act.step, act.value.after ?? null) };
    }
    if (act.kind === 'swap') {
        return { ...state, order: swapped(state, act.step) };
    }
    const change = CHANGES[act.kind];
    // Whoever ends a step goes on.
    const pauses = act.kind === 'done' || act.kind === 'skip' ? paused(state.pauses ?? [], { kind: 'resume', at: act.at }) : state.pauses ?? [];
    return change === undefined ? state : { ...state, pauses, steps: { ...state.steps, [act.step]: change(state.steps[act.step], act) } };
};

/** @returns {string|null} the key of the step that is due; null when all are through */
export const due = ({ steps, order }) => order.find((key) => steps[key].status === 'open') ?? null;

/** @returns {string|null} the step that "back" takes back: the last one before the one that is due that is not open */
export const before = (state) => {
    const until = due(state);
    return state.order.slice(0, until === null ? state.order.length : state.order.indexOf(until)).reverse().find((key) => state.steps[key].status !== 'open') ?? null;
};

/** What is done while a step is on, right after it: hair is detangled under its conditioner. */
const underIt = (day, i) => {
    const later = day.slice(i + 1);
    const end = later.findIndex(({ beside }) => !beside);
    return end < 0 ? later : later.slice(0, end);
};

/**
 * What goes on by itself: from when it was put on until a step that had to wait for it is done. Its time is up no sooner than what is done
 * under it.
 *
 * @param {object[]} day its steps in the order they are done in
 * @param {number} nowMs the salon's time
 * @returns {{id: string, step: object, leftSeconds: number, isWorkedUnder: boolean}[]} told apart by step and by when it was put on: put on
 *     again, it is another; isWorkedUnder: what is done under it is not done yet, so it stays on
 */
export const timers = (day, { steps }, nowMs) => day.flatMap((step, i) => {
    const of = steps[step.key];
    const taken = day.slice(i + 1).find((later) => !later.beside && steps[later.key].status !== 'open');
    if (!(step.waiting_minutes > 0) || of.status !== 'done' || taken) {
        return [];
    }
    const under = underIt(day, i).map(({ key }) => steps[key]);
    const upMs = Math.max(Date.parse(of.at) + step.waiting_minutes * 60_000, ...under.filter(({ status }) => status === 'done').map(({ at }) => Date.parse(at)));
    return [{ id: `${step.key} ${of.at}`, step, leftSeconds: (upMs - nowMs) / 1000, isWorkedUnder: under.some(({ status }) => status === 'open') }];
});
