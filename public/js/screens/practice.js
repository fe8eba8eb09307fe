// The practice chair: sliders say their percent, today's wash says what it takes, and a case that is over is compared part by part.

import { handle, OUTCOMES, transmit } from '../shared/transport.js';
import { balancePicture } from './parts/balance-picture.js';
import { keepForm } from './parts/kept-form.js';
import { percents, washCost } from './parts/practice-sums.js';

const form = document.querySelector('[data-practice]');
if (form) {
    const words = JSON.parse(form.dataset.words);
    const sliders = [...form.querySelectorAll('.belief-map input')];
    const sayPercents = () => {
        const shares = percents(sliders.map((slider) => Number(slider.value)));
        for (const [i, slider] of sliders.entries()) {
            slider.closest('label').querySelector('output').textContent = words.percent.replace(':percent', shares[i]);
        }
    };
    const takes = form.querySelector('[data-takes]');
    const sum = { adds: JSON.parse(form.dataset.adds), prices: JSON.parse(form.dataset.prices) };
    const limits = JSON.parse(form.dataset.limits);
    const money = new Intl.NumberFormat(document.documentElement.lang, { style: 'currency', currency: form.dataset.currency });
    const sayWash = () => {
        const typed = new FormData(form);
        if (typed.get('wash') === '0') {
            takes.textContent = '';

            return;
        }
        const { minutes, price } = washCost(sum, Object.fromEntries(typed));
        const says = minutes > limits.visit ? words.long : words.takes;
        takes.textContent = Object.entries({ minutes: Math.ceil(minutes), there: limits.visit, price: money.format(price), left: money.format(limits.money) })
            .reduce((text, [place, value]) => text.replace(`:${place}`, value), says);
        takes.classList.toggle('is-broken', minutes > limits.visit);
    };
    keepForm(form, `${location.pathname} ${form.elements.turn.value}`, sessionStorage);
    form.addEventListener('input', () => {
        sayPercents();
        sayWash();
    });
    sayPercents();
    sayWash();
}

for (const figure of document.querySelectorAll('[data-balance]')) {
    balancePicture(figure);
}

const beside = document.querySelector('[data-beside]:not(svg)');
if (beside) {
    const bar = beside.querySelector('progress');
    const says = beside.querySelector('[role="status"]');
    const goOn = async () => {
        handle(await transmit(beside.dataset.beside, {}), {
            // Without an answer what is shown stands, and the button asks again.
            ...Object.fromEntries(OUTCOMES.map((outcome) => [outcome, () => null])),
            taken: ({ told }) => {
                bar.value = told.percent;
                says.textContent = beside.dataset.says.replace(':percent', told.percent);

                return told.percent < 100 ? goOn() : location.reload();
            },
        });
    };
    goOn();
}
