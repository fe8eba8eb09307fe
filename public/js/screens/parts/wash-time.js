// When a wash day is likely to be done: hands do one thing after another, what waits goes on beside them, and every step but those done
// beside waits for all of it. The core reckons the same in Nagomi\Core\WashDay\WashDayPlan; core/tests/fixtures/wash-time.json holds both.

const DRAWS = 400;
const SEED = 20;

/**
 * @param {object[]} steps still to do, in order
 * @param {number[]} waiting minutes that what is on already has left
 * @param {function(object): number[]} minutes hands and waiting of a step
 * @returns {number} minutes until all of it is done, drying too
 */
const finish = (steps, waiting, minutes) => {
    let hands = 0;
    let open = waiting;
    let latest = Math.max(0, ...waiting);
    steps.forEach((step) => {
        const [on, waits] = minutes(step);
        if (!step.beside) {
            hands = Math.max(hands, ...open);
            open = [];
        }
        hands += on;
        if (step.waiting_minutes > 0) {
            open = [...open, hands + waits];
        }
        latest = Math.max(latest, hands, ...open);
    });
    return latest;
};

const usual = (step) => [step.hands_on_minutes, step.waiting_minutes];

/** Mulberry32: the same draws for the same day, so that the same day says the same. */
const uniform = (seed) => {
    let at = seed;
    return () => {
        at = (at + 0x6D2B79F5) | 0;
        let mixed = Math.imul(at ^ (at >>> 15), 1 | at);
        mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
        return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
    };
};

/** @returns {{middle: number, late: number}} minutes until done: as likely more as less, and nine times of ten less */
export const doneIn = (steps, waiting = []) => {
    const inside = steps.filter((step) => !step.after_client);
    const draw = uniform(SEED);
    const normal = () => Math.sqrt(-2 * Math.log(1 - draw())) * Math.cos(2 * Math.PI * draw());
    const drawn = Array.from({ length: DRAWS }, () => finish(inside, waiting, (step) => [
        step.hands_on_minutes * Math.exp((step.spread ?? 0) * normal()),
        step.waiting_minutes * Math.exp((step.wait_spread ?? 0) * normal()),
    ])).sort((a, b) => a - b);
    return { middle: finish(inside, waiting, usual), late: drawn[Math.round(0.9 * (DRAWS - 1))] };
};

/** @returns {{care: number, hands: number, drying: number}} minutes to the end of styling, of hands in them, and to dry after them */
export const partsOf = (steps) => {
    const dries = steps.findIndex(({ kind }) => kind === 'dry');
    const care = (dries < 0 ? steps : steps.slice(0, dries)).filter((step) => !step.after_client);
    const minutes = finish(care, [], usual);
    return {
        care: minutes,
        hands: care.reduce((sum, step) => sum + step.hands_on_minutes, 0),
        drying: Math.max(0, finish(steps.filter((step) => !step.after_client), [], usual) - minutes),
    };
};
