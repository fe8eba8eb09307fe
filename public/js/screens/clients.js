// Details of a client, and a new one by questions: one a card, answered by taps where they can be.

import { questionCards } from './parts/question-cards.js';
import { curlGauge } from './parts/curl-gauge.js';

const lengths = () => document.querySelectorAll('select[name^="zones"][name$="[length]"]');
for (const bar of document.querySelectorAll('[data-set-all]')) {
    // What was typed before and came back with the page is what is pressed.
    const values = new Set([...lengths()].map((select) => select.value));
    bar.querySelectorAll('[aria-pressed]').forEach((button) => button.setAttribute('aria-pressed', String(values.size === 1 && values.has(button.dataset.porosity))));
    bar.hidden = false;
    bar.addEventListener('click', (event) => {
        const value = event.target.dataset.porosity;
        if (value) {
            lengths().forEach((select) => { select.value = value; });
            bar.querySelectorAll('[aria-pressed]').forEach((button) => button.setAttribute('aria-pressed', String(button === event.target)));
        }
    });
}

const days = document.querySelector('[data-days]');
if (days) {
    const field = document.querySelector('[name="wash_every_days"]');
    const show = () => days.querySelectorAll('button').forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.daysOf === field.value)));
    days.hidden = false;
    days.addEventListener('click', (event) => {
        if (event.target.dataset.daysOf) {
            field.value = event.target.dataset.daysOf;
            show();
        }
    });
    field.addEventListener('input', show);
    show();
}

const form = document.querySelector('form[data-cards]');
if (form) {
    curlGauge(form.querySelector('[data-gauge]'), form.querySelector('[name="ring_mm"]'));
    questionCards(form);
}
