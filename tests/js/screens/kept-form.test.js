import { beforeEach, describe, expect, it } from 'vitest';
import { fill, keepForm, valuesOf } from '../../../public/js/screens/parts/kept-form.js';

const page = () => {
    document.body.innerHTML = '<form><input type="hidden" name="_act" value="k1"><input type="hidden" name="heat" value="0">'
        + '<input type="checkbox" name="heat" value="1"><input type="range" name="sure[dry]" min="0" max="20" value="2">'
        + '<label><input type="radio" name="wash" value="1" checked></label><label><input type="radio" name="wash" value="0"></label>'
        + '<select name="cleanse"><option>gentle</option><option>shampoo</option></select><input name="mask_minutes" value=""></form>';

    return document.querySelector('form');
};

describe('a form that keeps what is set in it', () => {
    beforeEach(() => sessionStorage.clear());

    it('takes the last value of each field, and leaves out what is not kept', () => {
        expect(valuesOf([['heat', '0'], ['heat', '1'], ['_act', 'k']], (name) => name !== '_act')).toEqual({ heat: '1' });
    });

    it('is as it was left, with a key of its own', () => {
        const form = page();
        keepForm(form, 'practice 1 0', sessionStorage);
        form.elements['sure[dry]'].value = '15';
        form.querySelector('[type=checkbox]').checked = true;
        form.querySelector('[name=wash][value="0"]').checked = true;
        form.elements.cleanse.value = 'shampoo';
        form.elements.mask_minutes.value = '12,5';
        form.dispatchEvent(new Event('input', { bubbles: true }));
        const again = page();
        keepForm(again, 'practice 1 0', sessionStorage);

        expect(again.elements['sure[dry]'].value).toBe('15');
        expect(again.querySelector('[type=checkbox]').checked).toBe(true);
        expect(again.querySelector('[name=wash][value="0"]').checked).toBe(true);
        expect(again.elements.cleanse.value).toBe('shampoo');
        expect(again.elements.mask_minutes.value).toBe('12,5');
        expect(again.elements._act.value).toBe('k1');
        expect(again.querySelector('[type=hidden][name=heat]').value).toBe('0');
    });

    it('is plain for another visit, and where what was kept is nonsense', () => {
        const form = page();
        sessionStorage.setItem('practice 1 1', '{oh');
        keepForm(form, 'practice 1 1', sessionStorage);
        fill(form, { gone: 'x' });

        expect(form.elements['sure[dry]'].value).toBe('2');
        expect(form.elements.cleanse.value).toBe('gentle');
    });
});
