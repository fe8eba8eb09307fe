import { beforeEach, describe, expect, it } from 'vitest';
import { composer } from '../../../public/js/screens/parts/wash-composer.js';
import { begun, tapped } from '../../../public/js/screens/parts/wash-machine.js';
import { stepsOf } from '../../../public/js/screens/parts/wash-steps.js';
import { whyBefore } from '../../../public/js/screens/parts/wash-why.js';

const step = (key, kind, more = {}) => ({
    key, kind, label: key, hands_on_minutes: 4, waiting_minutes: 0, sections: null, by_section: false, tool: null, heat: false, books: null, others: [], product: null,
    least_minutes: null, most_minutes: null, ...more,
});
const plan = {
    part_minutes: 1,
    steps: [
        step('wet-through', 'wet-through'), step('protein', 'protein', { waiting_minutes: 10, books: { kind: 'strong-protein', minutes: 10 } }), step('rinse-1', 'rinse'),
        step('mask', 'mask', { waiting_minutes: 20, most_minutes: 30, books: { kind: 'mask', minutes: 20 }, sections: 4, by_section: true }), step('rinse-2', 'rinse'),
        step('style', 'style', { sections: 4, by_section: true, hands_on_minutes: 12 }), step('tools', 'tools'),
    ],
    palette: [step('wrap', 'wrap'), step('mask', 'mask', { books: { kind: 'mask', minutes: 20 }, waiting_minutes: 20 }), step('strong-protein', 'protein', { books: { kind: 'strong-protein' } })],
};

let state;
let acts;
let place;
let list;
let dialog;
const act = (kind, key, value = {}) => {
    acts.push([kind, key, value]);
    state = tapped(state, { kind, step: key, value, at: '2027-01-09T10:00:00Z', device: 'one', by: 'Ilse' });
    list?.show();
};
const press = (text, within = place) => {
    const found = [...within.querySelectorAll('button')].find((button) => button.textContent === text);
    expect(found, text).toBeDefined();
    found.click();
};
const keys = () => stepsOf(plan, state).filter(({ key }) => state.steps[key].status !== 'skipped').map(({ key }) => key);

beforeEach(() => {
    state = begun(plan.steps, plan.palette.map(({ key }) => key));
    acts = [];
    document.body.replaceChildren();
    place = document.body.appendChild(document.createElement('ol'));
    dialog = document.body.appendChild(document.createElement('dialog'));
    dialog.showModal = () => { dialog.open = true; };
    dialog.close = () => { dialog.open = false; };
    list = composer(place, { plan, state: () => state, act: whyBefore(dialog, { plan, state: () => state, act }) });
    list.show();
});
const open = (key) => place.querySelector(`[data-step="${key}"]`).click();

describe('the list of a wash day', () => {
    it('puts a step in after another in two taps, and opens it', () => {
        open('rinse-2');
        press('compose.add');
        press('compose.palette.wrap');
        expect(keys()).toEqual(['wet-through', 'protein', 'rinse-1', 'mask', 'rinse-2', expect.stringMatching(/^wrap-/), 'style', 'tools']);
        expect(place.querySelector('[aria-expanded="true"]').dataset.step).toMatch(/^wrap-/);
    });
    it('moves a step earlier and later, but not beyond the ends', () => {
        open('tools');
        press('compose.earlier');
        expect(keys().slice(5)).toEqual(['tools', 'style']);
        press('compose.later');
        press('compose.later');
        expect(keys().slice(5)).toEqual(['style', 'tools']);
        // What has to be rinsed out would be under the styler: it is asked why.
        open('rinse-2');
        press('compose.later');
        expect([dialog.open, dialog.textContent]).toEqual([true, expect.stringContaining('rules.rinsed-out')]);
        press('why-not', dialog);
        expect(keys().slice(4)).toEqual(['rinse-2', 'style', 'tools']);
        open('wet-through');
        press('compose.earlier');
        expect(acts.filter(([kind, key]) => kind === 'move' && key === 'wet-through')).toEqual([]);
    });
    it('changes minutes, sections and does it once more', () => {
        open('style');
        press('+', place.querySelector('[aria-label="compose.set.sections"]') ?? place.querySelectorAll('.stepper')[1]);
        expect(stepsOf(plan, state).find(({ key }) => key === 'style')).toMatchObject({ sections: 5, hands_on_minutes: 15 });
        open('style');
        open('mask');
        press('compose.again');
        expect(keys().filter((key) => key.startsWith('mask'))).toHaveLength(2);
    });
    it('takes out and puts back', () => {
        open('style');
        press('compose.out');
        expect(keys()).not.toContain('style');
        press('compose.back');
        expect(keys()).toContain('style');
    });
    it('asks why before it breaks a rule, and does nothing where nobody says', () => {
        open('mask');
        press('compose.out');
        expect(dialog.open).toBe(true);
        expect(dialog.textContent).toContain('rules.mask-after-strong-protein');
        expect(document.activeElement.textContent).toBe('why-not');
        press('why-not', dialog);
        expect([dialog.open, keys().includes('mask')]).toEqual([false, true]);
        press('compose.out');
        press('because.client-wish', dialog);
        expect(acts.at(-1)).toEqual(['skip', 'mask', { because: 'client-wish' }]);
        expect(keys()).not.toContain('mask');
    });
    it('holds the minutes of the label', () => {
        open('mask');
        const plus = () => [...place.querySelectorAll('.stepper')][1].querySelectorAll('button')[1];
        for (let i = 0; i < 10; i++) {
            plus().click();
        }
        expect(stepsOf(plan, state).find(({ key }) => key === 'mask').waiting_minutes).toBe(30);
        plus().click();
        expect(dialog.textContent).toContain('rules.not-too-long');
    });
});
