// What can be said of a step beside that it is done: how much was used, and what came to light.

import { words } from '../../shared/words.js';

const NOTES = { detangle: ['knot'], cleanse: ['no-foam'], 'cleanse-1': ['no-foam'], style: ['squelches'] };
const SMALL_ML = 10;

const button = (text, does) => Object.assign(document.createElement('button'), { type: 'button', className: 'button', textContent: text, onclick: does });

let drawn = null;

/**
 * @param {HTMLElement} place
 * @param {object|null} step of the plan
 * @param {object|null} of where the step stands
 * @param {function(string, object): void} act
 */
export const showNotes = (place, step, of, act) => {
    const wanted = `${step?.key} ${of?.ml} ${JSON.stringify(of?.notes)}`;
    if (wanted === drawn) {
        return;
    }
    drawn = wanted;
    const notes = NOTES[step?.key] ?? [];
    place.hidden = notes.length === 0 && !step?.product;
    place.replaceChildren();
    if (step?.product) {
        const ml = of.ml ?? step.product.ml;
        const size = step.product.ml < SMALL_ML ? 0.5 : 5;
        place.append(...[['−', -size], ['+', size]].map(([sign, by]) => button(`${sign} ${size} mL`, () => act('amount', { ml: Math.max(0, Math.round((ml + by) * 10) / 10) }))));
    }
    place.append(...notes.map((note) => button(of.notes[note] ? `${words(note)} (${of.notes[note]})` : words(note), () => act('note', { note }))));
};
