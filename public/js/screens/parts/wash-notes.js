// What can be said of a step beside that it is done: how much was used, and what came to light.

import { words } from '../../shared/words.js';
import { bottleOf, mlOf } from './wash-bottle.js';

const NOTES = { detangle: ['knot'], cleanse: ['no-foam'] };
/** Looked at with the hand in the hair: how the water and the product stand to one another, and what follows. */
const WATER = ['squelches', 'milky', 'on-top'];
const ASKED_OF = ['conditioner', 'mask', 'leave-in', 'style'];
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
    const kind = step?.kind ?? step?.key?.split('-')[0];
    const notes = NOTES[kind] ?? (ASKED_OF.includes(kind) ? WATER : []);
    const said = WATER.filter((note) => of?.notes[note] > 0).map((note) => words(`water-says.${note}`)).at(-1);
    place.hidden = notes.length === 0 && bottle === null;
    place.replaceChildren();
    if (bottle !== null) {
        const ml = mlOf(step, of);
        const size = bottle.ml < SMALL_ML ? 0.5 : 5;
        place.append(...[['−', -size], ['+', size]].map(([sign, by]) => button(`${sign} ${size} mL`, () => act('amount', { ml: Math.max(0, Math.round((ml + by) * 10) / 10) }))));
    }
    place.append(...notes.map((note) => button(of.notes[note] ? `${words(note)} (${of.notes[note]})` : words(note), () => act('note', { note }))));
    if (said !== undefined) {
        place.append(Object.assign(document.createElement('p'), { className: 'reason', role: 'status', textContent: said }));
    }
};
