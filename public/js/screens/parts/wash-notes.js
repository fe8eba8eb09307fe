// What can be said of a step beside that it is done: how much was used, and what came to light.

import { words } from '../../shared/words.js';
import { bottleOf, mlOf } from './wash-bottle.js';

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
    const bottle = step === null ? null : bottleOf(step, of);
    const wanted = `${step?.key} ${bottle?.id} ${of?.ml} ${JSON.stringify(of?.notes)}`;
    if (wanted === drawn) {
        return;
    }
    drawn = wanted;
    const notes = NOTES[step?.key] ?? [];
    place.hidden = notes.length === 0 && bottle === null;
    place.replaceChildren();
    if (bottle !== null) {
        const ml = mlOf(step, of);
        const size = bottle.ml < SMALL_ML ? 0.5 : 5;
        place.append(...[['−', -size], ['+', size]].map(([sign, by]) => button(`${sign} ${size} mL`, () => act('amount', { ml: Math.max(0, Math.round((ml + by) * 10) / 10) }))));
    }
    place.append(...notes.map((note) => button(of.notes[note] ? `${words(note)} (${of.notes[note]})` : words(note), () => act('note', { note }))));
};
