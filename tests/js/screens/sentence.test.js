// What goes on after the first menu of the sentence; what does not belong to the question is not asked.

import { beforeEach, expect, test } from 'vitest';
import { sentence } from '../../../public/js/screens/parts/sentence.js';

let form;
const acts = {
    'leave-out': { parts: ['treatment', 'dates'], before: '', of: '' },
    later: { parts: ['treatment', 'number'], before: 'by', of: 'days' },
    seal: { parts: [], before: '', of: '' },
};
const choose = (act) => {
    form.elements.asked.value = act;
    form.elements.asked.dispatchEvent(new Event('change'));
};
const asked = () => [...new FormData(form)].map(([name, value]) => `${name}=${value}`).join(' ');

beforeEach(() => {
    document.body.innerHTML = `<form><select name="asked"><option>leave-out</option><option>later</option><option>seal</option></select>
        <select name="what" data-part="treatment"><option>mask</option></select>
        <span data-part="number"><span data-before></span><input name="number" value="7"><span data-of></span></span>
        <span data-part="dates"><input name="from" value="2027-01-09"></span></form>`;
    form = document.querySelector('form');
    form.dataset.sentence = JSON.stringify(acts);
    sentence(form);
});

test('a question has its own menus and no others', () => {
    expect(asked()).toBe('asked=leave-out what=mask from=2027-01-09');
    choose('later');
    expect(asked()).toBe('asked=later what=mask number=');
    expect(form.querySelector('[data-part="number"]').textContent.trim()).toBe('by  days');
    choose('seal');
    expect(asked()).toBe('asked=seal');
});

test('what was asked stays as it stood until another question is chosen', () => {
    form.elements.asked.value = 'later';
    sentence(form);
    expect(asked()).toBe('asked=later what=mask number=7');
});

test('the next menu can be filled in at once', () => {
    choose('later');
    expect(document.activeElement).toBe(form.elements.what);
});
