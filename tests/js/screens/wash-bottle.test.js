import { beforeEach, describe, expect, it } from 'vitest';
import { bottleOf, leftAfter, mlOf, showOthers } from '../../../public/js/screens/parts/wash-bottle.js';
import { begun, tapped } from '../../../public/js/screens/parts/wash-machine.js';

const silk = { id: 'silk', name: 'Silk', ml: 20, left: 100, changes: 'protein 3.0 lower' };
const keratin = { id: 'keratin', name: 'Keratin', ml: 20, left: 30 };
const honey = { id: 'honey', name: 'Honey', ml: 40, left: null };
const plan = { steps: [
    { key: 'ready' }, { key: 'protein', product: keratin, others: [silk] }, { key: 'protein-2', product: keratin, others: [silk] },
    { key: 'mask', product: null, missing: 'none', others: [honey] },
] };
const step = (key) => plan.steps.find((one) => one.key === key);
const tap = (kind, key, value = {}) => ({ kind, step: key, value, at: '2027-01-09T10:00:00Z', device: 'one', by: 'Ilse' });
const after = (...acts) => acts.reduce(tapped, begun(plan.steps));

describe('the bottle of a step', () => {
    it('is the planned one until another is taken, with an amount of its own', () => {
        const first = after(tap('amount', 'protein', { ml: 25 }));
        expect([bottleOf(step('protein'), first.steps.protein).name, mlOf(step('protein'), first.steps.protein)]).toEqual(['Keratin', 25]);
        const then = tapped(first, tap('bottle', 'protein', { product: 'silk', why: 'ran-out' }));
        expect([bottleOf(step('protein'), then.steps.protein).name, mlOf(step('protein'), then.steps.protein)]).toEqual(['Silk', 20]);
        expect(bottleOf(step('ready'), then.steps.ready)).toBeNull();
        expect(bottleOf(step('mask'), then.steps.mask)).toBeNull();
        expect(bottleOf(null, undefined)).toBeNull();
    });
    it('counts down what is left, over all steps that take from it, never below zero', () => {
        const state = after();
        expect(leftAfter(plan, state, step('protein'))).toBe(10);
        const once = after(tap('done', 'protein'));
        expect(leftAfter(plan, once, step('protein-2'))).toBe(0);
        const other = after(tap('bottle', 'protein', { product: 'silk', why: 'disliked' }), tap('done', 'protein'));
        expect(leftAfter(plan, other, step('protein-2'))).toBe(10);
        expect(leftAfter(plan, other, step('ready'))).toBeNull();
        const honeyed = after(tap('bottle', 'mask', { product: 'honey', why: 'missing' }));
        expect(leftAfter(plan, honeyed, step('mask'))).toBeNull();
    });
});

describe('another bottle', () => {
    let place;
    const acts = [];
    const show = (state, key) => showOthers(place, key === null ? null : step(key), key === null ? null : state.steps[key], (kind, value) => acts.push([kind, value]));
    const buttons = () => [...place.querySelectorAll('button')];
    beforeEach(() => {
        place = document.createElement('div');
        acts.length = 0;
        show(after(), null);
    });
    it('says what is to be minded with it before it is chosen', () => {
        const wary = { ...step('protein'), others: [{ ...silk, care: 'Ask a clinician first.' }] };
        showOthers(place, wary, after().steps.protein, () => {});
        buttons()[1].click();
        expect([...buttons()[0].querySelectorAll('.reason')].map((one) => one.textContent)).toEqual(['protein 3.0 lower', 'Ask a clinician first.']);
    });
    it('takes two taps: why, and which', () => {
        show(after(), 'protein');
        expect(buttons().map((one) => one.textContent)).toEqual(['other.ran-out', 'other.smells-wrong', 'other.disliked']);
        buttons()[0].click();
        expect(buttons().map((one) => one.textContent)).toEqual(['Silkprotein 3.0 lower', 'keep']);
        buttons()[0].click();
        expect(acts).toEqual([['bottle', { product: 'silk', instead_of: 'keratin', why: 'ran-out' }]]);
        // Taken, the first is offered again.
        const taken = after(tap('bottle', 'protein', { product: 'silk', why: 'ran-out' }));
        show(taken, 'protein');
        buttons()[2].click();
        expect(buttons().map((one) => one.textContent)).toEqual(['Keratin', 'keep']);
    });
    it('asks anew where another tablet took another bottle meanwhile', () => {
        show(after(), 'protein');
        buttons()[0].click();
        show(after(tap('bottle', 'protein', { product: 'silk', why: 'disliked' })), 'protein');
        expect(buttons().map((one) => one.textContent)).toEqual(['other.ran-out', 'other.smells-wrong', 'other.disliked']);
        expect(acts).toEqual([]);
    });
    it('keeps the focus where it is drawn anew', () => {
        document.body.append(place);
        show(after(), 'protein');
        buttons()[0].click();
        expect(document.activeElement).toBe(buttons()[0]);
        buttons().at(-1).click();
        expect(document.activeElement.textContent).toBe('other.ran-out');
        place.remove();
    });
    it('keeps the first where nothing is chosen, and says where there is no other', () => {
        const alone = { ...step('protein'), key: 'alone', others: [] };
        showOthers(place, alone, { bottle: null }, () => acts.push('never'));
        buttons()[1].click();
        expect(place.querySelector('p').textContent).toBe('others-none');
        buttons()[0].click();
        expect(buttons()).toHaveLength(3);
        expect(acts).toEqual([]);
    });
    it('offers one all the same where none does it, and nothing where no bottle is taken', () => {
        show(after(), 'mask');
        buttons()[0].click();
        buttons()[0].click();
        expect(acts).toEqual([['bottle', { product: 'honey', instead_of: null, why: 'missing' }]]);
        show(after(), 'ready');
        expect(place.hidden).toBe(true);
        expect(buttons()).toEqual([]);
    });
});
