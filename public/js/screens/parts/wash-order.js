// Which rules the order of a wash day breaks, without a network. The core asks the same in Nagomi\Core\WashDay\WashOrder; the cases in
// core/tests/fixtures/wash-order.json hold both.

const RINSED_OUT = ['cleanse', 'protein', 'conditioner', 'mask'];
const STAYS_IN = ['leave-in', 'seal', 'scalp-oil', 'style'];
const PASSES_UNCHECKED = 2;

const has = (steps, ...kinds) => steps.some(({ kind }) => kinds.includes(kind));
/** The last that put something on, or took it off. */
const last = (before) => before.filter(({ kind }) => kind === 'rinse' || RINSED_OUT.includes(kind) || STAYS_IN.includes(kind)).at(-1)?.kind;
const isUnchecked = (before) => {
    const passes = before.filter(({ kind }) => kind === 'cleanse').length;
    const sinceLast = before.slice(before.map(({ kind }) => kind).lastIndexOf('cleanse') + 1);
    return passes >= PASSES_UNCHECKED && !has(sinceLast, 'check-stripping');
};

/** Each rule, in the order in which they are told. */
const RULES = {
    'mask-after-strong-protein': (step, before, after) => step.strong && !has(after, 'mask', 'conditioner'),
    'protein-once': (step, before) => step.kind === 'protein' && has(before, 'protein'),
    'pre-wash-before-water': (step, before) => step.kind === 'pre-wash' && has(before, 'wet-through', 'cleanse'),
    'long-enough': (step) => !step.before && step.on < (step.least ?? 0),
    'not-too-long': (step) => !step.before && step.on > (step.most ?? Infinity),
    'wet-first': (step, before) => RINSED_OUT.includes(step.kind) && !has(before, 'wet-through'),
    'rinsed-out': (step, before) => (STAYS_IN.includes(step.kind) || step.kind === 'dry') && RINSED_OUT.includes(last(before)),
    'check-before-third-pass': (step, before) => step.kind === 'cleanse' && isUnchecked(before),
    'water-before-style': (step, before) => ['wet-through', 'cleanse'].includes(step.kind) && has(before, 'style'),
    'cast-when-dry': (step, before, after) => step.kind === 'break-cast' && has(after, 'dry'),
};

/**
 * @param {{key: string, kind: string, on: number, least: number|null, most: number|null, strong: boolean, before: boolean}[]} steps in the
 *     order they are done in, without what is skipped; minutes
 * @returns {{rule: string, key: string}[]}
 */
export const broken = (steps) => steps.flatMap((step, i) => Object.entries(RULES)
    .filter(([, breaks]) => breaks(step, steps.slice(0, i), steps.slice(i + 1)))
    .map(([rule]) => ({ rule, key: step.key })))
    .concat(has(steps, 'tools') ? [] : [{ rule: 'tools-cleaned', key: 'tools' }]);

const name = ({ rule, key }) => `${rule} ${key}`;

/** What a change breaks that was whole before. */
export const newlyBroken = (before, after) => {
    const known = new Set(broken(before).map(name));
    return broken(after).filter((one) => !known.has(name(one)));
};
