// The bottle a step is done with: the planned one, or another that was taken because the first ran out, smells wrong or is not liked.

import { words } from '../../shared/words.js';

/** @returns {object|null} the bottle a step is done with; null where it takes none, or none does it */
export const bottleOf = (step, of) => step?.others?.find(({ id }) => id === of?.bottle) ?? step?.product ?? null;

/** @returns {number} mL of it that the step takes: as said, or as planned */
export const mlOf = (step, of) => of?.ml ?? bottleOf(step, of)?.ml ?? 0;

/**
 * What will be left of a step's bottle after it, with what other steps of this day took from the same one.
 *
 * @returns {number|null} mL, 0 or more; null where it was never counted
 */
export const leftAfter = (plan, state, step) => {
    const bottle = bottleOf(step, state.steps[step.key]);
    if (bottle === null || typeof bottle.left !== 'number') {
        return null;
    }
    const taken = plan.steps
        .filter((one) => one.key === step.key || state.steps[one.key].status === 'done')
        .filter((one) => bottleOf(one, state.steps[one.key])?.id === bottle.id)
        .reduce((sum, one) => sum + mlOf(one, state.steps[one.key]), 0);
    return Math.max(0, Math.round(bottle.left - taken));
};

const button = (text, does, className = 'button is-small') => Object.assign(document.createElement('button'), { type: 'button', className, textContent: text, onclick: does });
const paragraph = (text) => Object.assign(document.createElement('p'), { className: 'reason', textContent: text });

/** Why another bottle is wanted, while one is being chosen: of which step, instead of which bottle, and why. */
let asking = null;
let drawn = null;

/**
 * Two taps: why, and which.
 *
 * @param {HTMLElement} place
 * @param {object|null} step of the plan
 * @param {object|null} of where the step stands
 * @param {function(string, object): void} act
 */
export const showOthers = (place, step, of, act) => {
    const first = bottleOf(step, of);
    const others = (step?.others ?? []).filter(({ id }) => id !== first?.id)
        .concat(first !== null && step.product && step.product.id !== first.id ? [{ ...step.product, changes: '' }] : []);
    // Where another tablet changed the bottle meanwhile, what was said of the first is not said of the one there now.
    if (asking !== null && (asking.key !== step?.key || asking.id !== first?.id)) {
        asking = null;
    }
    const why = asking?.why ?? null;
    const wanted = `${step?.key} ${first?.id} ${why}`;
    if (wanted === drawn) {
        return;
    }
    drawn = wanted;
    const again = (key, reason) => {
        asking = key === null ? null : { key, id: first?.id, why: reason };
        showOthers(place, step, of, act);
        // What was focused was drawn anew.
        place.querySelector('button').focus();
    };
    place.hidden = first === null && others.length === 0;
    if (place.hidden || why === null) {
        const whys = first === null ? ['missing'] : ['ran-out', 'smells-wrong', 'disliked'];
        const label = Object.assign(document.createElement('span'), { textContent: words('another') });
        const buttons = whys.map((reason) => button(words(`other.${reason}`), () => again(step.key, reason)));
        place.replaceChildren(...(place.hidden ? [] : [label, ...buttons]));
        return;
    }
    place.replaceChildren(
        paragraph(others.length === 0 ? words('others-none') : words('others', { product: first?.name ?? step.label })),
        ...others.map((other) => {
            const choose = button(other.name, () => {
                asking = null;
                act('bottle', { product: other.id, instead_of: first?.id ?? null, why });
            }, 'button');
            [other.changes, other.care].filter(Boolean).forEach((says) => {
                choose.append(Object.assign(document.createElement('span'), { className: 'reason', textContent: says }));
            });
            return choose;
        }),
        button(words('keep'), () => again(null)),
    );
};
